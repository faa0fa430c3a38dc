package nobrec.server.device.jsondevice;

import java.math.BigDecimal;
import java.util.Map;
import java.util.UUID;
import nobrec.core.limit.Limits;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.server.connection.Connection;
import nobrec.server.connection.KeyedJsonCalls;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.device.ScalePort;
import nobrec.server.device.ScaleReading;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Scales that answer with the grams at rest. */
@Component
class JsonScale implements ScalePort {

    private final KeyedJsonCalls calls;

    JsonScale(KeyedJsonCalls calls) {
        this.calls = calls;
    }

    @Override
    public String adapterName() {
        return "scale-json";
    }

    @Override
    public ScaleReading read(Connection connection) {
        OutsideAnswer<JsonNode> answer =
                calls.send(connection, "POST", "/readings", UUID.randomUUID().toString(), Map.of());
        if (answer instanceof OutsideAnswer.Accepted<JsonNode> accepted) {
            Weight weight = Weight.of(accepted.result().path("grams").decimalValue(BigDecimal.ZERO), WeightUnit.GRAM);
            return weight.compareTo(Weight.ZERO) > 0 && weight.compareTo(Limits.WEIGHT) <= 0
                    ? new ScaleReading.Stable(weight)
                    : new ScaleReading.Refused("The scale sent no weight.", "Read again, or type the weight.");
        }
        return answer instanceof OutsideAnswer.Refused<JsonNode> refused
                ? new ScaleReading.Refused(refused.reason(), "Put the package on it.")
                : new ScaleReading.Refused("The scale does not answer.", "Check its cable, or type the weight.");
    }
}
