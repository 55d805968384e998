package kindveil.reading;

import java.time.Duration;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import kindveil.bench.Bench;
import kindveil.bench.Concern;
import kindveil.bench.Face;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Image;
import kindveil.bench.Preparation;
import kindveil.bench.PrintKind;
import kindveil.bench.Step;
import kindveil.bench.Support;
import kindveil.bench.Tool;
import kindveil.drying.Belief;
import kindveil.measure.Span;
import kindveil.way.Act;
import kindveil.way.Plan;
import kindveil.way.TellTale;
import kindveil.way.Trace;
import kindveil.way.Trace.Wait;
import kindveil.way.Window;
import org.jspecify.annotations.Nullable;

/**
 * Whether an image will hold when its paper is rubbed away, or will come over from a plate or a film: a chance, before the hands act,
 * and what waiting would give.
 *
 * @param of what the chance is of
 * @param chance now, 0 to 1
 * @param waiting the least of a few waits after which it is as good as it gets, or null where waiting gives nothing to speak of
 * @param then the chance after it
 * @param parts what is set or doubted so that less is left of it, each by its name
 * @param practised what the waits practitioners name would give on this bed, the shortest first; empty where nothing dries
 */
public record HoldReading(Of of, double chance, @Nullable Duration waiting, double then, List<Waited> practised, List<Part> parts) {
    /** What can go well. */
    public enum Of {
        /** The image holds when its paper is rubbed away. */
        HOLDING,
        /** It comes over whole from a plate, a film. */
        COMING_OVER,
        /** What was laid is dry enough for the next act. */
        DRY_ENOUGH
    }

    /** One thing that leaves less of the chance. @param share what it leaves, 0 to 1 */
    public record Part(String words, double share) {
    }

    /** What a wait gives. @param since the bed was laid */
    public record Waited(Duration since, double chance) {
    }

    /** An hour, three, overnight, a day: what one and another swear by. */
    private static final List<Duration> PRACTISED = List.of(Span.minutes(60), Span.minutes(180), Span.minutes(600), Span.minutes(1440));
    private static final List<Duration> WAITS = List.of(Span.minutes(15), Span.minutes(30), Span.minutes(60), Span.minutes(120), Span.minutes(240), Span.minutes(480), Span.minutes(1440), Span.minutes(2880));
    private static final double AS_GOOD = 0.01;
    private static final double WORTH_WAITING = 0.02;
    private static final double LATER_ROUND = 0.97;
    private static final double WET_CLOTH = 0.97;
    private static final double BRUSHED = 0.9;
    private static final double SANDED = 0.98;
    /** Of what a window's end leaves, and of what a weak print and tape that was not burnished hard leave (assumed). */
    private static final double AT_THE_END = 0.5;
    private static final double STRONG = 0.2;
    private static final double BY_WEAKNESS = 1.2;
    private static final double WEAKEST = 0.3;
    private static final double FINGERED = 0.85;
    private static final double NOT_PRESSED = 0.6;
    private static final double BY_HAND = 0.96;
    private static final double CLINGS = 0.95;
    /** Inkjet that was kept dry on a block holds in so many of all tries (assumed). */
    private static final double KEPT_DRY = 0.55;
    /** How often an image that would not hold in any case is seen to lift in its first round (assumed). */
    private static final double LIFTS_IF_WEAK = 0.5;
    /** What is left where the bench doubts it, with care and whatever the care (assumed). */
    private static final double CARE = 0.93;
    private static final double POOR = 0.6;

    /**
     * Before the first round of rubbing, before the act that ends the wait for it and while tape is burnished; before whatever lays a film that carries by being
     * wet, and what is lifted from it; before every other act that waits for a coat to dry; empty for the rest.
     *
     * @param bench as it is when the hands would begin
     * @param waits that end at the act
     * @param films what was seen of the films laid, by its reply
     */
    public static Optional<HoldReading> of(Plan plan, Bench bench, Act act, List<Wait> waits, Belief belief, Map<TellTale, Integer> films) {
        return undoubted(plan, bench, act, waits, belief, films).map(hold -> hold.of == Of.DRY_ENOUGH ? hold : hold.left(plan.risks().stream().filter(risk -> risk.part() == act.id().part()).map(risk -> new Part(risk.words(), risk.share())).toList()));
    }

