package nobrec.server.posting;

/** How far a write-back is. */
public enum PostingState {
    /** It will be tried at its time, again and again while nobody answers. */
    WAITING,
    DONE,
    /** It was refused: a person must look. */
    FAILED
}
