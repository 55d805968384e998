package kindveil.making;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kindveil.bench.Bench;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Face;
import kindveil.bench.Refusal;
import kindveil.bench.Step;
import kindveil.drying.Belief;
import kindveil.way.Times;
import kindveil.drying.Stage;
import kindveil.drying.Drying;
import kindveil.measure.Span;
import kindveil.measure.UnusableValue;
import kindveil.way.Act;
import kindveil.way.ActId;
import kindveil.way.Answer;
import kindveil.way.Plan;
import kindveil.way.TellTale;
import kindveil.way.Trace.Moment;
import kindveil.way.Trace.Wait;
import kindveil.way.Walk;
import kindveil.way.Window;
import org.jspecify.annotations.Nullable;

/** A plan in the making; see the package specification. */
public final class Making {
    /** A bed that gave way is tried again when a quarter as much time has passed as it lay before, and not within a quarter of an hour (assumed). */
    private static final Duration SOONEST_AGAIN = Duration.ofMinutes(15);
    private static final long AGAIN_AFTER = 4;
    private final Plan plan;
    private final Instant begun;
    private final Walk walk;
    private final Set<ActId> assumed = new HashSet<>();
    private final List<Sign> signs;
    /** What answers were evidence of, oldest first. */
    private final List<Sign> answered = new ArrayList<>();
    private Instant last;
    private @Nullable Answer rescue;


    public static Making of(Plan plan, Instant begun, List<Deed> deeds) {
        Making making = new Making(plan, begun, Walk.of(plan), begun, List.of());
        deeds.forEach(making::add);
        return making;
    }

    public static Making asFarAsItFits(Plan plan, Instant begun, List<Deed> deeds) {
        return asFarAsItFits(plan, begun, deeds, List.of());
    }

    /** As far as the deeds fit: a making whose plan was not kept with it stands where the two part. */
    public static Making asFarAsItFits(Plan plan, Instant begun, List<Deed> deeds, List<Sign> signs) {
        Making making = new Making(plan, begun, Walk.of(plan), begun, signs);
        for (Deed deed : deeds) {
            if (making.current().map(act -> !act.id().equals(deed.act()) || deed.answer() >= act.answers().size()).orElse(true)) {
                return making;
            }
            making.add(deed);
        }
        return making;
    }

    /** With one more deed, which must fit; this one stands as it is. */
    public Making with(Deed deed) {
        Making more = new Making(plan, begun, walk.onwards(), last, signs);
        more.assumed.addAll(assumed);
        more.answered.addAll(answered);
        more.rescue = rescue;
        more.add(deed);
        return more;
    }

    /** With one more thing seen or felt. */
    public Making with(Sign sign) {
        List<Sign> all = new ArrayList<>(signs);
        all.add(sign);
        Making more = new Making(plan, begun, walk.onwards(), last, all);
        more.assumed.addAll(assumed);
        more.answered.addAll(answered);
        more.rescue = rescue;
        return more;
    }

    private Making(Plan plan, Instant begun, Walk walk, Instant last, List<Sign> signs) {
        this.plan = plan;
        this.begun = begun;
        this.walk = walk;
        this.last = last;
        this.signs = List.copyOf(signs);
    }

    private void add(Deed deed) {
        Act act = current().orElseThrow(() -> new UnusableValue("act", deed.act().toString(), "nothing more: the plan is finished",
                "Take back the last act if it was a slip."));
        if (!act.id().equals(deed.act())) {
            throw new UnusableValue("act", deed.act().toString(), "“%s”, the act at hand".formatted(act.title()),
                    "The bench has moved on, perhaps in another window: look again.");
        }
        if (deed.answer() >= act.answers().size()) {
            throw new UnusableValue("answer", String.valueOf(deed.answer() + 1), "1 to " + act.answers().size(), "Choose one of the answers shown.");
        }
        if (deed.at().isBefore(last)) {
            throw new UnusableValue("time", deed.at().toString(), "a time after the act before it (%s)".formatted(last),
                    "Take back the act before it first, or give a later time.");
        }
        take(act, deed);
    }

    private void take(Act act, Deed deed) {
        Answer answer = act.answers().get(deed.answer());
        last = deed.at();
        // what is only taken as done was not looked at
        if (answer.tells() != null && !deed.assumed()) {
            answered.add(new Sign(act.id(), answer.tells().tale(), answer.tells().reply(), deed.at()));
        }
        if (answer.effect() instanceof Answer.Effect.Rescue) {
            rescue = answer;
            return;
        }
        rescue = null;
        Duration end = Duration.between(begun, deed.at());
        walk.take(started(act, end), end, answer);
        if (deed.since() != null) {
            walk.stood(act.id(), Duration.between(begun, deed.since()));
        }
        if (deed.assumed()) {
            assumed.add(act.id());
        }
    }

    /** When the hands must have begun an act that ends at {@code end}. */
    private Duration started(Act act, Duration end) {
        return Span.longer(walk.bench().now(), end.minus(act.handsOn()));
    }

    public Plan plan() {
        return plan;
    }

