package nobrec.server.carrier.waybills;

import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import nobrec.core.tracking.TrackingEventKind;
import nobrec.server.carrier.CarrierQuote;
import nobrec.server.carrier.PackageNews;
import nobrec.server.carrier.QuoteTime;
import nobrec.server.carrier.TrackingNumbers;
import nobrec.server.platform.SafeXml;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;

/**
 * An answer to a waybill request: {@code <waybill>} with its units, {@code <quotation>} with its prices, {@code <cancellation>} with a text, {@code <manifest>} and {@code <collection>} with a number, or {@code <fault>} with a
 * code and a text.
 */
record WaybillAnswer(
        Kind kind, String requestId, String text, List<TrackingNumbers.Read> units, CarrierQuote quotation) {

    enum Kind {
        WAYBILL,
        QUOTATION,
        CANCELLATION,
        MANIFEST,
        COLLECTION,
        /** Codes that begin with R: final. */
        REJECTED,
        /** Code N04, to a look-up. */
        NO_SUCH_REQUEST,
        /** Any other code, and whatever is no such document. */
        UNCLEAR
    }

    /** What is said of units on their way: {@code <units>} with a {@code <unit>} each; nothing when it is no such document. */
    static Optional<Tracing> tracing(String body) {
        try {
            Element root = SafeXml.reader()
                    .parse(new InputSource(new StringReader(body)))
                    .getDocumentElement();
            return root.getTagName().equals("tracing")
                    ? Optional.of(new Tracing(root.getAttribute("requestId"), news(root)))
                    : Optional.empty();
        } catch (SAXException | IOException noDocument) {
            return Optional.empty();
        }
    }

    private static List<PackageNews> news(Element root) {
        return elements(root, "unit").stream()
                .map(unit -> new PackageNews(
                        unit.getAttribute("barcode"),
                        !unit.getAttribute("known").equals("no"),
                        unit.getAttribute("expectedOn"),
                        elements(unit, "scan").stream().map(WaybillAnswer::scan).toList()))
                .toList();
    }

    private static PackageNews.Said scan(Element scan) {
        String code = scan.getAttribute("code");
        return new PackageNews.Said(
                scan.getAttribute("no"),
                code,
                Optional.ofNullable(SCANS.get(code)),
                scan.getAttribute("at"),
                scan.getAttribute("place"),
                scan.getTextContent().strip());
    }

    private static List<Element> elements(Element parent, String name) {
        NodeList found = parent.getElementsByTagName(name);
        return IntStream.range(0, found.getLength())
                .mapToObj(index -> (Element) found.item(index))
                .toList();
    }

    /** What is said of units. */
    record Tracing(String requestId, List<PackageNews> units) {}

    private static final Map<String, TrackingEventKind> SCANS = Map.of(
            "10", TrackingEventKind.ACCEPTED,
            "20", TrackingEventKind.MOVED,
            "30", TrackingEventKind.OUT_FOR_DELIVERY,
            "41", TrackingEventKind.DELAYED,
            "42", TrackingEventKind.ATTEMPTED,
            "43", TrackingEventKind.DAMAGED,
            "44", TrackingEventKind.REFUSED,
            "45", TrackingEventKind.LOST,
            "50", TrackingEventKind.SENT_BACK,
            "60", TrackingEventKind.DELIVERED);

    private static final CarrierQuote NO_QUOTE = new CarrierQuote("", Optional.empty(), List.of());
    private static final WaybillAnswer NOTHING = new WaybillAnswer(Kind.UNCLEAR, "", "", List.of(), NO_QUOTE);

    static WaybillAnswer read(String body) {
        try {
            Element root = SafeXml.reader()
                    .parse(new InputSource(new StringReader(body)))
                    .getDocumentElement();
            return switch (root.getTagName()) {
                case "waybill" ->
                    new WaybillAnswer(Kind.WAYBILL, root.getAttribute("requestId"), "", units(root), NO_QUOTE);
                case "quotation" ->
                    new WaybillAnswer(Kind.QUOTATION, root.getAttribute("requestId"), "", List.of(), quotation(root));
                case "cancellation" -> said(Kind.CANCELLATION, root, root.getTextContent());
                case "collection" -> said(Kind.COLLECTION, root, root.getAttribute("number"));
                case "manifest" -> said(Kind.MANIFEST, root, root.getAttribute("number"));
                case "fault" -> said(kind(root.getAttribute("code")), root, root.getTextContent());
                default -> NOTHING;
            };
        } catch (SAXException | IOException noDocument) {
            return NOTHING;
        }
    }

    private static WaybillAnswer said(Kind kind, Element root, String text) {
        return new WaybillAnswer(kind, root.getAttribute("requestId"), text.strip(), List.of(), NO_QUOTE);
    }

    private static Kind kind(String code) {
        return code.startsWith("R") ? Kind.REJECTED : code.equals("N04") ? Kind.NO_SUCH_REQUEST : Kind.UNCLEAR;
    }

    private static List<TrackingNumbers.Read> units(Element root) {
        List<TrackingNumbers.Read> units = new ArrayList<>();
        NodeList found = root.getElementsByTagName("unit");
        for (int index = 0; index < found.getLength(); index++) {
            Element unit = (Element) found.item(index);
            units.add(new TrackingNumbers.Read(number(unit.getAttribute("no")), unit.getAttribute("barcode")));
        }
        return units;
    }

    private static CarrierQuote quotation(Element root) {
        List<CarrierQuote.Price> prices = new ArrayList<>();
        NodeList found = root.getElementsByTagName("price");
        for (int index = 0; index < found.getLength(); index++) {
            Element price = (Element) found.item(index);
            prices.add(new CarrierQuote.Price(
                    price.getAttribute("product"), price.getAttribute("total"), price.getAttribute("currency")));
        }
        return new CarrierQuote(root.getAttribute("number"), QuoteTime.read(root.getAttribute("validUntil")), prices);
    }

    /** Zero, which is no package's number, when it cannot be read. */
    private static int number(String text) {
        return text.matches("[0-9]{1,6}") ? Integer.parseInt(text) : 0;
    }
}
