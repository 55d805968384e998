package kindveil.studio.keep;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.YearMonth;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Which backups stay: the newest of each of the last {@value #DAYS} days, {@value #WEEKS} weeks and {@value #MONTHS} months that have one. */
final class Retention {
    static final int DAYS = 7;
    static final int WEEKS = 4;
    static final int MONTHS = 12;

    private Retention() {
    }

    static Set<LocalDateTime> staying(List<LocalDateTime> all) {
        Set<LocalDateTime> staying = new HashSet<>();
        staying.addAll(newest(all, LocalDateTime::toLocalDate, DAYS));
        staying.addAll(newest(all, Retention::week, WEEKS));
        staying.addAll(newest(all, YearMonth::from, MONTHS));
        return staying;
    }

    /** The Monday it begins with. */
    private static LocalDate week(LocalDateTime at) {
        return at.toLocalDate().minusDays(at.getDayOfWeek().getValue() - 1L);
    }

    private static <K extends Comparable<? super K>> List<LocalDateTime> newest(List<LocalDateTime> all, Function<LocalDateTime, K> time, int most) {
        return all.stream().collect(Collectors.toMap(time, at -> at, (a, b) -> a.isAfter(b) ? a : b)).entrySet().stream()
                .sorted(java.util.Map.Entry.<K, LocalDateTime>comparingByKey(Comparator.reverseOrder())).limit(most).map(java.util.Map.Entry::getValue).toList();
    }
}
