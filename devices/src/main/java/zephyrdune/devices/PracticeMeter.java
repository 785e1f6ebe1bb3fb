package zephyrdune.devices;

import zephyrdune.answers.frame.HandMeter;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.render.metering.MeteredLight;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Metering;
import zephyrdune.units.exposure.CorrectExposure;
import zephyrdune.units.measure.Stops;

/** A hand meter to practise with: it reads the light as it really is, to a tenth of a stop. */
public final class PracticeMeter {

    private static final double TENTHS = 10;

    private final HiddenTruth truth;

    public PracticeMeter(HiddenTruth truth) {
        this.truth = truth;
    }

    /**
     * Held level on the hero's lit top.
     *
     * @param set as somebody thinks that it stands, its power at the mark that they set
     * @return what it shows
     */
    public HandMeter read(TableSet set, HandMeter.Kind kind) {
        double below = MeteredExposure.below(set, KeyLight.of(set)) + truth.dimmer();
        TableSet really = truth.of(set);
        TableSet metered = really.withExposure(really.exposure().withMetering(Metering.USUAL));
        MeteredLight light = MeteredLight.of(metered, KeyLight.of(metered));
        boolean lit = kind == HandMeter.Kind.F_NUMBER || !set.light().source().flash();
        double all = light.ambient() + (lit ? light.dimmed() * Stops.ratio(-below) : 0);
        double over = Math.round(TENTHS * Stops.between(all, set.exposure().correct())) / TENTHS;
        double exposure = set.exposure().correct() * Stops.ratio(over);
        double lux = exposure / set.exposure().exactShutter();
        return new HandMeter(
                kind,
                switch (kind) {
                    case F_NUMBER -> set.exposure().exactAperture() * Stops.ratio(over / 2);
                    case EXPOSURE_VALUE -> Stops.between(lux, CorrectExposure.C / 100);
                    case LUX -> lux;
                });
    }
}
