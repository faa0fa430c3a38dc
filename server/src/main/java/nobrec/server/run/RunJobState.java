package nobrec.server.run;

/** Where a job of a run stands. */
enum RunJobState {
    /** Nobody has looked yet what would happen. */
    NEW,
    /** It goes as it is shown once the run is started. */
    READY,
    /** Something stops it. */
    STOPPED,
    /** It is being shipped. */
    SHIPPING,
    /** Its carrier was asked and has not answered for certain; it goes on by itself. */
    ASKED,
    SHIPPED,
    /** It was tried and did not go. */
    FAILED
}
