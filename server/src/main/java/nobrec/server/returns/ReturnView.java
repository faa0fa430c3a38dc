package nobrec.server.returns;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.returns.ReturnCondition;
import nobrec.core.returns.ReturnPayer;
import nobrec.core.returns.ReturnReason;
import nobrec.core.returns.ReturnState;
import nobrec.server.api.figure.Amount;

/**
 * A return.
 *
 * @param service empty text where it comes without a label of ours
 * @param mail of who sends it; empty text where none is known
 * @param freight asked by the carrier once the label is used; left out for whoever may not see it, as what the customer pays
 * @param said why the carrier refused; empty text where it did not
 * @param came what came, in words; empty text while nothing has
 * @param reminderMailed whether an email is written by itself when somebody is reminded
 * @param papers addresses of labels that count
 */
record ReturnView(
        long id,
        long shipmentId,
        String job,
        String customer,
        String mail,
        String site,
        ReturnReason reason,
        String reasonWords,
        String note,
        ReturnState state,
        boolean overdue,
        String service,
        String trackingNumber,
        ReturnPayer payer,
        String payerWords,
        Optional<Amount> freight,
        Optional<Amount> customerPays,
        LocalDate due,
        String said,
        String askedBy,
        Instant askedAt,
        int reminders,
        Optional<Instant> remindedAt,
        boolean reminderMailed,
        String receivedBy,
        Optional<Instant> receivedAt,
        String came,
        List<LineView> lines,
        List<String> papers) {

    /** @param came pieces that came; none while nothing has */
    record LineView(
            int position, String item, int quantity, Optional<Integer> came, Optional<ReturnCondition> condition) {}

    /** What of a shipment can come back. */
    record ReturnableView(
            long shipmentId, List<ReturnableLine> lines, List<ReturnablePackage> packages, LocalDate usualValidUntil) {}

    /** @param open pieces that are neither back nor awaited */
    record ReturnableLine(int position, String item, String description, int left, int open) {}

    record ReturnablePackage(int number, String carton, String size, String weight) {}

    record ReturnList(List<ReturnView> rows, Optional<Long> next, List<CountView> counts) {}

    /** @param count no further than a thousand */
    record CountView(ReturnLook look, int count) {}

    /**
     * @param customerPays zero where we pay; left out for whoever may not see it
     * @param delivery when it would be here, sent today
     */
    record OfferView(String service, String name, Amount cost, Optional<Amount> customerPays, LocalDate delivery) {}

    record CostList(LocalDate from, LocalDate until, List<CostView> rows) {}

    record CostView(
            String customer,
            ReturnReason reason,
            String reasonWords,
            int returns,
            int pieces,
            Amount freight,
            Amount customerPaid) {}
}
