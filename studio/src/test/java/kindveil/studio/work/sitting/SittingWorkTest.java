package kindveil.studio.work.sitting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import biweekly.Biweekly;
import biweekly.component.VEvent;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.drying.Night;
import kindveil.light.Colour;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.product.Products;
import kindveil.reading.TaskReading.Resource;
import kindveil.sitting.Check;
import kindveil.sitting.Holding;
import kindveil.sitting.Hours;
import kindveil.sitting.Job;
import kindveil.sitting.Lag;
import kindveil.sitting.Problem;
import kindveil.sitting.Schedule;
import kindveil.sitting.Sitting;
import kindveil.sitting.Task;
import kindveil.sitting.Tiredness;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.room.StudioRoom;
import kindveil.studio.work.stock.Stock;
import kindveil.way.ActId;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(OpenStudio.class)
class SittingWorkTest {
    private final SittingWork sittings;
    private final Diaries diaries;
    private final PieceWork pieces;
    private final MakeWork makings;
    private final Rooms rooms;
    private final Studio studio;
    private final List<Piece> made = new ArrayList<>();

    SittingWorkTest(Studio studio) {
        this.studio = studio;
        this.sittings = studio.bean(SittingWork.class);
        this.diaries = studio.bean(Diaries.class);
        this.pieces = studio.bean(PieceWork.class);
        this.makings = studio.bean(MakeWork.class);
        this.rooms = studio.bean(Rooms.class);
    }

    @AfterEach
    void nothingPlanned() {
        diaries.replace(Diary.EMPTY.at(diaries.now().version()));
        makings.active().stream().filter(making -> made.stream().anyMatch(piece -> piece.id().equals(making.piece()))).forEach(making -> makings.layAside(making.id()));
        made.forEach(piece -> pieces.remove(piece.id(), piece.title()));
    }

    private Piece piece(String title) {
        Piece piece = pieces.begin(title, Length.ofMillimetres(90), "oar.png", Samples.cornerPng());
        made.add(piece);
        return piece;
    }

    private Diary asking(String hours, String due, Piece... of) {
        return diaries.now().saying(Hours.parse(hours, sittings.today()), Hours.moment(due, sittings.today()), List.of(of).stream().map(Piece::id).toList());
    }

    private static final UUID PULLED = UUID.randomUUID();

    @Test
    void whatIsKept_isReadAsItWas() {
        Diary diary = new Diary(diaries.now().version(), Hours.parse("every Tue 19-21, Sat 22-1, not Tue 1 Dec", sittings.today()), LocalDateTime.of(2027, 3, 28, 18, 0), List.of(PULLED, UUID.randomUUID()), Map.of(PULLED, 3), Map.of(Resource.PLATE, 3, Resource.FLAT_SPACE, 5200), new Tiredness(40, 7),
                List.of(new Diary.Kept("a", "1.coat", Instant.parse("2026-11-28T10:00:00Z"), 12, "Oar", "Coat it")), List.of(new Diary.Kept("b", "2.lay", Instant.parse("2026-11-28T11:00:00Z"))));
        diaries.replace(diary);
        assertEquals(diary.at(diaries.now().version()), diaries.now());
        assertThrows(Outdated.class, () -> diaries.replace(diary));
    }

    @Test
    void pieces_areFittedIn_andStayWhereTheyWere() {
        Worked worked = sittings.say(asking("tomorrow 9-13, tomorrow 15-19", "tomorrow 20:00", piece("Oar"), piece("Lock")));
        assertTrue(worked.fits());
        assertEquals(List.of(), Check.of(worked.problem(), worked.schedule()));
        studio.clock().forward(Duration.ofMinutes(37));
        Worked later = sittings.now();
        assertFalse(later.anew(), "half an hour went by, and nothing was to be done in it");
        for (int task = 0; task < worked.problem().tasks().size(); task++) {
            assertEquals(worked.start(task), later.start(task));
        }
    }

