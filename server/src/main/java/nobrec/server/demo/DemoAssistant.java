package nobrec.server.demo;

import java.util.UUID;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.server.device.PackageForScale;
import nobrec.server.platform.outside.OutsideCalls;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** In the demo nobody stands at the scale: this puts the open package on the stand-in before it is read. */
@Component
@ConditionalOnProperty("nobrec.demo.folder")
class DemoAssistant {

    private static final Weight WHEN_UNKNOWN = Weight.of("2", WeightUnit.POUND);

    private final OutsideCalls calls;

    DemoAssistant(OutsideCalls calls) {
        this.calls = calls;
    }

    @EventListener
    void on(PackageForScale requested) {
        Weight weight = requested.expectedWeight().orElse(WHEN_UNKNOWN);
        calls.send(
                "Scale",
                "POST",
                "/scale/assistant",
                UUID.randomUUID().toString(),
                "{\"expectedGrams\":" + weight.in(WeightUnit.GRAM, 3) + "}");
    }
}
