package nobrec.server.carton;

import java.util.List;
import nobrec.core.measure.Weight;
import nobrec.core.packing.CartonType;
import nobrec.server.platform.Remembered;
import nobrec.server.platform.SetUpVersion;
import nobrec.server.platform.problem.Refusal;
import org.springframework.stereotype.Service;

/** The carton types of the shop. */
@Service
public class CartonTypes {

    private final CartonTypeMapper mapper;
    private final SetUpVersion version;
    private final Remembered<List<CartonType>> types;

    CartonTypes(CartonTypeMapper mapper, SetUpVersion version) {
        this.mapper = mapper;
        this.version = version;
        this.types = new Remembered<>(
                version,
                () -> mapper.all().stream().map(CartonTypeRow::cartonType).toList());
    }

    public List<CartonType> all() {
        return types.get();
    }

    public CartonType byCode(String code) {
        return all().stream()
                .filter(carton -> carton.code().equals(code))
                .findFirst()
                .orElseThrow(() ->
                        Refusal.notFound("Carton type " + code, "Choose one of the carton types that are set up."));
    }

    /** What a package weighs without its contents: on a pallet its cartons count as well. */
    public Weight tare(CartonType packed, List<String> cartonsOnIt) {
        return cartonsOnIt.stream().map(code -> byCode(code).tare()).reduce(packed.tare(), Weight::plus);
    }

    public void add(CartonType carton) {
        mapper.insert(CartonTypeRow.of(carton));
        version.changed();
    }
}
