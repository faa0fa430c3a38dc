package nobrec.server.source;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import nobrec.core.refusal.Refusal;
import nobrec.server.connection.ReadFault;
import nobrec.server.source.SourceController.TestResult;
import org.springframework.stereotype.Component;

/** Asks a record system what it has, and says in plain words what it found, or what is wrong and what to do. */
@Component
class SourceTests {

    private static final int SAMPLE_ROWS = 10;
    private static final Duration YESTERDAY = Duration.ofDays(1);

    private final RecordSources sources;
    private final Clock clock;

    SourceTests(RecordSources sources, Clock clock) {
        this.sources = sources;
        this.clock = clock;
    }

    TestResult test(SourceSetUp source) {
        try {
            RecordAccess access = sources.access(source);
            RecordPort port = sources.port(source);
            long begun = System.nanoTime();
            About about = port.about(access);
            long took = Duration.ofNanos(System.nanoTime() - begun).toMillis();
            sources.remember(source, about);
            Instant now = clock.instant();
            RecordPage page = port.page(access, new RecordWindow(now.minus(YESTERDAY), now), "");
            return new TestResult(true, said(about, took, page), "");
        } catch (ReadFault fault) {
            return new TestResult(false, fault.reason(), fault.remedy());
        } catch (Refusal refusal) {
            return new TestResult(false, refusal.reason(), refusal.remedy());
        }
    }

    /** Tries a SELECT with ten rows; where it gives them, the source is read by it from now on. */
    SourceController.QueryTest read(SourceSetUp source, String query, String signIn) {
        try {
            RecordPort port = sources.port(source);
            RecordAccess access = sources.access(source.readBy(query));
            SampleRows sample = port.sample(access, SAMPLE_ROWS);
            sources.readBy(source, query, port.about(access), signIn);
            String found = count(sample.columns().size(), "column", "columns") + "; the first "
                    + count(sample.rows().size(), "row", "rows") + ":";
            return new SourceController.QueryTest(true, found, "", sample.columns(), sample.rows());
        } catch (ReadFault fault) {
            return new SourceController.QueryTest(false, fault.reason(), fault.remedy(), List.of(), List.of());
        }
    }

    private static String said(About about, long took, RecordPage page) {
        List<String> parts = new ArrayList<>();
        parts.add("Answers in " + took + " ms");
        parts.add(count(about.statuses().size(), "record status", "record statuses"));
        if (!about.sites().isEmpty()) {
            parts.add(count(about.sites().size(), "site", "sites"));
        }
        int seen = page.records().size();
        boolean more = page.next().isPresent();
        int all = page.total().orElse(seen);
        parts.add((page.total().isEmpty() && more ? "more than " : "") + count(all, "record", "records")
                + " since yesterday");
        parts.addAll(
                page.remarks().stream().map(each -> each.replaceAll("\\.$", "")).toList());
        return String.join("; ", parts) + ".";
    }

    private static String count(int number, String one, String many) {
        return number + " " + (number == 1 ? one : many);
    }
}
