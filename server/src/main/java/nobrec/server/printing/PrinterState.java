package nobrec.server.printing;

/** What a printer does. */
public enum PrinterState {
    IDLE,
    PRINTING,
    STOPPED,
    UNREACHABLE,
    UNKNOWN
}
