package nobrec.server.platform.mapping;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * This statement of a mapper changes exactly one row. When it meets none, somebody else was there first: nothing of
 * the transaction stays, see {@link ChangedRows}.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface ChangesOneRow {}
