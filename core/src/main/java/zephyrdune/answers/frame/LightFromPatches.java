package zephyrdune.answers.frame;

import java.util.ArrayList;
import java.util.List;
import zephyrdune.answers.calibration.LinearGaussian;
import zephyrdune.answers.calibration.Measurement;
import zephyrdune.answers.kit.Ground;
import zephyrdune.set.kit.UsualSpread;
import zephyrdune.set.light.Light;

/**
 * How much more the lights give than their numbers say, by all patches of a frame together. What a source gives, what its shaper takes and how true its dial is
 * cannot be told apart by one frame: it is all of them together. Beside that the room may be brighter than it was measured, and dish, table and background paler than
 * they are taken for; each has a spread that it is known to before, and they share out what is found.
 *
 * @param more stops
 * @param spread standard deviation of that
 * @param roomMore stops by which the room is brighter than it was measured
 * @param roomSpread standard deviation of that
 * @param strange patches that are off by themselves, by their places in the list
 */
record LightFromPatches(double more, double spread, double roomMore, double roomSpread, List<Integer> strange) {

    /** Of the unknowns: the lights, the room, then a reflectance for each kind of surface. */
    private static final int LIGHT = 0;

    private static final int ROOM_LIGHT = 1;
    private static final int SURFACES = 2;

    /** Shares change with what is found: so often it is worked out anew. */
    private static final int TIMES = 4;

    /** @param patches that are predicted and measured */
    static LightFromPatches of(Light light, List<PatchReading> patches) {
        double[] priors = priors(light);
        List<Integer> strange = List.of();
        LinearGaussian found = LinearGaussian.of(priors, List.of());
        for (int i = 0; i < TIMES; i++) {
            List<Measurement> all = measurements(patches, found.mean(LIGHT), found.mean(ROOM_LIGHT));
            strange = LinearGaussian.strange(priors, all);
            List<Measurement> believed = new ArrayList<>();
            for (int at = 0; at < all.size(); at++) {
                if (!strange.contains(at)) {
                    believed.add(all.get(at));
                }
            }
            found = LinearGaussian.of(priors, believed);
        }
        return new LightFromPatches(
                found.mean(LIGHT), found.spread(LIGHT), found.mean(ROOM_LIGHT), found.spread(ROOM_LIGHT), strange);
    }

    private static double[] priors(Light light) {
        double[] priors = new double[SURFACES + Ground.values().length];
        for (Ground ground : Ground.values()) {
            priors[SURFACES + ground.ordinal()] = ground.spread();
        }
        priors[LIGHT] = Math.sqrt(UsualSpread.SOURCE * UsualSpread.SOURCE
                + UsualSpread.DIAL * UsualSpread.DIAL
                + UsualSpread.of(light) * UsualSpread.of(light));
        priors[ROOM_LIGHT] = UsualSpread.ROOM;
        return priors;
    }

    private static List<Measurement> measurements(List<PatchReading> patches, double light, double roomLight) {
        List<Measurement> all = new ArrayList<>();
        for (PatchReading patch : patches) {
            PatchLight seen = PatchLight.of(patch, light, roomLight);
            double[] slopes = new double[SURFACES + Ground.values().length];
            slopes[LIGHT] = seen.lights();
            slopes[ROOM_LIGHT] = seen.room();
            slopes[SURFACES + patch.patch().part().ground().ordinal()] = 1;
            all.add(new Measurement(seen.value(), slopes, seen.spread()));
        }
        return all;
    }
}
