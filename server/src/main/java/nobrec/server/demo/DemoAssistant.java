package nobrec.server.demo;

import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.server.connection.Connection;
import nobrec.server.connection.KeyedJsonCalls;
import nobrec.server.device.PackageForScale;
import nobrec.server.platform.DemoSettings;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** In the demo nobody stands at the scale: this puts the open package on the stand-ins before they are read. */
@Component
@ConditionalOnProperty("nobrec.demo.folder")
class DemoAssistant {

    private static final Weight WHEN_UNKNOWN = Weight.of("2", WeightUnit.POUND);

    private final KeyedJsonCalls calls;
    private final Connection scale;

    DemoAssistant(KeyedJsonCalls calls, DemoSettings demo) {
        this.calls = calls;
        this.scale = new Connection(
                "SCALE-PAGE", "The scale's page", "", demo.standIns(), Duration.ofSeconds(3), Optional.empty());
    }

    @EventListener
    void on(PackageForScale requested) {
        Weight weight = requested.expectedWeight().orElse(WHEN_UNKNOWN);
        send("/scale/assistant", Map.of("expectedGrams", weight.in(WeightUnit.GRAM, 3)));
        send("/floor-scale/assistant", Map.of("grams", weight.in(WeightUnit.GRAM, 0)));
        Size size = requested.size();
        send(
                "/measuring-frame/assistant",
                Map.of(
                        "lengthMillimeters", size.length().in(LengthUnit.MILLIMETER, 0),
                        "widthMillimeters", size.width().in(LengthUnit.MILLIMETER, 0),
                        "heightMillimeters", size.height().in(LengthUnit.MILLIMETER, 0)));
    }

    private void send(String path, Map<String, ?> body) {
        calls.send(scale, "POST", path, UUID.randomUUID().toString(), body);
    }
}
