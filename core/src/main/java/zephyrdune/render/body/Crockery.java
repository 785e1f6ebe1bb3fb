package zephyrdune.render.body;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.render.material.Material;
import zephyrdune.set.dish.Bowl;
import zephyrdune.set.dish.Cloth;
import zephyrdune.set.dish.Cup;
import zephyrdune.set.dish.Cutlery;
import zephyrdune.set.dish.CutleryPiece;
import zephyrdune.set.dish.Plate;
import zephyrdune.set.dish.ServingBoard;

/** What food is served on and eaten with. */
final class Crockery {

    /** Pieces along the curve of a bowl. */
    private static final int CURVE_PIECES = 10;

    /** Foot of a bowl and of a plate, as a share of the radius. */
    private static final double FOOT = 0.45;

    private static final double PLATE_FOOT = 0.6;

    /** Thickness of a plate, metres. */
    private static final double PLATE_THICKNESS = 0.6 * Plate.WELL_HEIGHT;

    /** Thickness of a bowl's wall, as a share of the radius. */
    private static final double WALL = 0.04;

    /** Height of a saucer's well, metres. */
    private static final double SAUCER_WELL = 0.005;

    /** Thickness of a cup's handle as a share of its size, and how far it goes on each side of the outermost place, radians. */
    private static final double HANDLE = 0.17;

    private static final double HANDLE_TURN = Math.PI / 2;

    private Crockery() {}

    static Body plate(Plate plate) {
        double edge = plate.diameter() / 2;
        double well = plate.wellDiameter() / 2;
        double food = plate.foodDiameter() / 2;
        double bevel = Math.min(0.12 * food, 0.3 * plate.foodHeight());
        Material ceramic = Material.of(plate.surface());
        Material slab = Material.of(plate.food());
        double lip = Math.min(0.0025, plate.rimHeight() / 4);
        double slope = (edge + well) / 2;
        double slopeHeight = 0.42 * plate.rimHeight() + 0.58 * Plate.WELL_HEIGHT;
        return new Body.Maker()
                .add(lip(
                                new Meridian(PLATE_FOOT * edge, 0)
                                        .to(well, Plate.WELL_HEIGHT - PLATE_THICKNESS, ceramic)
                                        .curveTo(slope, slopeHeight - PLATE_THICKNESS, ceramic)
                                        .curveTo(edge - lip, plate.rimHeight() - lip, ceramic),
                                edge,
                                plate.rimHeight(),
                                lip,
                                ceramic)
                        .curveTo(slope, slopeHeight, ceramic)
                        .curveTo(well, Plate.WELL_HEIGHT, ceramic)
                        .curveTo(0.96 * well, Plate.WELL_HEIGHT, ceramic)
                        .to(0, Plate.WELL_HEIGHT, ceramic)
                        .turned())
                .add(new Meridian(food, Plate.WELL_HEIGHT)
                        .to(food, plate.top() - bevel, slab)
                        .curveTo(food - 0.3 * bevel, plate.top() - 0.3 * bevel, slab)
                        .curveTo(food - bevel, plate.top(), slab)
                        .curveTo(0, plate.top(), slab)
                        .turned())
                .body();
    }

    /** Round the edge of a plate, from under it to over it. */
    private static Meridian lip(Meridian outline, double edge, double rim, double lip, Material material) {
        return outline.curveTo(edge, rim - lip / 2, material)
                .curveTo(edge - lip / 2, rim, material)
                .curveTo(edge - lip, rim - lip / 4, material);
    }

    static Body bowl(Bowl bowl) {
        double radius = bowl.diameter() / 2;
        double wall = WALL * radius;
        Material clay = Material.of(bowl.surface());
        Meridian outline = new Meridian(FOOT * radius, 0);
        for (int i = 1; i <= CURVE_PIECES; i++) {
            double level = bowl.rimHeight() * i / CURVE_PIECES;
            outline.curveTo(bowlRadius(bowl, level), level, clay);
        }
        outline.to(radius - wall, bowl.rimHeight(), clay);
        for (int i = 1; i <= CURVE_PIECES; i++) {
            double level = bowl.rimHeight() + (bowl.top() - bowl.rimHeight()) * i / CURVE_PIECES;
            if (i == 1) {
                outline.to(bowlRadius(bowl, level) - wall, level, clay);
            } else {
                outline.curveTo(bowlRadius(bowl, level) - wall, level, clay);
            }
        }
        return new Body(outline.to(0, bowl.top(), Material.of(bowl.contents())).turned(), null);
    }

