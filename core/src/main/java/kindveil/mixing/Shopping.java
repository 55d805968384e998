package kindveil.mixing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import kindveil.product.Family;
import kindveil.product.Goods;
import kindveil.product.Product;
import kindveil.product.Trait;

/** What to buy, product by product, those that lack first. */
public record Shopping(List<Row> rows) {
    /** Less than this is what stays in the brush, ml (assumed). */
    private static final double NOTHING = 0.05;
    private static final double SAME_WATER = 0.03;

    /** What one piece takes of a product. */
    public record Need(Product product, double millilitres, String piece) {
    }

    /** What there is of a product. @param kind lasting name of the built-in product it is one of, or of itself */
    public record Have(String kind, Product product, double millilitres) {
    }

    /** So many jars of a size. */
    public record Jar(double millilitres, int count) {
    }

    /** Something of the shelf that would do instead, with what that costs. */
    public record Instead(Product product, double millilitres, String costs) {
    }

    /**
     * One product.
     *
     * @param lacks of what is needed, ml
     * @param buy the least one buys to have that
     * @param pieces what each takes, ml
     */
    public record Row(Product product, double needed, double have, double lacks, List<Jar> buy, Map<String, Double> pieces, List<Instead> instead) {
        public Row {
            buy = List.copyOf(buy);
            pieces = java.util.Collections.unmodifiableMap(new TreeMap<>(pieces));
            instead = List.copyOf(instead);
        }
    }

    public Shopping {
        rows = List.copyOf(rows);
    }

    /** @param needs of all pieces @param shelf what there is; several lots of one kind add up */
    public static Shopping of(List<Need> needs, List<Have> shelf) {
        Map<String, List<Need>> byKind = new LinkedHashMap<>();
        needs.stream().filter(need -> need.millilitres >= NOTHING).forEach(need -> byKind.computeIfAbsent(need.product.id(), key -> new ArrayList<>()).add(need));
        Map<String, Double> left = new LinkedHashMap<>();
        shelf.forEach(have -> left.merge(have.kind, have.millilitres, Double::sum));
        List<Row> rows = new ArrayList<>();
        byKind.forEach((kind, own) -> {
            double needed = own.stream().mapToDouble(Need::millilitres).sum();
            double have = left.getOrDefault(kind, 0.0);
            double lacks = Math.max(0, needed - have);
            left.put(kind, Math.max(0, have - needed));
            Map<String, Double> pieces = new TreeMap<>();
            own.forEach(need -> pieces.merge(need.piece, need.millilitres, Double::sum));
            rows.add(new Row(own.getFirst().product, needed, have, lacks, lacks < NOTHING ? List.of() : jars(own.getFirst().product.family(), lacks), pieces, List.of()));
        });
        rows.sort(Comparator.comparing((Row row) -> row.buy.isEmpty()).thenComparing(row -> row.product.words()));
        return new Shopping(rows.stream().map(row -> row.buy.isEmpty() ? row : new Row(row.product, row.needed, row.have, row.lacks, row.buy, row.pieces, instead(row, shelf, left))).toList());
    }

    /** What is left of other products that do the same work. */
    private static List<Instead> instead(Row row, List<Have> shelf, Map<String, Double> left) {
        return shelf.stream().filter(have -> !have.kind.equals(row.product.id()) && left.getOrDefault(have.kind, 0.0) >= row.lacks && alike(have.product, row.product))
                .map(have -> new Instead(have.product, left.get(have.kind), costs(row.product, have.product))).distinct().toList();
    }

    /** Whether one does what the other does: of its kind, with the same work asked of it, and no pigment that is not. */
    private static boolean alike(Product one, Product other) {
        return !Goods.all().contains(one) && one.family() == other.family() && working(one).equals(working(other)) && one.paint().isPresent() == other.paint().isPresent() && one.family() != Family.PAINT;
    }

    /** The traits that are work asked of a product, and not what is minded of it. */
    private static Set<Trait> working(Product product) {
        Set<Trait> work = EnumSet.noneOf(Trait.class);
        work.addAll(product.traits());
        work.removeAll(EnumSet.of(Trait.OVER_WET, Trait.CRACKS));
        return work;
    }

    private static String costs(Product wanted, Product other) {
        List<String> costs = new ArrayList<>();
        if (wanted.gloss() != other.gloss()) {
            costs.add(other.gloss() ? "gloss instead of matte" : "matte instead of gloss: darks a little grey");
        }
        if (!wanted.clouds() && other.clouds()) {
            costs.add("milky where it lies over other matte");
        }
        double water = other.waterShare() - wanted.waterShare();
        if (Math.abs(water) > SAME_WATER) {
            costs.add(water > 0 ? "more water in it: it dries slower and keeps less" : "less water in it: thicker under the brush");
        }
        return costs.isEmpty() ? "does the same" : String.join("; ", costs);
    }

    /** The least that covers it, in the fewest jars. */
    static List<Jar> jars(Family family, double lacks) {
        List<Double> sizes = sizes(family);
        double largest = sizes.getLast();
        int whole = (int) Math.floor(lacks / largest);
        double rest = lacks - whole * largest;
        List<Jar> jars = new ArrayList<>();
        double last = rest < NOTHING && whole > 0 ? 0 : sizes.stream().filter(size -> size >= rest).findFirst().orElse(largest);
        if (last == largest) {
            whole++;
        }
        if (whole > 0) {
            jars.add(new Jar(largest, whole));
        }
        if (last > 0 && last < largest) {
            jars.add(new Jar(last, 1));
        }
        return jars;
    }

    /** What one buys it in, ml, the smallest first (assumed: they differ from shop to shop). */
    private static List<Double> sizes(Family family) {
        return switch (family) {
            case MEDIUM, GESSO -> List.of(60.0, 250.0, 500.0, 1000.0);
            case PAINT, DRAWING -> List.of(20.0, 60.0, 200.0);
            case VARNISH, SHELLAC, OIL, GUM -> List.of(75.0, 250.0, 500.0);
            case ADHESIVE -> List.of(50.0, 200.0, 750.0);
            case INK -> List.of(60.0, 250.0);
            case SPRAY -> List.of(400.0);
            case SOLUTION -> List.of(60.0, 250.0, 1000.0);
            case WAX -> List.of(100.0, 400.0);
            case RESIN -> List.of(400.0, 750.0, 1500.0);
            case LEAF -> List.of(1.0);
        };
    }
}
