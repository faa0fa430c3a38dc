package nobrec.server.demo;

import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.server.connection.Connection;
import nobrec.server.connection.KeyedJsonCalls;
import nobrec.server.device.PackageForScale;
import nobrec.server.platform.DemoSettings;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** In the demo nobody stands at the scale: this puts the open package on the stand-in before it is read. */
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
        calls.send(
                scale,
                "POST",
                "/scale/assistant",
                UUID.randomUUID().toString(),
                Map.of("expectedGrams", weight.in(WeightUnit.GRAM, 3)));
    }
}
