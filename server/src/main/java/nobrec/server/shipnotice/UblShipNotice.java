package nobrec.server.shipnotice;

import com.helger.diagnostics.error.list.ErrorList;
import com.helger.ubl21.UBL21Marshaller;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import nobrec.core.item.LotShare;
import nobrec.core.measure.UnitSystem;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipnotice.ShipNotice;
import nobrec.core.shipnotice.ShipNotice.Content;
import nobrec.core.shipnotice.ShipNotice.Packed;
import nobrec.core.shipnotice.ShipNotice.Party;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.AddressType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.CountryType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.CustomerPartyType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.DeliveryType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.DespatchLineType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.DespatchType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.DimensionType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.ItemIdentificationType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.ItemInstanceType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.ItemType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.LotIdentificationType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.OrderLineReferenceType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.OrderReferenceType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.PartyIdentificationType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.PartyNameType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.PartyType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.PeriodType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.ShipmentStageType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.ShipmentType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.SupplierPartyType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.TransportHandlingUnitType;
import oasis.names.specification.ubl.schema.xsd.commonbasiccomponents_21.GrossWeightMeasureType;
import oasis.names.specification.ubl.schema.xsd.commonbasiccomponents_21.IDType;
import oasis.names.specification.ubl.schema.xsd.commonbasiccomponents_21.MeasureType;
import oasis.names.specification.ubl.schema.xsd.despatchadvice_21.DespatchAdviceType;

/**
 * A notice as a UBL 2.1 DespatchAdvice (OASIS): the packages with number, weight and sides stand below its shipment, and each line names
 * the package that it lies in. A line with several lots is a line for each of them.
 *
 * <p>Codes: UN/ECE Recommendation 20 (units), Recommendation 21 (kinds of packages), UN/EDIFACT 6313 (dimensions), UBL
 * DocumentStatusCode-2.1; from memory.
 */
final class UblShipNotice {

    private static final String PIECES = "EA";
    private static final String LOCATION_NUMBER = "0088";
    private static final int LONGEST_FAULT = 200;

    private final ShipNotice notice;
    private final boolean pounds;

    private UblShipNotice(ShipNotice notice) {
        this.notice = notice;
        this.pounds = notice.units() == UnitSystem.POUND_INCH;
    }

    /** @throws Refusal where what it says is not valid by the standard's schema */
    static String write(ShipNotice notice) {
        ErrorList errors = new ErrorList();
        String text = UBL21Marshaller.despatchAdvice()
                .setFormattedOutput(true)
                .setCollectErrors(errors)
                .getAsString(new UblShipNotice(notice).document());
        if (text == null || errors.containsAtLeastOneError()) {
            String first = errors.stream()
                    .filter(each -> each.isError())
                    .map(each -> each.getErrorText(Locale.US))
                    .findFirst()
                    .orElse("it cannot be written");
            throw Refusal.unusable(
                    "Ship notice " + notice.number(),
                    "It is no valid DespatchAdvice: " + first.substring(0, Math.min(LONGEST_FAULT, first.length())),
                    "Look at what its job says.");
        }
        return text;
    }

    private DespatchAdviceType document() {
        DespatchAdviceType document = new DespatchAdviceType();
        document.setUBLVersionID("2.1");
        document.setID(notice.number());
        document.setIssueDate(notice.madeAt().toLocalDate());
        document.setIssueTime(notice.madeAt().toLocalTime().withNano(0));
        document.setDocumentStatusCode(notice.purpose() == ShipNotice.Purpose.CANCELLATION ? "Cancelled" : "NoStatus");
        contents().stream().map(Content::customerPo).distinct().forEach(po -> {
            OrderReferenceType order = new OrderReferenceType();
            order.setID(po);
            document.addOrderReference(order);
        });
        SupplierPartyType supplier = new SupplierPartyType();
        supplier.setParty(party(notice.from()));
        document.setDespatchSupplierParty(supplier);
        CustomerPartyType receiver = new CustomerPartyType();
        receiver.setParty(party(notice.to()));
        document.setDeliveryCustomerParty(receiver);
        document.setShipment(shipment());
        int line = 0;
        for (Packed packed : notice.packages()) {
            for (Content content : packed.contents()) {
                for (LotShare share : shares(content)) {
                    document.addDespatchLine(line(++line, packed, content, share));
                }
            }
        }
        return document;
    }

    private List<Content> contents() {
        return notice.packages().stream()
                .flatMap(each -> each.contents().stream())
                .toList();
    }

    /** What is in it by lot; pieces of no lot stand under an empty one. */
    private static List<LotShare> shares(Content content) {
        List<LotShare> shares = new ArrayList<>(content.lots());
        int rest = content.quantity()
                - shares.stream().mapToInt(LotShare::quantity).sum();
        if (rest > 0) {
            shares.add(new LotShare("", rest));
        }
        return shares;
    }

