package kindveil.studio.work.sitting;

import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import kindveil.measure.UnitSystem;
import kindveil.measure.Volume;
import kindveil.mixing.Keeping;
import kindveil.product.Product;
import kindveil.reading.AmountReading;
import kindveil.sitting.Mixed;
import kindveil.sitting.Problem;
import kindveil.studio.work.jar.JarWork;
import kindveil.studio.work.piece.Planned;
import kindveil.way.ActId;
import kindveil.way.Plan;
import kindveil.way.Window;

/**
 * What is mixed for the pieces of a diary: out of jars that stand, or once for several of them, mixed by the first.
 *
 * @param ready what stands ready for a pull's acts
 * @param batches what a pull mixes for others too
 */
record Supply(Map<String, List<Ready>> ready, Map<String, Batch> batches) {
    static final Supply NONE = new Supply(Map.of(), Map.of());

    /** What one act of a piece mixes, and how much of it. */
    record Mixing(ActId act, Product gives, double millilitres, Keeping keeps) {
        static List<Mixing> of(Planned planned) {
            return planned.amounts().stream().flatMap(amounts -> amounts.mixtures().stream()).filter(batch -> batch.mixture().gives() != null && batch.volume().millilitres() > 0 && Keeping.of(batch.mixture()).keeps())
                    .map(Mixing::of).toList();
        }

        private static Mixing of(AmountReading.Batch batch) {
            return new Mixing(batch.act().id(), java.util.Objects.requireNonNull(batch.mixture().gives()), batch.volume().millilitres(), Keeping.of(batch.mixture()));
        }
    }

    /** It stands ready. @param since when it was mixed @param until when it is used no longer @param by whose jar or batch, in words */
    record Ready(Mixing mixing, Instant since, Instant until, String by) {
    }

    /** It is mixed for several. @param at when */
    record Batch(Mixing mixing, Instant at, double millilitres, List<String> pieces) {
    }

    /** One pull that mixes. */
    record Wants(String job, String title, Problem.Plot plot, List<Mixing> mixings) {
    }

    /** What jars serve, each jar for as many as it holds enough for; the longest standing first. */
    static Supply standing(List<Wants> wants, List<JarWork.Standing> jars, Instant zero) {
        Map<UUID, Double> left = jars.stream().collect(Collectors.toMap(jar -> jar.jar().id(), jar -> jar.state().left()));
        Map<String, List<Ready>> ready = new LinkedHashMap<>();
        for (Wants one : wants) {
            for (Mixing mixing : one.mixings) {
                Optional<JarWork.Standing> jar = jars.stream().filter(each -> each.serves(mixing.gives.id(), 0) && left.getOrDefault(each.jar().id(), 0.0) >= mixing.millilitres).min(java.util.Comparator.comparing(each -> each.jar().made()));
                jar.ifPresent(each -> {
                    left.merge(each.jar().id(), -mixing.millilitres, Double::sum);
                    ready.computeIfAbsent(one.job, key -> new ArrayList<>()).add(new Ready(mixing, each.jar().made(), each.state().until(), each.jar().name()));
                });
            }
        }
        return new Supply(ready, Map.of());
    }

    /**
     * The same, with what several still mix each for themselves mixed once, by the first that can.
     *
     * @param first minute of the first sitting
     * @param planned when an act was put or planned to be, where that is still to come
     */
    Supply batched(List<Wants> wants, Instant first, BiFunction<String, ActId, Optional<Instant>> planned) {
        Map<String, List<Wants>> byProduct = new LinkedHashMap<>();
        wants.forEach(one -> one.mixings.stream().filter(mixing -> !stands(one.job, mixing)).map(mixing -> mixing.gives.id()).distinct().forEach(id -> byProduct.computeIfAbsent(id, key -> new ArrayList<>()).add(one)));
        Map<String, List<Ready>> more = new HashMap<>(ready);
        Map<String, Batch> batched = new LinkedHashMap<>();
        byProduct.forEach((id, own) -> {
            boolean several = own.stream().mapToInt(each -> own(each, id).size()).sum() > 1;
            Optional<Wants> mixer = !several ? Optional.empty() : own.stream().filter(one -> !batched.containsKey(one.job) && Mixed.task(one.plot, own(one, id).getFirst().act) == 0).findFirst();
            mixer.ifPresent(one -> {
                Mixing mixing = own(one, id).getFirst();
                // where it was planned to be it stays
                Instant begins = planned.apply(one.job, one.plot.tasks().getFirst().acts().getFirst().act()).orElse(first);
                Instant at = begins.plus(Mixed.ends(one.plot, mixing.act), ChronoUnit.MINUTES);
                batched.put(one.job, new Batch(mixing, begins, own.stream().flatMap(each -> own(each, id).stream()).mapToDouble(Mixing::millilitres).sum(), own.stream().map(Wants::title).toList()));
                for (Wants each : own) {
                    List<Ready> all = new ArrayList<>(more.getOrDefault(each.job, List.of()));
                    own(each, id).stream().filter(other -> other != mixing).forEach(other -> all.add(new Ready(other, at, at.plus(mixing.keeps.longest()), one.title + "’s batch")));
                    more.put(each.job, all);
                }
            });
        });
        return new Supply(more, batched);
    }

    private boolean stands(String job, Mixing mixing) {
        return ready.getOrDefault(job, List.of()).stream().anyMatch(one -> one.mixing.act.equals(mixing.act));
    }

    /** What it mixes of something and no jar stands for, in order. */
    private List<Mixing> own(Wants one, String gives) {
        return one.mixings.stream().filter(mixing -> mixing.gives.id().equals(gives) && !stands(one.job, mixing)).toList();
    }

    /** A piece's plot as it is with this. */
    Problem.Plot on(String job, Problem.Plot plot, Plan plan, Instant zero, UnitSystem system) {
        Problem.Plot with = plot;
        Batch batch = batches.get(job);
        if (batch != null) {
            with = Mixed.at(with, batch.mixing.act, minutes(zero, batch.at), "Mix %s of %s, for %s".formatted(new Volume(batch.millilitres).print(system), batch.mixing.gives.words(), String.join(" and ", batch.pieces)));
        }
        for (Ready one : ready.getOrDefault(job, List.of())) {
            Set<String> rests = plan.windows().stream().filter(window -> window.from().equals(one.mixing.act) && window instanceof Window.Dry dry && dry.what() instanceof Window.Dries.Practice).map(Window::why).collect(Collectors.toSet());
            with = Mixed.of(with, one.mixing.act, rests, minutes(zero, one.since), minutes(zero, one.until), "Take %s, from %s".formatted(one.mixing.gives.words(), one.by));
        }
        return with;
    }

    private static int minutes(Instant zero, Instant at) {
        return (int) Math.clamp(Duration.between(zero, at).toMinutes(), Integer.MIN_VALUE / 2, Integer.MAX_VALUE / 2);
    }

    /** Since when what an act is to mix has stood, where it stands ready. */
    Map<ActId, Instant> stood(String job) {
        return ready.getOrDefault(job, List.of()).stream().collect(Collectors.toMap(one -> one.mixing.act, Ready::since));
    }

    boolean mixesForOthers() {
        return !batches.isEmpty();
    }
}
