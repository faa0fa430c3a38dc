package nobrec.core.readiness;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nobrec.core.address.AddressCheck;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PostalAddress;
import nobrec.core.charging.FreightTerms;
import nobrec.core.customs.CustomsProblem;
import nobrec.core.limit.Limits;
import nobrec.core.measure.UnitSystem;
import nobrec.core.notation.DayWords;
import nobrec.core.partner.PartnerProblem;
import nobrec.core.rating.Offer;
import nobrec.core.readiness.ReadyCheck.CorrectedIn;
import nobrec.core.readiness.ReadyCheck.Subject;
import nobrec.core.readiness.ReadyCheck.Verdict;
import nobrec.core.service.Carrier;
import nobrec.core.service.Objection;
import nobrec.core.service.ShipmentToRate.PackageToRate;
import nobrec.core.workorder.RuleAct;
import nobrec.core.workorder.Ruling;
import nobrec.core.workorder.UnknownWord;
import nobrec.core.workorder.WorkOrder;

/** Looks at everything that must be right before a shipment goes. */
public final class ReadyChecks {

    private ReadyChecks() {}

    /**
     * @param job how people call the shipment: the work order's number
     * @param record what the records themselves say against it
     * @param from country of the site it leaves; phone numbers are shown as they are dialed there
     * @param phone the receiver's phone number as recorded; empty text for none
     * @param carrierAccount account of whoever pays the carrier, if it is not us; empty text for none
     * @param full whether it has as many packages as a shipment may have
     * @param unplaced pieces that are in no package
     * @param empty numbers of packages with nothing in them
     * @param notLaid numbers of packages in which no way was found to lay the contents
     * @param scanned how far the contents were checked by scan
     * @param measureDoubts what speaks against a weight or a size, by package number
     * @param customs what is declared where it goes abroad; empty at home
     * @param partner how far it meets what its customer demands as a partner; empty where that one is none
     * @param shipOn the day it is put off to
     * @param notPrintable what the papers cannot show as it is recorded
     */
    public record ShipmentToCheck(
            String job,
            RecordState record,
            String from,
            PostalAddress shipTo,
            PlaceKind placeKind,
            List<AddressCheck.Finding> addressFindings,
            String phone,
            FreightTerms terms,
            String carrierAccount,
            int pieces,
            int unplaced,
            boolean full,
            List<Integer> empty,
            List<Integer> notLaid,
            ScannedContents scanned,
            Map<Integer, String> measureDoubts,
            List<NotPrintable> notPrintable,
            Optional<CustomsState> customs,
            Optional<PartnerState> partner,
            List<PackageToRate> packages,
            Optional<LocalDate> promiseDate,
            Optional<LocalDate> shipOn,
            Optional<Offer> chosen) {}

    /**
     * How far a shipment abroad can be declared.
     *
     * @param summary what is declared, in words
     */
    public record CustomsState(List<CustomsProblem> problems, String summary) {}

    /** @param summary what the partner gets, in words */
    public record PartnerState(List<PartnerProblem> problems, String summary) {}

    /**
     * What the records of the jobs in it say that is no matter of packing or price.
     *
     * @param hold why it must not go; empty text when it may
     * @param unknownWords words of the source that nobody has translated yet
     * @param missing what of this shipment is not ready
     * @param unpaid the first that must be paid first and is not
     * @param request whether what it costs was only asked
     * @param ruling what the house rules say of them all
     */
    public record RecordState(
            String hold,
            List<UnknownWord> unknownWords,
            MissingPieces missing,
            Optional<WorkOrder> unpaid,
            boolean request,
            Ruling ruling) {

        public static final RecordState CLEAR =
                new RecordState("", List.of(), MissingPieces.NONE, Optional.empty(), false, Ruling.NONE);

        /** Of a house rule that demands something; empty text where none does. */
        private String ruleThat(RuleAct.Kind demands) {
            return RecordChecks.ruleThat(ruling, demands);
        }
    }

    public static List<ReadyCheck> of(ShipmentToCheck look, UnitSystem units) {
        List<ReadyCheck> checks = new ArrayList<>();
        if (look.record().request()) {
            checks.add(ReadyCheck.stop(
                    Subject.REQUEST,
                    "It is a request: nothing is promised to go.",
                    "Keep the price as a quote on its page, or take it as a job.",
                    CorrectedIn.REQUEST));
        }
        RecordChecks.hold(look.record().hold()).ifPresent(checks::add);
        RecordChecks.words(look.record().unknownWords()).ifPresent(checks::add);
        checks.add(RecordChecks.address(look.addressFindings(), look.placeKind()));
        RecordChecks.company(look.record().ruleThat(RuleAct.Kind.DEMAND_COMPANY), look.shipTo())
                .ifPresent(checks::add);
        checks.add(RecordChecks.phone(new RecordChecks.PhoneToCheck(
                look.job(), look.phone(), look.shipTo().country(), look.from(), whoNeedsPhone(look))));
        checks.add(contents(look));
        contentsCheck(look).ifPresent(checks::add);
        missing(look.record().missing()).ifPresent(checks::add);
        look.record()
                .unpaid()
                .flatMap(job -> RecordChecks.payment(
                        job.ruling(), job.particulars().clearance().invoice()))
                .ifPresent(checks::add);
        checks.add(weight(look));
        checks.add(service(look, units));
        account(look).ifPresent(checks::add);
        look.customs().map(OutsideChecks::customs).ifPresent(checks::add);
        look.partner().map(OutsideChecks::partner).ifPresent(checks::add);
        papers(look).ifPresent(checks::add);
        promise(look).ifPresent(checks::add);
        return checks;
    }

