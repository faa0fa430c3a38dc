package nobrec.core.shipnotice;

import java.math.BigDecimal;
import java.time.format.DateTimeFormatter;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import nobrec.core.item.LotShare;
import nobrec.core.measure.UnitSystem;
import nobrec.core.partner.InterchangeId;
import nobrec.core.partner.X12Letters;
import nobrec.core.shipnotice.ShipNotice.Content;
import nobrec.core.shipnotice.ShipNotice.Packed;
import nobrec.core.shipnotice.ShipNotice.Party;
import nobrec.core.shipnotice.ShipNotice.Purpose;

/**
 * A notice as an interchange with one transaction set 856, version 004010: shipment, orders, packages, items, in that order of levels.
 * A package with pieces of two orders stands below each of them under the same number.
 *
 * <p>Source: ASC X12, transaction set 856 Ship Notice/Manifest, and X12.5 and X12.6 for the envelopes (from memory; read back by a reader
 * that is not ours).
 */
public final class X12ShipNotice {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("yyyyMMdd", Locale.ROOT);
    private static final DateTimeFormatter SHORT_DAY = DateTimeFormatter.ofPattern("yyMMdd", Locale.ROOT);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HHmm", Locale.ROOT);

    private static final String VERSION = "004010";
    private static final String SET = "0001";

    /** Shipment, order, packaging, item. */
    private static final String STRUCTURE = "0001";

    private static final int NAME = 60;
    private static final int STREET = 55;
    private static final int CITY = 30;
    private static final int POSTAL_CODE = 15;
    private static final int DESCRIPTION = 80;
    private static final int ROUTING = 35;

    /**
     * Who sends it to whom.
     *
     * @param control number of the interchange, which the partner has not had before
     */
    public record Envelope(InterchangeId sender, InterchangeId receiver, int control, boolean test) {}

    private final ShipNotice notice;
    private final X12Segments segments = new X12Segments();
    private int level;

    private X12ShipNotice(ShipNotice notice) {
        this.notice = notice;
    }

    public static String write(ShipNotice notice, Envelope envelope) {
        return new X12ShipNotice(notice).write(envelope);
    }

    private String write(Envelope envelope) {
        String control = String.format(Locale.ROOT, "%09d", envelope.control());
        String group = Integer.toString(envelope.control());
        open(envelope, control, group);
        int before = segments.size();
        segments.add("ST", "856", SET);
        segments.add(
                "BSN",
                notice.purpose() == Purpose.CANCELLATION ? "01" : "00",
                notice.number(),
                notice.madeAt().format(DAY),
                notice.madeAt().format(TIME),
                STRUCTURE);
        shipment();
        segments.add("CTT", Integer.toString(level));
        segments.add("SE", Integer.toString(segments.size() - before + 1), SET);
        segments.add("GE", "1", group);
        segments.add("IEA", "1", control);
        return segments.text();
    }

    /** The interchange's own elements have a fixed width. */
    private void open(Envelope envelope, String control, String group) {
        segments.addAsIs(String.join(
                X12Letters.ELEMENT,
                "ISA",
                "00",
                " ".repeat(10),
                "00",
                " ".repeat(10),
                envelope.sender().qualifier(),
                wide(envelope.sender()),
                envelope.receiver().qualifier(),
                wide(envelope.receiver()),
                notice.madeAt().format(SHORT_DAY),
                notice.madeAt().format(TIME),
                "U",
                "00401",
                control,
                "0",
                envelope.test() ? "T" : "P",
                X12Letters.PART));
        segments.add(
                "GS",
                "SH",
                envelope.sender().id(),
                envelope.receiver().id(),
                notice.madeAt().format(DAY),
                notice.madeAt().format(TIME),
                group,
                "X",
                VERSION);
    }

    private static String wide(InterchangeId id) {
        return String.format(Locale.ROOT, "%-15s", id.id());
    }

