package nobrec.server.printing;

import java.util.List;
import java.util.Optional;
import nobrec.server.connection.Adapter;
import nobrec.server.connection.Connection;

/** What we need of a printer. Each call ends within the connection's time limit. */
public interface PrinterPort extends Adapter {

    /**
     * What a printer says of itself.
     *
     * @param said why it does not print, in words; empty text where nothing is wrong
     * @param accepts whether it takes jobs
     * @param resolution dots per inch; zero where it does not say
     * @param media papers that it knows, as the standard names them
     */
    record PrinterFacts(
            PrinterState state,
            String said,
            boolean accepts,
            List<String> formats,
            int resolution,
            List<String> trays,
            List<String> media) {}

    /**
     * Something to be printed.
     *
     * @param name by which it is found again
     * @param media its paper as the standard names it; empty text for whatever the printer has
     */
    @SuppressWarnings("ArrayRecordComponent")
    record Document(String name, String format, byte[] bytes, int copies, String tray, String media) {}

    /** What became of a job. */
    enum Fate {
        WAITS,
        PRINTED,
        FAILED,
        /** The printer knows nothing of it. */
        FORGOTTEN
    }

    /** @param said why, in words; empty text where nothing is wrong */
    record JobFacts(Fate fate, String said) {}

    PrinterFacts look(Connection printer) throws PrinterSilent;

    /** @return its number there */
    int print(Connection printer, Document document) throws PrinterSilent, PrinterRefuses;

    JobFacts follow(Connection printer, int job) throws PrinterSilent;

    /** The number of a job of that name, whether it waits, is printed or was given up. */
    Optional<Integer> find(Connection printer, String name) throws PrinterSilent;

    /** @return whether it was given up: one that is out is not */
    boolean callOff(Connection printer, int job) throws PrinterSilent;
}