    public static boolean allowShipping(List<ReadyCheck> checks) {
        return checks.stream().noneMatch(check -> check.verdict() == Verdict.STOP);
    }

    private static Optional<ReadyCheck> missing(MissingPieces missing) {
        if (!missing.elsewhere().isEmpty()) {
            return Optional.of(ReadyCheck.stop(
                    Subject.CONTENTS,
                    String.join("; ", missing.elsewhere()) + ": not where this shipment goes.",
                    "Hold it back: it is a shipment of its own.",
                    CorrectedIn.NOWHERE));
        }
        if (!missing.waiting().isEmpty()) {
            return Optional.of(ReadyCheck.stop(
                    Subject.CONTENTS,
                    "It waits until all is ready. Ready: " + String.join(", ", missing.waiting()) + ".",
                    "Ship what is ready all the same, or write how many there are by now.",
                    CorrectedIn.READY_PIECES));
        }
        return missing.notReady().isEmpty()
                ? Optional.empty()
                : Optional.of(ReadyCheck.stop(
                        Subject.CONTENTS,
                        "Not all of this shipment is ready. Ready: " + String.join(", ", missing.notReady()) + ".",
                        "Ship what is ready and keep the rest, let it wait, or write how many there are by now.",
                        CorrectedIn.READY_PIECES));
    }

    /** A check that a house rule demands stops until it is complete; one that somebody began is pointed out. */
    private static Optional<ReadyCheck> contentsCheck(ShipmentToCheck look) {
        String rule = look.record().ruleThat(RuleAct.Kind.DEMAND_CONTENTS_CHECK);
        ScannedContents scanned = look.scanned();
        if (scanned.isComplete(look.pieces())) {
            return Optional.of(ReadyCheck.fine(
                    Subject.CONTENTS, "Every piece was scanned into its package: " + scanned.pieces() + "."));
        }
        if (!rule.isEmpty()) {
            return Optional.of(ReadyCheck.stop(
                    Subject.CONTENTS,
                    rule + " demands that the contents are checked piece by piece."
                            + (scanned.pieces() == 0 ? "" : " " + scanned.words(look.pieces())),
                    "Scan each piece into its package.",
                    CorrectedIn.CONTENTS_SCAN));
        }
        return scanned.pieces() == 0
                ? Optional.empty()
                : Optional.of(ReadyCheck.caution(
                        Subject.CONTENTS,
                        scanned.words(look.pieces()),
                        "Scan the others, or take the scans back.",
                        CorrectedIn.CONTENTS_SCAN));
    }

    private static String whoNeedsPhone(ShipmentToCheck look) {
        return look.chosen()
                .map(offer -> offer.service().carrier())
                .filter(Carrier::phoneRequired)
                .map(Carrier::name)
                .orElseGet(() -> look.record().ruleThat(RuleAct.Kind.DEMAND_PHONE));
    }

    private static ReadyCheck contents(ShipmentToCheck look) {
        if (!look.empty().isEmpty()) {
            return ReadyCheck.stop(
                    Subject.CONTENTS,
                    "Package " + look.empty().get(0) + " is empty.",
                    "Put something into it, or merge it with another.",
                    CorrectedIn.NOWHERE);
        }
        if (look.unplaced() == 0 && !look.notLaid().isEmpty()) {
            return ReadyCheck.caution(
                    Subject.CONTENTS,
                    "No way was found to lay everything into package "
                            + look.notLaid().get(0) + ".",
                    "Try it by hand, or take a roomier carton.",
                    CorrectedIn.NOWHERE);
        }
        return look.unplaced() == 0
                ? ReadyCheck.fine(Subject.CONTENTS, "All " + look.pieces() + " pieces are in a package.")
                : ReadyCheck.stop(
                        Subject.CONTENTS,
                        look.unplaced() + " of " + look.pieces() + " pieces are in no package.",
                        look.full()
                                ? "A shipment has so many packages at the most: let the rest stay here for another."
                                : "Put them into one.",
                        CorrectedIn.NOWHERE);
    }

