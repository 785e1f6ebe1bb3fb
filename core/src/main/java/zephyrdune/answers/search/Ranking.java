package zephyrdune.answers.search;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;

/** Candidates in order, and those of them that are worth showing beside each other. */
final class Ranking {

    /** What being unlike the others is worth of what is missed, and up to how unlike. */
    private static final double NEW = 0.1;

    private static final double NEW_MOST = 3;

    private Ranking() {}

    /** What misses least first. */
    static List<Candidate> best(Collection<Candidate> all) {
        return all.stream()
                .sorted(Comparator.comparingDouble(Candidate::missed))
                .toList();
    }

    /** Of a ranking those that differ from each other: each next the best that is most unlike those before. */
    static List<Candidate> unlike(List<Candidate> ranked, int most) {
        List<Candidate> chosen = new ArrayList<>();
        List<Candidate> left = new ArrayList<>(ranked);
        while (chosen.size() < most && !left.isEmpty()) {
            Candidate next = Collections.min(
                    left,
                    Comparator.comparingDouble(
                            each -> each.missed() - NEW * Math.min(NEW_MOST, nearest(each, chosen))));
            chosen.add(next);
            left.removeIf(each -> each.unlike(next) < Candidate.DIFFERENT);
        }
        return chosen;
    }

    private static double nearest(Candidate candidate, List<Candidate> chosen) {
        return chosen.stream().mapToDouble(candidate::unlike).min().orElse(0);
    }
}
