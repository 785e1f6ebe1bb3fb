package zephyrdune.units.measure;

import java.util.OptionalDouble;

/** A value or a combination of values that cannot stand on a real table; names the field that has to change. */
public class Refused extends IllegalArgumentException {

    private final String field;

    private Double remedy;

    /**
     * @param field path of the component to change, such as {@code light.heightAngle}
     * @param what what is wrong and what would do, as a sentence for the person at the table
     */
    public Refused(String field, String what) {
        super(what);
        this.field = field;
    }

    /** Path of the component to change. */
    public String field() {
        return field;
    }

    /**
     * Says what the component has to become, in its own unit: the least change of it alone that will do.
     *
     * @return itself
     */
    public Refused mendedBy(double value) {
        remedy = value;
        return this;
    }

    /** What the component has to become; absent where nothing that simple is known. */
    public OptionalDouble remedy() {
        return remedy == null ? OptionalDouble.empty() : OptionalDouble.of(remedy);
    }
}
