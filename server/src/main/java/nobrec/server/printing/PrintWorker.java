package nobrec.server.printing;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
import nobrec.core.refusal.Refusal;
import nobrec.server.connection.Connection;
import nobrec.server.platform.BackgroundWork.Sweep;
import nobrec.server.platform.Shortened;
import nobrec.server.printing.PrinterPort.JobFacts;
import nobrec.server.printing.PrinterPort.PrinterFacts;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Brings papers to printers, in the order in which they were asked for, and follows each until it is out. One server speaks with one
 * printer at a time; a printer that is silent holds up no other. What was sent without an answer is looked for under its name before
 * it is sent again, so that it is printed once.
 */
@Component
public class PrintWorker {

    private static final Logger LOG = LoggerFactory.getLogger(PrintWorker.class);

    private static final Duration PAUSE = Duration.ofSeconds(1);
    private static final Duration NEXT_LOOK = Duration.ofSeconds(1);
    private static final Duration LONGEST_PAUSE = Duration.ofSeconds(30);

    /** More than all calls of one turn may take. */
    private static final Duration LEASE = Duration.ofMinutes(2);

    /** A turn begins nothing new after this; each step takes a few calls of five seconds at most. */
    private static final Duration LONGEST_TURN = Duration.ofSeconds(45);

    private static final Duration KEPT_FOR = Duration.ofDays(30);
    private static final Duration TIDYING = Duration.ofHours(1);
    private static final int PRINTERS_AT_ONCE = 4;
    private static final int JOBS_OF_TURN = 10;
    private static final int LONGEST_SAID = 500;
    private static final int MOST_DOUBLINGS = 5;

    private final PrintMapper mapper;
    private final Printers printers;
    private final PrintJobs jobs;
    private final PrintDocuments documents;
    private final Clock clock;
    private final Set<String> busy = ConcurrentHashMap.newKeySet();
    private final ExecutorService threads =
            Executors.newFixedThreadPool(PRINTERS_AT_ONCE, work -> new Thread(work, "printing"));

    PrintWorker(PrintMapper mapper, Printers printers, PrintJobs jobs, PrintDocuments documents, Clock clock) {
        this.mapper = mapper;
        this.printers = printers;
        this.jobs = jobs;
        this.documents = documents;
        this.clock = clock;
    }

    /** Looks again and again what is to be printed. */
    @Configuration
    static class Sweeping {
        @Bean
        Sweep sweepOfPrinters(PrintWorker worker) {
            return new Sweep("printers", PAUSE, worker::start);
        }

        @Bean
        Sweep sweepOfPrintedJobs(PrintWorker worker) {
            return new Sweep("printed jobs", TIDYING, worker::tidy);
        }
    }

    /** What came out long ago is of no use any more. */
    void tidy() {
        mapper.deleteDoneBefore(clock.instant().minus(KEPT_FOR));
    }

    /** Begins with all that is due, each printer in a thread of its own, and does not wait. */
    void start() {
        for (String code : mapper.due(clock.instant())) {
            if (busy.add(code)) {
                begin(code);
            }
        }
    }

    private void begin(String code) {
        try {
            threads.execute(() -> {
                try {
                    turn(code);
                } catch (RuntimeException failed) {
                    LOG.error("Printer {} is seen to at its next turn", code, failed);
                } finally {
                    busy.remove(code);
                }
            });
        } catch (RejectedExecutionException closing) {
            busy.remove(code);
        }
    }

    /** Sees to all printers that are due, and waits for it. */
    public void run() {
        mapper.due(clock.instant()).forEach(this::turn);
    }

    private void turn(String code) {
        Instant now = clock.instant();
        Instant until = now.plus(LEASE).truncatedTo(ChronoUnit.MICROS);
        if (mapper.lease(code, now, until) == 0) {
            return;
        }
        Connection connection = printers.connection(code);
        PrinterPort port = printers.port(connection);
        try {
            PrinterFacts facts = port.look(connection);
            for (PrintJobRow sent : mapper.ofPrinter(code, PrintState.SENT, JOBS_OF_TURN)) {
                if (clock.instant().isBefore(now.plus(LONGEST_TURN))) {
                    follow(port, connection, sent, facts);
                }
            }
            if (facts.accepts()) {
                send(port, connection, facts, now.plus(LONGEST_TURN));
            } else {
                mapper.sayOfWaiting(
                        code, facts.said().isEmpty() ? connection.name() + " takes no jobs." : facts.said());
            }
            printers.keep(code, facts, clock.instant().plus(NEXT_LOOK));
        } catch (PrinterSilent silent) {
            String said = Shortened.to(LONGEST_SAID, String.valueOf(silent.getMessage()));
            int failures = mapper.printer(code).map(PrinterRow::failures).orElse(0) + 1;
            mapper.sayOfWaiting(code, said);
            mapper.keepSilence(code, said, failures, clock.instant().plus(pause(failures)));
        } finally {
            mapper.release(code, until);
        }
    }

