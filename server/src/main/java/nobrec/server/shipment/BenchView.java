package nobrec.server.shipment;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.address.PlaceKind;
import nobrec.core.readiness.ReadyCheck;

/**
 * One shipment, whole. Amounts are in {@code currency}; weights and sizes carry their unit.
 *
 * @param offers what each service costs; once shipped only the one it went by, as it was then
 * @param mayShip whether every ready check allows it
 * @param waitingFor what the carrier's missing answer is waited for with, while it is being shipped
 */
record BenchView(
        long id,
        String job,
        String customer,
        String customerPo,
        ShipmentState state,
        ShipToView shipTo,
        Optional<LocalDate> promiseDate,
        String askedService,
        String terms,
        String currency,
        String weightUnit,
        String lengthUnit,
        List<LineView> lines,
        List<PackageView> packages,
        List<CartonView> cartonTypes,
        List<OfferView> offers,
        String choiceReason,
        List<CheckView> checks,
        Optional<ChargeView> charge,
        boolean mayShip,
        Optional<String> waitingFor,
        Optional<ShippedView> shipped,
        List<PaperView> papers) {

    record ShipToView(
            String company,
            String person,
            String street,
            String street2,
            String town,
            String state,
            String postalCode,
            String phone,
            PlaceKind kind) {}

    record LineView(long id, String item, String description, int quantity, int placed, Optional<String> unitWeight) {}

    /**
     * @param cartonReason why this carton was proposed
     * @param weight as weighed or typed
     * @param expectedWeight what the records say, carton included
     */
    record PackageView(
            int number,
            String cartonCode,
            String cartonName,
            String cartonReason,
            String size,
            Drawing drawing,
            Optional<String> weight,
            Optional<Shipment.WeightSource> weightSource,
            Optional<String> expectedWeight,
            Optional<String> trackingNumber,
            List<ContentView> contents) {}

    /** Sides in thousandths of the longest side of all packages shown. */
    record Drawing(int length, int width, int height) {}

    record ContentView(String item, String description, int quantity) {}

    record CartonView(String code, String name, String size, String tare, String cost) {}

    /**
     * @param bar total in per cent of the dearest offer's
     * @param difference to the chosen offer's total, with its sign; empty for the chosen one or without a price
     * @param daysLate working days after the promise; zero in time
     */
    record OfferView(
            String service,
            String name,
            String carrier,
            boolean allowed,
            boolean chosen,
            boolean cheapest,
            boolean earliest,
            boolean asked,
            Optional<String> total,
            Optional<String> difference,
            int bar,
            LocalDate departure,
            LocalDate delivery,
            int daysLate,
            List<String> objections,
            List<ChargeLineView> lines) {}

    /** @param packageNumber the package it is for; none when it is for the whole shipment */
    record ChargeLineView(Optional<Integer> packageNumber, String title, String amount, String explanation) {}

    record CheckView(
            ReadyCheck.Subject subject, ReadyCheck.Verdict verdict, String reason, String cure, ReadyCheck.Mend mend) {}

    /** @param margin what we keep after freight and cartons */
    record ChargeView(List<MoneyLineView> lines, String total, String margin, String reason) {}

    record MoneyLineView(String title, String amount) {}

    record ShippedView(String by, Instant at, LocalDate shipDate, List<String> trackingNumbers) {}

    record PaperView(long id, String kind, String title, String address) {}
}
