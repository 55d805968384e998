package kindveil.way;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kindveil.bench.Extent;
import kindveil.bench.Face;
import kindveil.bench.Material;
import kindveil.bench.Mixture;
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
 * Keys given here are those of the way; in a work of several ways each gets its part's prefix.
 */
public final class Script {
    private static final Duration TOOL_HARDENS = Span.minutes(30);
    private static final double PREPARE_MINUTES = 2;
    private final Way way;
    private final Brief brief;
    private final Plan.Builder plan;
    private final String prefix;
    private final int picture;
    private final Map<String, Tool> spread = new HashMap<>();
    private List<Act> track;
    private String lastCoat;

    Script(Way way, Brief brief, Plan.Builder plan, String prefix, int picture) {
        this.way = way;
        this.brief = brief;
        this.plan = plan;
        this.prefix = prefix;
        this.picture = picture;
    }

    public Brief brief() {
        return brief;
    }

    public boolean chose(Choice choice, String option) {
        return way.chosen(brief, choice.key()).key().equals(option);
    }

    public double dial(String key) {
        return way.dialled(brief, key);
    }

    public Duration seconds(String dial) {
        return Duration.ofMillis(Math.round(dial(dial) * 1000));
    }

    public Colour colour(String pot) {
        return way.coloured(brief, pot);
    }

    // ---- acts

    public Script act(String key, Step step, String title, String how, double minutes, Answer... answers) {
        Act act = Act.of(key, step, title, how, minutes);
        return add(answers.length == 0 ? act : act.answered(answers));
    }

    Script add(Act act) {
        Act named = act.renamed(this::named);
        if (track == null) {
            plan.act(named);
        } else {
            track.add(named);
        }
        return this;
    }

    private String named(String key) {
        return prefix + key;
    }

    /** A coat, then its tool washed at once. */
    public Script coat(String key, Step.Apply coat, String title, String how, double minutes, Answer... answers) {
        return bed(key, coat, title, how, minutes, answers).wash(key);
    }

    /** A coat something is laid into at once; its tool is washed later, by {@link #wash}. */
    public Script bed(String key, Step.Apply coat, String title, String how, double minutes, Answer... answers) {
        act(key, coat, title, how, minutes, answers);
        if (coat.tool().spreads() && coat.material().hardensInTools()) {
            spread.put(key, coat.tool());
        }
        lastCoat = key;
        return this;
    }

    /** Washes what these coats were spread with, if it holds anything; one tool, one wash. */
    public Script wash(String... coats) {
        Map<Tool, String> first = new java.util.EnumMap<>(Tool.class);
        for (String coat : coats) {
            Tool tool = spread.remove(coat);
            if (tool != null) {
                String wash = first.computeIfAbsent(tool, t -> washed(coat, t));
                open(coat, wash, null, Stage.OPEN, Span.inMinutes(TOOL_HARDENS), "What dries in a tool ruins it in about half an hour.");
            }
        }
        return this;
    }

    private String washed(String coat, Tool tool) {
        act(coat + "-wash", new Step.WashUp(tool), "Wash the " + tool.plainly(), "Before it hardens: cool water and soap for acrylic, what its label says for ink.", 1);
        return coat + "-wash";
    }

    public Script setOut(Thing thing, String title, String how) {
        return act("set-out-" + thing.kind().words().replace(' ', '-'), new Step.SetOut(thing), title, how, 1);
    }

    /** The print of the brief, trimmed and at hand. */
    public Script print() {
        setOut(Things.print(brief, picture), "Set out the print", "And a spare beside it: every print is used once.");
        return prepare("trim", ThingKind.PRINT, Preparation.TRIM_PRINT, "Trim the print", "Leave a margin of a finger's width unless the way wants none.");
    }

    public Script plate() {
        return setOut(Things.plate(), "Set out the gel plate", "Clean, flat, at room warmth.");
    }

    /** Tape so wide on its roll. */
    public Script tape(double millimetres) {
        return setOut(Things.tape(millimetres), "Set out the tape", "Clear packing tape, wider than the picture if you have it.");
    }

    public Script sheet() {
        return setOut(Things.sheet(), "Set out paper for the impression", "A scrap first: the third is usually even.");
    }

