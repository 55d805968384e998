package kindveil.reading;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import kindveil.bench.Bench;
import kindveil.bench.Face;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Residue;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.measure.Span;
import kindveil.product.Product;
import kindveil.product.Trait;
import kindveil.way.Act;
import kindveil.way.Trace;

/**
 * The states a piece is looked at in, each a bench of the trace. Where paper is rubbed away: wet after round n, dried
 * white, cleared, sealed. Where none is: dry, and sealed. Last of all as it ends, under a lamp low over the table.
 */
public enum LookState {
    WET("wet"), LAID("just laid, milky"), DRYING("drying"), DRIED("dried white"), CLEARED("cleared"), SEALED("sealed"), RAKED("raking light");

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

    /** Whether it is a state of the work under ordinary light, and not a passing one. */
    public boolean lasting() {
        return switch (this) {
            case WET, DRIED, CLEARED, SEALED -> true;
            case LAID, DRYING, RAKED -> false;
        };
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
            case LAID -> laid(trace).orElse(placed(trace, arrived(trace, pass)));
            case DRYING -> laid(trace).map(LookState::drying).orElse(placed(trace, arrived(trace, pass)));
            case DRIED -> placed(trace, dried(arrived(trace, pass)));
            case CLEARED -> clearing(trace).map(step -> DRIED.bench(trace, pass).after(step)).orElse(DRIED.bench(trace, pass));
            case SEALED -> sealing(trace).isEmpty() ? CLEARED.bench(trace, pass) : over(trace, CLEARED.bench(trace, pass));
            case RAKED -> finished(trace).bench(trace, pass);
        };
    }

    /** The stack then: its coats milky while they are wet in those states that are about it. */
    public StackReading stack(Bench bench) {
        return this == LAID || this == DRYING ? StackReading.now(bench) : StackReading.of(bench);
    }

    /** A film or skin as it comes to the support in a coat that is milky then; empty where none is, or where all has dried before its paper goes. */
    private static Optional<Bench> laid(Trace trace) {
        return shown(trace).filter(bench -> milky(bench).findAny().isPresent());
    }

    private static Stream<Coating> milky(Bench bench) {
        return bench.layers(Face.SUPPORT_FRONT, Coating.class).stream().filter(coat -> coat.product().milk(coat.wetMicrometres(), coat.waterShare(bench.now())).isPresent());
    }

    /** When the last of it is touch-dry; as it was laid where it never will be. */
    private static Bench drying(Bench laid) {
        return milky(laid).map(coat -> coat.until(Stage.TOUCH_DRY, laid.now())).reduce(Optional.of(Duration.ZERO), (a, b) -> a.isEmpty() || b.isEmpty() ? Optional.empty() : Optional.of(Span.longer(a.get(), b.get())))
                .map(wait -> laid.at(laid.now().plus(wait))).orElse(laid);
    }

    /** Just after the image came to what keeps it; for what brings no image, at the end. */
    private static Bench arrived(Trace trace, int pass) {
        if (trace.mostPasses() > 0) {
            return trace.rubbed(Math.max(1, pass));
        }
        return shown(trace).orElse(trace.end());
    }

    /** The first bench on whose support the image lies without its print. */
    private static Optional<Bench> shown(Trace trace) {
        return trace.picture().isEmpty() ? Optional.empty() : trace.moments().stream().map(Trace.Moment::after)
                .filter(bench -> bench.shows(trace.picture().getAsInt()) && !bench.has(ThingKind.PRINT)).findFirst();
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

    /** Once its fibre has turned white; in air that never lets it, as it would in another. */
    private static Bench dried(Bench bench) {
        return bench.whitened();
    }

    private static Optional<Step> clearing(Trace trace) {
        return over(trace, product -> product.is(Trait.CLEARS_FIBRE) && product.is(Trait.BINDS)).or(() -> over(trace, product -> product.is(Trait.CLEARS_FIBRE) && !last(product)));
    }

    private static boolean last(Product product) {
        return product.is(Trait.FINAL) || product.is(Trait.WAXY);
    }

    private static Optional<Step> sealing(Trace trace) {
        return over(trace, LookState::last);
    }

    /** All that goes over the finished image but what clears it, in its order: varnish, and glazes on its tooth. */
    private static Bench over(Trace trace, Bench cleared) {
        Bench bench = cleared;
        Optional<Step> clears = clearing(trace);
        for (Act act : trace.plan().acts()) {
            boolean coat = product(act.step()).filter(product -> last(product) || !product.is(Trait.CLEARS_FIBRE)).isPresent();
            if (coat && clears.filter(step -> step == act.step()).isEmpty() && trace.overImage(act.step())) {
                bench = bench.after(act.step());
            }
        }
        return bench;
    }

    /** The first coat of some product over the finished image. */
    private static Optional<Step> over(Trace trace, Predicate<Product> wanted) {
        return trace.plan().acts().stream().map(act -> act.step()).filter(step -> product(step).filter(wanted).isPresent() && trace.overImage(step)).findFirst();
    }

    /** What a step lays on the support or rubs into it. */
    private static Optional<Product> product(Step step) {
        return switch (step) {
            case Step.Apply apply -> apply.onto().equals(Face.SUPPORT_FRONT) ? Optional.of(apply.product()) : Optional.empty();
            case Step.Infuse infuse -> Optional.of(infuse.agent());
            case Step.SetOut s -> Optional.empty();
            case Step.Prepare s -> Optional.empty();
            case Step.Mix s -> Optional.empty();
            case Step.Join s -> Optional.empty();
            case Step.Press s -> Optional.empty();
            case Step.Load s -> Optional.empty();
            case Step.Unload s -> Optional.empty();
            case Step.Part s -> Optional.empty();
            case Step.RubAway s -> Optional.empty();
            case Step.Wet s -> Optional.empty();
            case Step.Abrade s -> Optional.empty();
            case Step.Dissolve s -> Optional.empty();
            case Step.Heat s -> Optional.empty();
            case Step.Move s -> Optional.empty();
            case Step.Cut s -> Optional.empty();
            case Step.Outline s -> Optional.empty();
            case Step.Blot s -> Optional.empty();
            case Step.WashUp s -> Optional.empty();
            case Step.Judge s -> Optional.empty();
        };
    }

    /** Whether the plan has a step that brings this state about. */
    public boolean planned(Trace trace) {
        return switch (this) {
            case WET -> trace.mostPasses() > 0;
            case LAID, DRYING -> laid(trace).isPresent();
            case DRIED -> true;
            case CLEARED -> clearing(trace).isPresent();
            case SEALED -> sealing(trace).isPresent();
            case RAKED -> true;
        };
    }

    /** The states worth looking at. */
    public static List<LookState> of(Trace trace) {
        return Stream.of(values()).filter(state -> state.planned(trace) || trace.mostPasses() > 0 && (state == WET || state == CLEARED) && trace.moments().stream()
                .anyMatch(moment -> moment.act().step() instanceof Step.RubAway rub && rub.keeps().equals(Face.SUPPORT_FRONT))).toList();
    }

    /** A dried bench once one agent has cleared it: a thin coat of medium, or oil rubbed in. */
    public static Bench clearedWith(Bench dried, Product agent) {
        return dried.after(agent.is(Trait.OILY) ? new Step.Infuse(Face.SUPPORT_FRONT, agent, Tool.SOFT_CLOTH)
                : Step.coat(Face.SUPPORT_FRONT, agent, THIN_COAT, Tool.BRUSH));
    }
}
