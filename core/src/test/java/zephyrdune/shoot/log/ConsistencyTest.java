package zephyrdune.shoot.log;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;
import zephyrdune.shoot.log.Consistency.FactLine;
import zephyrdune.shoot.log.Consistency.FactPlace;

/** Which of several pictures strays, by numbers of which the middle one is known. */
public class ConsistencyTest {

    private static LightFacts shade(double stops) {
        return new LightFacts(0, 0.7, 0.7, Map.of(LightFact.SHADE, stops), List.of());
    }

    private static Map<String, LightFacts> pictures(double... stops) {
        Map<String, LightFacts> pictures = new LinkedHashMap<>();
        for (double each : stops) {
            pictures.put("dish-" + pictures.size(), shade(each));
        }
        return pictures;
    }

    @Test
    public void theOneThatStraysIsNamed() {
        FactLine line =
                Consistency.of(pictures(1.8, 2.0, 1.9, 2.9, 2.1)).lines().get(0);
        assertThat(line.fact()).isEqualTo(LightFact.SHADE);
        assertThat(line.middle()).isEqualTo(2.0);
        assertThat(line.places())
                .filteredOn(FactPlace::strays)
                .extracting(FactPlace::key)
                .containsExactly("dish-3");
        assertThat(Consistency.of(pictures(1, 2, 3, 4)).lines().get(0).middle()).isEqualTo(2.5);
    }

    /** What few have says nothing, and what nobody has is left out. */
    @Test
    public void twoSayNothing() {
        assertThat(Consistency.of(pictures(1, 3)).lines()).isEmpty();
        Map<String, LightFacts> mixed = pictures(1, 1, 1);
        mixed.put("none", new LightFacts(0, 0, 0, Map.of(), List.of()));
        assertThat(Consistency.of(mixed).lines()).hasSize(1);
        assertThat(Consistency.of(mixed).lines().get(0).places()).hasSize(3);
    }

    /** Held against last season, one dish is enough, and what strays from that is named though all of this season are alike. */
    @Test
    public void thisSeasonAgainstTheLast() {
        FactLine line = Consistency.against(pictures(1.0, 1.2, 1.1).values(), pictures(1.8, 1.9))
                .lines()
                .get(0);
        assertThat(line.middle()).isEqualTo(1.1);
        assertThat(line.places()).allMatch(FactPlace::strays);
        assertThat(Consistency.against(List.of(), pictures(1.8)).lines()).isEmpty();
        assertThat(Consistency.against(pictures(1).values(), Map.of()).lines()).isEmpty();
    }

    /** Edges are told apart by how many times as wide they are: 44 and 60 mm are alike, 4 and 10 are not. */
    @Test
    public void edgesAreComparedByTheirRatio() {
        assertThat(LightFact.SHADOW_EDGE.apart(0.060, 0.044)).isLessThan(1);
        assertThat(LightFact.SHADOW_EDGE.apart(0.010, 0.004)).isGreaterThan(1);
        for (LightFact fact : LightFact.values()) {
            assertThat(fact.apart(fact.most(0.3), 0.3)).isCloseTo(1, org.assertj.core.api.Assertions.within(1e-9));
            assertThat(fact.apart(fact.least(0.3), 0.3)).isCloseTo(1, org.assertj.core.api.Assertions.within(1e-9));
        }
    }
}
