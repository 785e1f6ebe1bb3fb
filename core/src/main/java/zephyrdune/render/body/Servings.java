package zephyrdune.render.body;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.render.material.Material;
import zephyrdune.set.dish.Bowl;
import zephyrdune.set.dish.FilledRoll;
import zephyrdune.set.dish.Heap;
import zephyrdune.set.dish.Noodles;
import zephyrdune.set.dish.Rolls;
import zephyrdune.set.dish.Salad;
import zephyrdune.set.dish.ServingBoard;
import zephyrdune.set.dish.Sorbet;

/** Food with what it is served in or on. */
final class Servings {

    /** Loops of noodles in a nest. */
    private static final int LOOPS = 30;

    private static final int LEAVES = 9;
    private static final int NEIGHBOURS = 6;
    private static final int DOME_PIECES = 9;

    private Servings() {}

    static Body salad(Salad salad) {
        double low = 0.55 * salad.rimHeight();
        Body heap = Food.heap(new Heap(Salad.HEAP * salad.diameter(), salad.top() - low, salad.leaf()));
        return new Body.Maker()
                .add(Crockery.bowl(new Bowl(salad.diameter(), salad.rimHeight(), salad.surface(), 0.7, salad.leaf()))
                        .opaque())
                .add(heap.moved(0, 0, low, 0).opaque())
                .body();
    }

    /** Loops that lie over each other, each leaning its own way. */
    static Body noodles(Noodles noodles) {
        double level = Noodles.FILL * noodles.rimHeight();
        double inner = 0.42 * noodles.diameter();
        double thick = noodles.thickness() / 2;
        Material noodle = Material.of(noodles.noodle());
        Body.Maker maker = new Body.Maker()
                .add(Crockery.bowl(new Bowl(
                                noodles.diameter(),
                                noodles.rimHeight(),
                                noodles.surface(),
                                Noodles.FILL,
                                noodles.broth()))
                        .opaque());
        double rise = noodles.top() - level;
        for (int i = 0; i < LOOPS; i++) {
            double share = (i + 0.5) / LOOPS;
            // the higher, the narrower the nest
            double room = inner * (0.95 - 0.62 * share);
            double radius = room * (0.42 + 0.4 * Body.noise(i, 1));
            double turn = i * 2.399963;
            double off = room - radius - thick;
            double lean = 0.28 * (Body.noise(i, 2) - 0.3);
            double reach = radius * Math.sin(Math.abs(lean)) + thick;
            double middle = Math.min(level + share * rise, noodles.top() - reach);
            Vector3D up = Vector3D.of(Math.sin(lean) * Math.cos(turn), Math.sin(lean) * Math.sin(turn), Math.cos(lean));
            Vector3D along = Vector3D.of(-Math.sin(turn), Math.cos(turn), 0);
            maker.add(new Transformed(
                    Meridian.ring(radius, thick, noodle).turned(),
                    along,
                    up.cross(along),
                    up,
                    Vector3D.of(off * Math.cos(turn), off * Math.sin(turn), middle)));
        }
        // one on top that lies level, so that the nest is as high as stated
        maker.add(Body.posed(
                Meridian.ring(Noodles.CROWN * noodles.diameter() / 2 - thick, thick, noodle)
                        .turned(),
                Vector3D.of(0, 0, noodles.top() - thick),
                0));
        return maker.body();
    }

    static Body sorbet(Sorbet sorbet) {
        double half = sorbet.scoopDiameter() / 2;
        Material ice = Material.of(sorbet.sorbet());
        Body.Maker maker = new Body.Maker()
                .add(Crockery.bowl(new Bowl(
                                sorbet.diameter(),
                                sorbet.rimHeight(),
                                sorbet.surface(),
                                Sorbet.FLOOR,
                                sorbet.surface()))
                        .opaque());
        if (sorbet.below() == 1) {
            return scoop(maker, 0, 0, sorbet.middle(), half, ice).body();
        }
        for (int i = 0; i < sorbet.below(); i++) {
            // one to the front, the others round the axis
            double turn = 2 * Math.PI * i / sorbet.below() - Math.PI / 2;
            scoop(maker, sorbet.ring() * Math.cos(turn), sorbet.ring() * Math.sin(turn), sorbet.middle(), half, ice);
        }
        return scoop(maker, 0, 0, sorbet.highest(), half, ice).body();
    }