    /** With what the bench doubts of the way it was led to: a chance beside a warning is never the same as without. */
    public HoldReading doubted(Collection<Concern> concerns) {
        return of == Of.DRY_ENOUGH ? this : left(concerns.stream().distinct().map(concern -> new Part(concern.reason(), concern.grade() == Concern.Grade.POOR ? POOR : CARE)).toList());
    }

    private HoldReading left(List<Part> more) {
        double share = more.stream().mapToDouble(Part::share).reduce(1, (a, b) -> a * b);
        return new HoldReading(of, chance * share, waiting, then * share, practised.stream().map(waited -> new Waited(waited.since, waited.chance * share)).toList(), Stream.concat(parts.stream(), more.stream()).toList());
    }

    private static Optional<HoldReading> undoubted(Plan plan, Bench bench, Act act, List<Wait> waits, Belief belief, Map<TellTale, Integer> films) {
        Optional<Act> rub = rubbing(plan, bench, act, waits);
        if (rub.isPresent()) {
            return rubbed(plan, bench, rub.get(), belief, films);
        }
        List<TellTale> laid = laid(plan, act);
        boolean lays = act.step() instanceof Step.Apply coat && TellTale.film(coat).isPresent();
        boolean wet = (act.step() instanceof Step.Join || act.step() instanceof Step.Part) && waits.stream().anyMatch(wait -> wait.window() instanceof Window.Open || wait.window() instanceof Window.Dwell);
        if (laid.isEmpty() || !lays && !wet) {
            return dryEnough(bench, waits, belief);
        }
        double share = toner(bench);
        for (TellTale tale : laid) {
            share *= tale.carries(Optional.ofNullable(films.get(tale)));
        }
        for (Wait wait : waits) {
            share *= left(wait, bench.now());
        }
        share *= slides(plan, bench, act);
        return Optional.of(new HoldReading(Of.COMING_OVER, share, null, share, List.of(), List.of()));
    }

    /** The least chance on the way through a plan as it is advised, of what is rubbed free or comes over, with all that is doubted of it; empty where nothing of the kind is done, or the bench refuses it. */
    public static Optional<Double> least(Trace trace) {
        return trace.refusals().isEmpty() ? trace.moments().stream().flatMap(moment -> of(trace.plan(), moment.before(), moment.act(), moment.waits(), Belief.UNLEARNED, Map.of()).stream())
                .filter(hold -> hold.of() != Of.DRY_ENOUGH).map(hold -> hold.doubted(trace.concerns()).chance()).min(Double::compare) : Optional.empty();
    }

    /** How likely every coat that is waited for has got as far as it must. */
    private static Optional<HoldReading> dryEnough(Bench bench, List<Wait> waits, Belief belief) {
        List<Window.Dries.Coats> awaited = waits.stream().flatMap(wait -> wait.window().coats().stream()).filter(coats -> bench.wettest(coats.on()).isPresent()).toList();
        ToDoubleFunction<Duration> ready = at -> awaited.stream().mapToDouble(coats -> bench.wettest(coats.on()).map(bed -> bed.drying().chance(coats.stage(), at, bench.belief(coats.on(), belief))).orElse(1.0)).min().orElse(1);
        return awaited.isEmpty() || ready.applyAsDouble(bench.now()) >= TellTale.CERTAIN ? Optional.empty() : Optional.of(waited(Of.DRY_ENOUGH, bench.now(), ready, List.of()));
    }

