package kindveil.studio.page.device;

import java.util.Optional;
import java.util.UUID;
import kindveil.studio.work.device.Door;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;

/** Who asks: this machine, or a device that was let in. Spring Security holds it; handlers that are the owner's alone are {@link OwnerOnly}. */
public final class Caller {
    public static final String OWNER = "OWNER";
    public static final String LET_IN = "DEVICE";
    public static final String ENTER = "/enter";
    static final String DEVICES = "/devices";

    private Caller() {
    }

    /** In which a device keeps what it shows: other servers of this machine share its cookies. */
    public static String cookie(int port) {
        return "kindveil-device-" + port;
    }

    public static Optional<Door.Device> device() {
        Authentication asking = SecurityContextHolder.getContext().getAuthentication();
        return asking != null && asking.getPrincipal() instanceof Door.Device device ? Optional.of(device) : Optional.empty();
    }

    public static @Nullable UUID id() {
        return device().map(Door.Device::id).orElse(null);
    }

    /** Whether this machine itself asks. */
    static boolean owner() {
        Authentication asking = SecurityContextHolder.getContext().getAuthentication();
        return asking != null && asking.getAuthorities().stream().anyMatch(one -> ("ROLE_" + OWNER).equals(one.getAuthority()));
    }
}
