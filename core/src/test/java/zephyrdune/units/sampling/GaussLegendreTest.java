package zephyrdune.units.sampling;

import static org.assertj.core.api.Assertions.assertThat;

import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Against Hipparchus' own rules, worked out with forty decimal digits. */
public class GaussLegendreTest {

    @DataProvider
    Object[][] rules() {
        return new Object[][] {
            {2, 0, 1}, {4, 0, 1}, {6, 0, 1}, {16, 0, Math.PI / 8}, {16, -1, 1}, {32, 0, 1}, {48, 0, 1}
        };
    }

    @Test(dataProvider = "rules")
    void nodesAndWeightsAreThoseOfDecimalArithmetic(int points, double from, double to) {
        GaussIntegrator rule = GaussLegendre.over(points, from, to);
        GaussIntegrator precise = new GaussIntegratorFactory().legendre(points, from, to);
        assertThat(rule.getNumberOfPoints()).isEqualTo(points);
        for (int i = 0; i < points; i++) {
            assertThat(rule.getPoint(i)).isEqualTo(precise.getPoint(i));
            assertThat(rule.getWeight(i)).isEqualTo(precise.getWeight(i));
        }
    }
}
