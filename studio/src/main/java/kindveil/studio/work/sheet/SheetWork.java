package kindveil.studio.work.sheet;

import kindveil.studio.work.Outdated;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.Caches;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.log.LogEntry;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Pieces;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PrintPlan;
import kindveil.studio.work.source.SourceWork;
import com.github.benmanes.caffeine.cache.Cache;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import kindveil.bench.PrintKind;
import kindveil.bench.Sheet;
import kindveil.image.Plane;
import kindveil.learning.Spares;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.reading.MarginReading;
import kindveil.sheet.CheckRule;
import kindveil.sheet.Packing;
import kindveil.sheet.Paper;
import kindveil.sheet.PrintSheet;
import kindveil.sheet.PrintSheet.Placed;
import kindveil.sheet.PrintSheet.Rect;
import kindveil.studio.work.sheet.Gathering.SetUp;
import kindveil.studio.work.sheet.Gathering.Spot;
import kindveil.studio.work.sheet.Gathering.Wanted;
import kindveil.tone.Overrun;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Images of several pieces and their spares, gathered and laid on as few sheets as can be. */
@Service
@Transactional
public class SheetWork {
    private static final int OVERRUN_PIXELS = 600;
    private final Gatherings gatherings;
    private final Pieces pieces;
    private final PieceWork planning;
    private final SourceWork sources;
    private final Printers printers;
    private final Cache<List<Object>, Double> overrun = Caches.bounded().maximumSize(200).build();
    private final Cache<List<Object>, List<PrintSheet>> packed = Caches.bounded().maximumSize(100).build();

    SheetWork(Gatherings gatherings, Pieces pieces, PieceWork planning, SourceWork sources, Printers printers) {
        this.gatherings = gatherings;
        this.pieces = pieces;
        this.planning = planning;
        this.sources = sources;
        this.printers = printers;
    }

    /**
     * One image on the sheets.
     *
     * @param label what it is called there, unlike all others
     * @param spares what the record advises
     * @param copies how many are laid out
     */
    public record Item(Wanted wanted, Planned planned, String label, Spares spares, int copies) {
        /** Paper that must stay around it. */
        public Length margin() {
            return MarginReading.of(planned.trace());
        }

        public boolean mirrored() {
            return planned.mirrored();
        }
    }

    /**
     * What goes through one machine on one carrier.
     *
     * @param sheets empty where something does not fit; then {@code trouble} says what
     * @param byHand whether they lie as they were put by hand
     * @param trouble what is to be put right, or empty
     */
    public record Batch(SetUp setUp, List<Item> items, List<PrintSheet> sheets, boolean byHand, String trouble) {
        public PrintKind kind() {
            return setUp.kind();
        }

        public int copies() {
            return items.stream().mapToInt(Item::copies).sum();
        }

        /** Share of all its sheets that images cover, 0 to 1. */
        public double used() {
            return sheets.stream().mapToDouble(PrintSheet::used).average().orElse(0);
        }

        public Item item(String label) {
            return items.stream().filter(item -> item.label.equals(label)).findFirst().orElseThrow();
        }
    }

    public Gathering gathering() {
        return gatherings.now();
    }

    /** Every carrier that something is gathered for, in the order of print kinds. */
    public List<Batch> batches() {
        return batches(gatherings.now());
    }

    public Batch batch(PrintKind kind) {
        return batches().stream().filter(batch -> batch.kind() == kind).findFirst().orElseThrow(() -> new NotFound("sheet of", kind));
    }

    /**
     * The sheets an image lies on, or would lie on if it were put on them; empty where it can be on none.
     *
     * @param piece with the veil in hand
     */
    public Optional<Batch> among(Piece piece) {
        if (!piece.veil().bringsPicture() || !printable(piece.design().print()) || piece.design().printing().exists() != null) {
            return Optional.empty();
        }
        Gathering now = gatherings.now();
        if (!now.holds(piece.id(), piece.inHand() + 1) && now.wanted().size() == Gathering.MOST_IMAGES) {
            return Optional.empty();
        }
        Gathering with = now.holds(piece.id(), piece.inHand() + 1) ? now : now.with(wanted(piece));
        return batches(with).stream().filter(batch -> batch.kind() == piece.design().print()).findFirst();
    }

    /** With as many copies as the piece was told; untold, as many as the record advises. */
    private static Wanted wanted(Piece piece) {
        int told = piece.design().copies();
        return new Wanted(piece.id(), piece.inHand() + 1, told == PrintPlan.FRESH.copies() ? null : Math.min(told, Gathering.MOST_COPIES));
    }

