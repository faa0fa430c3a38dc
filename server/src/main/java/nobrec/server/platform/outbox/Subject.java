package nobrec.server.platform.outbox;

/**
 * What something hangs on.
 *
 * @param name what a person calls it, as a job's number, or a carrier and a day
 */
public record Subject(Kind kind, long id, String name) {

    /** The kinds of things that others hang on. */
    public enum Kind {
        SHIPMENT,
        HANDOVER,
        PICKUP,
        RETURN,
        ACCOUNT_PAYMENT,
        JOB
    }

    /** @param name the carrier's, and the day */
    public static Subject handover(long id, String name) {
        return new Subject(Kind.HANDOVER, id, name);
    }

    /** @param name the carrier's, and the day */
    public static Subject pickup(long id, String name) {
        return new Subject(Kind.PICKUP, id, name);
    }

    /** @param job of which it comes back */
    public static Subject goodsReturn(long id, String job) {
        return new Subject(Kind.RETURN, id, job);
    }

    /** @param name the carrier's */
    public static Subject accountPayment(long id, String name) {
        return new Subject(Kind.ACCOUNT_PAYMENT, id, name);
    }

    /** A job of which nothing need have been packed. */
    public static Subject job(long id, String number) {
        return new Subject(Kind.JOB, id, number);
    }

    public static Subject shipment(long id, String job) {
        return new Subject(Kind.SHIPMENT, id, job);
    }
}
