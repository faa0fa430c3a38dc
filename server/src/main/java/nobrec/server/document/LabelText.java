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
     * @param lines streets and the city with its state; abroad with the postal code as well
     * @param large what sorters look for: the postal code at home, the country abroad
     */
    public record Receiver(List<String> names, List<String> lines, String large, String phone) {}
}
