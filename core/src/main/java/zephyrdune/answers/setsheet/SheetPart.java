package zephyrdune.answers.setsheet;

import java.util.List;

/**
 * One thing of a set, with what places and sets it.
 *
 * @param kind what it is
 * @param number which of its kind, from 1
 * @param lines in the order in which they are done
 */
public record SheetPart(Kind kind, int number, List<SheetLine> lines) {

    /** What is put up, in the order that it is. */
    public enum Kind {
        CAMERA("Camera"),
        LIGHT("Light"),
        BASE("Base light"),
        CARD("Card"),
        BACKGROUND("Background");

        private final String title;

        Kind(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }
    }

    /** @param value in the measure's unit */
    public record SheetLine(Measure measure, double value) {}

    /** With its number where the sheet has several of its kind. */
    public String title(SetSheet sheet) {
        boolean several =
                sheet.parts().stream().filter(part -> part.kind() == kind).count() > 1;
        return several ? kind.title() + " " + number : kind.title();
    }

    public SheetPart {
        lines = List.copyOf(lines);
    }
}
