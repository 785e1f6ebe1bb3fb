package zephyrdune.set;

import java.util.List;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.camera.Exposure;
import zephyrdune.set.dish.Block;
import zephyrdune.set.dish.Bowl;
import zephyrdune.set.light.Aim;
import zephyrdune.set.light.Diffuse;
import zephyrdune.set.light.EvenlyLit;
import zephyrdune.set.light.Gel;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.Loss;
import zephyrdune.set.light.NoBase;
import zephyrdune.set.light.NoDoors;
import zephyrdune.set.light.Origin;
import zephyrdune.set.light.PowerChoice;
import zephyrdune.set.light.Rectangle;
import zephyrdune.set.look.NoLook;
import zephyrdune.set.power.DialStep;
import zephyrdune.set.power.Fractions;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.room.OpenRoom;
import zephyrdune.set.room.TableTop;
import zephyrdune.set.room.WalledRoom;
import zephyrdune.set.source.BatteryFlash;
import zephyrdune.set.source.GuideNumber;
import zephyrdune.set.surface.Surface;

/** Sets for tests; the numbers are invented. */
public final class Sets {

    private static final double DEGREE = Math.PI / 180;
    private static final double HOUR = Math.PI / 6;

    /** A small battery flash: guide number 36 m at 35 mm, down to 1/128 in thirds. */
    public static final BatteryFlash FLASH =
            new BatteryFlash(new GuideNumber(36, 0.035), 0.035, 5500, new Fractions(7, DialStep.THIRD));

    public static final Exposure EXPOSURE = new Exposure(5.6, 1 / 125.0, 400, 1 / 200.0, 0, 5500);

    public static final Ambient AMBIENT = new Ambient(200, 3200, 5);

    private Sets() {}

    /** The demo's first set: a bowl, and a 60 cm box at 10 o'clock, 40 degrees up, 90 cm away. */
    public static TableSet chowder() {
        return new TableSet(
                "Smoked mussel chowder",
                new Camera(CameraAngle.FORTY_FIVE, 0.085, 0.036, 0.024, 0.48),
                new Bowl(0.19, 0.075, Surface.DARK_STONEWARE, 0.78, Surface.SMOKED_CHOWDER),
                List.of(),
                box(0.6, 0.6, 10, 40, 0.9),
                new NoBase(),
                List.of(),
                endless(Surface.PALE_WOOD),
                new Backdrop(1.2, 2, 1.5, Surface.GREY_PAPER),
                new OpenRoom(),
                EXPOSURE,
                AMBIENT,
                new NoLook());
    }

    /** A softbox aimed at the hero point; clock in hours, height angle in degrees, lengths in metres. */
    public static Light box(double width, double height, double clock, double heightAngle, double distance) {
        return softbox(width, height, clock * HOUR, heightAngle * DEGREE, distance, Aim.HERO);
    }

    /** Angles in radians. */
    public static Light softbox(
            double width, double height, double clock, double heightAngle, double distance, Aim aim) {
        return new Light(
                FLASH,
                Gel.NONE,
                lost(2),
                new Rectangle(width, height),
                new EvenlyLit(),
                new Diffuse(),
                PowerChoice.FOLLOWS,
                0,
                clock,
                heightAngle,
                distance,
                aim,
                new NoDoors());
    }

    /** A block so low that its top is the table. */
    public static Block sliver() {
        return new Block(0.02, 0.02, 0.005, Surface.GREY_PAPER);
    }

    /** A table top to beyond everything. */
    public static TableTop endless(Surface surface) {
        return new TableTop(surface, 20, 20, 20, 20);
    }

    /** What is stated to be lost, in one number. */
    public static List<Loss> lost(double stops) {
        return stops == 0 ? List.of() : List.of(new Loss(Loss.Where.OTHER, stops, Origin.ENTERED));
    }

    /** A room with its table reaching from wall to wall, of one surface but for the table. */
    public static TableSet inRoom(TableSet set, double away, double above, Surface surface) {
        return set.withTableTop(new TableTop(set.tableTop().surface(), away, away, away, away))
                .withRoom(new WalledRoom(away, away, away, away, above, 0.75, surface, surface, surface));
    }

    public static TableSet lit(Light light) {
        return chowder().withLight(light);
    }
}