    private static ReadyCheck weight(ShipmentToCheck look) {
        List<Integer> missing = look.packages().stream()
                .filter(each -> !each.weighed())
                .map(PackageToRate::number)
                .toList();
        String doubts = look.measureDoubts().entrySet().stream()
                .map(doubt -> "Package " + doubt.getKey() + " " + doubt.getValue())
                .collect(Collectors.joining(" "));
        if (!missing.isEmpty()) {
            return ReadyCheck.stop(
                    Subject.WEIGHT,
                    ("Package " + missing.get(0) + " is not weighed. " + doubts).strip(),
                    "Read the scale or type its weight" + (doubts.isEmpty() ? "." : "; count again what is in doubt."),
                    CorrectedIn.WEIGHT);
        }
        if (!doubts.isEmpty()) {
            return ReadyCheck.caution(Subject.WEIGHT, doubts, "Count, weigh or measure again.", CorrectedIn.WEIGHT);
        }
        int all = look.packages().size();
        return ReadyCheck.fine(
                Subject.WEIGHT, all == 1 ? "The package is weighed." : "All " + all + " packages are weighed.");
    }

    private static ReadyCheck service(ShipmentToCheck look, UnitSystem units) {
        if (look.chosen().isEmpty()) {
            return ReadyCheck.stop(
                    Subject.SERVICE,
                    "No service may carry this.",
                    "Each offer says why; change package or address.",
                    CorrectedIn.SERVICE);
        }
        Offer offer = look.chosen().get();
        String name = offer.service().name();
        if (offer.isAllowed()) {
            return ReadyCheck.fine(Subject.SERVICE, name + " takes it.");
        }
        String why = offer.objections().stream()
                .filter(objection -> !hasItsOwnCheck(objection))
                .findFirst()
                .map(objection -> objection.sentence(units))
                .orElse("");
        if (why.isEmpty()) {
            return ReadyCheck.fine(
                    Subject.SERVICE,
                    offer.isPriced() ? name + " takes it." : name + " has a price once everything is weighed.");
        }
        return ReadyCheck.stop(
                Subject.SERVICE, name + " may not carry this. " + why, "Choose another offer.", CorrectedIn.SERVICE);
    }

    private static boolean hasItsOwnCheck(Objection objection) {
        return objection instanceof Objection.NoWeight
                || objection instanceof Objection.PhoneMissing
                || objection instanceof Objection.CustomsDataMissing;
    }

    private static Optional<ReadyCheck> account(ShipmentToCheck look) {
        if (!look.terms().demandsAccount()) {
            return Optional.empty();
        }
        return Optional.of(
                look.carrierAccount().isBlank()
                        ? ReadyCheck.stop(
                                Subject.ACCOUNT,
                                "Freight terms “" + look.terms().words()
                                        + "”, but their account with the carrier is not known.",
                                "Add its number here.",
                                CorrectedIn.ACCOUNT)
                        : ReadyCheck.fine(Subject.ACCOUNT, "Billed to account " + look.carrierAccount() + "."));
    }

    /** Found before the carrier is asked: a paper that cannot be printed is of no use once it is bought. */
    private static Optional<ReadyCheck> papers(ShipmentToCheck look) {
        Optional<NotPrintable> onLabel = look.notPrintable().stream()
                .filter(each -> each.where() == NotPrintable.Where.SHIP_TO)
                .findFirst();
        if (onLabel.isPresent()) {
            return onLabel.map(
                    each -> ReadyCheck.stop(Subject.PAPERS, each.reason(), each.remedy(), CorrectedIn.LATIN_SHIP_TO));
        }
        int more = look.notPrintable().size() - 1;
        return look.notPrintable().stream()
                .findFirst()
                .map(each -> ReadyCheck.caution(
                        Subject.PAPERS,
                        each.reason() + (more > 0 ? " And " + more + " more of the kind." : ""),
                        each.remedy(),
                        CorrectedIn.NOWHERE));
    }

    private static Optional<ReadyCheck> promise(ShipmentToCheck look) {
        Optional<LocalDate> odd = Stream.concat(look.promiseDate().stream(), look.shipOn().stream())
                .filter(day -> !Limits.holdsDay(day))
                .findFirst();
        if (odd.isPresent()) {
            return odd.map(day -> ReadyCheck.caution(
                    Subject.PROMISE,
                    "The " + (look.promiseDate().equals(odd) ? "promise date " : "day it is put off to, ") + day
                            + ", cannot be right and does not count.",
                    look.promiseDate().equals(odd)
                            ? "Correct the record where it comes from."
                            : "Choose another ship day.",
                    CorrectedIn.NOWHERE));
        }
        if (look.chosen().isEmpty() || look.promiseDate().isEmpty()) {
            return Optional.empty();
        }
        Offer offer = look.chosen().get();
        String there = "There " + DayWords.day(offer.delivery()) + ", promised "
                + DayWords.day(look.promiseDate().get()) + ".";
        if (offer.daysLate() == 0) {
            return Optional.of(ReadyCheck.fine(Subject.PROMISE, there));
        }
        String late = offer.daysLate() + (offer.daysLate() == 1 ? " working day late." : " working days late.");
        return Optional.of(ReadyCheck.caution(
                Subject.PROMISE, there + " " + late, "A faster offer may make it.", CorrectedIn.SERVICE));
    }
}
