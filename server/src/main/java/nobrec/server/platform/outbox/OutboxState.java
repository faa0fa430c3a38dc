package nobrec.server.platform.outbox;

/** How far an entry of the outbox is. */
public enum OutboxState {
    /** It is tried at its time, again and again while nobody answers. */
    WAITING,
    DONE,
    /** It was refused: a person must look. */
    FAILED,
    /** What it did is undone by another entry, or it will never be done. */
    REVERSED
}
