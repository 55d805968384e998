package kindveil.making;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.List;
import kindveil.making.Clock.Phase;
import kindveil.way.Times;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClockTest {
    private static final Instant ZERO = Instant.parse("2026-03-05T18:00:00Z");

    private static Instant s(long seconds) {
        return ZERO.plusSeconds(seconds);
    }

    /** A dwell of 1:50 to 2:30, nearly over from 2:17: as a film is lifted. */
    private static final Clock DWELL = new Clock(ZERO, s(110), s(110), s(137), s(150), "Lift it wet.", Times.Reach.REACHED, null);
    private static final Clock DRY = new Clock(ZERO, s(3600), s(5400), null, null, "Not dry enough lifts.", Times.Reach.REACHED, null);

    @ParameterizedTest
    @CsvSource({"0,TOO_SOON", "109,TOO_SOON", "110,GOOD", "136,GOOD", "137,CLOSING", "149,CLOSING", "150,GONE", "9999,GONE"})
    void phase_ofADwell_changesExactlyAtItsMarks(long second, Phase phase) {
        assertEquals(phase, DWELL.phase(s(second)));
    }

    @ParameterizedTest
    @CsvSource({"3599,TOO_SOON", "3600,GOOD", "5400,GOOD", "9999999,GOOD"})
    void phase_ofDrying_isNeverTooLate(long second, Phase phase) {
        assertEquals(phase, DRY.phase(s(second)));
        assertFalse(DRY.closes());
    }

    @Test
    void all_severalWindows_openWithTheLastAndCloseWithTheFirst() {
        Clock brush = new Clock(s(-60), s(-60), s(-60), s(1200), s(1740), "The brush hardens.", Times.Reach.REACHED, null);
        Clock both = Clock.all(List.of(DRY, brush));
        assertEquals(s(3600), both.opens());
        assertEquals(s(5400), both.advised());
        assertEquals(s(1200), both.closing());
        assertEquals(s(1740), both.gone());
        assertEquals(Phase.TOO_SOON, both.phase(s(1000)));
        assertEquals(Clock.all(List.of(brush, DRY)).gone(), both.gone());
    }

    @Test
    void all_ofNone_isNone() {
        assertNull(Clock.all(List.of()));
        assertEquals(DWELL, Clock.all(List.of(DWELL)));
    }

    @Test
    void all_neverInThisRoom_isSaid() {
        Clock never = new Clock(ZERO, null, null, null, null, "damp", Times.Reach.NEVER, null);
        assertTrue(Clock.all(List.of(DWELL, never)).never());
    }
}