    private Piece pull(String title, String image, String pull) {
        Piece piece = piece(title);
        Piece plate = pieces.change(piece.with(piece.design().doing(kindveil.catalogue.Catalogue.way("plate-pull"))));
        return pieces.change(plate.with(plate.design().withBuild(plate.design().choices(), Map.of(), Map.of("image", Colour.parse("image", image), "pull", Colour.parse("pull", pull)), plate.design().wish(), plate.design().print())));
    }

    /** Three of one plate, two of another in its colours: each is a job of its own, and what is begun is not planned again. */
    @Test
    void severalPulls_areJobsOfTheirOwn_andThoseBegunAreTheirMakings() {
        Piece moth = pull("Moth on a plate", "#26304a", "#e3c88c");
        Piece bell = pull("Bell on a plate", "#26304a", "#e3c88c");
        Worked worked = sittings.say(asking("tomorrow 9-13, tomorrow 15-19", "", moth, bell).pulling(Map.of(moth.id(), 3, bell.id(), 2)));
        assertTrue(worked.fits(), worked.unfit().toString());
        assertEquals(List.of("Moth on a plate, pull 1", "Moth on a plate, pull 2", "Moth on a plate, pull 3", "Bell on a plate, pull 1", "Bell on a plate, pull 2"), worked.jobs().stream().map(Worked.Pull::words).toList());
        assertEquals(List.of(), Check.of(worked.problem(), worked.schedule()));
        assertEquals(10, worked.problem().loads().size());
        assertEquals(9, worked.cost().washes(), "one plate: picture and pull take turns");
        sittings.say(sittings.diary().with(Map.of(Resource.PLATE, 5, Resource.FLAT_SPACE, 6000), Tiredness.USUAL));
        Worked better = sittings.better(sittings.diary().version());
        assertTrue(better.cost().washes() < 9, "with more plates pictures are rolled one after the other: " + better.cost());

        studio.clock().turnTo(Duration.between(studio.clock().instant(), better.start(0)));
        List<StoredMaking> begun = List.of(makings.begin(moth.id(), 2, 1), makings.oneMore(makings.active().stream().filter(making -> making.piece().equals(moth.id())).findFirst().orElseThrow().id()));
        Worked under = sittings.now();
        List<String> words = under.jobs().stream().map(Worked.Pull::words).toList();
        long own = makings.active().stream().filter(making -> making.piece().equals(moth.id())).count();
        assertEquals(own, under.jobs().stream().filter(job -> job.piece().equals(moth.id()) && job.making() != null).count(), words.toString());
        assertEquals(Math.max(0, 3 - own), under.jobs().stream().filter(job -> job.piece().equals(moth.id()) && job.making() == null).count(), words.toString());
        assertEquals(2, under.jobs().stream().filter(job -> job.piece().equals(bell.id())).count());
        begun.forEach(making -> makings.layAside(making.id()));
    }

    /** A piece that mixes the same for each of two veils mixes it once, and the second takes it out of the first's jar. */
    @Test
    void onePieceThatMixesTwice_mixesOnce() {
        Piece film = film("Film on film");
        Piece two = pieces.add(film, kindveil.catalogue.Catalogue.way("film-release"), "", null);
        Worked worked = sittings.say(asking("tomorrow 9-13, tomorrow 15-21", "", two));
        assertTrue(worked.fits(), worked.unfit().toString());
        assertEquals(List.of(), Check.of(worked.problem(), worked.schedule()));
        List<String> titles = worked.problem().tasks().stream().flatMap(task -> task.acts().stream()).map(Task.Timed::title).filter(title -> title.contains("release solution")).toList();
        assertEquals(1, titles.stream().filter(title -> title.startsWith("Mix ")).count(), titles.toString());
        assertEquals(1, titles.stream().filter(title -> title.startsWith("Take ")).count(), titles.toString());
    }

