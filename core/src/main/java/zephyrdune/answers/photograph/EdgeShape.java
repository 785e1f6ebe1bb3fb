package zephyrdune.answers.photograph;

/** How light grows over a shadow's edge as more of the source comes into view, from -1 where it begins to 1. */
enum EdgeShape {
    /** Evenly: a square one in line with the edge. */
    SQUARE {
        @Override
        double share(double at) {
            return Math.max(0, Math.min(1, (at + 1) / 2));
        }

        @Override
        double slope(double at) {
            return Math.abs(at) < 1 ? 0.5 : 0;
        }
    },

    /** As the share of a disc beyond a chord. */
    DISC {
        @Override
        double share(double at) {
            double x = Math.max(-1, Math.min(1, at));
            return 0.5 + (x * Math.sqrt(1 - x * x) + Math.asin(x)) / Math.PI;
        }

        @Override
        double slope(double at) {
            return 2 / Math.PI * Math.sqrt(Math.max(0, 1 - at * at));
        }
    };

    /** Of the light that is in view. */
    abstract double share(double at);

    /** How fast that grows. */
    abstract double slope(double at);
}
