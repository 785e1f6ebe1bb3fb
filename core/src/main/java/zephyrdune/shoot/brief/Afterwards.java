package zephyrdune.shoot.brief;

/** What becomes of a dish when it has been photographed. */
public enum Afterwards {
    THROWN_AWAY("Thrown away"),
    EATEN("Eaten afterwards");

    private final String title;

    Afterwards(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
