package nobrec.server.bench;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.address.PlaceKind;
import nobrec.core.rating.QuotedOffers;
import nobrec.core.readiness.ReadyCheck;
import nobrec.core.service.Accessorial;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.server.api.figure.Amount;
import nobrec.server.api.figure.LengthFigure;
import nobrec.server.api.figure.SizeFigure;
import nobrec.server.api.figure.WeightFigure;

/**
 * One shipment, whole. What people type is read in the shop's units and currency, which are named here.
 *
 * @param id zero while it is only looked at
 * @param opened whether it is there; else it is shown as the first act would find it
 * @param offers what each service costs; once shipped only the one it went by, as it was then
 * @param notInPrices what offers abroad do not hold, in words; left out at home and once it is shipped
 * @param charge what the customer pays; empty for whoever may not see that
 * @param seesCharge whether whoever looks may see it
 * @param refusedBefore why the carrier refused it at the last try, while it is open again
 * @param mayAct whether whoever looks may change it now
 * @param mayShip whether every ready check allows it
 * @param mayVoid whether whoever looks may have it voided now
 * @param mayVoidPackage whether that goes for one of its packages alone, too
 * @param voided what there is to say of its being void, left out where there is nothing
 * @param openHandover that a handover of an earlier day was left open here, in words, while this one has not gone
 * @param waitingFor what the carrier's missing answer is waited for with, while it is being shipped
 */