    private List<Batch> batches(Gathering gathering) {
        Map<PrintKind, List<Wanted>> byKind = new LinkedHashMap<>();
        Map<Wanted, Planned> plans = new LinkedHashMap<>();
        for (Wanted wanted : gathering.wanted()) {
            pieces.find(wanted.piece()).filter(piece -> wanted.veil() <= piece.veils().size()).map(piece -> piece.at(wanted.veil()))
                    .filter(piece -> piece.veil().bringsPicture() && printable(piece.design().print())).ifPresent(piece -> {
                        plans.put(wanted, planning.plan(piece));
                        byKind.computeIfAbsent(piece.design().print(), kind -> new ArrayList<>()).add(wanted);
                    });
        }
        return byKind.entrySet().stream().sorted(Map.Entry.comparingByKey()).map(entry -> batch(setUp(gathering, entry.getKey(), entry.getValue().stream().map(plans::get).toList()), entry.getValue(), plans)).toList();
    }

    /** Whether a machine prints it; pages of magazines are only cut. */
    public static boolean printable(PrintKind kind) {
        return kind.sheet() != Sheet.MAGAZINE && kind.sheet() != Sheet.COATED_MAGAZINE;
    }

    /** As told; otherwise as the images are planned. */
    private static SetUp setUp(Gathering gathering, PrintKind kind, List<Planned> plans) {
        return gathering.setUp(kind).orElseGet(() -> SetUp.of(kind, plans.getFirst().piece().design().paper(), plans.stream().mapToInt(Planned::runs).max().orElse(1)));
    }

    private Batch batch(SetUp setUp, List<Wanted> wanted, Map<Wanted, Planned> plans) {
        List<Item> items = new ArrayList<>();
        List<LogEntry> record = printers.recordOf(setUp.printedBy());
        for (Wanted one : wanted) {
            Planned planned = plans.get(one);
            Spares spares = Printers.spares(record, planned.piece().design().way());
            items.add(new Item(one, planned, label(planned, items), spares, one.copies() == null ? spares.copies() : one.copies()));
        }
        List<PrintSheet> arranged = arranged(setUp, items);
        if (!arranged.isEmpty()) {
            return new Batch(setUp, items, arranged, true, "");
        }
        String stale = setUp.byHand().isEmpty() ? "" : "The images have changed since you arranged them by hand, so they are packed anew.";
        try {
            return new Batch(setUp, items, packed(setUp, items), false, stale);
        } catch (UnusableValue tooLarge) {
            return new Batch(setUp, items, List.of(), false, tooLarge.getMessage());
        }
    }

    private List<PrintSheet> packed(SetUp setUp, List<Item> items) {
        List<Packing.Wanted> wanted = wanted(items);
        return packed.get(List.of(setUp.sheet(), wanted), key -> Packing.of(setUp.size(), wanted));
    }

    static List<Packing.Wanted> wanted(List<Item> items) {
        return items.stream().map(item -> new Packing.Wanted(item.label, item.planned.brief().width(), item.planned.brief().height(), item.copies, item.margin())).toList();
    }

    private static String label(Planned planned, List<Item> taken) {
        String title = planned.piece().title() + (planned.piece().veils().size() > 1 ? ", veil " + (planned.piece().inHand() + 1) : "");
        String label = title;
        for (int n = 2; contains(taken, label); n++) {
            label = "%s (%d)".formatted(title, n);
        }
        return label;
    }

    private static boolean contains(List<Item> items, String label) {
        return items.stream().anyMatch(item -> item.label.equals(label));
    }

    // --- by hand

    /** The sheets as put by hand, if they still hold just the copies wanted and nothing is wrong with them; otherwise empty. */
    private static List<PrintSheet> arranged(SetUp setUp, List<Item> items) {
        if (setUp.byHand().isEmpty()) {
            return List.of();
        }
        List<PrintSheet> sheets = setUp.byHand().stream().map(spots -> sheet(setUp, items, spots)).toList();
        List<String> there = sheets.stream().flatMap(sheet -> sheet.places().stream()).map(SheetWork::name).sorted().toList();
        List<String> wanted = items.stream().flatMap(item -> IntStream.rangeClosed(1, item.copies).mapToObj(copy -> item.label + "/" + copy)).sorted().toList();
        return there.equals(wanted) && sheets.stream().allMatch(sheet -> Packing.wrong(sheet, margins(items)).isEmpty()) ? sheets : List.of();
    }

