package nobrec.standins.carrier;

import java.io.IOException;
import java.io.StringReader;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import nobrec.standins.http.Conduct;
import nobrec.standins.http.Exchange;
import nobrec.standins.http.WebServer;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;

/** Waybill requests as XML, with the key in the document, signed in by name and password; every outcome has status 200. */
final class XmlCarrierApi implements CarrierApi {

    private static final int GRAMS_DIGITS = 3;

    /** Codes of what happens to a unit. */
    private static final Map<String, String> SCANS = Map.of(
            "PICKED_UP", "10",
            "IN_TRANSIT", "20",
            "OUT_FOR_DELIVERY", "30",
            "DELAYED", "41",
            "NOT_DELIVERED", "42",
            "DAMAGED", "43",
            "REFUSED", "44",
            "LOST", "45",
            "RETURNED", "50",
            "DELIVERED", "60");

    private final String signIn;

    XmlCarrierApi(String userName, String password) {
        this.signIn = "Basic "
                + Base64.getEncoder().encodeToString((userName + ":" + password).getBytes(StandardCharsets.UTF_8));
    }

    @Override
    public Conduct conduct() {
        return new Conduct("requestId", "barcode");
    }

    @Override
    public void mount(WebServer web, String path, Conduct conduct, ConsignmentBook book) {
        web.post(path + "/waybills", conduct.around(exchange -> accept(exchange, book)));
        web.post(path + "/cancellations", conduct.around(exchange -> makeVoid(exchange, book)));
        web.post(
                path + "/manifests",
                conduct.around(exchange -> numbered(
                        exchange,
                        "manifest",
                        "R22",
                        asked -> book.manifest(asked.getAttribute("requestId"), texts(asked, "barcode")))));
        web.post(
                path + "/collections/off",
                conduct.around(exchange -> numbered(exchange, "collection", "R24", asked -> {
                    String number = first(asked, "number");
                    book.pickups().callOff(number);
                    return number;
                })));
        web.post(
                path + "/collections",
                conduct.around(exchange -> numbered(
                        exchange,
                        "collection",
                        "R23",
                        asked -> book.pickups()
                                .ask(
                                        asked.getAttribute("requestId"),
                                        first(asked, "day"),
                                        first(asked, "from"),
                                        first(asked, "until"),
                                        Integer.parseInt(first(asked, "units"))))));
        web.post(path + "/inquiries", conduct.around(exchange -> track(exchange, book)));
        web.post(path + "/quotations", conduct.around(exchange -> quote(exchange, book)));
        web.get(path + "/requests/{key}/waybill", conduct.around(exchange -> lookUp(exchange, book)));
    }

    private void accept(Exchange exchange, ConsignmentBook book) throws IOException {
        if (!isSignedIn(exchange)) {
            return;
        }
        Optional<Element> request = keyed(exchange);
        if (request.isEmpty()) {
            return;
        }
        String key = request.get().getAttribute("requestId");
        book.take(key, order(request.get()));
        answer(exchange, key, book);
    }

    private void makeVoid(Exchange exchange, ConsignmentBook book) throws IOException {
        if (!isSignedIn(exchange)) {
            return;
        }
        Optional<Element> request = keyed(exchange);
        if (request.isPresent()) {
            String key = request.get().getAttribute("requestId");
            try {
                String done = book.makeVoid(String.join("", texts(request.get(), "waybillRequestId")));
                exchange.xml(
                        200, "<cancellation requestId=\"%s\">%s</cancellation>".formatted(escaped(key), escaped(done)));
            } catch (IllegalArgumentException refusal) {
                exchange.xml(200, fault(key, "R21", refusal.getMessage()));
            }
        }
    }

    private static String first(Element parent, String name) {
        return texts(parent, name).stream().findFirst().orElse("");
    }

    /** Does what a request asks for, and answers with the number of what it made, in an element of that name. */
    private void numbered(Exchange exchange, String name, String refusal, Function<Element, String> work)
            throws IOException {
        if (!isSignedIn(exchange)) {
            return;
        }
        Optional<Element> request = keyed(exchange);
        if (request.isPresent()) {
            String key = request.get().getAttribute("requestId");
            try {
                String number = work.apply(request.get());
                exchange.xml(
                        200, "<%s requestId=\"%s\" number=\"%s\"/>".formatted(name, escaped(key), escaped(number)));
            } catch (IllegalArgumentException refused) {
                exchange.xml(200, fault(key, refusal, refused.getMessage()));
            }
        }
    }

    private void quote(Exchange exchange, ConsignmentBook book) throws IOException {
        if (!isSignedIn(exchange)) {
            return;
        }
        Optional<Element> request = keyed(exchange);
        if (request.isPresent()) {
            Element asked = request.get();
            QuoteDesk.Quote quote = book.quotes()
                    .quote(
                            texts(asked, "product"),
                            texts(asked, "extra"),
                            Instant.parse(asked.getAttribute("askedAt")),
                            order(asked));
            exchange.xml(200, quotation(asked.getAttribute("requestId"), quote));
        }
    }

    private void track(Exchange exchange, ConsignmentBook book) throws IOException {
        if (!isSignedIn(exchange)) {
            return;
        }
        Optional<Element> request = keyed(exchange);
        if (request.isPresent()) {
            exchange.xml(
                    200,
                    tracing(
                            request.get().getAttribute("requestId"),
                            book.tracking()
                                    .news(
                                            texts(request.get(), "barcode"),
                                            Instant.parse(request.get().getAttribute("askedAt")))));
        }
    }

    @Override
    public String written(List<TrackingDesk.News> news) {
        return tracing("", news);
    }

