package kindveil.studio.work.jar;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kindveil.bench.Sheet;
import kindveil.measure.Volume;
import kindveil.product.Mixture;
import kindveil.product.Mixtures;
import kindveil.product.Product;
import kindveil.studio.work.jar.JarWork.Left;
import kindveil.studio.work.jar.JarWork.Standing;
import kindveil.studio.work.shelf.Lot;
import kindveil.studio.work.shelf.Owned;
import kindveil.studio.work.shelf.Gear;

/** What stands on the shelf at one moment, asked for one thing after another. */
public record OnShelf(List<Left<Lot>> lots, List<Standing> jars, List<Gear> sheets) {
    /** Whether there is enough of something. */
    public enum Level {
        ENOUGH, RUNS_OUT, NONE
    }

    public OnShelf {
        lots = List.copyOf(lots);
        jars = List.copyOf(jars);
        sheets = List.copyOf(sheets);
    }

    /** ml there are of something: in lots of it, mixed in jars that serve, and what could be mixed of what stands there; empty where none of it is known. */
    public Optional<Double> left(Product product) {
        List<Left<Lot>> own = lots.stream().filter(lot -> lot.owned().usable() && lot.owned().is(product.id())).toList();
        List<Standing> mixed = jars.stream().filter(jar -> jar.state().phase().serves() && jar.gives().map(gives -> gives.id().equals(product.id())).orElse(false)).toList();
        Optional<Double> mixable = Mixtures.all().stream().filter(mixture -> mixture.gives() != null && mixture.gives().id().equals(product.id())).findFirst().flatMap(this::mixable);
        if (own.isEmpty() && mixed.isEmpty() && mixable.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(own.stream().mapToDouble(Left::left).sum() + mixed.stream().mapToDouble(jar -> jar.state().left()).sum() + mixable.orElse(0.0));
    }

    /** By what there is least of; empty where something of it is not there at all. */
    private Optional<Double> mixable(Mixture mixture) {
        double parts = Double.MAX_VALUE;
        for (Mixture.Ingredient part : mixture.ingredients()) {
            if (part.of() != null && part.parts() > 0) {
                String id = part.of();
                List<Left<Lot>> own = lots.stream().filter(lot -> lot.owned().usable() && lot.owned().is(id)).toList();
                if (own.isEmpty()) {
                    return Optional.empty();
                }
                parts = Math.min(parts, own.stream().mapToDouble(Left::left).sum() / part.parts());
            }
        }
        return parts == Double.MAX_VALUE ? Optional.empty() : Optional.of(parts * mixture.parts());
    }

    /** Sheets of a kind that are there and whose weight was told, those of which most are there first. */
    public List<Gear> weighed(Sheet sheet) {
        return sheets.stream().filter(own -> own.what().equals(Owned.what(sheet)) && own.grams() != null && own.count() > 0).sorted(Comparator.comparingInt(Gear::count).reversed()).toList();
    }

    public Level level(Product product, double millilitres) {
        return left(product).map(left -> left + 1e-9 >= millilitres ? Level.ENOUGH : Level.RUNS_OUT).orElse(Level.NONE);
    }

    /** Of all that something takes: enough only where there is enough of each. */
    public Level level(Map<Product, Volume> takes) {
        return takes.entrySet().stream().filter(take -> take.getKey().family().poured()).map(take -> level(take.getKey(), take.getValue().millilitres()))
                .reduce(Level.ENOUGH, (one, other) -> one == Level.NONE || other == Level.NONE ? Level.NONE : one == Level.RUNS_OUT ? one : other);
    }

    /** Lots that could stand in the place of a product: of its kind, or something of one's own that does the same work. */
    public List<Left<Lot>> instead(Product product) {
        return lots.stream().filter(lot -> lot.owned().usable()).filter(lot -> lot.owned().is(product.id())
                || lot.owned().what().isEmpty() && lot.owned().product().family() == product.family() && lot.owned().product().paint().isPresent() == product.paint().isPresent()).toList();
    }
}
