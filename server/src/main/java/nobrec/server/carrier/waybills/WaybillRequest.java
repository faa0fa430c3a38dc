package nobrec.server.carrier.waybills;

import java.io.StringWriter;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import nobrec.server.carrier.Consignment;
import nobrec.server.carrier.ManifestRequest;
import nobrec.server.carrier.PickupAsked;
import nobrec.server.carrier.QuoteRequest;

/** A consignment as a waybill request. */
final class WaybillRequest {

    private static final int GRAMS_IN_KILOGRAM_DIGITS = 3;
    private static final int MILLIMETERS_IN_CENTIMETER_DIGITS = 1;

    private final XMLStreamWriter xml;

    private WaybillRequest(XMLStreamWriter xml) {
        this.xml = xml;
    }

    static String write(String key, Consignment consignment) {
        return written(request -> request.document(key, consignment));
    }

    static String writeQuotation(String key, QuoteRequest asked) {
        return written(request -> request.quotation(key, asked));
    }

    static String writeCancellation(String key, String bookingKey) {
        return written(request -> request.cancellation(key, bookingKey));
    }

    static String writeManifest(String key, ManifestRequest asked) {
        return written(request -> request.manifest(key, asked));
    }

    static String writeCollection(String key, PickupAsked asked) {
        return written(request -> request.collection(key, asked));
    }

    static String writeCollectionOff(String key, String confirmation) {
        return written(request -> {
            request.xml.writeStartElement("collectionOffRequest");
            request.xml.writeAttribute("requestId", key);
            request.element("number", confirmation);
            request.xml.writeEndElement();
        });
    }

    static String writeInquiry(String key, List<String> barcodes, Instant askedAt) {
        return written(request -> {
            request.xml.writeStartElement("inquiry");
            request.xml.writeAttribute("requestId", key);
            request.xml.writeAttribute("askedAt", askedAt.toString());
            for (String barcode : barcodes) {
                request.element("barcode", barcode);
            }
            request.xml.writeEndElement();
        });
    }

    /** Part of a document. */
    private interface Part {
        void write(WaybillRequest request) throws XMLStreamException;
    }

    private static String written(Part document) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            xml.writeStartDocument("UTF-8", "1.0");
            document.write(new WaybillRequest(xml));
            xml.writeEndDocument();
            xml.close();
            return text.toString();
        } catch (XMLStreamException failed) {
            throw new IllegalStateException("A text cannot fail to be written", failed);
        }
    }

    private void document(String key, Consignment consignment) throws XMLStreamException {
        xml.writeStartElement("waybillRequest");
        xml.writeAttribute("requestId", key);
        element("product", consignment.service());
        element("quotation", Objects.requireNonNullElse(consignment.quote(), ""));
        element("expectedOn", Objects.requireNonNullElse(consignment.expectedOn(), ""));
        content(consignment);
        xml.writeEndElement();
    }

    private void quotation(String key, QuoteRequest asked) throws XMLStreamException {
        xml.writeStartElement("quotationRequest");
        xml.writeAttribute("requestId", key);
        xml.writeAttribute("askedAt", asked.askedAt().toString());
        for (String service : asked.services()) {
            element("product", service);
        }
        for (String accessorial : asked.accessorials()) {
            element("extra", accessorial);
        }
        content(asked.consignment());
        xml.writeEndElement();
    }

    private void cancellation(String key, String bookingKey) throws XMLStreamException {
        xml.writeStartElement("cancellationRequest");
        xml.writeAttribute("requestId", key);
        element("waybillRequestId", bookingKey);
        xml.writeEndElement();
    }

    private void manifest(String key, ManifestRequest asked) throws XMLStreamException {
        xml.writeStartElement("manifestRequest");
        xml.writeAttribute("requestId", key);
        element("pickupDate", asked.day());
        for (String number : asked.trackingNumbers()) {
            element("barcode", number);
        }
        xml.writeEndElement();
    }

    private void collection(String key, PickupAsked asked) throws XMLStreamException {
        xml.writeStartElement("collectionRequest");
        xml.writeAttribute("requestId", key);
        element("day", asked.day());
        element("from", asked.readyAt());
        element("until", asked.closesAt());
        element("spot", asked.stands());
        element("units", Integer.toString(asked.packages()));
        element("kilograms", moved(asked.weightGrams(), GRAMS_IN_KILOGRAM_DIGITS));
        party("sender", asked.from());
        xml.writeEndElement();
    }

    private void content(Consignment consignment) throws XMLStreamException {
        element("pickupDate", consignment.shipDate());
        element("shipperReference", consignment.reference());
        party("sender", consignment.from());
        party("receiver", consignment.to());
        xml.writeStartElement("units");
        for (Consignment.Parcel parcel : consignment.packages()) {
            unit(parcel);
        }
        xml.writeEndElement();
    }

    private void party(String name, Consignment.Party party) throws XMLStreamException {
        xml.writeStartElement(name);
        element("name", party.name());
        element("street", party.street());
        element("street", party.street2());
        element("place", party.city());
        element("region", party.state());
        element("postcode", party.postalCode());
        element("country", party.country());
        element("telephone", party.phone());
        xml.writeEndElement();
    }

    /** Kilograms and centimeters, never less than it is. */
    private void unit(Consignment.Parcel parcel) throws XMLStreamException {
        xml.writeEmptyElement("unit");
        xml.writeAttribute("no", Integer.toString(parcel.number()));
        xml.writeAttribute("kilograms", moved(parcel.weightGrams(), GRAMS_IN_KILOGRAM_DIGITS));
        xml.writeAttribute("length", moved(parcel.lengthMillimeters(), MILLIMETERS_IN_CENTIMETER_DIGITS));
        xml.writeAttribute("width", moved(parcel.widthMillimeters(), MILLIMETERS_IN_CENTIMETER_DIGITS));
        xml.writeAttribute("height", moved(parcel.heightMillimeters(), MILLIMETERS_IN_CENTIMETER_DIGITS));
    }

    private static String moved(BigDecimal figure, int digits) {
        return figure.movePointLeft(digits)
                .setScale(digits, RoundingMode.CEILING)
                .toPlainString();
    }

    private void element(String name, String text) throws XMLStreamException {
        if (!text.isEmpty()) {
            xml.writeStartElement(name);
            xml.writeCharacters(text);
            xml.writeEndElement();
        }
    }
}
