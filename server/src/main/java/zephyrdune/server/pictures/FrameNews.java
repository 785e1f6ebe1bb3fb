package zephyrdune.server.pictures;

import java.util.List;
import zephyrdune.render.picture.Progress;

/**
 * What is said of a picture along with its pixels.
 *
 * @param turn of the wish that it answers
 * @param trace counts the tracings of a view: pictures with the same number are mixed from the same layers
 * @param stage how far it has come
 * @param layers words of the layers of light that it is mixed from, whether they are shown or left out
 * @param samples per pixel, on average
 * @param noiseStops that it may still be off by; negative as long as nothing can be said
 * @param done whether it will get no finer
 * @param share of the work that is done, 0 to 1
 * @param secondsLeft until then, as it has gone so far; negative as long as nothing can be said
 * @param histogram shares of the pixels in quarters of a stop, from {@code histogramFromStops} on
 * @param clipped share of pixels
 * @param blocked share of pixels
 */
record FrameNews(
        long turn,
        int trace,
        Progress.Stage stage,
        int width,
        int height,
        List<String> layers,
        double samples,
        double noiseStops,
        boolean done,
        double share,
        double secondsLeft,
        double[] histogram,
        double histogramFromStops,
        double histogramBinStops,
        double clipped,
        double blocked) {}
