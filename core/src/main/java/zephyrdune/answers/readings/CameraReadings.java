package zephyrdune.answers.readings;

import static zephyrdune.answers.readings.ReadingKind.AMBIENT_FRAME;
import static zephyrdune.answers.readings.ReadingKind.AMBIENT_UNDER_KEY;
import static zephyrdune.answers.readings.ReadingKind.DEPTH_OF_FIELD;
import static zephyrdune.answers.readings.ReadingKind.KEY_EXPOSURE;
import static zephyrdune.answers.readings.ReadingKind.LIGHT_TINT;
import static zephyrdune.answers.readings.ReadingKind.OFF_EXPOSURE;
import static zephyrdune.answers.readings.ReadingKind.POWER;
import static zephyrdune.answers.readings.ReadingKind.SHADOW_TINT;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.emitter.KeyColour;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.lens.DepthOfField;
import zephyrdune.render.metering.Burying;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.render.metering.MeteredLight;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.Exposure;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.PowerChoice;
import zephyrdune.set.power.DialMark;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.source.BatteryFlash;
import zephyrdune.units.colour.Mired;
import zephyrdune.units.exposure.SettingWords;
import zephyrdune.units.measure.Rounding;
import zephyrdune.units.measure.Stops;

/** The readings that the camera's settings and the light's control take part in. */
final class CameraReadings {

    /** Closer to full than this, a battery flash is slow and gets warm: a stop and a half. */
    private static final double NEAR_FULL = 1.5;

    /** Of less than this nobody need be told, stops. */
    private static final double NOTICED = 0.05;

    /** Within an hour of 12 o'clock, and lower than this, a light is a back light. */
    private static final double BEHIND = Math.cos(Math.PI / 6) - Rounding.SLACK;

    private static final double LONG = 12;
    private static final double LOW = Math.toRadians(50);

    private static final String NO_LIGHT = "No light reaches the meter; move it, or what hides it";

    static final String COLOURED = "The light is coloured: it has no colour temperature";

    private CameraReadings() {}

    static Reading read(ReadingKind kind, TableSet set, KeyLight key, MeteredExposure hero) {
        boolean dark = hero.dark();
        return switch (kind) {
            case KEY_EXPOSURE ->
                Reading.of(KEY_EXPOSURE, hero.key(), hero.light().place());
            case KEY_SHARE, TABLE_SHARE, ROOM_SHARE, CARD_SHARE, BASE_SHARE, AMBIENT_SHARE -> share(kind, hero);
            case POWER -> dark ? Reading.absent(POWER, dark(set, hero)) : power(set, key, hero);
            case OFF_EXPOSURE ->
                dark
                        ? Reading.absent(OFF_EXPOSURE, NO_LIGHT)
                        : Reading.of(OFF_EXPOSURE, hero.off(), hero.light().place())
                                .uncertain(hero.light().error());
            case AMBIENT_UNDER_KEY ->
                dark
                        ? Reading.absent(AMBIENT_UNDER_KEY, NO_LIGHT)
                        : room(AMBIENT_UNDER_KEY, -hero.ambientUnderKey(), set, hero);
            case AMBIENT_FRAME -> room(AMBIENT_FRAME, -hero.ambientUnderCorrect(), set, hero);
            case DEPTH_OF_FIELD -> depthOfField(set);
            case LIGHT_TINT ->
                tint(LIGHT_TINT, set, mired -> mired - Mired.of(set.exposure().whiteBalance()), key);
            case SHADOW_TINT ->
                set.ambient().illuminance() == 0
                        ? Reading.absent(SHADOW_TINT, "There is no light in the room")
                        : tint(SHADOW_TINT, set, mired -> Mired.of(set.ambient().colourTemperature()) - mired, key);
            default -> throw new IllegalArgumentException(kind.name());
        };
    }

    private static Reading tint(ReadingKind kind, TableSet set, DoubleUnaryOperator against, KeyLight key) {
        OptionalDouble mired = KeyColour.of(set).mired();
        return mired.isPresent()
                ? Reading.of(kind, against.applyAsDouble(mired.getAsDouble()), key.hero())
                : Reading.absent(kind, COLOURED);
    }

    private static String dark(TableSet set, MeteredExposure hero) {
        return MeterNote.of(set, hero.light()).orElse(NO_LIGHT);
    }

