package zephyrdune.devices;

import java.util.Random;
import zephyrdune.render.picture.Picture;

/**
 * What a sensor makes of light: the lens's shading, the noise of photons and of reading them out.
 *
 * @param fullWell electrons that a pixel holds, at ISO 100
 * @param readNoise electrons, standard deviation
 * @param shading stops that the lens loses in the corners
 */
public record Sensor(double fullWell, double readNoise, double shading) {

    /** A full-frame camera of these years, about: from memory, no published source. */
    public static final Sensor USUAL = new Sensor(50_000, 4, 0.25);

    private static final double BASE_SPEED = 100;

    /** Electrons for a linear value of 1. */
    double gain(double speed) {
        return fullWell * BASE_SPEED / Math.max(BASE_SPEED, speed);
    }

    /**
     * A frame of light as it is recorded, linear.
     *
     * @param white the brightest that the file can say
     */
    Picture record(Picture light, double speed, double white, Random random) {
        double gain = gain(speed);
        float[] linear = new float[light.linear().length];
        double middleX = (light.width() - 1) / 2.0;
        double middleY = (light.height() - 1) / 2.0;
        double corner = middleX * middleX + middleY * middleY;
        for (int i = 0; i < linear.length; i++) {
            double x = i / 3 % light.width() - middleX;
            double y = i / 3 / light.width() - middleY;
            double shaded = light.linear()[i] * Math.pow(2, -shading * (x * x + y * y) / corner);
            double electrons = Math.max(0, shaded * gain);
            double noise = Math.sqrt(electrons + readNoise * readNoise) * random.nextGaussian();
            linear[i] = (float) Math.max(0, Math.min(white, (electrons + noise) / gain));
        }
        return new Picture(light.width(), light.height(), linear);
    }
}