    /** A block cut with the picture, standing as the file it was cut from. */
    public Script block() {
        return setOut(Things.block(brief.handOnPrint(), picture), "Set out the block", "Cut from the file of this piece, dust off.");
    }

    public Script prepare(String key, ThingKind thing, Preparation what, String title, String how) {
        return act(key, new Step.Prepare(thing, what), title, how, PREPARE_MINUTES);
    }

    /** The support made ready: dusted, and what its kind needs before anything wet. */
    public Script support() {
        prepare("clean", ThingKind.SUPPORT, Preparation.CLEAN_SUPPORT, "Dust the support", "Sweep it and feel for grit: every grain becomes a hole.");
        switch (brief.support()) {
            case METAL -> prepare("degrease", ThingKind.SUPPORT, Preparation.DEGREASE, "Degrease, scuff and wash the metal", "Fine paper, then soap, then dry; touch only its edges, with gloves.");
            case GAUZE, LEATHER, FABRIC, MESH -> prepare("tape-down", ThingKind.SUPPORT, Preparation.TAPE_DOWN, "Tape it down on all sides", "Flat on a sheet of film; it stretches, so test it wet first.");
            case BIRCH_PANEL, WOOD_BLOCK -> prepare("seal-edges", ThingKind.SUPPORT, Preparation.SEAL_EDGES, "Seal edges and back of the wood", "Against warp; a day before is best.");
            case CANVAS, COATED_BOARD, DARK_TISSUE, DRAWING_PAPER, FORM, JOURNAL_PAGE, LINO_BLOCK, PRINTMAKING_PAPER, WATERCOLOUR_PAPER -> { }
        }
        return this;
    }

    /** Seals the ground when that is chosen, so that it bears water; dry before {@code next}. */
    public Script groundSealed(String next) {
        if (chose(Schools.GROUND, Schools.SEAL)) {
            coat("seal-ground", Step.coat(Face.SUPPORT_FRONT, Material.GLOSS_MEDIUM, 60, Tool.BRUSH).reaching(Extent.WHOLE),
                    "Seal the ground", "One thin coat of clear medium over all of it, brushed once where colour could run.", 3);
            dry("seal-ground", next, Face.SUPPORT_FRONT, Stage.THROUGH, 20, 30, "Sealed is sealed only when it is dry.");
        }
        return this;
    }

    public Script mix(String key, Mixture mixture, double bottlePercent, String title, String how) {
        return act(key, new Step.Mix(mixture, bottlePercent), title, how, 5);
    }

    // ---- windows

    public Script open(String from, String to, Face bed, Stage limit, double mostMinutes, String why) {
        return window(new Window.Open(named(from), named(to), bed, limit, Span.minutes(mostMinutes), why, bed == null ? Provenance.PRACTICE : Provenance.DERIVED));
    }

    public Script dwell(String from, String to, Duration least, Duration most, String why, Provenance provenance) {
        return window(new Window.Dwell(named(from), named(to), least, most, why, provenance));
    }

    public Script dry(String from, String to, Face on, Stage stage, double leastMinutes, double usualMinutes, String why) {
        return window(new Window.Dry(named(from), named(to), on, stage, Span.minutes(leastMinutes), Span.minutes(usualMinutes), why, Provenance.PRACTICE));
    }

    /** A wait only practice knows. */
    public Script rest(String from, String to, double leastMinutes, double usualMinutes, String why, Provenance provenance) {
        return window(new Window.Dry(named(from), named(to), Face.SUPPORT_FRONT, null, Span.minutes(leastMinutes), Span.minutes(usualMinutes), why, provenance));
    }

    public Script soak(String from, String to, double leastMinutes, Double mostMinutes, String why) {
        return window(new Window.Soak(named(from), named(to), Span.minutes(leastMinutes), mostMinutes == null ? null : Span.minutes(mostMinutes), why, Provenance.PRACTICE));
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

    /** Touch up, clear the last veil, varnish, look: in the order that holds. */
    public void finish(Finishing finishing) {
        finishing.write(this);
    }

    Optional<String> lastCoat() {
        return Optional.ofNullable(lastCoat);
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