    private void shipment() {
        int own = next("", "S");
        List<Packed> packages = notice.packages();
        boolean pallets = packages.stream().allMatch(Packed::pallet);
        segments.add(
                "TD1",
                kind(pallets),
                Integer.toString(packages.size()),
                "",
                "",
                "",
                "G",
                figure(notice.weight()),
                weightUnit());
        segments.add("TD5", "O", "", "", "M", cut(notice.carrier() + " " + notice.service(), ROUTING));
        packages.forEach(each -> segments.add("REF", "CN", each.trackingNumber()));
        segments.add("DTM", "011", notice.shipDate().format(DAY));
        segments.add("DTM", "017", notice.deliveryDate().format(DAY));
        party("SF", notice.from());
        party("ST", notice.to());
        orders().forEach((po, contents) -> order(own, po, contents));
    }

    /** The packages with pieces of each order, by the customer's number of it. */
    private Map<String, Map<Packed, List<Content>>> orders() {
        Map<String, Map<Packed, List<Content>>> orders = new LinkedHashMap<>();
        for (Packed each : notice.packages()) {
            each.contents().stream()
                    .collect(Collectors.groupingBy(Content::customerPo, LinkedHashMap::new, Collectors.toList()))
                    .forEach((po, contents) -> orders.computeIfAbsent(po, none -> new LinkedHashMap<>())
                            .put(each, contents));
        }
        return orders;
    }

    private void order(int parent, String po, Map<Packed, List<Content>> packages) {
        int own = next(Integer.toString(parent), "O");
        segments.add("PRF", po);
        packages.values().stream()
                .flatMap(List::stream)
                .map(Content::job)
                .distinct()
                .forEach(job -> segments.add("REF", "VN", job));
        packages.forEach((packed, contents) -> packed(own, packed, contents));
    }

    private void packed(int parent, Packed packed, List<Content> contents) {
        int own = next(Integer.toString(parent), "P");
        segments.add("TD1", kind(packed.pallet()), "1", "", "", "", "G", figure(packed.weight()), weightUnit());
        segments.add("MAN", "GM", packed.sscc());
        segments.add("MAN", "CP", packed.trackingNumber());
        contents.forEach(content -> item(own, content));
    }

    private void item(int parent, Content content) {
        next(Integer.toString(parent), "I");
        String line = Integer.toString(content.orderLine());
        if (content.item().isEmpty()) {
            segments.add("LIN", line, "PD", cut(content.description(), 48));
        } else {
            segments.add("LIN", line, "VN", content.item());
        }
        segments.add(
                "SN1", line, Integer.toString(content.quantity()), "EA", "", Integer.toString(content.ordered()), "EA");
        if (!content.description().isEmpty()) {
            segments.add("PID", "F", "", "", "", cut(content.description(), DESCRIPTION));
        }
        for (LotShare lot : content.lots()) {
            segments.add("REF", "LT", lot.lot(), lot.quantity() + " EA");
        }
    }

    private void party(String role, Party party) {
        segments.add(
                "N1",
                role,
                cut(party.name(), NAME),
                party.locationNumber().isEmpty() ? "" : "UL",
                party.locationNumber());
        segments.add("N3", cut(party.street(), STREET), cut(party.street2(), STREET));
        segments.add(
                "N4",
                cut(party.city(), CITY),
                party.state().length() == 2 ? party.state() : "",
                cut(party.postalCode(), POSTAL_CODE),
                party.country());
    }

    /** @param parent empty text for the highest */
    private int next(String parent, String code) {
        level++;
        segments.add("HL", Integer.toString(level), parent, code, code.equals("I") ? "0" : "1");
        return level;
    }

    private String weightUnit() {
        return notice.units() == UnitSystem.POUND_INCH ? "LB" : "KG";
    }

    private static String kind(boolean pallet) {
        return pallet ? "PLT94" : "CTN25";
    }

    private static String figure(BigDecimal amount) {
        return amount.stripTrailingZeros().toPlainString();
    }

    /** Names and descriptions may be shorter there; numbers that do not fit are stopped before anything leaves. */
    private static String cut(String text, int most) {
        String said = X12Letters.written(text);
        return said.length() > most ? said.substring(0, most).strip() : said;
    }
}
