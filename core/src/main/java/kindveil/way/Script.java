package kindveil.way;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import kindveil.bench.Extent;
import kindveil.bench.Face;
import kindveil.product.Mixture;
import kindveil.product.Product;
import kindveil.product.Tint;
import kindveil.product.Products;
import kindveil.bench.Support;
import kindveil.bench.Preparation;
import kindveil.bench.Step;
import kindveil.bench.Thing;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.light.Colour;
import kindveil.measure.Provenance;
import kindveil.measure.Span;

/**
 * The pen a way is written with: acts and windows in order, with what hands always do said once.
 * Keys given here are those of the way; the script adds which part of the work it is.
 */
public final class Script {
    private static final Face BACK = new Face(ThingKind.SUPPORT, Face.Side.BACK);
    private static final double SEALING = 60;
    private static final double PREPARE_MINUTES = 2;
    private final Way way;
    private final Brief brief;
    private final Plan.Builder plan;
    private final int part;
    private final Map<String, Step.Apply> spread = new HashMap<>();
    private final List<Script> primers;
    private final boolean primed;
    private @Nullable List<Act> track;
    private @Nullable Act closed;

    /** @param primers of later ways of the work, whose ground is closed when this one's support is made ready */
    Script(Way way, Brief brief, Plan.Builder plan, int part, List<Script> primers) {
        this.way = way;
        this.brief = brief;
        this.plan = plan;
        this.part = part;
        this.primers = primers;
        primed = plan.acts().stream().anyMatch(act -> act.id().part() == part);
    }

    public Brief brief() {
        return brief;
    }

    public boolean chose(Choice choice, String option) {
        return way.chosen(brief, choice.key()).key().equals(option);
    }

    /** The option chosen of a choice, by its key; empty where the way has no such choice. */
    String chosen(String choice) {
        return way.choices().stream().anyMatch(one -> one.key().equals(choice)) ? way.chosen(brief, choice).key() : "";
    }

    public double dial(String key) {
        double value = way.dialled(brief, key);
        way.dials(brief).stream().filter(dial -> dial.key().equals(key)).findFirst().flatMap(dial -> Risk.of(part, dial, value)).ifPresent(plan::risk);
        return value;
    }

    public Duration seconds(String dial) {
        return Duration.ofMillis(Math.round(dial(dial) * 1000));
    }

    public Colour colour(String pot) {
        return way.coloured(brief, pot);
    }

    /** What stands in a pot. */
    public Tint tint(String pot) {
        return new Tint(colour(pot), brief.settings().paint(pot).orElse(null));
    }

    // ---- acts

    /** As long as is asked, however large it is. */
    public Script timed(String key, Step step, String title, String how, double minutes) {
        return add(Act.of(id(key), own(step), title, how, minutes));
    }

    public Script act(String key, Step step, String title, String how, double minutes, Answer... answers) {
        return slowed(key, step, title, how, minutes, 1, answers);
    }

    /** @param share of the time it takes with what is usual */
    Script slowed(String key, Step step, String title, String how, double minutes, double share, Answer... answers) {
        Step mine = own(step);
        Act act = Act.of(id(key), mine, title, how, share * Hands.minutes(mine, brief.width(), brief.height(), brief.pace(), minutes));
        return add(answers.length == 0 ? act : act.answered(answers));
    }

    Script add(Act worded) {
        Act act = worded.saying(Instruction.of(worded.step(), worded.title(), worded.how()));
        if (track == null) {
            plan.act(act);
            if (closed != null) {
                plan.window(new Window.Dry(closed.id(), act.id(), new Window.Dries.Coats(Face.SUPPORT_FRONT, Stage.RECOAT), Duration.ZERO, Duration.ZERO, "Colour on a wet undercoat drags it.", Provenance.DERIVED));
                closed = null;
            }
        } else {
            track.add(act);
        }
        return this;
    }

    /** An act of this way by its key. */
    public ActId id(String key) {
        return new ActId(part, key);
    }

    /** Which picture of the work this way brings. */
    int picture() {
        return part;
    }

    /** What the artist has of their own in the place of a built-in product, its own colour with it. */
    private Step own(Step step) {
        return theirs(inPlace(step));
    }