    /** What several pulls take is bought for all of them, and one batch is mixed for them. */
    @Test
    void severalPulls_takeAsOften_andAreMixedForOnce() {
        Piece film = film("Film of three");
        Stock stock = studio.bean(Stock.class);
        sittings.say(asking("tomorrow 9-13, tomorrow 15-21", "", film));
        double one = stock.wanting(Products.RELEASE_SOLUTION).stream().mapToDouble(Stock.Needed::millilitres).sum();
        Worked worked = sittings.say(sittings.diary().pulling(Map.of(film.id(), 3)));
        assertTrue(one > 0 && worked.fits());
        assertEquals(3 * one, stock.wanting(Products.RELEASE_SOLUTION).stream().mapToDouble(Stock.Needed::millilitres).sum(), 1e-9);
        long mixed = worked.problem().tasks().stream().flatMap(task -> task.acts().stream()).filter(act -> act.title().startsWith("Mix ") && act.title().contains(", for ")).count();
        assertEquals(1, mixed, "one pull mixes for all");
        Worked fewer = sittings.say(sittings.diary().fewer(film.id()));
        assertEquals(2, fewer.jobs().size());
        assertEquals(1, sittings.say(sittings.diary().fewer(film.id())).jobs().size());
        assertEquals(0, sittings.say(sittings.diary().fewer(film.id())).jobs().size());
        assertThrows(UnusableValue.class, () -> sittings.diary().saying(Hours.NONE, null, List.of(film.id(), PULLED)).pulling(Map.of(film.id(), 12)), "no more than twelve at once");
    }

    private Piece film(String title) {
        Piece piece = piece(title);
        return pieces.change(piece.with(piece.design().doing(kindveil.catalogue.Catalogue.way("film-release"))));
    }

    private static List<String> mixing(Worked worked) {
        return worked.problem().tasks().stream().flatMap(task -> task.acts().stream()).filter(act -> act.act().key().equals("mix")).map(Task.Timed::title).toList();
    }

    /** Three pieces that want one solution: one mixes for all at the first sitting, and no piece waits for its own three hours. */
    @Test
    void whatSeveralMix_isMixedOnce_andServesAllOfThem_laterToo() {
        Worked worked = sittings.say(asking("tomorrow 9-10, tomorrow 13-16", "tomorrow 20:00", film("Oar"), film("Lock"), film("Gauge")));
        assertTrue(worked.fits());
        assertEquals(List.of(), Check.of(worked.problem(), worked.schedule()));
        List<String> mixing = mixing(worked);
        assertEquals(1, mixing.stream().filter(title -> title.startsWith("Mix ")).count(), mixing.toString());
        assertEquals(2, mixing.stream().filter(title -> title.startsWith("Take release solution, from Oar")).count(), mixing.toString());
        assertTrue(mixing.getFirst().contains("for Oar and Lock and Gauge"), mixing.toString());
        // nobody lays film into it before it has stood for three hours
        Instant mixed = worked.start(0);
        for (int task = 0; task < worked.problem().tasks().size(); task++) {
            boolean lays = worked.problem().tasks().get(task).acts().stream().anyMatch(act -> act.act().key().equals("bed"));
            assertTrue(!lays || Duration.between(mixed, worked.start(task)).toMinutes() >= 180, worked.task(task).words());
        }
        studio.clock().forward(Duration.ofMinutes(11));
        assertFalse(sittings.now().anew(), "it stays when it was planned");
        // mixed later by the artist's own hand: nobody uses it before it is mixed
        Instant later = worked.start(0).plus(Duration.ofMinutes(25));
        Worked moved = sittings.pin(diaries.now().version(), worked.job(0), worked.act(0), later);
        assertTrue(moved.fits());
        for (int task = 0; task < moved.problem().tasks().size(); task++) {
            boolean lays = moved.problem().tasks().get(task).acts().stream().anyMatch(act -> act.act().key().equals("bed"));
            assertTrue(!lays || Duration.between(later, moved.start(task)).toMinutes() >= 180, moved.task(task).words());
        }
    }

