package zephyrdune.shoot.runsheet;

/**
 * Something that happened with a dish.
 *
 * @param key of the dish
 * @param at minutes of the day
 */
public record ShootEvent(String key, What what, double at) {

    /** What happened. */
    public enum What {
        /** The kitchen began it. */
        COOKING("Kitchen begins"),
        /** Its set stands. */
        SET_STANDS("Set stands"),
        ON_TABLE("On the table"),
        DONE("Done"),
        /** It is to be done again, as if nothing had happened with it. */
        AGAIN("Again");

        private final String title;

        What(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }
    }
}
