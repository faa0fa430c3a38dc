package nobrec.server.document.slip;

import java.util.List;
import java.util.Map;

/**
 * All that a packing slip can say of a shipment, as it is printed. Empty texts for what there is not.
 *
 * @param allJobs numbers of all work orders in it; empty text for one only
 * @param fields the job's own fields
 * @param words what the gaps of a message can be filled with, by name
 * @param withPrices whether its job lets prices be printed
 * @param currency of prices, by its three letters
 * @param total of all amounts; empty text where the price of a line is not known
 */
public record SlipText(
        List<String> from,
        String fromPhone,
        List<String> to,
        List<String> billTo,
        String job,
        String allJobs,
        String customer,
        String customerPo,
        List<String> references,
        String notes,
        List<Field> fields,
        Map<String, String> words,
        String service,
        String shipDate,
        boolean withPrices,
        String currency,
        String total,
        List<PackageText> packages,
        List<ToCome> stillToCome) {

    public record Field(String name, String value) {}

    public record ToCome(String item, String description, int quantity) {}

    /** @param pieces packages that there are */
    public record PackageText(
            int number, int pieces, String weight, String trackingNumber, List<LineText> lines, DrawingText drawing) {}

    /** The slip of one of its packages, with the total on the last. */
    public SlipText ofPackage(PackageText one) {
        boolean last = one.equals(packages.get(packages.size() - 1));
        return new SlipText(
                from,
                fromPhone,
                to,
                billTo,
                job,
                allJobs,
                customer,
                customerPo,
                references,
                notes,
                fields,
                words,
                service,
                shipDate,
                withPrices,
                currency,
                last ? total : "",
                List.of(one),
                last ? stillToCome : List.of());
    }

    /**
     * @param job number of its work order where the slip has several; else empty text
     * @param handling in words
     * @param toCome pieces of the line that have not left yet
     * @param price of one piece
     * @param amount of those in this package
     * @param custom the line's own fields
     */
    public record LineText(
            String job,
            String item,
            String description,
            String handling,
            String lots,
            int quantity,
            int ordered,
            int toCome,
            String weight,
            String price,
            String amount,
            Map<String, String> custom) {}

    /** A package seen from above, in thousandths of its longest side; layers lowest first. */
    public record DrawingText(int length, int width, List<LayerText> layers) {

        public static final DrawingText NONE = new DrawingText(0, 0, List.of());
    }

    /** @param height of its floor above the floor of the package */
    public record LayerText(String height, List<PieceText> pieces) {}

    public record PieceText(String item, int x, int y, int length, int width) {}
}
