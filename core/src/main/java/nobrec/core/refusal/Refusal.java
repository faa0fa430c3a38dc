package nobrec.core.refusal;

import java.util.Objects;

/** Something asked for is not done. It names the thing, the reason and the remedy, in the words a person reads. */
public final class Refusal extends RuntimeException {

    /** Why it is not done. */
    public enum Kind {
        /** What was entered cannot be used. */
        UNUSABLE,
        /** There is no such thing. */
        NOT_FOUND,
        /** The thing is in a state in which this cannot be done. */
        CONFLICT,
        /** What somebody agreed to is no longer so. */
        CHANGED_SINCE,
        /** A device or a service outside does not answer. */
        OUTSIDE
    }

    private final Kind kind;
    private final String thing;
    private final String remedy;

    private Refusal(Kind kind, String thing, String reason, String remedy) {
        super(reason);
        this.kind = kind;
        this.thing = thing;
        this.remedy = remedy;
    }

    public static Refusal unusable(String thing, String reason, String remedy) {
        return new Refusal(Kind.UNUSABLE, thing, reason, remedy);
    }

    public static Refusal notFound(String thing, String remedy) {
        return new Refusal(Kind.NOT_FOUND, thing, "There is no such record.", remedy);
    }

    public static Refusal conflict(String thing, String reason, String remedy) {
        return new Refusal(Kind.CONFLICT, thing, reason, remedy);
    }

    public static Refusal changedSince(String thing, String reason, String remedy) {
        return new Refusal(Kind.CHANGED_SINCE, thing, reason, remedy);
    }

    public static Refusal outside(String thing, String reason, String remedy) {
        return new Refusal(Kind.OUTSIDE, thing, reason, remedy);
    }

    public Kind kind() {
        return kind;
    }

    public String thing() {
        return thing;
    }

    public String reason() {
        return Objects.requireNonNull(getMessage());
    }

    public String remedy() {
        return remedy;
    }
}
