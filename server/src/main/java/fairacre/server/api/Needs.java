package fairacre.server.api;

import fairacre.server.store.Role;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * The least role that may ask for this of a garden. Where it is not said, a GET is for readers and everything else for
 * the owner.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@interface Needs {
    Role value();
}
