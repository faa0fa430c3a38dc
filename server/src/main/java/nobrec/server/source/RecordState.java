package nobrec.server.source;

/** Where a record of a source stands here. */
enum RecordState {
    /** Ready to ship there, and not here yet. */
    NEW,
    /** Its status does not mean ready to ship. */
    NOT_READY,
    /** Nobody has said yet what its status means. */
    UNKNOWN_STATUS,
    /** A work order was made of it, as it is. */
    HERE,
    /** It was changed there since. */
    CHANGED,
    /** It was cancelled there. */
    CANCELLED
}
