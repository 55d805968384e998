package kindveil.way;

import java.time.Duration;
import java.util.List;
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
     * @param timed whether it comes at all: where it, or an act before it, waits for what this room's air keeps from drying, its times serve the walk alone
     */
    public record Moment(Act act, Duration start, Duration end, Bench before, Bench after, List<Wait> waits, List<Refusal> refusals, List<Concern> concerns, boolean timed) {
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
        return new Trace(plan, Walk.of(plan).toTheEnd(Duration.ZERO));
    }

    /** Only what one way of a work did, from 0, on the bench as it found it. */
    public Trace part(int number) {
        List<Act> acts = plan.acts().stream().filter(act -> act.id().part() == number).toList();
        if (acts.size() == plan.acts().size()) {
            return this;
        }
        List<Window> windows = plan.windows().stream().filter(w -> w.from().part() == number && w.to().part() == number).toList();
        List<Moment> own = moments.stream().filter(moment -> moment.act().id().part() == number).toList();
        return new Trace(new Plan(own.getFirst().before(), acts, windows, plan.airings(), plan.risks().stream().filter(risk -> risk.part() == number).toList()), own);
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
            if (act.step() instanceof Step.RubAway rub && rub.pass() <= pass && moments.stream().noneMatch(moment -> moment.act().id().equals(act.id()))) {
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

    /** Whether it ends at all in this room's air. */
    public boolean timed() {
        return moments.stream().allMatch(Moment::timed);
    }

    public Bench end() {
        return moments.getLast().after();
    }
}
