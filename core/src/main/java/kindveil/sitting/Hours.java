package kindveil.sitting;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.Month;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import kindveil.measure.UnusableValue;
import org.jspecify.annotations.Nullable;

/**
 * When hands are free, as one says it: “Fri 18–20, Sat 10–13, every Tue 19–21, not Tue 1 Dec”. A day without a date is the next of its
 * name; a time before the one it begins at is the next day's.
 */
public record Hours(List<Entry> entries) {
    public static final Hours NONE = new Hours(List.of());
    public static final int MOST = 60;
    /** A sitting is no shorter, in minutes. */
    public static final int SHORTEST = 5;
    private static final String DAY = "(?<day>mon|tue|wed|thu|fri|sat|sun|today|tonight|tomorrow)[a-z]*\\.?";
    private static final String DATE = "(?<date>\\d{4}-\\d{1,2}-\\d{1,2}|\\d{1,2}\\.? ?(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\\.?|(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\\.? \\d{1,2})";
    private static final String TIME = "\\d{1,2}(?:[:.]\\d{2})? ?(?:am|pm)?";
    private static final Pattern WHEN = Pattern.compile("(?<kind>every |not )?(?:" + DAY + ")?,? ?(?:" + DATE + ")? ?(?:(?<from>" + TIME + ") ?(?:-|–|to|until) ?(?<to>" + TIME + "))?");
    private static final Pattern MOMENT = Pattern.compile("(?:" + DAY + ")?,? ?(?:" + DATE + ")? ?(?:(?<part>morning|noon|afternoon|evening|night)|(?<at>" + TIME + "))?");
    private static final int NOON = 12;
    private static final String EXAMPLE = "Say it as “Fri 18–20, Sat 10–13, every Tue 19–21, not Tue 1 Dec”.";

    /** One thing said. */
    public sealed interface Entry {
        String words();
    }

    /** Each week. */
    public record Weekly(DayOfWeek day, LocalTime from, LocalTime to) implements Entry {
        @Override
        public String words() {
            return "every %s %s–%s".formatted(short3(day), from, to);
        }
    }

    /** Once. */
    public record Once(LocalDate on, LocalTime from, LocalTime to) implements Entry {
        @Override
        public String words() {
            return "%s %s–%s".formatted(said(on), from, to);
        }
    }

    /** Nothing of what is weekly on that day. */
    public record Off(LocalDate on) implements Entry {
        @Override
        public String words() {
            return "not " + said(on);
        }
    }

    public Hours {
        entries = List.copyOf(entries);
        UnusableValue.requireWithin("Times said", entries.size(), 0, MOST, "", "Say what repeats once, with “every”.");
    }

    private static String short3(DayOfWeek day) {
        return day.getDisplayName(TextStyle.SHORT, Locale.ENGLISH);
    }

    static String said(LocalDate on) {
        return "%s %d %s".formatted(short3(on.getDayOfWeek()), on.getDayOfMonth(), on.getMonth().getDisplayName(TextStyle.SHORT, Locale.ENGLISH));
    }

    public String words() {
        return entries.stream().map(Entry::words).collect(Collectors.joining(", "));
    }

