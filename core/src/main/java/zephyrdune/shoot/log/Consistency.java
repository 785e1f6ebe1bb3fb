package zephyrdune.shoot.log;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/** How alike the light of several pictures is, number by number: those stray that differ from the middle one so much that it is seen. */
public record Consistency(List<FactLine> lines) {

    /** Two cannot be told which of them strays. */
    private static final int LEAST = 3;

    /**
     * One number of all pictures.
     *
     * @param middle the median
     */
    public record FactLine(LightFact fact, double middle, List<FactPlace> places) {

        public FactLine {
            places = List.copyOf(places);
        }
    }

    /** @param strays whether it is seen to differ */
    public record FactPlace(String key, double value, boolean strays) {}

    public Consistency {
        lines = List.copyOf(lines);
    }

    /** @param pictures by what each is called; numbers that fewer than three have are left out */
    public static Consistency of(Map<String, LightFacts> pictures) {
        return of(pictures, pictures.values(), LEAST);
    }

    /**
     * Held against earlier pictures, such as last season's.
     *
     * @param earlier whose middle is what the others are to be like
     */
    public static Consistency against(Collection<LightFacts> earlier, Map<String, LightFacts> pictures) {
        return of(pictures, earlier, 1);
    }

    private static Consistency of(Map<String, LightFacts> pictures, Collection<LightFacts> middles, int least) {
        List<FactLine> lines = new ArrayList<>();
        for (LightFact fact : LightFact.values()) {
            double[] values = middles.stream()
                    .map(facts -> facts.value(fact))
                    .filter(OptionalDouble::isPresent)
                    .mapToDouble(OptionalDouble::getAsDouble)
                    .sorted()
                    .toArray();
            if (values.length >= least) {
                FactLine line = line(fact, median(values), pictures);
                if (!line.places().isEmpty()) {
                    lines.add(line);
                }
            }
        }
        return new Consistency(lines);
    }

    private static FactLine line(LightFact fact, double middle, Map<String, LightFacts> pictures) {
        List<FactPlace> places = new ArrayList<>();
        pictures.forEach((key, facts) -> facts.value(fact)
                .ifPresent(value -> places.add(new FactPlace(key, value, fact.apart(value, middle) > 1))));
        return new FactLine(fact, middle, places);
    }

    private static double median(double[] sorted) {
        int half = sorted.length / 2;
        return sorted.length % 2 == 1
                ? sorted[half]
                : Arrays.stream(sorted, half - 1, half + 1).average().orElseThrow();
    }
}
