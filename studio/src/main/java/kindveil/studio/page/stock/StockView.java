package kindveil.studio.page.stock;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import kindveil.measure.Figures;
import kindveil.measure.Volume;
import kindveil.measure.Words;
import kindveil.mixing.Shopping;
import kindveil.mixing.Shopping.Row;
import kindveil.product.Product;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Say;
import kindveil.studio.work.shelf.Owned;
import kindveil.studio.work.stock.Stock;
import org.jspecify.annotations.Nullable;

/** Jars on the shelf, a form for another, and what to buy. @param enough whether nothing lacks @param none whether nothing is asked for */
record StockView(List<Jar> jars, Form form, List<Kind> kinds, List<Buy> buy, List<String> there, boolean enough, boolean none, List<String> problems) implements PageView {
    private static final int PERCENT = 100;
    private static final double TALL = 56;
    private static final double FOOT = 63.4;

    /** One lot. @param full height of what is in it, {@code top} where it ends */
    record Jar(UUID id, String name, String words, String left, double full, double top, Form form) {
    }

    /** As it was typed. */
    record Form(String id, String kind, String name, String count, String holds, String level, String price, String opened) {
        static Form fresh() {
            return new Form(UUID.randomUUID().toString(), "", "", "1", "250", "100", "", "");
        }

        static Form of(Map<String, String> all) {
            return new Form(all.getOrDefault("id", ""), all.getOrDefault("kind", ""), all.getOrDefault("name", ""), all.getOrDefault("count", "1"), all.getOrDefault("holds", ""), all.getOrDefault("level", "100"), all.getOrDefault("price", ""), all.getOrDefault("opened", ""));
        }

        static Form of(Owned lot) {
            Double level = lot.level();
            return new Form(lot.id().toString(), lot.what(), lot.name(), String.valueOf(lot.count()), figure(lot.millilitres()), figure(level == null ? PERCENT : level * PERCENT), JarController.cost(lot).map(StockView::figure).orElse(""), lot.opened() == null ? "" : String.valueOf(lot.opened()));
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

    static StockView of(List<Owned> lots, Shopping shopping, Form form, List<String> problems, Say say) {
        List<Buy> buy = shopping.rows().stream().filter(row -> !row.buy().isEmpty()).map(row -> buy(row, lots, say)).toList();
        List<String> there = shopping.rows().stream().filter(row -> row.buy().isEmpty()).map(row -> "%s: %s of %s".formatted(row.product().words(), say.one(new Volume(row.needed())), say.one(new Volume(row.have())))).toList();
        return new StockView(lots.stream().map(lot -> jar(lot, say)).toList(), form, Stock.kinds().stream().map(product -> new Kind(product.id(), product.words())).toList(), buy, there, buy.isEmpty(), shopping.rows().isEmpty(), problems);
    }

    private static Jar jar(Owned lot, Say say) {
        double there = lot.there().orElse(0.0);
        Double level = lot.level();
        double full = level == null ? 1 : level;
        String words = "%s%s".formatted(kind(lot), lot.opened() == null ? ", not opened" : ", opened " + lot.opened());
        return new Jar(lot.id(), lot.name(), say.it(words), "%s left".formatted(say.one(new Volume(there))), TALL * full, FOOT - TALL * full, Form.of(lot));
    }

    private static String kind(Owned lot) {
        return Stock.kinds().stream().filter(product -> product.id().equals(lot.what())).map(Product::words).findFirst().orElse("something of your own");
    }

    /** By what was paid for as much of it; empty where no price was told. */
    private static String cost(Row row, List<Owned> lots) {
        double bought = row.buy().stream().mapToDouble(jar -> jar.count() * jar.millilitres()).sum();
        return lots.stream().filter(lot -> lot.what().equals(row.product().id()) && lot.price() != null && lot.millilitres() != null).findFirst()
                .map(lot -> " About %s by what you paid.".formatted(Figures.rounded(JarController.cost(lot).orElse(0.0) / lot.millilitres() * bought, 2))).orElse("");
    }

    private static Buy buy(Row row, List<Owned> lots, Say say) {
        String why = "%s needed, %s there: %s".formatted(say.one(new Volume(row.needed())), say.one(new Volume(row.have())), row.pieces().entrySet().stream().map(piece -> "%s %s".formatted(piece.getKey(), say.one(new Volume(piece.getValue())))).collect(Collectors.joining(", "))) + "." + cost(row, lots);
        List<String> instead = row.instead().stream().map(other -> "Your %s would do: %s.".formatted(other.product().words(), other.costs())).toList();
        return new Buy(Words.capital(row.product().words()), jars(row), why, instead.stream().map(say::it).toList());
    }
}
