package kindveil.studio.keep;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class RetentionTest {
    private static final LocalDateTime TODAY = LocalDate.of(2026, 11, 26).atTime(18, 40);

    @Test
    void staying_ofThreeDaily_areTheNewestOfEachDay() {
        List<LocalDateTime> all = new ArrayList<>();
        for (int day = 0; day < 3; day++) {
            all.add(TODAY.minusDays(day));
            all.add(TODAY.minusDays(day).minusHours(9));
        }
        assertEquals(Set.of(TODAY, TODAY.minusDays(1), TODAY.minusDays(2)), Retention.staying(all));
        assertEquals(Set.of(), Retention.staying(List.of()));
    }

    /** Thinned each day for three years, as it happens. */
    @Test
    void staying_overYears_isSevenDaysFourWeeksTwelveMonths() {
        List<LocalDateTime> kept = new ArrayList<>();
        for (int day = 1100; day >= 0; day--) {
            kept.add(TODAY.minusDays(day));
            Set<LocalDateTime> staying = Retention.staying(kept);
            kept.removeIf(at -> !staying.contains(at));
        }
        assertTrue(kept.size() <= 7 + 4 + 12, kept.size() + " kept");
        for (int day = 0; day < 7; day++) {
            assertTrue(kept.contains(TODAY.minusDays(day)), day + " days ago");
        }
        assertEquals(12, kept.stream().map(YearMonth::from).distinct().count());
        assertEquals(YearMonth.of(2025, 12), kept.stream().map(YearMonth::from).min(YearMonth::compareTo).orElseThrow());
        Set<LocalDate> weeks = kept.stream().map(at -> at.toLocalDate().minusDays(at.getDayOfWeek().getValue() - 1L)).collect(Collectors.toSet());
        for (int week = 0; week < 4; week++) {
            assertTrue(weeks.contains(LocalDate.of(2026, 11, 23).minusWeeks(week)), week + " weeks ago");
        }
    }
}
