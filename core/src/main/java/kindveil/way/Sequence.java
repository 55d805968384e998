package kindveil.way;

import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import kindveil.bench.Bench;
import kindveil.bench.Face;
import kindveil.drying.Stage;
import kindveil.measure.Provenance;

/**
 * Several ways in one work, in the order they are done, on one base and in one air: one bench runs across all of them. Acts of
 * way {@code n} have {@code n} as their part, from 0.
 */
public record Sequence(List<Part> parts) {
    /** One of them. */
    public record Part(Way way, Brief brief) {
    }

    public Sequence {
        parts = List.copyOf(parts);
        if (parts.isEmpty()) {
            throw new IllegalArgumentException("Impossible state: a work of nothing.");
        }
        if (parts.stream().map(part -> part.brief().base()).distinct().count() > 1) {
            throw new IllegalArgumentException("Impossible state: a work on several bases, %s.".formatted(parts.stream().map(part -> part.brief().base()).distinct().toList()));
        }
    }

    /** Several ways on one base, whatever each was briefed for. */
    public static Sequence on(Base base, List<Part> parts) {
        return new Sequence(parts.stream().map(part -> new Part(part.way(), part.brief().on(base))).toList());
    }

    public static Sequence of(Way way, Brief brief) {
        return new Sequence(List.of(new Part(way, brief)));
    }

    /** Each way begins when what came before it is through. */
    public Plan expand() {
        Brief first = parts.getFirst().brief();
        Plan.Builder plan = Plan.on(Bench.with(first.support(), first.ground(), first.air()));
        for (int i = 0; i < parts.size(); i++) {
            int before = plan.acts().size();
            Part part = parts.get(i);
            plan.aired(part.brief().air().airing());
            // what brings a picture brings its own ground: only colours and papers laid for it go over what it closes the ground with
            List<Script> primed = parts.subList(0, i + 1).stream().noneMatch(one -> one.way().card().bringsPicture()) ? unprimed(plan, i + 1) : List.of();
            part.way().write(new Script(part.way(), part.brief(), plan, i, primed));
            if (before > 0) {
                plan.window(between(plan.acts().get(before - 1), plan.acts().get(before)));
            }
        }
        return plan.build();
    }

    private List<Script> unprimed(Plan.Builder plan, int from) {
        Set<Integer> begun = plan.acts().stream().map(act -> act.id().part()).collect(Collectors.toSet());
        return IntStream.range(from, parts.size()).filter(i -> !begun.contains(i)).mapToObj(i -> new Script(parts.get(i).way(), parts.get(i).brief(), plan, i, List.of())).toList();
    }

    /** What parts one way from the next. */
    static Window between(Act last, Act first) {
        return new Window.Dry(last.id(), first.id(), new Window.Dries.Coats(Face.SUPPORT_FRONT, Stage.THROUGH), Duration.ZERO, Duration.ZERO, "What lies below must be through before the next is begun.", Provenance.DERIVED);
    }
}
