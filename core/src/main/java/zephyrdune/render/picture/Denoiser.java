package zephyrdune.render.picture;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import zephyrdune.render.trace.LightComponent;

/**
 * A picture that is still noisy, evened out component by component, each as far as its own noise reaches: light by way of other surfaces
 * widely, what coats, metal and glass show along what faces the same way alone, light straight from the lights hardly, so that shadow edges keep
 * their width, and their images in coats among next neighbours alone. With more samples less is evened, down to nothing. Readings never come from it.
 *
 * <p>The difference of the earlier and the later samples goes through the same filters, and comes out as one of the picture's error (F.
 * Rousselle and others, Adaptive rendering with non-local means filtering, ACM Trans. Graph. 31, 2012, use two halves so).
 */
public final class Denoiser {

    private static final Map<LightComponent, WaveletFilter.Settings> SETTINGS = new EnumMap<>(Map.of(
            LightComponent.DIRECT,
            new WaveletFilter.Settings(new int[] {1, 2}, 2, Likeness.Facing.ALIKE, 1.5f, true, false),
            LightComponent.INDIRECT,
            new WaveletFilter.Settings(new int[] {1, 2, 4, 8}, 3, Likeness.Facing.ALIKE, 3, true, true),
            LightComponent.HIGHLIGHT,
            new WaveletFilter.Settings(new int[] {1}, 1, Likeness.Facing.THE_SAME_WAY, 1, false, false),
            LightComponent.SPECULAR,
            new WaveletFilter.Settings(new int[] {1, 2, 4}, 2, Likeness.Facing.THE_SAME_WAY, 2, false, true)));

    /**
     * Mean square of the noise that is left, over what the halves tell: more than fits most sets, so that what is told is hardly ever too small
     * (light-model.md). Images of lights are spread more evenly over the whole than over its halves laid together by chance, so less is left;
     * light by way of other surfaces is evened widely, and changes of its own that are no larger than its noise go with that, which is told too
     * little.
     */
    private static final Map<LightComponent, Float> LEFT = new EnumMap<>(Map.of(
            LightComponent.DIRECT, 0.6f,
            LightComponent.INDIRECT, 4.3f,
            LightComponent.HIGHLIGHT, 0.8f,
            LightComponent.SPECULAR, 1.1f));

    /** The same of what the surface's colour is unsure by: it is the same for all light that has it. */
    private static final float COLOUR_LEFT = 1.3f;

    /** For a first look, better a little soft than full of dots. */
    private static final Map<LightComponent, WaveletFilter.Settings> FIRST_SETTINGS = new EnumMap<>(Map.of(
            LightComponent.DIRECT,
            new WaveletFilter.Settings(new int[] {1}, 1, Likeness.Facing.ALIKE, WaveletFilter.WHATEVER, true, false),
            LightComponent.INDIRECT,
            new WaveletFilter.Settings(
                    new int[] {1, 2, 4, 8}, 3, Likeness.Facing.ALIKE, WaveletFilter.WHATEVER, true, false),
            LightComponent.HIGHLIGHT,
            new WaveletFilter.Settings(
                    new int[] {1}, 1, Likeness.Facing.THE_SAME_WAY, WaveletFilter.WHATEVER, false, false),
            LightComponent.SPECULAR,
            new WaveletFilter.Settings(
                    new int[] {1}, 1, Likeness.Facing.THE_SAME_WAY, WaveletFilter.WHATEVER, false, false)));

    /**
     * @param picture as it is to be shown
     * @param error standard error of every pixel's green, as it came out: linear; not a number where there are too few samples to tell
     */
    public record Shown(Picture picture, float[] error) {}

    private Denoiser() {}

    /** The picture; twice as wide as the film if that has looked at pixels half as wide. */
    public static Picture of(Film film, Mix mix) {
        return film.closer()
                .map(closer -> JointUpsampling.of(
                        film, closer.hits(), evened(film, mix).values()))
                .orElseGet(() -> shown(film, mix).picture());
    }

    /** The picture, as wide as the film. */
    public static Shown shown(Film film, Mix mix) {
        int width = film.width();
        int height = film.height();
        float[] sum = new float[3 * width * height];
        float[] squares = new float[width * height];
        Arrays.fill(squares, halves(film) ? 0 : Float.NaN);
        float[] tones = new float[width * height];
        evened(film, mix).forEach((component, light) -> light.addTo(sum, squares, tones, LEFT.get(component)));
        float[] error = new float[width * height];
        new Neighbourhood(width, height)
                .each(pixel ->
                        error[pixel] = (float) Math.sqrt(squares[pixel] + COLOUR_LEFT * tones[pixel] * tones[pixel]));
        return new Shown(Picture.atLeastBlack(width, height, sum), error);
    }

    private static boolean halves(Film film) {
        return film.samples() >= Noise.LEAST_SAMPLES;
    }

    /** What of a film is not dark. */
    private static Map<LightComponent, WaveletFilter> evened(Film film, Mix mix) {
        int width = film.width();
        int height = film.height();
        Map<LightComponent, WaveletFilter> evened = new EnumMap<>(LightComponent.class);
        Neighbourhood pixels = new Neighbourhood(width, height);
        Likeness likeness = new Likeness(film.guides(), width, height);
        Map<LightComponent, WaveletFilter.Settings> settings = film.sparse() ? FIRST_SETTINGS : SETTINGS;
        for (LightComponent component : LightComponent.values()) {
            EnumSet<LightComponent> alone = EnumSet.of(component);
            float[] found = film.linear(mix, alone);
            if (dark(found)) {
                continue;
            }
            if (!halves(film) && component == LightComponent.SPECULAR) {
                found = DarkSpecks.filled(found, film.guides(), width, height);
            }
            WaveletFilter filter = new WaveletFilter(
                    settings.get(component), film.guides(), pixels, found, film.halfDifference(mix, alone));
            filter.even(likeness, film.samples());
            evened.put(component, filter);
        }
        return evened;
    }

    private static boolean dark(float[] light) {
        for (float value : light) {
            if (value != 0) {
                return false;
            }
        }
        return true;
    }
}
