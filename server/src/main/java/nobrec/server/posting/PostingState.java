package nobrec.server.posting;

/** How far a write-back is. */
public enum PostingState {
    /** It will be tried at its time. */
    WAITING,
    DONE,
    /** It was refused, or tried too often: a person must look. */
    FAILED
}
