package nobrec.server.carrier;

import java.util.Comparator;
import java.util.stream.Collectors;
import nobrec.core.address.PlaceKind;
import nobrec.core.carton.CartonKind;
import nobrec.core.customs.ExportPaper;
import nobrec.core.item.GoodsClass;
import nobrec.core.measure.Length;
import nobrec.core.measure.Weight;
import nobrec.core.service.Accessorial;
import nobrec.core.service.Carrier;
import nobrec.core.service.Service;
import nobrec.core.service.ServiceLimits;

/** A row of table service. */
record ServiceRow(
        String code,
        String carrierCode,
        String name,
        boolean ground,
        Weight maximumWeight,
        Length maximumLength,
        Length maximumLengthPlusGirth,
        String excludedPlaces,
        String countries,
        String transitDays,
        String transitPlaces,
        String takes,
        String excludedGoods,
        String accessorials,
        String exportPapers) {

    static ServiceRow of(Service service) {
        ServiceLimits limits = service.limits();
        return new ServiceRow(
                service.code(),
                service.carrier().code(),
                service.name(),
                service.ground(),
                limits.maximumWeight(),
                limits.maximumLength(),
                limits.maximumLengthPlusGirth(),
                Words.join(limits.excludedPlaces()),
                limits.countries().stream().sorted().collect(Collectors.joining(",")),
                service.transit().byZone().stream().map(String::valueOf).collect(Collectors.joining(",")),
                Words.joinPairs(service.transit().byPlace().all()),
                Words.join(service.takes()),
                Words.join(service.excludedGoods()),
                Words.join(service.accessorials()),
                Words.joinPairs(service.exportPapers().stream()
                        .collect(Collectors.toMap(each -> each.kind().name(), ExportPaper::copies))));
    }

    Service service(Carrier carrier) {
        return new Service(
                code,
                name,
                carrier,
                ground,
                new ServiceLimits(
                        maximumWeight,
                        maximumLength,
                        maximumLengthPlusGirth,
                        Words.split(excludedPlaces, PlaceKind::valueOf),
                        Words.split(countries, word -> word)),
                new Service.Transit(
                        Words.words(transitDays).stream().map(Integer::valueOf).toList(),
                        Words.splitPairs(transitPlaces)),
                Words.split(takes, CartonKind::valueOf),
                Words.split(excludedGoods, GoodsClass::valueOf),
                Words.split(accessorials, Accessorial::valueOf),
                Words.splitPairs(exportPapers).entrySet().stream()
                        .map(each -> new ExportPaper(ExportPaper.Kind.valueOf(each.getKey()), each.getValue()))
                        .sorted(Comparator.comparing(ExportPaper::kind))
                        .toList());
    }
}
