package kindveil.studio.page.bench;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import kindveil.bench.Step;
import kindveil.measure.Volume;
import kindveil.product.Product;
import kindveil.reading.AmountReading;
import kindveil.studio.page.Say;
import kindveil.studio.work.jar.JarWork;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.stock.Stock;
import kindveil.way.Act;

/**
 * What else there is to mixing: a jar that stands ready, or more of it for the others.
 *
 * @param jar its id, or empty where it is mixed
 * @param more ml mixed beside what this piece takes
 */
public record ReadyJar(String jar, double more, String words, String does) {
    static List<ReadyJar> of(StoredMaking making, JarWork jars, Stock stock, Say say) {
        Act act = making.laidAside() ? null : making.making().current().orElse(null);
        Product gives = act != null && act.step() instanceof Step.Mix mix ? mix.mixture().gives() : null;
        if (act == null || gives == null) {
            return List.of();
        }
        double needed = making.amounts(act.id()).batch(act.id()).map(AmountReading.Batch::volume).map(Volume::millilitres).orElse(0.0);
        List<ReadyJar> ready = new ArrayList<>(jars.serving(gives, needed).stream().map(jar -> new ReadyJar(jar.jar().id().toString(), 0, "%s: mixed %s, %s left; %s".formatted(jar.jar().name(), say.time(jar.jar().made()), say.one(new Volume(jar.state().left())),
                jar.state().ready().isAfter(say.now()) ? "ready from " + say.time(jar.state().ready()) : "ready"), "take this jar")).toList());
        Set<String> others = new LinkedHashSet<>();
        double more = 0;
        for (Stock.Needed need : stock.wanting(gives)) {
            if (!need.piece().id().equals(making.piece())) {
                others.add(need.piece().title());
                more += need.millilitres();
            }
        }
        if (!others.isEmpty()) {
            ready.add(new ReadyJar("", more, "%s too: %s in all".formatted(String.join(" and ", others), say.both(new Volume(needed + more))), "mixed for all"));
        }
        return ready;
    }
}
