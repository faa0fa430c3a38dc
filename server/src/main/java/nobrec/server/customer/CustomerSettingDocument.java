package nobrec.server.customer;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import nobrec.core.limit.Limits;
import nobrec.server.document.PaperKind;

/**
 * What customers may do.
 *
 * @param page whether jobs have a page for their customer
 * @param services codes of those that customers may choose; empty for all
 * @param papers of a shipment that customers may download
 * @param looksAtAddresses whether each other address waits for the shop; else only where the price or the country changes
 * @param form whether strangers may ask for a price
 * @param answersByItself whether what has a price is quoted at once; else the shop looks first
 * @param quoteDays how long such a quote counts
 * @param formWords what stands above the form
 */
public record CustomerSettingDocument(
        boolean page,
        @NotNull @Size(max = 200) List<@NotNull @Size(max = Limits.CODE) String> services,
        @NotNull @Size(max = 10) Set<@NotNull PaperKind> papers,
        boolean looksAtAddresses,
        boolean form,
        boolean answersByItself,
        @Min(1) @Max(365) int quoteDays,
        @NotNull @Size(max = Limits.NOTES) String formWords) {

    static final CustomerSettingDocument NONE =
            new CustomerSettingDocument(false, List.of(), Set.of(PaperKind.PACKING_SLIP), false, false, true, 14, "");
}
