package kindveil.way;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kindveil.bench.Bench;
import kindveil.bench.Concern;
import kindveil.bench.Face;
import kindveil.bench.Refusal;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;

/**
 * What a plan leaves behind when it is walked at its advised times: the bench before and after each act.
 *
 * @param moments in order; acts that the expected answers skip are not among them
 */
public record Trace(Plan plan, List<Moment> moments) {

    /**
     * One act as it took place.
     *
     * @param start when the hands begin, on the bench's time
     * @param end when they are done and the step has its effect
     * @param before the bench at {@code start}
     * @param after the bench at {@code end}
     * @param waits the windows that end at this act
     * @param refusals what the bench has against it
     * @param concerns what it takes, but doubts
     */
    public record Moment(Act act, Duration start, Duration end, Bench before, Bench after, List<Wait> waits, List<Refusal> refusals, List<Concern> concerns) {
        public Moment {
            waits = List.copyOf(waits);
            refusals = List.copyOf(refusals);
            concerns = List.copyOf(concerns);
        }
    }

    /** A window with its times, and when it began. */
    public record Wait(Window window, Times times, Duration began) {
        public Duration advisedEnd() {
            return began.plus(times.advised());
        }
    }

    public Trace {
        moments = List.copyOf(moments);
    }

    public static Trace of(Plan plan) {
        List<Moment> moments = new ArrayList<>();
        Map<String, Moment> byKey = new HashMap<>();
        Bench bench = plan.bench();
        int i = 0;
        while (i < plan.acts().size()) {
            Act act = plan.acts().get(i);
            List<Wait> waits = waits(plan, act, byKey);
            Duration start = waits.stream().map(Wait::advisedEnd).reduce(bench.now(), (a, b) -> a.compareTo(b) >= 0 ? a : b);
            Moment moment = moment(act, bench, start, start.plus(act.handsOn()), waits);
            moments.add(moment);
            byKey.put(act.key(), moment);
            bench = moment.after();
            i = next(plan, i, act.answers().get(act.expected()));
        }
        return new Trace(plan, moments);
    }

    /** One act taken between two times of the bench. */
    public static Moment moment(Act act, Bench bench, Duration start, Duration end, List<Wait> waits) {
        Bench before = bench.at(start);
        Bench after = before.at(end).after(act.step());
        return new Moment(act, start, end, before, after, waits, before.refusals(act.step()), before.concerns(act.step()));
    }

    /** The windows that end at an act and whose first act has taken place. */
    public static List<Wait> waits(Plan plan, Act act, Map<String, Moment> byKey) {
        return plan.endingAt(act.key()).stream().filter(window -> byKey.containsKey(window.from()))
                .map(window -> {
                    Moment from = byKey.get(window.from());
                    return new Wait(window, Times.of(window, from.after()), from.end());
                }).toList();
    }

    /** The index of the act an answer leads to; one past the last when it is the end. */
    public static int next(Plan plan, int index, Answer answer) {
        return switch (answer.effect()) {
            case Answer.Effect.GoOn go -> index + 1;
            case Answer.Effect.SkipTo skip -> plan.indexOf(skip.act());
            case Answer.Effect.Rescue rescue -> index;
        };
    }

    /** Only what one part of a work of several ways did, on the bench as it found it. */
    public Trace part(int number) {
        String prefix = number + ".";
        if (plan.acts().stream().noneMatch(act -> act.key().startsWith(prefix))) {
            return this;
        }
        List<Act> acts = plan.acts().stream().filter(act -> act.key().startsWith(prefix)).toList();
        List<Window> windows = plan.windows().stream().filter(w -> w.from().startsWith(prefix) && w.to().startsWith(prefix)).toList();
        List<Moment> own = moments.stream().filter(moment -> moment.act().key().startsWith(prefix)).toList();
        return new Trace(new Plan(own.getFirst().before(), acts, windows), own);
    }

    /** Which picture of the work it brings; empty where it brings none. */
    public java.util.OptionalInt picture() {
        return moments.stream().filter(moment -> moment.act().step() instanceof Step.SetOut)
                .flatMap(moment -> ((Step.SetOut) moment.act().step()).thing().front().stream())
                .filter(layer -> layer.mask().part() == kindveil.bench.Mask.Part.DARKS).mapToInt(layer -> layer.mask().picture()).findFirst();
    }

    public List<Refusal> refusals() {
        return moments.stream().flatMap(moment -> moment.refusals().stream()).toList();
    }

    public List<Concern> concerns() {
        return moments.stream().flatMap(moment -> moment.concerns().stream()).toList();
    }

    public Optional<Moment> moment(String key) {
        return moments.stream().filter(moment -> moment.act().key().equals(key)).findFirst();
    }

    /**
     * The bench just after round {@code pass} of rubbing, wet, whether or not the plan expects that many: later
     * rounds are taken on from the last one walked.
     */
    public Bench rubbed(int pass) {
        Bench bench = null;
        for (Moment moment : moments) {
            if (moment.act().step() instanceof Step.RubAway rub && rub.pass() <= pass) {
                bench = moment.after();
            }
        }
        if (bench == null) {
            throw new IllegalStateException("Impossible state: a plan without rubbing has no pass %d.".formatted(pass));
        }
        for (Act act : plan.acts()) {
            if (act.step() instanceof Step.RubAway rub && rub.pass() <= pass && moment(act.key()).isEmpty()) {
                bench = bench.after(rub);
            }
        }
        return bench;
    }

    /** How many rounds of rubbing the plan offers at most; 0 where no paper is rubbed away. */
    public int mostPasses() {
        return (int) plan.acts().stream().filter(act -> act.step() instanceof Step.RubAway).mapToInt(act -> ((Step.RubAway) act.step()).pass()).max().orElse(0);
    }

    /** How many rounds it reckons with. */
    public int plannedPasses() {
        return moments.stream().filter(moment -> moment.act().step() instanceof Step.RubAway)
                .mapToInt(moment -> ((Step.RubAway) moment.act().step()).pass()).max().orElse(0);
    }

    /** Whether a coat of the plan goes over the image once it lies on the support. */
    public boolean overImage(Step step) {
        return moments.stream().filter(moment -> moment.act().step() == step)
                .anyMatch(moment -> (picture().isPresent() ? moment.before().shows(picture().getAsInt()) : !moment.before().pictures(Face.SUPPORT_FRONT).isEmpty())
                        && !moment.before().has(ThingKind.PRINT));
    }

    public Bench end() {
        return moments.getLast().after();
    }
}
