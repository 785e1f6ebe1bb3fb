package zephyrdune.render.body;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.render.material.Material;
import zephyrdune.set.dish.Biscuit;
import zephyrdune.set.dish.Block;
import zephyrdune.set.dish.Custard;
import zephyrdune.set.dish.Drum;
import zephyrdune.set.dish.Gateau;
import zephyrdune.set.dish.Heap;
import zephyrdune.set.dish.Loaf;
import zephyrdune.set.dish.Stack;
import zephyrdune.set.dish.Tart;

/** What is eaten. */
final class Food {

    private static final int ROUNDING_PIECES = 5;
    private static final int LEAVES = 46;
    private static final int FRUIT = 9;

    /** Which way the slice is taken out of a cake, radians from x: to the front, a little to the right. */
    private static final double SLICE_TO = -Math.PI / 2 + 0.35;

    /** Thickness of what is seen of a cut, metres. */
    private static final double FILM = 0.0004;

    private Food() {}

    static Body block(Block block) {
        return new Body(
                Box.standing(block.width(), block.depth(), block.blockHeight(), Material.of(block.surface())), null);
    }

    static Body drum(Drum drum) {
        return new Body(
                new Meridian(drum.bottomDiameter() / 2, 0)
                        .to(drum.topDiameter() / 2, drum.drumHeight(), Material.of(drum.side()))
                        .to(0, drum.drumHeight(), Material.of(drum.lid()))
                        .turned(),
                null);
    }

    /** Slabs a little smaller than the tower, so that it keeps within its outline however they are turned. */
    static Body stack(Stack stack) {
        int slices = Math.max(1, (int) Math.round(stack.stackHeight() / stack.sliceHeight()));
        double each = stack.stackHeight() / slices;
        Material material = Material.of(stack.surface());
        Body.Maker maker = new Body.Maker();
        for (int i = 0; i < slices; i++) {
            double turn = stack.askew() * 0.16 * (2 * Body.noise(i, 1) - 1);
            double width = stack.width() / 2;
            double depth = stack.depth() / 2;
            double grown = Math.max(
                    (width * Math.cos(turn) + depth * Math.abs(Math.sin(turn))) / width,
                    (depth * Math.cos(turn) + width * Math.abs(Math.sin(turn))) / depth);
            double slack = 0.04 * stack.askew();
            double size = (1 - slack * Body.noise(i, 2)) / grown - slack;
            double gap = i == slices - 1 ? 0 : 0.04;
            maker.add(Body.posed(
                    new Box(0, 0, 0.5 - gap / 2, width, depth, 0.5 - gap / 2, material),
                    Vector3D.of(
                            slack * width * (2 * Body.noise(i, 3) - 1),
                            slack * depth * (2 * Body.noise(i, 4) - 1),
                            i * each),
                    size,
                    size,
                    each,
                    turn));
        }
        return maker.body();
    }

    static Body tart(Tart tart) {
        double radius = tart.diameter() / 2;
        double high = tart.caseHeight();
        double wall = Math.min(0.006, 0.12 * radius);
        Material crust = Material.of(tart.crust());
        Body.Maker maker = new Body.Maker()
                .add(new Meridian(0.9 * radius, 0)
                        .to(radius, high - wall / 3, crust)
                        .curveTo(radius - wall / 3, high, crust)
                        .curveTo(radius - 0.7 * wall, high, crust)
                        .curveTo(radius - wall, tart.top(), crust)
                        .to(0, tart.top(), Material.of(tart.filling()))
                        .fluted((int) Math.round(2 * Math.PI * radius / 0.013), 0.8)
                        .turned());
        double thick = high - tart.top();
        for (int i = 0; i < FRUIT; i++) {
            double turn = 2 * Math.PI * i / FRUIT;
            maker.addRound(
                    Vector3D.of(
                            0.53 * radius * Math.cos(turn), 0.53 * radius * Math.sin(turn), tart.top() - 0.1 * thick),
                    0.36 * radius,
                    0.15 * radius,
                    thick,
                    turn + 0.35,
                    Material.of(tart.fruit()));
        }
        return maker.body();
    }

    static Body custard(Custard custard) {
        double bottom = custard.bottomDiameter() / 2;
        double top = custard.topDiameter() / 2;
        double high = custard.custardHeight();
        double flat = Custard.TOP * top;
        double rounding = Math.min(top - flat, 0.4 * high);
        Material cream = Material.of(custard.surface());
        Meridian outline = new Meridian(bottom, 0).to(top, high - rounding, cream);
        for (int i = 1; i <= ROUNDING_PIECES; i++) {
            double turn = Math.PI / 2 * i / ROUNDING_PIECES;
            outline.curveTo(flat + (top - flat) * Math.cos(turn), high - rounding * (1 - Math.sin(turn)), cream);
        }
        outline.curveTo(0, high, cream);
        if (custard.flutes() > 0) {
            outline.fluted(14, 0.9 * custard.flutes());
        }
        return new Body(outline.turned(), null);
    }

    static Body loaf(Loaf loaf) {
        double cut = 0.72;
        double half = loaf.length() / (1 + cut);
        double widest = Loaf.FULLEST * loaf.loafHeight();
        Solid round = new Round(cut, Material.of(loaf.crust()), Material.of(loaf.crumb()));
        return new Body(
                Body.posed(
                        round,
                        Vector3D.of(loaf.length() / 2 - cut * half, 0, widest),
                        half,
                        loaf.width() / 2,
                        loaf.loafHeight() - widest,
                        0),
                null);
    }

