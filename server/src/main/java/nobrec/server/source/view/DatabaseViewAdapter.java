package nobrec.server.source.view;

import java.net.URI;
import java.sql.SQLException;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nobrec.core.limit.Limits;
import nobrec.server.connection.Connection;
import nobrec.server.connection.DatabaseCalls;
import nobrec.server.connection.ReadFault;
import nobrec.server.source.About;
import nobrec.server.source.About.Named;
import nobrec.server.source.RecordAccess;
import nobrec.server.source.RecordPage;
import nobrec.server.source.RecordPort;
import nobrec.server.source.RecordWindow;
import nobrec.server.source.SampleRows;
import nobrec.server.source.SourceRecord;
import org.springframework.stereotype.Component;

/**
 * Databases that are read by a SELECT of the shop's: a row a line of a job, as in a file. Its columns {@code number} and {@code
 * changed_at} are needed; {@code status}, {@code site} and {@code cancelled} count where there are such.
 */
@Component
class DatabaseViewAdapter implements RecordPort {

    private static final int JOBS_AT_ONCE = 200;
    private static final int ROWS_OF_PAGE = 50_000;
    private static final int WORDS = 50;

    /** Times without a zone are of whichever zone the database keeps: as far as two clocks on earth can be apart. */
    private static final Duration ANY_ZONE = Duration.ofHours(14);

    private static final DateTimeFormatter MOMENT =
            DateTimeFormatter.ofPattern("uuuu-MM-dd HH:mm:ss").withZone(ZoneOffset.UTC);

    private final DatabaseCalls reads;

    DatabaseViewAdapter(DatabaseCalls reads) {
        this.reads = reads;
    }

    @Override
    public String adapterName() {
        return "database-view";
    }

    @Override
    public String label() {
        return "view in a database (MariaDB)";
    }

    @Override
    public boolean needsQuery() {
        return true;
    }

    @Override
    public boolean canCall(URI address) {
        return DatabaseCalls.isDatabase(address);
    }

    @Override
    public String addressForm() {
        return DatabaseCalls.ADDRESS_FORM;
    }

    private <T> T query(RecordAccess access, QueryWork<T> work) throws ReadFault {
        Connection connection = access.connection();
        int seconds = (int) Math.max(1, connection.timeLimit().toSeconds());
        return reads.read(connection, database -> work.read(ShopQuery.of(database, access.query(), seconds)));
    }

    private interface QueryWork<T> {
        T read(ShopQuery query) throws SQLException, ReadFault;
    }

    @Override
    public About about(RecordAccess access) throws ReadFault {
        return query(access, query -> {
            List<String> columns = query.columns();
            List<Named> names =
                    columns.stream().map(column -> new Named(column, column)).toList();
            return new About(
                    access.connection().name(),
                    words(query, columns, "status"),
                    words(query, columns, "site"),
                    names,
                    names);
        });
    }

    private static List<Named> words(ShopQuery query, List<String> columns, String column) throws SQLException {
        return columns.stream().noneMatch(column::equalsIgnoreCase)
                ? List.of()
                : query.different(column, WORDS).stream()
                        .map(word -> new Named(word, word))
                        .toList();
    }

    @Override
    public SampleRows sample(RecordAccess access, int limit) throws ReadFault {
        return query(access, query -> {
            List<String> columns = query.columns();
            List<List<String>> rows = query.firstRows(limit).stream()
                    .map(row -> List.copyOf(row.values()))
                    .toList();
            return new SampleRows(columns, rows);
        });
    }

    @Override
    public RecordPage page(RecordAccess access, RecordWindow window, String cursor) throws ReadFault {
        return query(access, query -> {
            query.columns();
            String from = MOMENT.format(window.from().minus(ANY_ZONE));
            List<String> numbers = query.changedSince(from, cursor, JOBS_AT_ONCE);
            if (numbers.isEmpty()) {
                return new RecordPage(List.of(), Optional.empty(), Optional.empty(), List.of());
            }
            List<Map<String, String>> rows = query.rowsOf(numbers, ROWS_OF_PAGE);
            if (rows.size() == ROWS_OF_PAGE) {
                throw ReadFault.lasting(
                        JOBS_AT_ONCE + " jobs have more than " + ROWS_OF_PAGE + " rows.",
                        "Look whether the SELECT joins what belongs together.");
            }
            Optional<String> next =
                    numbers.size() < JOBS_AT_ONCE ? Optional.empty() : Optional.of(numbers.get(numbers.size() - 1));
            return new RecordPage(records(rows, window), next, Optional.empty(), List.of());
        });
    }

    /** Rows with one number are one record; what is said of the whole is taken from its first row. */
    private static List<SourceRecord> records(List<Map<String, String>> rows, RecordWindow window) {
        Map<String, List<Map<String, String>>> byNumber = new LinkedHashMap<>();
        rows.forEach(row -> byNumber.computeIfAbsent(of(row, ShopQuery.NUMBER), number -> new ArrayList<>())
                .add(row));
        List<SourceRecord> records = new ArrayList<>();
        byNumber.forEach((number, lines) -> {
            Map<String, String> first = lines.get(0);
            Instant changed = lines.stream()
                    .map(line -> moment(of(line, ShopQuery.CHANGED_AT)))
                    .flatMap(Optional::stream)
                    .max(Instant::compareTo)
                    .orElse(window.from());
            String cancelled = of(first, "cancelled");
            records.add(new SourceRecord(
                    number,
                    of(first, "status"),
                    changed,
                    cancelled.length() > Limits.TEXT ? cancelled.substring(0, Limits.TEXT) : cancelled,
                    first,
                    lines));
        });
        return records;
    }

    private static String of(Map<String, String> row, String column) {
        return row.entrySet().stream()
                .filter(each -> each.getKey().equalsIgnoreCase(column))
                .findFirst()
                .map(each -> each.getValue().strip())
                .orElse("");
    }

    /** A moment with its offset, else one in universal time. */
    private static Optional<Instant> moment(String text) {
        String iso = text.strip().toUpperCase(Locale.ROOT).replace(' ', 'T');
        try {
            return Optional.of(OffsetDateTime.parse(iso).toInstant());
        } catch (DateTimeException withoutOffset) {
            try {
                return Optional.of(LocalDateTime.parse(iso).toInstant(ZoneOffset.UTC));
            } catch (DateTimeException none) {
                return Optional.empty();
            }
        }
    }
}