    /** A ball with the ragged foot that the scoop leaves. */
    private static Body.Maker scoop(Body.Maker maker, double x, double y, double z, double half, Material ice) {
        return maker.addRound(Vector3D.of(x, y, z), half, half, half, 0, ice)
                .addRound(Vector3D.of(x, y, z - 0.55 * half), 0.98 * half, 0.98 * half, 0.2 * half, 0, ice);
    }

    static Body rolls(Rolls rolls) {
        Material crust = Material.of(rolls.crust());
        double sunk = Math.min(0.2 * rolls.rollHeight(), 0.9 * rolls.thickness());
        double half = (rolls.rollHeight() + sunk) / 2;
        double middle = rolls.top() - half;
        double radius = rolls.rollDiameter() / 2;
        Body.Maker maker = new Body.Maker()
                .add(Crockery.board(new ServingBoard(rolls.width(), rolls.depth(), rolls.thickness(), rolls.board()))
                        .opaque())
                .addRound(Vector3D.of(0, 0, middle), radius, radius, half, 0.4, crust);
        for (int i = 0; i < NEIGHBOURS; i++) {
            double turn = 2 * Math.PI * i / NEIGHBOURS;
            double x = Rolls.APART * rolls.rollDiameter() * Math.cos(turn);
            double y = Rolls.APART * rolls.rollDiameter() * Math.sin(turn);
            if (rolls.holds(x, y)) {
                double size = 0.93 + 0.07 * Body.noise(i, 1);
                double lower = half * (0.9 + 0.1 * Body.noise(i, 2));
                maker.addRound(
                        Vector3D.of(x, y, middle - (half - lower)),
                        radius * size,
                        radius * (0.93 + 0.07 * Body.noise(i, 3)),
                        lower,
                        3 * Body.noise(i, 4),
                        crust);
            }
        }
        return maker.body();
    }

    static Body filledRoll(FilledRoll roll) {
        double radius = roll.diameter() / 2;
        double bread = FilledRoll.BREAD * radius;
        double high = roll.rollHeight();
        double lower = FilledRoll.LOWER * high;
        double leaves = FilledRoll.LEAVES * high;
        double filling = FilledRoll.FILLING * high;
        Material crust = Material.of(roll.crust());
        Material crumb = Material.of(roll.crumb());
        Material inside = Material.of(roll.filling());
        Body.Maker maker = new Body.Maker()
                .add(new Meridian(0.86 * bread, 0)
                        .curveTo(0.97 * bread, 0.3 * lower, crust)
                        .curveTo(bread, 0.75 * lower, crust)
                        .to(0.97 * bread, lower, crumb)
                        .to(0, lower, crumb)
                        .turned());
        for (int i = 0; i < LEAVES; i++) {
            leaf(maker, roll, i, radius, (lower + leaves) / 2, (leaves - lower) / 2);
        }
        double edge = 0.25 * (filling - leaves);
        maker.add(new Meridian(bread - edge, leaves)
                .curveTo(bread, leaves + edge, inside)
                .curveTo(bread, filling - edge, inside)
                .curveTo(bread - edge, filling, inside)
                .to(0, filling, inside)
                .turned());
        Meridian dome = new Meridian(0.9 * bread, filling).to(0.97 * bread, filling + 0.06 * high, crumb);
        double foot = filling + 0.06 * high;
        for (int i = 1; i <= DOME_PIECES; i++) {
            double turn = Math.PI / 2 * i / DOME_PIECES;
            dome.curveTo(0.97 * bread * Math.cos(turn), foot + (high - foot) * Math.sin(turn), crust);
        }
        return maker.add(dome.turned()).body();
    }

    /** One leaf that looks out between the halves, waving up and down within its layer. */
    private static void leaf(Body.Maker maker, FilledRoll roll, int i, double radius, double middle, double half) {
        double size = 0.36 * radius;
        double turn = 2 * Math.PI * i / LEAVES;
        double out = radius - size;
        double fold = half * (i % 2 == 0 ? 1 : -1) * 0.9;
        maker.add(Body.posed(
                new LeafSheet(0.5, -0.5, Material.of(roll.leaf())),
                Vector3D.of(out * Math.cos(turn), out * Math.sin(turn), middle),
                size,
                size,
                2 * fold,
                turn));
    }
}
