package nobrec.core.readiness;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nobrec.core.address.AddressCheck;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PostalAddress;
import nobrec.core.identifier.TrackingForm;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.rating.Carrier;
import nobrec.core.rating.Objection;
import nobrec.core.rating.Offer;
import nobrec.core.rating.Service;
import nobrec.core.rating.ServiceLimits;
import nobrec.core.rating.ShipmentToRate.PackageToRate;
import nobrec.core.readiness.ReadyCheck.Mend;
import nobrec.core.readiness.ReadyCheck.Subject;
import nobrec.core.readiness.ReadyCheck.Verdict;
import nobrec.core.readiness.ReadyChecks.ShipmentToCheck;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.Test;

class ReadyChecksTest {

    private static final LocalDate DAY = LocalDate.of(2026, 12, 3);
    private static final PackageToRate WEIGHED = parcel(true);

    private static PackageToRate parcel(boolean weighed) {
        return new PackageToRate(
                1, Optional.of(Weight.of("4", WeightUnit.POUND)), weighed, Size.of("10", "10", "10", LengthUnit.INCH));
    }

    private static Offer offer(boolean phoneRequired, int daysLate, Objection... objections) {
        Carrier carrier = new Carrier("DUNLIN", "Dunlin Express", phoneRequired, TrackingForm.LETTERS_MODULO_10);
        Service service = new Service(
                "TWO",
                "Dunlin Two Day",
                carrier,
                false,
                new ServiceLimits(
                        Weight.of("150", WeightUnit.POUND),
                        Length.of("108", LengthUnit.INCH),
                        Length.of("165", LengthUnit.INCH),
                        Set.of()),
                List.of(2, 2, 2, 2, 2, 2, 2, 2));
        return new Offer(
                service,
                List.of(),
                Optional.of(Money.of(CurrencyUnit.USD, BigDecimal.TEN)),
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
        return ReadyChecks.of(
                new ShipmentToCheck(
                        "2417",
                        new PostalAddress("Pellworth", "", "2200 Foundry Park", "", "Tucson", "AZ", "85701", "US"),
                        PlaceKind.BUSINESS,
                        List.of(findings),
                        phone,
                        10,
                        unplaced,
                        List.of(parcel),
                        Optional.of(DAY),
                        chosen),
                UnitSystem.POUND_INCH);
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
        assertThat(of(needed, Subject.PHONE).mend()).isEqualTo(Mend.PHONE);
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
    void aLatePromiseAndATownThatDiffersAreCautions() {
        List<ReadyCheck> checks = checks(
                "(520) 555-0177",
                0,
                WEIGHED,
                Optional.of(offer(false, 2)),
                new AddressCheck.Finding(false, "85701 is Tucson.", "Fine if it is a part of it."));
        assertThat(of(checks, Subject.PROMISE).verdict()).isEqualTo(Verdict.CAUTION);
        assertThat(of(checks, Subject.PROMISE).reason()).contains("2 working days late");
        assertThat(of(checks, Subject.ADDRESS).verdict()).isEqualTo(Verdict.CAUTION);
        assertThat(ReadyChecks.allowShipping(checks)).isTrue();
    }
}
