package kindveil.studio.demo;

import java.awt.image.BufferedImage;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.catalogue.Catalogue;
import kindveil.light.Colour;
import kindveil.making.Deed;
import kindveil.making.Making;
import kindveil.measure.Length;
import kindveil.measure.UnitSystem;
import kindveil.reading.LookState;
import kindveil.studio.intake.Rasters;
import kindveil.studio.work.Design;
import kindveil.studio.work.Log;
import kindveil.studio.work.LogEntry;
import kindveil.studio.work.LookWork;
import kindveil.studio.work.Piece;
import kindveil.studio.work.PieceWork;
import kindveil.studio.work.Pieces;
import kindveil.studio.work.PictureWork;
import kindveil.studio.work.Planned;
import kindveil.studio.work.Rooms;
import kindveil.studio.work.Veil;
import kindveil.studio.work.Run;
import kindveil.studio.work.Runs;
import kindveil.studio.work.SheetWork;
import kindveil.studio.work.StudioRoom;
import kindveil.studio.work.ToldDeed;
import kindveil.tone.Treatment.Levels;
import kindveil.tone.Treatments;
import kindveil.way.Act;
import kindveil.bench.Ground;
import kindveil.bench.Support;
import kindveil.way.Wish;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/** Sets the demo studio up in an empty store, before the first request is answered. */
@Component
@ConditionalOnProperty(name = "kindveil.demo", havingValue = "true")
class DemoStudio implements SmartLifecycle {
    private final PictureWork pictures;
    private final PieceWork work;
    private final Pieces pieces;
    private final Runs runs;
    private final Rooms rooms;
    private final Log log;
    private final LookWork looks;
    private final SheetWork sheets;
    private final Clock clock;
    private boolean running;

    DemoStudio(PictureWork pictures, PieceWork work, Pieces pieces, Runs runs, Rooms rooms, Log log, LookWork looks, SheetWork sheets, Clock clock) {
        this.sheets = sheets;
        this.pictures = pictures;
        this.work = work;
        this.pieces = pieces;
        this.runs = runs;
        this.rooms = rooms;
        this.log = log;
        this.looks = looks;
        this.clock = clock;
    }

    @Override
    public void start() {
        if (pieces.all().isEmpty()) {
            setUp();
        }
        running = true;
    }

