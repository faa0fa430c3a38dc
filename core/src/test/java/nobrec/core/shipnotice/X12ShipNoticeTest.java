package nobrec.core.shipnotice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.xlate.edi.schema.SchemaFactory;
import io.xlate.edi.stream.EDIInputFactory;
import io.xlate.edi.stream.EDIOutputFactory;
import io.xlate.edi.stream.EDIStreamConstants;
import io.xlate.edi.stream.EDIStreamEvent;
import io.xlate.edi.stream.EDIStreamReader;
import io.xlate.edi.stream.EDIStreamWriter;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import nobrec.core.identifier.CompanyPrefix;
import nobrec.core.identifier.Sscc;
import nobrec.core.item.LotShare;
import nobrec.core.measure.UnitSystem;
import nobrec.core.partner.InterchangeId;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipnotice.ShipNotice.Content;
import nobrec.core.shipnotice.ShipNotice.Packed;
import nobrec.core.shipnotice.ShipNotice.Party;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Written by us, read by StAEDI, which holds the envelope to its own control schemas (lengths, codes, counts, control numbers), and the
 * other way round.
 */
class X12ShipNoticeTest {

    private static final CompanyPrefix PREFIX = new CompanyPrefix("0614141");
    private static final LocalDateTime AT = LocalDateTime.of(2026, 12, 1, 16, 5);
    private static final X12ShipNotice.Envelope ENVELOPE = new X12ShipNotice.Envelope(
            InterchangeId.read("ours", "ZZ", "HERONWORKS"), InterchangeId.read("theirs", "08", "GREBE01"), 417, true);

    private static Content content(String po, int line, int quantity, List<LotShare> lots) {
        return new Content(
                "24" + po.length(),
                po,
                line,
                line % 3 == 0 ? "" : "SK-" + line,
                "Seal ring ~ " + line + " * Ø 40 mm",
                quantity,
                quantity + 3,
                3,
                lots,
                "US");
    }

    private static ShipNotice notice(List<Packed> packages) {
        Party from = new Party("Heron Works", "", "12 Mill Rd", "", "Rockford", "IL", "61101", "US");
        Party to = new Party("Grebe Śląsk", "0614141000012", "1 Dock St", "Door 4", "Toledo", "OH", "43604", "US");
        return new ShipNotice(
                "SN000417",
                ShipNotice.Purpose.ORIGINAL,
                AT,
                LocalDate.of(2026, 12, 1),
                LocalDate.of(2026, 12, 4),
                "Plover",
                "Ground",
                from,
                to,
                packages,
                UnitSystem.POUND_INCH);
    }

    private static Packed packed(int number, List<Content> contents) {
        return new Packed(
                Sscc.of(0, PREFIX, number).digits(),
                "PV90041700000" + number,
                false,
                new BigDecimal("12.500"),
                List.of(BigDecimal.TEN, BigDecimal.TEN, BigDecimal.ONE),
                contents);
    }

    /** What a reader that is not ours finds: each segment as one text, and what it has against it. */
    private record Found(List<String> segments, List<String> errors) {}

    private static Found read(String interchange, String transactionSchema) throws Exception {
        List<String> segments = new ArrayList<>();
        List<String> errors = new ArrayList<>();
        StringBuilder segment = new StringBuilder();
        try (EDIStreamReader reader = EDIInputFactory.newFactory()
                .createEDIStreamReader(new ByteArrayInputStream(interchange.getBytes(StandardCharsets.US_ASCII)))) {
            while (reader.hasNext()) {
                EDIStreamEvent event = reader.next();
                switch (event) {
                    case START_TRANSACTION -> {
                        if (!transactionSchema.isEmpty()) {
                            reader.setTransactionSchema(SchemaFactory.newFactory()
                                    .createSchema(X12ShipNoticeTest.class.getResource(transactionSchema)));
                        }
                    }
                    case START_SEGMENT -> segment.append(reader.getText());
                    case ELEMENT_DATA -> segment.append('*').append(reader.getText());
                    case END_SEGMENT -> {
                        segments.add(segment.toString());
                        segment.setLength(0);
                    }
                    case SEGMENT_ERROR, ELEMENT_DATA_ERROR, ELEMENT_OCCURRENCE_ERROR ->
                        errors.add(reader.getErrorType() + " at " + reader.getLocation() + " " + reader.getText());
                    default -> {
                        // Where a loop or a group begins or ends.
                    }
                }
            }
        }
        return new Found(segments, errors);
    }

    @Test
    void anotherReaderFindsEachPieceInItsPackage() throws Exception {
        Random random = new Random(856);
        for (int turn = 0; turn < 40; turn++) {
            List<Packed> packages = new ArrayList<>();
            for (int number = 1; number <= 1 + random.nextInt(6); number++) {
                List<Content> contents = new ArrayList<>();
                for (int line = 1; line <= 1 + random.nextInt(4); line++) {
                    int quantity = 1 + random.nextInt(500);
                    List<LotShare> lots =
                            random.nextBoolean() ? List.of(new LotShare("L*" + line, quantity)) : List.of();
                    contents.add(content(random.nextBoolean() ? "4500-1" : "4500-22", line, quantity, lots));
                }
                packages.add(packed(number, contents));
            }
            Found found = read(X12ShipNotice.write(notice(packages), ENVELOPE), "856.xml");
            assertThat(found.errors()).isEmpty();
            assertThat(quantities(found.segments())).containsExactlyInAnyOrderElementsOf(expected(packages));
        }
    }

