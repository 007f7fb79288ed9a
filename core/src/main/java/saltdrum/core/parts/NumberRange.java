package saltdrum.core.parts;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** The range of a number that is part of a value; {@link ValueParts#check} enforces it. */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface NumberRange {
    double least();

    double most();

    /** By which a wheel or an arrow key changes it. */
    double step();

    String unit() default "";
}