    private Step theirs(Step step) {
        return switch (step) {
            case Step.Apply apply when lot(apply.product()) != null -> {
                Product lot = lot(apply.product());
                yield apply.with(lot).of(lot.colour() == null ? apply.colour() : lot.colour());
            }
            case Step.Infuse infuse when lot(infuse.agent()) != null -> new Step.Infuse(infuse.face(), lot(infuse.agent()), infuse.tool());
            case Step.Mix mix when mix.mixture().gives() != null && lot(mix.mixture().gives()) != null ->
                    new Step.Mix(mix.mixture().giving(lot(mix.mixture().gives())), mix.bottlePercent());
            case Step.Heat heat -> new Step.Heat(heat.face(), heat.centimetres(), heat.lasts(), brief.apart());
            default -> step;
        };
    }

    /** In a place of its own what is coloured ends with that, and what is clear goes a little past it. */
    private Step inPlace(Step step) {
        boolean less = brief.inPlace() && step instanceof Step.Apply apply && apply.extent() == Extent.WHOLE && apply.onto().equals(Face.SUPPORT_FRONT);
        return less ? ((Step.Apply) step).reaching(((Step.Apply) step).colour() != null ? Extent.PICTURE : Extent.BEYOND) : step;
    }

    private @Nullable Product lot(Product builtIn) {
        return brief.settings().lots().get(builtIn.id());
    }

    /** A coat, then its tool washed at once. */
    public Script coat(String key, Step.Apply coat, String title, String how, double minutes, Answer... answers) {
        return bed(key, coat, title, how, minutes, answers).wash(key);
    }

    /** A coat something is laid into at once; its tool is washed later, by {@link #wash}. */
    public Script bed(String key, Step.Apply coat, String title, String how, double minutes, Answer... answers) {
        Step.Apply laid = (Step.Apply) own(coat);
        act(key, coat, title, how, minutes, answers);
        if (laid.tool().spreads() && laid.product().cleaning().hardens()) {
            spread.put(key, laid);
        }
        return this;
    }

    /** Washes what these coats were spread with, if it holds anything; one tool, one wash, by when the first of them hardens. */
    public Script wash(String... coats) {
        Map<Tool, String> first = new EnumMap<>(Tool.class);
        for (String coat : coats) {
            Step.Apply laid = spread.remove(coat);
            if (laid != null) {
                String wash = first.computeIfAbsent(laid.tool(), t -> washed(coat, laid));
                Duration hardens = Objects.requireNonNull(laid.product().cleaning().within());
                open(coat, wash, null, Stage.OPEN, Span.inMinutes(hardens), "What dries in a tool ruins it; this takes about %s.".formatted(Span.words(hardens)));
            }
        }
        return this;
    }

    private String washed(String coat, Step.Apply laid) {
        act(coat + "-wash", new Step.WashUp(laid.tool()), "Wash the " + laid.tool().plainly(), "Before it hardens: %s.".formatted(laid.product().cleaning().with()), 1);
        return coat + "-wash";
    }

    public Script setOut(Thing thing, String title, String how) {
        return act("set-out-" + thing.kind().words().replace(' ', '-'), new Step.SetOut(thing), title, how, 1);
    }

    /** The print of the brief, trimmed and at hand. */
    public Script print() {
        setOut(Things.print(brief, part), "Set out the print", "And a spare beside it: every print is used once.");
        return prepare("trim", ThingKind.PRINT, Preparation.TRIM_PRINT, "Trim the print", "Leave a margin of a finger's width unless the way wants none.");
    }

    public Script plate() {
        return setOut(Things.plate(), "Set out the gel plate", "Clean, flat, at room warmth.");
    }

    /** Tape so wide on its roll. */
    public Script tape(double millimetres, Product adhesive) {
        return setOut(Things.tape(brief, millimetres, adhesive), "Set out the tape", "Clear packing tape, wider than the picture if you have it.");
    }

    public Script sheet() {
        return setOut(Things.sheet(), "Set out paper for the impression", "A scrap first: the third is usually even.");
    }

    /** A block cut with the picture, standing as the file it was cut from. */
    public Script block() {
        return setOut(Things.block(brief.printed().hand(), part), "Set out the block", "Cut from the file of this piece, dust off.");
    }

