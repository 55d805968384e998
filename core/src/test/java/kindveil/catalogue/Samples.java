package kindveil.catalogue;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import kindveil.bench.Support;
import kindveil.drying.Room;
import kindveil.measure.Length;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Fit;
import kindveil.way.Trace;
import kindveil.way.Way;

/** The shared table of sample plans: every way, every school of each of its choices, up to three supports it accepts. */
public final class Samples {
    public static final Length WIDTH = Length.ofMillimetres(100);
    public static final Length HEIGHT = Length.ofMillimetres(150);
    public static final Room ROOM = Room.of(21, 50);

    private Samples() {
    }

    /** One of them. */
    public record Sample(Way way, Brief brief) {
        public Trace trace() {
            return Trace.of(way.expand(brief));
        }

        @Override
        public String toString() {
            return way.key() + " " + brief.settings().choices() + " on " + brief.support();
        }
    }

    public static Brief usual(Way way) {
        return Brief.usual(way, WIDTH, HEIGHT, ROOM);
    }

    public static Stream<Sample> all() {
        return Catalogue.ways().stream().flatMap(Samples::of);
    }

    static Stream<Sample> of(Way way) {
        List<Sample> samples = new ArrayList<>();
        List<Support> supports = way.card().supports().entrySet().stream().filter(e -> e.getValue().verdict().compareTo(Fit.Verdict.WITH_CARE) <= 0)
                .map(java.util.Map.Entry::getKey).limit(3).toList();
        for (Support support : supports) {
            Brief brief = usual(way).with(support);
            samples.add(new Sample(way, brief));
            for (Choice choice : way.choices()) {
                for (Choice.Option option : choice.options().subList(1, choice.options().size())) {
                    samples.add(new Sample(way, brief.with(choice.key(), option.key())));
                }
            }
        }
        return samples.stream();
    }

    /** A support the way's card does not accept, for each way that has one. */
    static Stream<Sample> unsuited() {
        return Catalogue.ways().stream().map(way -> new Sample(way, usual(way).with(Support.values().stream()
                .filter(support -> way.card().fit(support).verdict() == Fit.Verdict.NO).findFirst().orElseThrow())));
    }
}