    /** A jar that stands ready takes the three hours away: what did not fit into one afternoon does. */
    @Test
    void aJarThatStands_isTaken_andNobodyWaitsForIt() {
        Diary asked = asking("tomorrow 13-15", "tomorrow 15:00", film("Oar"), film("Lock"));
        assertFalse(sittings.worked(asked, kindveil.sitting.Scheduler.QUICK).fits());
        kindveil.studio.work.jar.JarWork jars = studio.bean(kindveil.studio.work.jar.JarWork.class);
        UUID jar = jars.mix("Old solution", kindveil.mixing.Recipe.of(kindveil.product.Mixtures.RELEASE_SOLUTION, 40, kindveil.mixing.Measure.CUP), 91, 28, studio.clock().instant().minus(Duration.ofHours(5))).id();
        Worked worked = sittings.worked(asked, kindveil.sitting.Scheduler.QUICK);
        assertTrue(worked.fits());
        assertEquals(2, mixing(worked).stream().filter(title -> title.equals("Take release solution, from Old solution")).count(), mixing(worked).toString());
        jars.throwAway(jar, 0);
        assertFalse(sittings.worked(asked, kindveil.sitting.Scheduler.QUICK).fits(), "thrown away");
        studio.bean(kindveil.studio.work.jar.Jars.class).remove(jar);
    }

    @Test
    void underWay_itsWaitsGoOn_andWhatClosesIsKept() {
        Piece oar = piece("Oar");
        var making = makings.begin(oar.id());
        while (!makings.get(making.id()).making().current().orElseThrow().key().equals("press")) {
            makings.tell(making.id(), makings.get(making.id()).told().size(), 0, 0, true);
        }
        makings.tell(making.id(), makings.get(making.id()).told().size(), 0, 0, true);
        Worked worked = sittings.say(asking("today 0:00-23:59, tomorrow 0:00-23:59", "", oar));
        assertTrue(worked.fits());
        assertEquals(making.id(), worked.jobs().getFirst().making());
        // the brush is washed before it hardens, and nothing is rubbed before it is through
        assertTrue(worked.problem().tasks().getFirst().latest() <= 30, worked.problem().tasks().getFirst().toString());
        int rub = java.util.stream.IntStream.range(0, worked.problem().tasks().size()).filter(task -> worked.problem().tasks().get(task).rubbing() > 0).findFirst().orElseThrow();
        assertFalse(worked.start(rub).isBefore(studio.clock().instant().plus(Duration.ofMinutes(59))));
    }

    /** Begun as planned, it stays planned as it was; what is told is laid beside what was planned. */
    @Test
    void begunFromThePlan_itStaysAsItWas_andWhatHappenedIsLaidBesideIt() {
        Piece oar = piece("Oar");
        Worked worked = sittings.say(asking("tomorrow 9-13, tomorrow 15-19", "tomorrow 20:00", oar, piece("Lock")));
        int first = Arrays.stream(worked.problem().tasksOf(0)).boxed().min(java.util.Comparator.comparingInt(worked.plan()::start)).orElseThrow();
        assertEquals("Oar", worked.pull(first).words());
        assertEquals(List.of(), sittings.happened(worked));
        Map<String, Instant> planned = new java.util.HashMap<>();
        Arrays.stream(worked.problem().tasksOf(0)).forEach(task -> planned.put(worked.act(task), worked.start(task)));

        studio.clock().forward(Duration.between(studio.clock().instant(), worked.start(first)).plusSeconds(30));
        var making = makings.begin(oar.id());
        Worked begun = sittings.now();
        assertTrue(begun.fits() && !begun.anew(), "nothing was told yet");
        for (int task = 0; task < begun.problem().tasks().size(); task++) {
            if (begun.pull(task).piece().equals(oar.id())) {
                assertEquals(planned.get(begun.act(task)), begun.start(task), "what was planned for the piece is planned for its making");
            }
        }
        makings.tell(making.id(), 0, 0, 0, true);
        Worked told = sittings.now();
        Happened beside = sittings.happened(told).getFirst();
        assertEquals(worked.start(first), beside.planned());
        assertTrue(Duration.between(beside.planned(), beside.begun()).abs().toMinutes() <= 1, beside.toString());
        // kept again it is remembered, and no longer to be done
        Worked again = sittings.say(told.diary());
        assertEquals(1, sittings.happened(again).stream().filter(each -> each.piece().equals("Oar")).count());
        String act = worked.act(first);
        assertTrue(sittings.today(Map.of(making.id().toString(), java.util.Set.of("none"), oar.id().toString(), java.util.Set.of("none"))).stream().noneMatch(kept -> kept.act().equals(act) && kept.piece().equals("Oar")));
    }

