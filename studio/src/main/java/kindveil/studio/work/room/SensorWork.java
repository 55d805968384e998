package kindveil.studio.work.room;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import kindveil.drying.AirReadings;
import kindveil.drying.AirReadings.Judged;
import kindveil.drying.AirReadings.Reading;
import kindveil.drying.AirReadings.Trouble;
import kindveil.drying.Room;
import kindveil.studio.work.Outdated;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/** Lets the air of the studio follow the sensor: once a minute it is read, and where it has moved, the room is told. */
@Service
public class SensorWork {
    private static final long EVERY_MS = 60_000;
    private static final int KEPT = 90;
    /** Less than this changes no wait by a minute that matters (assumed). */
    private static final double MOVED_CELSIUS = 0.5;
    private static final double MOVED_PERCENT = 2;
    private final Sensor sensor;
    private final Followings followings;
    private final Rooms rooms;
    private final Clock clock;
    private final Deque<Reading> readings = new ArrayDeque<>();
    private @Nullable Instant first;
    /** As last read: asked once a minute. */
    private @Nullable Following known;

    SensorWork(Sensor sensor, Followings followings, Rooms rooms, Clock clock) {
        this.sensor = sensor;
        this.followings = followings;
        this.rooms = rooms;
        this.clock = clock;
    }

    /**
     * How it stands.
     *
     * @param on whether the air follows it
     * @param air what it says, evened out; nothing where it cannot be followed
     * @param last when it last said anything, or null
     */
    public record State(int version, boolean on, Optional<Room> air, Trouble trouble, @Nullable Instant last) {
    }

    public synchronized State state() {
        Following following = following();
        Judged judged = judged(clock.instant());
        return new State(following.version(), following.sensor(), judged.air(), judged.trouble(), readings.isEmpty() ? null : at(readings.getLast()));
    }

    /** Once the studio is open, so that reading it each minute asks the store for nothing. */
    @EventListener(ApplicationReadyEvent.class)
    synchronized void ready() {
        following();
    }

    private Following following() {
        Following following = known;
        if (following == null) {
            following = followings.now();
            known = following;
        }
        return following;
    }

    private Instant at(Reading reading) {
        return first == null ? clock.instant() : first.plus(reading.at());
    }

    private Judged judged(Instant now) {
        return AirReadings.judge(List.copyOf(readings), first == null ? Duration.ZERO : Duration.between(first, now));
    }

    /** Follows it from now on, or no longer. */
    public synchronized void follow(int version, boolean on) {
        known = null;
        followings.replace(new Following(version, on));
        readings.clear();
        first = null;
        if (on) {
            look();
        }
    }

    /** Reads it, and tells the room where the air has moved. */
    @Scheduled(initialDelay = EVERY_MS, fixedDelay = EVERY_MS)
    public synchronized void look() {
        if (!following().sensor()) {
            return;
        }
        Instant now = clock.instant();
        if (first == null || !readings.isEmpty() && now.isBefore(at(readings.getLast()))) {
            // a clock set back: what was read before is of another time
            first = now;
            readings.clear();
        }
        Instant since = first;
        sensor.read(now).ifPresent(measured -> {
            readings.addLast(new Reading(Duration.between(since, now), measured.celsius(), measured.percent()));
            while (readings.size() > KEPT) {
                readings.removeFirst();
            }
        });
        judged(now).air().ifPresent(air -> tell(air, now));
    }

    private void tell(Room air, Instant now) {
        StudioRoom room = rooms.now();
        double celsius = Math.round(air.temperature().celsius() * 10) / 10.0;
        double percent = Math.round(air.humidity().percent());
        if (Math.abs(celsius - room.celsius()) >= MOVED_CELSIUS || Math.abs(percent - room.percent()) >= MOVED_PERCENT) {
            try {
                rooms.replace(new StudioRoom(room.version(), celsius, percent, room.night(), room.units(), now));
            } catch (Outdated toldMeanwhile) {
                // by hand, at this moment: it is read again in a minute
            }
        }
    }
}
