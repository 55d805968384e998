package kindveil.making;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import kindveil.bench.Refusal;
import kindveil.measure.Figures;
import kindveil.measure.UnusableValue;
import kindveil.measure.Volume;
import kindveil.reading.AmountReading;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Dial;
import kindveil.way.Sequence;
import kindveil.way.Trace;
import kindveil.way.Way;
import org.jspecify.annotations.Nullable;

/**
 * The plan of a making changed while it is made: only what leaves everything done as it was done, and the air it stands in, can be
 * changed. What is possible is found by writing the plan anew with each change and walking what was told through it.
 */
public final class Replanning {
    private final Begun plan;
    private final List<Deed> deeds;
    private final Making making;
    private final Function<String, Way> ways;

    /** @param making with everything told, by {@code plan} */
    public Replanning(Begun plan, Making making, List<Deed> deeds, Function<String, Way> ways) {
        this.plan = plan;
        this.making = making;
        this.deeds = List.copyOf(deeds);
        this.ways = ways;
    }

    /**
     * Something that can still be otherwise.
     *
     * @param part which way of the work, from 0
     * @param now what is chosen, in words
     * @param options others; empty where it is a number
     * @param dial its range where it is a number, otherwise null
     */
    public record Open(int part, String key, String question, String now, List<Other> options, @Nullable Dial dial) {
        public Open {
            options = List.copyOf(options);
        }
    }

    /** Another option. @param left how much longer or shorter the rest takes @param takes how much more or less of medium and paint, ml */
    public record Other(String key, String words, Duration left, double takes) {
    }

    /** All that can, if nothing is begun before {@code now}. */
    public List<Open> open(Instant now) {
        if (making.finished() || !written(sequence(List.of())).map(same -> same.plan().equals(plan.plan())).orElse(false)) {
            return List.of();
        }
        Rest rest = Rest.of(making.forecast(now), plan);
        List<Supplier<Optional<Open>>> asked = new ArrayList<>();
        for (int i = 0; i < plan.parts().size(); i++) {
            int part = i;
            Way way = ways.apply(plan.parts().get(part).way());
            Brief brief = plan.parts().get(part).brief();
            way.choices().forEach(choice -> asked.add(() -> chosen(part, way, brief, choice, rest, now)));
            way.dials(brief).forEach(dial -> asked.add(() -> dialled(part, way, brief, dial)));
        }
        return asked.parallelStream().flatMap(one -> one.get().stream()).toList();
    }

    private Optional<Open> chosen(int part, Way way, Brief brief, Choice choice, Rest rest, Instant now) {
        Choice.Option chosen = way.chosen(brief, choice.key());
        List<Other> others = choice.options().parallelStream().filter(option -> !option.key().equals(chosen.key())).flatMap(option -> other(part, choice, option, rest, now).stream()).toList();
        return others.isEmpty() ? Optional.empty() : Optional.of(new Open(part, choice.key(), choice.question(), chosen.words(), others, null));
    }

    private Optional<Open> dialled(int part, Way way, Brief brief, Dial dial) {
        String now = "%s %s".formatted(Figures.plain(way.dialled(brief, dial.key())), dial.usual().unit());
        return turns(part, way, brief, dial) ? Optional.of(new Open(part, dial.key(), dial.words(), now, List.of(), dial)) : Optional.empty();
    }

    private Optional<Other> other(int part, Choice choice, Choice.Option option, Rest rest, Instant now) {
        Candidate other = checked(part, brief -> brief.with(choice.key(), option.key())).orElse(null);
        if (other == null) {
            return Optional.empty();
        }
        Rest then = Rest.of(other.making.forecast(now, rest.coming), other.plan);
        // what the bench refuses by now is no fault of the change
        return rest.refused.containsAll(then.refused) ? Optional.of(new Other(option.key(), option.words(), then.left.minus(rest.left), then.takes - rest.takes)) : Optional.empty();
    }

    private boolean turns(int part, Way way, Brief brief, Dial dial) {
        double now = way.dialled(brief, dial.key());
        return List.of(dial.usual().least(), dial.usual().most()).stream().anyMatch(value -> value != now && turned(part, dial.key(), value).isPresent());
    }

