package kindveil.making;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import kindveil.measure.Figures;
import kindveil.measure.Span;
import kindveil.way.ActId;
import kindveil.way.Brief;
import kindveil.way.Trace;

/**
 * Two makings held side by side: what was planned otherwise, and where hands waited otherwise.
 *
 * @param differences in the order of the work: support and print first, then choices, numbers, waits
 */
public record Comparison(List<Difference> differences) {
    /** Waits that differ by less than a fifth are told as the same. */
    private static final double ALIKE = 0.2;
    private static final Duration SHORT = Duration.ofSeconds(30);

    /** One difference. @param one what it was in the first, likewise {@code other} */
    public record Difference(String what, String one, String other) {
    }

    public Comparison {
        differences = List.copyOf(differences);
    }

    /** Of what two makings were begun with, and the makings themselves. */
    public static Comparison of(Begun one, Making first, Begun other, Making second) {
        List<Difference> found = new ArrayList<>();
        planned(one, other, found);
        waited(first, second, found);
        return new Comparison(found);
    }

    /** Of two plans alone. */
    public static Comparison planned(Begun one, Begun other) {
        List<Difference> found = new ArrayList<>();
        planned(one, other, found);
        return new Comparison(found);
    }

    private static void planned(Begun one, Begun other, List<Difference> found) {
        int shared = Math.min(one.parts().size(), other.parts().size());
        told("Veils", String.valueOf(one.parts().size()), String.valueOf(other.parts().size()), found);
        for (int i = 0; i < shared; i++) {
            Begun.Part a = one.parts().get(i);
            Begun.Part b = other.parts().get(i);
            told("Way", a.name(), b.name(), found);
            briefs(a.brief(), b.brief(), found);
            if (a.way().equals(b.way())) {
                chosen(a, b, found);
            }
        }
    }

    private static void briefs(Brief a, Brief b, List<Difference> found) {
        told("Print", a.print().words(), b.print().words(), found);
        told("Support", a.support().words(), b.support().words(), found);
        told("Ground", a.ground().words(), b.ground().words(), found);
        told("Wish", a.wish().words(), b.wish().words(), found);
        told("Size", size(a), size(b), found);
        told("Room", a.room().temperature().print(kindveil.measure.UnitSystem.METRIC) + ", " + a.room().humidity(), b.room().temperature().print(kindveil.measure.UnitSystem.METRIC) + ", " + b.room().humidity(), found);
    }

    private static String size(Brief brief) {
        return Figures.rounded(brief.width().millimetres(), 0) + " × " + Figures.rounded(brief.height().millimetres(), 0) + " mm";
    }

    private static void chosen(Begun.Part a, Begun.Part b, List<Difference> found) {
        for (Begun.Chosen one : a.chosen()) {
            b.chosen().stream().filter(other -> other.key().equals(one.key())).findFirst().ifPresent(other -> told(one.question(), one.words(), other.words(), found));
        }
    }

    private static void told(String what, String one, String other, List<Difference> found) {
        if (!one.equals(other)) {
            found.add(new Difference(what, one, other));
        }
    }

    private static void waited(Making first, Making second, List<Difference> found) {
        Map<ActId, Trace.Moment> there = new java.util.HashMap<>();
        second.moments().forEach(moment -> there.put(moment.act().id(), moment));
        for (Trace.Moment moment : first.moments()) {
            Trace.Moment other = there.get(moment.act().id());
            if (other != null && !first.assumed(moment.act().id()) && !second.assumed(other.act().id())) {
                waited(moment, other, found);
            }
        }
    }

    private static void waited(Trace.Moment moment, Trace.Moment other, List<Difference> found) {
        for (Trace.Wait wait : moment.waits()) {
            other.waits().stream().filter(w -> w.window().from().equals(wait.window().from())).findFirst().ifPresent(w -> {
                Duration a = moment.start().minus(wait.began());
                Duration b = other.start().minus(w.began());
                if (a.minus(b).abs().compareTo(SHORT) > 0 && a.minus(b).abs().toMillis() > ALIKE * Span.longer(a, b).toMillis()) {
                    found.add(new Difference(moment.act().title(), "after " + Span.words(a), "after " + Span.words(b)));
                }
            });
        }
    }
}
