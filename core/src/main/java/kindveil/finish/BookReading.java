package kindveil.finish;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import kindveil.bench.Bench;
import kindveil.bench.Curing;
import kindveil.bench.Face;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Support;
import kindveil.measure.Span;
import kindveil.measure.UnusableValue;
import kindveil.product.Product;
import kindveil.product.Trait;
import kindveil.reading.StackReading;
import kindveil.way.Trace;
import org.jspecify.annotations.Nullable;

/**
 * A book with work on its pages: what faces what when it closes, from when on it may, how thick it grows, and which pages cockle.
 *
 * @param openings every two pages that face each other and bear something, in their order
 * @param bare how thick it is with nothing in it, mm
 * @param closed how thick it is with all that lies in it, release paper too, mm
 * @param closes when it may be closed with release paper where that is asked, on the time the work is told on; null where it never may
 */
public record BookReading(Book book, List<Opening> openings, List<Leaf> leaves, double bare, double closed, @Nullable Duration closes) {
    /** Paper is about so thick, µm for each g/m² (assumed: uncoated, lightly pressed). */
    private static final double MICROMETRES_A_GRAM = 1.3;
    private static final double RELEASE_PAPER_MICROMETRES = 45;
    /** A spine bears so much more than it was sewn for before the book gapes (assumed). */
    private static final double SPINE_GIVES = 1.15;
    /** Water brought to a page, against its weight: from here on it waves, and here it stays so (assumed). */
    private static final double WAVES = 0.15;
    private static final double COCKLES = 0.35;
    private static final double MICRO = 1000;
    /** What lies across the gutter is folded with it: a film thicker than this cracks there, µm (assumed). */
    private static final double FOLDS_MICROMETRES = 300;
    public static final int MOST_LEAVES = 200;

    /**
     * A bound book.
     *
     * @param leaves of it; each has two pages, the first page being a right-hand one
     * @param grams weight of its paper, g/m²
     * @param spine how wide its spine is, mm
     */
    public record Book(int leaves, double grams, double spine) {
        public Book {
            UnusableValue.requireWithin("leaves", leaves, 1, MOST_LEAVES, "", "Count sheets, not pages.");
            UnusableValue.requireWithin("paper", grams, 40, 640, "g/m²", "It stands on the cover, or weigh a leaf.");
            UnusableValue.requireWithin("spine", spine, 1, 150, "mm", "Measure across the back of it, closed and empty.");
        }

        public int pages() {
            return 2 * leaves;
        }
    }

    /**
     * Work that lies on a page.
     *
     * @param end the bench with it, when it is done
     * @param started of its bench's time, on the time everything is told on
     */
    public record Laid(String name, Bench end, Trace made, Duration started) {
    }

    /** What two facing pages need. */
    public enum Between {
        NOTHING("nothing between them"), UNTIL_CURED("release paper until it has cured"), ALWAYS("release paper between them for good"), NEVER("not to be closed");

        private final String words;

