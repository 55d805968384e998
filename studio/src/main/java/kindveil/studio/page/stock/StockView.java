package kindveil.studio.page.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import kindveil.measure.Figures;
import kindveil.measure.UnitSystem;
import kindveil.measure.Volume;
import kindveil.measure.Words;
import kindveil.mixing.Ageing;
import kindveil.mixing.Shopping;
import kindveil.mixing.Shopping.Row;
import kindveil.product.Law;
import kindveil.product.Optics;
import kindveil.product.Product;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Pick;
import kindveil.studio.page.Say;
import kindveil.studio.work.jar.JarWork;
import kindveil.studio.work.shelf.Lot;
import kindveil.studio.work.stock.Stock;
import org.jspecify.annotations.Nullable;

/** Jars on the shelf, a form for another, and what to buy. @param enough whether nothing lacks @param none whether nothing is asked for */
record StockView(List<Jar> jars, Form form, List<Kind> kinds, List<Pick> sheens, List<Buy> buy, List<String> there, boolean enough, boolean none, List<String> problems) implements PageView {
    private static final int PERCENT = 100;
    private static final double TALL = 56;
    private static final double FOOT = 63.4;
    /** ml that nobody measures. */
    private static final double NOTHING = 0.5;

    /**
     * One lot.
     *
     * @param full height of what is in it, {@code top} where it ends
     * @param matter what has become of it, or empty; {@code gone} whether it is not to be used
     * @param signs what can be seen of it
     * @param sheens how it can dry; empty where its pigment makes its look
     */
    record Jar(UUID id, String name, String words, String left, double full, double top, String matter, boolean gone, List<Pick> signs, List<Pick> sheens, Form form) {
    }

    /** As it was typed. */
    record Form(String id, String kind, String name, String count, String holds, String level, String price, String opened, String sign, String water, String sheen) {
        static Form fresh(Say say) {
            return new Form(UUID.randomUUID().toString(), "", "", "1", say.measure() == UnitSystem.METRIC ? "250" : "8 fl oz", "100", "", "", "", "", "");
        }

        static Form of(Map<String, String> all) {
            return new Form(all.getOrDefault("id", ""), all.getOrDefault("kind", ""), all.getOrDefault("name", ""), all.getOrDefault("count", "1"), all.getOrDefault("holds", ""), all.getOrDefault("level", "100"), all.getOrDefault("price", ""), all.getOrDefault("opened", ""), all.getOrDefault("sign", ""), all.getOrDefault("water", ""), all.getOrDefault("sheen", ""));
        }

        static Form of(JarWork.Left<Lot> lot, Say say) {
            Lot owned = lot.owned();
            return new Form(owned.id().toString(), owned.what(), owned.name(), String.valueOf(owned.count()), held(owned, say), figure(PERCENT * full(lot)), JarController.cost(owned).map(StockView::figure).orElse(""),
                    owned.opened() == null ? "" : String.valueOf(owned.opened()), "", owned.product().law() instanceof Law.LosesWater water ? figure(PERCENT * water.share()) : "", "");
        }
    }

    /** What a jar can hold. */
    record Kind(String id, String words) {
    }

    /** Something to buy. */
    record Buy(String product, String jars, String why, List<String> instead) {
    }

    static String figure(@Nullable Double value) {
        return value == null ? "" : Figures.rounded(value, 1);
    }

    static String jars(Row row) {
        return row.buy().stream().map(jar -> "%d × %s ml".formatted(jar.count(), Figures.plain(jar.millilitres()))).collect(Collectors.joining(" + "));
    }

    /** What a jar holds, as it is typed. */
    private static String held(Lot owned, Say say) {
        Double millilitres = owned.filling().millilitres();
        return millilitres == null ? "" : say.measure() == UnitSystem.METRIC ? figure(millilitres) + " ml" : Figures.rounded(millilitres / Volume.ML_PER_OUNCE, 3) + " fl oz";
    }

    /** Jars as they are bought where one measures so. */
    private static String bought(Row row, Say say) {
        return say.measure() == UnitSystem.METRIC ? jars(row) : row.buy().stream().map(jar -> "%d × %s fl oz".formatted(jar.count(), Figures.plain(Math.round(jar.millilitres() / Volume.ML_PER_OUNCE)))).collect(Collectors.joining(" + "));
    }

