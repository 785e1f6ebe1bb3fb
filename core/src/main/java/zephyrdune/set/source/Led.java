package zephyrdune.set.source;

import zephyrdune.set.distribution.CosinePower;
import zephyrdune.set.distribution.Distribution;

/** An LED with a round beam. */
sealed interface Led extends Source permits LedPanel, LedPoint {

    LedOutput output();

    double beamAngle();

    @Override
    default boolean flash() {
        return false;
    }

    @Override
    default Distribution distribution() {
        return CosinePower.ofBeamAngle(beamAngle());
    }

    @Override
    default double axialIntensity() {
        return output().axialIntensity(distribution());
    }
}
