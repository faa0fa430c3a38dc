package nobrec.core.departure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nobrec.core.address.PlaceKind;
import nobrec.core.carton.CartonKind;
import nobrec.core.identifier.TrackingForm;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.service.Carrier;
import nobrec.core.service.Destination;
import nobrec.core.service.Service;
import nobrec.core.service.ServiceLimits;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ExpectedServiceTest {

    private static final List<Service> SERVICES = List.of(
            service("NIGHT", "Dunlin Overnight", false, "150", PlaceKind.PO_BOX),
            service("SAVER", "Plover Saver", true, "20", PlaceKind.PO_BOX),
            service("GROUND", "Plover Ground", true, "150", PlaceKind.PO_BOX),
            service("POST", "Godwit Parcel", true, "70"),
            service("LTL", "Curlew Freight LTL", true, "4000"));

    private static Service service(String code, String name, boolean ground, String limit, PlaceKind... excluded) {
        return service(code, name, ground, limit, Set.of(), excluded);
    }

    private static Service service(
            String code, String name, boolean ground, String limit, Set<String> countries, PlaceKind... excluded) {
        return new Service(
                code,
                name,
                new Carrier("PLOVER", "Plover Parcel", false, false, TrackingForm.LETTERS_MODULO_10),
                ground,
                new ServiceLimits(
                        Weight.of(limit, WeightUnit.POUND),
                        Length.of("108", LengthUnit.INCH),
                        Length.of("165", LengthUnit.INCH),
                        Set.of(excluded),
                        countries),
                new Service.Transit(List.of(1, 1, 2, 2, 3, 4, 4, 5), Map.of()),
                Set.of(code.equals("LTL") ? CartonKind.PALLET : CartonKind.CARTON),
                Set.of(),
                Set.of(),
                List.of());
    }

    @ParameterizedTest
    @CsvSource({
        "SAVER, Dunlin Overnight, BUSINESS, SAVER",
        "'', dunlin overnight, BUSINESS, NIGHT",
        "'', '', BUSINESS, GROUND",
        "'', pigeon, RESIDENCE, GROUND",
        "'', '', PO_BOX, POST",
        "GONE, '', BUSINESS, GROUND",
    })
    void byHandThenAskedForThenGround(String chosen, String requested, PlaceKind kind, String expected) {
        Optional<String> byHand = Optional.of(chosen).filter(code -> !code.isEmpty());
        assertThat(ExpectedService.of(SERVICES, byHand, requested, to("US", kind))
                        .code())
                .isEqualTo(expected);
    }

    @Test
    void withoutAGroundServiceAnyIsBetterThanNone() {
        assertThat(ExpectedService.of(SERVICES.subList(0, 1), Optional.empty(), "", to("US", PlaceKind.PO_BOX))
                        .code())
                .isEqualTo("NIGHT");
    }

    /** A service that does not go there would promise a departure that never comes. */
    @Test
    void abroadGoesByWhatGoesThere() {
        List<Service> services = new ArrayList<>(SERVICES);
        services.add(service("ABROAD", "Godwit Abroad", false, "44", Set.of("CA")));
        assertThat(ExpectedService.of(services, Optional.empty(), "", to("CA", PlaceKind.BUSINESS))
                        .code())
                .isEqualTo("ABROAD");
    }

    private static Destination to(String country, PlaceKind kind) {
        return new Destination("US", country, "53703", kind, Optional.empty());
    }
}
