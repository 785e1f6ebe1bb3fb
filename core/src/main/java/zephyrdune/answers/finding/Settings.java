package zephyrdune.answers.finding;

import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.metering.Burying;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.render.metering.MeteredLight;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Exposure;
import zephyrdune.set.light.PowerChoice;
import zephyrdune.set.room.Ambient;
import zephyrdune.units.exposure.MarkedScale;
import zephyrdune.units.exposure.SettingWords;
import zephyrdune.units.measure.Stops;

/** What camera and power settings do to the picture that one would not want. */
final class Settings {

    /** Stops that nobody sees. */
    private static final double UNSEEN = 0.05;

    private Settings() {}

    /** A shutter that is shorter than the flash can be kept up with. */
    static Optional<Spoiled> shutter(Inspection scene) {
        TableSet set = scene.set;
        Exposure exposure = set.exposure();
        return set.light().source().flash() && exposure.beyondSync()
                ? Optional.of(new Spoiled(
                        Finding.Kind.SHUTTER_BEYOND_SYNC,
                        "exposure.shutter",
                        "The shutter is faster than its sync limit: the flash lights only part of the frame",
                        () -> Optional.of(new Mend(
                                "Set " + SettingWords.shutter(exposure.syncLimit()),
                                set.withExposure(exposure.withShutter(exposure.syncLimit()))))))
                : Optional.empty();
    }

    /** Full power that is too little, or the lowest that is too much. */
    static Optional<Spoiled> power(Inspection scene) {
        TableSet set = scene.set;
        MeteredExposure hero = scene.hero();
        if (set.light().powerChoice() == PowerChoice.FIXED || hero.dark() || roomsExcess(hero) >= 0) {
            return Optional.empty();
        }
        double missing = -hero.wantedBelow();
        double over = hero.wantedBelow() - set.light().source().dial().range();
        if (missing <= UNSEEN && over <= UNSEEN) {
            return Optional.empty();
        }
        return Optional.of(new Spoiled(
                Finding.Kind.POWER_AT_ITS_END,
                "light.power",
                missing > UNSEEN
                        ? "Full power is %.1f stops too little for these settings".formatted(missing)
                        : "The lowest power is %.1f stops too much for these settings".formatted(over),
                () -> otherSettings(set, hero.light(), missing > UNSEEN ? missing : -over)));
    }

    /** The speed that is enough, which costs least; otherwise the aperture. */
    private static Optional<Mend> otherSettings(TableSet set, MeteredLight light, double stops) {
        return speedOrAperture(set, stops)
                .filter(mend -> inReach(mend.set(), MeteredExposure.of(mend.set(), light)))
                .findFirst();
    }

    private static Stream<Mend> speedOrAperture(TableSet set, double stops) {
        Exposure now = set.exposure();
        double speed = MarkedScale.SPEED.changed(now.speed(), Stops.ratio(stops));
        double aperture = MarkedScale.APERTURE.changed(now.aperture(), Stops.ratio(-stops / 2));
        return Stream.of(
                new Mend("Set ISO %.0f".formatted(speed), set.withExposure(now.withSpeed(speed))),
                new Mend("Set f/" + SettingWords.mark(aperture), set.withExposure(now.withAperture(aperture))));
    }

    private static Mend shutter(TableSet set, double stops) {
        Exposure now = set.exposure();
        double shutter = MarkedScale.SHUTTER.changed(now.shutter(), Stops.ratio(stops));
        return new Mend("Set " + SettingWords.shutter(shutter), set.withExposure(now.withShutter(shutter)));
    }

    /** Whether the light's control reaches what is wanted of it, and the room leaves it something to do. */
    private static boolean inReach(TableSet set, MeteredExposure there) {
        return roomsExcess(there) < 0
                && there.wantedBelow() >= -UNSEEN
                && there.wantedBelow() <= set.light().source().dial().range() + UNSEEN;
    }

    /** A room that alone gives more than is wanted, whatever the power. */
    static Optional<Spoiled> roomAlone(Inspection scene) {
        TableSet set = scene.set;
        double over = roomsExcess(scene.hero());
        return over <= UNSEEN
                ? Optional.empty()
                : Optional.of(new Spoiled(
                        Finding.Kind.ROOM_TOO_BRIGHT,
                        "ambient.illuminance",
                        "The room alone is %.1f stops too bright for these settings".formatted(over),
                        () -> lessRoom(set, over)));
    }

    /** Stops by which the room's light in the frame is over all that is wanted. */
    private static double roomsExcess(MeteredExposure hero) {
        return Stops.between(hero.light().ambient(), hero.wanted());
    }

    /** The first settings that leave something for the light to do: a faster shutter for a flash, a lower speed, a smaller aperture. */
    private static Optional<Mend> lessRoom(TableSet set, double over) {
        return IntStream.rangeClosed(1, 3)
                .mapToDouble(third -> -over - third / 3.0)
                .boxed()
                .flatMap(stops -> Stream.concat(Stream.of(shutter(set, stops)), speedOrAperture(set, stops)))
                .filter(mend ->
                        !(set.light().source().flash() && mend.set().exposure().beyondSync()))
                .filter(mend -> inReach(mend.set(), MeteredExposure.of(mend.set(), KeyLight.of(mend.set()))))
                .findFirst();
    }

    /** A room that is to be gone and is not. */
    static Optional<Spoiled> room(Inspection scene) {
        TableSet set = scene.set;
        if (set.ambient().purpose() != Ambient.Purpose.BURY) {
            return Optional.empty();
        }
        Burying burying = Burying.of(set, scene.hero());
        if (burying.missing() <= UNSEEN) {
            return Optional.empty();
        }
        double under = set.ambient().buriedAt() - burying.missing();
        return Optional.of(new Spoiled(
                Finding.Kind.ROOM_SHOWS,
                "ambient.buriedAt",
                "The room shows: it is %.1f stops %s a correct exposure, %.0f under are asked for"
                        .formatted(
                                Math.abs(under),
                                under < 0 ? "over" : "under",
                                set.ambient().buriedAt()),
                () -> burying.settings()
                        .filter(dark -> burying.shortBy() <= UNSEEN)
                        .map(dark -> new Mend(
                                "Set " + SettingWords.all(dark.shutter(), dark.aperture(), dark.speed()),
                                set.withExposure(dark)))));
    }
}
