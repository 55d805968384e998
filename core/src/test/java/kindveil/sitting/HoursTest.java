package kindveil.sitting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import kindveil.measure.UnusableValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Hours as one says them. */
class HoursTest {
    /** A Friday. */
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);
    private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
    private static final Instant NOW = TODAY.atTime(12, 0).atZone(ZONE).toInstant();

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "Fri 18-20, Sat 10-13 | Fri 27 Nov 18:00–20:00, Sat 28 Nov 10:00–13:00",
            "Friday 18–20 and Saturday 10–13 | Fri 27 Nov 18:00–20:00, Sat 28 Nov 10:00–13:00",
            "fri 6-8 pm; sat 10 am - 1 pm | Fri 27 Nov 18:00–20:00, Sat 28 Nov 10:00–13:00",
            "tonight 7-9 | Fri 27 Nov 19:00–21:00",
            "tomorrow 9.30 to 11.15, 15-16 | Sat 28 Nov 09:30–11:15, Sat 28 Nov 15:00–16:00",
            "every Tue 19-21, not Tue 1 Dec | every Tue 19:00–21:00, not Tue 1 Dec",
            "2026-12-24 22-1 | Thu 24 Dec 22:00–01:00",
            "Dec 3 10-12, 5 January 10:00-12:00 | Thu 3 Dec 10:00–12:00, Tue 5 Jan 10:00–12:00",
            "11-1 pm | ", "Sat 11-1 pm | Sat 28 Nov 11:00–13:00"})
    void said_isRead_andSaidAgain(String said, String words) {
        if (words == null) {
            assertThrows(UnusableValue.class, () -> Hours.parse(said, TODAY));
            return;
        }
        Hours hours = Hours.parse(said, TODAY);
        assertEquals(words, hours.words());
        assertEquals(hours, Hours.parse(hours.words(), TODAY), "what it says of itself is read the same");
    }

    @Test
    void whatCannotBeRead_isAllNamedAtOnce() {
        UnusableValue wrong = assertThrows(UnusableValue.class, () -> Hours.parse("Fri 18-20, sometime, Sat 25-26, every 3 Dec 10-11", TODAY));
        assertTrue(wrong.getMessage().contains("sometime") && wrong.getMessage().contains("Sat 25-26") && wrong.getMessage().contains("every 3 Dec") && !wrong.getMessage().contains("“Fri 18-20”,"), wrong.getMessage());
    }

    @ParameterizedTest
    @CsvSource({"Sun evening,2026-11-29T22:00", "Sunday 18:00,2026-11-29T18:00", "29 Nov,2026-11-29T23:59", "tonight,2026-11-27T22:00", "Sun 6 pm,2026-11-29T18:00"})
    void due_isRead(String said, LocalDateTime moment) {
        assertEquals(moment, Hours.moment(said, TODAY));
        assertEquals(moment, Hours.moment(Hours.said(moment), TODAY));
    }

    @Test
    void due_nothingSaid_isNever_andNonsenseIsRefused() {
        assertNull(Hours.moment(" ", TODAY));
        assertThrows(UnusableValue.class, () -> Hours.moment("soon", TODAY));
        assertThrows(UnusableValue.class, () -> Hours.moment("Sun 25:00", TODAY));
    }

    @Test
    void free_weeklyButWhereItIsOff_fromNowOn_joined() {
        List<Hours.Free> free = Hours.parse("every Fri 10-13, every Fri 13-14, not Fri 4 Dec, Sat 23-1", TODAY).free(NOW, 15, ZONE);
        assertEquals(List.of("2026-11-27T12:00/PT2H", "2026-11-28T23:00/PT2H", "2026-12-11T10:00/PT4H"), free.stream().map(each -> each.from().toLocalDateTime() + "/" + Duration.between(each.from(), each.to())).toList());
    }

    /** The night the clocks go back has an hour more, the other an hour less. */
    @Test
    void free_throughDaylightSaving_isAsLongAsItLasts() {
        Hours night = Hours.parse("2026-10-24 22-6, 2027-03-27 22-6", LocalDate.of(2026, 10, 1));
        List<Hours.Free> free = night.free(LocalDate.of(2026, 10, 20).atStartOfDay(ZONE).toInstant(), 200, ZONE);
        assertEquals(List.of(9L, 7L), free.stream().map(each -> Duration.between(each.from(), each.to()).toHours()).toList());
    }

    @Test
    void changed_onceOrAWeeksOwn() {
        Hours hours = Hours.parse("every Sat 10-13, every Sat 15-17, Fri 18-20", TODAY);
        List<Hours.Free> free = hours.free(NOW, 3, ZONE);
        Hours longer = hours.changed(free.get(0), new Hours.Free(free.get(0).from(), free.get(0).to().plusMinutes(45)), ZONE);
        assertEquals("every Sat 10:00–13:00, every Sat 15:00–17:00, Fri 27 Nov 18:00–20:45", longer.words());
        Hours less = hours.changed(free.get(1), null, ZONE);
        assertEquals(List.of("2026-11-27T18:00", "2026-11-28T15:00"), less.free(NOW, 3, ZONE).stream().map(each -> each.from().toLocalDateTime().toString()).toList());
        assertEquals(2, less.free(NOW, 10, ZONE).stream().filter(each -> each.from().getDayOfMonth() == 5).count(), "the week after goes on");
    }
}