    /** How full what is left of all of them makes them, 0 to 1. */
    private static double full(JarWork.Left<Lot> lot) {
        double all = lot.owned().holds().orElse(0.0);
        return all <= 0 ? 0 : Math.min(1, lot.left() / all);
    }

    static StockView of(Stock stock, Form form, List<String> problems, Say say) {
        List<JarWork.Left<Lot>> lots = stock.lots();
        Shopping shopping = stock.toBuy(stock.asked());
        List<Buy> buy = shopping.rows().stream().filter(row -> !row.buy().isEmpty()).map(row -> buy(row, lots.stream().map(JarWork.Left::owned).toList(), say)).toList();
        List<String> there = shopping.rows().stream().filter(row -> row.buy().isEmpty()).map(row -> "%s: %s of %s".formatted(row.product().words(), say.one(new Volume(row.needed())), say.one(new Volume(row.have())))).toList();
        return new StockView(lots.stream().map(lot -> jar(lot, stock.ageing(lot.owned()), say)).toList(), form, Stock.kinds().stream().map(product -> new Kind(product.id(), product.words())).toList(), dries(form), buy, there, buy.isEmpty(), shopping.rows().isEmpty(), problems);
    }

    private static Jar jar(JarWork.Left<Lot> lot, Ageing age, Say say) {
        Lot owned = lot.owned();
        String words = "%s%s".formatted(kind(owned), owned.opened() == null ? ", not opened" : ", opened " + say.date(owned.opened()));
        String over = lot.over() > NOTHING ? "%s more was used than was in it: look how full it is. ".formatted(say.one(new Volume(lot.over()))) : "";
        Product product = owned.product();
        List<Pick> signs = new ArrayList<>(List.of(new Pick("", "nothing new", "", true)));
        Ageing.signs(product).forEach(sign -> signs.add(new Pick(sign.name(), sign.words(), "", false)));
        return new Jar(owned.id(), owned.name(), say.it(words), "%s left".formatted(say.one(new Volume(lot.left()))), TALL * full(lot), FOOT - TALL * full(lot), say.it((over + age.words() + " " + age.discard()).strip()), !age.usable(), signs, sheens(product), Form.of(lot, say));
    }

    private static List<Pick> dries(Form form) {
        List<Pick> all = new ArrayList<>(List.of(new Pick("", "as is usual", "", form.sheen.isEmpty())));
        all.addAll(Pick.typed(Optics.Sheen.values(), Optics.Sheen::words, form.sheen));
        return all;
    }

    /** As it is now, chosen. */
    private static List<Pick> sheens(Product product) {
        return product.optics().sheen().map(own -> Pick.of(Optics.Sheen.values(), Optics.Sheen::words, own)).orElse(List.of());
    }

    private static String kind(Lot lot) {
        return Stock.kinds().stream().filter(product -> product.id().equals(lot.what())).map(Product::words).findFirst().orElse("something of your own");
    }

    /** By what was paid for as much of it; empty where no price was told. */
    private static String cost(Row row, List<Lot> lots) {
        double bought = row.buy().stream().mapToDouble(jar -> jar.count() * jar.millilitres()).sum();
        return lots.stream().filter(lot -> lot.what().equals(row.product().id()) && lot.price() != null && lot.filling().millilitres() != null).findFirst()
                .map(lot -> " About %s by what you paid.".formatted(Figures.rounded(JarController.cost(lot).orElse(0.0) / lot.filling().millilitres() * bought, 2))).orElse("");
    }

    private static Buy buy(Row row, List<Lot> lots, Say say) {
        String why = "%s needed, %s there: %s".formatted(say.one(new Volume(row.needed())), say.one(new Volume(row.have())), row.pieces().entrySet().stream().map(piece -> "%s %s".formatted(piece.getKey(), say.one(new Volume(piece.getValue())))).collect(Collectors.joining(", "))) + "." + cost(row, lots);
        List<String> instead = row.instead().stream().map(other -> "Your %s would do: %s.".formatted(other.product().words(), other.costs())).toList();
        return new Buy(Words.capital(row.product().words()), bought(row, say), why, instead.stream().map(say::it).toList());
    }
}
