package zephyrdune.answers.photograph;

/** A small part of a photograph whose tone is looked at. */
public record ToneSpot(Part part, Mark mark) {

    /** What lies there. */
    public enum Part {
        BRIGHTEST_MATTE("Brightest matte part"),
        LIT_SIDE("Lit side"),
        SHADOW_SIDE("Shadow side"),
        LIT_TABLE("Table in the light"),
        SHADED_TABLE("Table in the shadow"),
        BACKDROP("Background");

        private final String title;

        Part(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }
    }
}
