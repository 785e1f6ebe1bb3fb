package zephyrdune.units.measure;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * The unit and the physical range of a record component, both ends included.
 *
 * <p>Stated once here and read by everything that needs it: the constructor's check ({@link Limits}), the file format's
 * schema and, through it, the input fields on screen.
 */
@Documented
@Retention(RetentionPolicy.RUNTIME)
@Target({ElementType.RECORD_COMPONENT})
public @interface Within {
    /** Least value allowed, in {@link #unit()}. */
    double min();

    /** Greatest value allowed, in {@link #unit()}. */
    double max();

    Unit unit();
}
