package kindveil.catalogue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import kindveil.bench.Bench;
import kindveil.bench.Concern;
import kindveil.bench.Refusal;
import kindveil.light.Colour;
import kindveil.measure.Length;
import kindveil.reading.AmountReading;
import kindveil.reading.CautionReading;
import kindveil.reading.HandReading;
import kindveil.reading.LookState;
import kindveil.reading.MarginReading;
import kindveil.reading.ReliefReading;
import kindveil.reading.StackReading;
import kindveil.reading.TapeReading;
import kindveil.reading.TaskReading;
import kindveil.reading.WishReading;
import kindveil.way.Act;
import kindveil.way.Brief;
import kindveil.way.Sequence;
import kindveil.way.Together;
import kindveil.way.Trace;
import kindveil.way.Way;

/** Everything that is computed of a plan, without a word that is only said: two plans with the same fingerprint are one plan to the hands. */
record Fingerprint(List<Object> of) {
    private static final Colour GROUND = Colour.parse("ground", "#8a7350");

    static Fingerprint of(Way way, Brief brief) {
        Trace trace = trace(way, brief);
        List<Object> of = new ArrayList<>();
        of.add(WishReading.of(brief.wish(), brief.settings().choices(), brief.settings().dials(), brief.width(), brief.height(), 1));
        of.add(kindveil.reading.CrackReading.of(trace).stream().map(crack -> Math.round(1000 * crack.chance())).toList());
        of.add(Together.of(brief.settings().choices(), brief.settings().colours(), brief.settings().dials()));
        of.add(way.card().fit(brief.support()).verdict());
        of.addAll(StackReading.of(trace.end()).layers().stream().map(layer -> layer.kind() + " " + layer.part() + layer.colour()).toList());
        TapeReading.of(trace, brief.width(), brief.height()).ifPresent(of::add);
        for (Trace.Moment moment : trace.moments()) {
            Act act = moment.act();
            of.add(act.step().getClass().getSimpleName());
            of.add(act.handsOn());
            of.add(moment.start());
            of.addAll(CautionReading.of(act.step()));
            moment.waits().forEach(wait -> of.addAll(times(wait)));
            moment.refusals().forEach(refusal -> of.add(refusal.kind()));
            moment.concerns().forEach(concern -> of.add(concern.grade() + " " + concern.words()));
            act.answers().forEach(answer -> of.add(answer.effect()));
        }
        AmountReading amounts = AmountReading.of(trace, brief.width(), brief.height());
        amounts.byProduct().forEach((product, volume) -> of.add(product.id() + rounded(volume.millilitres())));
        amounts.mixtures().forEach(batch -> of.add(rounded(batch.strength()) + batch.mixture().ingredients().size() + batch.shares().stream().map(share -> rounded(share.volume().millilitres())).toList()));
        HandReading.of(trace).ifPresent(of::add);
        of.add(rounded(MarginReading.of(trace).millimetres()));
        ReliefReading.of(trace).rises().forEach(rise -> of.add(rise.mask() + " " + rise.extent() + rounded(rise.micrometres())));
        for (LookState state : LookState.of(trace)) {
            for (int pass = 1; pass <= Math.max(1, trace.mostPasses()); pass++) {
                look(state, state.bench(trace, pass), of);
            }
        }
        TaskReading.of(trace, brief.width(), brief.height()).tasks().forEach(task -> of.add(task.busy() + " " + task.kept()));
        return new Fingerprint(of);
    }

    /** A way that brings no picture is looked at over one that does. */
    private static Trace trace(Way way, Brief brief) {
        if (way.card().bringsPicture()) {
            return Trace.of(way.expand(brief));
        }
        Way below = Catalogue.transfers().getFirst();
        return Trace.of(Sequence.on(brief.base(), List.of(new Sequence.Part(below, Samples.usual(below)), new Sequence.Part(way, brief))).expand()).part(1);
    }

    private static List<Object> times(Trace.Wait wait) {
        return Stream.of(wait.times().earliest(), wait.times().advised(), wait.times().closing(), wait.times().latest(), wait.times().never(), String.valueOf(wait.times().spread())).map(time -> time instanceof Duration d ? d.toSeconds() : String.valueOf(time)).map(Object.class::cast).toList();
    }

    private static void look(LookState state, Bench bench, List<Object> of) {
        StackReading stack = state.stack(bench);
        stack.layers().forEach(layer -> of.add(layer.kind() + " " + layer.part() + rounded(layer.micrometres())));
        for (double cover : new double[] {0, 1}) {
            double[] covers = stack.covers().stream().mapToDouble(one -> cover).toArray();
            of.add(stack.at(GROUND, covers));
        }
    }

    private static String rounded(double value) {
        return " %.4f".formatted(value);
    }
}
