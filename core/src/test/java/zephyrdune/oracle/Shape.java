package zephyrdune.oracle;

/** A matte thing in space that rays meet; lengths in metres. What it sends back is the same in all directions. */
abstract class Shape {

    /** What it sends back of red, green and blue light. */
    final double[] sends;

    /** Whether it is the light: luminance 1 in front, black behind. */
    final boolean shines;

    Shape(double[] sends, boolean shines) {
        this.sends = sends;
        this.shines = shines;
    }

    /** How far along a ray it is met, or infinity. */
    abstract double meets(double[] from, double[] way);

    /** Square to it at a place on it, of length 1; of either sign. */
    abstract double[] normal(double[] at);

    /** A flat four-cornered part, possibly with an upright gap in its middle. */
    static final class Flat extends Shape {
        final double[] middle;
        final double[] across;
        final double[] up;
        private final double[] normal;
        private final double gap;

        /** By its middle and half its sides, which are square to each other; it shines where across x up points. */
        Flat(double[] middle, double[] across, double[] up, double gap, double[] sends, boolean shines) {
            super(sends, shines);
            this.middle = middle;
            this.across = across;
            this.up = up;
            this.gap = gap;
            normal = Vec.unit(Vec.cross(across, up));
        }

        double area() {
            return 4 * Vec.length(across) * Vec.length(up);
        }

        @Override
        double meets(double[] from, double[] way) {
            double t = Vec.dot(Vec.less(middle, from), normal) / Vec.dot(way, normal);
            double[] at = Vec.less(Vec.plus(from, way, t), middle);
            boolean on = Math.abs(Vec.dot(at, across)) <= Vec.dot(across, across)
                    && Math.abs(Vec.dot(at, up)) <= Vec.dot(up, up)
                    && Math.abs(Vec.dot(at, across)) >= gap / 2 * Vec.length(across);
            return t > 0 && on ? t : Double.POSITIVE_INFINITY;
        }

        @Override
        double[] normal(double[] at) {
            return normal;
        }
    }

    /** A level disc. */
    static final class Disc extends Shape {
        private final double height;
        private final double radius;

        Disc(double height, double radius, double[] sends) {
            super(sends, false);
            this.height = height;
            this.radius = radius;
        }

        @Override
        double meets(double[] from, double[] way) {
            double t = (height - from[2]) / way[2];
            return t > 0 && Math.hypot(from[0] + t * way[0], from[1] + t * way[1]) <= radius
                    ? t
                    : Double.POSITIVE_INFINITY;
        }

        @Override
        double[] normal(double[] at) {
            return new double[] {0, 0, 1};
        }
    }

    /** The mantle of an upright cone cut off, or of a cylinder, standing on the table round the hero point. */
    static final class Mantle extends Shape {
        private final double foot;
        private final double widening;
        private final double height;

        Mantle(double foot, double top, double height, double[] sends) {
            super(sends, false);
            this.foot = foot;
            this.height = height;
            widening = (top - foot) / height;
        }

        @Override
        double meets(double[] from, double[] way) {
            // x² + y² = (foot + widening z)²
            double reach = foot + widening * from[2];
            double a = way[0] * way[0] + way[1] * way[1] - widening * widening * way[2] * way[2];
            double b = from[0] * way[0] + from[1] * way[1] - reach * widening * way[2];
            double c = from[0] * from[0] + from[1] * from[1] - reach * reach;
            double root = b * b - a * c;
            if (root < 0) {
                return Double.POSITIVE_INFINITY;
            }
            double near = Double.POSITIVE_INFINITY;
            for (double sign : new double[] {-1, 1}) {
                double t = (-b + sign * Math.sqrt(root)) / a;
                double z = from[2] + t * way[2];
                if (t > 0 && t < near && z >= 0 && z <= height) {
                    near = t;
                }
            }
            return near;
        }

        @Override
        double[] normal(double[] at) {
            double out = Math.hypot(at[0], at[1]);
            return Vec.unit(new double[] {at[0] / out, at[1] / out, -widening});
        }
    }
}