    /** What was said; all that cannot be read is named at once. @param today where it is said */
    public static Hours parse(String text, LocalDate today) {
        List<Entry> entries = new ArrayList<>();
        List<String> wrong = new ArrayList<>();
        LocalDate last = null;
        for (String part : text.strip().split("\\s*[,;\\n]\\s*(?=\\S)|\\s+and\\s+")) {
            if (part.isBlank()) {
                continue;
            }
            Matcher m = WHEN.matcher(part.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " "));
            try {
                Entry entry = m.matches() ? entry(m, today, last) : null;
                if (entry == null) {
                    wrong.add(part.strip());
                } else {
                    entries.add(entry);
                    last = entry instanceof Once once ? once.on : last;
                }
            } catch (java.time.DateTimeException e) {
                wrong.add(part.strip());
            }
        }
        if (!wrong.isEmpty()) {
            throw new UnusableValue("Hours", String.join("”, “", wrong), "a day, and from when until when", EXAMPLE);
        }
        return new Hours(entries);
    }

    private static @Nullable Entry entry(Matcher m, LocalDate today, @Nullable LocalDate last) {
        String kind = m.group("kind") == null ? "" : m.group("kind").strip();
        String day = m.group("day");
        if (kind.equals("not")) {
            return m.group("from") == null && (day != null || m.group("date") != null) ? new Off(date(m, today)) : null;
        }
        if (m.group("from") == null || day == null && m.group("date") == null && last == null) {
            return null;
        }
        LocalTime[] span = span(m.group("from"), m.group("to"), "tonight".equals(day));
        if (kind.equals("every")) {
            return m.group("date") == null && day != null && weekday(day).isPresent() ? new Weekly(weekday(day).get(), span[0], span[1]) : null;
        }
        return new Once(day == null && m.group("date") == null ? last : date(m, today), span[0], span[1]);
    }

    private static Optional<DayOfWeek> weekday(String day) {
        return Arrays.stream(DayOfWeek.values()).filter(each -> short3(each).toLowerCase(Locale.ROOT).equals(day)).findFirst();
    }

    private static LocalDate date(Matcher m, LocalDate today) {
        String date = m.group("date");
        if (date != null) {
            return date(date, today);
        }
        String day = m.group("day");
        if (day == null || day.startsWith("to")) {
            return "tomorrow".equals(day) ? today.plusDays(1) : today;
        }
        return today.with(TemporalAdjusters.nextOrSame(weekday(day).orElseThrow()));
    }

    /** A date without a year is the next one. */
    private static LocalDate date(String text, LocalDate today) {
        if (text.contains("-")) {
            String[] parts = text.split("-");
            return LocalDate.of(Integer.parseInt(parts[0]), Integer.parseInt(parts[1]), Integer.parseInt(parts[2]));
        }
        int day = Integer.parseInt(text.replaceAll("\\D", ""));
        String name = text.replaceAll("[^a-z]", "");
        Month month = Arrays.stream(Month.values()).filter(each -> each.getDisplayName(TextStyle.SHORT, Locale.ENGLISH).toLowerCase(Locale.ROOT).equals(name.substring(0, 3))).findFirst().orElseThrow();
        LocalDate here = LocalDate.of(today.getYear(), month, day);
        return here.isBefore(today.minusMonths(1)) ? here.plusYears(1) : here;
    }

    /** “6–8 pm” is said of both. */
    private static LocalTime[] span(String from, String to, boolean evening) {
        String half = to.endsWith("m") && !from.endsWith("m") ? to.substring(to.length() - 2) : "";
        LocalTime end = time(to);
        LocalTime begin = time(from + half);
        if (!half.isEmpty() && begin.isAfter(end)) {
            begin = time(from);
        }
        if (evening && begin.getHour() < NOON && !from.endsWith("m") && half.isEmpty()) {
            begin = begin.plusHours(NOON);
            end = end.getHour() < NOON && end.getHour() > 0 && end.plusHours(NOON).isAfter(begin) ? end.plusHours(NOON) : end;
        }
        return new LocalTime[] {begin, end};
    }

    private static LocalTime time(String text) {
        String plain = text.replaceAll("[^0-9:.]", "");
        String[] parts = plain.split("[:.]");
        int hour = Integer.parseInt(parts[0]);
        if (text.endsWith("pm") && hour < NOON) {
            hour += NOON;
        } else if (text.endsWith("am") && hour == NOON) {
            hour = 0;
        }
        return LocalTime.of(hour == 24 ? 0 : hour, parts.length > 1 ? Integer.parseInt(parts[1]) : 0);
    }

    /** When all is due, as one says it: “Sun evening”, “Sun 18:00”, “29 Nov”; null where nothing is said. */
    public static @Nullable LocalDateTime moment(String text, LocalDate today) {
        if (text.isBlank()) {
            return null;
        }
        Matcher m = MOMENT.matcher(text.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " "));
        try {
            if (m.matches() && (m.group("day") != null || m.group("date") != null)) {
                String part = m.group("part") == null ? "tonight".equals(m.group("day")) ? "evening" : "" : m.group("part");
                LocalTime at = m.group("at") != null ? time(m.group("at")) : switch (part) {
                    case "morning" -> LocalTime.NOON;
                    case "noon" -> LocalTime.NOON;
                    case "afternoon" -> LocalTime.of(18, 0);
                    case "evening" -> LocalTime.of(22, 0);
                    default -> LocalTime.of(23, 59);
                };
                return date(m, today).atTime(at);
            }
        } catch (java.time.DateTimeException e) {
            // said below, with what is wrong
        }
        throw new UnusableValue("Due", text.strip(), "a day and a time", "Say it as “Sun evening” or “29 Nov 18:00”.");
    }

    /** As one says it. */
    public static String said(LocalDateTime moment) {
        return "%s %s".formatted(said(moment.toLocalDate()), moment.toLocalTime().truncatedTo(ChronoUnit.MINUTES));
    }

    /** One stretch of free hours. */
    public record Free(ZonedDateTime from, ZonedDateTime to) {
        public String words() {
            return "%s–%s".formatted(said(from.toLocalDateTime()), to.toLocalTime().truncatedTo(ChronoUnit.MINUTES));
        }
    }

    /** Those of so many days, in their order, joined where they touch; nothing of them before {@code now}. */
    public List<Free> free(Instant now, int days, ZoneId zone) {
        LocalDate today = now.atZone(zone).toLocalDate();
        List<Free> all = new ArrayList<>();
        for (LocalDate on = today.minusDays(1); on.isBefore(today.plusDays(days)); on = on.plusDays(1)) {
            LocalDate day = on;
            boolean off = entries.stream().anyMatch(entry -> entry instanceof Off none && none.on.equals(day));
            for (Entry entry : entries) {
                switch (entry) {
                    case Weekly weekly when !off && weekly.day == day.getDayOfWeek() -> add(all, day, weekly.from, weekly.to, now, zone);
                    case Once once when once.on.equals(day) -> add(all, day, once.from, once.to, now, zone);
                    default -> { }
                }
            }
        }
        all.sort(Comparator.comparing(Free::from));
        List<Free> joined = new ArrayList<>();
        for (Free each : all) {
            if (!joined.isEmpty() && !joined.getLast().to.isBefore(each.from)) {
                Free before = joined.removeLast();
                joined.add(new Free(before.from, before.to.isAfter(each.to) ? before.to : each.to));
            } else {
                joined.add(each);
            }
        }
        return joined;
    }

    private static void add(List<Free> all, LocalDate day, LocalTime from, LocalTime to, Instant now, ZoneId zone) {
        ZonedDateTime begins = day.atTime(from).atZone(zone);
        ZonedDateTime ends = (to.isAfter(from) ? day : day.plusDays(1)).atTime(to).atZone(zone);
        ZonedDateTime soonest = now.atZone(zone);
        begins = begins.isBefore(soonest) ? soonest : begins;
        if (Duration.between(begins, ends).toMinutes() >= SHORTEST) {
            all.add(new Free(begins, ends));
        }
    }

    /** With one stretch of them told otherwise; what is weekly goes on in other weeks. @param to null where it is left out */
    public Hours changed(Free was, @Nullable Free to, ZoneId zone) {
        List<Entry> other = new ArrayList<>();
        LocalDate day = was.from.toLocalDate();
        for (Entry entry : entries) {
            if (!(entry instanceof Once once && touches(once.on, once.from, once.to, was, zone))) {
                other.add(entry);
            }
        }
        List<Weekly> weekly = entries.stream().filter(Weekly.class::isInstance).map(Weekly.class::cast).filter(each -> each.day == day.getDayOfWeek()).toList();
        if (weekly.stream().anyMatch(each -> touches(day, each.from, each.to, was, zone)) && !other.contains(new Off(day))) {
            other.add(new Off(day));
            weekly.stream().filter(each -> !touches(day, each.from, each.to, was, zone)).forEach(each -> other.add(new Once(day, each.from, each.to)));
        }
        if (to != null) {
            other.add(new Once(to.from.toLocalDate(), to.from.toLocalTime().truncatedTo(ChronoUnit.MINUTES), to.to.toLocalTime().truncatedTo(ChronoUnit.MINUTES)));
        }
        return new Hours(other.stream().sorted(Comparator.comparing(Hours::order)).toList());
    }

    /** What is weekly first, then day by day. */
    private static LocalDateTime order(Entry entry) {
        return switch (entry) {
            case Weekly weekly -> LocalDate.EPOCH.plusDays(weekly.day.getValue()).atTime(weekly.from);
            case Once once -> once.on.atTime(once.from);
            case Off off -> off.on.atStartOfDay();
        };
    }

    private static boolean touches(LocalDate day, LocalTime from, LocalTime to, Free was, ZoneId zone) {
        ZonedDateTime begins = day.atTime(from).atZone(zone);
        ZonedDateTime ends = (to.isAfter(from) ? day : day.plusDays(1)).atTime(to).atZone(zone);
        return begins.isBefore(was.to) && was.from.isBefore(ends);
    }
}
