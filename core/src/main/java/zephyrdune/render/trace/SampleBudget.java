package zephyrdune.render.trace;

/**
 * How much work goes into one sample along a ray.
 *
 * @param shadowRays towards each light from what the eye sees
 * @param paths of reflected light followed from there
 * @param indirectPaths the same where what is seen is reflected light alone: in shade, and of rough metal
 * @param reflections followed at most along a path; from the third on each goes on only as likely as it matters
 * @param exact whether what cards leave of the key is worked out, not sampled, on the first surface of a path if it is matte, and its open
 *     light on the second: for readings
 * @param apart light reflected by matte surfaces is followed at one pixel in so many across and down, and counts for those between as well
 */
public record SampleBudget(int shadowRays, int paths, int indirectPaths, int reflections, boolean exact, int apart) {

    public SampleBudget(int shadowRays, int paths, int reflections, boolean exact) {
        this(shadowRays, paths, paths, reflections, exact, 1);
    }

    /** As pictures are made. */
    public SampleBudget(int shadowRays, int paths, int reflections) {
        this(shadowRays, paths, reflections, false);
    }

    /** Eight rays and one path, as far as it goes. */
    public static final SampleBudget USUAL = new SampleBudget(8, 1, 24);

    /** For a first look: three rays, and a path for every four pixels. */
    public static final SampleBudget FIRST = new SampleBudget(3, 1, 1, 24, false, 2);

    /** Rays towards each light, for readings, from what is met first: a fifth more time for half the variance or less. */
    private static final int EXACT_SECOND = 4;

    /** What looks along the mirrored direction finds most of a light's image. */
    private static final int MIRROR_RAYS = 2;

    /** Rays towards each light from a vertex after so many reflections. */
    int shadowRays(int reflections) {
        return reflections <= 0 ? shadowRays : exact && reflections == 1 ? EXACT_SECOND : 1;
    }

    /** Rays towards each light for its image in a coat alone. */
    int mirrorRays() {
        return Math.min(shadowRays, MIRROR_RAYS);
    }

    /** The same with at least so many paths where what is seen is reflected light alone. */
    public SampleBudget withIndirect(int least) {
        return least <= indirectPaths ? this : new SampleBudget(shadowRays, paths, least, reflections, exact, apart);
    }

    /** Light straight from the lights, or mirrored, alone. */
    public static SampleBudget direct(int shadowRays) {
        return new SampleBudget(shadowRays, 0, 0);
    }
}
