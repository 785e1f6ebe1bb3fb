package zephyrdune.shoot.change;

/**
 * What is done to come from one set to the next, in the order in which it is done. Minutes are common practice, no published source; those of
 * {@link StepMinutes} are somebody's own.
 */
public enum ChangeKind {
    FIRST_SET_UP("Set up", 20),
    CARD_AWAY("Take away", 0.5),
    TABLE_TOP("Change the table top", 4),
    BACKGROUND("Change the background", 2),
    CAMERA_ANGLE("Turn the camera to another angle", 6),
    CAMERA_PLACE("Move the camera", 2),
    SHAPER("Change the source or shaper", 3),
    LIGHT_PLACE("Move the light", 1.5),
    BASE("Change the base light", 3),
    CARD_UP("Put up", 1),
    CARD_PLACE("Move", 0.5),
    POWER("Set the power", 0.2),
    SETTINGS("Set the camera", 0.3),
    DISH("Style the dish", 2);

    private final String title;
    private final double usualMinutes;

    ChangeKind(String title, double usualMinutes) {
        this.title = title;
        this.usualMinutes = usualMinutes;
    }

    public String title() {
        return title;
    }

    /** Before anybody has measured it. */
    public double usualMinutes() {
        return usualMinutes;
    }
}
