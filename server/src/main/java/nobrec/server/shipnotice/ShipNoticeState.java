package nobrec.server.shipnotice;

/** How far a ship notice is. */
public enum ShipNoticeState {
    /** Its entry of the outbox has not come to its end. */
    WAITING,
    /** The partner has it, or it lies ready for the partner. */
    SENT,
    /** The partner came for it. */
    FETCHED,
    ACKNOWLEDGED,
    /** The partner cannot use it: a person must look. */
    REFUSED
}
