package zephyrdune.units.measure;

/** A value or a combination of values that cannot stand on a real table; names the field that has to change. */
public class Refused extends IllegalArgumentException {

    private final String field;

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
}
