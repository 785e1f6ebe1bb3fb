package zephyrdune.set.source;

import zephyrdune.set.distribution.Distribution;

/** How an LED's output is stated. */
public sealed interface LedOutput permits LuxAtOneMetre, Lumens {

    /** Along the axis of the bare LED with the given beam, candela. */
    double axialIntensity(Distribution beam);

    /** Of an LED that gives so many times the light. */
    LedOutput scaled(double ratio);
}
