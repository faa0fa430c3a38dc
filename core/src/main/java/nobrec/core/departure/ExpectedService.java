package nobrec.core.departure;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nobrec.core.carton.CartonKind;
import nobrec.core.service.Destination;
import nobrec.core.service.Service;

/** Which service a job would go by, before it is packed and can be priced. */
public final class ExpectedService {

    private static final Comparator<Service> STRONGEST =
            Comparator.comparing(service -> service.limits().maximumWeight());

    private ExpectedService() {}

    /**
     * The one chosen by hand, else the one the record asks for, else the ground service for parcels that takes the most and
     * goes to such a place, else the one that takes the most in that country, else any.
     *
     * @param services at least one
     * @param chosen code of the service a person chose
     * @param requested what the record asks for, in its own words; empty text for nothing
     */
    public static Service of(
            List<Service> services, Optional<String> chosen, String requested, Destination destination) {
        return services.stream()
                .filter(service -> chosen.filter(service.code()::equals).isPresent())
                .findFirst()
                .or(() -> services.stream()
                        .filter(service -> service.isMeantBy(requested))
                        .findFirst())
                .or(() -> services.stream()
                        .filter(Service::ground)
                        .filter(service -> service.takes().contains(CartonKind.CARTON))
                        .filter(service -> service.limits().goesTo(destination))
                        .filter(service -> !service.limits().excludedPlaces().contains(destination.placeKind()))
                        .max(STRONGEST))
                .or(() -> services.stream()
                        .filter(service -> service.takes().contains(CartonKind.CARTON))
                        .filter(service -> service.limits().goesTo(destination))
                        .max(STRONGEST))
                .orElseGet(() -> services.get(0));
    }
}
