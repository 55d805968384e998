package kindveil.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import kindveil.measure.Length;
import kindveil.measure.UnitSystem;
import kindveil.measure.UnusableValue;
import kindveil.sheet.PrintSheet.Placed;
import kindveil.sheet.PrintSheet.Rect;

/**
 * Several images on as few sheets as can be, and on those with the largest piece left whole. Maximal rectangles (J.
 * Jylänki, "A thousand ways to pack the bin", 2010) over several orders and many shuffles of them, until no order can use
 * fewer sheets than the areas allow or the tries are spent; images may be turned by a quarter, and sheets too.
 */
public final class Packing {
    public static final int MOST = 80;
    /** Between images that were put somewhere by hand. */
    public static final Length LEAST_APART = Length.ofMillimetres(2);
    private static final int SHUFFLES = 400;
    private static final double EPSILON = 1e-6;
    private final SheetSize sheet;
    private final double wide;
    private final double tall;

    private Packing(SheetSize sheet) {
        this.sheet = sheet;
        double inset = 2 * (PrintSheet.MARGIN.millimetres() + PrintSheet.MARK.millimetres());
        this.wide = sheet.width().millimetres() - inset + PrintSheet.GAP.millimetres();
        this.tall = sheet.height().millimetres() - inset - PrintSheet.NOTE.millimetres() + PrintSheet.GAP.millimetres();
    }

    /**
     * An image to be printed.
     *
     * @param what names it on the sheets
     * @param copies spares included
     * @param margin paper that must stay around it on each side
     */
    public record Wanted(String what, Length width, Length height, int copies, Length margin) {
        public Wanted(String what, Length width, Length height, int copies) {
            this(what, width, height, copies, Length.ZERO);
        }

        /** What it takes on each side beyond the room that every image has. */
        private double pad() {
            return Math.max(0, margin.millimetres() - PrintSheet.GAP.millimetres() / 2);
        }
    }

    /** @param pad paper around it on each side, within its width and height */
    private record Item(String what, int copy, double width, double height, double pad) {
        static Item of(Wanted wanted, int copy) {
            double more = 2 * wanted.pad() + PrintSheet.GAP.millimetres();
            return new Item(wanted.what, copy, wanted.width.millimetres() + more, wanted.height.millimetres() + more, wanted.pad());
        }

        double area() {
            return width * height;
        }
    }

    private record Free(double x, double y, double width, double height) {
        double area() {
            return width * height;
        }

        boolean holds(Free other) {
            return other.x >= x - EPSILON && other.y >= y - EPSILON && other.x + other.width <= x + width + EPSILON && other.y + other.height <= y + height + EPSILON;
        }

        boolean meets(Free other) {
            return other.x < x + width - EPSILON && other.x + other.width > x + EPSILON && other.y < y + height - EPSILON && other.y + other.height > y + EPSILON;
        }
    }

    private record Spot(Item item, double x, double y, boolean turned) {
        double width() {
            return turned ? item.height : item.width;
        }

        double height() {
            return turned ? item.width : item.height;
        }
    }

    /** One sheet being filled. */
    private final class Bin {
        private final List<Free> free = new ArrayList<>(List.of(new Free(0, 0, wide, tall)));
        private final List<Spot> spots = new ArrayList<>();

        /** The place with the least left over on its shorter side, or the highest one. */
        private Spot best(Item item, boolean highest) {
            Spot best = null;
            double bestScore = Double.MAX_VALUE;
            for (Free f : free) {
                for (boolean turned : new boolean[] {false, true}) {
                    Spot spot = new Spot(item, f.x, f.y, turned);
                    if (spot.width() > f.width + EPSILON || spot.height() > f.height + EPSILON) {
                        continue;
                    }
                    double over = Math.min(f.width - spot.width(), f.height - spot.height());
                    double score = highest ? (f.y + spot.height()) * 1000 + f.x : over * 1000 + f.y;
                    if (score < bestScore - EPSILON) {
                        bestScore = score;
                        best = spot;
                    }
                }
            }
            return best;
        }

        private void put(Spot spot) {
            spots.add(spot);
            Free taken = new Free(spot.x, spot.y, spot.width(), spot.height());
            List<Free> left = new ArrayList<>();
            for (Free f : free) {
                if (!f.meets(taken)) {
                    left.add(f);
                    continue;
                }
                add(left, new Free(f.x, f.y, taken.x - f.x, f.height));
                add(left, new Free(taken.x + taken.width, f.y, f.x + f.width - taken.x - taken.width, f.height));
                add(left, new Free(f.x, f.y, f.width, taken.y - f.y));
                add(left, new Free(f.x, taken.y + taken.height, f.width, f.y + f.height - taken.y - taken.height));
            }
            free.clear();
            for (int i = 0; i < left.size(); i++) {
                Free f = left.get(i);
                int at = i;
                boolean inAnother = false;
                for (int k = 0; k < left.size() && !inAnother; k++) {
                    inAnother = k != at && left.get(k).holds(f) && (!f.holds(left.get(k)) || k < at);
                }
                if (!inAnother) {
                    free.add(f);
                }
            }
        }

