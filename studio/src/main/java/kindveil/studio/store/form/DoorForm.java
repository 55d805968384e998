package kindveil.studio.store.form;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import kindveil.studio.work.device.Door;
import org.jspecify.annotations.Nullable;

/** Who may come in, as it is kept. @param passcode its digest @param rings where alarms ring, or null for this machine */
public record DoorForm(@Nullable String passcode, List<DeviceForm> devices, @Nullable UUID rings) {
    /** @param digest of what it shows */
    public record DeviceForm(UUID id, String name, String digest, String since) {
    }

    public static DoorForm of(Door door) {
        return new DoorForm(door.passcode(), door.devices().stream().map(device -> new DeviceForm(device.id(), device.name(), device.digest(), device.since().toString())).toList(), door.rings());
    }

    public Door door(int version) {
        return new Door(version, passcode, devices.stream().map(device -> new Door.Device(device.id, device.name, device.digest, Instant.parse(device.since))).toList(), rings);
    }
}
