package zephyrdune.answers.readings;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.set.TableSet;
import zephyrdune.set.light.Diffuse;
import zephyrdune.set.light.FromBehind;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.PowerChoice;
import zephyrdune.set.source.BatteryFlash;
import zephyrdune.set.source.GuideNumber;
import zephyrdune.set.source.Source;
import zephyrdune.units.geometry.Bisection;
import zephyrdune.units.measure.Lengths;
import zephyrdune.units.measure.Rounding;
import zephyrdune.units.measure.Stops;

/**
 * Something that can be, but is hardly meant: a unit mixed up, a room brighter than the key. The bounds are common practice for a table, no
 * published source.
 *
 * @param field path of the component to look at
 * @param words what is odd about it, and what was perhaps meant, as a sentence
 */
public record Plausibility(String field, String words) {

    private static final double FOOT = 0.3048;

    /** Farther than this, metres, and bigger than that, a light was perhaps meant in feet. */
    private static final double FAR = 2.4;

    private static final double BIG = 1.9;

    private static final double WIDE_FRAME = 1.5;

    /** Guide numbers in metres above this are those of no battery flash; in feet they are. */
    private static final double STRONG = 85;

    /** A panel of which less than this share acts was perhaps meant to be lit all over. */
    private static final double PATCH = 0.35;

    private static final double MOSTLY = 0.8;
    private static final double FARTHEST_GAP = 5;
    private static final double GAP_STEP = 0.005;

    /** Light past the edge from here up is worth a word, stops. */
    private static final double SPILT = 1;

    /** From here up it is the sun. */
    private static final double SUNLIT = 20_000;

    public static List<Plausibility> about(TableSet set) {
        List<Plausibility> doubts = new ArrayList<>();
        Light light = set.light();
        double size = Math.max(light.face().across(), light.face().along());
        if (size > BIG && light.distance() > FAR) {
            doubts.add(new Plausibility(
                    "light.distance",
                    "A light of %.1f m at %.1f m is rare over a table; were feet meant? %.1f ft are %.2f m and %.1f ft are %.2f m"
                            .formatted(
                                    size,
                                    light.distance(),
                                    size,
                                    size * FOOT,
                                    light.distance(),
                                    light.distance() * FOOT)));
        }
        if (set.camera().framedWidth() > WIDE_FRAME) {
            doubts.add(new Plausibility(
                    "camera.framedWidth",
                    "A frame of %.1f m is wide for a table; were feet meant? %.1f ft are %.2f m"
                            .formatted(
                                    set.camera().framedWidth(),
                                    set.camera().framedWidth(),
                                    set.camera().framedWidth() * FOOT)));
        }
        aboutGuideNumber(doubts, light.source());
        if (set.ambient().illuminance() > SUNLIT) {
            doubts.add(new Plausibility(
                    "ambient.illuminance",
                    "%.0f lux is direct sun; a bright room has a few hundred"
                            .formatted(set.ambient().illuminance())));
        }
        aboutPower(doubts, set);
        if (light.filling() instanceof FromBehind) {
            aboutPanel(doubts, set);
        }
        aboutFrame(doubts, set);
        return doubts;
    }

    private static void aboutPower(List<Plausibility> doubts, TableSet set) {
        Light light = set.light();
        double range = light.source().dial().range();
        if (light.powerChoice() == PowerChoice.FIXED && Rounding.more(light.power(), range)) {
            doubts.add(new Plausibility(
                    "light.power",
                    "The control ends %.1f stops below full, at %s; it cannot be turned %.1f below"
                            .formatted(
                                    range, light.source().dial().nearest(range).text(), light.power())));
        }
        MeteredExposure hero = MeteredExposure.of(set, KeyLight.of(set));
        if (!hero.dark() && hero.ambientUnderKey() < 0 && set.ambient().illuminance() <= SUNLIT) {
            doubts.add(new Plausibility(
                    "ambient.illuminance",
                    "The room is %.1f stops brighter than the key: it is the key now, and the light only fills; bury it, or turn the light up"
                            .formatted(-hero.ambientUnderKey())));
        }
    }

    private static void aboutPanel(List<Plausibility> doubts, TableSet set) {
        Light light = set.light();
        EmittingFace face = EmittingFace.of(light);
        double used = face.usedShare();
        double spilt = Stops.between(light.source().flux(), face.flux()) - light.loss();
        if (used < PATCH) {
            doubts.add(new Plausibility(
                    "light.filling.gap",
                    "The source lights a patch that acts like %.0f %% of the panel: the light is that much harder; zoom out, or move it back to %s"
                            .formatted(100 * used, Lengths.least(evenGap(light)))));
        } else if (light.spread() instanceof Diffuse && spilt > SPILT) {
            doubts.add(new Plausibility(
                    "light.filling.gap",
                    "%.1f stops of the light go past the panel's edge; zoom in, or move the source nearer to it"
                            .formatted(spilt)));
        }
    }

    /** The gap from which most of the panel acts. */
    private static double evenGap(Light light) {
        FromBehind behind = (FromBehind) light.filling();
        return Bisection.of(
                        behind.gap(),
                        FARTHEST_GAP,
                        GAP_STEP,
                        gap -> EmittingFace.of(light.withFilling(behind.withGap(gap)))
                                        .usedShare()
                                < MOSTLY)
                .fails();
    }

    private static void aboutFrame(List<Plausibility> doubts, TableSet set) {
        Vector3D seen = Perspective.of(set)
                .project(Vector3D.of(0, 0, set.dish().height() / 2))
                .subtract(Vector3D.of(0.5, 0.5, 0));
        if (Math.max(Math.abs(seen.getX()), Math.abs(seen.getY())) > 0.5) {
            boolean sideways = Math.abs(seen.getX()) > Math.abs(seen.getY());
            doubts.add(new Plausibility(
                    sideways ? "camera.shiftRight" : "camera.shiftUp",
                    "The hero is outside the frame; move the frame back to it, or frame wider"));
        }
    }

    private static void aboutGuideNumber(List<Plausibility> doubts, Source source) {
        if (source instanceof BatteryFlash flash
                && flash.output() instanceof GuideNumber stated
                && stated.guideNumber() > STRONG) {
            doubts.add(new Plausibility(
                    "light.source.output.guideNumber",
                    "A guide number of %.0f m is more than battery flashes have; was it stated in feet? Then it is %.0f m"
                            .formatted(stated.guideNumber(), stated.guideNumber() * FOOT)));
        }
    }
}
