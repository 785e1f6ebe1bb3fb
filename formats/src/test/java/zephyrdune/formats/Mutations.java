package zephyrdune.formats;

import java.nio.charset.StandardCharsets;
import java.util.Random;

/** Spoils a set file at random: bytes flipped, cut out, doubled; words and numbers swapped for awkward ones. */
final class Mutations {

    private static final String[] AWKWARD = {
        "NaN",
        "-Infinity",
        "1e308",
        "-0",
        "null",
        "true",
        "[]",
        "{}",
        "\"\"",
        "\"\\u0000\"",
        "0.0000001",
        "1e-400",
        "99999999999999999999999999",
        "\"plate\"",
        "[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[[",
        "\u00fc",
        "'x'"
    };

    private final Random random;

    Mutations(long seed) {
        random = new Random(seed);
    }

    byte[] spoil(String file) {
        String text = file;
        for (int i = random.nextInt(4); i >= 0; i--) {
            text = once(text);
        }
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private String once(String text) {
        if (text.length() < 4) {
            return text + "{";
        }
        int at = random.nextInt(text.length() - 2);
        int to = Math.min(text.length(), at + 1 + random.nextInt(40));
        return switch (random.nextInt(6)) {
            case 0 -> text.substring(0, at) + (char) random.nextInt(128) + text.substring(at + 1);
            case 1 -> text.substring(0, at) + text.substring(to);
            case 2 -> text.substring(0, to) + text.substring(at);
            case 3 -> text.substring(0, at);
            case 4 -> replaceNumber(text);
            default -> text.substring(0, at) + AWKWARD[random.nextInt(AWKWARD.length)] + text.substring(at);
        };
    }

    private String replaceNumber(String text) {
        String[] parts = text.split("(?<=: )(?=[0-9\"])", -1);
        int which = random.nextInt(parts.length);
        parts[which] = parts[which].replaceFirst(
                "^[0-9.]+", java.util.regex.Matcher.quoteReplacement(AWKWARD[random.nextInt(AWKWARD.length)]));
        return String.join("", parts);
    }
}
