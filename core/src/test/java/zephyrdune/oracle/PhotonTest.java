package zephyrdune.oracle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.emitter.Outline;
import zephyrdune.emitter.SoftboxLight;
import zephyrdune.measure.Stops;
import zephyrdune.table.InBox;
import zephyrdune.table.Inner;
import zephyrdune.table.InnerBaffle;
import zephyrdune.table.Light;
import zephyrdune.table.NoInner;
import zephyrdune.table.Origin;
import zephyrdune.table.Sets;

/**
 * What leaves a softbox, by photons counted one by one: a square pyramid, matte lining, cloths that let through, send back or swallow, the
 * source in the tip. Light that the source sends past the face starts anywhere on the lining near it.
 */
public class PhotonTest {

    private static final int PHOTONS = 200_000;

    /** Of what a cloth does not let through it sends back so much (common practice, from memory). */
    private static final double BACK = 0.8;

    @DataProvider
    Object[][] boxes() {
        return new Object[][] {
            {0.6, 0.3, 0.8, new NoInner(), 1.0},
            {0.6, 0.3, 0.4, new NoInner(), 1.0},
            {0.9, 0.25, 0.9, new NoInner(), 0.6},
            {0.4, 0.6, 0.8, new NoInner(), 2.0},
            {0.6, 0.3, 0.8, new InnerBaffle(1, 0.5), 1.0},
            {0.8, 0.5, 0.7, new InnerBaffle(0.7, 0.6), 1.0}
        };
    }

    @Test(dataProvider = "boxes")
    public void asManyLeaveAsIsSaid(double side, double depth, double lining, Inner inner, double loss) {
        InBox box = new InBox(depth, lining, inner, loss, Origin.ENTERED);
        Light light = Sets.box(side, side, 9, 45, 2).withFilling(box);
        SoftboxLight told = SoftboxLight.of(light, box, Outline.RECTANGLE);
        double straight = straight(light, side, depth, inner);
        Count count = new Count(side / 2 / depth, depth, lining, inner, loss, new Random(5));
        int out = 0;
        for (int i = 0; i < PHOTONS; i++) {
            out += count.leaves(straight) ? 1 : 0;
        }
        assertThat(Stops.between(told.out(), out / (double) PHOTONS)).isCloseTo(0, within(0.05));
    }

    /** Share of the source's light that falls on the first cloth: its illuminance summed up place by place. */
    private static double straight(Light light, double side, double depth, Inner inner) {
        double far = inner instanceof InnerBaffle baffle ? depth * baffle.place() : depth;
        double half = side / 2 * far / depth;
        int places = 200;
        double sum = 0;
        for (int i = 0; i < places * places; i++) {
            double x = (2 * (i % places + 0.5) / places - 1) * half;
            double y = (2 * (i / places + 0.5) / places - 1) * half;
            double squared = x * x + y * y + far * far;
            double length = Math.sqrt(squared);
            double sent = light.source().distribution().relativeIntensity(x / length, y / length, far / length);
            sum += light.source().axialIntensity() * sent * far / (squared * length) * Math.pow(2 * half / places, 2);
        }
        return Math.min(1, sum / light.source().flux());
    }

    /** A box round the z axis, its tip at 0, as wide to each side as far from the tip times a slope. */
    private record Count(double slope, double depth, double lining, Inner inner, double loss, Random random) {

        private double cloth() {
            return inner instanceof InnerBaffle baffle ? depth * baffle.place() : depth;
        }

        private double[] inward(int axis, int sign) {
            double[] normal = {0, 0, slope};
            normal[axis] = -sign;
            return Vec.unit(normal);
        }

        boolean leaves(double straight) {
            double first = cloth();
            double[] at;
            double[] way;
            if (random.nextDouble() < straight) {
                at = new double[] {any() * slope * first, any() * slope * first, first};
                Boolean through = meetsCloth(first, inner instanceof InnerBaffle baffle ? baffle.loss() : loss);
                if (through == null) {
                    return false;
                }
                if (through && first == depth) {
                    return true;
                }
                way = Vec.evenly(new double[] {0, 0, through ? 1 : -1}, random);
            } else {
                double z = first * Math.sqrt(random.nextDouble());
                at = new double[] {slope * z, any() * slope * z, z};
                if (random.nextDouble() >= lining) {
                    return false;
                }
                way = Vec.evenly(inward(0, 1), random);
            }
            return wanders(at, way);
        }

        private double any() {
            return 2 * random.nextDouble() - 1;
        }

        /** Let through, sent back, or null when it is swallowed. */
        private Boolean meetsCloth(double z, double stops) {
            double through = Math.pow(2, -stops);
            double lot = random.nextDouble();
            return lot < through ? Boolean.TRUE : lot < through + BACK * (1 - through) ? Boolean.FALSE : null;
        }

        private boolean wanders(double[] from, double[] going) {
            double[] at = from;
            double[] way = going;
            while (true) {
                double near = Double.POSITIVE_INFINITY;
                int axis = -1;
                int sign = 0;
                for (int a = 0; a < 2; a++) {
                    for (int s = -1; s <= 1; s += 2) {
                        double t = (slope * at[2] - s * at[a]) / (s * way[a] - slope * way[2]);
                        if (t > 1e-9 && t < near && at[2] + t * way[2] >= 0) {
                            near = t;
                            axis = a;
                            sign = s;
                        }
                    }
                }
                double cloth = 0;
                for (double z : new double[] {cloth(), depth}) {
                    double t = (z - at[2]) / way[2];
                    if (t > 1e-9 && t < near) {
                        near = t;
                        axis = -1;
                        cloth = z;
                    }
                }
                if (Double.isInfinite(near)) {
                    return false;
                }
                double upwards = way[2];
                at = Vec.plus(at, way, near);
                if (axis >= 0) {
                    if (random.nextDouble() >= lining) {
                        return false;
                    }
                    way = Vec.evenly(inward(axis, sign), random);
                    continue;
                }
                boolean outer = cloth == depth;
                Boolean through = meetsCloth(cloth, outer ? loss : ((InnerBaffle) inner).loss());
                if (through == null) {
                    return false;
                }
                if (outer && through) {
                    return true;
                }
                way = Vec.evenly(new double[] {0, 0, through == upwards > 0 ? 1 : -1}, random);
            }
        }
    }
}
