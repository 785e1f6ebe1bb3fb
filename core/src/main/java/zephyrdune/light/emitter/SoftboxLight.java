package zephyrdune.light.emitter;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import zephyrdune.set.light.InBox;
import zephyrdune.set.light.InnerBaffle;
import zephyrdune.set.light.Light;

/**
 * The light inside a softbox. What comes straight from the source, or from the inner baffle, is computed place by place; what linings
 * and cloths send back and forth is taken as even over each of them, by the share of what one sends that comes to another: a flat cloth
 * sends itself nothing (radiosity; J. R. Howell, R. Siegel and M. P. Mengüç, Thermal Radiation Heat Transfer). Silver is taken as a matte
 * lining that sends more back.
 *
 * @param filled the outer baffle's inner side times what its cloth lets through
 * @param lining share of the source's light that the linings swallow
 * @param inner share that stays in the inner baffle
 * @param outer share that stays in the outer baffle
 * @param out share that leaves
 */
public record SoftboxLight(Filled filled, double lining, double inner, double outer, double out) {

    /** Of the light that a cloth does not let through, it sends this share back (common practice, from memory). */
    private static final double BACK = 0.8;

    public static SoftboxLight of(Light light, InBox box, Outline outline) {
        return box.inner() instanceof InnerBaffle inner
                ? withInner(light, box, inner, outline)
                : single(light, box, outline);
    }

    private static double[] half(Light light) {
        return new double[] {light.face().across() / 2, light.face().along() / 2};
    }

    /** What the bare source gives a face square before it, before anything is sent back. */
    public static Evenness straightOn(Light light, double[] half, double gap) {
        return straight(light, half, gap);
    }

    private static PointLit straight(Light light, double[] half, double gap) {
        return PointLit.of(
                light.source().distribution(),
                Vector3D.of(0, 0, gap),
                Vector3D.Unit.MINUS_Z,
                Vector3D.Unit.PLUS_Y,
                Vector3D.ZERO,
                Vector3D.of(half[0], 0, 0),
                Vector3D.of(0, half[1], 0),
                gap);
    }

    /** Area of the pyramid's or cone's flanks. */
    private static double flanks(Outline outline, double[] half, double depth) {
        if (outline == Outline.RECTANGLE) {
            return 2 * half[0] * Math.hypot(depth, half[1]) + 2 * half[1] * Math.hypot(depth, half[0]);
        }
        // of a face with its edges all as far from its middle: perimeter times slant over two
        double area = outline.area() * half[0] * half[1];
        return area / half[0] * Math.hypot(depth, half[0]);
    }

    private static SoftboxLight single(Light light, InBox box, Outline outline) {
        double[] half = half(light);
        double source = light.source().flux();
        double front = outline.area() * half[0] * half[1];
        double flanks = flanks(outline, half, box.depth());
        PointLit straight = straight(light, half, box.depth());
        double peak = light.source().axialIntensity() / (box.depth() * box.depth());
        double hits = Math.min(source, peak * straight.mean(outline, 1) * front);
        double through = Filled.through(box.outerLoss());
        double back = BACK * (1 - through);
        // the cloth sends all to the lining, the lining to the cloth as much of its area as the cloth has of it
        double seen = front / flanks;
        double kept = box.lining();
        double onLining = ((source - hits) + back * hits) / flanks / (1 - kept * (1 - seen) - kept * seen * back);
        double round = kept * onLining;
        double onCloth = hits + round * front;
        double out = through * onCloth / source;
        double lining = (1 - kept) * onLining * flanks / source;
        double outer = (1 - through - back) * onCloth / source;
        double scale = peak + round;
        Evenness evenness = new Lifted(straight, peak / scale, round / scale);
        return new SoftboxLight(new Filled(evenness, through * scale), lining, 0, outer, out);
    }

