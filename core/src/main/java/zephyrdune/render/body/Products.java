package zephyrdune.render.body;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.render.material.Material;
import zephyrdune.set.dish.Carton;
import zephyrdune.set.dish.SqueezeTube;
import zephyrdune.set.dish.Watch;

/** Things that are sold and not eaten. */
final class Products {

    /** Thickness of a label before its box, metres. */
    private static final double FILM = 0.0004;

    private static final int MARKS = 12;

    /** Which way the hands of a watch stand, radians clockwise from twelve: ten past ten. */
    private static final double[] HANDS = {2 * Math.PI * (10 + 1 / 6.0) / 12, 2 * Math.PI / 6};

    private Products() {}

    static Body carton(Carton carton) {
        double front = carton.depth() / 2;
        double high = carton.cartonHeight();
        Body.Maker maker = new Body.Maker()
                .add(new Box(
                        0,
                        FILM / 2,
                        high / 2,
                        carton.width() / 2,
                        front - FILM / 2,
                        high / 2,
                        Material.of(carton.board())));
        if (carton.labelHeight() > 0) {
            maker.add(new Box(
                    0,
                    -front + FILM / 2,
                    high / 2,
                    Carton.LABEL_WIDTH * carton.width() / 2,
                    FILM / 2,
                    carton.labelHeight() * high / 2,
                    Material.of(carton.label())));
        }
        return maker.body();
    }

    static Body tube(SqueezeTube tube) {
        double radius = tube.diameter() / 2;
        double cap = SqueezeTube.CAP * tube.tubeHeight();
        double capRadius = SqueezeTube.CAP_ACROSS * radius;
        double seam = 0.04 * tube.tubeHeight();
        double body = tube.tubeHeight() - cap - seam;
        double end = SqueezeTube.END * radius;
        Material skin = Material.of(tube.surface());
        Material hard = Material.of(tube.cap());
        return new Body.Maker()
                .add(new Meridian(capRadius, 0)
                        .to(capRadius, 0.96 * cap, hard)
                        .curveTo(0.98 * capRadius, cap, hard)
                        .to(radius, cap, skin)
                        .turned())
                .add(Body.posed(
                        new PressedTube(
                                radius, end, SqueezeTube.SEAM / 2, tube.labelHeight(), skin, Material.of(tube.label())),
                        Vector3D.of(0, 0, cap),
                        1,
                        1,
                        body,
                        0))
                .add(new Box(0, 0, tube.tubeHeight() - seam / 2, end, SqueezeTube.SEAM / 2, seam / 2, skin))
                .body();
    }

    static Body watch(Watch watch) {
        double radius = watch.diameter() / 2;
        double high = watch.thickness();
        double face = Watch.FACE * radius;
        double thick = (Watch.HANDS - Watch.DIAL) / 3 * high;
        Material metal = Material.of(watch.metal());
        Material marks = Material.of(watch.marks());
        Body.Maker maker = new Body.Maker()
                .add(new Meridian(0.9 * radius, 0)
                        .curveTo(0.98 * radius, 0.2 * high, metal)
                        .curveTo(radius, 0.5 * high, metal)
                        .curveTo(0.98 * radius, 0.8 * high, metal)
                        .to(0.9 * radius, high, metal)
                        .to(face, 0.97 * high, metal)
                        .to(face, Watch.DIAL * high, metal)
                        .to(0, Watch.DIAL * high, Material.of(watch.dial()))
                        .turned());
        for (int mark = 0; mark < MARKS; mark++) {
            double length = mark % 3 == 0 ? 0.1 : 0.06;
            maker.add(bar(0.9 - length, 0.9, 0.02, 2 * Math.PI * mark / MARKS, watch, thick, marks));
        }
        maker.add(bar(-0.1, 0.5, 0.025, HANDS[0], watch, 2 * thick, marks));
        maker.add(bar(-0.12, 0.78, 0.018, HANDS[1], watch, 3 * thick, marks));
        return maker.body();
    }

    /** A flat bar on a dial, from one distance of the middle to another as shares of the dial's radius, so many radians clockwise from twelve. */
    private static Solid bar(
            double from, double to, double halfWidth, double clock, Watch watch, double thick, Material material) {
        double face = Watch.FACE * watch.diameter() / 2;
        return Body.posed(
                new Box(
                        0,
                        (from + to) / 2 * face,
                        Watch.DIAL * watch.thickness() + thick / 2,
                        halfWidth * face,
                        (to - from) / 2 * face,
                        thick / 2,
                        material),
                Vector3D.ZERO,
                -clock);
    }
}