    /** What is to come of it, and what the bench has against that. */
    private record Rest(List<Trace.Moment> coming, Duration left, double takes, Set<String> refused) {
        static Rest of(List<Trace.Moment> coming, Begun plan) {
            if (coming.isEmpty()) {
                return new Rest(coming, Duration.ZERO, 0, Set.of());
            }
            Brief brief = plan.parts().getFirst().brief();
            double takes = AmountReading.of(new Trace(plan.plan(), coming), brief.width(), brief.height()).byProduct().values().stream().mapToDouble(Volume::millilitres).sum();
            return new Rest(coming, coming.getLast().end(), takes, coming.stream().flatMap(moment -> moment.refusals().stream()).map(Refusal::reason).collect(Collectors.toSet()));
        }
    }

    /** The plan with another option; empty where that would undo something done, or is what is planned. */
    public Optional<Begun> changed(int part, String choice, String option) {
        return checked(part, brief -> brief.with(choice, option)).map(Candidate::plan);
    }

    /** The plan with another number; empty likewise. */
    public Optional<Begun> turned(int part, String dial, double value) {
        return checked(part, brief -> {
            Map<String, Double> dials = new HashMap<>(brief.settings().dials());
            dials.put(dial, value);
            return brief.dialled(dials);
        }).map(Candidate::plan);
    }

    /** A changed plan, and the making as far as it is told by that. */
    private record Candidate(Begun plan, Making making) {
    }

    private Optional<Candidate> checked(int part, Function<Brief, Brief> change) {
        List<Function<Brief, Brief>> changes = new ArrayList<>();
        for (int i = 0; i < plan.parts().size(); i++) {
            changes.add(i == part ? change : Function.identity());
        }
        return written(sequence(changes)).filter(other -> standsOn(other) && !other.plan().equals(plan.plan())).map(other -> new Candidate(other, walked(other))).filter(this::leavesWhatIsDone);
    }

    private Sequence sequence(List<Function<Brief, Brief>> changes) {
        List<Sequence.Part> parts = new ArrayList<>();
        for (int i = 0; i < plan.parts().size(); i++) {
            Begun.Part part = plan.parts().get(i);
            parts.add(new Sequence.Part(ways.apply(part.way()), changes.isEmpty() ? part.brief() : changes.get(i).apply(part.brief())));
        }
        return new Sequence(parts);
    }

    private static Optional<Begun> written(Sequence sequence) {
        try {
            for (Sequence.Part part : sequence.parts()) {
                part.way().checked(part.brief());
            }
            return Optional.of(Begun.of(sequence));
        } catch (UnusableValue impossible) {
            return Optional.empty();
        }
    }

    /** Whether it stands on the same bench in the same air, and every act that is done is the same act. */
    private boolean standsOn(Begun other) {
        return other.plan().bench().equals(plan.plan().bench()) && other.plan().airings().equals(plan.plan().airings())
                && making.moments().stream().allMatch(moment -> other.plan().act(moment.act().id()).filter(act -> act.step().equals(moment.act().step())).isPresent());
    }

    private boolean leavesWhatIsDone(Candidate other) {
        return other.making.moments().stream().map(moment -> moment.act().id()).toList().equals(making.moments().stream().map(moment -> moment.act().id()).toList());
    }

    private Making walked(Begun other) {
        return Making.asFarAsItFits(other.plan().in(making.plan().bench().air()), making.begun(), deeds);
    }

    /** What is otherwise in one plan than in another, of the choices and numbers of its ways, in a line. */
    public static String words(Begun before, Begun after) {
        List<String> words = new ArrayList<>();
        for (int i = 0; i < Math.min(before.parts().size(), after.parts().size()); i++) {
            for (Begun.Chosen now : after.parts().get(i).chosen()) {
                before.parts().get(i).chosen().stream().filter(was -> was.key().equals(now.key()) && !was.words().equals(now.words())).findFirst()
                        .ifPresent(was -> words.add("%s: %s instead of %s".formatted(now.question(), now.words(), was.words())));
            }
        }
        return String.join("; ", words);
    }
}
