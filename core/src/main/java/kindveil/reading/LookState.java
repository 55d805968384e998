package kindveil.reading;

import java.util.Optional;
import kindveil.way.Bench;
import kindveil.way.Face;
import kindveil.way.Layer.Residue;
import kindveil.way.Material;
import kindveil.way.Step;
import kindveil.way.Tool;
import kindveil.way.Trace;

/** The four states a piece is looked at in, each a bench of the trace. */
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

    /**
     * The bench at which the piece looks so after a pass.
     *
     * @param pass 1 to the number of passes the plan offers
     */
    public Bench bench(Trace trace, int pass) {
        Bench rubbed = trace.rubbed(pass);
        return switch (this) {
            case WET -> rubbed;
            case DRIED -> dried(rubbed);
            case CLEARED -> step(trace, Material.Kind.MEDIUM).or(() -> step(trace, Material.Kind.OIL))
                    .map(step -> dried(rubbed).take(step).bench()).orElse(dried(rubbed));
            case SEALED -> step(trace, Material.Kind.VARNISH).map(step -> CLEARED.bench(trace, pass).take(step).bench())
                    .orElse(CLEARED.bench(trace, pass));
        };
    }

    private static Bench dried(Bench bench) {
        return bench.at(bench.now().plus(Residue.DRIES_IN));
    }

    /** The coat of a kind that the plan lays over the finished image. */
    private static Optional<Step> step(Trace trace, Material.Kind kind) {
        return trace.plan().acts().stream().map(act -> act.step()).filter(step -> switch (step) {
            case Step.Apply apply -> apply.material().kind() == kind && trace.overImage(apply);
            case Step.Infuse infuse -> infuse.agent().kind() == kind;
            case Step.Prepare s -> false;
            case Step.Join s -> false;
            case Step.Press s -> false;
            case Step.Load s -> false;
            case Step.Unload s -> false;
            case Step.Wet s -> false;
            case Step.Abrade s -> false;
            case Step.RubAway s -> false;
            case Step.WashUp s -> false;
            case Step.Judge s -> false;
        }).findFirst();
    }

    /** Whether the plan has a step that brings this state about. */
    public boolean planned(Trace trace) {
        return switch (this) {
            case WET, DRIED -> true;
            case CLEARED -> step(trace, Material.Kind.MEDIUM).or(() -> step(trace, Material.Kind.OIL)).isPresent();
            case SEALED -> step(trace, Material.Kind.VARNISH).isPresent();
        };
    }

    /** A dried bench once one agent has cleared it: a thin coat of medium, or oil rubbed in. */
    public static Bench clearedWith(Bench dried, Material agent) {
        return dried.take(switch (agent.kind()) {
            case OIL -> new Step.Infuse(Face.SUPPORT_FRONT, agent, Tool.SOFT_CLOTH);
            case MEDIUM, VARNISH -> new Step.Apply(Face.SUPPORT_FRONT, agent, THIN_COAT, Tool.BRUSH);
        }).bench();
    }
}
