package kindveil.studio.work.sitting;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import java.util.stream.Collectors;
import kindveil.measure.Span;
import kindveil.sitting.Lag;
import kindveil.sitting.Task;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Action;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/**
 * The plan as a calendar file: what hands do, with an alarm before it, and each window that closes. Moments are written in universal
 * time, which a calendar shows by the clock of whoever reads it, through every change of it.
 */
public final class CalendarFile {
    private static final int LONGEST_LINE = 75;
    private static final Duration BEFORE = Duration.ofMinutes(10);

    private CalendarFile() {
    }

    public static String of(Worked worked) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Kind Veil//Sittings//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        for (int task = 0; task < worked.problem().tasks().size(); task++) {
            Task it = worked.problem().tasks().get(task);
            String name = worked.jobs().get(it.job()).words();
            Instant start = worked.start(task);
            String acts = it.acts().stream().map(timed -> "%s %s".formatted(start.plus(Span.minutes(timed.from())).atZone(worked.zone()).toLocalTime().truncatedTo(ChronoUnit.MINUTES), timed.title())).collect(Collectors.joining("\n"));
            calendar.add(event(worked, task + " hands", start, worked.end(task), "%s: %s".formatted(name, it.words()), acts, BEFORE));
        }
        for (Lag lag : worked.problem().lags()) {
            Integer most = lag.most();
            if (most != null) {
                Instant closes = worked.start(lag.from()).plus(Duration.ofMinutes(most));
                String name = worked.jobs().get(worked.problem().tasks().get(lag.to()).job()).words();
                calendar.add(event(worked, lag.from() + " " + lag.to() + " closes", closes, closes.plus(Duration.ofMinutes(1)), "%s: last moment for “%s”".formatted(name, worked.problem().tasks().get(lag.to()).words()), lag.why(), BEFORE));
            }
        }
        return calendar.toString().lines().map(CalendarFile::folded).collect(Collectors.joining("\r\n", "", "\r\n"));
    }

    /** A line over 75 octets goes on in the next after a space, and no character is parted (RFC 5545, 3.1). The library counts characters. */
    static String folded(String line) {
        StringBuilder folded = new StringBuilder();
        int octets = 0;
        for (int i = 0; i < line.length(); i = line.offsetByCodePoints(i, 1)) {
            String sign = line.substring(i, line.offsetByCodePoints(i, 1));
            int more = sign.getBytes(StandardCharsets.UTF_8).length;
            if (octets + more > LONGEST_LINE) {
                folded.append("\r\n ");
                octets = 1;
            }
            folded.append(sign);
            octets += more;
        }
        return folded.toString();
    }

    private static VEvent event(Worked worked, String key, Instant start, Instant end, String summary, String description, Duration before) {
        VEvent event = new VEvent(start, end, summary);
        event.add(new Uid(UUID.nameUUIDFromBytes((worked.zero() + " " + key + " " + summary).getBytes(StandardCharsets.UTF_8)) + "@studio"));
        event.add(new Description(description));
        VAlarm alarm = new VAlarm(before.negated());
        alarm.add(new Action("DISPLAY"));
        alarm.add(new Description(summary));
        event.add(alarm);
        return event;
    }
}
