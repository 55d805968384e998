package kindveil.reading;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import kindveil.bench.Bench;
import kindveil.bench.Face;
import kindveil.bench.Layer.Residue;
import kindveil.bench.Material;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.way.Trace;

/**
 * The states a piece is looked at in, each a bench of the trace. Where paper is rubbed away: wet after round n, dried
 * white, cleared, sealed. Where none is: dry, and sealed.
 */
public enum LookState {
    WET("wet"), DRIED("dried white"), CLEARED("cleared"), SEALED("sealed");

    private static final double THIN_COAT = 60;
    private final String words;

    LookState(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** What it is called for one plan: nothing turns white where no paper was rubbed. */
    public String words(Trace trace) {
        return this == DRIED && trace.mostPasses() == 0 ? "dry" : words;
    }

    /** How a plan's piece looks when all is done: sealed, where it is sealed. */
    public static LookState finished(Trace trace) {
        return SEALED.planned(trace) ? SEALED : CLEARED;
    }

    /**
     * The bench at which the piece looks so after a pass.
     *
     * @param pass 1 to the number of passes the plan offers; of no matter where it has none
     */
    public Bench bench(Trace trace, int pass) {
        return switch (this) {
            case WET -> placed(trace, arrived(trace, pass));
            case DRIED -> placed(trace, dried(arrived(trace, pass)));
            case CLEARED -> clearing(trace).map(step -> DRIED.bench(trace, pass).after(step)).orElse(DRIED.bench(trace, pass));
            case SEALED -> sealing(trace).map(step -> CLEARED.bench(trace, pass).after(step)).orElse(CLEARED.bench(trace, pass));
        };
    }

    /** Just after the image came to what keeps it; for what brings no image, at the end. */
    private static Bench arrived(Trace trace, int pass) {
        if (trace.mostPasses() > 0) {
            return trace.rubbed(Math.max(1, pass));
        }
        return trace.picture().isEmpty() ? trace.end() : trace.moments().stream().map(Trace.Moment::after)
                .filter(bench -> bench.shows(trace.picture().getAsInt()) && !bench.has(ThingKind.PRINT)).findFirst().orElse(trace.end());
    }

    /** An image still on tape or a skin is followed to the support, by the steps of the plan that bring it there. */
    private static Bench placed(Trace trace, Bench arrived) {
        Bench bench = arrived;
        if (trace.picture().isEmpty() || bench.shows(trace.picture().getAsInt())) {
            return bench;
        }
        List<Trace.Moment> after = trace.moments().stream().dropWhile(moment -> !(moment.act().step() instanceof Step.RubAway))
                .filter(moment -> !(moment.act().step() instanceof Step.RubAway) && !(moment.act().step() instanceof Step.Wet)).toList();
        for (Trace.Moment moment : after) {
            bench = bench.after(moment.act().step());
            if (bench.shows(trace.picture().getAsInt())) {
                return bench;
            }
        }
        return bench;
    }

    private static Bench dried(Bench bench) {
        return bench.at(bench.now().plus(Residue.DRIES_IN));
    }

    private static Optional<Step> clearing(Trace trace) {
        return over(trace).filter(step -> kind(step) == Material.Kind.MEDIUM).findFirst().or(() -> over(trace).filter(step -> kind(step) == Material.Kind.OIL).findFirst());
    }

    private static Optional<Step> sealing(Trace trace) {
        return over(trace).filter(step -> kind(step) == Material.Kind.VARNISH).findFirst();
    }

    /** Coats over the finished image. */
    private static Stream<Step> over(Trace trace) {
        return trace.plan().acts().stream().map(act -> act.step()).filter(step -> kind(step) != null && trace.overImage(step));
    }

    private static Material.Kind kind(Step step) {
        return switch (step) {
            case Step.Apply apply -> apply.onto().equals(Face.SUPPORT_FRONT) ? apply.material().kind() : null;
            case Step.Infuse infuse -> infuse.agent().kind();
            case Step.SetOut s -> null;
            case Step.Prepare s -> null;
            case Step.Mix s -> null;
            case Step.Join s -> null;
            case Step.Press s -> null;
            case Step.Load s -> null;
            case Step.Unload s -> null;
            case Step.Part s -> null;
            case Step.RubAway s -> null;
            case Step.Wet s -> null;
            case Step.Abrade s -> null;
            case Step.Dissolve s -> null;
            case Step.Heat s -> null;
            case Step.Move s -> null;
            case Step.Cut s -> null;
            case Step.Outline s -> null;
            case Step.Blot s -> null;
            case Step.WashUp s -> null;
            case Step.Judge s -> null;
        };
    }

    /** Whether the plan has a step that brings this state about. */
    public boolean planned(Trace trace) {
        return switch (this) {
            case WET -> trace.mostPasses() > 0;
            case DRIED -> true;
            case CLEARED -> clearing(trace).isPresent();
            case SEALED -> sealing(trace).isPresent();
        };
    }

    /** The states worth looking at. */
    public static List<LookState> of(Trace trace) {
        return Stream.of(values()).filter(state -> state.planned(trace) || trace.mostPasses() > 0 && state != SEALED && trace.moments().stream()
                .anyMatch(moment -> moment.act().step() instanceof Step.RubAway rub && rub.keeps().equals(Face.SUPPORT_FRONT))).toList();
    }

    /** A dried bench once one agent has cleared it: a thin coat of medium, or oil rubbed in. */
    public static Bench clearedWith(Bench dried, Material agent) {
        return dried.after(agent.kind() == Material.Kind.OIL ? new Step.Infuse(Face.SUPPORT_FRONT, agent, Tool.SOFT_CLOTH)
                : Step.coat(Face.SUPPORT_FRONT, agent, THIN_COAT, Tool.BRUSH));
    }
}
