package zephyrdune.picture;

import zephyrdune.colour.Mired;
import zephyrdune.colour.WhiteBalance;
import zephyrdune.emitter.EmittingFace;
import zephyrdune.exposure.CorrectExposure;
import zephyrdune.illuminance.Illuminance;
import zephyrdune.illuminance.KeyLight;
import zephyrdune.measure.Stops;
import zephyrdune.metering.HeroExposure;
import zephyrdune.table.Light;
import zephyrdune.table.TableSet;

/**
 * The light of a picture. Quantities are those of the key at full power; {@code exposed} makes pixel values of them.
 *
 * @param face the key's
 * @param even exact illuminance of the face as if it were even and Lambertian
 * @param ambient luminance of the room all round
 * @param exposed linear pixel value per unit of luminance
 * @param keyColour linear red, green and blue of the key under the white balance, for a luminance of 1
 * @param ambientColour the same of the room
 */
record Illumination(
        EmittingFace face,
        Illuminance even,
        double ambient,
        double exposed,
        double[] keyColour,
        double[] ambientColour) {

    static Illumination of(TableSet set, KeyLight key, HeroExposure hero) {
        Light light = set.light();
        // the key at full power, over the key at its power in the time the shutter is open
        double perExposure = Stops.ratio(hero.below())
                / (light.source().flash() ? 1 : set.exposure().exactShutter());
        WhiteBalance balance = new WhiteBalance(set.exposure().whiteBalance());
        return new Illumination(
                key.face(),
                Illuminance.uniform(key.face()),
                hero.ambient() * perExposure / Math.PI,
                CorrectExposure.pixel(1, hero.correct()) / perExposure,
                balance.srgb(Mired.shifted(light.source().colourTemperature(), light.gel())),
                balance.srgb(set.ambient().colourTemperature()));
    }
}
