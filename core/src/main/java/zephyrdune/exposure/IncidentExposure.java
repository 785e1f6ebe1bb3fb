package zephyrdune.exposure;

import zephyrdune.measure.Stops;

/**
 * The exposure that an incident meter at the hero's lit top would give, shifted by a bias.
 *
 * <p>A correctly exposed diffuse surface of reflectance rho then has the linear pixel value rho (ISO 2720:1974 with a
 * flat receptor); 0.18 encodes to 118 in sRGB.
 *
 * @param heroIlluminance of the key at the hero's lit top, lux
 * @param biasStops brighter than that, in stops
 */
public record IncidentExposure(double heroIlluminance, double biasStops) {

    /** Linear pixel value of a surface that sends luminance {@code luminance} (cd/m²) to the camera. */
    public double pixel(double luminance) {
        return luminance * perLuminance();
    }

    /** Linear pixel value per cd/m². */
    public double perLuminance() {
        return Math.PI / heroIlluminance * Stops.ratio(biasStops);
    }

    /** Linear pixel value of a diffuse surface of the given reflectance under the given illuminance (lux). */
    public double pixel(double reflectance, double illuminance) {
        return pixel(reflectance * illuminance / Math.PI);
    }
}
