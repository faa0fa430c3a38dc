package nobrec.core.carton;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import nobrec.core.measure.Weight;
import nobrec.core.refusal.Refusal;

/** The carton types that a shop has set up. */
public final class CartonSet {

    private final List<CartonType> all;
    private final Map<String, CartonType> byCode;

    public CartonSet(List<CartonType> all) {
        this.all = List.copyOf(all);
        this.byCode = all.stream().collect(Collectors.toMap(CartonType::code, Function.identity()));
    }

    /** In the shop's order. */
    public List<CartonType> all() {
        return all;
    }

    public Optional<CartonType> find(String code) {
        return Optional.ofNullable(byCode.get(code));
    }

    /** @throws Refusal when there is none of that code */
    public CartonType byCode(String code) {
        CartonType found = byCode.get(code);
        if (found == null) {
            throw Refusal.notFound("Carton type " + code, "Choose one of the carton types that are set up.");
        }
        return found;
    }

    /** What a package weighs without its contents: on a pallet its cartons count as well. */
    public Weight tare(CartonType packed, Collection<String> cartonsOnIt) {
        return cartonsOnIt.stream().map(code -> byCode(code).tare()).reduce(packed.tare(), Weight::plus);
    }
}