        private static void add(List<Free> left, Free f) {
            if (f.width > EPSILON && f.height > EPSILON) {
                left.add(f);
            }
        }

        private double largestLeft() {
            return free.stream().mapToDouble(Free::area).max().orElse(0);
        }
    }

    private record Filled(List<Bin> bins, double left) {
        boolean better(Filled other) {
            return other == null || bins.size() < other.bins.size() || bins.size() == other.bins.size() && left > other.left + EPSILON;
        }
    }

    /** All of {@code wanted} on sheets of that size, upright or turned, whichever takes fewer. */
    public static List<PrintSheet> of(SheetSize sheet, List<Wanted> wanted) {
        int all = wanted.stream().mapToInt(Wanted::copies).sum();
        UnusableValue.requireWithin("copies in all", all, 0, MOST, "", "Print the rest afterwards.");
        if (all == 0) {
            return List.of();
        }
        List<Item> items = new ArrayList<>();
        for (Wanted w : wanted) {
            for (int copy = 1; copy <= w.copies; copy++) {
                items.add(Item.of(w, copy));
            }
        }
        Packing upright = new Packing(sheet);
        Packing turned = new Packing(sheet.turned());
        for (Wanted w : wanted) {
            if (!upright.fits(w) && !turned.fits(w)) {
                throw tooLarge(upright, turned, w);
            }
        }
        Filled one = items.stream().allMatch(upright::fits) ? upright.filled(items) : null;
        Filled other = items.stream().allMatch(turned::fits) ? turned.filled(items) : null;
        if (one == null && other == null) {
            throw new UnusableValue("images", String.valueOf(wanted.size()), "images that fit one way of the sheet together", "Print them apart: one fits only upright, another only turned.");
        }
        return other != null && (one == null || other.better(one)) ? turned.sheets(other) : upright.sheets(one);
    }

    private static UnusableValue tooLarge(Packing upright, Packing turned, Wanted wanted) {
        double gap = PrintSheet.GAP.millimetres() + 2 * wanted.pad();
        return new UnusableValue("print size of " + wanted.what, "%s × %s".formatted(wanted.width.print(UnitSystem.METRIC), wanted.height.print(UnitSystem.METRIC)),
                "at most %.0f × %.0f mm upright or %.0f × %.0f mm turned on %s".formatted(upright.wide - gap, upright.tall - gap, turned.wide - gap, turned.tall - gap, upright.sheet.words()),
                "Take a larger sheet or print it smaller; it is never scaled to fit.");
    }

    private boolean fits(Wanted w) {
        return fits(Item.of(w, 0));
    }

    private boolean fits(Item item) {
        return item.width <= wide + EPSILON && item.height <= tall + EPSILON || item.height <= wide + EPSILON && item.width <= tall + EPSILON;
    }

    private Filled filled(List<Item> items) {
        List<Comparator<Item>> orders = List.of(Comparator.comparingDouble(Item::area), Comparator.comparingDouble(i -> Math.max(i.width, i.height)),
                Comparator.comparingDouble(Item::height), Comparator.comparingDouble(Item::width), Comparator.comparingDouble(i -> Math.min(i.width, i.height)));
        Filled best = null;
        List<List<Item>> tried = new ArrayList<>();
        for (Comparator<Item> order : orders) {
            tried.add(items.stream().sorted(order.reversed()).toList());
        }
        double area = items.stream().mapToDouble(Item::area).sum();
        int least = Math.max(1, (int) Math.ceil(area / (wide * tall) - EPSILON));
        for (List<Item> order : tried) {
            for (boolean highest : new boolean[] {false, true}) {
                Filled now = tried(order, highest);
                best = now.better(best) ? now : best;
            }
        }
        Random random = new Random(items.size());
        for (int i = 0; i < SHUFFLES && best.bins.size() > least; i++) {
            List<Item> order = new ArrayList<>(tried.get(i % tried.size()));
            int swaps = 1 + random.nextInt(1 + order.size());
            for (int k = 0; k < swaps; k++) {
                java.util.Collections.swap(order, random.nextInt(order.size()), random.nextInt(order.size()));
            }
            Filled now = tried(order, i % 2 == 0);
            best = now.better(best) ? now : best;
        }
        return best;
    }

    private Filled tried(List<Item> order, boolean highest) {
        List<Bin> bins = new ArrayList<>();
        for (Item item : order) {
            Spot spot = null;
            Bin into = null;
            for (int b = 0; b < bins.size() && spot == null; b++) {
                spot = bins.get(b).best(item, highest);
                into = bins.get(b);
            }
            if (spot == null) {
                into = new Bin();
                bins.add(into);
                spot = into.best(item, highest);
            }
            into.put(spot);
        }
        return new Filled(bins, bins.stream().mapToDouble(Bin::largestLeft).sum());
    }

