package kindveil.studio.page.device;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import java.util.UUID;
import kindveil.studio.work.device.Door;
import org.jspecify.annotations.Nullable;

/** Who asks: a device that was let in, or this machine. */
public final class Caller {
    /** Where the gate leaves it. */
    public static final String DEVICE = "kindveil.device";
    public static final String ENTER = "/enter";
    public static final String DEVICES = "/devices";

    private Caller() {
    }

    /** In which a device keeps what it shows: other servers of this machine share its cookies. */
    public static String cookie(int port) {
        return "kindveil-device-" + port;
    }

    public static Optional<Door.Device> device(HttpServletRequest request) {
        return request.getAttribute(DEVICE) instanceof Door.Device device ? Optional.of(device) : Optional.empty();
    }

    public static @Nullable UUID id(HttpServletRequest request) {
        return device(request).map(Door.Device::id).orElse(null);
    }
}
