package nobrec.server.placebook;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.address.OutsideVerdict;
import nobrec.core.address.PlaceKind;
import nobrec.core.charging.FreightTerms;
import nobrec.core.workorder.WorkOrderStatus;
import nobrec.server.api.figure.Amount;

/**
 * One place, whole.
 *
 * @param version that a change must name
 * @param saidKind left out where it is told from the address
 * @param kindBy who or what says what stands there
 * @param note for whoever drives there
 * @param outside what an address service said; left out where it was never asked
 * @param history jobs that go or went there, the newest first
 */
public record PlaceView(
        long id,
        int version,
        PlaceAddress address,
        PlaceKind kind,
        Optional<PlaceKind> saidKind,
        String kindBy,
        String phone,
        String note,
        List<FindingView> findings,
        Instant checkedAt,
        Optional<OutsideView> outside,
        Optional<AcceptedView> accepted,
        List<HistoryRow> history) {

    /** @param country its English name */
    record PlaceAddress(
            String company,
            String person,
            String street,
            String street2,
            String city,
            String state,
            String postalCode,
            String country) {}

    /** @param stops whether nothing goes there before it is put right */
    record FindingView(boolean stops, String reason, String remedy) {}

    /** What an address service outside last said. */
    record OutsideView(OutsideVerdict.Deliverable deliverable, String words, String said, Instant at) {}

    record AcceptedView(String by, Instant at) {}

    /**
     * A place in a list.
     *
     * @param last day on which something left for it
     * @param found worst finding of the last check; empty text when all is well
     */
    record PlaceLine(
            long id,
            PlaceAddress address,
            PlaceKind kind,
            String kindBy,
            int jobs,
            Optional<LocalDate> last,
            String found,
            boolean stops) {}

    /** A place that may be meant, with what went there the last time. */
    record Proposal(
            long id, PlaceAddress address, PlaceKind kind, String phone, String note, Optional<LastTime> last) {}

    /** @param cartons their codes */
    record LastTime(
            String job, LocalDate shipped, String service, String cartons, FreightTerms terms, String account) {}

    record HistoryRow(
            String job,
            String customer,
            WorkOrderStatus status,
            Optional<LocalDate> promised,
            Optional<LocalDate> shipped,
            String service,
            String cartons,
            FreightTerms terms,
            Optional<Amount> freight,
            Optional<Amount> customerPays) {}
}
