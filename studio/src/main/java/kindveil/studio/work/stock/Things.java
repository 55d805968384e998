package kindveil.studio.work.stock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import kindveil.bench.Sheet;
import kindveil.measure.Length;
import kindveil.measure.Volume;
import kindveil.product.Product;
import kindveil.reading.ThingReading;
import kindveil.sheet.Packing;
import kindveil.sheet.Paper;
import kindveil.sheet.SheetSize;
import kindveil.studio.work.jar.JarWork;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.shelf.Owned;
import kindveil.studio.work.shelf.Shelf;
import kindveil.studio.work.shelf.Gear;
import kindveil.studio.work.sitting.Diary;
import kindveil.studio.work.sitting.SittingWork;
import kindveil.way.Brief;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What stands on the shelf that is not poured: sheets, rolls of tape, plates, trays, weights, tools; and what the planned pieces take of it. */
@Service
public class Things {
    /** What is printed on. */
    public static final List<Sheet> SHEETS = List.of(Sheet.COPY_PAPER, Sheet.COATED_FILM, Sheet.TISSUE, Sheet.PHOTO_PAPER);
    private final Shelf shelf;
    private final JarWork jars;
    private final PieceWork pieces;
    private final MakeWork makings;
    private final SittingWork sittings;

    Things(Shelf shelf, JarWork jars, PieceWork pieces, MakeWork makings, SittingWork sittings) {
        this.sittings = sittings;
        this.shelf = shelf;
        this.jars = jars;
        this.pieces = pieces;
        this.makings = makings;
    }

    /**
     * What the pieces take of one kind of thing.
     *
     * @param needed sheets, mm of tape, or 1 where one of its size is wanted
     * @param have of it; {@code short_} whether that is too little
     * @param least size wanted, where its size matters
     */
    public record Need(Gear.Kind kind, String what, double needed, double have, boolean lacking, @Nullable Size least, Set<String> pieces) {
    }

    /** Two sides, the longer first. */
    public record Size(Length longer, Length shorter) {
        static Size of(Length one, Length other) {
            return one.compareTo(other) >= 0 ? new Size(one, other) : new Size(other, one);
        }

        boolean holds(Size other) {
            return longer.compareTo(other.longer) >= 0 && shorter.compareTo(other.shorter) >= 0;
        }

        Size with(Size other) {
            return new Size(longest(longer, other.longer), longest(shorter, other.shorter));
        }

        private static Length longest(Length one, Length other) {
            return one.compareTo(other) >= 0 ? one : other;
        }
    }

    /** All that pieces take. @param tools to be laid ready @param amounts of what is poured, all pieces together */
    public record Kit(List<Need> needs, List<String> tools, Map<String, Volume> amounts) {
    }

    /** All of these kinds, by kind and name. */
    public List<Gear> all() {
        return shelf.all(Gear.class).stream().sorted(Comparator.comparing(Gear::kind).thenComparing(thing -> thing.name().toLowerCase(Locale.ROOT))).toList();
    }

    public void keep(Gear thing) {
        shelf.keep(thing);
    }

    public void remove(UUID id) {
        shelf.remove(id);
    }

    /** So many sheets went through a printer: off the first stack of that kind, as far as it goes. */
    public void printed(Sheet sheet, int sheets) {
        all().stream().filter(owned -> owned.what().equals(Owned.what(sheet)) && owned.count() > 0).findFirst().ifPresent(owned -> shelf.keep(owned.fewer(sheets)));
    }

    /** Rolls of tape, with the mm left of them. */
    public List<JarWork.Left<Gear>> rolls() {
        return jars.rolls();
    }

    /** One piece's way, read. */
    private record Wanted(Piece piece, Brief brief, ThingReading reading) {
    }

    public Kit kit(List<Piece> asked) {
        List<UUID> under = makings.active().stream().map(StoredMaking::piece).toList();
        List<Wanted> wanted = new ArrayList<>();
        Diary diary = sittings.diary();
        Map<String, Volume> amounts = new TreeMap<>();
        for (Piece piece : asked) {
            int times = !under.contains(piece.id()) || diary.pulls(piece.id()) > 1 ? sittings.toBegin(diary, piece.id()) : 0;
            for (int pull = 0; pull < times; pull++) {
                Planned planned = pieces.plan(piece);
                for (int part = 0; part < planned.sequence().parts().size(); part++) {
                    Brief brief = planned.sequence().parts().get(part).brief();
                    wanted.add(new Wanted(piece, brief, ThingReading.of(planned.whole().part(part), brief)));
                }
                for (Map.Entry<Product, Volume> need : planned.needs().entrySet()) {
                    amounts.merge(need.getKey().words(), need.getValue(), (one, other) -> new Volume(one.millilitres() + other.millilitres()));
                }
            }
        }
        List<Gear> all = all();
        List<Need> needs = new ArrayList<>(sheets(wanted, all));
        needs.addAll(tapes(wanted));
        needs.addAll(sized(wanted, all));
        Set<String> tools = new LinkedHashSet<>();
        wanted.forEach(one -> tools.addAll(one.reading.tools()));
        return new Kit(needs, List.copyOf(tools), amounts);
    }