    private static Function<String, Length> margins(List<Item> items) {
        Map<String, Length> margins = items.stream().collect(Collectors.toMap(Item::label, Item::margin));
        return margins::get;
    }

    private static String name(Placed placed) {
        return placed.what() + "/" + placed.copy();
    }

    private static PrintSheet sheet(SetUp setUp, List<Item> items, List<Spot> spots) {
        Length width = setUp.turned() ? setUp.size().height() : setUp.size().width();
        Length height = setUp.turned() ? setUp.size().width() : setUp.size().height();
        List<Placed> placed = new ArrayList<>();
        for (Spot spot : spots) {
            items.stream().filter(item -> item.wanted.is(spot.piece(), spot.veil())).findFirst().ifPresent(item -> {
                Length w = item.planned.brief().width();
                Length h = item.planned.brief().height();
                placed.add(new Placed(item.label, spot.copy(), new Rect(Length.ofMillimetres(spot.x()), Length.ofMillimetres(spot.y()), spot.turned() ? h : w, spot.turned() ? w : h), spot.turned()));
            });
        }
        return new PrintSheet(setUp.size().words(), width, height, placed, PrintSheet.note(width, height));
    }

    private static List<List<Spot>> spots(Batch batch) {
        return batch.sheets.stream().map(sheet -> sheet.places().stream().map(placed -> {
            Wanted wanted = batch.item(placed.what()).wanted;
            return new Spot(wanted.piece(), wanted.veil(), placed.copy(), placed.rect().x().millimetres(), placed.rect().y().millimetres(), placed.turned());
        }).toList()).toList();
    }

    /**
     * Where a copy is put.
     *
     * @param sheet from 0; one past the last begins another
     * @param x mm from the left of the sheet; likewise {@code y} from the top
     */
    public record Put(int sheet, double x, double y, boolean turned) {
    }

    /** Puts copy {@code index} of sheet {@code from} elsewhere; refused with all that would be wrong. */
    public void arrange(PrintKind kind, int version, int from, int index, Put put) {
        requireNow(version);
        Batch batch = batch(kind);
        List<List<Spot>> sheets = new ArrayList<>(spots(batch).stream().map(ArrayList::new).toList());
        if (from < 0 || from >= sheets.size() || index < 0 || index >= sheets.get(from).size()) {
            throw new NotFound("copy", from + "/" + index);
        }
        UnusableValue.requireWithin("sheet", put.sheet + 1.0, 1, sheets.size() + 1.0, "", "One more than there are begins another sheet.");
        UnusableValue.requireWithin("from the left", put.x, 0, 1000, "mm", "It lies off the sheet.");
        UnusableValue.requireWithin("from the top", put.y, 0, 1000, "mm", "It lies off the sheet.");
        Spot spot = sheets.get(from).remove(index);
        if (put.sheet == sheets.size()) {
            sheets.add(new ArrayList<>());
        }
        int at = put.sheet == from ? index : sheets.get(put.sheet).size();
        sheets.get(put.sheet).add(at, new Spot(spot.piece(), spot.veil(), spot.copy(), put.x, put.y, put.turned));
        boolean turned = batch.sheets.getFirst().turned() != batch.setUp.size().width().compareTo(batch.setUp.size().height()) > 0;
        SetUp setUp = batch.setUp.arranged(turned, List.of());
        List<String> wrong = Packing.wrong(sheet(setUp, batch.items, sheets.get(put.sheet)), margins(batch.items));
        if (!wrong.isEmpty()) {
            throw new UnusableValue("place", "%s, %.0f mm from the left, %.0f mm from the top".formatted(batch.sheets.get(from).places().get(index).what(), put.x, put.y),
                    "a place free of everything else", String.join(" ", wrong));
        }
        List<List<Spot>> kept = sheets.stream().filter(spots -> !spots.isEmpty()).map(List::copyOf).collect(Collectors.toList());
        change(version, g -> g.with(batch.setUp.arranged(turned, kept)));
    }

    /** Lets the packing decide again. */
    public void packAgain(PrintKind kind, int version) {
        Batch batch = batch(kind);
        change(version, g -> g.with(batch.setUp.arranged(false, List.of())));
    }

    // --- what is gathered, and how

    private Gathering requireNow(int version) {
        Gathering now = gatherings.now();
        if (now.version() != version) {
            throw new Outdated("What is gathered on the sheets");
        }
        return now;
    }

