package zephyrdune.answers.setsheet;

import zephyrdune.units.measure.Unit;

/** What is measured, turned or set, in the order that it is done. The dish's middle is the hero point, on the table under the dish. */
public enum Measure {
    CLOCK("On the clock, camera at six", Unit.CLOCK_RADIAN, "clockwise", "anticlockwise"),
    ALONG("From the dish’s middle, level", Unit.METRE, "farther", "nearer"),
    FROM_LEFT("In from the table’s left edge", Unit.METRE, "to the right", "to the left"),
    FROM_FRONT("In from the table’s front edge", Unit.METRE, "back", "to the front"),
    OUT_LEFT("Out from the table’s left edge", Unit.METRE, "to the left", "to the right"),
    OUT_FRONT("Out from the table’s front edge", Unit.METRE, "to the front", "back"),
    MIDDLE_UP("Middle above the table", Unit.METRE, "higher", "lower"),
    LOWER_EDGE_UP("Lower edge above the table", Unit.METRE, "higher", "lower"),
    STRAIGHT("Straight from the dish’s middle", Unit.METRE, "farther", "nearer"),
    FACING("Facing, on the clock", Unit.CLOCK_RADIAN, "clockwise", "anticlockwise"),
    TILT("Tilted down from level", Unit.RADIAN, "further down", "further up"),
    LEAN("Leaning back from upright", Unit.RADIAN, "further back", "more upright"),
    FOLD("Folded from flat", Unit.RADIAN, "further folded", "flatter"),
    WIDTH("Width", Unit.METRE, "wider", "narrower"),
    HEIGHT("Height", Unit.METRE, "taller", "lower"),
    POWER("Power", Unit.STOP, "down", "up"),
    FOCAL_LENGTH("Focal length", Unit.METRE, "longer", "shorter"),
    APERTURE("Aperture", Unit.F_NUMBER, "stopped down", "opened up"),
    SHUTTER("Shutter", Unit.SECOND, "longer", "shorter"),
    SPEED("ISO", Unit.ISO_SPEED, "higher", "lower"),
    WHITE_BALANCE("White balance", Unit.KELVIN, "higher", "lower");

    private final String title;
    private final Unit unit;
    private final String more;
    private final String less;

    Measure(String title, Unit unit, String more, String less) {
        this.title = title;
        this.unit = unit;
        this.more = more;
        this.less = less;
    }

    public String title() {
        return title;
    }

    public Unit unit() {
        return unit;
    }

    /** What to do where it stands at less, in a word. */
    public String more() {
        return more;
    }

    /** What to do where it stands at more. */
    public String less() {
        return less;
    }
}
