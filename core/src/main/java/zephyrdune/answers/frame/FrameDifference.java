package zephyrdune.answers.frame;

import zephyrdune.render.picture.Difference;
import zephyrdune.set.TableSet;

/**
 * How much brighter a frame is than what its set predicts of it, place by place.
 *
 * @param stops row by row from the top
 */
public record FrameDifference(int width, int height, float[] stops) {

    /** @param set as it stood */
    public static FrameDifference of(TableSet set, FrameFile file) {
        Difference difference = new Prediction(set, file).difference(file);
        return new FrameDifference(difference.width(), difference.height(), difference.stops());
    }
}
