package zephyrdune.answers.search;

import zephyrdune.set.TableSet;

/**
 * A placement that was looked at.
 *
 * @param at its coordinates in its spot
 * @param missed of the look, and one for each finding that ruins any picture
 */
record Candidate(Build build, Spot spot, double[] at, TableSet set, double missed) {

    /** Two that differ less than this are one and the same to a photographer. */
    static final double DIFFERENT = 1;

    private static final double HOUR_AND_A_HALF = Math.PI / 4;
    private static final double TWENTY_DEGREES = Math.PI / 9;
    private static final double TWICE = Math.log(2);

    /** How unlike another it is: by how far round, how high and how far off its light stands, and by what is put up. */
    double unlike(Candidate other) {
        double round = Math.abs(
                Math.IEEEremainder(set.light().clock() - other.set.light().clock(), 2 * Math.PI));
        double height = Math.abs(set.light().heightAngle() - other.set.light().heightAngle());
        double far =
                Math.abs(Math.log(set.light().distance() / other.set.light().distance()));
        double built = (build.shaper().equals(other.build.shaper()) ? 0 : DIFFERENT)
                + (build.cards().equals(other.build.cards()) ? 0 : DIFFERENT / 2);
        return round / HOUR_AND_A_HALF + height / TWENTY_DEGREES + far / TWICE + built;
    }
}