    public Instant begun() {
        return begun;
    }

    public Optional<Act> current() {
        return walk.current();
    }

    /** The acts still to come if every check goes as the plan expects, the one at hand first. */
    public List<Act> coming() {
        return plan.path(walk.index()).stream().map(plan.acts()::get).toList();
    }

    /** The act after the one at hand if its check goes as the plan expects. */
    public Optional<Act> following() {
        return coming().stream().skip(1).findFirst();
    }

    /** Position of the act at hand among those the plan expects, from 1. */
    public int position() {
        return walk.moments().size() + 1;
    }

    /** How many acts are left if all goes as the plan expects, the one at hand included. */
    public int remaining() {
        return coming().size();
    }

    public boolean finished() {
        return current().isEmpty();
    }

    /** The rescue to show, when the last answer asked for one. */
    public Optional<Answer> rescue() {
        return Optional.ofNullable(rescue);
    }

    /** The last deed's time, before which nothing more can have been done. */
    public Instant lastDeed() {
        return last;
    }

    /** Acts done, oldest first. */
    public List<Moment> moments() {
        return walk.moments();
    }

    /** Whether an act was only taken as done. */
    public boolean assumed(ActId act) {
        return assumed.contains(act);
    }

    /** The deeds that take everything before an act as done, for starting further on: as expected, where that does not pass it by. */
    public List<Deed> upTo(ActId act, Instant at) {
        int target = plan.indexOf(act);
        List<Deed> deeds = new ArrayList<>();
        int index = walk.index();
        while (index < target) {
            Act next = plan.acts().get(index);
            int answer = plan.next(index, next.usual()) <= target ? next.expected() : 0;
            deeds.add(new Deed(next.id(), answer, at, true));
            index = plan.next(index, next.answers().get(answer));
        }
        return deeds;
    }

    /** Whether an act lies further on than the one at hand. */
    public boolean ahead(ActId act) {
        return plan.indexOf(act) > walk.index();
    }

    /** The window of the act at hand; empty when it can be done at any time. */
    public Optional<Clock> clock() {
        return Optional.ofNullable(Clock.all(Stream.concat(waits().stream().map(pending -> Clock.of(pending, begun, walk.bench().air().last())), givesWay().stream()).toList()));
    }

    /** Since the image lifted while it was rubbed: when its bed, by all that was felt of it, can be rubbed again; empty where it did not, or has held since. */
    private Optional<Clock> givesWay() {
        Act act = current().orElse(null);
        Sign last = act == null ? null : evidence().stream().filter(sign -> sign.act().equals(act.id()) && sign.tale() == TellTale.PULP).reduce((x, y) -> y).orElse(null);
        Coating bed = last == null || !TellTale.PULP.givesWay(last.reply()) ? null : seen(last);
        if (bed == null || bed.drying() == null) {
            return Optional.empty();
        }
        Duration felt = Duration.between(begun, last.at());
        Duration again = felt.plus(Span.longer(SOONEST_AGAIN, felt.minus(bed.laid()).dividedBy(AGAIN_AFTER)));
        Belief belief = belief();
        Optional<Drying.Spread> through = belief.contradicted() ? Optional.empty() : bed.drying().spread(Stage.THROUGH, belief);
        Instant opens = begun.plus(through.map(spread -> Span.longer(again, spread.half())).orElse(again));
        Instant advised = begun.plus(through.map(spread -> Span.longer(again, spread.nineTenths())).orElse(again));
        return Optional.of(new Clock(last.at(), opens, advised, null, null, "The image lifted: the film under it still gives way.", Times.Reach.REACHED, null));
    }

    /** The windows of the act at hand, with what was seen of what dries. */
    public List<Wait> waits() {
        return current().map(act -> walk.waits(act, belief())).orElse(List.of());
    }

    /** What can be told of what the act at hand waits for or lays. */
    public List<TellTale> tellTales(Instant at) {
        return current().map(act -> TellTale.at(act, walk.waits(act), bench(at))).orElse(List.of());
    }

    /** What was told while the act at hand was at hand, oldest first. */
    public List<Sign> signs() {
        return current().map(act -> signs.stream().filter(sign -> sign.act().equals(act.id())).toList()).orElse(List.of());
    }

    /** All that was seen, asked for or answered, oldest first. */
    private List<Sign> evidence() {
        return Stream.concat(signs.stream(), answered.stream()).sorted(Comparator.comparing(Sign::at)).toList();
    }

    /** How fast the bed of the act at hand dries, by all that was seen of it, at this act or before. */
    public Belief belief() {
        Act act = current().orElse(null);
        if (act == null || signs.isEmpty() && answered.isEmpty()) {
            return Belief.UNLEARNED;
        }
        Set<Duration> beds = beds(act, walk.bench()).map(Coating::laid).collect(Collectors.toSet());
        Belief belief = faces(act).findFirst().map(face -> walk.bench().belief(face)).orElse(Belief.UNLEARNED);
        for (Sign sign : evidence()) {
            Coating bed = sign.tale().of() instanceof TellTale.Of.Drying ? seen(sign) : null;
            if (bed != null && beds.contains(bed.laid())) {
                belief = belief.seen(bed.drying(), Duration.between(begun, sign.at()), share -> sign.tale().likelihood(sign.reply(), share));
            }
        }
        return belief;
    }