    private static Duration pause(int failures) {
        Duration pause = NEXT_LOOK.multipliedBy(1L << Math.min(failures, MOST_DOUBLINGS));
        return pause.compareTo(LONGEST_PAUSE) > 0 ? LONGEST_PAUSE : pause;
    }

    private void follow(PrinterPort port, Connection connection, PrintJobRow sent, PrinterFacts facts)
            throws PrinterSilent {
        JobFacts job = port.follow(connection, Objects.requireNonNull(sent.printerJob()));
        String said = job.said().isEmpty() ? facts.said() : job.said();
        switch (job.fate()) {
            case PRINTED -> mapper.settle(sent.id(), PrintState.PRINTED, null, "", clock.instant());
            case FAILED -> mapper.settle(sent.id(), PrintState.FAILED, null, said, clock.instant());
            case FORGOTTEN -> forgotten(port, connection, sent);
            case WAITS -> mapper.settle(sent.id(), PrintState.SENT, null, said, null);
        }
    }

    /** A printer that was switched off may number its jobs from the beginning; one it has kept bears its name still. */
    private void forgotten(PrinterPort port, Connection connection, PrintJobRow sent) throws PrinterSilent {
        Optional<Integer> there = port.find(connection, sent.nameThere());
        if (there.isPresent()) {
            mapper.settle(sent.id(), PrintState.SENT, there.get(), "", null);
        } else {
            mapper.settle(
                    sent.id(),
                    PrintState.FAILED,
                    null,
                    connection.name()
                            + " took it and knows nothing of it any more. Look whether it came out before you print"
                            + " it again.",
                    clock.instant());
        }
    }

    private void send(PrinterPort port, Connection connection, PrinterFacts facts, Instant end) throws PrinterSilent {
        List<PrintJobRow> waiting = mapper.ofPrinter(connection.code(), PrintState.WAITING, JOBS_OF_TURN);
        for (PrintJobRow row : waiting) {
            if (clock.instant().isAfter(end)) {
                return;
            }
            Optional<Integer> there = row.tried() ? port.find(connection, row.nameThere()) : Optional.empty();
            if (there.isPresent()) {
                mapper.settle(row.id(), PrintState.SENT, there.get(), "", null);
            } else if (!sendOne(port, connection, row, facts)) {
                return;
            }
        }
    }

    /** @return whether the next one may be tried */
    private boolean sendOne(PrinterPort port, Connection connection, PrintJobRow row, PrinterFacts facts)
            throws PrinterSilent {
        PrinterPort.Document document;
        try {
            document = documents.of(row, facts);
        } catch (PrinterRefuses unprintable) {
            mapper.settle(row.id(), PrintState.FAILED, null, said(unprintable), clock.instant());
            return true;
        }
        // An update that changes nothing counts no row, so that one tried before is marked by whoever has the lease.
        if (!row.tried() && mapper.markTried(row.id(), false, true) == 0) {
            return true;
        }
        try {
            int number = port.print(connection, document);
            mapper.settle(row.id(), PrintState.SENT, number, "", null);
            return true;
        } catch (PrinterRefuses refused) {
            mapper.markTried(row.id(), true, false);
            if (refused.isForNow()) {
                mapper.sayOfWaiting(connection.code(), said(refused));
                return false;
            }
            mapper.settle(row.id(), PrintState.FAILED, null, said(refused), clock.instant());
            return true;
        }
    }

    private static String said(PrinterRefuses refused) {
        return Shortened.to(LONGEST_SAID, String.valueOf(refused.getMessage()));
    }

    /** Asks a job back from its printer; outside any transaction. */
    void callOffThere(PrintJobRow row) {
        Connection connection = printers.connection(row.printerCode());
        try {
            if (printers.port(connection).callOff(connection, Objects.requireNonNull(row.printerJob()))) {
                jobs.calledOffThere(row);
            }
            mapper.makeDue(row.printerCode(), clock.instant());
        } catch (PrinterSilent silent) {
            throw Refusal.outside(
                    row.title(),
                    String.valueOf(silent.getMessage()) + " It has the job.",
                    "Call it off at the printer, or when it is back.");
        }
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        threads.shutdown();
    }
}
