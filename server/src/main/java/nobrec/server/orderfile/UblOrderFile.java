package nobrec.server.orderfile;

import com.helger.diagnostics.error.list.ErrorList;
import com.helger.ubl21.UBL21Marshaller;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import nobrec.core.layout.FieldTarget;
import nobrec.core.layout.OrderField;
import nobrec.core.layout.OrderLayout;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.server.layout.StandardLayout;
import nobrec.server.platform.csv.ByteSource;
import nobrec.server.platform.csv.CsvText;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.AddressType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.ContactType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.CustomerPartyType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.DeliveryType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.DimensionType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.ItemType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.LineItemType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.OrderLineType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.PartyType;
import oasis.names.specification.ubl.schema.xsd.order_21.OrderType;
import org.jspecify.annotations.Nullable;

/**
 * A UBL 2.1 Order (OASIS), valid by the standard's schema, as a file of our own list: one row a line. The seller's number of the
 * order is the job's where it is given, else the buyer's; the buyer's is the customer's PO.
 */
final class UblOrderFile {

    private static final int BEGINNING = 200;

    /** UN/ECE Recommendation 20, codes of weight. */
    private static final Map<String, String> WEIGHT_UNITS = Map.of("LBR", "lb", "ONZ", "oz", "KGM", "kg", "GRM", "g");

    private UblOrderFile() {}

    /** Whether a file is XML and not rows. */
    static boolean isXml(ByteSource bytes) throws IOException {
        try (InputStream stream = bytes.open()) {
            String beginning = new String(stream.readNBytes(BEGINNING), StandardCharsets.UTF_8);
            return beginning.replace("\uFEFF", "").stripLeading().startsWith("<");
        }
    }

    /** @throws Refusal when it is no such order, or not valid */
    static byte[] asRows(String fileName, ByteSource bytes) throws IOException {
        OrderType order = read(fileName, bytes);
        OrderLayout layout = StandardLayout.LAYOUT;
        List<OrderField> fields = Stream.of(OrderField.values())
                .filter(field -> layout.columns().containsKey(FieldTarget.of(field)))
                .toList();
        ByteArrayOutputStream rows = new ByteArrayOutputStream();
        try (CsvText csv = new CsvText(rows)) {
            csv.row(fields.stream()
                    .map(field -> layout.columns().get(FieldTarget.of(field)))
                    .toList());
            Map<OrderField, String> head = head(order);
            for (OrderLineType line : order.getOrderLine()) {
                Map<OrderField, String> texts = new EnumMap<>(head);
                texts.putAll(line(line.getLineItem()));
                deliveryOf(line.getLineItem(), texts);
                csv.row(fields.stream()
                        .map(field -> texts.getOrDefault(field, ""))
                        .toList());
            }
        }
        return rows.toByteArray();
    }

    private static OrderType read(String fileName, ByteSource bytes) throws IOException {
        byte[] content;
        try (InputStream stream = bytes.open()) {
            content = stream.readNBytes(Limits.SMALL_FILE_BYTES + 1);
        }
        String thing = "File “" + fileName + "”";
        if (content.length > Limits.SMALL_FILE_BYTES) {
            throw Refusal.unusable(thing, "It is larger than 10 MB.", "Have the order split.");
        }
        ErrorList errors = new ErrorList();
        OrderType order = UBL21Marshaller.order().setCollectErrors(errors).read(content);
        if (order == null || errors.containsAtLeastOneError()) {
            String first = errors.stream()
                    .filter(each -> each.isError())
                    .map(each -> each.getErrorText(Locale.US))
                    .findFirst()
                    .orElse("it holds something else");
            throw Refusal.unusable(
                    thing,
                    "It is no valid UBL 2.1 Order: " + shortened(first) + ".",
                    "Ask whoever sent it; a CSV file is read as well.");
        }
        return order;
    }

    private static String shortened(String text) {
        String plain = text.replaceAll("\\.$", "");
        return plain.length() <= BEGINNING ? plain : plain.substring(0, BEGINNING) + "…";
    }

    private static Map<OrderField, String> head(OrderType order) {
        Map<OrderField, String> texts = new EnumMap<>(OrderField.class);
        String buyers = text(order.getIDValue());
        String sellers = text(order.getSalesOrderIDValue());
        texts.put(OrderField.ORDER_NUMBER, sellers.isEmpty() ? buyers : sellers);
        texts.put(OrderField.CUSTOMER_PO, buyers);
        if (!order.getNote().isEmpty()) {
            texts.put(OrderField.NOTES, text(order.getNote().get(0).getValue()));
        }
        CustomerPartyType buyer = order.getBuyerCustomerParty();
        if (buyer != null && buyer.getParty() != null) {
            texts.put(OrderField.CUSTOMER, name(buyer.getParty()));
            contact(buyer.getParty().getContact(), texts);
        }
        if (!order.getDelivery().isEmpty()) {
            delivery(order.getDelivery().get(0), texts);
        } else if (buyer != null && buyer.getParty() != null) {
            texts.put(OrderField.COMPANY, name(buyer.getParty()));
            address(buyer.getParty().getPostalAddress(), texts);
        }
        return texts;
    }

