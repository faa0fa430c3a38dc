package nobrec.core.rule;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import nobrec.core.measure.Weight;
import nobrec.core.wordbook.KnownWords;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.workorder.WorkOrder.Line;

/** What one work order says, in the form in which tests compare it; each fact is looked up once, when a rule first asks. */
public final class JobFacts {

    private final WorkOrder job;
    private final LocalDate today;
    private final Map<Fact, List<String>> texts = new EnumMap<>(Fact.class);
    private final Map<Fact, List<Long>> figures = new EnumMap<>(Fact.class);
    private final Map<String, List<String>> custom = new HashMap<>();

    JobFacts(WorkOrder job, LocalDate today) {
        this.job = job;
        this.today = today;
    }

    /** Plain texts of a fact; none where it is not known. */
    List<String> texts(Fact fact, String name) {
        return fact.isCustom()
                ? custom.computeIfAbsent(fact + name, key -> plain(customTexts(fact, name)))
                : texts.computeIfAbsent(fact, key -> plain(written(fact)));
    }

    /** The same as they are written. */
    List<String> written(Fact fact, String name) {
        return (fact.isCustom() ? customTexts(fact, name) : written(fact))
                .filter(text -> !text.isBlank())
                .distinct()
                .toList();
    }

    List<Long> figures(Fact fact) {
        return figures.computeIfAbsent(fact, this::look);
    }

    private static List<String> plain(Stream<String> written) {
        return written.map(KnownWords::plain).filter(text -> !text.isEmpty()).toList();
    }

    private Stream<String> customTexts(Fact fact, String name) {
        Stream<Map<String, String>> fields = fact == Fact.CUSTOM
                ? Stream.of(job.particulars().custom())
                : job.lines().stream().map(Line::custom);
        return fields.flatMap(each -> each.entrySet().stream())
                .filter(field -> field.getKey().toLowerCase(Locale.ROOT).equals(name))
                .map(Map.Entry::getValue);
    }

    private Stream<String> written(Fact fact) {
        return switch (fact) {
            case SOURCE -> Stream.of(job.source());
            case ORIGIN_SYSTEM -> Stream.of(job.particulars().origin());
            case NUMBER -> Stream.of(job.number());
            case CUSTOMER -> Stream.of(job.customer());
            case CUSTOMER_PO -> Stream.of(job.customerPo());
            case BATCH -> Stream.of(job.particulars().batch());
            case SITE -> Stream.of(job.particulars().site());
            case SERVICE -> Stream.of(job.requestedService());
            case CARTON -> Stream.of(job.particulars().carton());
            case TERMS -> Stream.of(job.terms().words());
            case CARRIER_ACCOUNT -> Stream.of(job.carrierAccount());
            case NOTES -> Stream.of(job.particulars().notes());
            case REFERENCE -> job.particulars().references().stream();
            case NO_PRICES -> job.particulars().noPrices() ? Stream.of("yes") : Stream.empty();
            case COMPANY -> Stream.of(job.shipTo().company());
            case PERSON -> Stream.of(job.shipTo().person());
            case STREET -> Stream.of(job.shipTo().street(), job.shipTo().street2());
            case CITY -> Stream.of(job.shipTo().city());
            case STATE -> Stream.of(job.shipTo().state());
            case POSTAL_CODE -> Stream.of(job.shipTo().postalCode());
            case COUNTRY -> Stream.of(job.shipTo().country());
            case PLACE_KIND -> Stream.of(job.placeKind().words());
            case PHONE -> Stream.of(job.phone());
            case MAIL -> Stream.of(job.mail());
            default -> job.lines().stream().flatMap(line -> written(fact, line));
        };
    }

    private static Stream<String> written(Fact fact, Line line) {
        return switch (fact) {
            case ITEM -> Stream.of(line.item());
            case DESCRIPTION -> Stream.of(line.description());
            case HS_CODE -> Stream.of(line.goods().hsCode());
            case LINE_ORIGIN -> Stream.of(line.goods().origin());
            case GOODS -> line.goods().goodsClass().stream().map(each -> each.words());
            case FREIGHT_CLASS -> line.goods().freightClass().stream().map(Object::toString);
            case HANDLING -> line.handling().words().stream();
            case LOT -> line.lots().stream().map(each -> each.lot());
            default -> throw new IllegalArgumentException(fact + " has no text");
        };
    }

    private List<Long> look(Fact fact) {
        return switch (fact) {
            case DAYS_TO_PROMISE ->
                job.promiseDate().map(day -> ChronoUnit.DAYS.between(today, day)).stream()
                        .toList();
            case QUOTED_FREIGHT -> job.quotedFreightCents().stream().toList();
            case PIECES ->
                List.of(job.lines().stream().mapToLong(Line::quantityOrdered).sum());
            case LINES -> List.of((long) job.lines().size());
            case WEIGHT -> ofAll(job.weight().map(Weight::eighthNanograms));
            case VALUE -> ofAll(job.valueCents());
            case QUANTITY -> eachLine(line -> Optional.of((long) line.quantityOrdered()));
            case UNIT_WEIGHT -> eachLine(line -> line.unitWeight().map(Weight::eighthNanograms));
            case UNIT_VALUE -> eachLine(line -> line.goods().unitValueCents());
            default -> throw new IllegalArgumentException(fact + " is no figure");
        };
    }

    private List<Long> ofAll(Optional<Long> sum) {
        return job.lines().isEmpty() ? List.of() : sum.stream().toList();
    }

    private List<Long> eachLine(Function<Line, Optional<Long>> ofOne) {
        return job.lines().stream().flatMap(line -> ofOne.apply(line).stream()).toList();
    }
}
