package zephyrdune.answers.frame;

import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.set.TableSet;
import zephyrdune.set.power.DialMark;
import zephyrdune.set.source.Source;

/**
 * The power to set after a frame.
 *
 * @param keyOff by how much the lights give more than the set for it states, stops
 * @param spread standard deviation of that
 * @param wantedBelow full power, stops, that gives the wanted exposure with lights as strong as the frame shows; negative where full power is not enough
 * @param mark nearest to that
 * @param left what the frame after it will be too bright by, stops; negative where it will be too dark
 * @param clipped whether the light is so strong that it could not be measured: then it gives at least so much more, and the power is far enough down for a
 *     frame that tells
 * @param flash whether it is a flash that is set
 */
public record NextPower(
        double keyOff, double spread, double wantedBelow, DialMark mark, double left, boolean clipped, boolean flash) {

    /** Taken down so much farther, stops, a frame after a clipped one is not clipped again by a little. */
    private static final double OFF_THE_END = 0.5;

    static NextPower of(TableSet set, double keyOff, double spread) {
        return of(set, keyOff, spread, wanted(set) + keyOff, false);
    }

    /** After a frame that is clipped wherever the light falls. */
    static NextPower offTheEnd(TableSet set, double atLeast) {
        return of(set, atLeast, 0, wanted(set) + Math.max(0, atLeast) + OFF_THE_END, true);
    }

    private static double wanted(TableSet set) {
        return MeteredExposure.of(set, KeyLight.of(set)).wantedBelow();
    }

    private static NextPower of(TableSet set, double keyOff, double spread, double below, boolean clipped) {
        Source source = set.light().source();
        DialMark mark = source.dial().nearest(below);
        return new NextPower(keyOff, spread, below, mark, below - mark.below(), clipped, source.flash());
    }
}
