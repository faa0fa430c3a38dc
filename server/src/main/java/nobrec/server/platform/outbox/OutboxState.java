package nobrec.server.platform.outbox;

/** How far an entry of the outbox is. */
public enum OutboxState {
    /** It is tried at its time, again and again while nobody answers. */
    WAITING,
    DONE,
    /** It was refused: a person must look. */
    FAILED,
    /** A person has decided that it is not written, and said why. */
    SET_ASIDE,
    /** What it did is undone by another entry, or it will never be done. */
    REVERSED
}