    /** Now, and after the least of a few waits that is as good as it gets. */
    private static HoldReading waited(Of of, Duration at, ToDoubleFunction<Duration> chance, List<Waited> practised) {
        double now = chance.applyAsDouble(at);
        double best = chance.applyAsDouble(at.plus(WAITS.getLast()));
        Optional<Duration> wait = best - now < WORTH_WAITING ? Optional.empty() : WAITS.stream().filter(later -> best - chance.applyAsDouble(at.plus(later)) <= AS_GOOD).findFirst();
        return wait.map(later -> new HoldReading(of, now, later, chance.applyAsDouble(at.plus(later)), practised, List.of())).orElse(new HoldReading(of, now, null, now, practised, List.of()));
    }

    /** The first round of rubbing an act is, or leads to when its paper is wetted. */
    private static Optional<Act> rubbing(Plan plan, Bench bench, Act act, List<Wait> waits) {
        if (act.step() instanceof Step.RubAway rub) {
            return rub.pass() == 1 ? Optional.of(act) : Optional.empty();
        }
        boolean ends = waits.stream().anyMatch(wait -> wait.window().coats().isPresent());
        if (!TellTale.burnishes(act, bench) && (!ends || !(act.step() instanceof Step.Wet || act.step() instanceof Step.Abrade || act.step() instanceof Step.Unload))) {
            return Optional.empty();
        }
        return plan.path(plan.indexOf(act.id())).stream().map(plan.acts()::get).filter(later -> later.id().part() == act.id().part() && later.step() instanceof Step.RubAway).findFirst()
                .filter(later -> ((Step.RubAway) later.step()).pass() == 1);
    }

    private static Optional<HoldReading> rubbed(Plan plan, Bench bench, Act rub, Belief belief, Map<TellTale, Integer> films) {
        Face keeps = ((Step.RubAway) rub.step()).keeps();
        double hands = lifted(hands(plan, rub) * (bench.keptDry() ? KEPT_DRY : 1), belief, films);
        if (keeps.equals(Face.TAPE_BACK)) {
            double share = hands * toner(bench) * burnished(plan, rub) * TellTale.BURNISH.carries(Optional.ofNullable(films.get(TellTale.BURNISH)));
            return Optional.of(new HoldReading(Of.HOLDING, share, null, share, List.of(), List.of()));
        }
        List<Coating> beds = Stream.of(keeps, Face.PRINT_FRONT).distinct().flatMap(face -> bench.layers(face, Coating.class).stream()).filter(coat -> coat.drying() != null).toList();
        if (beds.isEmpty()) {
            return Optional.empty();
        }
        ToDoubleFunction<Duration> held = at -> hands * dried(beds, at, bench.belief(keeps, belief));
        Duration laid = beds.stream().map(Coating::laid).max(Duration::compareTo).orElseThrow();
        return Optional.of(waited(Of.HOLDING, bench.now(), held, PRACTISED.stream().map(since -> new Waited(since, held.applyAsDouble(laid.plus(since)))).toList()));
    }

    /**
     * What is left for everything but dryness once the image was seen to lift: Bayes between a bed that was too wet, as likely as that was by
     * what was believed, and a bond or a print that would not have held in any case.
     */
    private static double lifted(double hands, Belief belief, Map<TellTale, Integer> films) {
        if (!TellTale.PULP.givesWay(films.getOrDefault(TellTale.PULP, -1))) {
            return hands;
        }
        double wet = (1 + hands) / 2 * belief.lastLikelihood();
        double weak = (1 - hands) / 2 * LIFTS_IF_WEAK;
        return hands * wet / (wet + weak);
    }

    /** The bed that is least ready decides. */
    private static double dried(List<Coating> beds, Duration at, Belief belief) {
        return beds.stream().mapToDouble(coat -> coat.drying().holds(at, belief)).min().orElse(1);
    }

