package nobrec.server.document;

import java.util.List;

/**
 * What stands of a job in a printed list, as it is printed.
 *
 * @param withBarcode whether its number stands there as a barcode too
 * @param facts what was chosen to be said of it, each with its name; what it has nothing of is left out
 * @param lines empty where they were not chosen
 */
public record JobListText(String job, boolean withBarcode, List<PickSlipText.Fact> facts, List<Line> lines) {

    public record Line(String item, String description, int ordered, int open, String weight) {}
}
