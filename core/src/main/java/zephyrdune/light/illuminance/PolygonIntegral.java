package zephyrdune.light.illuminance;

import zephyrdune.units.geometry.ConvexPolygon;

/** Integrals over convex parts of a plane; below zero for a part that winds clockwise. */
final class PolygonIntegral {

    /** Triangles longer than this are divided. */
    private static final double LONGEST = 0.75;

    private static final double[] WEIGHTS = {0.223381589678011, 0.109951743655322};
    private static final double[] NEAR = {0.445948490915965, 0.091576213509771};

    private PolygonIntegral() {}

    /** What is integrated. */
    interface Kernel {
        double at(double u, double v);
    }

    /** By four places with the part's area, middle and second moments. */
    static double small(double[] part, Kernel kernel) {
        double area = 0;
        double mu = 0;
        double mv = 0;
        double uu = 0;
        double uv = 0;
        double vv = 0;
        // about the first corner, triangle by triangle
        for (int i = 2; i + 2 < part.length; i += 2) {
            double u1 = part[i] - part[0];
            double v1 = part[i + 1] - part[1];
            double u2 = part[i + 2] - part[0];
            double v2 = part[i + 3] - part[1];
            double twice = u1 * v2 - u2 * v1;
            area += twice;
            mu += twice * (u1 + u2);
            mv += twice * (v1 + v2);
            uu += twice * (u1 * u1 + u1 * u2 + u2 * u2);
            uv += twice * (2 * u1 * v1 + u1 * v2 + u2 * v1 + 2 * u2 * v2);
            vv += twice * (v1 * v1 + v1 * v2 + v2 * v2);
        }
        if (area == 0) {
            return 0;
        }
        mu /= 3 * area;
        mv /= 3 * area;
        double first = Math.sqrt(Math.max(0, uu / (3 * area) - 2 * mu * mu));
        double skew = first == 0 ? 0 : (uv / (6 * area) - 2 * mu * mv) / first;
        double second = Math.sqrt(Math.max(0, vv / (3 * area) - 2 * mv * mv - skew * skew));
        double u = part[0] + mu;
        double v = part[1] + mv;
        return area
                / 8
                * (kernel.at(u + first, v + skew)
                        + kernel.at(u - first, v - skew)
                        + kernel.at(u, v + second)
                        + kernel.at(u, v - second));
    }

    /**
     * By triangles with six places each (D. A. Dunavant, High degree efficient symmetrical Gaussian quadrature rules for the triangle,
     * Int. J. Numer. Meth. Eng. 21, 1985, degree 4).
     */
    static double large(double[] part, Kernel kernel) {
        double sum = 0;
        for (int i = 2; i + 2 < part.length; i += 2) {
            sum += triangle(part[0], part[1], part[i], part[i + 1], part[i + 2], part[i + 3], kernel);
        }
        return Math.signum(ConvexPolygon.twiceArea(part)) * sum;
    }

    private static double triangle(double au, double av, double bu, double bv, double cu, double cv, Kernel kernel) {
        double ab = Math.hypot(bu - au, bv - av);
        double bc = Math.hypot(cu - bu, cv - bv);
        double ca = Math.hypot(au - cu, av - cv);
        if (Math.max(ab, Math.max(bc, ca)) > LONGEST) {
            if (ab < bc || ab < ca) {
                // so that the longest side is from a to b
                return bc >= ca ? triangle(bu, bv, cu, cv, au, av, kernel) : triangle(cu, cv, au, av, bu, bv, kernel);
            }
            double mu = (au + bu) / 2;
            double mv = (av + bv) / 2;
            return triangle(au, av, mu, mv, cu, cv, kernel) + triangle(mu, mv, bu, bv, cu, cv, kernel);
        }
        double area = Math.abs((bu - au) * (cv - av) - (bv - av) * (cu - au)) / 2;
        double sum = 0;
        for (int rule = 0; rule < 2; rule++) {
            double near = NEAR[rule];
            double far = 1 - 2 * near;
            sum += WEIGHTS[rule]
                    * (kernel.at(far * au + near * (bu + cu), far * av + near * (bv + cv))
                            + kernel.at(far * bu + near * (cu + au), far * bv + near * (cv + av))
                            + kernel.at(far * cu + near * (au + bu), far * cv + near * (av + bv)));
        }
        return area * sum;
    }
}