    private static List<Need> sheets(List<Wanted> wanted, List<Gear> all) {
        Map<Sheet, List<Wanted>> bySheet = new EnumMap<>(Sheet.class);
        wanted.forEach(one -> one.reading.sheet().ifPresent(sheet -> bySheet.computeIfAbsent(sheet, key -> new ArrayList<>()).add(one)));
        List<Need> needs = new ArrayList<>();
        bySheet.forEach((sheet, own) -> {
            List<Gear> stock = all.stream().filter(owned -> owned.what().equals(Owned.what(sheet))).toList();
            SheetSize size = stock.stream().map(Gear::size).filter(java.util.Objects::nonNull).findFirst().map(one -> SheetSize.own(one.width(), one.height())).orElse(Paper.A4.size());
            double have = stock.stream().mapToInt(Gear::count).sum();
            List<Packing.Wanted> prints = new ArrayList<>();
            own.forEach(one -> prints.add(new Packing.Wanted(one.piece.title() + " " + prints.size(), one.brief.width(), one.brief.height(), 1)));
            int needed = packed(size, prints);
            needs.add(new Need(sheet == Sheet.COATED_FILM ? Gear.Kind.FILM : Gear.Kind.PAPER, sheet.words(), needed, have, have < needed, null, titles(own)));
        });
        return needs;
    }

    /** What fits on no sheet takes one tiled print's worth of sheets: as many as its area. */
    private static int packed(SheetSize size, List<Packing.Wanted> prints) {
        double area = size.width().millimetres() * size.height().millimetres();
        List<Packing.Wanted> fits = prints.stream().filter(one -> Size.of(size.width(), size.height()).holds(Size.of(one.width().plus(PRINT_EDGE).plus(PRINT_EDGE), one.height().plus(PRINT_EDGE).plus(PRINT_EDGE)))).toList();
        int tiled = prints.stream().filter(one -> !fits.contains(one)).mapToInt(one -> (int) Math.ceil(one.width().millimetres() * one.height().millimetres() / area) + 1).sum();
        return tiled + (fits.isEmpty() ? 0 : Packing.of(size, fits.stream().limit(Packing.MOST).toList()).size());
    }

    private static final Length PRINT_EDGE = Length.ofMillimetres(15);

    private List<Need> tapes(List<Wanted> wanted) {
        Map<Length, List<Wanted>> byWidth = new LinkedHashMap<>();
        wanted.forEach(one -> one.reading.tape().ifPresent(strips -> byWidth.computeIfAbsent(strips.width(), key -> new ArrayList<>()).add(one)));
        List<JarWork.Left<Gear>> rolls = byWidth.isEmpty() ? List.of() : rolls();
        List<Need> needs = new ArrayList<>();
        byWidth.forEach((width, own) -> {
            double needed = own.stream().mapToDouble(one -> one.reading.tape().orElseThrow().total().millimetres()).sum();
            double have = rolls.stream().filter(roll -> roll.owned().size().width().equals(width)).mapToDouble(JarWork.Left::left).sum();
            needs.add(new Need(Gear.Kind.TAPE, width.print(kindveil.measure.UnitSystem.METRIC), needed, have, have < needed, new Size(width, width), titles(own)));
        });
        return needs;
    }

    private static List<Need> sized(List<Wanted> wanted, List<Gear> all) {
        List<Need> needs = new ArrayList<>();
        sized(needs, Gear.Kind.PLATE, wanted.stream().filter(one -> one.reading.plate()).toList(), false, all);
        sized(needs, Gear.Kind.TRAY, wanted.stream().filter(one -> one.reading.tray()).toList(), true, all);
        sized(needs, Gear.Kind.WEIGHT, wanted.stream().filter(one -> one.reading.weight()).toList(), false, all);
        return needs;
    }

    private static void sized(List<Need> needs, Gear.Kind kind, List<Wanted> own, boolean beside, List<Gear> all) {
        if (own.isEmpty()) {
            return;
        }
        Size least = own.stream().map(one -> beside ? Size.of(ThingReading.trayed(one.brief.width()), ThingReading.trayed(one.brief.height())) : Size.of(one.brief.width(), one.brief.height())).reduce(Size::with).orElseThrow();
        long have = all.stream().filter(owned -> owned.kind() == kind && owned.count() > 0 && owned.size() != null && Size.of(owned.size().width(), owned.size().height()).holds(least)).count();
        needs.add(new Need(kind, "", 1, have, have == 0, least, titles(own)));
    }

    private static Set<String> titles(List<Wanted> own) {
        Set<String> titles = new LinkedHashSet<>();
        own.forEach(one -> titles.add(one.piece.title()));
        return titles;
    }
}
