package zephyrdune.answers.kit;

/** What sends the light on where a frame is read: patches on the same share how pale it really is. */
public enum Ground {
    FOOD("Food"),
    DISH("Dish"),
    TABLE("Table top"),
    BACKDROP("Background");

    private final String title;

    Ground(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
