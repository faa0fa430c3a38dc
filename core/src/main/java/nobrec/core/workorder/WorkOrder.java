package nobrec.core.workorder;

import java.math.BigInteger;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import nobrec.core.address.PlaceKey;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PlaceKindRule;
import nobrec.core.address.PostalAddress;
import nobrec.core.charging.FreightTerms;
import nobrec.core.item.Handling;
import nobrec.core.item.LineFact;
import nobrec.core.item.LineGoods;
import nobrec.core.item.LotShare;
import nobrec.core.item.PackItem;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;

/**
 * What the shop made or serviced, to be shipped.
 *
 * @param ruling what the house rules say of it
 */
public record WorkOrder(
        long id,
        String source,
        String number,
        String customer,
        String customerPo,
        PostalAddress shipTo,
        Optional<PlaceKind> saidPlaceKind,
        String phone,
        String mail,
        Optional<LocalDate> promiseDate,
        String requestedService,
        FreightTerms terms,
        String carrierAccount,
        Optional<Long> quotedFreightCents,
        WorkOrderStatus status,
        Particulars particulars,
        List<UnknownWord> unknownWords,
        Ruling ruling,
        List<Line> lines) {

    /**
     * @param quantityReady when not all of them are there yet
     * @param shipTo where it goes, if not where the job goes
     * @param fromItem what the record lacks and its item says
     * @param quantityTaken pieces in shipments, open and shipped
     */
    public record Line(
            long id,
            int position,
            String item,
            String description,
            int quantityOrdered,
            Optional<Integer> quantityReady,
            int quantityTaken,
            int quantityShipped,
            Optional<Weight> unitWeight,
            Optional<Size> unitSize,
            Handling handling,
            List<LotShare> lots,
            LineGoods goods,
            Map<String, String> custom,
            Optional<PostalAddress> shipTo,
            Set<LineFact> fromItem) {

        private Line to(PostalAddress place) {
            return new Line(
                    id,
                    position,
                    item,
                    description,
                    quantityOrdered,
                    quantityReady,
                    quantityTaken,
                    quantityShipped,
                    unitWeight,
                    unitSize,
                    handling,
                    lots,
                    goods,
                    custom,
                    Optional.of(place),
                    fromItem);
        }

        /** Pieces that have not left yet. */
        public int quantityOpen() {
            return quantityOrdered - quantityShipped;
        }

        /** Pieces that are in no shipment yet. */
        public int quantityToTake() {
            return quantityOrdered - quantityTaken;
        }

        /** Whether pieces that are ready do not reach for what has not left. */
        public boolean isShort() {
            return quantityReady.isPresent() && quantityReady.get() < quantityOrdered && quantityOpen() > 0;
        }

        /** Pieces that are ready and have not left yet. */
        public int quantityReadyToGo() {
            return Math.max(0, Math.min(quantityOrdered, quantityReady.orElse(quantityOrdered)) - quantityShipped);
        }

        /** In words: {@code 4 of 6 SK-2}. */
        public String readyOfOrdered() {
            return quantityReady.orElse(quantityOrdered) + " of " + quantityOrdered + " " + name();
        }

        /** What it is called: its item's number, else its description. */
        public String name() {
            return item.isEmpty() ? description : item;
        }

        /** So many pieces of this line, as the packer needs them. */
        public PackItem asPackItem(int pieces) {
            return new PackItem(id, description, pieces, unitWeight, unitSize, handling, lots);
        }
    }

    /** The source of what is typed in here, and how the numbers begin that it is given. */
    public static final String TYPED = "KEYBOARD";

    public static final String TYPED_PREFIX = "W-";

    /** Whether it was typed in here, so that no other system has a record of it. */
    public boolean isTyped() {
        return source.equals(TYPED);
    }

    /** As it counts: its record, and the house rules where that says nothing or they overrule it. */
    public WorkOrder ruled() {
        if (ruling.acted().isEmpty()) {
            return this;
        }
        return with(
                shipTo,
                saidPlaceKind,
                ruling.decided(RuleAct.Kind.SERVICE, requestedService),
                ruling.the(RuleAct.Kind.TERMS)
                        .flatMap(act -> FreightTerms.read(act.value()))
                        .orElse(terms),
                particulars.ruledBy(ruling),
                unknownWords,
                ruling,
                lines);
    }

    /** The same at a place of a kind, with words that nobody has translated yet and with what house rules say. */
    public WorkOrder with(Optional<PlaceKind> kind, List<UnknownWord> words, Ruling rules) {
        return with(shipTo, kind, requestedService, terms, particulars, List.copyOf(words), rules, lines);
    }

    private WorkOrder with(
            PostalAddress to,
            Optional<PlaceKind> kind,
            String service,
            FreightTerms onTerms,
            Particulars more,
            List<UnknownWord> words,
            Ruling rules,
            List<Line> all) {
        return new WorkOrder(
                id,
                source,
                number,
                customer,
                customerPo,
                to,
                kind,
                phone,
                mail,
                promiseDate,
                service,
                onTerms,
                carrierAccount,
                quotedFreightCents,
                status,
                more,
                words,
                rules,
                all);
    }

    /** Where one of its lines goes. */
    public PostalAddress shipToOf(Line line) {
        return line.shipTo().orElse(shipTo);
    }

    /** The places it goes to, its own first where something still goes there, else as its lines name them. */
    public List<PostalAddress> shipTosToTake() {
        Map<String, PostalAddress> places = new LinkedHashMap<>();
        lines.stream()
                .filter(line -> line.quantityToTake() > 0)
                .sorted(Comparator.comparing(line -> line.shipTo().isPresent()))
                .map(this::shipToOf)
                .forEach(address -> places.putIfAbsent(PlaceKey.of(address), address));
        return List.copyOf(places.values());
    }

    /** As it is for a shipment of those lines: it goes where they go. */
    public WorkOrder goingWith(Collection<Long> lineIds) {
        return lines.stream()
                .filter(line -> lineIds.contains(line.id()))
                .findFirst()
                .map(this::shipToOf)
                .filter(there -> !there.equals(shipTo))
                .map(this::goingTo)
                .orElse(this);
    }

    /** What a person said of its own place says nothing of that one. */
    private WorkOrder goingTo(PostalAddress there) {
        return with(
                there,
                Optional.empty(),
                requestedService,
                terms,
                particulars,
                unknownWords,
                ruling,
                lines.stream()
                        .map(line -> line.shipTo().isPresent() ? line : line.to(shipTo))
                        .toList());
    }

    /** Its ship-to as papers show it: in Latin letters where it was written so for this very place. */
    public PostalAddress shipToOnPapers() {
        return particulars
                .export()
                .latinShipTo()
                .filter(latin -> latin.country().equals(shipTo.country())
                        && latin.postalCode().equals(shipTo.postalCode()))
                .orElse(shipTo);
    }

    /** As a person said it, else as the address tells. */
    public PlaceKind placeKind() {
        return saidPlaceKind.orElseGet(() -> PlaceKindRule.kindOf(shipTo));
    }

    /** Whether pieces are missing of what has not left. */
    public boolean isShort() {
        return lines.stream().anyMatch(Line::isShort);
    }

    /** Whether somebody decided that it waits for pieces that are missing. */
    public boolean waitsForTheRest() {
        return isShort() && particulars.clearance().whenShort().equals(Optional.of(ShortChoice.WAIT));
    }

    /** Whether what is ready goes, by decision, and the rest stays. */
    public boolean shipsWhatIsReady() {
        return particulars.clearance().whenShort().equals(Optional.of(ShortChoice.SHIP_READY));
    }

    /** Lines of which fewer pieces are ready than were ordered, in words. */
    public List<String> shortLines() {
        return lines.stream().filter(Line::isShort).map(Line::readyOfOrdered).toList();
    }

    /** Whether pieces are in no shipment yet. */
    public boolean hasPiecesToTake() {
        return lines.stream().anyMatch(line -> line.quantityToTake() > 0);
    }

    /** Of all pieces; not known where one line does not say it, since the sum would be too small. */
    public Optional<Weight> weight() {
        return ofAllPieces(line -> line.unitWeight().map(Weight::eighthNanograms))
                .map(Weight::new);
    }

    /** Cents of all pieces; not known where one line does not say it. */
    public Optional<Long> valueCents() {
        return ofAllPieces(line -> line.goods().unitValueCents());
    }

    /** What is more than can be said is said as the most that can. */
    private Optional<Long> ofAllPieces(Function<Line, Optional<Long>> ofOne) {
        BigInteger all = BigInteger.ZERO;
        for (Line line : lines) {
            Optional<Long> one = ofOne.apply(line);
            if (one.isEmpty()) {
                return Optional.empty();
            }
            all = all.add(BigInteger.valueOf(one.get()).multiply(BigInteger.valueOf(line.quantityOrdered())));
        }
        return Optional.of(all.min(BigInteger.valueOf(Long.MAX_VALUE)).longValue());
    }
}