    public Script prepare(String key, ThingKind thing, Preparation what, String title, String how, double minutes) {
        return act(key, new Step.Prepare(thing, what), title, how, minutes);
    }

    public Script prepare(String key, ThingKind thing, Preparation what, String title, String how) {
        return act(key, new Step.Prepare(thing, what), title, how, PREPARE_MINUTES);
    }

    /** The support made ready: dusted, and what its kind needs before anything wet. */
    public Script support() {
        boolean wood = brief.support().is(Support.Trait.WOOD);
        boolean first = !prepared(Preparation.CLEAN_SUPPORT, false);
        boolean sealsNow = wood && first && chosen(Schools.BACK.key()).equals(Schools.NOW);
        if (sealsNow) {
            coat("seal-back", Step.coat(BACK, Products.ordinarySeal(), SEALING, Tool.BRUSH).reaching(Extent.WHOLE), "Seal edges and back of the wood", "Clear medium, thin, into the end grain of the edges; against warp.", 3);
            dry("seal-back", "clean", BACK, Stage.TOUCH_DRY, 15, 20, "Turned over wet it sticks to the table.");
        }
        if (!prepared(Preparation.CLEAN_SUPPORT, true)) {
            prepare("clean", ThingKind.SUPPORT, Preparation.CLEAN_SUPPORT, "Dust the support", "Sweep it and feel for grit: every grain becomes a hole.");
        }
        Support support = brief.support();
        if (support.is(Support.Trait.METAL) && !prepared(Preparation.DEGREASE, false)) {
            prepare("degrease", ThingKind.SUPPORT, Preparation.DEGREASE, "Degrease, scuff and wash the metal", "Fine paper, then soap, then dry; touch only its edges, with gloves.");
        }
        if ((support.is(Support.Trait.SLACK) || support.stretches()) && !prepared(Preparation.TAPE_DOWN, false)) {
            prepare("tape-down", ThingKind.SUPPORT, Preparation.TAPE_DOWN, "Tape it down on all sides", "Flat on a sheet of film; it stretches, so test it wet first.");
        }
        if (wood && first && !sealsNow) {
            prepare("seal-edges", ThingKind.SUPPORT, Preparation.SEAL_EDGES, "Look at edges and back of the wood", "Sealed a day before, against warp; if not, plan it in Build and it is measured out.");
        }
        for (Script later : primers) {
            int before = plan.acts().size();
            later.way.prime(later);
            closed = plan.acts().subList(before, plan.acts().size()).stream().filter(act -> act.step() instanceof Step.Apply).reduce((one, then) -> then).orElse(closed);
        }
        return this;
    }

    /** Whether this way's ground was closed before what lies below was laid. */
    public boolean primed() {
        return primed;
    }

    /** Whether the support was prepared so by what lies below in the same work. @param stillClean and nothing has left crumbs on it since */
    private boolean prepared(Preparation what, boolean stillClean) {
        boolean prepared = false;
        for (Act act : plan.acts()) {
            boolean crumbs = act.step() instanceof Step.RubAway rub && rub.keeps().thing() == ThingKind.SUPPORT || act.step() instanceof Step.Abrade sanded && sanded.face().thing() == ThingKind.SUPPORT;
            prepared = act.step() instanceof Step.Prepare prepare && prepare.what() == what && prepare.thing() == ThingKind.SUPPORT || prepared && !(stillClean && crumbs);
        }
        return prepared;
    }

    /** Seals the ground when that is chosen, so that it bears water; dry before {@code next}. */
    public Script groundSealed(Product clear, String next) {
        if (chose(Schools.GROUND, Schools.SEAL)) {
            coat("seal-ground", Step.coat(Face.SUPPORT_FRONT, clear, 60, Tool.BRUSH).reaching(Extent.WHOLE),
                    "Seal the ground", "One thin coat of clear medium over all of it, brushed once where colour could run.", 3);
            dry("seal-ground", next, Face.SUPPORT_FRONT, Stage.THROUGH, 20, 30, "Sealed is sealed only when it is dry.");
        }
        return this;
    }