public record BenchView(
        long id,
        boolean opened,
        String job,
        List<String> otherJobs,
        String customer,
        String customerPo,
        ShipmentState state,
        ShipToView shipTo,
        Optional<LocalDate> promiseDate,
        String requestedService,
        String terms,
        String carrierAccount,
        List<AccessorialView> accessorials,
        String site,
        List<SiteView> sites,
        LocalDate today,
        LocalDate tomorrow,
        Optional<LocalDate> shipOn,
        String currency,
        String weightUnit,
        String lengthUnit,
        List<LineView> lines,
        List<PackageView> packages,
        List<CartonView> cartonTypes,
        List<OfferView> offers,
        boolean quotesWanted,
        boolean quotesAwaited,
        Optional<String> notInPrices,
        String choiceReason,
        List<CheckView> checks,
        List<HouseRuleView> rules,
        Optional<ChargeView> charge,
        boolean seesCharge,
        boolean mayAct,
        boolean mayShip,
        boolean mayVoid,
        boolean mayVoidPackage,
        Optional<String> waitingFor,
        Optional<String> refusedBefore,
        Optional<VoidView> voided,
        Optional<ShippedView> shipped,
        Optional<String> openHandover,
        List<PaperView> papers,
        ScanningView scanning) {

    /**
     * How far the contents were checked by scan.
     *
     * @param demanded whether a house rule demands it
     * @param scanned of so many pieces
     */
    record ScanningView(boolean demanded, int scanned, int pieces) {}

    /**
     * A house rule that acted on a job.
     *
     * @param why what of the job met its condition
     * @param does what it does, in words
     */
    record HouseRuleView(String job, String name, String why, String does) {}

    /**
     * That its carrier is asked to void it, or refused to; once it is open again, what was voided.
     *
     * @param awaited whether the carrier's answer is waited for
     */
    record VoidView(String text, boolean awaited) {}

    /** One of our sites, by its code and its city. */
    record SiteView(String code, String name) {}

    /**
     * @param note what the shop wrote down about the place, for the driver
     * @param kindEffect what its kind does to the prices, in words; nothing at a business
     */
    record ShipToView(
            String company,
            String person,
            String street,
            String street2,
            String city,
            String state,
            String postalCode,
            String country,
            String phone,
            String note,
            PlaceKind kind,
            Optional<String> kindEffect,
            Optional<ProposedShipTo> proposed) {}

    /**
     * What city, state and code were probably meant to be.
     *
     * @param reason which of them agree
     */
    record ProposedShipTo(String city, String state, String postalCode, String reason) {}

    /**
     * @param job number of the work order it is of
     * @param quantity that goes in this shipment
     * @param staysBehind pieces of the line that are in no shipment
     * @param handling how a piece wants to be packed, in words
     * @param elsewhere where it goes, if not where this shipment goes
     * @param fromItem what its item says and the record does not, in words
     */
    record LineView(
            long id,
            String job,
            String item,
            String description,
            int quantity,
            int placed,
            int staysBehind,
            Optional<WeightFigure> unitWeight,
            Optional<SizeFigure> unitSize,
            List<String> handling,
            Optional<String> elsewhere,
            List<String> fromItem) {}

    /** Something requested beyond plain carriage. */
    record AccessorialView(Accessorial accessorial, String words, boolean requested, boolean offered) {}

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
            SizeFigure size,
            Drawing drawing,
            Optional<WeightFigure> weight,
            Optional<Shipment.WeightSource> weightSource,
            Optional<WeightFigure> expectedWeight,
            Optional<ItemWeightView> itemWeight,
            Optional<String> trackingNumber,
            boolean placedByHand,
            List<ContentView> contents,
            List<LayerView> layers) {}

    /**
     * What the weighed package says of one piece of the only item in it, where that is news.
     *
     * @param reason how it comes about
     */
    record ItemWeightView(String item, WeightFigure weight, String reason) {}

    /**
     * What stands at one height, for the packer; layers come lowest first.
     *
     * @param height of its floor above the floor of the package
     */
    public record LayerView(LengthFigure height, List<PieceView> pieces) {}

    /**
     * A piece in its place. All lengths in thousandths of the longest side of all packages shown, from the outer left front
     * bottom corner of its package.
     *
     * @param line id of its line
     */
    public record PieceView(long line, String item, int x, int y, int z, int length, int width, int height) {}

    /** Sides in thousandths of the longest side of all packages shown. */
    public record Drawing(int length, int width, int height) {}

    /** @param scanned pieces of it that were scanned in */
    record ContentView(long line, String item, String description, int quantity, String lots, int scanned) {}

    record CartonView(String code, String name, SizeFigure size, WeightFigure tare, Amount cost) {}

    /**
     * @param lacksData whether it is allowed once a datum that is missing has been added
     * @param bar total in percent of the most expensive offer's
     * @param difference to the chosen offer's total, below zero when it is cheaper; empty for the chosen one or without a price
     * @param daysLate working days after the promise; zero in time
     * @param brief the objections in a few words
     * @param quote left out where the price is our sheet's alone
     * @param onTime left out where too little is known
     */
    record OfferView(
            String service,
            String name,
            String carrier,
            boolean allowed,
            boolean lacksData,
            boolean chosen,
            boolean cheapest,
            boolean earliest,
            boolean requested,
            Optional<Amount> total,
            Optional<Amount> difference,
            int bar,
            LocalDate departure,
            LocalDate delivery,
            int daysLate,
            List<ObjectionView> objections,
            String brief,
            List<ChargeLineView> lines,
            List<PackageSumView> packageSums,
            Optional<QuoteView> quote,
            Optional<OnTimeView> onTime) {}

    /**
     * How a service keeps its promises to a place like this one.
     *
     * @param words with the area and the number of shipments it is known from
     */
    record OnTimeView(int percent, String words) {}

    /**
     * What a carrier that prices its services itself has said.
     *
     * @param differs whether its price and our sheet's are further apart than the shop tolerates
     */
    record QuoteView(QuotedOffers.Source source, boolean differs, String sentence) {}

    /** @param code stays as it is within a version of the API */
    record ObjectionView(String code, String reason) {}

    /** What the lines of one package come to. */
    record PackageSumView(int packageNumber, Amount amount) {}

    /**
     * @param packageNumber the package it is for; none when it is for the whole shipment
     * @param code what it is asked for; stays as it is within a version of the API
     */
    record ChargeLineView(
            Optional<Integer> packageNumber, String code, String title, Amount amount, String explanation) {}

    record CheckView(
            ReadyCheck.Subject subject,
            ReadyCheck.Verdict verdict,
            String reason,
            String remedy,
            ReadyCheck.CorrectedIn correctedIn) {}

    /**
     * @param margin what we keep, or pay, after freight and cartons; never with a sign
     * @param weKeep whether it is kept; otherwise it costs us so much
     */
    record ChargeView(List<MoneyLineView> lines, Amount total, Amount margin, boolean weKeep, String reason) {}

    /** @param amount without its sign when it is taken off */
    record MoneyLineView(String title, Amount amount, boolean takenOff, String reason) {}

    /** @param handedOver with whom it left, in words; left out while it is here */
    record ShippedView(
            String by, Instant at, LocalDate shipDate, List<String> trackingNumbers, Optional<String> handedOver) {}

    record PaperView(long id, String kind, String title, String address) {}
}
