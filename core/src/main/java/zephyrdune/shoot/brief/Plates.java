package zephyrdune.shoot.brief;

/** How often the kitchen makes a dish. */
public enum Plates {
    ONE("Made once"),
    AS_NEEDED("Made again when it spoils");

    private final String title;

    Plates(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
