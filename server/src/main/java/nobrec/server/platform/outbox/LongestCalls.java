package nobrec.server.platform.outbox;

import java.time.Duration;

/** How long a call to the target of an entry may take; whoever knows the targets says it. */
public interface LongestCalls {

    /** Nothing for a target that is not known, and for what stays in the house. */
    Duration to(String target);
}
