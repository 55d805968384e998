package kindveil.way;

import java.time.Duration;
import java.util.List;
import kindveil.bench.Bench;
import kindveil.bench.Face;
import kindveil.drying.Stage;
import kindveil.measure.Provenance;

/**
 * Several ways in one work, in the order they are done, on the support and ground of the first: one bench runs across
 * all of them. Keys of part {@code n} begin with {@code "n."}, counted from 1.
 */
public record Work(List<Part> parts) {
    /** One of them. */
    public record Part(Way way, Brief brief) {
    }

    public Work {
        parts = List.copyOf(parts);
        if (parts.isEmpty()) {
            throw new IllegalArgumentException("Impossible state: a work of nothing.");
        }
    }

    public static Work of(Way way, Brief brief) {
        return new Work(List.of(new Part(way, brief)));
    }

    /** Which of {@code parts} parts an act belongs to, from 0, by its key. */
    public static int partOf(String act, int parts) {
        int dot = act.indexOf('.');
        return parts == 1 || dot < 0 ? 0 : Integer.parseInt(act.substring(0, dot)) - 1;
    }

    /** Each part begins when what came before it is through. */
    public Plan expand() {
        Brief first = parts.getFirst().brief();
        if (parts.size() == 1) {
            return parts.getFirst().way().expand(first);
        }
        Plan.Builder plan = Plan.on(Bench.with(first.support(), first.ground(), first.air()));
        for (int i = 0; i < parts.size(); i++) {
            int before = plan.acts().size();
            Part part = parts.get(i);
            part.way().write(new Script(part.way(), part.brief(), plan, (i + 1) + ".", i));
            if (before > 0) {
                plan.window(new Window.Dry(plan.acts().get(before - 1).key(), plan.acts().get(before).key(), Face.SUPPORT_FRONT, Stage.THROUGH, Duration.ZERO,
                        Duration.ZERO, "What lies below must be through before the next is begun.", Provenance.DERIVED));
            }
        }
        return plan.build();
    }
}