    /** Outer radius of the bowl at a level: a quarter of an ellipse from the foot to the rim. */
    private static double bowlRadius(Bowl bowl, double level) {
        double rest = 1 - level / bowl.rimHeight();
        double radius = bowl.diameter() / 2;
        return radius * (FOOT + (1 - FOOT) * Math.sqrt(1 - rest * rest));
    }

    /** The handle is half an oval ring, leaning as the cup's side does. */
    static Body cup(Cup cup) {
        double radius = cup.diameter() / 2;
        double saucer = Cup.SAUCER * radius;
        double lip = 0.0015;
        Material clay = Material.of(cup.surface());
        Body.Maker maker = new Body.Maker()
                .add(lip(
                                new Meridian(FOOT * saucer, 0).to(saucer - lip, Cup.SAUCER_RIM - lip, clay),
                                saucer,
                                Cup.SAUCER_RIM,
                                lip,
                                clay)
                        .curveTo(1.1 * FOOT * saucer, SAUCER_WELL, clay)
                        .to(0, SAUCER_WELL, clay)
                        .turned())
                .add(bowl(new Bowl(cup.diameter(), cup.cupHeight(), cup.surface(), cup.fill(), cup.contents()))
                        .opaque());
        double out = 0.42 * radius;
        double up = 0.27 * cup.cupHeight();
        return maker.add(new Transformed(
                        Meridian.ring(1, HANDLE, clay).facing(HANDLE_TURN).turned(),
                        Vector3D.of(-0.08 * radius, 0, -up),
                        Vector3D.of(-out, 0, 0),
                        Vector3D.of(0, 1.3 * out, 0),
                        Vector3D.of(0.9 * radius, 0, 0.6 * cup.cupHeight())))
                .body();
    }

    static Body board(ServingBoard board) {
        return new Body(
                Box.standing(board.width(), board.depth(), board.thickness(), Material.of(board.surface())), null);
    }

    static Body cloth(Cloth cloth) {
        return new Body(
                Box.standing(cloth.width(), cloth.depth(), Cloth.THICKNESS, Material.of(cloth.surface())), null);
    }

    static Body cutlery(Cutlery cutlery) {
        double length = cutlery.length();
        double breadth = Cutlery.BREADTH * length / 2;
        double top = cutlery.top();
        Material metal = Material.of(cutlery.metal());
        Body.Maker maker = new Body.Maker();
        // the handle, flat and long, lies highest in its middle
        double flat = 0.10 * top;
        maker.addRound(Vector3D.of(0, -0.20 * length, top - flat), 0.30 * breadth, 0.30 * length, flat, 0, metal);
        if (cutlery.piece() == CutleryPiece.SPOON) {
            maker.add(Body.posed(
                    new LeafSheet(1, 1, metal),
                    Vector3D.of(0, 0.33 * length, 0.03 * top),
                    breadth,
                    0.17 * length,
                    0.85 * top,
                    0));
            maker.add(new Box(0, 0.11 * length, top - flat, 0.07 * breadth, 0.06 * length, flat / 2, metal));
        } else if (cutlery.piece() == CutleryPiece.FORK) {
            maker.add(new Box(0, 0.11 * length, top - flat, 0.10 * breadth, 0.06 * length, flat / 2, metal));
            maker.addRound(Vector3D.of(0, 0.22 * length, 0.6 * top), 0.62 * breadth, 0.07 * length, flat, 0, metal);
            for (int tine = 0; tine < 4; tine++) {
                double x = (tine - 1.5) * 0.33 * breadth;
                maker.add(new Box(x, 0.36 * length, 0.45 * top, 0.07 * breadth, 0.14 * length, flat / 2, metal));
            }
        } else {
            maker.addRound(
                    Vector3D.of(0, 0.28 * length, 0.5 * top), 0.10 * breadth, 0.22 * length, 0.45 * top, 0, metal);
        }
        return maker.body();
    }
}