    private static SoftboxLight withInner(Light light, InBox box, InnerBaffle inner, Outline outline) {
        double[] half = half(light);
        double[] small = {half[0] * inner.place(), half[1] * inner.place()};
        double source = light.source().flux();
        double depth = box.depth() * inner.place();
        double front = outline.area() * half[0] * half[1];
        double cloth = outline.area() * small[0] * small[1];
        double backFlanks = flanks(outline, small, depth);
        double frontFlanks = flanks(outline, half, box.depth()) - backFlanks;
        PointLit straight = straight(light, small, depth);
        double peak = light.source().axialIntensity() / (depth * depth);
        double hits = Math.min(source, peak * straight.mean(outline, 1) * cloth);
        double innerThrough = Filled.through(inner.loss());
        double innerBack = BACK * (1 - innerThrough);
        double outerThrough = Filled.through(box.outerLoss());
        double outerBack = BACK * (1 - outerThrough);
        // what a flux of 1 from the inner cloth, as bright as the source makes it or evenly, gives the outer one
        double gap = box.depth() - depth;
        double[] fromStraight = FaceLit.illuminance(straight, outline, small, 1, half, gap);
        double[] fromEven = FaceLit.illuminance(outline, small, 1, half, gap);
        double straightShare = mean(fromStraight, outline) * front;
        double evenShare = mean(fromEven, outline) * front;
        double kept = box.lining();
        // shares: inner cloth to outer cloth, outer cloth to inner cloth and to lining
        double across = Math.min(1, evenShare);
        double backwards = across * cloth / front;
        double sideways = 1 - backwards;
        double straightFlux = innerThrough * hits;
        // what comes to: the inner cloth's back by the lining, the back lining, the inner cloth's front, the outer
        // cloth, the front lining
        RealMatrix sent = MatrixUtils.createRealMatrix(new double[][] {
            {0, kept, 0, 0, 0},
            {innerBack * cloth / backFlanks, kept * (1 - cloth / backFlanks), innerThrough * cloth / backFlanks, 0, 0},
            {0, 0, 0, outerBack * across, kept * (1 - across)},
            {innerThrough * backwards, 0, innerBack * backwards, 0, kept * sideways},
            {
                innerThrough * cloth * (1 - across) / frontFlanks,
                0,
                innerBack * cloth * (1 - across) / frontFlanks,
                outerBack * front * sideways / frontFlanks,
                kept * (1 - (cloth * (1 - across) + front * sideways) / frontFlanks)
            }
        });
        double[] first = {
            0,
            (source - hits + innerBack * hits) / backFlanks,
            0,
            straightFlux * straightShare / front,
            straightFlux * (1 - straightShare) / frontFlanks
        };
        double[] on = new LUDecomposition(
                        MatrixUtils.createRealIdentityMatrix(first.length).subtract(sent))
                .getSolver()
                .solve(MatrixUtils.createRealVector(first))
                .toArray();
        double evenFlux = (innerThrough * on[0] + innerBack * on[2]) * cloth;
        double round = kept * on[4] * sideways;
        double[] illuminance = new double[fromEven.length];
        for (int i = 0; i < illuminance.length; i++) {
            illuminance[i] = straightFlux * fromStraight[i] + evenFlux * fromEven[i] + round;
        }
        double onOuter = on[3] * front;
        double onInner = hits + (on[0] + on[2]) * cloth;
        return new SoftboxLight(
                new Filled(FaceLit.of(illuminance), outerThrough * most(illuminance)),
                (1 - kept) * (on[1] * backFlanks + on[4] * frontFlanks) / source,
                (1 - innerThrough - innerBack) * onInner / source,
                (1 - outerThrough - outerBack) * onOuter / source,
                outerThrough * onOuter / source);
    }

    private static double mean(double[] illuminance, Outline outline) {
        return FaceLit.of(illuminance).mean(outline, 1) * most(illuminance);
    }

    private static double most(double[] illuminance) {
        return Arrays.stream(illuminance).max().orElseThrow();
    }

    /** Another evenness over a constant. */
    record Lifted(Evenness above, double share, double floor) implements Evenness {

        @Override
        public double mean(Outline outline, int power) {
            double mean = share * above.mean(outline, 1);
            return power == 1
                    ? mean + floor
                    : share * share * above.mean(outline, 2) + 2 * mean * floor + floor * floor;
        }

        @Override
        public List<SmoothPart> parts(Outline outline) {
            List<SmoothPart> parts = new ArrayList<>();
            parts.add(new SmoothPart(outline, (across, up) -> floor));
            for (SmoothPart part : above.parts(outline)) {
                parts.add(new SmoothPart(
                        part.patches(), (across, up) -> share * part.evenness().at(across, up)));
            }
            return parts;
        }

        @Override
        public double at(double across, double up) {
            return share * above.at(across, up) + floor;
        }
    }
}
