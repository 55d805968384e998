package kindveil.studio.demo;

import org.jspecify.annotations.Nullable;
import java.util.Optional;
import kindveil.finish.BookReading;
import kindveil.studio.work.book.StudioBook;
import kindveil.studio.work.jar.JarWork;
import kindveil.studio.work.shelf.Gear;
import kindveil.studio.work.shelf.Lineage;
import kindveil.studio.work.shelf.Owned;
import kindveil.studio.work.shelf.Print;
import kindveil.studio.work.shelf.Shelf;
import kindveil.studio.work.stock.Prints;
import kindveil.studio.work.stock.Stock;
import kindveil.studio.work.book.Books;
import kindveil.studio.work.piece.Basis;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.log.Judged;
import kindveil.making.Begun;
import java.awt.image.BufferedImage;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import kindveil.sitting.Hours;
import kindveil.studio.work.sitting.SittingWork;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import kindveil.catalogue.Catalogue;
import kindveil.light.Colour;
import kindveil.making.Deed;
import kindveil.making.Making;
import kindveil.measure.Length;
import kindveil.measure.UnitSystem;
import kindveil.reading.LookState;
import kindveil.studio.intake.Rasters;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.log.Log;
import kindveil.studio.work.log.LogEntry;
import kindveil.studio.work.look.LookWork;
import kindveil.studio.work.piece.Page;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Pieces;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.picture.PictureWork;
import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.piece.Lay;
import kindveil.studio.work.piece.Veil;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.making.Makings;
import kindveil.studio.work.shelf.Paints;
import kindveil.studio.work.sheet.SheetWork;
import kindveil.studio.work.room.StudioRoom;
import kindveil.studio.work.making.ToldDeed;
import kindveil.tone.Treatment.Levels;
import kindveil.tone.Treatments;
import kindveil.bench.Ground;
import kindveil.bench.Hand;
import kindveil.bench.Support;
import kindveil.mixing.Jar;
import kindveil.mixing.Measure;
import kindveil.mixing.Recipe;
import kindveil.product.Mixtures;
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
    private final Makings makings;
    private final Rooms rooms;
    private final Log log;
    private final LookWork looks;
    private final SheetWork sheets;
    private final DrawnAhead ahead;
    private final Paints paints;
    private final SittingWork sittings;
    private final Books books;
    private final Stock stock;
    private final JarWork mixed;
    private final Shelf shelf;
    private final Clock clock;
    private final ZoneId zone;
    private boolean running;

    DemoStudio(PictureWork pictures, PieceWork work, Pieces pieces, Makings makings, Rooms rooms, Log log, LookWork looks, SheetWork sheets, Paints paints, DrawnAhead ahead, SittingWork sittings, Clock clock, ZoneId zone, Books books, Stock stock, JarWork mixed, Shelf shelf) {
        this.shelf = shelf;
        this.mixed = mixed;
        this.books = books;
        this.stock = stock;
        this.sittings = sittings;
        this.zone = zone;
        this.ahead = ahead;
        this.paints = paints;
        this.sheets = sheets;
        this.pictures = pictures;
        this.work = work;
        this.pieces = pieces;
        this.makings = makings;
        this.rooms = rooms;
        this.log = log;
        this.looks = looks;
        this.clock = clock;
    }

    @Override
    public void start() {
        if (pieces.none()) {
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
        kingfisher();
        heron();
        sheets();
        paints.putFirst();
        evenings();
        journal();
        jars();
        prints();
    }

    /** Copies left of what was printed, and of last week's plate: the pull, its ghost and the copy that lifted the lights. */
    private void prints() {
        for (Map.Entry<String, Integer> left : Map.of("Heron at the landing", 2, "Mooring rope", 2, "Lantern moth, blue", 3, "Ferry ticket", 4).entrySet()) {
            Planned planned = work.plan(titled(left.getKey()));
            shelf.keep(Print.of(UUID.randomUUID(), Prints.Sort.COPY.what(), left.getKey(), left.getValue(), sized(planned), clock.instant(), planned.lineage(planned.printHand(), "copy shop at the landing", ago(Duration.ofDays(5))).laidBy(new Lineage.Use(planned.piece().id(), 1))));
        }
        Planned moth = work.plan(titled("Lantern moth, blue"));
        for (Prints.Sort sort : List.of(Prints.Sort.GOOD, Prints.Sort.GHOST, Prints.Sort.LIFTED)) {
            shelf.keep(Print.of(UUID.randomUUID(), sort.what(), "Lantern moth, trial", 1, sized(moth), clock.instant(), moth.lineage(sort.paper() ? moth.printHand() : Hand.READS_RIGHT, "", ago(Duration.ofDays(8)))));
        }
    }

    private static Owned.Size sized(Planned planned) {
        return new Owned.Size(planned.brief().width(), planned.brief().height());
    }

    private Piece titled(String title) {
        return pieces.all().stream().filter(piece -> piece.title().equals(title)).findFirst().orElseThrow();
    }

    /** Some jars, half used: enough of one thing, too little of another. */
    private void jars() {
        LocalDate day = LocalDate.ofInstant(clock.instant(), zone);
        stock.keep(UUID.randomUUID(), "gloss-medium", "gloss medium", 1, 250, 0.7, 1450L, day.minusDays(60), null, null);
        stock.keep(UUID.randomUUID(), "gloss-gel", "soft gel", 1, 250, 0.15, 1650L, day.minusDays(90), null, null);
        stock.keep(UUID.randomUUID(), "matte-gel", "soft matte gel", 1, 250, 1, null, null, null, null);
        stock.keep(UUID.randomUUID(), "isopropyl-alcohol", "isopropyl alcohol, 91 %", 1, 500, 0.62, 890L, day.minusDays(40), null, null);
        stock.keep(UUID.randomUUID(), "release-concentrate", "release concentrate", 1, 60, 0.25, 1390L, day.minusDays(40), null, null);
        sheets("copy-paper", Gear.Kind.PAPER, "copy paper", 60, 210, 297, 90.0);
        sheets("coated-film", Gear.Kind.FILM, "coated film", 2, 210, 297, null);
        sheets("", Gear.Kind.TAPE, "clear packing tape", 1, 48, 66_000, null);
        sheets("", Gear.Kind.PLATE, "gel plate", 1, 203, 254, null);
        sheets("", Gear.Kind.TRAY, "white tray", 1, 250, 350, null);
        sheets("", Gear.Kind.TOOL, "small glass jug", 1, 0, 0, null);
        mixed.mix("Release solution", Recipe.of(Mixtures.RELEASE_SOLUTION, 54, Measure.SPOONS), 91, Jar.USUAL_OPENING, ago(Duration.ofHours(26)));
        mixed.mix("Shellac for blocks", Recipe.of(Mixtures.SHELLAC, 80, Measure.CUP), 96, Jar.USUAL_OPENING, ago(Duration.ofDays(100)));
        mixed.mix("Slurry", Recipe.of(Mixtures.SLURRY, 60, Measure.SPOONS), 0, Jar.USUAL_OPENING, ago(Duration.ofMinutes(12)));
        stock.keep(UUID.randomUUID(), "spray-matte-varnish", "spray varnish", 1, 400, 0.5, 1290L, day.minusDays(200), null, null);
    }

    private void sheets(String what, Gear.Kind kind, String name, int count, double width, double height, @Nullable Double grams) {
        shelf.keep(new Gear(UUID.randomUUID(), kind, what, name, count, width == 0 ? null : new Owned.Size(Length.ofMillimetres(width), Length.ofMillimetres(height)), kind == Gear.Kind.TAPE ? 0.4 : null, grams, null));
    }

    /** The ferry journal, with what was made for it glued in or on its pages. */
    private void journal() {
        Map<Integer, UUID> pages = new HashMap<>();
        Map.of(6, "Ticket on tape", 7, "Ferry ticket", 12, "Mooring rope", 21, "Ferry window").forEach((page, title) -> pieces.all().stream().filter(piece -> piece.title().equals(title)).findFirst().ifPresent(piece -> pages.put(page, piece.id())));
        books.add(new StudioBook(UUID.randomUUID(), 0, "River-ferry journal", ago(Duration.ofDays(30)), new BookReading.Book(28, 160, 7), pages, null));
    }

    /** Five pieces until the day after tomorrow, from soon on. */
    private void evenings() {
        List<String> wanted = List.of("Heron at the landing", "Kingfisher", "Water-gauge", "Lantern moth, blue", "Reed bed");
        LocalDateTime soon = LocalDateTime.ofInstant(clock.instant(), zone).truncatedTo(ChronoUnit.HOURS).plusMinutes(clock.instant().atZone(zone).getMinute() / 5 * 5L + 30);
        LocalDate day = soon.toLocalDate();
        Hours hours = new Hours(List.of(new Hours.Once(day, soon.toLocalTime(), soon.plusHours(2).toLocalTime()), new Hours.Once(day.plusDays(1), LocalTime.of(10, 0), LocalTime.of(13, 0)),
                new Hours.Once(day.plusDays(1), LocalTime.of(16, 0), LocalTime.of(17, 30)), new Hours.Once(day.plusDays(2), LocalTime.of(10, 0), LocalTime.of(12, 30))));
        List<UUID> chosen = wanted.stream().map(title -> titled(title).id()).toList();
        sittings.say(sittings.diary().saying(hours, day.plusDays(2).atTime(18, 0), chosen));
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

    private UUID picture(String name, Supplier<BufferedImage> drawing) {
        return encoded(name, name, () -> Rasters.png(drawing.get()));
    }

    /** @param file what it is called where pictures drawn ahead lie: several may bear one name in the studio */
    private UUID encoded(String file, String name, Supplier<byte[]> drawing) {
        return pictures.take(name, ahead.png(file, drawing)).id();
    }

    private Piece piece(String title, Duration made, Supplier<BufferedImage> source, @Nullable Supplier<BufferedImage> ground, Support support, Design design) {
        String file = title.toLowerCase(java.util.Locale.ROOT).replace(' ', '-');
        Basis basis = Basis.of(support, Ground.ACRYLIC_PAINT, Colour.parse("ground", "#c9a35c")).photographed(ground == null ? null : picture(file + "-ground.png", ground));
        Piece piece = Piece.of(UUID.randomUUID(), title, ago(made), picture(file + ".png", source), basis, design);
        pieces.add(piece);
        return work.get(piece.id());
    }

    private static Design design(double millimetres, Map<String, String> choices, Wish wish) {
        return Design.fresh(Length.ofMillimetres(millimetres)).withBuild(choices, Map.of(), Map.of(), wish, kindveil.bench.PrintKind.GOOD_TONER);
    }

    private void heron() {
        Piece heron = piece("Heron at the landing", Duration.ofHours(20), Drawings::heron, Grounds::river, Support.BIRCH_PANEL, design(120, Map.of("weight", "flat", "passes", "2"), Wish.SOFT));
        begun(heron, Duration.ofMinutes(96), List.of(3, 5, 6, 8, 12, 14, 17, 19, 21));
    }

    private void rope() {
        Piece rope = piece("Mooring rope", Duration.ofDays(2), Drawings::rope, Grounds::page, Support.WATERCOLOUR_PAPER, design(150, Map.of("clearing", "matte-medium"), Wish.CLEAN));
        begun(rope, Duration.ofMinutes(33), List.of(3, 5, 8, 15, 17, 20));
    }

    private void gauge() {
        Piece gauge = piece("Water-gauge", Duration.ofDays(3), Drawings::gauge, null, Support.BIRCH_PANEL, design(80, Map.of("school", "double-coat"), Wish.CLEAN));
        begun(gauge, Duration.ofMinutes(20), List.of(2, 4, 8, 10));
    }

    /** In colours in a deep bed, on a blue page larger than it. */
    private void kingfisher() {
        Piece piece = piece("Kingfisher", Duration.ofDays(2).plusHours(9), Watercolours::kingfisher, Grounds::blue, Support.WATERCOLOUR_PAPER,
                Design.fresh(Length.ofMillimetres(110)).withBuild(Map.of("clearing", "gloss-medium", "school", "deep-bed"), Map.of(), Map.of(), Wish.CLEAN, kindveil.bench.PrintKind.COLOUR_TONER));
        Page page = new Page(Length.ofMillimetres(150), Length.ofMillimetres(182));
        work.change(piece.with(piece.veil().at(Length.ofMillimetres(20), Length.ofMillimetres(20))).with(piece.basis().sized(page)));
    }

    private void reedBed() {
        piece("Reed bed", Duration.ofDays(4), Drawings::reedBed, null, Support.WATERCOLOUR_PAPER, design(140, Map.of(), Wish.GHOSTED));
    }

    /** A way of its own each, still being planned. */
    private void tape() {
        Design design = design(75, Map.of(), Wish.SOFT).doing(Catalogue.way("tape-lift")).treated(Treatments.of(new Levels(48, 74)));
        piece("Ticket on tape", Duration.ofDays(4).minusHours(2), Drawings::ticket, Grounds::page, Support.JOURNAL_PAGE, design);
    }

    /** Several veils in one work: a backed picture, a tape over its corner, a glaze over all. */
    private void window() {
        Design first = design(140, Map.of(), Wish.CLEAN).doing(Catalogue.way("opaque-backed-lay"));
        Piece window = piece("Ferry window", Duration.ofDays(3).plusHours(5), Drawings::heron, Grounds::dusk, Support.WATERCOLOUR_PAPER, first);
        Design over = design(56, Map.of("stick", "gel"), Wish.SOFT).doing(Catalogue.way("tape-lift")).treated(Treatments.of(new Levels(48, 74)));
        UUID stub = picture("ferry-ticket-stub.png", Drawings::ticket);
        Piece two = work.change(window.plus(new Veil(stub, Length.ofMillimetres(74), Length.ofMillimetres(103), over.with(Lay.STRAIGHT.turned(-6)))));
        work.change(two.plus(new Veil(null, Length.ofMillimetres(0), Length.ofMillimetres(0), over.doing(Catalogue.way("glazing")))));
    }

    private void plate() {
        Design design = design(110, Map.of("tones", "inverted"), Wish.CLEAN).doing(Catalogue.way("plate-pull"));
        design = design.withBuild(Map.of("tones", "inverted"), Map.of(), Map.of("image", Colour.parse("image", "#f2e3b8"), "pull", Colour.parse("pull", "#1f3a63")), Wish.CLEAN,
                kindveil.bench.PrintKind.PHOTOCOPY);
        piece("Lantern moth, blue", Duration.ofDays(3).plusHours(1), Drawings::moth, null, Support.DRAWING_PAPER, design);
    }

    private void ticket() {
        Design design = design(75, Map.of("clearing", "leave"), Wish.CLEAN).treated(Treatments.of(new Levels(48, 74)));
        Piece ticket = piece("Ferry ticket", Duration.ofDays(10), Drawings::ticket, null, Support.WATERCOLOUR_PAPER, design);
        StoredMaking failed = begun(ticket, Duration.ofDays(9), List.of(2, 4, 6, 10, 12, 14, 15, 42, 50, 66));
        makings.layAside(failed.id(), true);
        UUID photo = picture("ferry-ticket-torn.png", () -> Grounds.photographed(look(ticket, LookState.DRIED, 1), 0.46, 3));
        written(ticket, failed, Duration.ofDays(9), LogEntry.Verdict.FAILED, "Half the lettering came off with the paper. The page was cool to the touch when I wetted it.",
                "Wet the paper: begun after 27 min, 60 min at the earliest was asked", new LogEntry.Findings(null, LogEntry.Fibre.MUCH, null, "", LogEntry.Cause.DRYING), LookState.DRIED, 1, photo);
    }

    private void written(Piece piece, StoredMaking making, Duration before, LogEntry.Verdict verdict, String came, String different, LogEntry.Findings findings, LookState state, int pass, UUID photo) {
        UUID foreseen = encoded("foreseen-%s.png".formatted(piece.title()), "foreseen.png", () -> looks.png(piece, Map.of(), state, pass, true));
        Judged judged = LogWork.judged(work.plan(piece), Optional.of(making), "copy shop at the landing", 1, state, pass, foreseen);
        log.add(new LogEntry(UUID.randomUUID(), 0, piece.id(), making.id(), ago(before), verdict, came, different, findings, judged, photo, false));
    }

    private void moth() {
        Piece moth = piece("Moth by lamplight", Duration.ofDays(24), Drawings::moth, Grounds::dusk, Support.BIRCH_PANEL, design(100, Map.of("sealing", "matte-varnish"), Wish.CLEAN));
        StoredMaking made = asPlanned(moth, Duration.ofDays(22));
        UUID photo = picture("moth-finished.png", () -> Grounds.photographed(look(moth, LookState.SEALED, 4), 0.16, 12));
        written(moth, made, Duration.ofDays(17), LogEntry.Verdict.AS_WISHED, "Black as the copy. A freckle of white on the left wing that I like.", "",
                new LogEntry.Findings(LogEntry.Tack.DRY, LogEntry.Fibre.GHOSTS, null, "", null), LookState.SEALED, 4, photo);
    }

    private BufferedImage look(Piece piece, LookState state, int pass) {
        return Rasters.decode(looks.png(piece, Map.of(), state, pass, false));
    }

    /** A making whose first acts were done at {@code minutes} after it was begun. */
    private StoredMaking begun(Piece piece, Duration before, List<Integer> minutes) {
        StoredMaking fresh = fresh(piece, ago(before));
        Making making = fresh.making();
        List<ToldDeed> told = new ArrayList<>();
        for (int minute : minutes) {
            Deed deed = new Deed(making.current().orElseThrow().id(), 0, fresh.begun().plus(Duration.ofMinutes(minute)), false);
            told.add(new ToldDeed(deed, deed.at(), false));
            making = making.with(deed);
        }
        return kept(fresh, told);
    }

    /** A making that went as planned to its end. */
    private StoredMaking asPlanned(Piece piece, Duration before) {
        StoredMaking fresh = fresh(piece, ago(before));
        List<ToldDeed> told = fresh.making().forecast(fresh.begun()).stream().map(moment -> {
            Instant at = fresh.begun().plus(moment.end());
            return new ToldDeed(new Deed(moment.act().id(), moment.act().expected(), at, false), at, false);
        }).toList();
        return kept(fresh, told);
    }

    private StoredMaking fresh(Piece piece, Instant begun) {
        return new StoredMaking(UUID.randomUUID(), piece.id(), begun, Begun.of(work.plan(piece).sequence()), List.of(), List.of(), List.of(), false);
    }

    private StoredMaking kept(StoredMaking fresh, List<ToldDeed> told) {
        StoredMaking making = new StoredMaking(fresh.id(), fresh.piece(), fresh.begun(), fresh.plan(), told, List.of(), List.of(), false);
        makings.add(making);
        return making;
    }
}
