package nobrec.server.document;

import java.util.List;

/**
 * What stands on a packing slip. No prices.
 *
 * @param allJobs numbers of all work orders in it; empty text for one only
 */
public record SlipText(
        List<String> from,
        String fromPhone,
        List<String> to,
        String job,
        String customer,
        String customerPo,
        String service,
        String shipDate,
        String allJobs,
        List<PackageText> packages) {

    public record PackageText(
            int number, String weight, String trackingNumber, List<LineText> lines, DrawingText drawing) {

        /** The layers drawn; empty text when nothing is known of them. */
        public String layersDrawn() {
            return LayerDrawing.svg(drawing);
        }
    }

    /**
     * @param job number of its work order where the slip has several; else empty text
     * @param handling in words; empty text for none
     * @param toCome pieces of the line that have not left yet
     */
    public record LineText(
            String job, String item, String description, String handling, int quantity, int ordered, int toCome) {}

    /** A package seen from above, in thousandths of its longest side; layers lowest first. */
    public record DrawingText(int length, int width, List<LayerText> layers) {}

    /** @param height of its floor above the floor of the package */
    public record LayerText(String height, List<PieceText> pieces) {}

    public record PieceText(String item, int x, int y, int length, int width) {}
}