    /** What tool and later rounds leave of it (assumed). */
    private static double hands(Plan plan, Act act) {
        double share = 1;
        for (int index : plan.path(0)) {
            Act other = plan.acts().get(index);
            if (other.id().part() != act.id().part()) {
                continue;
            }
            if (other.step() instanceof Step.RubAway later && later.pass() > 1) {
                share *= LATER_ROUND;
            }
            if (plan.indexOf(other.id()) < plan.indexOf(act.id())) {
                share *= before(other.step());
            }
        }
        return share;
    }

    /** What is done to the paper before it is rubbed, and with what. */
    private static double before(Step step) {
        return switch (step) {
            case Step.Wet wet -> wet.warmth().holds() * (wet.tool() == Tool.WET_CLOTH ? WET_CLOTH : wet.tool() == Tool.TOOTHBRUSH ? BRUSHED : 1);
            case Step.Abrade sanded when sanded.face().equals(Face.PRINT_BACK) -> SANDED;
            default -> 1;
        };
    }

    /** How hard the tape was rubbed onto the print. */
    private static double burnished(Plan plan, Act rub) {
        return plan.acts().stream().filter(act -> act.id().part() == rub.id().part() && plan.indexOf(act.id()) < plan.indexOf(rub.id()) && act.step() instanceof Step.Press press && press.over().equals(Face.PRINT_BACK))
                .findFirst().map(act -> ((Step.Press) act.step()).tool() == Tool.SPOON ? 1 : FINGERED).orElse(NOT_PRESSED);
    }

    /** What a print with weak blacks leaves; nothing is taken off where its image is not toner. */
    private static double toner(Bench bench) {
        return Stream.of(Face.PRINT_FRONT, Face.TAPE_BACK).flatMap(face -> bench.layers(face, Image.class).stream()).filter(image -> image.print().ink() == PrintKind.Ink.TONER)
                .mapToDouble(image -> Math.clamp(1 - BY_WEAKNESS * (image.toner().transmittance() - STRONG), WEAKEST, 1)).min().orElse(1);
    }

    /** A film held by hand slides now and then; from leather it comes off unwillingly. */
    private static double slides(Plan plan, Bench bench, Act until) {
        boolean film = bench.layers(Face.PRINT_FRONT, kindveil.bench.Layer.Carrier.class).stream().anyMatch(sheet -> sheet.sheet() == kindveil.bench.Sheet.COATED_FILM);
        boolean taped = plan.acts().stream().anyMatch(act -> act.id().part() == until.id().part() && act.step() instanceof Step.Prepare prepare && prepare.what() == Preparation.TAPE_FILM);
        double clings = film && until.step() instanceof Step.Part && bench.supportIs(Support.Trait.CLINGS) ? CLINGS : 1;
        return (film && !taped ? BY_HAND : 1) * clings;
    }

    private static List<TellTale> laid(Plan plan, Act until) {
        return plan.acts().stream().filter(act -> act.id().part() == until.id().part() && plan.indexOf(act.id()) <= plan.indexOf(until.id())).filter(act -> act.step() instanceof Step.Apply)
                .flatMap(act -> TellTale.film((Step.Apply) act.step()).stream()).distinct().toList();
    }

    /** What a window leaves at a time: all of it until it is closing, half at its end, nothing at twice its length. */
    private static double left(Wait wait, Duration now) {
        double at = Span.inMinutes(now.minus(wait.began()));
        double earliest = Span.inMinutes(wait.times().earliest());
        if (wait.times().latest() == null || wait.times().closing() == null) {
            return 1;
        }
        double closing = Span.inMinutes(wait.times().closing());
        double latest = Span.inMinutes(wait.times().latest());
        if (at < earliest) {
            return at / earliest;
        }
        if (at <= closing) {
            return 1;
        }
        return at <= latest ? 1 - (1 - AT_THE_END) * (at - closing) / Math.max(1e-9, latest - closing) : AT_THE_END * Math.max(0, 1 - (at - latest) / Math.max(1e-9, latest));
    }
}
