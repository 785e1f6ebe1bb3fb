package zephyrdune.shoot.brief;

/** What ends the time in which a dish looks good. */
public enum Spoiling {
    KEEPS("Keeps"),
    SINKS("Sinks"),
    SKINS("Skins over"),
    WILTS("Wilts"),
    MELTS("Melts"),
    SWEATS("Sweats"),
    DULLS("Dulls");

    private final String title;

    Spoiling(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
