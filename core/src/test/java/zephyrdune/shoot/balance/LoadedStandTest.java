package zephyrdune.shoot.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.testng.annotations.Test;
import zephyrdune.units.measure.OutOfLimits;

/** The law of the lever (Archimedes, On the Equilibrium of Planes): weights balance at distances that are to each other as the other's weight. */
public class LoadedStandTest {

    /** Two kilograms a metre beyond the edge are held by ten a fifth of a metre within it. */
    @Test
    public void balancesByTheLever() {
        LoadedStand balanced = new LoadedStand(2, 1.2, 10, 0.4);
        assertThat(balanced.tippingMoment()).isCloseTo(0, within(1e-9));
        assertThat(balanced.sandbag()).isCloseTo(0, within(1e-9));
    }

    /** 2 kg at 1.2 m on a stand of 4 kg: 2 × 1.0 − 4 × 0.2 = 1.2 kg m are left over, which are 6 kg at 0.2 m, and 11.8 N m. */
    @Test
    public void saysWhatIsMissing() {
        LoadedStand tipping = new LoadedStand(2, 1.2, 4, 0.4);
        assertThat(tipping.tippingMoment()).isCloseTo(1.2 * 9.80665, within(1e-9));
        assertThat(tipping.sandbag()).isCloseTo(6, within(1e-9));
        assertThat(new LoadedStand(2, 1.2, 4 + tipping.sandbag(), 0.4).tippingMoment())
                .isCloseTo(0, within(1e-9));
    }

    @Test
    public void whatHangsWithinTheFeetHoldsItDown() {
        assertThat(new LoadedStand(5, 0.1, 2, 0.5).tippingMoment()).isNegative();
        assertThat(new LoadedStand(5, 0.1, 2, 0.5).sandbag()).isZero();
        assertThatThrownBy(() -> new LoadedStand(-1, 1, 1, 1)).isInstanceOf(OutOfLimits.class);
    }
}