    private static PartyType party(Party said) {
        PartyType party = new PartyType();
        if (!said.locationNumber().isEmpty()) {
            PartyIdentificationType identification = new PartyIdentificationType();
            IDType number = new IDType(said.locationNumber());
            number.setSchemeID(LOCATION_NUMBER);
            identification.setID(number);
            party.addPartyIdentification(identification);
        }
        PartyNameType name = new PartyNameType();
        name.setName(said.name());
        party.addPartyName(name);
        AddressType address = new AddressType();
        address.setStreetName(said.street());
        if (!said.street2().isEmpty()) {
            address.setAdditionalStreetName(said.street2());
        }
        address.setCityName(said.city());
        if (!said.postalCode().isEmpty()) {
            address.setPostalZone(said.postalCode());
        }
        if (!said.state().isEmpty()) {
            address.setCountrySubentity(said.state());
        }
        CountryType country = new CountryType();
        country.setIdentificationCode(said.country());
        address.setCountry(country);
        party.setPostalAddress(address);
        return party;
    }

    private ShipmentType shipment() {
        ShipmentType shipment = new ShipmentType();
        shipment.setID(notice.number());
        GrossWeightMeasureType whole =
                new GrossWeightMeasureType(notice.weight().stripTrailingZeros());
        whole.setUnitCode(weightUnit());
        shipment.setGrossWeightMeasure(whole);
        shipment.setTotalTransportHandlingUnitQuantity(
                BigDecimal.valueOf(notice.packages().size()));
        ShipmentStageType stage = new ShipmentStageType();
        PartyType carrier = new PartyType();
        PartyNameType name = new PartyNameType();
        name.setName(notice.carrier() + ", " + notice.service());
        carrier.addPartyName(name);
        stage.addCarrierParty(carrier);
        shipment.addShipmentStage(stage);
        DeliveryType delivery = new DeliveryType();
        PeriodType arrival = new PeriodType();
        arrival.setEndDate(notice.deliveryDate());
        delivery.setEstimatedDeliveryPeriod(arrival);
        DespatchType despatch = new DespatchType();
        despatch.setActualDespatchDate(notice.shipDate());
        delivery.setDespatch(despatch);
        shipment.setDelivery(delivery);
        notice.packages().forEach(each -> shipment.addTransportHandlingUnit(unit(each)));
        return shipment;
    }

    private TransportHandlingUnitType unit(Packed packed) {
        TransportHandlingUnitType unit = new TransportHandlingUnitType();
        unit.setID(packed.sscc());
        unit.setTransportHandlingUnitTypeCode(packed.pallet() ? "PX" : "CT");
        unit.setTraceID(packed.trackingNumber());
        unit.addMeasurementDimension(dimension("AAB", weight(packed.weight())));
        String[] sides = {"LN", "WD", "HT"};
        for (int side = 0; side < sides.length; side++) {
            unit.addMeasurementDimension(
                    dimension(sides[side], measure(packed.sides().get(side), pounds ? "INH" : "CMT")));
        }
        return unit;
    }

    private static DimensionType dimension(String attribute, MeasureType measure) {
        DimensionType dimension = new DimensionType();
        dimension.setAttributeID(attribute);
        dimension.setMeasure(measure);
        return dimension;
    }

    private DespatchLineType line(int number, Packed packed, Content content, LotShare share) {
        DespatchLineType line = new DespatchLineType();
        line.setID(Integer.toString(number));
        line.setDeliveredQuantity(BigDecimal.valueOf(share.quantity())).setUnitCode(PIECES);
        if (content.stillToCome() > 0) {
            line.setBackorderQuantity(BigDecimal.valueOf(content.stillToCome())).setUnitCode(PIECES);
        }
        OrderLineReferenceType of = new OrderLineReferenceType();
        of.setLineID(Integer.toString(content.orderLine()));
        OrderReferenceType order = new OrderReferenceType();
        order.setID(content.customerPo());
        order.setSalesOrderID(content.job());
        of.setOrderReference(order);
        line.addOrderLineReference(of);
        line.setItem(item(content, share));
        ShipmentType in = new ShipmentType();
        in.setID(notice.number());
        TransportHandlingUnitType unit = new TransportHandlingUnitType();
        unit.setID(packed.sscc());
        in.addTransportHandlingUnit(unit);
        line.addShipment(in);
        return line;
    }

    private static ItemType item(Content content, LotShare share) {
        ItemType item = new ItemType();
        item.setName(content.description().isEmpty() ? content.item() : content.description());
        if (!content.item().isEmpty()) {
            ItemIdentificationType identification = new ItemIdentificationType();
            identification.setID(content.item());
            item.setSellersItemIdentification(identification);
        }
        if (!content.origin().isEmpty()) {
            CountryType origin = new CountryType();
            origin.setIdentificationCode(content.origin());
            item.setOriginCountry(origin);
        }
        if (!share.lot().isEmpty()) {
            LotIdentificationType lot = new LotIdentificationType();
            lot.setLotNumberID(share.lot());
            ItemInstanceType instance = new ItemInstanceType();
            instance.setLotIdentification(lot);
            item.addItemInstance(instance);
        }
        return item;
    }

    private String weightUnit() {
        return pounds ? "LBR" : "KGM";
    }

    private MeasureType weight(BigDecimal amount) {
        return measure(amount, weightUnit());
    }

    private static MeasureType measure(BigDecimal amount, String unit) {
        MeasureType measure = new MeasureType(amount.stripTrailingZeros());
        measure.setUnitCode(unit);
        return measure;
    }
}
