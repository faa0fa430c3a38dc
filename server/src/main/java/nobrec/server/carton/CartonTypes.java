package nobrec.server.carton;

import java.util.List;
import nobrec.core.packing.CartonType;
import nobrec.server.platform.problem.Refusal;
import org.springframework.stereotype.Service;

/** The carton types of the shop. */
@Service
public class CartonTypes {

    private final CartonTypeMapper mapper;

    CartonTypes(CartonTypeMapper mapper) {
        this.mapper = mapper;
    }

    public List<CartonType> all() {
        return mapper.all().stream().map(CartonTypeRow::cartonType).toList();
    }

    public CartonType byCode(String code) {
        return all().stream()
                .filter(carton -> carton.code().equals(code))
                .findFirst()
                .orElseThrow(() ->
                        Refusal.notFound("Carton type " + code, "Choose one of the carton types that are set up."));
    }

    public void add(CartonType carton) {
        mapper.insert(CartonTypeRow.of(carton));
    }
}
