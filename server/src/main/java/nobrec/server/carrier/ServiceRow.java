package nobrec.server.carrier;

import java.util.Arrays;
import java.util.stream.Collectors;
import nobrec.core.address.PlaceKind;
import nobrec.core.measure.Length;
import nobrec.core.measure.Weight;
import nobrec.core.rating.Carrier;
import nobrec.core.rating.Service;
import nobrec.core.rating.ServiceLimits;

/** A row of table service. */
record ServiceRow(
        String code,
        String carrierCode,
        String name,
        boolean ground,
        Weight greatestWeight,
        Length greatestLength,
        Length greatestLengthPlusGirth,
        String excludedPlaces,
        String transitDays) {

    static ServiceRow of(Service service) {
        ServiceLimits limits = service.limits();
        return new ServiceRow(
                service.code(),
                service.carrier().code(),
                service.name(),
                service.ground(),
                limits.greatestWeight(),
                limits.greatestLength(),
                limits.greatestLengthPlusGirth(),
                limits.excludedPlaces().stream().map(PlaceKind::name).sorted().collect(Collectors.joining(",")),
                service.transitDays().stream().map(String::valueOf).collect(Collectors.joining(",")));
    }

    Service service(Carrier carrier) {
        return new Service(
                code,
                name,
                carrier,
                ground,
                new ServiceLimits(
                        greatestWeight,
                        greatestLength,
                        greatestLengthPlusGirth,
                        Arrays.stream(excludedPlaces.split(","))
                                .filter(kind -> !kind.isEmpty())
                                .map(PlaceKind::valueOf)
                                .collect(Collectors.toSet())),
                Arrays.stream(transitDays.split(",")).map(Integer::valueOf).toList());
    }
}
