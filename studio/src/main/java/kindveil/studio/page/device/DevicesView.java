package kindveil.studio.page.device;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kindveil.studio.page.PageView;
import kindveil.studio.intake.QrCode;
import kindveil.studio.page.Say;
import kindveil.studio.work.device.Door;
import kindveil.studio.work.device.Doorkeeper;
import kindveil.studio.work.device.Lan;
import org.jspecify.annotations.Nullable;

/**
 * Other devices at the bench.
 *
 * @param open where they find the studio, or null while it does not listen for them
 * @param rings in words, where alarms ring
 */
record DevicesView(int version, @Nullable OpenView open, List<DeviceView> devices, String rings, List<String> problems) implements PageView {
    /** @param code the first address as a QR code @param modules of its sides @param fingerprint in lines */
    record OpenView(List<String> addresses, String code, int modules, List<String> fingerprint) {
        private static final int LINE = 47;
        private static final int MARGIN = 3;

        /** Of what is drawn: the code in its margin. */
        public int sides() {
            return modules + 2 * MARGIN;
        }

        static OpenView of(Lan.Open open) {
            QrCode code = QrCode.of(open.addresses().getFirst() + Caller.ENTER);
            return new OpenView(open.addresses(), code.path(), code.modules(), List.of(open.fingerprint().substring(0, LINE), open.fingerprint().substring(LINE + 1)));
        }
    }

    record DeviceView(UUID id, String name, String words) {
    }

    static DevicesView of(Doorkeeper keeper, Optional<Lan.Open> open, List<String> problems, Say say) {
        Door door = keeper.door();
        List<DeviceView> devices = door.devices().stream().map(device -> new DeviceView(device.id(), device.name(), "let in %s, %s".formatted(say.time(device.since()),
                keeper.seen(device.id()).map(seen -> "here last at " + say.time(seen)).orElse("not here since the studio was opened")))).toList();
        return new DevicesView(door.version(), open.map(OpenView::of).orElse(null), devices, door.ringing(), problems);
    }
}
