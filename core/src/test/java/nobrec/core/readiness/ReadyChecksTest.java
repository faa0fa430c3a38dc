package nobrec.core.readiness;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nobrec.core.address.AddressCheck;
import nobrec.core.address.AddressPart;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PostalAddress;
import nobrec.core.carton.CartonKind;
import nobrec.core.charging.FreightTerms;
import nobrec.core.identifier.TrackingForm;
import nobrec.core.measure.UnitSystem;
import nobrec.core.rating.ChargeBasis;
import nobrec.core.rating.ChargeLine;
import nobrec.core.rating.DemoRates;
import nobrec.core.rating.Offer;
import nobrec.core.readiness.ReadyCheck.CorrectedIn;
import nobrec.core.readiness.ReadyCheck.Subject;
import nobrec.core.readiness.ReadyCheck.Verdict;
import nobrec.core.readiness.ReadyChecks.ShipmentToCheck;
import nobrec.core.service.Carrier;
import nobrec.core.service.Objection;
import nobrec.core.service.Service;
import nobrec.core.service.ShipmentToRate.PackageToRate;
import org.joda.money.CurrencyUnit;
import org.junit.jupiter.api.Test;

class ReadyChecksTest {

    private static final LocalDate DAY = LocalDate.of(2026, 12, 3);
    private static final PackageToRate WEIGHED = parcel(true);

    private static PackageToRate parcel(boolean weighed) {
        PackageToRate any = DemoRates.parcel(1, "4", "10x10x10");
        return new PackageToRate(1, any.weight(), weighed, any.size(), any.kind(), any.supply(), 0, List.of());
    }

    private static Offer offer(boolean phoneRequired, int daysLate, Objection... objections) {
        Service any = DemoRates.service(CartonKind.CARTON);
        Service service = new Service(
                "TWO",
                "Dunlin Two Day",
                new Carrier("DUNLIN", "Dunlin Express", phoneRequired, false, TrackingForm.LETTERS_MODULO_10),
                false,
                any.limits(),
                any.transit(),
                any.takes(),
                Set.of(),
                Set.of(),
                List.of());
        return new Offer(
                service,
                CurrencyUnit.USD,
                List.of(new ChargeLine(1, 1000, new ChargeBasis.Minimum(1000, 0))),
                1000,
                List.of(objections),
                DAY.minusDays(2),
                DAY,
                daysLate);
    }

    private static List<ReadyCheck> checks(
            String phone,
            int unplaced,
            PackageToRate parcel,
            Optional<Offer> chosen,
            AddressCheck.Finding... findings) {
        return checks(look(phone, unplaced, parcel, chosen, findings));
    }

    private static List<ReadyCheck> checks(ShipmentToCheck look) {
        return ReadyChecks.of(look, UnitSystem.POUND_INCH);
    }

    private static ShipmentToCheck look(
            String phone,
            int unplaced,
            PackageToRate parcel,
            Optional<Offer> chosen,
            AddressCheck.Finding... findings) {
        return look(
                phone, unplaced, parcel, chosen, FreightTerms.PREPAID, "", List.of(), List.of(), Map.of(), findings);
    }

    private static ShipmentToCheck look(
            String phone,
            int unplaced,
            PackageToRate parcel,
            Optional<Offer> chosen,
            FreightTerms terms,
            String account,
            List<Integer> empty,
            List<Integer> notLaid,
            Map<Integer, String> doubts,
            AddressCheck.Finding... findings) {
        return new ShipmentToCheck(
                "2417",
                ReadyChecks.RecordState.CLEAR,
                "US",
                new PostalAddress("Pellworth", "", "2200 Foundry Park", "", "Tucson", "AZ", "85701", "US"),
                PlaceKind.BUSINESS,
                List.of(findings),
                phone,
                terms,
                account,
                10,
                unplaced,
                false,
                empty,
                notLaid,
                ScannedContents.NONE,
                doubts,
                List.of(),
                Optional.empty(),
                Optional.empty(),
                List.of(parcel),
                Optional.of(DAY),
                Optional.empty(),
                chosen);
    }