    private static String tracing(String key, List<TrackingDesk.News> news) {
        StringBuilder units = new StringBuilder();
        for (TrackingDesk.News each : news) {
            units.append("<unit barcode=\"%s\" known=\"%s\" expectedOn=\"%s\">"
                    .formatted(escaped(each.trackingNumber()), each.known() ? "yes" : "no", each.expectedOn()));
            for (Journey.Event event : each.events()) {
                units.append("<scan no=\"%s\" code=\"%s\" at=\"%s\" place=\"%s\">%s</scan>"
                        .formatted(
                                escaped(event.id()),
                                SCANS.get(event.code()),
                                event.at(),
                                escaped(event.place()),
                                escaped(event.text())));
            }
            units.append("</unit>");
        }
        return "<tracing requestId=\"%s\">%s</tracing>".formatted(escaped(key), units);
    }

    /** A request with a key; what is none is answered here. */
    private static Optional<Element> keyed(Exchange exchange) throws IOException {
        try {
            Element request = document(exchange.text());
            if (!request.getAttribute("requestId").isBlank()) {
                return Optional.of(request);
            }
            exchange.xml(200, fault("", "B02", "The request has no requestId."));
        } catch (SAXException noDocument) {
            exchange.xml(200, fault("", "B01", "That is no document."));
        }
        return Optional.empty();
    }

    private static String quotation(String key, QuoteDesk.Quote quote) {
        StringBuilder prices = new StringBuilder();
        for (QuoteDesk.Price each : quote.prices()) {
            prices.append("<price product=\"%s\" total=\"%s\" currency=\"USD\"/>"
                    .formatted(escaped(each.service()), each.total().toPlainString()));
        }
        return "<quotation requestId=\"%s\" number=\"%s\" validUntil=\"%s\">%s</quotation>"
                .formatted(escaped(key), quote.number(), quote.validUntil(), prices);
    }

    private static List<String> texts(Element parent, String name) {
        List<String> texts = new ArrayList<>();
        NodeList found = parent.getElementsByTagName(name);
        for (int index = 0; index < found.getLength(); index++) {
            texts.add(found.item(index).getTextContent());
        }
        return texts;
    }

    private void lookUp(Exchange exchange, ConsignmentBook book) throws IOException {
        if (isSignedIn(exchange)) {
            answer(exchange, exchange.pathPart(0), book);
        }
    }

    private boolean isSignedIn(Exchange exchange) throws IOException {
        boolean known = exchange.header("Authorization").equals(signIn);
        if (!known) {
            exchange.xml(401, fault("", "A01", "Name or password are not right."));
        }
        return known;
    }

    private static void answer(Exchange exchange, String key, ConsignmentBook book) throws IOException {
        Optional<Map<String, Object>> taken = book.taken(key);
        Optional<Map<String, Object>> refused = book.refused(key);
        if (taken.isPresent()) {
            exchange.xml(200, waybill(key, taken.get()));
        } else if (refused.isPresent()) {
            exchange.xml(200, fault(key, "R17", (String) refused.get().get("reason")));
        } else {
            exchange.xml(200, fault(key, "N04", "There is no waybill for that request."));
        }
    }

    private static String waybill(String key, Map<String, Object> consignment) {
        StringBuilder units = new StringBuilder();
        for (ConsignmentBook.Taken each : ConsignmentBook.packages(consignment)) {
            units.append("<unit no=\"%d\" barcode=\"%s\"/>".formatted(each.number(), each.trackingNumber()));
        }
        return "<waybill requestId=\"%s\" number=\"%s\">%s</waybill>"
                .formatted(escaped(key), consignment.get("consignment"), units);
    }

    private static String fault(String key, String code, String text) {
        return "<fault requestId=\"%s\" code=\"%s\"><text>%s</text></fault>"
                .formatted(escaped(key), code, escaped(text));
    }

    private static ConsignmentOrder order(Element request) {
        List<ConsignmentOrder.Parcel> packages = new ArrayList<>();
        NodeList units = request.getElementsByTagName("unit");
        for (int index = 0; index < units.getLength(); index++) {
            Element unit = (Element) units.item(index);
            packages.add(new ConsignmentOrder.Parcel(
                    Integer.parseInt(unit.getAttribute("no")),
                    new BigDecimal(unit.getAttribute("kilograms")).movePointRight(GRAMS_DIGITS)));
        }
        Element receiver = (Element) request.getElementsByTagName("receiver").item(0);
        Element sender = (Element) request.getElementsByTagName("sender").item(0);
        return new ConsignmentOrder(
                text(request, "product"),
                text(request, "quotation"),
                text(request, "pickupDate"),
                text(request, "expectedOn"),
                text(request, "shipperReference"),
                new Journey.Place(text(sender, "place"), text(sender, "region")),
                new ConsignmentOrder.Receiver(
                        text(receiver, "name"),
                        text(receiver, "street"),
                        text(receiver, "place"),
                        text(receiver, "region"),
                        text(receiver, "postcode"),
                        text(receiver, "telephone")),
                packages);
    }

    /** Empty text when there is none. */
    private static String text(Element parent, String name) {
        NodeList found = parent == null ? null : parent.getElementsByTagName(name);
        return found == null || found.getLength() == 0 ? "" : found.item(0).getTextContent();
    }

    private static Element document(String text) throws SAXException, IOException {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
            factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
            return factory.newDocumentBuilder()
                    .parse(new InputSource(new StringReader(text)))
                    .getDocumentElement();
        } catch (ParserConfigurationException unusable) {
            throw new IllegalStateException(unusable);
        }
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace("\"", "&quot;");
    }
}
