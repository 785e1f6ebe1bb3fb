package zephyrdune.devices;

import java.util.SplittableRandom;
import zephyrdune.answers.wall.BeamNumber;
import zephyrdune.answers.wall.WallSetup;
import zephyrdune.set.kit.Shaper;
import zephyrdune.set.kit.UsualSpread;
import zephyrdune.set.light.Light;

/**
 * A shaper before a wall as it really is and stands, against what its numbers say.
 *
 * @param setup with the source's own beam, and the distance, as they are
 * @param shaper with its beam as it is
 * @param loss stops that it takes more than stated
 * @param slope stops that the power control gives less with every stop that it is turned down
 * @param aside metres that the beam's middle lies right of the frame's
 * @param up metres that it lies above it
 */
record HiddenShaper(WallSetup setup, Shaper shaper, double loss, double slope, double aside, double up) {

    /** Standard deviation of where a light is put and pointed by hand, metres: common practice, no published source. */
    private static final double PLACE = 0.01;

    private static final double POINTED = 0.02;

    /** Beyond so many standard deviations nobody would believe it. */
    private static final double MOST = 2;

    /** The same for the same seed, source and shaper's name; the source's part the same for all its shapers. */
    static HiddenShaper drawn(long seed, WallSetup setup, Shaper stated) {
        SplittableRandom kit = new SplittableRandom(seed);
        SplittableRandom piece = new SplittableRandom(seed * 31 + stated.name().hashCode());
        double sourceBeam = draw(kit);
        double slope = UsualSpread.DIAL_SLOPE * draw(kit);
        Light light = setup.light(stated);
        for (BeamNumber number : BeamNumber.all(light)) {
            double off = number == BeamNumber.SOURCE_BEAM ? sourceBeam : draw(piece);
            light = number.moved(light, number.usualSpread() * off);
        }
        return new HiddenShaper(
                new WallSetup(
                        light.source(), setup.distance() + PLACE * draw(piece), setup.framedWidth(), setup.exposure()),
                new Shaper(
                        stated.name(), light.face(), light.filling(), light.spread(), light.losses(), stated.origin()),
                UsualSpread.of(light) * draw(piece),
                slope,
                POINTED * draw(piece),
                POINTED * draw(piece));
    }

    private static double draw(SplittableRandom random) {
        return Math.max(-MOST, Math.min(MOST, random.nextGaussian()));
    }
}
