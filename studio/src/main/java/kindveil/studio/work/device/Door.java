package kindveil.studio.work.device;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Who may come in.
 *
 * @param version counts its changes
 * @param passcode its digest, or null until there is one
 * @param devices let in, the first first
 * @param rings the device at which alarms ring, or null for this machine
 */
public record Door(int version, @Nullable String passcode, List<Device> devices, @Nullable UUID rings) {
    public static final Door CLOSED = new Door(-1, null, List.of(), null);

    /** One that was let in. @param digest of what it shows at each visit */
    public record Device(UUID id, String name, String digest, Instant since) {
    }

    public Door {
        devices = List.copyOf(devices);
    }

    public Door at(int otherVersion) {
        return new Door(otherVersion, passcode, devices, rings);
    }

    Door passcode(String other) {
        return new Door(version, other, devices, rings);
    }

    Door with(Device device) {
        return new Door(version, passcode, Stream.concat(devices.stream(), Stream.of(device)).toList(), rings);
    }

    Door without(UUID device) {
        return new Door(version, passcode, devices.stream().filter(each -> !each.id().equals(device)).toList(), device.equals(rings) ? null : rings);
    }

    Door ringing(@Nullable UUID device) {
        return new Door(version, passcode, devices, device);
    }

    /** Where alarms ring, in words. */
    public String ringing() {
        return Optional.ofNullable(rings).flatMap(this::device).map(Device::name).orElse("the studio's own machine");
    }

    public Optional<Device> device(UUID id) {
        return devices.stream().filter(each -> each.id().equals(id)).findFirst();
    }

    Optional<Device> showing(String digest) {
        return devices.stream().filter(each -> each.digest().equals(digest)).findFirst();
    }
}
