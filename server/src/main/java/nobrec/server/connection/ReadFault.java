package nobrec.server.connection;

import java.time.Duration;
import java.util.Optional;
import nobrec.core.refusal.Refusal;

/** Why nothing could be read from a system outside, in plain words, and what to do. */
public final class ReadFault extends Exception {

    private static final long serialVersionUID = 1L;

    private final String remedy;
    private final transient Optional<Duration> retryAfter;
    private final boolean lasting;

    private ReadFault(String reason, String remedy, Optional<Duration> retryAfter, boolean lasting) {
        super(reason);
        this.remedy = remedy;
        this.retryAfter = retryAfter;
        this.lasting = lasting;
    }

    /** One that asking again later may overcome. */
    public static ReadFault passing(String reason, String remedy) {
        return new ReadFault(reason, remedy, Optional.empty(), false);
    }

    /** It asks us to come back later. */
    static ReadFault tooOften(String reason, Duration retryAfter) {
        return new ReadFault(reason, "It goes on by itself.", Optional.of(retryAfter), false);
    }

    /** One that stays until somebody does something. */
    public static ReadFault lasting(String reason, String remedy) {
        return new ReadFault(reason, remedy, Optional.empty(), true);
    }

    public String reason() {
        return String.valueOf(getMessage());
    }

    public String remedy() {
        return remedy;
    }

    /** When it says that it may be asked again. */
    public Optional<Duration> retryAfter() {
        return retryAfter;
    }

    public boolean isLasting() {
        return lasting;
    }

    public Refusal refusal(String thing) {
        return Refusal.outside(thing, reason(), remedy);
    }
}