    private List<PrintSheet> sheets(Filled filled) {
        double inset = PrintSheet.MARGIN.millimetres() + PrintSheet.MARK.millimetres();
        double gap = PrintSheet.GAP.millimetres();
        return filled.bins.stream().map(bin -> {
            List<Placed> placed = bin.spots.stream().map(spot -> new Placed(spot.item.what, spot.item.copy,
                    new Rect(Length.ofMillimetres(inset + spot.x + spot.item.pad), Length.ofMillimetres(inset + spot.y + spot.item.pad),
                            Length.ofMillimetres(spot.width() - gap - 2 * spot.item.pad), Length.ofMillimetres(spot.height() - gap - 2 * spot.item.pad)),
                    spot.turned)).toList();
            return new PrintSheet(sheet.words(), sheet.width(), sheet.height(), placed, PrintSheet.note(sheet.width(), sheet.height()));
        }).toList();
    }

    /** The share of a sheet that lies in its largest whole empty rectangle, 0 to 1: what can be cut off and used again. */
    public static double largestLeft(PrintSheet sheet) {
        double w = sheet.width().millimetres();
        double h = sheet.height().millimetres();
        double gap = LEAST_APART.millimetres();
        Free[] taken = java.util.stream.Stream.concat(sheet.places().stream().map(Placed::rect), java.util.stream.Stream.of(sheet.note()))
                .map(r -> new Free(r.x().millimetres() - gap, r.y().millimetres() - gap, r.width().millimetres() + 2 * gap, r.height().millimetres() + 2 * gap)).toArray(Free[]::new);
        double best = 0;
        double[] xs = edges(taken, w, true);
        for (int i = 0; i < xs.length; i++) {
            for (int k = i + 1; k < xs.length; k++) {
                best = Math.max(best, (xs[k] - xs[i]) * tallest(taken, xs[i], xs[k], h));
            }
        }
        return best / (w * h);
    }

    private static double[] edges(Free[] taken, double end, boolean across) {
        return java.util.stream.DoubleStream.concat(java.util.stream.DoubleStream.of(0, end),
                Arrays.stream(taken).flatMapToDouble(f -> across ? java.util.stream.DoubleStream.of(f.x, f.x + f.width) : java.util.stream.DoubleStream.of(f.y, f.y + f.height)))
                .map(v -> Math.clamp(v, 0, end)).distinct().sorted().toArray();
    }

    private static double tallest(Free[] taken, double left, double right, double height) {
        List<Free> between = Arrays.stream(taken).filter(f -> f.x < right - EPSILON && f.x + f.width > left + EPSILON).sorted(Comparator.comparingDouble(Free::y)).toList();
        double from = 0;
        double best = 0;
        for (Free f : between) {
            best = Math.max(best, f.y - from);
            from = Math.max(from, f.y + f.height);
        }
        return Math.max(best, height - from);
    }

    /** What is wrong with a sheet that was arranged by hand, each in a sentence; empty when nothing is. */
    public static List<String> wrong(PrintSheet sheet) {
        return wrong(sheet, what -> Length.ZERO);
    }

    /** The same where each image, by what it is called, keeps a margin of paper around it. */
    public static List<String> wrong(PrintSheet sheet, Function<String, Length> margins) {
        List<String> wrong = new ArrayList<>();
        List<Placed> all = sheet.places();
        for (int i = 0; i < all.size(); i++) {
            Rect r = all.get(i).rect();
            if (r.x().compareTo(PrintSheet.MARGIN) < 0 || r.y().compareTo(PrintSheet.MARGIN) < 0 || r.right().compareTo(sheet.width().minus(PrintSheet.MARGIN)) > 0) {
                wrong.add("%s reaches into the %s that machines leave unprinted: move it inwards.".formatted(name(all.get(i)), PrintSheet.MARGIN.print(UnitSystem.METRIC)));
            }
            if (r.bottom().compareTo(sheet.note().y()) > 0) {
                wrong.add("%s lies over the rule and the words at the foot: move it up.".formatted(name(all.get(i))));
            }
            for (int k = i + 1; k < all.size(); k++) {
                Length margin = margins.apply(all.get(i).what()).plus(margins.apply(all.get(k).what()));
                Length apart = margin.compareTo(LEAST_APART) > 0 ? margin : LEAST_APART;
                if (near(r, all.get(k).rect(), apart)) {
                    wrong.add("%s and %s lie less than %s apart: %s.".formatted(name(all.get(i)), name(all.get(k)), apart.print(UnitSystem.METRIC),
                            margin.compareTo(LEAST_APART) > 0 ? "what is laid over them needs that much paper" : "scissors need that much"));
                }
            }
        }
        return wrong;
    }

    private static String name(Placed placed) {
        return "“%s”, copy %d,".formatted(placed.what(), placed.copy());
    }

    private static boolean near(Rect a, Rect b, Length apart) {
        return a.x().minus(b.right()).compareTo(apart) < 0 && b.x().minus(a.right()).compareTo(apart) < 0
                && a.y().minus(b.bottom()).compareTo(apart) < 0 && b.y().minus(a.bottom()).compareTo(apart) < 0;
    }
}
