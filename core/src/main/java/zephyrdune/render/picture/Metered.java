package zephyrdune.render.picture;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.render.trace.Incidence;
import zephyrdune.render.trace.Scene;
import zephyrdune.set.TableSet;
import zephyrdune.units.sampling.StandardError;
import zephyrdune.units.sampling.Sureness;

/**
 * All light on a matte element as the camera records white there, by traced rounds: each reading asks for as many as it needs. The same for
 * the same set.
 */
public final class Metered {

    /** A standard error that is well enough, stops. */
    private static final double SURE = 0.03;

    /** As many rounds as there is time for, fewer where cards make each dear. */
    private static final int MOST = 192;

    private static final int MOST_AMONG_CARDS = 64;

    private final Incidence incidence;
    private final Mix mix;
    private final int most;
    private final StandardError spread = new StandardError();

    public Metered(TableSet set, Scene scene, Vector3D place, Vector3D normal, Mix mix) {
        incidence = new Incidence(set, scene, place, normal);
        this.mix = mix;
        most = set.cards().isEmpty() ? MOST : MOST_AMONG_CARDS;
    }

    /** Pixel value of white, linear. */
    public double light() {
        return mix.light(incidence.light());
    }

    /** Every layer, red, green and blue in turn, for lights of luminance 1 and a room of luminance 1. */
    public double[] layers() {
        return incidence.light();
    }

    /** How unsure the light is: its standard error by what the rounds say, over the light. */
    private double unsure() {
        return spread.error();
    }

    /** Looks on until the ratio of the light at two places is known well enough or that takes too long. */
    public static double settle(Metered one, Metered other) {
        return settle(one, other, Sureness.AT_REST);
    }

    /**
     * Looks on, at that of two places where it is less sure, until the ratio of their light is known well enough or that takes too long.
     *
     * @return standard error of the ratio, stops
     */
    public static double settle(Metered one, Metered other, Sureness sureness) {
        one.atLeast(sureness.least());
        other.atLeast(sureness.least());
        int most = sureness == Sureness.AT_REST ? Math.max(one.most, other.most) : sureness.least();
        while (true) {
            double first = one.unsure();
            double second = other.unsure();
            double error = Math.hypot(first, second) / Math.log(2);
            Metered next = second > first && other.size() < most || one.size() >= most ? other : one;
            if (!(error > SURE) || next.size() >= most) {
                return error;
            }
            next.more();
        }
    }

    private void atLeast(int rounds) {
        while (size() < rounds) {
            more();
        }
    }

    private void more() {
        spread.add(mix.light(incidence.more()));
    }

    int size() {
        return incidence.size();
    }
}
