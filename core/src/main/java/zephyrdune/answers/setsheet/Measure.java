package zephyrdune.answers.setsheet;

import zephyrdune.units.measure.Unit;

/** What is measured, turned or set, in the order that it is done. The dish's middle is the hero point, on the table under the dish. */
public enum Measure {
    CLOCK("On the clock, camera at six", Unit.CLOCK_RADIAN),
    ALONG("From the dish’s middle, level", Unit.METRE),
    FROM_LEFT("In from the table’s left edge", Unit.METRE),
    FROM_FRONT("In from the table’s front edge", Unit.METRE),
    MIDDLE_UP("Middle above the table", Unit.METRE),
    LOWER_EDGE_UP("Lower edge above the table", Unit.METRE),
    STRAIGHT("Straight from the dish’s middle", Unit.METRE),
    FACING("Facing, on the clock", Unit.CLOCK_RADIAN),
    TILT("Tilted down from level", Unit.RADIAN),
    LEAN("Leaning back from upright", Unit.RADIAN),
    FOLD("Folded from flat", Unit.RADIAN),
    WIDTH("Width", Unit.METRE),
    HEIGHT("Height", Unit.METRE),
    POWER("Power", Unit.STOP),
    FOCAL_LENGTH("Focal length", Unit.METRE),
    APERTURE("Aperture", Unit.F_NUMBER),
    SHUTTER("Shutter", Unit.SECOND),
    SPEED("ISO", Unit.ISO_SPEED),
    WHITE_BALANCE("White balance", Unit.KELVIN);

    private final String title;
    private final Unit unit;

    Measure(String title, Unit unit) {
        this.title = title;
        this.unit = unit;
    }

    public String title() {
        return title;
    }

    public Unit unit() {
        return unit;
    }
}
