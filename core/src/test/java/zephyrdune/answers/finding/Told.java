package zephyrdune.answers.finding;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import zephyrdune.set.TableSet;

/** What findings say. */
final class Told {

    private Told() {}

    static Finding found(TableSet set, Finding.Kind kind) {
        return Finding.of(set, kind).orElseThrow();
    }

    /** The first length in a sentence, metres. */
    static double metres(String words) {
        return first("\\{(-?[0-9.]+) m", words);
    }

    /** The first number in a sentence. */
    static double figure(String words) {
        return first("([0-9]+(?:\\.[0-9]+)?)", words);
    }

    private static double first(String pattern, String words) {
        Matcher number = Pattern.compile(pattern).matcher(words);
        assertThat(number.find()).as(words).isTrue();
        return Double.parseDouble(number.group(1));
    }
}
