package zephyrdune.render.picture;

import java.util.Arrays;

/**
 * Light of a picture's pixels and how noisy it is.
 *
 * @param channels red, green and blue
 * @param half standard error of the green, by the difference of earlier and later samples
 * @param variance of the green
 */
record NoisyLight(float[][] channels, float[] half, float[] variance) {

    static NoisyLight none(int pixels) {
        return new NoisyLight(new float[3][pixels], new float[pixels], new float[pixels]);
    }

    NoisyLight copy() {
        return new NoisyLight(
                Arrays.stream(channels).map(float[]::clone).toArray(float[][]::new), half.clone(), variance.clone());
    }

    /** Takes the light, but not the variance, away from a pixel. */
    void subtract(NoisyLight other, int pixel) {
        for (int channel = 0; channel < channels.length; channel++) {
            channels[channel][pixel] -= other.channels[channel][pixel];
        }
        half[pixel] -= other.half[pixel];
    }

    /** Adds the light, but not the variance, to a pixel. */
    void add(NoisyLight other, int pixel) {
        for (int channel = 0; channel < channels.length; channel++) {
            channels[channel][pixel] += other.channels[channel][pixel];
        }
        half[pixel] += other.half[pixel];
    }

    float[] green() {
        return channels[1];
    }
}
