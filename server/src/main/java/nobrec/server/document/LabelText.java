package nobrec.server.document;

import java.util.List;

/** What stands on a label, ready to be drawn. */
public record LabelText(
        String carrier,
        String service,
        String trackingNumber,
        List<String> from,
        String fromPhone,
        List<String> to,
        String toPhone,
        String job,
        String customerPo,
        String weight,
        String size,
        String shipDate,
        int piece,
        int pieces) {}
