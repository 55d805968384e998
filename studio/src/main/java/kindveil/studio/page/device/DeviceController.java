package kindveil.studio.page.device;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import kindveil.measure.UnusableValue;
import kindveil.studio.page.Say;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.device.Door;
import kindveil.studio.work.device.Doorkeeper;
import kindveil.studio.work.device.Lan;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseCookie;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

@Controller
class DeviceController {
    /** As long as browsers keep one (RFC 6265bis). */
    private static final Duration KEPT = Duration.ofDays(400);
    /** A page of our own; nothing that could lead elsewhere. */
    private static final Pattern OWN_PAGE = Pattern.compile("/(?:[\\w-][\\w./-]*)?");
    private final Doorkeeper keeper;
    private final Lan lan;
    private final Live live;
    private final Say say;

    DeviceController(Doorkeeper keeper, Lan lan, Live live, Say say) {
        this.keeper = keeper;
        this.lan = lan;
        this.live = live;
        this.say = say;
    }

    @OwnerOnly
    @GetMapping(Caller.DEVICES)
    Object devices() {
        return devices(List.of());
    }

    private Object devices(List<String> problems) {
        return DevicesView.of(keeper, lan.open(), problems, say).in("device/devices");
    }

    @OwnerOnly
    @PostMapping(Caller.DEVICES + "/passcode")
    Object change(@RequestParam int version, @RequestParam(defaultValue = "") String passcode) {
        try {
            keeper.change(version, passcode);
            return "redirect:" + Caller.DEVICES;
        } catch (UnusableValue | Outdated refused) {
            return devices(List.of(String.valueOf(refused.getMessage())));
        }
    }

    @OwnerOnly
    @PostMapping(Caller.DEVICES + "/out")
    Object shutOut(@RequestParam int version, @RequestParam UUID device) {
        try {
            keeper.shutOut(version, device);
            return "redirect:" + Caller.DEVICES;
        } catch (Outdated outdated) {
            return devices(List.of(String.valueOf(outdated.getMessage())));
        }
    }

    @GetMapping(Caller.ENTER)
    Object way(@RequestParam(defaultValue = "/") String to) {
        return inside() ? "redirect:" + own(to) : new EnterView("", own(to), List.of()).in("device/enter");
    }

    @PostMapping(Caller.ENTER)
    Object enter(HttpServletRequest request, @RequestParam(defaultValue = "") String passcode, @RequestParam(defaultValue = "") String name, @RequestParam(defaultValue = "/") String to) {
        if (inside()) {
            return "redirect:" + own(to);
        }
        try {
            Doorkeeper.Admitted admitted = keeper.enter(passcode, name);
            return ResponseEntity.status(HttpStatus.SEE_OTHER).header(HttpHeaders.SET_COOKIE, shown(request, admitted.token(), KEPT)).header(HttpHeaders.LOCATION, own(to)).build();
        } catch (UnusableValue refused) {
            return new EnterView(name, own(to), List.of(String.valueOf(refused.getMessage()))).in("device/enter");
        }
    }

    private static boolean inside() {
        return Caller.owner() || Caller.device().isPresent();
    }

    /** A device that goes of itself: it is no longer let in, and forgets what it showed. */
    @PostMapping("/leave")
    Object leave(HttpServletRequest request) {
        Door.Device device = Caller.device().orElseThrow(() -> new UnusableValue("Device", "the studio’s own machine", "a device that was let in", "Shut other devices out on the page Other devices."));
        keeper.leave(device.id());
        return ResponseEntity.status(HttpStatus.SEE_OTHER).header(HttpHeaders.SET_COOKIE, shown(request, "", Duration.ZERO)).header(HttpHeaders.LOCATION, Caller.ENTER).build();
    }

    private static String shown(HttpServletRequest request, String token, Duration kept) {
        return ResponseCookie.from(Caller.cookie(request.getServerPort()), token).path("/").httpOnly(true).secure(true).sameSite("Strict").maxAge(kept).build().toString();
    }

    private static String own(String to) {
        return OWN_PAGE.matcher(to).matches() ? to : "/";
    }

    @GetMapping("/live")
    SseEmitter live(@RequestParam(required = false) @Nullable UUID making) {
        return live.listen(Caller.id(), making);
    }

    /** Alarms ring at the device that asks. */
    @PostMapping("/alarms")
    ResponseEntity<Void> ring() {
        keeper.ring(Caller.id());
        return ResponseEntity.noContent().build();
    }
}
