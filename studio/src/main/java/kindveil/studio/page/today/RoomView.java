package kindveil.studio.page.today;

import java.time.Duration;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import kindveil.drying.Bed;
import kindveil.drying.Coat;
import kindveil.drying.Cover;
import kindveil.drying.Drying;
import kindveil.drying.DryingAdvice;
import kindveil.drying.Overlay;
import kindveil.drying.Belief;
import kindveil.drying.RoomCourse;
import kindveil.drying.Stage;
import kindveil.drying.Underlay;
import kindveil.measure.Figures;
import kindveil.measure.Span;
import kindveil.measure.Temperature;
import kindveil.measure.UnitSystem;
import kindveil.studio.keep.BackupWork;
import kindveil.studio.page.PageView;
import kindveil.studio.page.device.Caller;
import kindveil.studio.work.device.Door;
import kindveil.studio.page.Say;
import kindveil.studio.work.room.StudioRoom;

/**
 * The Room page: the air as it was read, and what dries how in it.
 *
 * @param told when it was read
 * @param night what its air is by night; empty where day and night are alike
 * @param sensor what measures it by itself
 * @param learned how fast things dry here, by the artist's own checks
 * @param safe when it was last backed up
 */
record RoomView(Form form, String told, String night, SensorView sensor, List<Curve> dryings, LearnedView learned, Safe safe, String device, List<String> problems) implements PageView {
    private static final double WIDTH = 520;
    private static final double HEIGHT = 240;
    private static final double HOURS = 3;
    private static final Bed UNDER_PRINT = Bed.open(new Coat(100, 0.6), Underlay.panel(20)).under(Overlay.dry(15, 0));

    /** As it was typed. @param unit of the degrees @param ago minutes since it is so @param cooler degrees less at night */
    record Form(int version, String degrees, String unit, String percent, String ago, String cooler, String from, String to, boolean metric) {
        static Form of(StudioRoom room) {
            return typed(room, Figures.rounded(Temperature.degrees(room.celsius(), room.units()), 1), Figures.rounded(room.percent(), 0), "0", Figures.rounded(Temperature.steps(room.night().cooler(), room.units()), 1), room.night().from().toString(), room.night().to().toString());
        }

        static Form typed(StudioRoom room, String degrees, String percent, String ago, String cooler, String from, String to) {
            return new Form(room.version(), degrees, Temperature.sign(room.units()), percent, ago, cooler, from, to, room.units() == UnitSystem.METRIC);
        }
    }

    /** What is said of backups. @param possible whether this studio can be backed up */
    record Safe(boolean possible, String last, String where) {
        private static final double MEGABYTE = 1e6;

        static Safe of(BackupWork backups, Say say) {
            String last = backups.last().map(made -> "%s, %s MB, opened and counted to see that it is whole.".formatted(say.local(made.made()), Figures.rounded(made.bytes() / MEGABYTE, 1)))
                    .orElse("Not yet: one is made by itself after a day with changes.");
            return new Safe(backups.possible(), last, "Kept for 7 days, 4 weeks and 12 months in %s".formatted(named(backups.backups().folder().toString())));
        }

        /** As a person calls it. */
        private static String named(String folder) {
            String home = System.getProperty("user.home");
            return folder.startsWith(home) ? "~" + folder.substring(home.length()) : folder;
        }
    }

    /** A coat drying in this air: its curve and when it is through. @param dash of its line, or empty */
    record Curve(String name, String path, String dash, String through) {
    }

    static RoomView of(StudioRoom room, Form form, SensorView sensor, BackupWork backups, LearnedView learned, List<String> problems, ZoneId zone, Say say) {
        return new RoomView(form, say.time(room.told()), night(room, zone), sensor, List.of(
                drying("thin coat, open", "", Bed.open(new Coat(60, 0.6), Underlay.panel(5)), room, zone, learned.belief()),
                drying("coat on a print", "9 4", Bed.open(new Coat(100, 0.6), Underlay.paper(15)), room, zone, learned.belief()),
                drying("bed under a print", "4 4", UNDER_PRINT, room, zone, learned.belief()),
                drying("the same, weighted", "1 5", UNDER_PRINT.loaded(Cover.weight(false)), room, zone, learned.belief())), learned, Safe.of(backups, say), Caller.device().map(Door.Device::name).orElse(""), problems);
    }

    private static String night(StudioRoom room, ZoneId zone) {
        return room.night().alike() ? "" : "By day %s, by night %s: the same vapour in it.".formatted(room.asTold().byDay(zone).print(room.units()), room.asTold().byNight(zone).print(room.units()));
    }

    private static String byNight(Bed bed, StudioRoom room, ZoneId zone, Belief belief) {
        return Drying.fresh(bed, RoomCourse.of(room.asTold().byNight(zone)), Duration.ZERO).spread(Stage.THROUGH, belief).map(s -> "; by night in " + Span.words(s.half())).orElse("; by night never");
    }

    private static Curve drying(String name, String dash, Bed bed, StudioRoom room, ZoneId zone, Belief belief) {
        Drying drying = Drying.fresh(bed, RoomCourse.of(room.asTold().byDay(zone)), Duration.ZERO);
        List<String> points = new ArrayList<>();
        for (double x = 0; x <= WIDTH; x += 4) {
            points.add("%.0f %.1f".formatted(x, HEIGHT * (1 - drying.waterShare(Span.minutes(x / WIDTH * HOURS * 60)))));
        }
        String through = drying.spread(Stage.THROUGH, belief).map(s -> "through in %s [%s … %s]".formatted(Span.words(s.half()), Span.words(s.quarter()), Span.words(s.nineTenths())))
                .orElse("never gets through in this air; it does below about %.0f %%. %s".formatted(Drying.dampestPercent(Stage.THROUGH), DryingAdvice.of(Stage.THROUGH, room.asTold().byDay(zone)).words()));
        return new Curve(name, "M" + String.join("L", points), dash, room.night().alike() ? through : through + byNight(bed, room, zone, belief));
    }
}
