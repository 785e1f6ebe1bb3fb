package zephyrdune.units.measure;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How long a name or title may be, and what it may hold: one line of text, without control characters, halves of surrogate pairs and
 * code points that are set aside for programs (Unicode, noncharacters).
 *
 * @param max in characters, as Unicode counts them
 */
public record LineLimit(String field, int max) {

    private static final Pattern WHOLE_CHARACTER = Pattern.compile("\\X");

    /** @throws Refused for what is no such text */
    public void require(String text) {
        text.codePoints().filter(LineLimit::noText).findFirst().ifPresent(code -> {
            throw new Refused(field, "The %s holds U+%04X, which is no text; take it out".formatted(field, code));
        });
        if (text.isBlank() || text.codePointCount(0, text.length()) > max) {
            throw new Refused(field, "The %s needs 1 to %d characters on one line".formatted(field, max));
        }
    }

    private static boolean noText(int code) {
        int type = Character.getType(code);
        return type == Character.CONTROL
                || type == Character.SURROGATE
                || type == Character.LINE_SEPARATOR
                || type == Character.PARAGRAPH_SEPARATOR
                || (code & 0xFFFE) == 0xFFFE
                || code >= 0xFDD0 && code <= 0xFDEF;
    }

    /** What can be kept of a text from elsewhere: blanks for what is no text, and no longer than allowed; may be blank. */
    public String clean(String text) {
        StringBuilder kept = new StringBuilder();
        text.codePoints().map(code -> noText(code) ? ' ' : code).forEach(kept::appendCodePoint);
        return cut(kept.toString().strip(), max).strip();
    }

    /** The beginning of a text, no longer than so many characters; what is seen as one sign, such as an emoji, is not split. */
    public static String cut(String text, int most) {
        int length = 0;
        int end = 0;
        Matcher signs = WHOLE_CHARACTER.matcher(text);
        while (signs.find()) {
            length += text.codePointCount(signs.start(), signs.end());
            if (length > most) {
                break;
            }
            end = signs.end();
        }
        return text.substring(0, end);
    }
}