        Between(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * Two pages that face each other.
     *
     * @param left number of the left-hand page, 0 where the cover faces the first
     * @param from when they may touch release paper; null where never
     * @param cured from when on without, where that is ever
     * @param fold what the gutter does to what lies across both; empty where nothing does, or it bears it
     */
    public record Opening(int left, @Nullable String onLeft, @Nullable String onRight, Between between, String why, @Nullable Duration from, @Nullable Duration cured, String fold) {
        /** Whether one work lies across both. */
        public boolean across() {
            return onLeft != null && onLeft.equals(onRight);
        }
    }

    /** One leaf with work on it. @param micrometres of what lies on both its pages @param cockles in words; empty where it lies flat */
    public record Leaf(int number, double micrometres, double water, String cockles) {
    }

    public BookReading {
        openings = List.copyOf(openings);
        leaves = List.copyOf(leaves);
    }

    /** Whether its spine bears what lies in it. */
    public boolean strained() {
        return closed > book.spine() * SPINE_GIVES;
    }

    /** By how much it gapes, mm; nought where it does not. */
    public double gapes() {
        return Math.max(0, closed - book.spine());
    }

    /** @param on work by the number of its page, from 1 */
    public static BookReading of(Book book, Map<Integer, Laid> on) {
        on.keySet().forEach(page -> UnusableValue.requireWithin("page", page, 1, book.pages(), "", "The book has no more."));
        List<Opening> openings = new ArrayList<>();
        for (int left = 0; left <= book.pages(); left += 2) {
            Laid onLeft = on.get(left);
            Laid onRight = on.get(left + 1);
            if (onLeft != null || onRight != null) {
                openings.add(opening(left, onLeft, onRight));
            }
        }
        Map<Integer, List<Laid>> byLeaf = new TreeMap<>();
        on.forEach((page, laid) -> byLeaf.computeIfAbsent((page + 1) / 2, key -> new ArrayList<>()).add(laid));
        List<Leaf> leaves = byLeaf.entrySet().stream().map(each -> leaf(book, each.getKey(), each.getValue())).toList();
        double bare = book.leaves() * book.grams() * MICROMETRES_A_GRAM / MICRO;
        double more = leaves.stream().mapToDouble(Leaf::micrometres).sum() + RELEASE_PAPER_MICROMETRES * openings.stream().filter(each -> each.between == Between.ALWAYS || each.between == Between.UNTIL_CURED).count();
        boolean never = openings.stream().anyMatch(each -> each.from == null);
        Duration closes = never ? null : openings.stream().map(Opening::from).reduce(Duration.ZERO, Span::longer);
        return new BookReading(book, openings, leaves, bare, bare + more / MICRO, closes);
    }

    // ---- what faces what

    private static Opening opening(int left, @Nullable Laid onLeft, @Nullable Laid onRight) {
        String fold = onLeft != null && onLeft == onRight ? fold(onLeft) : "";
        if (onLeft != null && onLeft == onRight && onLeft.end.support().map(under -> under.support().is(Support.Trait.RIGID)).orElse(false)) {
            return new Opening(left, onLeft.name, onLeft.name, Between.NEVER, "It lies across both pages and does not fold.", null, null, "");
        }
        List<Laid> both = Stream.of(Optional.ofNullable(onLeft), Optional.ofNullable(onRight)).flatMap(Optional::stream).toList();
        Duration from = Duration.ZERO;
        Duration cured = Duration.ZERO;
        for (Laid laid : both) {
            ReadyReading.Ready ready = ReadyReading.of(laid.end).uses().stream().filter(each -> each.use() == ReadyReading.Use.INTERLEAVED).findFirst().orElseThrow();
            if (ready.from() == null) {
                return new Opening(left, name(onLeft), name(onRight), Between.NEVER, ready.why(), null, null, fold);
            }
            from = Span.longer(from, laid.started.plus(ready.from()));
            cured = Span.longer(cured, laid.started.plus(laid.end.now().plus(Curing.left(laid.end, Face.SUPPORT_FRONT))));
        }
        boolean forGood = onLeft != null && onRight != null && both.stream().allMatch(laid -> Curing.sticksForGood(laid.end, Face.SUPPORT_FRONT));
        boolean sticks = both.stream().anyMatch(laid -> Curing.sticks(laid.end, Face.SUPPORT_FRONT));
        Optional<Product> marks = both.stream().flatMap(laid -> laid.end.topCoat(Face.SUPPORT_FRONT).stream()).map(Coating::product).filter(product -> product.is(Trait.OILY) || product.is(Trait.WAXY) || product.is(Trait.SOLUBLE)).findFirst();
        if (forGood) {
            return new Opening(left, name(onLeft), name(onRight), Between.ALWAYS, "Acrylic faces stick to each other, cured or not.", from, null, fold);
        }
        if (marks.isPresent()) {
            return new Opening(left, name(onLeft), name(onRight), Between.ALWAYS, "%s marks the page that faces it.".formatted(kindveil.measure.Words.capital(marks.get().words())), from, null, fold);
        }
        return sticks ? new Opening(left, name(onLeft), name(onRight), Between.UNTIL_CURED, "An acrylic face sticks to paper while it is soft.", from, cured, fold)
                : new Opening(left, name(onLeft), name(onRight), Between.NOTHING, "Neither face sticks once it is dry.", from, from, fold);
    }

    /** Folded each time the book is opened. */
    private static String fold(Laid laid) {
        double thick = micrometres(laid);
        boolean cast = laid.end.layers(Face.SUPPORT_FRONT).stream().anyMatch(layer -> layer instanceof Coating coat && coat.product().is(Trait.CAST));
        return cast ? "What is cast breaks at the gutter: cut it there, or lay it on one page."
                : thick > FOLDS_MICROMETRES ? "%s thick, it cracks at the gutter: leave a hand’s breadth bare there, cut it there, or lay it thinner.".formatted(kindveil.measure.Figures.rounded(thick / MICRO, 2) + " mm") : "";
    }

    private static @Nullable String name(@Nullable Laid laid) {
        return laid == null ? null : laid.name;
    }

    // ---- how thick, and how wavy

    private static Leaf leaf(Book book, int number, List<Laid> laid) {
        double thick = laid.stream().mapToDouble(BookReading::micrometres).sum();
        double water = laid.stream().mapToDouble(each -> water(each.made)).max().orElse(0);
        double share = water / book.grams();
        String cockles = share >= COCKLES ? "cockles: press it between release papers under a board once it is through" : share >= WAVES ? "waves a little until it has been pressed" : "";
        return new Leaf(number, thick, water, cockles);
    }

    /** Of all that lies on its support, the support's own where it was glued in. */
    static double micrometres(Laid laid) {
        double layers = StackReading.of(laid.end).layers().stream().filter(seen -> seen.kind() != StackReading.Kind.GROUND).mapToDouble(StackReading.Seen::micrometres).sum();
        double own = laid.end.support().map(under -> under.support()).filter(support -> !support.is(Support.Trait.BOUND)).map(support -> support.weight() * MICROMETRES_A_GRAM).orElse(0.0);
        return layers + own;
    }

    /** The most water one act brought to its page, g/m²; none where it was made elsewhere and glued in. */
    static double water(Trace made) {
        if (made.moments().getFirst().before().support().map(under -> !under.support().is(Support.Trait.BOUND)).orElse(true)) {
            return 0;
        }
        double most = 0;
        for (Trace.Moment moment : made.moments()) {
            double here = moment.after().layers(Face.SUPPORT_FRONT, Coating.class).stream().filter(coat -> coat.laid().compareTo(moment.start()) >= 0).mapToDouble(coat -> coat.wetMicrometres() * coat.product().waterShare()).sum();
            most = Math.max(most, here);
        }
        return most;
    }
}