    public Script mix(String key, Mixture mixture, double bottlePercent, String title, String how) {
        return act(key, new Step.Mix(mixture, bottlePercent), title, how, 5);
    }

    // ---- windows

    public Script open(String from, String to, @Nullable Face bed, Stage limit, double mostMinutes, String why) {
        return window(new Window.Open(id(from), id(to), bed, limit, Span.minutes(mostMinutes), why, bed == null ? Provenance.PRACTICE : Provenance.DERIVED));
    }

    public Script dwell(String from, String to, Duration least, Duration most, String why, Provenance provenance) {
        return window(new Window.Dwell(id(from), id(to), least, most, why, provenance));
    }

    public Script dry(String from, String to, Face on, Stage stage, double leastMinutes, double usualMinutes, String why) {
        return window(new Window.Dry(id(from), id(to), new Window.Dries.Coats(on, stage), Span.minutes(leastMinutes), Span.minutes(usualMinutes), why, Provenance.PRACTICE));
    }

    /** A wait only practice knows. */
    public Script rest(String from, String to, double leastMinutes, double usualMinutes, String why, Provenance provenance) {
        return window(new Window.Dry(id(from), id(to), new Window.Dries.Practice(), Span.minutes(leastMinutes), Span.minutes(usualMinutes), why, provenance));
    }

    /** All that lies on a face cures. */
    public Script cures(String from, String to, Face on, String why) {
        return window(new Window.Dry(id(from), id(to), new Window.Dries.Cured(on), Duration.ZERO, Duration.ZERO, why, Provenance.DERIVED));
    }

    /** Damp fibre on a face turns white again; never sooner than practice says. */
    Script whitens(String from, String to, Face on, Duration practice, String why) {
        return window(new Window.Dry(id(from), id(to), new Window.Dries.Fibre(on), practice, practice, why, Provenance.PRACTICE));
    }

    /** A sheet that was in a bath dries to its core; never sooner than practice says. */
    public Script sheetDries(String from, String to, boolean hung, double leastMinutes, double usualMinutes, String why) {
        return window(new Window.Dry(id(from), id(to), new Window.Dries.Sheet(hung), Span.minutes(leastMinutes), Span.minutes(usualMinutes), why, Provenance.PRACTICE));
    }

    public Script soak(String from, String to, double leastMinutes, @Nullable Double mostMinutes, String why) {
        return window(new Window.Soak(id(from), id(to), Span.minutes(leastMinutes), mostMinutes == null ? null : Span.minutes(mostMinutes), why, Provenance.PRACTICE));
    }

    private Script window(Window window) {
        plan.window(window);
        return this;
    }

    /** Two tracks that need each other only at their ends: hands go where something is ready first. */
    public Script meanwhile(Runnable one, Runnable other) {
        List<Act> first = recorded(one);
        List<Act> second = recorded(other);
        Tracks.interleaved(first, second, plan.windows()).forEach(plan::act);
        return this;
    }

    private List<Act> recorded(Runnable writing) {
        track = new ArrayList<>();
        writing.run();
        List<Act> written = track;
        track = null;
        return written;
    }

    // ---- what many ways share

    /** Press it down; over a board and weight when that is chosen. */
    public Script weighted(String from, String then, Face bed, double leastMinutes, double usualMinutes) {
        String why = "Not dry enough is the failure that happens most.";
        if (!chose(Schools.WEIGHT, "flat")) {
            return dry(from, then, bed, Stage.THROUGH, leastMinutes, usualMinutes, why);
        }
        act("load", new Step.Load(bed), "Lay the weight on", "Release paper, flat board, weight. It must not rock.", 1);
        act("unload", new Step.Unload(bed), "Take the weight off", "Lift it straight up.", 1);
        dry("load", "unload", bed, Stage.THROUGH, leastMinutes, usualMinutes, why);
        return dry("unload", then, bed, Stage.THROUGH, 0, 0, why);
    }

    public void rubbing(Rubbing rubbing) {
        rubbing.write(this);
    }

    static String ordinal(int n) {
        return switch (n) {
            case 1 -> "first";
            case 2 -> "second";
            case 3 -> "third";
            case 4 -> "fourth";
            case 5 -> "fifth";
            default -> n + "th";
        };
    }
}
