package nobrec.server.source.protocol;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nobrec.server.connection.Connection;
import nobrec.server.connection.JsonReads;
import nobrec.server.connection.ReadFault;
import nobrec.server.source.About;
import nobrec.server.source.About.Named;
import nobrec.server.source.JsonRecords;
import nobrec.server.source.RecordAccess;
import nobrec.server.source.RecordPage;
import nobrec.server.source.RecordPort;
import nobrec.server.source.RecordWindow;
import nobrec.server.source.SourceRecord;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Record systems that speak the protocol of docs/record-protocol.md. */
@Component
class RecordProtocolAdapter implements RecordPort {

    private static final String PROTOCOL = "nobrec-records";
    private static final int PAGE = 100;

    private final JsonReads reads;

    RecordProtocolAdapter(JsonReads reads) {
        this.reads = reads;
    }

    @Override
    public String adapterName() {
        return "records-json";
    }

    @Override
    public String label() {
        return "record system";
    }

    @Override
    public About about(RecordAccess access) throws ReadFault {
        Connection connection = access.connection();
        JsonNode body = reads.read(connection, "/about").body();
        if (!body.path("protocol").asString("").equals(PROTOCOL)
                || body.path("version").asInt(0) != 1) {
            throw ReadFault.lasting(
                    "It speaks another protocol than “" + PROTOCOL + "”, version 1.",
                    "Check the address, or choose the other kind of system.");
        }
        return new About(
                body.path("name").asString(""),
                named(body.path("statuses")),
                named(body.path("sites")),
                named(body.path("fields")),
                named(body.path("lineFields")));
    }

    private static List<Named> named(JsonNode array) {
        List<Named> named = new ArrayList<>();
        for (JsonNode each : array) {
            String word = each.path("code").asString("");
            if (!word.isEmpty()) {
                named.add(new Named(word, each.path("name").asString(word)));
            }
        }
        return named;
    }

    @Override
    public RecordPage page(RecordAccess access, RecordWindow window, String cursor) throws ReadFault {
        Connection connection = access.connection();
        String path = "/records?from=" + moment(window.from()) + "&until=" + moment(window.until()) + "&limit=" + PAGE
                + (cursor.isEmpty() ? "" : "&cursor=" + URLEncoder.encode(cursor, StandardCharsets.UTF_8));
        JsonReads.Answer answer = reads.read(connection, path);
        JsonNode body = answer.body();
        if (!body.path("records").isArray()) {
            throw ReadFault.lasting(
                    "Its answer has no list of records.", "Ask whoever runs it; see docs/record-protocol.md.");
        }
        List<SourceRecord> records = new ArrayList<>();
        for (JsonNode each : body.path("records")) {
            records.add(record(each, window.until()));
        }
        String next = body.path("next").asString("");
        return new RecordPage(
                records,
                Optional.of(next).filter(each -> !each.isEmpty()),
                body.path("total").isInt() ? Optional.of(body.path("total").intValue()) : Optional.empty(),
                answer.windows1252()
                        ? List.of("Its letters are not in UTF-8; they were read as Windows-1252.")
                        : List.of());
    }

    private static String moment(Instant moment) {
        return moment.truncatedTo(ChronoUnit.MILLIS).toString();
    }

    private static SourceRecord record(JsonNode node, Instant usual) {
        var fields = JsonRecords.flat(node.path("fields"));
        String site = JsonRecords.text(node.path("site"));
        if (!site.isEmpty()) {
            fields.put("site", site);
        }
        return new SourceRecord(
                JsonRecords.text(node.path("number")).strip(),
                JsonRecords.text(node.path("status")).strip(),
                JsonRecords.moment(node.path("changed")).orElse(usual),
                JsonRecords.text(node.path("cancelled")).strip(),
                fields,
                JsonRecords.lines(node.path("lines")));
    }
}
