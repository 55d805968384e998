package kindveil.studio.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import kindveil.measure.Length;
import kindveil.measure.UnitSystem;
import kindveil.measure.Volume;
import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.room.StudioRoom;
import kindveil.way.Wish;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SayTest {
    /** A Thursday evening at the river: 18:48 by the wall clock. */
    private static final Instant NOW = Instant.parse("2026-03-05T17:48:00Z");
    private static final ZoneId ZONE = ZoneId.of("Europe/Vienna");

    private static Say say(UnitSystem units) {
        return say(units, NOW);
    }

    private static Say say(UnitSystem units, Instant now) {
        Rooms rooms = mock(Rooms.class);
        when(rooms.now()).thenReturn(new StudioRoom(0, 21.4, 48, units, now));
        return new Say(rooms, Clock.fixed(now, ZONE), ZONE);
    }

    @ParameterizedTest
    @CsvSource({"0,18:48", "52,19:40", "900,Fri 09:48", "-1440,Wed 18:48", "14400,'15 Mar, 18:48'"})
    void time_nearAndFar_saysAsMuchAsIsNeeded(long minutes, String words) {
        assertEquals(words, say(UnitSystem.METRIC).time(NOW.plus(Duration.ofMinutes(minutes))));
    }

    /** Half an hour before the clocks go forward, and before they go back: what is 40 minutes off is 40 minutes off. */
    @ParameterizedTest
    @CsvSource({"2026-03-29T00:30:00Z,40,03:10,in 40 min", "2026-10-25T00:30:00Z,-40,01:50,40 min ago", "2026-10-25T00:30:00Z,10,02:40 summer time,in 10 min",
            "2026-10-25T00:30:00Z,40,02:10 winter time,in 40 min", "2026-10-25T00:30:00Z,100,03:10,in 100 min", "2026-10-24T12:00:00Z,790,Sun 02:10 winter time,in 13 h 10"})
    void time_overDaylightSaving_saysTheWallClockAndWhichOfTwo(Instant now, long minutes, String words, String away) {
        Say say = say(UnitSystem.METRIC, now);
        assertEquals(words, say.time(now.plus(Duration.ofMinutes(minutes))));
        assertEquals(away, say.away(now.plus(Duration.ofMinutes(minutes))));
    }

    @ParameterizedTest
    @CsvSource({"0,now", "19,now", "-19,now", "30,in 30 s", "3120,in 52 min", "-11400,3 h 10 ago"})
    void away_eitherSide_saysWhich(long seconds, String words) {
        assertEquals(words, say(UnitSystem.METRIC).away(NOW.plusSeconds(seconds)));
    }

    @Test
    void heading_namesThePartOfTheDay() {
        assertEquals("Thursday evening, 18:48", say(UnitSystem.METRIC).heading());
    }

    @Test
    void both_studiosOwnMeasureFirst() {
        assertEquals("120 mm (4 3/4 in)", say(UnitSystem.METRIC).both(Length.ofMillimetres(120)));
        assertEquals("4 3/4 in (120 mm)", say(UnitSystem.US).both(Length.ofMillimetres(120)));
        assertEquals("1/2 tsp (2.2 ml)", say(UnitSystem.US).both(new Volume(2.2)));
        assertEquals("120 × 160 mm", say(UnitSystem.METRIC).size(Length.ofMillimetres(120), Length.ofMillimetres(160)));
        assertEquals("71 °F · 48 %", say(UnitSystem.US).air());
    }

    @Test
    void problems_eachKind_isCollectedAndTheRestIsRead() {
        Problems problems = new Problems();
        assertEquals(Wish.SOFT, problems.choice(Wish.class, "Wish", "SOFT"));
        assertNull(problems.choice(Wish.class, "Wish", "SHINY"));
        assertNull(problems.choice(Wish.class, "Wish", null));
        assertEquals(3, problems.whole("Copies", "3", 1, 50, "", "x"));
        assertNull(problems.whole("Copies", "2.5", 1, 50, "", "Print whole sheets."));
        assertNull(problems.number("Temperature", "warm", 5, 40, "°C", "x"));
        assertEquals(4, problems.words().size());
        assertEquals(List.of("Copies: “2.5” cannot be used. Expected a whole number. Print whole sheets."), problems.words().subList(2, 3));
        assertTrue(problems.any());
    }
}