    private static ShipmentToCheck with(
            FreightTerms terms,
            String account,
            List<Integer> empty,
            List<Integer> notLaid,
            Map<Integer, String> doubts) {
        return look("", 0, WEIGHED, Optional.of(offer(false, 0)), terms, account, empty, notLaid, doubts);
    }

    @Test
    void whoeverPaysNeedsAnAccount() {
        ReadyCheck missing =
                of(checks(with(FreightTerms.COLLECT, "", List.of(), List.of(), Map.of())), Subject.ACCOUNT);
        assertThat(missing.verdict()).isEqualTo(Verdict.STOP);
        assertThat(missing.correctedIn()).isEqualTo(ReadyCheck.CorrectedIn.ACCOUNT);
        ReadyCheck there =
                of(checks(with(FreightTerms.THIRD_PARTY, "48-1", List.of(), List.of(), Map.of())), Subject.ACCOUNT);
        assertThat(there.verdict()).isEqualTo(Verdict.FINE);
    }

    @Test
    void whatSpeaksAgainstPackagesIsSaid() {
        ReadyCheck empty =
                of(checks(with(FreightTerms.PREPAID, "", List.of(2), List.of(), Map.of())), Subject.CONTENTS);
        assertThat(empty.verdict()).isEqualTo(Verdict.STOP);
        assertThat(empty.reason()).isEqualTo("Package 2 is empty.");
        ReadyCheck notLaid =
                of(checks(with(FreightTerms.PREPAID, "", List.of(), List.of(1), Map.of())), Subject.CONTENTS);
        assertThat(notLaid.verdict()).isEqualTo(Verdict.CAUTION);
        ReadyCheck doubt = of(
                checks(with(FreightTerms.PREPAID, "", List.of(), List.of(), Map.of(1, "weighs too much."))),
                Subject.WEIGHT);
        assertThat(doubt.verdict()).isEqualTo(Verdict.CAUTION);
        assertThat(doubt.reason()).isEqualTo("Package 1 weighs too much.");
        ReadyCheck another = of(
                checks(look(
                        "",
                        0,
                        parcel(false),
                        Optional.of(offer(false, 0)),
                        FreightTerms.PREPAID,
                        "",
                        List.of(),
                        List.of(),
                        Map.of(2, "weighs too much."))),
                Subject.WEIGHT);
        assertThat(another.verdict()).isEqualTo(Verdict.STOP);
        assertThat(another.reason()).isEqualTo("Package 1 is not weighed. Package 2 weighs too much.");
    }

    @Test
    void aMissingPhoneIsSaidOnce() {
        List<ReadyCheck> checks = checks("", 0, WEIGHED, Optional.of(offer(true, 0, new Objection.PhoneMissing())));
        assertThat(of(checks, Subject.PHONE).verdict()).isEqualTo(Verdict.STOP);
        assertThat(of(checks, Subject.SERVICE).verdict()).isEqualTo(Verdict.FINE);
    }

