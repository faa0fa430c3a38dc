package nobrec.core.refusal;

/** Something asked for is not done. It names the thing, the reason and the cure, in the words a person reads. */
public final class Refusal extends RuntimeException {

    /** Why it is not done. */
    public enum Kind {
        /** What was entered cannot be used. */
        UNUSABLE,
        /** There is no such thing. */
        NOT_FOUND,
        /** The thing is in a state in which this cannot be done. */
        CONFLICT,
        /** A device or a service outside does not answer. */
        OUTSIDE
    }

    private final Kind kind;
    private final String thing;
    private final String cure;

    private Refusal(Kind kind, String thing, String reason, String cure) {
        super(reason);
        this.kind = kind;
        this.thing = thing;
        this.cure = cure;
    }

    public static Refusal unusable(String thing, String reason, String cure) {
        return new Refusal(Kind.UNUSABLE, thing, reason, cure);
    }

    public static Refusal notFound(String thing, String cure) {
        return new Refusal(Kind.NOT_FOUND, thing, "There is no such record.", cure);
    }

    public static Refusal conflict(String thing, String reason, String cure) {
        return new Refusal(Kind.CONFLICT, thing, reason, cure);
    }

    public static Refusal outside(String thing, String reason, String cure) {
        return new Refusal(Kind.OUTSIDE, thing, reason, cure);
    }

    public Kind kind() {
        return kind;
    }

    public String thing() {
        return thing;
    }

    public String cure() {
        return cure;
    }
}
