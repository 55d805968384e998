package kindveil.studio.page;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.zone.ZoneRules;
import java.util.Locale;
import kindveil.drying.Room;
import kindveil.measure.Area;
import kindveil.measure.Figures;
import kindveil.measure.Length;
import kindveil.measure.Span;
import kindveil.measure.Spoken;
import kindveil.measure.UnitSystem;
import kindveil.measure.Volume;
import kindveil.studio.work.room.Rooms;
import org.springframework.stereotype.Component;

/** Times, lengths and amounts as this studio says them: its clock on the wall, its measures first. */
@Component("say")
public class Say {
    private static final double GRAMS_PER_OUNCE = 28.3495;
    private static final double OUNCES_PER_POUND = 16;
    private static final double GRAMS_PER_KILOGRAM = 1000;
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    private static final DateTimeFormatter DAY_TIME = DateTimeFormatter.ofPattern("EEE HH:mm", Locale.ENGLISH);
    private static final DateTimeFormatter DATE = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);
    private static final DateTimeFormatter DATE_TIME = DateTimeFormatter.ofPattern("d MMM, HH:mm", Locale.ENGLISH);
    private static final DateTimeFormatter WEEKDAY = DateTimeFormatter.ofPattern("EEEE", Locale.ENGLISH);
    private final Rooms rooms;
    private final Clock clock;
    private final ZoneId zone;

    Say(Rooms rooms, Clock clock, ZoneId zone) {
        this.rooms = rooms;
        this.clock = clock;
        this.zone = zone;
    }

    public Instant now() {
        return clock.instant();
    }

    /** {@code 19:40} today, {@code Fri 09:10} within the week, {@code 3 Dec, 09:10} otherwise; in the hour that the wall clock shows twice, which of the two. */
    public String time(Instant instant) {
        ZonedDateTime at = instant.atZone(zone);
        LocalDate today = clock.instant().atZone(zone).toLocalDate();
        if (at.toLocalDate().equals(today)) {
            return TIME.format(at) + whichOfTwo(at);
        }
        long days = Math.abs(today.until(at.toLocalDate(), java.time.temporal.ChronoUnit.DAYS));
        return (days < 6 ? DAY_TIME.format(at) : DATE_TIME.format(at)) + whichOfTwo(at);
    }

    private static String whichOfTwo(ZonedDateTime at) {
        ZoneRules rules = at.getZone().getRules();
        return rules.getValidOffsets(at.toLocalDateTime()).size() < 2 ? "" : rules.isDaylightSavings(at.toInstant()) ? " summer time" : " winter time";
    }

    /** A time of this studio's clock, said as {@link #time}. */
    public String local(LocalDateTime at) {
        return time(at.atZone(zone).toInstant());
    }

    public String date(Instant instant) {
        return DATE.format(instant.atZone(zone));
    }

    public String date(LocalDate day) {
        return DATE.format(day);
    }

    /** From when on something lasts: {@code now}, {@code 19:40} today, {@code Wed 2 Dec} later. */
    public String day(Instant instant) {
        Instant now = clock.instant();
        if (!instant.isAfter(now)) {
            return "now";
        }
        ZonedDateTime at = instant.atZone(zone);
        return at.toLocalDate().equals(now.atZone(zone).toLocalDate()) ? TIME.format(at) : DAY.format(at);
    }

    /** {@code Thursday evening, 18:48}. */
    public String heading() {
        ZonedDateTime at = clock.instant().atZone(zone);
        int hour = at.getHour();
        String part = hour < 5 ? "night" : hour < 12 ? "morning" : hour < 18 ? "afternoon" : "evening";
        return "%s %s, %s".formatted(WEEKDAY.format(at), part, TIME.format(at));
    }

    /** How far off, either way: {@code in 52 min}, {@code 3 h 10 ago}, {@code now}. */
    public String away(Instant instant) {
        Duration away = Duration.between(clock.instant(), instant);
        if (away.abs().toSeconds() < 20) {
            return "now";
        }
        return away.isNegative() ? Span.words(away.negated()) + " ago" : "in " + Span.words(away);
    }

    public String words(Duration duration) {
        return Span.words(duration);
    }

    private UnitSystem units() {
        return rooms.now().units();
    }

    private UnitSystem others() {
        return units() == UnitSystem.METRIC ? UnitSystem.US : UnitSystem.METRIC;
    }

    /** A sentence with its measures in the studio's own. */
    public String it(String sentence) {
        return Spoken.in(units(), sentence);
    }

    /** A size to begin with: round in either measure. */
    public String usual(double millimetres, double inches) {
        return one(units() == UnitSystem.US ? Length.ofInches(inches) : Length.ofMillimetres(millimetres));
    }

    /** The measures it speaks in. */
    public UnitSystem measure() {
        return units();
    }

    /** A coat's thickness. */
    public String film(double micrometres) {
        return it(Figures.rounded(micrometres, 0) + " µm");
    }

    /** In the studio's measure, the other in brackets. */
    public String both(Length length) {
        return "%s (%s)".formatted(length.print(units()), length.print(others()));
    }

    public String both(Volume volume) {
        return "%s (%s)".formatted(volume.print(units()), volume.print(others()));
    }

    public String one(Length length) {
        return length.print(units());
    }

    public String one(Volume volume) {
        return volume.print(units());
    }

    public String size(Length width, Length height) {
        return "%s × %s".formatted(width.print(units()).replaceAll(" (mm|in)$", ""), height.print(units()));
    }

    public String area(Area area) {
        return area.print(units());
    }

    /** A weight as one says it: grams or kilograms, ounces or pounds. */
    public String weight(double grams) {
        if (measure() == UnitSystem.US) {
            double ounces = grams / GRAMS_PER_OUNCE;
            return ounces >= OUNCES_PER_POUND ? Figures.rounded(ounces / OUNCES_PER_POUND, 1) + " lb" : Figures.rounded(ounces, 1) + " oz";
        }
        return grams >= GRAMS_PER_KILOGRAM ? Figures.rounded(grams / GRAMS_PER_KILOGRAM, 1) + " kg" : Figures.rounded(grams, 0) + " g";
    }

    public String percent(double share) {
        return Figures.rounded(share * 100, 0) + " %";
    }

    public long whole(double value) {
        return Math.round(value);
    }

    public String figure(double value) {
        return Figures.plain(value);
    }

    public String air(Room room) {
        return room.print(units());
    }

    public String air() {
        return rooms.now().air().print(units());
    }
}
