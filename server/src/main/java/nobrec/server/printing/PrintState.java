package nobrec.server.printing;

/** How far a print job is. */
enum PrintState {
    /** No printer has it, or none has said so. */
    WAITING,
    /** The printer has it. */
    SENT,
    PRINTED,
    FAILED,
    CALLED_OFF;

    boolean isOpen() {
        return this == WAITING || this == SENT;
    }
}
