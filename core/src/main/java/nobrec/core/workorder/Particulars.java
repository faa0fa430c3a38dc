package nobrec.core.workorder;

import java.util.List;
import java.util.Map;
import nobrec.core.address.PostalAddress;
import nobrec.core.customs.ExportDetails;

/**
 * What a work order can say besides, and most do without.
 *
 * @param site code of the site it leaves from; empty text for the usual one
 * @param carton code of the carton type asked for; empty text for none
 * @param hold why it must not go; empty text when it may
 * @param billTo empty texts where the ship-to is billed
 * @param references two texts for the label
 * @param origin code of the record system it belongs to, where it came through another one; empty text for none
 * @param originNumber its number there
 * @param custom the shop's own fields, by name
 * @param clearance what was decided and learned about it here
 * @param export what it says of its way to another country
 */
public record Particulars(
        String batch,
        String site,
        String carton,
        String hold,
        boolean noPrices,
        String notes,
        List<String> references,
        PostalAddress billTo,
        String origin,
        String originNumber,
        Map<String, String> custom,
        Clearance clearance,
        ExportDetails export) {

    private static final PostalAddress NOWHERE = new PostalAddress("", "", "", "", "", "", "", "");

    public static final Particulars NONE = new Particulars(
            "", "", "", "", false, "", List.of("", ""), NOWHERE, "", "", Map.of(), Clearance.NONE, ExportDetails.NONE);

    public Particulars {
        references = List.copyOf(references);
        custom = Map.copyOf(custom);
    }

    Particulars ruledBy(Ruling ruling) {
        String ruledHold = ruling.the(RuleAct.Kind.HOLD).map(RuleAct::value).orElse("");
        return new Particulars(
                batch,
                ruling.decided(RuleAct.Kind.SITE, site),
                ruling.decided(RuleAct.Kind.CARTON, carton),
                hold.isEmpty() ? ruledHold : hold,
                noPrices,
                notes,
                references,
                billTo,
                origin,
                originNumber,
                custom,
                clearance,
                export);
    }
}
