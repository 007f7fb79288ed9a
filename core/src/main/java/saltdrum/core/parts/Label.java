package saltdrum.core.parts;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** The name of a kind of value, a part of it or a choice, for users. */
@Retention(RetentionPolicy.RUNTIME)
@Target({ElementType.RECORD_COMPONENT, ElementType.TYPE, ElementType.FIELD})
public @interface Label {
    String value();

    /** One sentence more. */
    String about() default "";
}
