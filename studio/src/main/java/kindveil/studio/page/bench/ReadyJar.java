package kindveil.studio.page.bench;

import java.util.List;
import java.util.UUID;
import kindveil.bench.Step;
import kindveil.measure.Volume;
import kindveil.reading.AmountReading;
import kindveil.studio.page.Say;
import kindveil.studio.work.jar.JarWork;
import kindveil.studio.work.making.StoredMaking;
import kindveil.way.Act;

/** A jar that stands ready with what is to be mixed. @param words what is in it, and from when it serves */
public record ReadyJar(UUID id, String name, String words) {
    static List<ReadyJar> of(StoredMaking making, JarWork jars, Say say) {
        Act act = making.laidAside() ? null : making.making().current().orElse(null);
        if (act == null || !(act.step() instanceof Step.Mix mix) || mix.mixture().gives() == null) {
            return List.of();
        }
        double needed = making.amounts(act.id()).batch(act.id()).map(AmountReading.Batch::volume).map(Volume::millilitres).orElse(0.0);
        return jars.serving(mix.mixture().gives(), needed).stream().map(jar -> new ReadyJar(jar.jar().id(), jar.jar().name(), "mixed %s, %s left; %s".formatted(say.time(jar.jar().made()), say.one(new Volume(jar.state().left())),
                jar.state().ready().isAfter(say.now()) ? "ready from " + say.time(jar.state().ready()) : "ready"))).toList();
    }
}
