package kindveil.studio.work.making;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import kindveil.making.Clock;
import kindveil.making.Making;
import kindveil.reading.SeriesReading;
import org.jspecify.annotations.Nullable;

/**
 * The next pull of a series while others dry: whether it can be begun before anything else is too late.
 *
 * @param next that waits to be begun
 * @param hands how long they are tied to it until it can be left
 * @param bound when something else is too late, or null
 * @param asks when another pull first asks for a hand again, or null
 * @param plateBusy whether every gel plate of the series is in use
 */
public record Meanwhile(StoredMaking next, Making making, Duration hands, @Nullable Instant bound, @Nullable Instant asks, boolean plateBusy) {
    /** Of each series the next to be begun, where one of its pulls is under way already. @param active all that are followed */
    public static List<Meanwhile> of(List<StoredMaking> active, Instant now) {
        List<StoredMaking> waiting = active.stream().filter(making -> making.pull() != null && !making.underWay()).sorted(Comparator.comparingInt(Meanwhile::number)).toList();
        return waiting.stream().filter(one -> waiting.stream().filter(other -> Pull.together(one.pull(), other.pull())).findFirst().orElseThrow() == one).map(one -> of(one, active, now)).toList();
    }

    private static int number(StoredMaking making) {
        return Optional.ofNullable(making.pull()).map(Pull::number).orElse(1);
    }

    private static Meanwhile of(StoredMaking next, List<StoredMaking> active, Instant now) {
        Making making = next.making();
        List<StoredMaking> others = active.stream().filter(other -> !other.id().equals(next.id()) && other.underWay()).toList();
        List<Making> walked = others.stream().map(StoredMaking::making).toList();
        Instant bound = walked.stream().flatMap(Meanwhile::clocks).map(Clock::gone).filter(Objects::nonNull).min(Comparator.naturalOrder()).orElse(null);
        Instant asks = walked.stream().flatMap(one -> one.clock().stream()).map(Clock::opens).filter(Objects::nonNull).filter(now::isBefore).min(Comparator.naturalOrder()).orElse(null);
        boolean plated = making.coming().stream().anyMatch(SeriesReading::onPlate);
        long held = others.stream().filter(other -> Pull.together(next.pull(), other.pull())).map(StoredMaking::making).filter(Meanwhile::holdsPlate).count();
        return new Meanwhile(next, making, SeriesReading.tied(making.forecast(now)), bound, asks, plated && next.pull() != null && held >= next.pull().plates());
    }

    private static Stream<Clock> clocks(Making making) {
        return Stream.concat(making.clock().stream(), making.running().stream().map(Clock.Running::clock));
    }

    private static boolean holdsPlate(Making making) {
        return making.moments().stream().anyMatch(moment -> SeriesReading.onPlate(moment.act())) && making.coming().stream().anyMatch(SeriesReading::onPlate);
    }

    /** Whether it can be begun now and left before anything else is too late. */
    public boolean fits(Instant now) {
        return !plateBusy && (bound == null || !now.plus(hands).isAfter(bound));
    }
}
