package zephyrdune.light.emitter;

import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.special.Erf;
import zephyrdune.units.sampling.GaussLegendre;
import zephyrdune.units.sampling.Turn;

/** The shape of a face, in coordinates that run from -1 to 1 from side to side and from bottom to top. */
public enum Outline implements SmoothPatches {
    RECTANGLE {
        @Override
        public double area() {
            return 4;
        }

        @Override
        public void place(double s, double t, double[] into) {
            into[0] = 2 * s - 1;
            into[1] = 2 * t - 1;
        }

        @Override
        public int patches() {
            return 1;
        }

        @Override
        public double patch(int index, double s, double t, double[] into) {
            place(s, t, into);
            return 4;
        }

        @Override
        double meanOfBell(double k) {
            double half = Math.sqrt(Math.PI / k) / 2 * Erf.erf(Math.sqrt(k));
            return half * half;
        }

        @Override
        public boolean holds(double across, double up) {
            return Math.abs(across) <= 1 && Math.abs(up) <= 1;
        }
    },
    DISC {
        @Override
        public double area() {
            return Math.PI;
        }

        /** P. Shirley, K. Chiu, A low distortion map between disk and square, J. Graphics Tools 2(3), 1997. */
        @Override
        public void place(double s, double t, double[] into) {
            double a = 2 * s - 1;
            double b = 2 * t - 1;
            boolean flat = Math.abs(a) > Math.abs(b);
            double radius = flat ? a : b;
            double turn = radius == 0 ? 0 : flat ? b / a / 8 : 0.25 - a / b / 8;
            double share = turn < 0 ? turn + 1 : turn;
            into[0] = radius * Turn.cosine(share);
            into[1] = radius * Turn.sine(share);
        }

        @Override
        public int patches() {
            return 4;
        }

        /** A quarter, outwards and round. */
        @Override
        public double patch(int index, double s, double t, double[] into) {
            double turn = (index + t) / 4;
            into[0] = s * Turn.cosine(turn);
            into[1] = s * Turn.sine(turn);
            return Math.PI / 2 * s;
        }

        @Override
        double meanOfBell(double k) {
            return -Math.expm1(-k) / k;
        }

        @Override
        public boolean holds(double across, double up) {
            return across * across + up * up <= 1;
        }
    },
    OCTAGON {
        @Override
        public double area() {
            return 8 * TAN_EIGHTH;
        }

        /** One of eight triangles by the first number, then evenly in it. */
        @Override
        public void place(double s, double t, double[] into) {
            int side = Math.min(7, (int) (8 * s));
            patch(side, Math.sqrt(8 * s - side), t, into);
        }

        @Override
        public int patches() {
            return 8;
        }

        /** One of eight triangles, outwards and sideways. */
        @Override
        public double patch(int index, double s, double t, double[] into) {
            double sideways = s * TAN_EIGHTH * (2 * t - 1);
            double turn = index / 8.0;
            into[0] = s * Turn.cosine(turn) - sideways * Turn.sine(turn);
            into[1] = s * Turn.sine(turn) + sideways * Turn.cosine(turn);
            return 2 * s * TAN_EIGHTH;
        }

        @Override
        double meanOfBell(double k) {
            // in each of sixteen right triangles, outwards first
            double sum = EIGHTH.integrate(turn -> -Math.expm1(-k / (Math.cos(turn) * Math.cos(turn))) / (2 * k));
            return 16 * sum / area();
        }

        @Override
        public boolean holds(double across, double up) {
            double a = Math.abs(across);
            double b = Math.abs(up);
            return Math.max(a, b) <= 1 && a + b <= Math.sqrt(2);
        }
    };

    private static final double TAN_EIGHTH = Math.sqrt(2) - 1;
    private static final GaussIntegrator EIGHTH = GaussLegendre.over(16, 0, Math.PI / 8);

    /** Area in these coordinates. */
    public abstract double area();

    /** The place for two numbers from 0 to 1; numbers spread evenly over the square spread evenly over the face. */
    public abstract void place(double s, double t, double[] into);

    /** Whether a place is on the face. */
    public abstract boolean holds(double across, double up);

    /** Mean over the face of exp(-k r²), r the distance from its centre, for k above zero. */
    abstract double meanOfBell(double k);
}