    private void change(int version, java.util.function.UnaryOperator<Gathering> change) {
        gatherings.replace(change.apply(requireNow(version)));
    }

    /** Puts an image on the sheets; whatever version, since nothing is taken away. */
    public PrintKind gather(Piece piece) {
        PrintKind kind = piece.design().print();
        if (!piece.veil().bringsPicture() || !printable(kind)) {
            throw new UnusableValue("print", piece.veil().bringsPicture() ? kind.words() : "none", "a veil whose image a machine prints", "A page of a magazine is cut, not printed.");
        }
        Gathering now = gatherings.now();
        if (!now.holds(piece.id(), piece.inHand() + 1)) {
            gatherings.replace(now.with(wanted(piece)));
        }
        return kind;
    }

    /** How many copies of an image on the sheets, and the paper they are laid on; no matter of those that are on none. @param paper or null where it stays as it is */
    public void tell(Piece piece, int copies, @Nullable Paper paper) {
        Gathering now = gatherings.now();
        if (!now.holds(piece.id(), piece.inHand() + 1)) {
            return;
        }
        SetUp present = batch(piece.design().print()).setUp;
        Gathering told = now.with(new Wanted(piece.id(), piece.inHand() + 1, copies));
        gatherings.replace(paper == null || paper.name().equals(present.sheet()) ? told : told.with(present.set(paper.name(), present.printedBy(), present.runs())));
    }

    /** All of a carrier is printed: its images come off the sheets, its machine stays set up. */
    public void clear(PrintKind kind, int version) {
        List<Wanted> printed = batch(kind).items.stream().map(Item::wanted).toList();
        change(version, g -> g.without(printed));
    }

    public void drop(int version, UUID piece, int veil) {
        change(version, g -> g.without(piece, veil));
    }

    /** Sets copies of each image and the machine at once. */
    public void setUp(PrintKind kind, int version, List<Wanted> copies, String sheet, String printedBy, int runs) {
        SetUp present = batch(kind).setUp;
        change(version, g -> {
            Gathering other = g;
            for (Wanted wanted : copies) {
                other = other.with(wanted);
            }
            return other.with(present.set(sheet, LogWork.requireShort("Who prints it", printedBy.strip(), 120), runs));
        });
        copies.forEach(this::tellPiece);
    }

    /** One count of copies, wherever it is told. */
    private void tellPiece(Wanted told) {
        pieces.find(told.piece()).map(piece -> piece.at(told.veil())).ifPresent(piece -> {
            int copies = told.copies() == null ? PrintPlan.FRESH.copies() : told.copies();
            if (piece.design().copies() != copies) {
                planning.change(piece.with(piece.design().withPrint(piece.design().hand(), piece.design().paper(), copies)));
            }
        });
    }

    /** What the 50 mm rule of a sheet measured. */
    public CheckRule measure(PrintKind kind, int version, Length found) {
        SetUp present = batch(kind).setUp;
        CheckRule rule = present.rule().measuring(found);
        change(version, g -> g.with(present.measured(rule)));
        return rule;
    }

    /** Forgets what was measured: another machine, or its settings were put right. */
    public void unmeasure(PrintKind kind, int version) {
        SetUp present = batch(kind).setUp;
        change(version, g -> g.with(present.measured(CheckRule.UNMEASURED)));
    }

    // --- what is told of them

    /** Share of its detail an image loses where its sheet runs over itself, 0 to 1. */
    public double lostToRuns(Item item, int runs) {
        if (runs == 1) {
            return 0;
        }
        Piece piece = item.planned.piece();
        double width = item.planned.brief().width().millimetres();
        return overrun.get(List.of(piece.veil().source(), piece.design().treatments().toString(), width, runs), key -> {
            Plane plane = sources.printed(piece, OVERRUN_PIXELS);
            return new Overrun(runs, piece.design().print().transmittance()).detailLost(plane, Length.ofMillimetres(width));
        });
    }

    /** Pieces whose image is not on the sheets yet, newest first, one for each veil that brings one. */
    public List<Piece> ungathered() {
        Gathering now = gatherings.now();
        return pieces.all().stream().flatMap(piece -> IntStream.rangeClosed(1, piece.veils().size()).mapToObj(piece::at))
                .filter(piece -> piece.veil().bringsPicture() && printable(piece.design().print()) && !now.holds(piece.id(), piece.inHand() + 1))
                .sorted(Comparator.comparing(Piece::created).reversed()).toList();
    }

}
