package zephyrdune.picture;

import zephyrdune.picture.Turned.Outline;
import zephyrdune.table.Block;
import zephyrdune.table.Bowl;
import zephyrdune.table.Dish;
import zephyrdune.table.Drum;
import zephyrdune.table.Plate;
import zephyrdune.table.Surface;

/** The bodies of the dishes. Their outermost edges are the rims that the readings speak of. */
final class DishBody {

    /** Pieces along the curve of a bowl. */
    private static final int CURVE_PIECES = 10;

    /** Foot of a bowl and of a plate, as a share of the radius. */
    private static final double FOOT = 0.45;

    private static final double PLATE_FOOT = 0.6;

    /** Thickness of a bowl's wall, as a share of the radius. */
    private static final double WALL = 0.04;

    private DishBody() {}

    static Solid of(Dish dish) {
        if (dish instanceof Plate plate) {
            return plate(plate);
        } else if (dish instanceof Bowl bowl) {
            return bowl(bowl);
        } else if (dish instanceof Drum drum) {
            return drum(drum);
        }
        Block block = (Block) dish;
        return new Box(block.width(), block.depth(), block.blockHeight(), block.surface());
    }

    private static Solid plate(Plate plate) {
        double edge = plate.diameter() / 2;
        double well = plate.wellDiameter() / 2;
        double food = plate.foodDiameter() / 2;
        return new Outline(PLATE_FOOT * edge, 0)
                .to(edge, plate.rimHeight(), plate.surface())
                .to(well, Plate.WELL_HEIGHT, plate.surface())
                .to(food, Plate.WELL_HEIGHT, plate.surface())
                .to(food, plate.top(), plate.food())
                .to(0, plate.top(), plate.food())
                .turned();
    }

    private static Solid bowl(Bowl bowl) {
        double radius = bowl.diameter() / 2;
        double wall = WALL * radius;
        Surface surface = bowl.surface();
        Outline outline = new Outline(FOOT * radius, 0);
        for (int i = 1; i <= CURVE_PIECES; i++) {
            double level = bowl.rimHeight() * i / CURVE_PIECES;
            outline.curveTo(bowlRadius(bowl, level), level, surface);
        }
        outline.to(radius - wall, bowl.rimHeight(), surface);
        for (int i = 1; i <= CURVE_PIECES; i++) {
            double level = bowl.rimHeight() + (bowl.top() - bowl.rimHeight()) * i / CURVE_PIECES;
            if (i == 1) {
                outline.to(bowlRadius(bowl, level) - wall, level, surface);
            } else {
                outline.curveTo(bowlRadius(bowl, level) - wall, level, surface);
            }
        }
        return outline.to(0, bowl.top(), bowl.contents()).turned();
    }

    /** Outer radius of the bowl at a level: a quarter of an ellipse from the foot to the rim. */
    private static double bowlRadius(Bowl bowl, double level) {
        double rest = 1 - level / bowl.rimHeight();
        double radius = bowl.diameter() / 2;
        return radius * (FOOT + (1 - FOOT) * Math.sqrt(1 - rest * rest));
    }

    private static Solid drum(Drum drum) {
        return new Outline(drum.bottomDiameter() / 2, 0)
                .to(drum.topDiameter() / 2, drum.drumHeight(), drum.side())
                .to(0, drum.drumHeight(), drum.lid())
                .turned();
    }
}
