package zephyrdune.render.metering;

import java.util.Optional;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Exposure;
import zephyrdune.units.exposure.MarkedScale;
import zephyrdune.units.measure.Rounding;
import zephyrdune.units.measure.Stops;

/**
 * Which settings make the room count as gone.
 *
 * <p>Under a flash, first the shutter is closed as far as its sync limit lets it, which costs nothing; what is left is
 * taken by speed, then by aperture, and the flash has to make up for both. Under an LED no setting helps: key and room
 * keep their ratio.
 *
 * @param missing stops that the room is still too bright by; zero or less when it is buried
 * @param settings that bury it; absent when none do, or it is buried already
 * @param more power that the settings ask of the flash, stops
 * @param shortBy stops by which full power is too little under the settings; zero or less where it is enough
 */
public record Burying(double missing, Optional<Exposure> settings, double more, double shortBy) {

    public static Burying of(TableSet set, MeteredExposure hero) {
        double missing = set.ambient().buriedAt() - hero.ambientUnderCorrect();
        if (missing <= 0 || !set.light().source().flash()) {
            return new Burying(missing, Optional.empty(), 0, 0);
        }
        Exposure now = set.exposure();
        double sync = MarkedScale.SHUTTER.exact(now.syncLimit());
        double byShutter = Math.max(0, Math.min(missing, Stops.between(now.exactShutter(), sync)));
        double shutter = closest(MarkedScale.SHUTTER, now.exactShutter() * Stops.ratio(-byShutter), sync);
        double left = missing - Stops.between(now.exactShutter(), MarkedScale.SHUTTER.exact(shutter));
        double aperture = now.aperture();
        double speed = now.speed();
        if (Rounding.more(left, 0)) {
            // speed first: it costs no depth; then aperture
            speed = MarkedScale.SPEED.changed(now.speed(), Stops.ratio(-left));
            left -= Stops.between(now.exactSpeed(), MarkedScale.SPEED.exact(speed));
        }
        if (Rounding.more(left, 0)) {
            aperture = MarkedScale.APERTURE.changed(now.aperture(), Stops.ratio(left / 2));
            left -= 2 * Stops.between(MarkedScale.APERTURE.exact(aperture), now.exactAperture());
        }
        if (Rounding.more(left, 0)) {
            return new Burying(missing, Optional.empty(), 0, 0);
        }
        Exposure dark =
                new Exposure(aperture, shutter, speed, now.syncLimit(), now.bias(), now.whiteBalance(), now.metering());
        return new Burying(
                missing,
                Optional.of(dark),
                Stops.between(dark.correct(), now.correct()),
                shortBy(hero.light(), now, dark));
    }

    /** What the room still gives under the dark settings is the flash's no longer to give. */
    private static double shortBy(MeteredLight light, Exposure now, Exposure dark) {
        double room = light.ambient() * dark.exactShutter() / now.exactShutter();
        return Stops.between(Math.max(0, dark.wanted() - room), light.dimmed());
    }

    /** The longest mark that is no longer than wanted and no shorter than the sync limit. */
    private static double closest(MarkedScale scale, double wanted, double sync) {
        double best = scale.nearest(sync);
        for (double mark : scale.marks()) {
            double exact = scale.exact(mark);
            if (!Rounding.more(exact / wanted, 1) && !Rounding.less(exact / sync, 1)) {
                return mark;
            }
        }
        return best;
    }
}