    @Test
    void madeMeanwhile_isNotPlannedAgain() {
        Piece oar = piece("Oar");
        Piece lock = piece("Lock");
        sittings.say(asking("tomorrow 9-13, tomorrow 15-19", "", oar, lock));
        var making = makings.begin(oar.id());
        while (!makings.get(making.id()).making().finished()) {
            makings.tell(making.id(), makings.get(making.id()).told().size(), makings.get(making.id()).making().current().orElseThrow().expected(), 0, true);
        }
        assertEquals(List.of("Lock"), sittings.now().jobs().stream().map(Worked.Pull::words).toList());
    }

    /** Where the room never lets it dry, it is left out and said so. */
    @Test
    void neverDries_isLeftOut_andSaid() {
        StudioRoom room = rooms.now();
        Piece oar = piece("Oar");
        try {
            rooms.replace(new StudioRoom(room.version(), 21, 97, room.units(), studio.clock().instant()));
            Worked worked = sittings.say(asking("tomorrow 9-13", "", oar));
            assertFalse(worked.asked());
            assertEquals(List.of("Oar"), worked.unfit().stream().map(Worked.Unfit::words).toList());
            assertTrue(worked.unfit().getFirst().why().contains("dr"), worked.unfit().getFirst().why());
        } finally {
            rooms.replace(new StudioRoom(rooms.now().version(), room.celsius(), room.percent(), room.units(), studio.clock().instant()));
        }
    }

    /** A bed laid in the morning dries through the cool: what comes after it waits for that, and all of it is over in time as walked. */
    @Test
    void plan_knowsTheNightItFallsInto() {
        StudioRoom room = rooms.now();
        Piece oar = piece("Oar");
        Instant warm = ends(sittings.say(asking("tomorrow 9-24", "", oar)));
        try {
            // the whole day but the two hours from now on
            LocalTime now = studio.clock().instant().atZone(studio.bean(ZoneId.class)).toLocalTime().truncatedTo(java.time.temporal.ChronoUnit.MINUTES);
            rooms.replace(new StudioRoom(room.version(), 21, 50, new Night(4, now.plusHours(2), now), room.units(), studio.clock().instant()));
            Worked worked = sittings.say(asking("tomorrow 9-24", "", oar));
            assertTrue(worked.fits());
            assertEquals(List.of(), Check.of(worked.problem(), worked.plan()));
            assertTrue(ends(worked).isAfter(warm.plus(Duration.ofMinutes(15))), warm + " to " + ends(worked));
            for (int job = 0; job < worked.jobs().size(); job++) {
                worked.moments(job).forEach(moment -> moment.waits().forEach(wait -> {
                    assertFalse(moment.start().plusSeconds(90).compareTo(wait.advisedEnd()) < 0, moment.act().title() + " begins before " + wait.window().why());
                    assertTrue(wait.times().latest() == null || moment.start().minusSeconds(90).compareTo(wait.began().plus(wait.times().latest())) <= 0, moment.act().title());
                }));
            }
        } finally {
            rooms.replace(new StudioRoom(rooms.now().version(), room.celsius(), room.percent(), room.units(), studio.clock().instant()));
        }
    }

