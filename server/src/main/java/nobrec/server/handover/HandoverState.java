package nobrec.server.handover;

/** How far a handover is. */
enum HandoverState {
    /** Packages are scanned in. */
    OPEN,
    /** The driver has it; the carrier was asked for its manifest and has not answered for certain. */
    CLOSING,
    CLOSED
}