    private static Reading share(ReadingKind kind, MeteredExposure hero) {
        if (!(hero.all() > 0)) {
            return Reading.absent(kind, NO_LIGHT);
        }
        MeteredLight light = hero.light();
        double share =
                switch (kind) {
                    case KEY_SHARE -> hero.share(light.key());
                    case TABLE_SHARE -> hero.share(light.table());
                    case ROOM_SHARE -> hero.share(light.room());
                    case CARD_SHARE -> hero.share(light.cards());
                    case BASE_SHARE -> hero.share(light.base());
                    default -> light.ambient() / hero.all();
                };
        return Reading.of(kind, share, light.place());
    }

    private static Reading power(TableSet set, KeyLight key, MeteredExposure hero) {
        DialMark mark = hero.mark(set.light());
        // what a guide number and the known losses make one expect
        double distance = set.pose().source().distance(key.hero());
        double bare = set.light().source().axialIntensity() / (distance * distance);
        double time = set.light().source().flash() ? 1 : set.exposure().exactShutter();
        double rule = Stops.between(bare * time, hero.wanted()) - set.light().loss();
        return Reading.of(POWER, 0 - mark.below(), hero.light().place())
                .called(mark.text())
                .named(left(set.light(), hero, mark))
                .beside("Guide number, or bare light at this distance, less the losses", -rule)
                .uncertain(hero.light().error())
                .alarming(missed(set.light(), hero)
                        || set.light().source().flash() && set.exposure().beyondSync())
                .noting(powerNote(set, hero));
    }

    /** Whether the exposure is not the one that is wanted; between two marks of its dial is as near as it comes. */
    private static boolean missed(Light light, MeteredExposure hero) {
        return Math.abs(over(light, hero)) > NOTICED;
    }

    /** How much power is left, or how much is wanting. */
    private static String left(Light light, MeteredExposure hero, DialMark mark) {
        if (missed(light, hero)) {
            double over = over(light, hero);
            return over < 0 ? "%.1f stops short".formatted(-over) : "%.1f stops too bright".formatted(over);
        }
        return mark.below() < NOTICED ? "all of it" : "%.1f stops left".formatted(mark.below());
    }

    /** By how much the nearest power there is misses: of the light alone, unless its control is fixed or the room alone is too bright. */
    private static double over(Light light, MeteredExposure hero) {
        if (light.powerChoice() == PowerChoice.FIXED || hero.light().ambient() >= hero.wanted()) {
            return hero.off();
        }
        double range = light.source().dial().range();
        return hero.wantedBelow() < range ? Math.min(0, hero.wantedBelow()) : hero.wantedBelow() - range;
    }

    private static String powerNote(TableSet set, MeteredExposure hero) {
        List<String> notes = new ArrayList<>();
        Light light = set.light();
        MeterNote.of(set, hero.light()).ifPresent(notes::add);
        double over = over(light, hero);
        if (light.powerChoice() == PowerChoice.FOLLOWS && hero.light().ambient() >= hero.wanted()) {
            notes.add("The room alone gives what is wanted: close the shutter or the blinds, or work with less of it");
        } else if (light.powerChoice() == PowerChoice.FOLLOWS && over < -NOTICED) {
            notes.add(
                    "Full power is %.1f stops short: come closer, open the aperture, raise the ISO, or lose less on the way"
                            .formatted(-over));
        } else if (light.powerChoice() == PowerChoice.FOLLOWS && over > NOTICED) {
            notes.add(
                    "The lowest power is %.1f stops too bright: move away, close the aperture, lower the ISO, or add diffusion"
                            .formatted(over));
        }
        if (light.powerChoice() == PowerChoice.FIXED && Math.abs(over) > NOTICED) {
            notes.add("To keep the exposure, set %s"
                    .formatted(light.source().dial().nearest(hero.wantedBelow()).text()));
        }
        if (light.source() instanceof BatteryFlash flash && flash.recycle() > 0) {
            recycling(notes, flash, hero.mark(light).below());
        }
        if (backlit(light) && set.exposure().bias() < 0.5) {
            notes.add("The light comes from behind: for a glow, a bias of about +2 stops is usual");
        }
        if (light.source().flash() && set.exposure().beyondSync()) {
            notes.add(
                    "The shutter is faster than its sync limit: the flash lights only part of the frame; use %s or slower"
                            .formatted(SettingWords.shutter(set.exposure().syncLimit())));
        }
        return String.join(". ", notes);
    }

