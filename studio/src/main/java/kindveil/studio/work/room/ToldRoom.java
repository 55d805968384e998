package kindveil.studio.work.room;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import kindveil.drying.Night;
import kindveil.drying.Room;

/** The air as it was told at a moment. @param night how much cooler its nights are from then on */
public record ToldRoom(Instant at, double celsius, double percent, Night night) {
    /** So many days ahead nights are told apart from days; after that the air of the day is reckoned with. */
    private static final int DAYS = 14;

    /** Day and night alike. */
    public ToldRoom(Instant at, double celsius, double percent) {
        this(at, celsius, percent, Night.ALIKE);
    }

    public static ToldRoom of(Instant at, Room room) {
        return new ToldRoom(at, room.temperature().celsius(), room.humidity().percent());
    }

    public Room room() {
        return Room.of(celsius, percent);
    }

    private boolean dark(ZoneId zone) {
        return night.at(at.atZone(zone).toLocalTime());
    }

    /** What it comes to by day: what was told at night is the night's. */
    public Room byDay(ZoneId zone) {
        return dark(zone) ? night.day(room()) : room();
    }

    public Room byNight(ZoneId zone) {
        return dark(zone) ? room() : night.night(room());
    }

    /** With its nights and days as if each were told as it begins, until {@code before}; what was told at night is the night's. */
    private List<ToldRoom> nightly(ZoneId zone, Instant before) {
        List<ToldRoom> all = new ArrayList<>(List.of(this));
        if (night.alike()) {
            return all;
        }
        Room day = byDay(zone);
        Room cold = byNight(zone);
        LocalDate first = at.atZone(zone).toLocalDate();
        for (int i = 0; i <= DAYS; i++) {
            LocalDate date = first.plusDays(i);
            Stream.of(of(date.atTime(night.from()).atZone(zone).toInstant(), cold), of(date.atTime(night.to()).atZone(zone).toInstant(), day))
                    .sorted(Comparator.comparing(ToldRoom::at)).filter(each -> each.at.isAfter(at) && each.at.isBefore(before)).forEach(all::add);
        }
        // after the last of them it stays as by day
        return all.getLast().celsius == cold.temperature().celsius() && before.equals(Instant.MAX) ? all.subList(0, all.size() - 1) : all;
    }

    /** What it comes to at a later moment: by day or by night, as it is then. */
    public ToldRoom asOf(Instant later, ZoneId zone) {
        Room then = night.at(later.atZone(zone).toLocalTime()) ? byNight(zone) : byDay(zone);
        return new ToldRoom(later, then.temperature().celsius(), then.humidity().percent(), night);
    }

    /** The air as it was told, oldest first, with the nights between and to come. */
    public static List<ToldRoom> nightly(List<ToldRoom> told, ZoneId zone) {
        List<ToldRoom> all = new ArrayList<>();
        for (int i = 0; i < told.size(); i++) {
            all.addAll(told.get(i).nightly(zone, i + 1 < told.size() ? told.get(i + 1).at : Instant.MAX));
        }
        return all;
    }
}
