package nobrec.server.posting;

import jakarta.annotation.PreDestroy;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import nobrec.server.booking.ShipmentShipped;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/** Starts the worker at once after a shipment, so that nobody waits for the next sweep. */
@Component
class PostingWork {

    private static final Logger LOG = LoggerFactory.getLogger(PostingWork.class);

    private final PostingWorker worker;
    private final ExecutorService thread = Executors.newSingleThreadExecutor(work -> new Thread(work, "postings"));

    PostingWork(PostingWorker worker) {
        this.worker = worker;
    }

    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
    void on(ShipmentShipped shipped) {
        soon();
    }

    void soon() {
        thread.execute(() -> {
            try {
                worker.run();
            } catch (RuntimeException failed) {
                LOG.error("Postings could not be carried out now; the sweep tries again.", failed);
            }
        });
    }

    @PreDestroy
    void end() {
        thread.shutdown();
    }
}