    /** A full flash takes as long as is stated; less in proportion to its energy. */
    private static void recycling(List<String> notes, BatteryFlash flash, double below) {
        if (below < NEAR_FULL) {
            notes.add("Ready again after about %.1f s".formatted(flash.recycle() * Stops.ratio(-below)));
            if (flash.burst() > 0) {
                notes.add("After about %.0f such flashes in a row the head slows down to cool; see its manual"
                        .formatted(flash.burst() * Stops.ratio(below)));
            }
        }
    }

    private static boolean backlit(Light light) {
        return Math.cos(light.clock()) > BEHIND && light.heightAngle() < LOW;
    }

    private static Reading room(ReadingKind kind, double stops, TableSet set, MeteredExposure hero) {
        return set.ambient().illuminance() == 0
                ? Reading.absent(kind, "There is no light in the room")
                : Reading.of(kind, stops, hero.light().place()).noting(roomNote(set, hero));
    }

    private static String roomNote(TableSet set, MeteredExposure hero) {
        String changing = changing(set, hero);
        return changing.isEmpty() ? nowNote(set, hero) : nowNote(set, hero) + ". " + changing;
    }

    /** From when on the room counts as gone, or counts again. */
    private static String changing(TableSet set, MeteredExposure hero) {
        Ambient ambient = set.ambient();
        if (ambient.hourly() == 0) {
            return "";
        }
        double hours = (hero.ambientUnderCorrect() - ambient.buriedAt()) / ambient.hourly();
        String when = hours > 0 && hours < LONG
                ? ambient.hourly() < 0 ? "; by %.1f h from then it is gone" : "; from %.1f h after that on it shows"
                : "";
        return "Shown %.1f h after it was measured, %+.1f stops an hour%s"
                .formatted(ambient.after(), ambient.hourly(), when.formatted(Math.abs(hours)));
    }

    private static String nowNote(TableSet set, MeteredExposure hero) {
        boolean flash = set.light().source().flash();
        if (set.ambient().purpose() == Ambient.Purpose.KEEP) {
            return "The room is kept as a layer %.1f stops under the key; %s"
                    .formatted(
                            hero.ambientUnderKey(),
                            flash
                                    ? "the shutter sets it, the flash stays as it is"
                                    : "no camera setting changes that, only the light's power and distance do");
        }
        Burying burying = Burying.of(set, hero);
        if (burying.missing() <= 0) {
            return "The room is buried: %.1f stops under a correct exposure, %.0f are asked for"
                    .formatted(hero.ambientUnderCorrect(), set.ambient().buriedAt());
        }
        if (burying.settings().isEmpty()) {
            return "%.1f stops to go until the room is gone, and no camera setting %s"
                    .formatted(
                            burying.missing(),
                            set.light().source().flash()
                                    ? "is enough: close blinds"
                                    : "parts an LED from it: close blinds, come closer, or give more power");
        }
        Exposure dark = burying.settings().get();
        String settings = "%.1f stops to go until the room is gone: %s, f/%s, ISO %s "
                .formatted(
                        burying.missing(),
                        SettingWords.shutter(dark.shutter()),
                        SettingWords.mark(dark.aperture()),
                        SettingWords.mark(dark.speed()));
        return burying.shortBy() > NOTICED
                ? settings
                        + "would do it, but full power is then %.1f stops short: come closer, or close blinds"
                                .formatted(burying.shortBy())
                : settings + "does it; the flash then gives %.1f stops more".formatted(burying.more());
    }

    private static Reading depthOfField(TableSet set) {
        Camera camera = set.camera();
        double circle = DepthOfField.circle(camera.sensorWidth(), camera.sensorHeight());
        double aperture = set.exposure().exactAperture();
        double distance = camera.subjectDistance();
        DepthOfField depth = DepthOfField.of(camera.focalLength(), aperture, circle, distance);
        Vector3D axis = camera.towardsLens();
        Vector3D focus = Vector3D.of(0, 0, set.dish().height() / 2);
        double m = camera.magnification();
        return Double.isFinite(depth.depth())
                ? Reading.of(
                                DEPTH_OF_FIELD,
                                depth.depth(),
                                focus.add(axis.multiply(distance - depth.near())),
                                focus.add(axis.multiply(distance - depth.far())))
                        .beside("Close up: 2 N c (1 + m) / m²", 2 * aperture * circle * (1 + m) / (m * m))
                : Reading.absent(DEPTH_OF_FIELD, "Sharp to beyond everything behind the hero");
    }
}
