package zephyrdune.oracle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.light.emitter.Outline;
import zephyrdune.light.emitter.SoftboxLight;
import zephyrdune.set.Sets;
import zephyrdune.set.light.InBox;
import zephyrdune.set.light.Inner;
import zephyrdune.set.light.InnerBaffle;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.NoInner;
import zephyrdune.set.light.Origin;
import zephyrdune.units.measure.Stops;

/**
 * What leaves a softbox, and what stays in it, by photons counted one by one: a pyramid, matte lining, cloths that let through, send back or swallow, the
 * source in the tip. Light that the source sends past the face starts anywhere on the lining near it.
 */
public class PhotonTest {

    private static final int PHOTONS = 200_000;

    /** Of what a cloth does not let through it sends back so much (common practice, from memory). */
    private static final double BACK = 0.8;

    /** Where a photon ends. */
    private enum End {
        OUT,
        LINING,
        INNER,
        OUTER
    }

    @DataProvider
    Object[][] boxes() {
        return new Object[][] {
            {0.6, 0.6, 0.3, 0.8, new NoInner(), 1.0},
            {0.6, 0.6, 0.3, 0.4, new NoInner(), 1.0},
            {0.9, 0.9, 0.25, 0.9, new NoInner(), 0.6},
            {0.4, 0.4, 0.6, 0.8, new NoInner(), 2.0},
            {0.3, 1.2, 0.4, 0.8, new NoInner(), 1.0},
            {1.0, 0.4, 0.4, 0.7, new InnerBaffle(0.8, 0.5), 1.2},
            {0.3, 1.2, 0.3, 0.8, new InnerBaffle(0.8, 0.7), 1.2},
            {0.6, 0.6, 0.3, 0.8, new InnerBaffle(1, 0.5), 1.0},
            {0.8, 0.8, 0.5, 0.7, new InnerBaffle(0.7, 0.6), 1.0}
        };
    }

    @Test(dataProvider = "boxes")
    public void asManyEndAsIsSaid(double width, double height, double depth, double lining, Inner inner, double loss) {
        InBox box = new InBox(depth, lining, inner, loss, Origin.ENTERED);
        Light light = Sets.box(width, height, 9, 45, 2).withFilling(box);
        SoftboxLight told = SoftboxLight.of(light, box, Outline.RECTANGLE);
        double straight = straight(light, width, height, depth, inner);
        double[] slopes = {width / 2 / depth, height / 2 / depth};
        Count count = new Count(slopes, depth, lining, inner, loss, new Random(5));
        double[] ended = new double[End.values().length];
        for (int i = 0; i < PHOTONS; i++) {
            ended[count.end(straight).ordinal()] += 1.0 / PHOTONS;
        }
        assertThat(Stops.between(told.out(), ended[0])).isCloseTo(0, within(0.05));
        assertThat(new double[] {told.lining(), told.inner(), told.outer()})
                .containsExactly(new double[] {ended[1], ended[2], ended[3]}, within(0.012));
    }

    /** Share of the source's light that falls on the first cloth: its illuminance summed up place by place. */
    private static double straight(Light light, double width, double height, double depth, Inner inner) {
        double far = inner instanceof InnerBaffle baffle ? depth * baffle.place() : depth;
        double right = width / 2 * far / depth;
        double top = height / 2 * far / depth;
        int places = 200;
        double sum = 0;
        for (int i = 0; i < places * places; i++) {
            double x = (2 * (i % places + 0.5) / places - 1) * right;
            double y = (2 * (i / places + 0.5) / places - 1) * top;
            double squared = x * x + y * y + far * far;
            double length = Math.sqrt(squared);
            double sent = light.source().distribution().relativeIntensity(x / length, y / length, far / length);
            sum += light.source().axialIntensity()
                    * sent
                    * far
                    / (squared * length)
                    * 4
                    * right
                    * top
                    / (places * places);
        }
        return Math.min(1, sum / light.source().flux());
    }

    /** A box round the z axis, its tip at 0, as wide to each side as far from the tip times a slope. */
    private record Count(double[] slopes, double depth, double lining, Inner inner, double loss, Random random) {

        private double cloth() {
            return inner instanceof InnerBaffle baffle ? depth * baffle.place() : depth;
        }

        private double[] inward(int axis, int sign) {
            double[] normal = {0, 0, slopes[axis]};
            normal[axis] = -sign;
            return Vec.unit(normal);
        }

        End end(double straight) {
            double first = cloth();
            double[] at;
            double[] way;
            if (random.nextDouble() < straight) {
                at = new double[] {any() * slopes[0] * first, any() * slopes[1] * first, first};
                boolean outer = !(inner instanceof InnerBaffle);
                Boolean through = meetsCloth(outer ? loss : ((InnerBaffle) inner).loss());
                if (through == null) {
                    return outer ? End.OUTER : End.INNER;
                }
                if (through && outer) {
                    return End.OUT;
                }
                way = Vec.evenly(new double[] {0, 0, through ? 1 : -1}, random);
            } else {
                // as many on each pair of flanks as there is of them
                double wide = slopes[1] * Math.hypot(1, slopes[0]);
                double high = slopes[0] * Math.hypot(1, slopes[1]);
                int axis = random.nextDouble() * (wide + high) < wide ? 0 : 1;
                double z = first * Math.sqrt(random.nextDouble());
                at = new double[] {any() * slopes[0] * z, any() * slopes[1] * z, z};
                at[axis] = slopes[axis] * z;
                if (random.nextDouble() >= lining) {
                    return End.LINING;
                }
                way = Vec.evenly(inward(axis, 1), random);
            }
            return wanders(at, way);
        }

        private double any() {
            return 2 * random.nextDouble() - 1;
        }

        /** Let through, sent back, or null when it is swallowed. */
        private Boolean meetsCloth(double stops) {
            double through = Math.pow(2, -stops);
            double draw = random.nextDouble();
            return draw < through ? Boolean.TRUE : draw < through + BACK * (1 - through) ? Boolean.FALSE : null;
        }

        private End wanders(double[] from, double[] going) {
            double[] at = from;
            double[] way = going;
            while (true) {
                double near = Double.POSITIVE_INFINITY;
                int axis = -1;
                int sign = 0;
                for (int a = 0; a < 2; a++) {
                    for (int s = -1; s <= 1; s += 2) {
                        double t = (slopes[a] * at[2] - s * at[a]) / (s * way[a] - slopes[a] * way[2]);
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
                    return End.LINING;
                }
                double upwards = way[2];
                at = Vec.plus(at, way, near);
                if (axis >= 0) {
                    if (random.nextDouble() >= lining) {
                        return End.LINING;
                    }
                    way = Vec.evenly(inward(axis, sign), random);
                    continue;
                }
                boolean outer = cloth == depth;
                Boolean through = meetsCloth(outer ? loss : ((InnerBaffle) inner).loss());
                if (through == null) {
                    return outer ? End.OUTER : End.INNER;
                }
                if (outer && through) {
                    return End.OUT;
                }
                way = Vec.evenly(new double[] {0, 0, through == upwards > 0 ? 1 : -1}, random);
            }
        }
    }
}
