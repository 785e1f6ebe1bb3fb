package zephyrdune.formats;

import java.util.ArrayList;
import java.util.List;

/** The numbers of a text file one after the other, with the line of each for what is to be said of it. */
final class NumberFeed {

    private static final int LONGEST_LINE = 32_768;
    private static final int LONGEST_WORD = 40;

    private final List<String> words = new ArrayList<>();
    private final List<Integer> lines = new ArrayList<>();
    private int next;

    private NumberFeed() {}

    /** The words of all lines from one on, between spaces and commas. */
    static NumberFeed of(List<String> text, int firstLine) throws BadFile {
        NumberFeed feed = new NumberFeed();
        for (int line = firstLine; line < text.size(); line++) {
            if (text.get(line).length() > LONGEST_LINE) {
                throw bad("line " + (line + 1), "The line is too long");
            }
            for (String word : text.get(line).strip().split("[\\s,]+")) {
                if (!word.isEmpty()) {
                    feed.words.add(word);
                    feed.lines.add(line);
                }
            }
        }
        return feed;
    }

    /** The next number; what it is and its range are named when it is none. */
    double number(String what, double least, double most) throws BadFile {
        if (next >= words.size()) {
            throw bad("", "The file ends where the %s was expected".formatted(what));
        }
        String word = words.get(next);
        double value;
        try {
            value = Double.parseDouble(word);
        } catch (NumberFormatException notANumber) {
            throw bad(place(), "%s is no number; the %s was expected".formatted(shorten(word), what));
        }
        if (!(value >= least && value <= most)) {
            throw bad(
                    place(), "The %s is %s; it must lie between %s and %s".formatted(what, shorten(word), least, most));
        }
        next++;
        return value;
    }

    /** The next number, a whole one. */
    int count(String what, int least, int most) throws BadFile {
        double value = number(what, least, most);
        if (value != Math.rint(value)) {
            back();
            throw bad(place(), "The %s is %s; it must be a whole number".formatted(what, value));
        }
        return (int) value;
    }

    /** One number back, to say something of it. */
    void back() {
        next--;
    }

    int left() {
        return words.size() - next;
    }

    /** The line of the next number, or of the last one. */
    String place() {
        int index = Math.min(next, lines.size() - 1);
        return index < 0 ? "" : "line " + (lines.get(index) + 1);
    }

    static String shorten(String word) {
        return word.length() <= LONGEST_WORD ? word : word.substring(0, LONGEST_WORD) + "…";
    }

    static BadFile bad(String where, String detail) {
        return new BadFile(where, "", where.startsWith("line") ? detail + " (" + where + ")" : detail);
    }
}