    /** A sign of drying, and the bed it was seen of, on the bench's time. */
    public record Check(Sign sign, Coating bed, Duration at) {
    }

    /** What was seen and felt of what dries, and of which bed. */
    public List<Check> checks() {
        return signs.stream().filter(sign -> sign.tale().of() instanceof TellTale.Of.Drying).flatMap(sign -> Optional.ofNullable(seen(sign)).filter(bed -> bed.drying() != null).map(bed -> new Check(sign, bed, Duration.between(begun, sign.at()))).stream()).toList();
    }

    /** The bed a sign was seen of, as it was then. */
    private @Nullable Coating seen(Sign sign) {
        Duration at = Duration.between(begun, sign.at());
        Bench then = walk.moments().stream().filter(moment -> moment.end().compareTo(at) <= 0).reduce((x, y) -> y).map(Moment::after).orElse(plan.bench());
        int index = plan.indexOf(sign.act());
        return index < 0 ? null : beds(plan.acts().get(index), then.at(Span.longer(at, then.now()))).findFirst().orElse(null);
    }

    /** What an act waits for to dry, or rubs over: the wettest first. */
    private Stream<Coating> beds(Act act, Bench bench) {
        return faces(act).flatMap(face -> bench.layers(face, Coating.class).stream()).filter(coat -> coat.drying() != null).sorted(Comparator.comparingDouble((Coating bed) -> bed.waterShare(bench.now())).reversed());
    }

    private Stream<Face> faces(Act act) {
        Stream<Face> awaited = plan.endingAt(act.id()).stream().flatMap(window -> window.coats().stream()).map(Window.Dries.Coats::on);
        Stream<Face> rubbed = act.step() instanceof Step.RubAway rub ? Stream.of(rub.keeps(), Face.PRINT_FRONT) : Stream.empty();
        return Stream.concat(awaited, rubbed).distinct();
    }

    /** What was last seen of each film laid by the way at hand, and of its paper as it was rubbed, by its reply. */
    public Map<TellTale, Integer> films() {
        Map<TellTale, Integer> films = new EnumMap<>(TellTale.class);
        current().ifPresent(act -> evidence().stream().filter(sign -> sign.act().part() == act.id().part() && sign.tale() == TellTale.PULP).forEach(sign -> films.put(sign.tale(), sign.reply())));
        current().ifPresent(act -> evidence().stream().filter(sign -> sign.act().part() == act.id().part() && sign.tale().of() instanceof TellTale.Of.Film).forEach(sign -> films.put(sign.tale(), sign.reply())));
        return films;
    }

    /** Everything else that has begun and leads to an act further on. */
    public List<Clock.Running> running() {
        List<Clock.Running> running = new ArrayList<>();
        for (Act act : plan.acts().subList(Math.min(walk.index() + 1, plan.acts().size()), plan.acts().size())) {
            for (Wait pending : walk.waits(act)) {
                running.add(new Clock.Running(act, pending.window(), Clock.of(pending, begun, walk.bench().air().last())));
            }
        }
        return running;
    }

    /**
     * What is still to come if nothing is begun before {@code now}, every check goes as expected and every wait is
     * the advised one.
     */
    public List<Moment> forecast(Instant now) {
        return forecast(now, List.of());
    }

    /** The same by a plan that only differs in what is to come. @param other what the other plan's forecast says */
    List<Moment> forecast(Instant now, List<Moment> other) {
        return walk.onwards().toTheEnd(Duration.between(begun, now.isBefore(last) ? last : now), other);
    }

    /** What is still to come if each act begins when it is said to. */
    public List<Moment> forecast(Function<ActId, Optional<Instant>> begins) {
        return walk.onwards().toTheEndAt(act -> begins.apply(act).map(at -> Duration.between(begun, at)));
    }

    /** What the bench has against doing the act at hand so that it is done at {@code at}. */
    public List<Refusal> refusals(Instant at) {
        return current().map(act -> {
            Duration end = Duration.between(begun, at.isBefore(last) ? last : at);
            List<Refusal> refusals = walk.bench().at(started(act, end)).refusals(act.step());
            // what was felt of the bed weighs more than the middle studio it would otherwise be taken for
            boolean dryEnough = belief().seen() > 0 && clock().map(clock -> clock.phase(at) != Clock.Phase.TOO_SOON).orElse(false);
            return dryEnough ? refusals.stream().filter(refusal -> refusal.kind() != Refusal.Kind.NOT_DRY).toList() : refusals;
        }).orElse(List.of());
    }

    /** The bench as it is at {@code at}. */
    public Bench bench(Instant at) {
        Duration elapsed = Duration.between(begun, at);
        return elapsed.compareTo(walk.bench().now()) <= 0 ? walk.bench() : walk.bench().at(elapsed);
    }
}
