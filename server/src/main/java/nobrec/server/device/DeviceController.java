package nobrec.server.device;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import nobrec.server.api.security.ForEveryone;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a desk can have. */
@RestController
@Tag(name = "devices")
class DeviceController {

    private final DeskDevices devices;

    DeviceController(DeskDevices devices) {
        this.devices = devices;
    }

    /** The scales and measuring frames of the shop. */
    @GetMapping("/api/v1/devices")
    @ForEveryone
    List<DeskDevices.Device> devices() {
        return devices.all();
    }
}