    /** Leaves on a dome, each leaning its own way. */
    static Body heap(Heap heap) {
        double radius = heap.diameter() / 2;
        Material leaf = Material.of(heap.leaf());
        double size = 0.33 * radius;
        Body.Maker maker = new Body.Maker();
        double dome = 0.72 * heap.heapHeight();
        maker.addRound(Vector3D.of(0, 0, 0), 0.62 * radius, 0.62 * radius, 0.8 * dome, 0, leaf);
        for (int i = 0; i < LEAVES; i++) {
            double out = Math.sqrt((i + 0.5) / LEAVES);
            double turn = i * 2.399963;
            double level = Math.sqrt(1 - 0.92 * out * out) * dome;
            Vector3D middle = Vector3D.of(
                    (radius - 0.8 * size) * out * Math.cos(turn), (radius - 0.8 * size) * out * Math.sin(turn), level);
            Vector3D normal = Vector3D.of(
                            0.7 * out * Math.cos(turn) + 0.9 * (Body.noise(i, 1) - 0.5),
                            0.7 * out * Math.sin(turn) + 0.9 * (Body.noise(i, 2) - 0.5),
                            0.9)
                    .normalize();
            Vector3D along =
                    Vector3D.of(Math.cos(turn + 3 * Body.noise(i, 3)), Math.sin(turn + 3 * Body.noise(i, 3)), 0);
            Vector3D x = along.subtract(normal.multiply(along.dot(normal))).normalize();
            double own = size * (0.75 + 0.3 * Body.noise(i, 4));
            double reach = own * Math.sqrt(1 - normal.getZ() * normal.getZ());
            double lift = Math.min(middle.getZ(), heap.heapHeight() - reach - 0.12 * own);
            maker.add(new Transformed(
                    new LeafSheet(0.35 * (Body.noise(i, 5) - 0.3), 0.9 * (Body.noise(i, 6) - 0.2), leaf),
                    x.multiply(own),
                    normal.cross(x).multiply(0.62 * own),
                    normal.multiply(0.4 * own),
                    Vector3D.of(middle.getX(), middle.getY(), Math.max(lift, 0.3 * reach))));
        }
        return maker.body();
    }

    static Body gateau(Gateau cake) {
        double radius = cake.diameter() / 2;
        double high = cake.cakeHeight();
        double edge = Math.min(0.005, 0.1 * high);
        Material icing = Material.of(cake.icing());
        Meridian outline = new Meridian(radius, 0)
                .to(radius, high - edge, icing)
                .curveTo(radius - 0.3 * edge, high - 0.3 * edge, icing)
                .curveTo(radius - edge, high, icing)
                .curveTo(0, high, icing);
        if (cake.slice() == 0) {
            return new Body(outline.turned(), null);
        }
        // what there is of the outside is about -y: turned till the gap, about +y, is where it belongs
        Body.Maker maker = new Body.Maker()
                .add(Body.posed(
                        outline.facing(Math.PI - cake.slice() / 2).turned(), Vector3D.ZERO, SLICE_TO - Math.PI / 2));
        for (int side = -1; side <= 1; side += 2) {
            cut(maker, cake, edge, side);
        }
        return maker.body();
    }

    /** One of the two faces of the cut: icing outside and on top, layers with filling between them within. */
    private static void cut(Body.Maker maker, Gateau cake, double edge, int side) {
        double radius = cake.diameter() / 2;
        double high = cake.cakeHeight();
        double skin = Math.max(edge, 0.04 * radius);
        double turn = SLICE_TO + side * cake.slice() / 2;
        Material icing = Material.of(cake.icing());
        maker.add(film(radius - skin, radius, 0, high - edge, side, turn, icing))
                .add(film(0, radius - edge, high - skin, high, side, turn, icing))
                .add(film(radius - edge, radius - 0.3 * edge, high - edge, high - 0.3 * edge, side, turn, icing));
        double each = (high - skin) / cake.layers();
        double between = Math.min(0.006, 0.2 * each);
        for (int layer = 0; layer < cake.layers(); layer++) {
            double foot = layer * each;
            double from = layer == 0 ? 0 : foot + between;
            maker.add(film(0, radius - skin, from, foot + each, side, turn, Material.of(cake.inside())));
            if (layer > 0) {
                maker.add(film(0, radius - skin, foot, from, side, turn, Material.of(cake.filling())));
            }
        }
    }

    /** An upright strip along a cut, from one distance of the axis to another and between two heights, just inside the cake. */
    private static Solid film(
            double from, double to, double low, double high, int side, double turn, Material material) {
        return Body.posed(
                new Box(
                        (from + to) / 2,
                        side * FILM / 2,
                        (low + high) / 2,
                        (to - from) / 2,
                        FILM / 2,
                        (high - low) / 2,
                        material),
                Vector3D.ZERO,
                turn);
    }

    static Body biscuit(Biscuit biscuit) {
        double radius = biscuit.diameter() / 2;
        double flat = Biscuit.FLAT * radius;
        double half = biscuit.thickness() / 2;
        Material dough = Material.of(biscuit.surface());
        Meridian outline =
                new Meridian(flat, 0).curveTo(0.97 * radius, 0.4 * half, dough).curveTo(radius, half, dough);
        for (int i = 1; i <= ROUNDING_PIECES; i++) {
            double turn = Math.PI / 2 * i / ROUNDING_PIECES;
            outline.curveTo(flat + (radius - flat) * Math.cos(turn), half + half * Math.sin(turn), dough);
        }
        return new Body(outline.curveTo(0, biscuit.thickness(), dough).turned(), null);
    }
}