    @Override
    public void stop() {
        running = false;
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    /** Before the web server, which starts in one of the last phases. */
    @Override
    public int getPhase() {
        return 0;
    }

    private void setUp() {
        rooms.replace(new StudioRoom(rooms.now().version(), 21.4, 48, UnitSystem.METRIC, ago(Duration.ofMinutes(40))));
        moth();
        ticket();
        reedBed();
        tape();
        window();
        plate();
        gauge();
        rope();
        heron();
        sheets();
    }

    /** What is to be printed next: three images from the copy shop, two others beside them. */
    private void sheets() {
        List<String> wanted = List.of("Mooring rope", "Reed bed", "Heron at the landing", "Lantern moth, blue", "Ticket on tape");
        for (String title : wanted) {
            pieces.all().stream().filter(piece -> piece.title().equals(title)).findFirst().ifPresent(sheets::gather);
        }
        sheets.setUp(kindveil.bench.PrintKind.GOOD_TONER, sheets.gathering().version(), List.of(), kindveil.sheet.Paper.A4.name(), "copy shop at the landing", 1);
    }

    private Instant ago(Duration duration) {
        return clock.instant().minus(duration);
    }

    private UUID picture(String name, BufferedImage image) {
        return pictures.take(name, Rasters.png(image)).id();
    }

    private Piece piece(String title, Duration made, BufferedImage source, BufferedImage ground, Design design) {
        String file = title.toLowerCase(java.util.Locale.ROOT).replace(' ', '-');
        Piece piece = Piece.of(UUID.randomUUID(), 0, title, ago(made), picture(file + ".png", source), ground == null ? null : picture(file + "-ground.png", ground), design);
        pieces.add(piece);
        return work.get(piece.id());
    }

    private static Design design(double millimetres, Map<String, String> choices, Support support, Wish wish) {
        return Design.fresh(Length.ofMillimetres(millimetres)).withBase(support, Ground.ACRYLIC_PAINT, Colour.parse("ground", "#c9a35c"))
                .withBuild(choices, Map.of(), Map.of(), wish, kindveil.bench.PrintKind.GOOD_TONER);
    }

    private void heron() {
        Piece heron = piece("Heron at the landing", Duration.ofHours(20), Drawings.heron(), Grounds.river(),
                design(120, Map.of("weight", "flat", "passes", "2"), Support.BIRCH_PANEL, Wish.SOFT));
        begun(heron, Duration.ofMinutes(96), List.of(3, 5, 6, 8, 12, 14, 17, 19, 21));
    }

    private void rope() {
        Piece rope = piece("Mooring rope", Duration.ofDays(2), Drawings.rope(), Grounds.page(), design(150, Map.of("clearing", "matte-medium"), Support.WATERCOLOUR_PAPER, Wish.CLEAN));
        begun(rope, Duration.ofMinutes(33), List.of(3, 5, 8, 15, 17, 20));
    }

    private void gauge() {
        Piece gauge = piece("Water-gauge", Duration.ofDays(3), Drawings.gauge(), null, design(80, Map.of("school", "double-coat"), Support.BIRCH_PANEL, Wish.CLEAN));
        begun(gauge, Duration.ofMinutes(20), List.of(2, 4, 8, 10));
    }

    private void reedBed() {
        piece("Reed bed", Duration.ofDays(4), Drawings.reedBed(), null, design(140, Map.of(), Support.WATERCOLOUR_PAPER, Wish.GHOSTED));
    }

    /** A way of its own each, still being planned. */
    private void tape() {
        Design design = design(75, Map.of(), Support.JOURNAL_PAGE, Wish.SOFT).doing(Catalogue.way("tape-lift"), true).treated(Treatments.of(new Levels(48, 74)));
        piece("Ticket on tape", Duration.ofDays(4).minusHours(2), Drawings.ticket(), Grounds.page(), design);
    }

    /** Several veils in one work: a backed picture, a tape over its corner, a glaze over all. */
    private void window() {
        Design first = design(140, Map.of(), Support.WATERCOLOUR_PAPER, Wish.CLEAN).doing(Catalogue.way("opaque-backed-lay"), true);
        Piece window = piece("Ferry window", Duration.ofDays(3).plusHours(5), Drawings.heron(), Grounds.dusk(), first);
        Design over = design(56, Map.of("stick", "gel"), Support.WATERCOLOUR_PAPER, Wish.SOFT).doing(Catalogue.way("tape-lift"), false).treated(Treatments.of(new Levels(48, 74)));
        UUID stub = picture("ferry-ticket-stub.png", Drawings.ticket());
        Piece two = work.change(window.plus(new Veil(stub, Length.ofMillimetres(70), Length.ofMillimetres(142), over)));
        work.change(two.plus(new Veil(null, Length.ofMillimetres(0), Length.ofMillimetres(0), over.doing(Catalogue.way("glazing"), false))));
    }

    private void plate() {
        Design design = design(110, Map.of("tones", "inverted"), Support.DRAWING_PAPER, Wish.CLEAN).doing(Catalogue.way("plate-pull"), true);
        design = design.withBuild(Map.of("tones", "inverted"), Map.of(), Map.of("image", Colour.parse("image", "#f2e3b8"), "pull", Colour.parse("pull", "#1f3a63")), Wish.CLEAN,
                kindveil.bench.PrintKind.PHOTOCOPY);
        piece("Lantern moth, blue", Duration.ofDays(3).plusHours(1), Drawings.moth(), null, design);
    }

    private void ticket() {
        Design design = design(75, Map.of("clearing", "leave"), Support.WATERCOLOUR_PAPER, Wish.CLEAN).treated(Treatments.of(new Levels(48, 74)));
        Piece ticket = piece("Ferry ticket", Duration.ofDays(10), Drawings.ticket(), null, design);
        Run failed = begun(ticket, Duration.ofDays(9), List.of(2, 4, 6, 10, 12, 14, 15, 42, 50, 66));
        runs.layAside(failed.id());
        UUID photo = picture("ferry-ticket-torn.png", Grounds.photographed(look(ticket, LookState.DRIED, 1), 0.46, 3));
        log.add(new LogEntry(UUID.randomUUID(), ticket.id(), failed.id(), ago(Duration.ofDays(9)), LogEntry.Verdict.FAILED, Wish.CLEAN,
                "Half the lettering came off with the paper. The page was cool to the touch when I wetted it.",
                "Wet the paper: begun after 27 min, 60 min at the earliest was asked", "copy shop at the landing", new LogEntry.Findings(null, LogEntry.Fibre.MUCH, null, "", LogEntry.Cause.DRYING), LookState.DRIED, 1, photo));
    }

    private void moth() {
        Piece moth = piece("Moth by lamplight", Duration.ofDays(24), Drawings.moth(), Grounds.dusk(), design(100, Map.of("sealing", "matte-varnish"), Support.BIRCH_PANEL, Wish.CLEAN));
        Run made = asPlanned(moth, Duration.ofDays(22));
        UUID photo = picture("moth-finished.png", Grounds.photographed(look(moth, LookState.SEALED, 4), 0.16, 12));
        log.add(new LogEntry(UUID.randomUUID(), moth.id(), made.id(), ago(Duration.ofDays(17)), LogEntry.Verdict.AS_WISHED, Wish.CLEAN,
                "Black as the copy. A freckle of white on the left wing that I like.", "", "copy shop at the landing", new LogEntry.Findings(LogEntry.Tack.DRY, LogEntry.Fibre.GHOSTS, null, "", null), LookState.SEALED, 4, photo));
    }

    private BufferedImage look(Piece piece, LookState state, int pass) {
        return Rasters.decode(looks.png(piece, Map.of(), state, pass, false));
    }

    /** A making whose first acts were done at {@code minutes} after it was begun. */
    private Run begun(Piece piece, Duration before, List<Integer> minutes) {
        Run run = fresh(piece, ago(before));
        List<ToldDeed> told = new ArrayList<>();
        for (int minute : minutes) {
            Act act = with(run, told).making().current().orElseThrow();
            told.add(done(act.key(), 0, run.begun().plus(Duration.ofMinutes(minute))));
        }
        runs.add(with(run, told));
        return run;
    }

    /** A making that went as planned to its end. */
    private Run asPlanned(Piece piece, Duration before) {
        Run run = fresh(piece, ago(before));
        Making making = run.making();
        List<ToldDeed> told = making.forecast(run.begun()).stream().map(moment -> done(moment.act().key(), moment.act().expected(), run.begun().plus(moment.end()))).toList();
        runs.add(with(run, told));
        return run;
    }

    private static ToldDeed done(String act, int answer, Instant at) {
        return new ToldDeed(new Deed(act, answer, at, false), at, false);
    }

    private Run fresh(Piece piece, Instant begun) {
        Planned planned = work.plan(piece);
        return new Run(UUID.randomUUID(), piece.id(), begun, planned.work(), List.of(), false);
    }

    private static Run with(Run run, List<ToldDeed> told) {
        return new Run(run.id(), run.piece(), run.begun(), run.work(), told, run.laidAside());
    }
}
