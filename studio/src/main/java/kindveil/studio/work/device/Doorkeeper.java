package kindveil.studio.work.device;

import java.nio.charset.StandardCharsets;
import com.github.benmanes.caffeine.cache.Ticker;
import jakarta.annotation.PostConstruct;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.HexFormat;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import kindveil.measure.UnusableValue;
import kindveil.studio.work.NotFound;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;

/** Lets other devices in, once each by the passcode, and shuts them out again. */
@Service
public class Doorkeeper {
    /** Wrong ones in a row that cost nothing but themselves. */
    public static final int FREE_TRIES = 4;
    public static final int SHORTEST = 8;
    /** What the digest takes in. */
    public static final int LONGEST = 60;
    public static final int MOST_DEVICES = 20;
    private static final int LONGEST_NAME = 40;
    private static final Duration FIRST_WAIT = Duration.ofSeconds(30);
    private static final int DOUBLED_AT_MOST = 7;
    private static final int TOKEN_BYTES = 32;
    private static final int DIGITS = 100_000_000;

    private final Doors doors;
    private final ApplicationEventPublisher others;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();
    private final PasswordEncoder digests = new BCryptPasswordEncoder();
    private final Map<UUID, Instant> seen = new ConcurrentHashMap<>();
    /** As last read: asked at every request from beyond this machine. */
    private volatile @Nullable Door known;
    /** Runs on whatever the clock on the wall is set to. */
    private final Ticker ticker;
    private int wrong;
    /** By the ticker; a studio that starts again waits from then on as long as the wrong ones before earned. */
    private long waitsUntil;

    Doorkeeper(Doors doors, ApplicationEventPublisher others, Clock clock, Ticker ticker) {
        this.doors = doors;
        this.others = others;
        this.clock = clock;
        this.ticker = ticker;
    }

    /** Takes up the wrong ones of before. */
    @PostConstruct
    synchronized void open() {
        wrong = doors.wrongTries();
        waitsUntil = ticker.read() + earned().toNanos();
    }

    private Duration earned() {
        return wrong < FREE_TRIES ? Duration.ZERO : FIRST_WAIT.multipliedBy(1L << Math.min(wrong - FREE_TRIES, DOUBLED_AT_MOST));
    }

    private void wrong(int tries) {
        wrong = tries;
        waitsUntil = ticker.read() + earned().toNanos();
        doors.wrongTries(tries);
    }

    /** Let in. @param token to be shown at each visit */
    public record Admitted(String token, Door.Device device) {
    }

    public Door door() {
        Door door = known;
        if (door == null) {
            door = doors.now();
            known = door;
        }
        return door;
    }

    private void replace(Door door) {
        try {
            doors.replace(door);
        } finally {
            known = null;
        }
    }

    /** Makes a passcode of eight digits where there is none yet, and says it this once. */
    public Optional<String> first() {
        if (door().passcode() != null) {
            return Optional.empty();
        }
        String made = "%08d".formatted(random.nextInt(DIGITS));
        replace(door().passcode(digest(made)));
        return Optional.of(made.substring(0, 4) + " " + made.substring(4));
    }

    private String digest(String passcode) {
        return String.valueOf(digests.encode(passcode));
    }

    /** Another passcode; whoever is in stays in. Waits that wrong ones earned are over. */
    public synchronized void change(int version, String passcode) {
        String told = plain(passcode);
        UnusableValue.requireWithin("length of the passcode", told.length(), SHORTEST, LONGEST, " signs", "Spaces are not counted.");
        replace(door().at(version).passcode(digest(told)));
        wrong(0);
    }

    /** Spaces are for reading. */
    private static String plain(String passcode) {
        return passcode.replaceAll("\\s", "");
    }

    /** Lets a device in that knows the passcode. */
    public synchronized Admitted enter(String passcode, String name) {
        Duration left = Duration.ofNanos(waitsUntil - ticker.read());
        if (left.isPositive()) {
            long seconds = Math.max(1, left.plusMillis(999).toSeconds());
            throw new UnusableValue("Passcode", "one more try", "after %s".formatted(seconds < 100 ? seconds + " s" : (seconds + 59) / 60 + " min"),
                    "There were %d wrong ones in a row. Wait, or set another passcode at the studio's own machine.".formatted(wrong));
        }
        String called = name.strip();
        UnusableValue.requireWithin("length of the name", called.length(), 1, LONGEST_NAME, " letters", "Say what it is, for example tablet by the window.");
        Door door = door();
        UnusableValue.requireWithin("devices let in", door.devices().size() + 1, 1, MOST_DEVICES, "", "Shut one out first, on the Room page of the studio's own machine.");
        String told = plain(passcode);
        if (door.passcode() == null || told.length() > LONGEST || !digests.matches(told, door.passcode())) {
            wrong(wrong + 1);
            throw new UnusableValue("Passcode", "what was typed", "the one set on the studio's own machine", "Type it again; spaces do not matter.");
        }
        if (wrong > 0) {
            wrong(0);
        }
        byte[] bytes = new byte[TOKEN_BYTES];
        random.nextBytes(bytes);
        String token = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        Door.Device device = new Door.Device(UUID.randomUUID(), called, sha256(token), clock.instant());
        replace(door.with(device));
        return new Admitted(token, device);
    }

    private static String sha256(String token) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** Whose token it is. */
    public Optional<Door.Device> showing(String token) {
        Optional<Door.Device> device = door().showing(sha256(token));
        device.ifPresent(one -> seen.put(one.id(), clock.instant()));
        return device;
    }

    /** When it last came, since the studio was opened. */
    public Optional<Instant> seen(UUID device) {
        return Optional.ofNullable(seen.get(device));
    }

    public void shutOut(int version, UUID device) {
        door().device(device).orElseThrow(() -> new NotFound("device", device));
        replace(door().at(version).without(device));
        others.publishEvent(new Told.ShutOut(device));
    }

    /** A device goes of itself. */
    public synchronized void leave(UUID device) {
        if (door().device(device).isPresent()) {
            replace(door().without(device));
        }
        others.publishEvent(new Told.ShutOut(device));
    }

    /** Alarms ring there from now on. @param device or null for this machine */
    public void ring(@Nullable UUID device) {
        Door door = door();
        if (device != null) {
            door.device(device).orElseThrow(() -> new NotFound("device", device));
        }
        if (!java.util.Objects.equals(door.rings(), device)) {
            replace(door.ringing(device));
            others.publishEvent(new Told.Rings(device, door.ringing(device).ringing()));
        }
    }
}
