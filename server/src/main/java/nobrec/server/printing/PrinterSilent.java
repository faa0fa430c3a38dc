package nobrec.server.printing;

/** No certain answer came. The message says why. */
public class PrinterSilent extends Exception {

    private static final long serialVersionUID = 1L;

    /** @param said in words */
    public PrinterSilent(String said) {
        super(said);
    }

    /** @param said in words */
    public PrinterSilent(String said, Throwable cause) {
        super(said, cause);
    }
}
