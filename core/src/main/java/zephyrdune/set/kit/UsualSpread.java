package zephyrdune.set.kit;

import java.util.ArrayList;
import java.util.List;
import zephyrdune.set.light.Filling;
import zephyrdune.set.light.InBox;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.Loss;
import zephyrdune.set.light.Origin;

/**
 * How far real pieces of a kind lie from the usual values that ship with the program: one standard deviation, stops. Common practice,
 * no published source, from memory; of several on one way of the light, independent, the root of the sum of squares.
 */
public final class UsualSpread {

    /** What makers state of output against what is metered. */
    public static final double SOURCE = 0.3;

    /** What a power control's mark says against what it gives. */
    public static final double DIAL = 0.1;

    /** A room's light as it was measured against what it is when a frame is taken. */
    public static final double ROOM = 0.3;

    /** How much paler or darker a surface is than it is taken for. */
    public static final double SURFACE = 0.3;

    /** The same of a grey card that is not worn. */
    public static final double GREY_CARD = 0.05;

    /** What a hand meter reads against what is there. */
    public static final double METER = 0.1;

    /** The same of a card, which is made to be white, silver or black. */
    public static final double CARD = 0.15;

    /** What a camera makes of light against what its settings say. */
    public static final double CAMERA = 0.15;

    /** What a power control is off by more with every stop that it is turned down. */
    public static final double DIAL_SLOPE = 0.03;

    private static final double GEL = 0.15;

    /** Lining and cloth of a softbox. */
    private static final double BOX = 0.3;

    private UsualSpread() {}

    /** Of a source's output; 0 where it is not the usual value. */
    public static double of(OwnedSource source) {
        return usual(source.origin(), SOURCE);
    }

    public static double of(OwnedGel gel) {
        return usual(gel.origin(), GEL);
    }

    /** Of what a shaper lets through. */
    public static double of(Shaper shaper) {
        return shaper.origin() == Origin.CALIBRATED ? 0 : of(shaper.filling(), shaper.losses());
    }

    /** Of what a softbox takes by its lining and its baffles. */
    public static double of(InBox box) {
        return usual(box.origin(), BOX);
    }

    public static double of(Loss loss) {
        return usual(loss.origin(), loss.where().usualSpread());
    }

    /** Of what a light's shaper lets through. */
    public static double of(Light light) {
        return of(light.filling(), light.losses());
    }

    private static double of(Filling filling, List<Loss> losses) {
        List<Double> spreads = new ArrayList<>();
        losses.forEach(loss -> spreads.add(of(loss)));
        if (filling instanceof InBox box) {
            spreads.add(of(box));
        }
        return Math.sqrt(spreads.stream().mapToDouble(spread -> spread * spread).sum());
    }

    private static double usual(Origin origin, double spread) {
        return origin == Origin.DEFAULT ? spread : 0;
    }
}
