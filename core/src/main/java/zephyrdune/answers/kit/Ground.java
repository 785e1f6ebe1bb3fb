package zephyrdune.answers.kit;

import zephyrdune.set.kit.UsualSpread;

/** What sends the light on where a frame is read: patches on the same share how pale it really is. */
public enum Ground {
    FOOD("Food"),
    DISH("Dish"),
    TABLE("Table top"),
    BACKDROP("Background"),
    /** Made to be of one grey. */
    GREY_CARD("Grey card"),
    /** None: a hand meter reads the light itself, and may be off by itself. */
    METER("Hand meter");

    private final String title;

    Ground(String title) {
        this.title = title;
    }

    /** How much paler or darker it may be than it is taken for: one standard deviation, stops. */
    public double spread() {
        return switch (this) {
            case GREY_CARD -> UsualSpread.GREY_CARD;
            case METER -> UsualSpread.METER;
            default -> UsualSpread.SURFACE;
        };
    }

    public String title() {
        return title;
    }
}
