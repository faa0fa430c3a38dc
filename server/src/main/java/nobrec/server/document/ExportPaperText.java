package nobrec.server.document;

import java.util.List;

/**
 * What stands on the papers that customs wants of a shipment, as it is printed.
 *
 * @param number ours, of the declaration
 * @param exporter with the country it is in
 * @param taxNumber of the exporter; empty text for none
 * @param buyer who is billed, where that is not the receiver
 * @param terms the incoterm with its words
 * @param reasonBoxes what a postal declaration can tick, with the mark where it does
 * @param rate how values were converted; empty text where they were not
 * @param forwarder who is instructed
 * @param signer with the title; empty text where nobody is named
 */
public record ExportPaperText(
        String number,
        String day,
        List<String> exporter,
        String exporterPhone,
        String taxNumber,
        List<String> consignee,
        String consigneePhone,
        List<String> buyer,
        List<String> references,
        String carrier,
        String service,
        List<String> trackingNumbers,
        String terms,
        String reason,
        List<Box> reasonBoxes,
        String dutyPayer,
        String currency,
        String rate,
        List<Line> lines,
        List<Packed> packages,
        int pieces,
        String value,
        String net,
        String gross,
        List<String> origins,
        List<String> forwarder,
        String freight,
        List<String> enclosed,
        String signer) {

    /** @param mark a cross, or empty text */
    public record Box(String mark, String words) {}

    /** @param value of all pieces of it */
    public record Line(
            String job,
            String item,
            String description,
            String hsCode,
            String origin,
            int quantity,
            String unitValue,
            String value,
            String net) {}

    /** @param number of the package */
    public record Packed(
            int number, String trackingNumber, String size, String gross, String net, String value, List<Line> lines) {}
}
