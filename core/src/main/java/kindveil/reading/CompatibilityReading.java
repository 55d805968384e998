package kindveil.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import kindveil.bench.Concern;
import kindveil.bench.PrintKind;
import kindveil.bench.Refusal;
import kindveil.way.Brief;
import kindveil.way.Fit;
import kindveil.way.Fit.Verdict;
import kindveil.way.Trace;
import kindveil.way.Way;

/**
 * Whether a print, a support, a ground and a wish go with a way: read from its plan on the bench and from what its card
 * says of support and wish. The worst of them decides.
 *
 * @param reasons the weightiest first, each once
 */
public record CompatibilityReading(Way way, Verdict verdict, List<Reason> reasons) {

    /**
     * One reason.
     *
     * @param words what speaks against it
     * @param remedy what would help; empty when nothing was found
     */
    public record Reason(Verdict verdict, String words, String remedy) {
    }

    public CompatibilityReading {
        reasons = List.copyOf(reasons);
    }

    public static CompatibilityReading of(Way way, Brief brief) {
        return of(way, brief, Trace.of(way.expand(brief)));
    }

    static CompatibilityReading of(Way way, Brief brief, Trace trace) {
        List<Reason> reasons = new ArrayList<>();
        fit(way.card().fit(brief.support()), "On " + brief.support().words() + ": ").ifPresent(reasons::add);
        fit(way.card().fit(brief.wish()), "For “" + brief.wish().words() + "”: ").ifPresent(reasons::add);
        java.util.Set<Refusal.Kind> told = java.util.EnumSet.noneOf(Refusal.Kind.class);
        for (Refusal refusal : trace.refusals()) {
            if (!told.add(refusal.kind())) {
                continue;
            }
            reasons.add(new Reason(Verdict.NO, refusal.reason(), refusal.remedy()));
        }
        for (Concern concern : trace.concerns()) {
            reasons.add(new Reason(concern.grade() == Concern.Grade.POOR ? Verdict.POOR : Verdict.WITH_CARE, concern.reason(), concern.remedy()));
        }
        List<Reason> weighed = reasons.stream().filter(once()).sorted((a, b) -> b.verdict().compareTo(a.verdict())).toList();
        return new CompatibilityReading(way, weighed.isEmpty() ? Verdict.SOUND : weighed.getFirst().verdict(), weighed);
    }

    private static Predicate<Reason> once() {
        java.util.Set<String> said = new java.util.HashSet<>();
        return reason -> said.add(reason.words());
    }

    private static Optional<Reason> fit(Fit fit, String about) {
        return fit.verdict() == Verdict.SOUND ? Optional.empty() : Optional.of(new Reason(fit.verdict(), about + Character.toLowerCase(fit.reason().charAt(0)) + fit.reason().substring(1), ""));
    }

    /** What would work instead: this way with another print, or other ways with the print at hand, the soundest first. */
    public static List<Instead> instead(List<Way> ways, Way way, Brief brief) {
        List<Instead> found = new ArrayList<>();
        for (PrintKind print : PrintKind.values()) {
            if (print != brief.print()) {
                consider(found, way, brief.with(print), "with a " + print.words());
            }
        }
        for (Way other : ways) {
            if (other != way) {
                consider(found, other, brief.choosing(java.util.Map.of()).dialled(java.util.Map.of()), "as a " + other.name().toLowerCase(java.util.Locale.ROOT));
            }
        }
        found.sort((a, b) -> a.verdict().compareTo(b.verdict()));
        return found;
    }

    /** Something that works instead. */
    public record Instead(Way way, PrintKind print, Verdict verdict, String words) {
    }

    private static void consider(List<Instead> found, Way way, Brief brief, String words) {
        Verdict verdict = of(way, brief).verdict();
        if (verdict.compareTo(Verdict.WITH_CARE) <= 0) {
            found.add(new Instead(way, brief.print(), verdict, words));
        }
    }
}