    private static Instant ends(Worked worked) {
        return worked.end(worked.problem().tasks().size() - 1);
    }

    @Test
    void put_whereItCannotStand_isRefused_withTheMomentItCould() {
        Worked worked = sittings.say(asking("tomorrow 9-13, tomorrow 15-19", "", piece("Oar")));
        int rub = java.util.stream.IntStream.range(0, worked.problem().tasks().size()).filter(task -> worked.problem().tasks().get(task).rubbing() > 0).findFirst().orElseThrow();
        UnusableValue refused = assertThrows(UnusableValue.class, () -> sittings.pin(diaries.now().version(), worked.job(rub), worked.act(rub), worked.start(0)));
        assertTrue(refused.getMessage().contains("Nothing was moved"), refused.getMessage());
        assertEquals(List.of(), diaries.now().pins());
        sittings.pin(diaries.now().version(), worked.job(rub), worked.act(rub), worked.start(rub).plus(Duration.ofMinutes(20)));
        assertEquals(worked.start(rub).plus(Duration.ofMinutes(20)), sittings.now().start(rub));
        assertEquals(1, diaries.now().pins().size());
    }

    @Test
    void longer_isNeverWorse_andUndoTakesItBack() {
        Worked quick = sittings.say(asking("every Mon 19-21, every Tue 19-21, every Wed 19-21, every Thu 19-21, every Fri 19-21, every Sat 10-13, every Sun 10-13", "", piece("Oar"), piece("Lock"), piece("Weir")));
        Worked better = sittings.better(diaries.now().version());
        assertTrue(better.cost().total() <= quick.cost().total());
        sittings.undo(diaries.now().version());
        assertEquals(quick.kept(), diaries.now().planned());
    }

    /** Written through the night the clocks go forward, read by another library. */
    @Test
    void calendar_throughDaylightSavingAndMidnight() {
        ZoneId zone = ZoneId.of("Europe/Berlin");
        Instant zero = LocalDateTime.of(2027, 3, 27, 22, 0).atZone(zone).toInstant();
        Task coat = new Task(0, List.of(new Task.Timed(ActId.first("coat"), "Coat it; thin, even", 0, 10)), 10, List.of(new Task.Span(0, 10)), 0, 0, Task.ANY);
        Task lift = new Task(0, List.of(new Task.Timed(ActId.first("lift"), "Lift it", 0, 5)), 5, List.of(new Task.Span(0, 5)), 0, 0, Task.ANY);
        Problem problem = Problem.of(List.of(new Problem.Plot(new Job("moth", "Moth", null), List.of(coat, lift), List.of(new Lag(0, 1, 60, 300, "before it holds too well")), List.of(new Holding(Resource.PLATE, 1, 0, 0, 1, 5)))), Map.of(),
                List.of(new Sitting(0, 120, 0), new Sitting(150, 400, 1)), Tiredness.USUAL);
        Worked worked = new Worked(Diary.EMPTY, zero, zone, List.of(), problem, List.of(new Worked.Pull("moth", UUID.randomUUID(), "Moth", null, Length.ofMillimetres(10), Length.ofMillimetres(10), zero, null, begins -> List.of())), List.of(), new Schedule(List.of(100, 270)), false, List.of());
        List<VEvent> events = Biweekly.parse(CalendarFile.of(worked)).first().getEvents();
        assertEquals(List.of("2027-03-27T23:40", "2027-03-28T03:30", "2027-03-28T05:40"), events.stream().map(event -> event.getDateStart().getValue().toInstant().atZone(zone).toLocalDateTime().toString()).toList());
        assertEquals("Moth: Coat it; thin, even", events.getFirst().getSummary().getValue());
        assertTrue(events.getLast().getSummary().getValue().contains("last moment for “Lift it”"));
        assertEquals(3, events.stream().map(event -> event.getUid().getValue()).distinct().count());
    }
}
