package nobrec.server.carton;

import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.core.carton.CartonKind;
import nobrec.core.carton.CartonType;
import nobrec.core.measure.Length;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/** A row of table carton_type. */
record CartonTypeRow(
        String code,
        String name,
        CartonKind kind,
        Length innerLength,
        Length innerWidth,
        Length innerHeight,
        Length outerLength,
        Length outerWidth,
        Length outerHeight,
        Weight tare,
        Weight maximumContents,
        Weight bandFrom,
        Weight bandTo,
        Money cost,
        @Nullable Weight statedWeight,
        boolean standard,
        @Nullable String suppliedBy,
        String services) {

    static CartonTypeRow of(CartonType carton) {
        return new CartonTypeRow(
                carton.code(),
                carton.name(),
                carton.kind(),
                carton.inner().length(),
                carton.inner().width(),
                carton.inner().height(),
                carton.outer().length(),
                carton.outer().width(),
                carton.outer().height(),
                carton.tare(),
                carton.maximumContents(),
                carton.bandFrom(),
                carton.bandTo(),
                carton.cost(),
                carton.statedWeight().orElse(null),
                carton.standard(),
                carton.supply().carrierCode().orElse(null),
                carton.supply().services().stream().sorted().collect(Collectors.joining(",")));
    }

    CartonType cartonType() {
        return new CartonType(
                code,
                name,
                kind,
                new Size(innerLength, innerWidth, innerHeight),
                new Size(outerLength, outerWidth, outerHeight),
                tare,
                maximumContents,
                bandFrom,
                bandTo,
                cost,
                Optional.ofNullable(statedWeight),
                standard,
                new CartonType.Supply(
                        Optional.ofNullable(suppliedBy),
                        Arrays.stream(services.split(","))
                                .filter(code -> !code.isEmpty())
                                .collect(Collectors.toSet())));
    }
}
