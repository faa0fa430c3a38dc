package nobrec.server.document;

import java.util.List;

/** What stands on a packing slip. No prices. */
public record SlipText(
        List<String> from,
        String fromPhone,
        List<String> to,
        String job,
        String customer,
        String customerPo,
        String service,
        String shipDate,
        List<PackageText> packages) {

    public record PackageText(int number, String weight, String trackingNumber, List<LineText> lines) {}

    public record LineText(String item, String description, int quantity, int ordered) {}
}