    private static ReadyCheck of(List<ReadyCheck> checks, Subject subject) {
        return checks.stream()
                .filter(check -> check.subject() == subject)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatIsFineSaysSo() {
        List<ReadyCheck> checks = checks("(520) 555-0177", 0, WEIGHED, Optional.of(offer(true, 0)));
        assertThat(checks).hasSize(6).allMatch(check -> check.verdict() == Verdict.FINE);
        assertThat(ReadyChecks.allowShipping(checks)).isTrue();
    }

    @Test
    void aMissingPhoneStopsWhereTheCarrierNeedsOneAndNowhereElse() {
        List<ReadyCheck> needed = checks("", 0, WEIGHED, Optional.of(offer(true, 0)));
        assertThat(of(needed, Subject.PHONE).reason())
                .isEqualTo("Job 2417 has no phone number. Dunlin Express needs one.");
        assertThat(of(needed, Subject.PHONE).correctedIn()).isEqualTo(CorrectedIn.PHONE);
        assertThat(ReadyChecks.allowShipping(needed)).isFalse();
        assertThat(of(checks("", 0, WEIGHED, Optional.of(offer(false, 0))), Subject.PHONE)
                        .verdict())
                .isEqualTo(Verdict.FINE);
        assertThat(of(checks("12", 0, WEIGHED, Optional.of(offer(false, 0))), Subject.PHONE)
                        .verdict())
                .isEqualTo(Verdict.CAUTION);
    }

    @Test
    void whatIsNotWeighedNotPlacedOrNotAllowedStops() {
        List<ReadyCheck> checks = checks(
                "(520) 555-0177",
                3,
                parcel(false),
                Optional.of(offer(false, 0, new Objection.PlaceNotServed(PlaceKind.PO_BOX))));
        for (Subject subject : List.of(Subject.CONTENTS, Subject.WEIGHT, Subject.SERVICE)) {
            assertThat(of(checks, subject).verdict()).isEqualTo(Verdict.STOP);
        }
        assertThat(of(checks("", 0, WEIGHED, Optional.empty()), Subject.SERVICE).verdict())
                .isEqualTo(Verdict.STOP);
    }

    @Test
    void aLatePromiseAndACityThatDiffersAreCautions() {
        List<ReadyCheck> checks = checks(
                "(520) 555-0177",
                0,
                WEIGHED,
                Optional.of(offer(false, 2)),
                new AddressCheck.Finding(AddressPart.CITY, false, "85701 is Tucson.", "Fine if it is a part of it."));
        assertThat(of(checks, Subject.PROMISE).verdict()).isEqualTo(Verdict.CAUTION);
        assertThat(of(checks, Subject.PROMISE).reason()).contains("2 working days late");
        assertThat(of(checks, Subject.ADDRESS).verdict()).isEqualTo(Verdict.CAUTION);
        assertThat(ReadyChecks.allowShipping(checks)).isTrue();
    }

    private static ReadyCheck papers(NotPrintable... found) {
        ShipmentToCheck look = look("", 0, WEIGHED, Optional.of(offer(false, 0)));
        return checks(new ShipmentToCheck(
                        look.job(),
                        ReadyChecks.RecordState.CLEAR,
                        look.from(),
                        look.shipTo(),
                        look.placeKind(),
                        look.addressFindings(),
                        look.phone(),
                        look.terms(),
                        look.carrierAccount(),
                        look.pieces(),
                        look.unplaced(),
                        look.full(),
                        look.empty(),
                        look.notLaid(),
                        look.scanned(),
                        look.measureDoubts(),
                        List.of(found),
                        Optional.empty(),
                        Optional.empty(),
                        look.packages(),
                        look.promiseDate(),
                        look.shipOn(),
                        look.chosen()))
                .stream()
                .filter(check -> check.subject() == Subject.PAPERS)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatTheLabelCannotPrintStopsAndWhatTheSlipCannotIsSaid() {
        NotPrintable text = new NotPrintable(NotPrintable.Where.TEXT, "item SK-3", "Ж");
        NotPrintable shipTo = new NotPrintable(NotPrintable.Where.SHIP_TO, "the ship-to", "Ж");
        assertThat(papers(text, shipTo).verdict()).isEqualTo(Verdict.STOP);
        assertThat(papers(text, shipTo).correctedIn()).isEqualTo(CorrectedIn.LATIN_SHIP_TO);
        assertThat(papers(text, text).verdict()).isEqualTo(Verdict.CAUTION);
        assertThat(papers(text, text).reason())
                .isEqualTo("The papers show “?” for “Ж” in item SK-3. And 1 more of the kind.");
        assertThat(papers(new NotPrintable(NotPrintable.Where.BARCODE, "Ж-1", ""))
                        .reason())
                .isEqualTo("No barcode holds the number of job Ж-1; its slip goes without one.");
    }
}
