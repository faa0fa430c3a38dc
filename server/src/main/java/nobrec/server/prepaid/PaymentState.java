package nobrec.server.prepaid;

/** How far a payment into an account is. */
enum PaymentState {
    /** The carrier has not answered for certain. */
    ASKED,
    PAID_IN,
    REFUSED
}
