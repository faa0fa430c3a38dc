package nobrec.server.bench;

import java.util.List;
import java.util.Optional;
import nobrec.core.address.PostalAddress;
import nobrec.core.layout.OrderField;

/**
 * What is declared of a shipment, to be looked at and put right.
 *
 * @param abroad whether it leaves the country; else nothing is declared
 * @param country where it goes, by its name
 * @param service it goes by as things stand; empty text where none is chosen
 * @param shipTo as it stands on papers, line by line
 * @param latinShipTo the same in Latin letters, where somebody wrote it so
 * @param notPrintable letters of the ship-to that papers cannot show; empty text when they show all
 * @param currency in which values are declared
 * @param rate how they are converted; empty text where they are not
 * @param net of all goods in it, in kilograms; gross that of all packages
 * @param signer who signs; empty text where nobody is named
 */
public record CustomsView(
        String job,
        boolean mayEdit,
        boolean abroad,
        String country,
        String service,
        List<String> shipTo,
        Optional<PostalAddress> latinShipTo,
        PostalAddress writtenShipTo,
        String notPrintable,
        List<TermView> terms,
        List<GoodsView> lines,
        List<PackedView> packages,
        String currency,
        String weightUnit,
        String rate,
        String value,
        String net,
        String gross,
        List<ProblemView> problems,
        List<PaperToComeView> papers,
        String notInPrices,
        String signer) {

    /**
     * @param said as the job says it; empty text where it says nothing
     * @param counts what is declared
     */
    public record TermView(OrderField field, String label, String said, String counts, List<ChoiceView> choices) {}

    /** @param text as it is written into the field */
    public record ChoiceView(String text, String words) {}

    /**
     * @param line position in its job
     * @param mayTeach whether the item list could take over what is said here
     */
    public record GoodsView(
            String job,
            int line,
            String item,
            int quantity,
            List<EntryView> entries,
            String value,
            String net,
            boolean mayTeach) {}

    /**
     * @param said as the record says it; empty text where it says nothing
     * @param counts what counts, from the item where the record says nothing
     * @param problem what is wrong with it; empty text where nothing is
     * @param stops whether that keeps it from going
     */
    public record EntryView(OrderField field, String said, String counts, String problem, boolean stops) {}

    /**
     * @param weighed else gross is what is expected
     * @param form of the declaration that a package bears by post, and why; empty text by other ways
     */
    public record PackedView(
            int number, int pieces, String value, String net, String gross, boolean weighed, String form) {}

    public record ProblemView(boolean stops, String reason, String remedy) {}

    public record PaperToComeView(String words, int copies) {}
}
