package nobrec.server.printing;

/** The printer answered and does not take it. The message says why. */
public class PrinterRefuses extends Exception {

    private static final long serialVersionUID = 1L;

    private final boolean forNow;

    /** @param forNow whether it would take it later */
    public PrinterRefuses(String said, boolean forNow) {
        super(said);
        this.forNow = forNow;
    }

    boolean isForNow() {
        return forNow;
    }
}