    private static void delivery(DeliveryType delivery, Map<OrderField, String> texts) {
        PartyType party = delivery.getDeliveryParty();
        if (party != null) {
            texts.put(OrderField.COMPANY, name(party));
            contact(party.getContact(), texts);
            address(party.getPostalAddress(), texts);
        }
        address(delivery.getDeliveryAddress(), texts);
        if (delivery.getDeliveryLocation() != null) {
            address(delivery.getDeliveryLocation().getAddress(), texts);
        }
        if (delivery.getRequestedDeliveryPeriod() != null
                && delivery.getRequestedDeliveryPeriod().getEndDateValue() != null) {
            texts.put(
                    OrderField.PROMISE_DATE,
                    delivery.getRequestedDeliveryPeriod()
                            .getEndDateValue()
                            .toLocalDate()
                            .toString());
        }
    }

    /** A line that is delivered somewhere else than the order. */
    private static void deliveryOf(@Nullable LineItemType line, Map<OrderField, String> texts) {
        if (line == null || line.getDelivery().isEmpty()) {
            return;
        }
        Map<OrderField, String> there = new EnumMap<>(OrderField.class);
        delivery(line.getDelivery().get(0), there);
        if (there.containsKey(OrderField.STREET)) {
            OrderField.SHIP_TO.forEach(field -> texts.put(field, there.getOrDefault(field, "")));
        }
    }

    private static String name(PartyType party) {
        return party.getPartyName().isEmpty()
                ? ""
                : text(party.getPartyName().get(0).getNameValue());
    }

    private static void contact(@Nullable ContactType contact, Map<OrderField, String> texts) {
        if (contact != null) {
            texts.put(OrderField.PERSON, text(contact.getNameValue()));
            texts.put(OrderField.PHONE, text(contact.getTelephoneValue()));
            texts.put(OrderField.MAIL, text(contact.getElectronicMailValue()));
        }
    }

    private static void address(@Nullable AddressType address, Map<OrderField, String> texts) {
        if (address == null) {
            return;
        }
        String number = text(address.getBuildingNumberValue());
        texts.put(OrderField.STREET, (number + " " + text(address.getStreetNameValue())).strip());
        texts.put(OrderField.STREET2, text(address.getAdditionalStreetNameValue()));
        texts.put(OrderField.CITY, text(address.getCityNameValue()));
        texts.put(
                OrderField.STATE,
                text(address.getCountrySubentityCodeValue()).isEmpty()
                        ? text(address.getCountrySubentityValue())
                        : text(address.getCountrySubentityCodeValue()));
        texts.put(OrderField.POSTAL_CODE, text(address.getPostalZoneValue()));
        if (address.getCountry() != null) {
            texts.put(OrderField.COUNTRY, text(address.getCountry().getIdentificationCodeValue()));
        }
    }

    private static Map<OrderField, String> line(@Nullable LineItemType line) {
        Map<OrderField, String> texts = new EnumMap<>(OrderField.class);
        ItemType item = line == null ? null : line.getItem();
        if (line == null || item == null) {
            return texts;
        }
        texts.put(OrderField.QUANTITY, figure(line.getQuantityValue()));
        if (item.getSellersItemIdentification() != null) {
            texts.put(OrderField.ITEM, text(item.getSellersItemIdentification().getIDValue()));
        } else if (item.getBuyersItemIdentification() != null) {
            texts.put(OrderField.ITEM, text(item.getBuyersItemIdentification().getIDValue()));
        }
        List<String> words = new ArrayList<>();
        words.add(text(item.getNameValue()));
        item.getDescription().forEach(each -> words.add(text(each.getValue())));
        texts.put(
                OrderField.DESCRIPTION,
                words.stream().filter(each -> !each.isEmpty()).findFirst().orElse(""));
        if (line.getPrice() != null) {
            texts.put(OrderField.UNIT_VALUE, figure(line.getPrice().getPriceAmountValue()));
        }
        if (item.getOriginCountry() != null) {
            texts.put(OrderField.ORIGIN, text(item.getOriginCountry().getIdentificationCodeValue()));
        }
        item.getCommodityClassification().stream()
                .map(each -> text(each.getItemClassificationCodeValue()))
                .filter(each -> !each.isEmpty())
                .findFirst()
                .ifPresent(code -> texts.put(OrderField.HS_CODE, code));
        item.getDimension().stream()
                .filter(each -> WEIGHT_UNITS.containsKey(unit(each)))
                .findFirst()
                .ifPresent(each -> texts.put(
                        OrderField.UNIT_WEIGHT, figure(each.getMeasureValue()) + " " + WEIGHT_UNITS.get(unit(each))));
        return texts;
    }

    private static String unit(DimensionType dimension) {
        return dimension.getMeasure() == null ? "" : text(dimension.getMeasure().getUnitCode());
    }

    private static String figure(@Nullable BigDecimal figure) {
        return Optional.ofNullable(figure)
                .map(each -> each.stripTrailingZeros().toPlainString())
                .orElse("");
    }

    private static String text(@Nullable String text) {
        return text == null ? "" : text.strip();
    }
}
