package zephyrdune.set;

import java.util.ArrayList;
import java.util.List;
import zephyrdune.set.light.Diffuse;
import zephyrdune.set.light.EvenlyLit;
import zephyrdune.set.source.MeasuredFlash;
import zephyrdune.set.source.MeasuredLamp;
import zephyrdune.set.source.Source;

/** What of a set costs the most computing, in words, for whoever had to wait for it. */
public final class Heaviness {

    private static final int MANY_OPENINGS = 60;
    private static final int MANY_INTENSITIES = 500;
    private static final int MANY_CARDS = 6;
    private static final int MANY_PROPS = 20;

    private Heaviness() {}

    /** The heaviest parts first; empty for a set that has none. */
    public static String words(TableSet set) {
        List<String> parts = new ArrayList<>();
        int openings = set.cards().stream()
                .mapToInt(card -> card.cut().pieces(card.width(), card.height()).size())
                .sum();
        if (openings > MANY_OPENINGS) {
            parts.add("%,d openings in its cards; use coarser patterns, or fewer".formatted(openings));
        }
        int intensities = intensities(set.light().source());
        if (intensities > MANY_INTENSITIES) {
            parts.add("a measured lamp of %,d values; use a file with wider steps".formatted(intensities));
        }
        boolean even = set.light().filling() instanceof EvenlyLit && set.light().spread() instanceof Diffuse;
        if (!even) {
            parts.add("a light that is not evenly bright; state it as even where that will do");
        }
        if (set.cards().size() > MANY_CARDS) {
            parts.add("%d cards".formatted(set.cards().size()));
        }
        if (set.props().size() > MANY_PROPS) {
            parts.add("%d props".formatted(set.props().size()));
        }
        return String.join("; ", parts);
    }

    private static int intensities(Source source) {
        if (source instanceof MeasuredFlash flash) {
            return flash.intensity().size();
        }
        return source instanceof MeasuredLamp lamp ? lamp.intensity().size() : 0;
    }
}