    /** Number of the package, order, quantity: as the levels of the notice say it. */
    private static List<String> quantities(List<String> segments) {
        List<String> found = new ArrayList<>();
        String order = "";
        String sscc = "";
        for (String segment : segments) {
            String[] parts = segment.split("\\*", -1);
            switch (parts[0]) {
                case "PRF" -> order = parts[1];
                case "MAN" -> sscc = parts[1].equals("GM") ? parts[2] : sscc;
                case "SN1" -> found.add(sscc + " " + order + " " + parts[2]);
                default -> {
                    // Says nothing of quantities.
                }
            }
        }
        return found;
    }

    private static List<String> expected(List<Packed> packages) {
        return packages.stream()
                .flatMap(packed -> packed.contents().stream()
                        .map(each -> packed.sscc() + " " + each.customerPo() + " " + each.quantity()))
                .toList();
    }

    @Test
    void saysWhatTheStandardHasAPlaceFor() {
        ShipNotice notice =
                notice(List.of(packed(1, List.of(content("4500-1", 1, 6, List.of(new LotShare("L-7", 6)))))));
        String text = X12ShipNotice.write(notice, ENVELOPE);
        assertThat(text.lines().findFirst().orElseThrow()).hasSize(106).endsWith("*0*T*>~");
        assertThat(text.lines())
                .contains(
                        "GS*SH*HERONWORKS*GREBE01*20261201*1605*417*X*004010~",
                        "BSN*00*SN000417*20261201*1605*0001~",
                        "N1*ST*Grebe Slask*UL*0614141000012~",
                        "MAN*GM*006141410000000012~",
                        "SN1*1*6*EA**9*EA~",
                        "PID*F****Seal ring 1 O 40 mm~",
                        "REF*LT*L-7*6 EA~",
                        "CTT*4~",
                        "IEA*1*000000417~");
        assertThat(X12ShipNotice.write(notice.canceled(AT), ENVELOPE)).contains("BSN*01*SN000417*");
    }

    /** So that its silence above says something. */
    @ParameterizedTest
    @ValueSource(strings = {"SE*", "IEA*1*", "BSN*00*", "PRF*4500", "MAN*GM*"})
    void theOtherReaderSeesWhatIsWrong(String at) throws Exception {
        String whole =
                X12ShipNotice.write(notice(List.of(packed(1, List.of(content("4500-1", 1, 6, List.of()))))), ENVELOPE);
        assertThat(read(whole.replace(at, at.substring(0, at.indexOf('*') + 1) + "*"), "856.xml")
                        .errors())
                .isNotEmpty();
    }

    private static String acknowledgment(String verdict, boolean fault) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (EDIStreamWriter writer = EDIOutputFactory.newFactory().createEDIStreamWriter(out)) {
            writer.setControlSchema(SchemaFactory.newFactory()
                    .getControlSchema(EDIStreamConstants.Standards.X12, new String[] {"00401"}));
            writer.startInterchange();
            segment(
                    writer,
                    "ISA",
                    "00",
                    " ".repeat(10),
                    "00",
                    " ".repeat(10),
                    "08",
                    "GREBE01        ",
                    "ZZ",
                    "HERONWORKS     ",
                    "261201",
                    "1700",
                    "U",
                    "00401",
                    "000000009",
                    "0",
                    "T",
                    ":");
            segment(writer, "GS", "FA", "GREBE01", "HERONWORKS", "20261201", "1700", "9", "X", "004010");
            segment(writer, "ST", "997", "0001");
            segment(writer, "AK1", "SH", "417");
            segment(writer, "AK2", "856", "0001");
            if (fault) {
                segment(writer, "AK3", "N1", "12", "", "8");
                segment(writer, "AK4", "2", "93", "5", "Grebe");
            }
            segment(writer, "AK5", verdict);
            segment(writer, "AK9", verdict, "1", "1", "A".equals(verdict) ? "1" : "0");
            segment(writer, "SE", fault ? "8" : "6", "0001");
            segment(writer, "GE", "1", "9");
            segment(writer, "IEA", "1", "000000009");
            writer.endInterchange();
        }
        return out.toString(StandardCharsets.US_ASCII);
    }

    private static void segment(EDIStreamWriter writer, String name, String... elements) throws Exception {
        writer.writeStartSegment(name);
        for (String element : elements) {
            writer.writeElement(element);
        }
        writer.writeEndSegment();
    }

    @Test
    void readsWhatAnotherLibraryAcknowledges() throws Exception {
        assertThat(FunctionalAcknowledgment.read(acknowledgment("A", false)))
                .containsExactly(new NoticeVerdict("417", true, "997: accepted"));
        assertThat(FunctionalAcknowledgment.read(acknowledgment("R", true)))
                .containsExactly(new NoticeVerdict(
                        "417", false, "997: refused (N1 at 12: an element is wrong; element 2 “Grebe”)"));
        assertThat(FunctionalAcknowledgment.read(acknowledgment("E", false))
                        .get(0)
                        .accepted())
                .isTrue();
    }

    /** Cut off, changed on the way, of another kind, or no interchange at all. */
    @ParameterizedTest
    @ValueSource(strings = {"", "ISA", "Welcome.", "<xml/>", "ISA*00*", "CUT", "COUNT", "CONTROL", "OTHER"})
    void whatIsNoWholeAcknowledgmentIsRefused(String how) throws Exception {
        String whole = acknowledgment("A", false);
        String text = switch (how) {
            case "CUT" -> whole.substring(0, whole.length() - 30);
            case "COUNT" -> whole.replace("SE*6*", "SE*7*");
            case "CONTROL" -> whole.replace("IEA*1*000000009", "IEA*1*000000008");
            case "OTHER" -> whole.replace("AK1*SH*", "AK1*IN*");
            default -> how;
        };
        assertThatThrownBy(() -> FunctionalAcknowledgment.read(text)).isInstanceOf(Refusal.class);
    }
}
