package nobrec.core.partner;

import java.util.Optional;
import nobrec.core.identifier.CompanyPrefix;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;

/**
 * What a logistics label can say in bars besides the number of the package.
 *
 * <p>Source of the application identifiers: GS1 General Specifications, section 3 (from memory).
 */
public enum LabelElement {
    /** The consignment: our prefix and the number of the shipment. */
    CONSIGNMENT("401", "Consignment number", "CONSIGNMENT"),
    SHIPMENT("402", "Shipment number", "SHIPMENT NO."),
    CUSTOMER_PO("400", "Customer’s order number", "ORDER NUMBER"),
    SHIP_TO_PLACE("410", "Number of the receiving place", "SHIP TO LOC"),
    POSTAL_CODE("420", "Ship-to postal code", "SHIP TO POST");

    /** Letters of a text behind one application identifier. */
    static final int LONGEST = 30;

    private static final int LONGEST_POSTAL_CODE = 20;

    private final String identifier;
    private final String words;
    private final String title;

    LabelElement(String identifier, String words, String title) {
        this.identifier = identifier;
        this.words = words;
        this.title = title;
    }

    /** As it is called on screens. */
    public String words() {
        return words;
    }

    public String identifier() {
        return identifier;
    }

    /** What it says of a shipment; empty where there is nothing to say. */
    Optional<ElementString> of(PartnerProfile profile, CompanyPrefix prefix, Shipment shipment, WorkOrder job) {
        String data = switch (this) {
            case CONSIGNMENT -> prefix.consignment(shipment.id());
            case SHIPMENT -> prefix.shipment(shipment.id());
            case CUSTOMER_PO -> job.customerPo();
            case SHIP_TO_PLACE -> profile.locationNumber();
            case POSTAL_CODE -> postalCode(job);
        };
        return data.isEmpty() ? Optional.empty() : Optional.of(new ElementString(identifier, title, data));
    }

    private static String postalCode(WorkOrder job) {
        String code = job.shipTo().postalCode().replaceAll("[^A-Za-z0-9]", "");
        return code.length() > LONGEST_POSTAL_CODE ? "" : code;
    }
}
