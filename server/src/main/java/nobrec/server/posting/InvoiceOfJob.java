package nobrec.server.posting;

import java.util.Optional;

/** On whose invoice the freight of a job stands that the books do not know. */
public interface InvoiceOfJob {

    /** @return number of a job that the books know; empty where it is on none */
    Optional<String> invoiceOf(String job);
}
