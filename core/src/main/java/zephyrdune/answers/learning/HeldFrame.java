package zephyrdune.answers.learning;

/**
 * A frame that all the others do not bear out.
 *
 * @param frame its place in the list
 * @param cause what is the likeliest
 * @param off by how much, stops
 * @param times how many standard deviations that is
 */
public record HeldFrame(int frame, Cause cause, double off, double times) {

    /** What may have happened. */
    public enum Cause {
        LIGHT("The light was set to another mark than this set says, or stood elsewhere"),
        ROOM("The room’s light was another one");

        private final String words;

        Cause(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
