package zephyrdune.formats;

/** What is printed on: A4 (ISO 216) where lengths are metric, letter (ANSI/ASME Y14.1) where they are in inches. Millimetres. */
enum Paper {
    A4("A4", 210, 297),
    LETTER("letter", 215.9, 279.4);

    private final String cssName;
    private final double width;
    private final double height;

    Paper(String cssName, double width, double height) {
        this.cssName = cssName;
        this.width = width;
        this.height = height;
    }

    static Paper of(SheetLengths lengths) {
        return lengths == SheetLengths.INCHES ? LETTER : A4;
    }

    /** As CSS calls it. */
    String cssName() {
        return cssName;
    }

    double width() {
        return width;
    }

    double height() {
        return height;
    }
}
