package nobrec.server.carton;

import java.util.List;
import nobrec.core.carton.CartonSet;
import nobrec.core.carton.CartonType;
import nobrec.server.platform.Remembered;
import nobrec.server.platform.SetUpVersion;
import org.springframework.stereotype.Service;

/** The carton types of the shop. */
@Service
public class CartonTypes {

    private final CartonTypeMapper mapper;
    private final SetUpVersion version;
    private final Remembered<CartonSet> types;

    CartonTypes(CartonTypeMapper mapper, SetUpVersion version) {
        this.mapper = mapper;
        this.version = version;
        this.types = new Remembered<>(
                version,
                () -> new CartonSet(
                        mapper.all().stream().map(CartonTypeRow::cartonType).toList()));
    }

    public CartonSet set() {
        return types.get();
    }

    /** In the shop's order. */
    public List<CartonType> all() {
        return set().all();
    }

    public void add(CartonType carton) {
        mapper.insert(CartonTypeRow.of(carton));
        version.changed();
    }
}
