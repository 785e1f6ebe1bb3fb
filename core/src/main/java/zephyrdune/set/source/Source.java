package zephyrdune.set.source;

import zephyrdune.set.distribution.Distribution;
import zephyrdune.set.power.PowerDial;

/** A flash or a lamp by itself, at full power. */
public sealed interface Source permits BatteryFlash, MainsFlash, Led, MeasuredLamp, MeasuredFlash {

    /** Whether it gives all its light at once, so that the shutter does not matter to it. */
    boolean flash();

    /** Bare, along its axis: candela, or candela seconds for a flash. */
    double axialIntensity();

    /** Where the bare source's light goes. */
    Distribution distribution();

    /** Kelvin. */
    double colourTemperature();

    PowerDial dial();

    /** The same, giving so many times the light. */
    Source scaled(double ratio);

    /** All its light: lumens, or lumen seconds for a flash. */
    default double flux() {
        return axialIntensity() * distribution().flux();
    }
}
