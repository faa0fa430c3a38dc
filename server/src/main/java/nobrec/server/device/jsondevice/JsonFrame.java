package nobrec.server.device.jsondevice;

import java.math.BigDecimal;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import nobrec.core.limit.Limits;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.server.connection.Connection;
import nobrec.server.connection.KeyedJsonCalls;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.device.FramePort;
import nobrec.server.device.FrameReading;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Measuring frames that answer with three sides in millimeters. */
@Component
class JsonFrame implements FramePort {

    private final KeyedJsonCalls calls;

    JsonFrame(KeyedJsonCalls calls) {
        this.calls = calls;
    }

    @Override
    public String adapterName() {
        return "frame-json";
    }

    @Override
    public FrameReading read(Connection connection) {
        OutsideAnswer<JsonNode> answer =
                calls.send(connection, "POST", "/readings", UUID.randomUUID().toString(), Map.of());
        if (answer instanceof OutsideAnswer.Accepted<JsonNode> accepted) {
            return measured(accepted.result());
        }
        return answer instanceof OutsideAnswer.Refused<JsonNode> refused
                ? new FrameReading.Refused(refused.reason(), "Put the package into it.")
                : new FrameReading.Refused(
                        "The measuring frame does not answer.", "Check its cable, or type the size.");
    }

    private static FrameReading measured(JsonNode body) {
        Length length = side(body, "lengthMillimeters");
        Length width = side(body, "widthMillimeters");
        Length height = side(body, "heightMillimeters");
        return Stream.of(length, width, height)
                        .allMatch(side -> side.compareTo(new Length(0)) > 0 && side.compareTo(Limits.LENGTH) <= 0)
                ? new FrameReading.Measured(new Size(length, width, height))
                : new FrameReading.Refused("The measuring frame sent no size.", "Read again, or type the size.");
    }

    private static Length side(JsonNode body, String name) {
        return Length.of(body.path(name).decimalValue(BigDecimal.ZERO), LengthUnit.MILLIMETER);
    }
}
