package vastarc.web.api;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** Describes a call that takes JSON: what is sent, and what comes back where it can be used. {@link ApiDescription} puts it into words. */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@interface TakesJson {

    /** A body that works. */
    String example();

    /** Name of the body's schema; empty for any object. */
    String body() default "";

    /** What comes back. */
    Class<?> answers() default Void.class;

    /** The answer in words. */
    String says() default "";

    int status() default 200;
}
