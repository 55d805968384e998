package kindveil.studio;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;

/** The machine's clock, put forward by as much as a test says. */
public final class TurnableClock extends Clock {
    private volatile Duration ahead = Duration.ZERO;
    private volatile Duration passed = Duration.ZERO;

    public void turnTo(Duration aheadOfNow) {
        ahead = aheadOfNow;
    }

    public void forward(Duration more) {
        ahead = ahead.plus(more);
        passed = passed.plus(more);
    }

    /** Nanoseconds that passed: put forward with it, and never set back. */
    public long passed() {
        return System.nanoTime() + passed.toNanos();
    }

    @Override
    public ZoneId getZone() {
        return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(ZoneId zone) {
        throw new UnsupportedOperationException("tests tell time in UTC");
    }

    @Override
    public Instant instant() {
        return Instant.now().plus(ahead);
    }
}
