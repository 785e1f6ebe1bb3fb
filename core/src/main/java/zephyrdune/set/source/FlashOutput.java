package zephyrdune.set.source;

import zephyrdune.set.distribution.Distribution;

/** How a flash's output is stated. */
public sealed interface FlashOutput permits GuideNumber, WattSeconds, MeteredAperture {

    /** Along the axis of the bare flash with the given beam, candela seconds. */
    double axialIntensity(Distribution beam);

    /** Of a flash that gives so many times the light. */
    FlashOutput scaled(double ratio);
}
