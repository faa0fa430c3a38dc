package nobrec.server.document;

import java.util.List;

/**
 * What stands on a label, ready to be drawn.
 *
 * @param to names, streets and city
 * @param job numbers of all work orders in the shipment
 * @param references texts that the record wants on the label; none, one or two
 * @param marks what the driver must heed: handling, signature, residence
 * @param across a word written across a label that does not count; empty text for one that does
 */
public record LabelText(
        String carrier,
        String service,
        String trackingNumber,
        List<String> from,
        String fromPhone,
        Receiver to,
        String job,
        String customerPo,
        List<String> references,
        String weight,
        String size,
        String shipDate,
        int piece,
        int pieces,
        List<String> marks,
        String across) {

    /**
     * Who gets it.
     *
     * @param names company and person
     * @param lines streets and the city with its state, without the postal code
     * @param country empty text at home
     */
    public record Receiver(List<String> names, List<String> lines, String postalCode, String country, String phone) {}
}
