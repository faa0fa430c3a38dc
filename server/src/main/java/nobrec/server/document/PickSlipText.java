package nobrec.server.document;

import java.util.List;

/**
 * What stands on a pick slip, as it is printed: what is fetched for one job that has not been shipped.
 *
 * @param facts what is worth knowing of the job, each with its name
 * @param pieces of all lines, in words
 * @param weight of all of them; empty text where one is not known
 */
public record PickSlipText(
        String job, String customer, String shipTo, List<Fact> facts, List<Line> lines, String pieces, String weight) {

    public record Fact(String name, String value) {}

    /** @param remark lots, handling, what is still to come; empty text for none */
    public record Line(
            String shelf, String item, String description, int pieces, String weight, String size, String remark) {}
}
