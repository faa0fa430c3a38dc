package nobrec.server.platform.outbox;

/**
 * What something hangs on: a shipment today, a handover or a claim tomorrow.
 *
 * @param name what a person calls it, as a job's number
 */
public record Subject(Kind kind, long id, String name) {

    /** The kinds of things that others hang on. */
    public enum Kind {
        SHIPMENT
    }

    public static Subject shipment(long id, String job) {
        return new Subject(Kind.SHIPMENT, id, job);
    }
}
