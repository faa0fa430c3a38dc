package nobrec.server.device;

import java.util.List;
import java.util.Optional;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.refusal.Refusal;
import nobrec.server.connection.Adapters;
import nobrec.server.connection.Connection;
import nobrec.server.connection.Connections;
import nobrec.server.connection.OutsideTransactions;
import org.springframework.stereotype.Component;

/** The scales and measuring frames of the shop, each read through its connection's adapter. */
@Component
public class DeskDevices {

    /** What a device is. */
    public enum Kind {
        SCALE,
        FRAME
    }

    /** A device that a desk can have. */
    public record Device(String code, String name, Kind kind) {}

    private final Connections connections;
    private final Adapters<ScalePort> scales;
    private final Adapters<FramePort> frames;

    DeskDevices(Connections connections, List<ScalePort> scales, List<FramePort> frames) {
        this.connections = connections;
        this.scales = new Adapters<>(scales);
        this.frames = new Adapters<>(frames);
    }

    public List<Device> all() {
        return connections.all().stream()
                .filter(each -> scales.has(each.adapter()) || frames.has(each.adapter()))
                .map(each -> new Device(each.code(), each.name(), scales.has(each.adapter()) ? Kind.SCALE : Kind.FRAME))
                .toList();
    }

    /** @throws Refusal when it gives no weight */
    public Weight weigh(Desk desk) {
        Connection scale = connections.to(desk.scale().orElse(Connections.SCALE));
        OutsideTransactions.require(scale);
        ScaleReading reading = scales.of(scale).read(scale);
        if (reading instanceof ScaleReading.Refused refused) {
            throw Refusal.outside("Scale", refused.reason(), refused.remedy());
        }
        return ((ScaleReading.Stable) reading).weight();
    }

    /**
     * @return empty where the desk has no frame
     * @throws Refusal when it gives no size
     */
    public Optional<Size> measure(Desk desk) {
        return desk.frame().map(code -> {
            Connection frame = connections.to(code);
            OutsideTransactions.require(frame);
            FrameReading reading = frames.of(frame).read(frame);
            if (reading instanceof FrameReading.Refused refused) {
                throw Refusal.outside("Measuring frame", refused.reason(), refused.remedy());
            }
            return ((FrameReading.Measured) reading).size();
        });
    }
}
