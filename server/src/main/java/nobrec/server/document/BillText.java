package nobrec.server.document;

import java.util.List;

/**
 * What stands on a bill of lading, as it is printed.
 *
 * @param number ours, of the shipment
 * @param carrierNumber the carrier's, which its barcode bears
 * @param billTo who pays the carrier, where that is not the shipper
 * @param terms who pays, as the carrier calls it
 * @param account number with the carrier of whoever pays; empty text where we do
 * @param declared value declared, with its currency; empty text for none
 * @param wishes what was asked for besides, and what the driver must know
 */
public record BillText(
        String number,
        String carrier,
        String service,
        String carrierNumber,
        String day,
        List<String> shipper,
        String shipperPhone,
        List<String> consignee,
        String consigneePhone,
        List<String> billTo,
        String terms,
        String account,
        List<String> references,
        String declared,
        List<String> wishes,
        List<Line> lines,
        int packages,
        String weight,
        boolean hazardous) {

    /** @param packages empty text where they are counted at another line */
    public record Line(
            String packages, String kind, String weight, String hazardous, String description, String freightClass) {}
}
