package kindveil.way;

import java.time.Duration;
import java.util.List;
import kindveil.drying.Stage;
import kindveil.measure.Length;
import kindveil.measure.Preset;
import kindveil.measure.Provenance;
import kindveil.measure.Span;
import kindveil.way.Choice.Option;
import kindveil.way.Layer.Carrier;
import kindveil.way.Layer.Image;
import kindveil.way.Layer.Undercolour;
import kindveil.way.Plan.Builder;
import kindveil.way.Step.Preparation;

/**
 * A toner print laid into acrylic medium, the paper rubbed off its back once the bed is through.
 * Hand: one contact. Stack from the eye down: last coat, residue, toner, medium, ground.
 * Four schools; waits and thicknesses as practised at about 21 °C and 50 % RH.
 */
final class GelLay implements Way {
    static final String SCHOOL = "school";
    static final String EVEN = "even-coat";
    static final String DAMP = "damp";
    static final String DEEP = "deep-bed";
    static final String DOUBLE = "double-coat";
    static final String FINISH = "medium";
    static final String WEIGHT = "weight";
    static final String PASSES = "passes";
    static final String CLEARING = "clearing";
    static final String SEALING = "sealing";
    private static final String BY_WISH = "as-wished";
    private static final String LEAVE = "leave";
    private static final String LAST = "look";
    private static final int MOST_PASSES = 6;
    private static final int PRINT_COATS = 3;
    private static final double COPY_PAPER = 80;
    private static final double CLEARING_MICROMETRES = 60;
    private static final double VARNISH_MICROMETRES = 80;
    private static final double PRINT_COAT_MICROMETRES = 100;
    private static final Duration OPEN_MOST = Span.minutes(6);
    private static final Duration BRUSH_HARDENS = Span.minutes(30);

    private static final List<Choice> CHOICES = List.of(
            new Choice(SCHOOL, "How the medium goes on", List.of(
                    new Option(EVEN, "even coat", "least material, a clean edge, an evening's work", "lifts if it is streaky"),
                    new Option(DAMP, "damp print, soft gel", "both dry at one rate, fewer bubbles", "toner prints only; the back is sanded"),
                    new Option(DEEP, "deep bed", "forgiving, keeps detail, any sturdy support", "20 times the gel, a day or more"),
                    new Option(DOUBLE, "coats on both", "the toughest image, no gaps", "three dried coats on the print, easily soiled back"))),
            new Choice(FINISH, "Medium", List.of(
                    new Option("gloss", "gloss", "clear, deep darks", "shine, a little tack"),
                    new Option("matte", "matte", "soft, easy to paint over", "lifts the darks, clouds when stacked"))),
            new Choice(WEIGHT, "While it dries", List.of(
                    new Option("none", "lying free", "dries faster", "thin paper may cockle"),
                    new Option("flat", "under a flat weight", "flatter, better contact", "dries several times slower"))),
            new Choice(PASSES, "Rounds of rubbing", List.of(
                    new Option(BY_WISH, "as the wish asks", "planned from clean, soft, ghosted or torn", "you judge after each"),
                    new Option("1", "one", "a ghost", "white veil stays"),
                    new Option("2", "two", "soft", "some veil stays"),
                    new Option("3", "three", "nearly clear", "more care at thin places"),
                    new Option("4", "four", "black as the copy", "risk of breaking through"))),
            new Choice(CLEARING, "Last veil", List.of(
                    new Option("gloss-medium", "clear with gloss medium", "clears haze, deepens darks", "shine"),
                    new Option("matte-medium", "clear with matte medium", "clears haze, no shine", "darks stay a little grey"),
                    new Option("mineral-oil", "clear with mineral oil", "translucent, a soft sheen", "nothing water-borne over it, ever"),
                    new Option(LEAVE, "leave it as a ghost", "paper-white softness", "darks stay veiled"))),
            new Choice(SEALING, "Sealing", List.of(
                    new Option("none", "none", "done sooner", "unprotected"),
                    new Option("gloss-varnish", "gloss varnish", "protection, depth", "shine; wait for cure"),
                    new Option("matte-varnish", "matte varnish", "protection without glare", "lifts darks a little; wait for cure"))));

    @Override
    public String key() {
        return "gel-lay";
    }

    @Override
    public String name() {
        return "Gel lay";
    }

    @Override
    public String summary() {
        return "A toner print laid into acrylic medium; when the bed is through, its paper is rubbed away and the image stays.";
    }

    @Override
    public Length softening() {
        return Length.ofMillimetres(0.2);
    }

    @Override
    public List<Choice> choices() {
        return CHOICES;
    }

    @Override
    public Preset bedThickness(Brief brief) {
        return switch (school(brief)) {
            case EVEN -> Preset.assumed(100, 60, 150, "µm");
            case DAMP -> Preset.assumed(140, 100, 200, "µm");
            case DEEP -> Preset.practice(1600, 1600, 3200, "µm");
            case DOUBLE -> Preset.assumed(200, 150, 250, "µm");
            default -> throw new IllegalStateException("Impossible state: school %s.".formatted(school(brief)));
        };
    }

    private String school(Brief brief) {
        return chosen(brief, SCHOOL).key();
    }

    private boolean weighted(Brief brief) {
        return chosen(brief, WEIGHT).key().equals("flat");
    }

    private int passes(Brief brief) {
        String chosen = chosen(brief, PASSES).key();
        return chosen.equals(BY_WISH) ? brief.wish().usualPasses() : Integer.parseInt(chosen);
    }

    private Material medium(Brief brief) {
        boolean gloss = chosen(brief, FINISH).key().equals("gloss");
        return switch (school(brief)) {
            case DEEP -> gloss ? Material.HEAVY_GLOSS_GEL : Material.HEAVY_MATTE_GEL;
            case DAMP -> gloss ? Material.GLOSS_GEL : Material.MATTE_GEL;
            default -> gloss ? Material.GLOSS_MEDIUM : Material.MATTE_MEDIUM;
        };
    }

    @Override
    public Plan expand(Brief brief, double bedMicrometres) {
        Builder plan = Plan.on(bench(brief));
        prepare(plan, brief);
        lay(plan, brief, bedMicrometres);
        rub(plan, brief);
        finish(plan, brief);
        return plan.build();
    }

    private static Bench bench(Brief brief) {
        Thing print = new Thing(Face.ThingKind.PRINT, List.of(new Carrier(COPY_PAPER, false),
                new Image(brief.print(), new kindveil.light.Toner(brief.print().transmittance()), brief.handOnPrint())),
                List.of(), Moves.COPY_PAPER_CAPACITY);
        Thing support = new Thing(Face.ThingKind.SUPPORT, List.of(new Undercolour(brief.ground())), List.of(),
                brief.support().capacity(brief.ground()));
        return new Bench(Duration.ZERO, List.of(print, support), List.of(), brief.room());
    }

    private void prepare(Builder plan, Brief brief) {
        plan.act(Act.of("trim", new Step.Prepare(Preparation.TRIM_PRINT), "Trim the print",
                "Cut it with a margin of a finger's width; keep one more copy beside you.", 4));
        plan.act(Act.of("clean", new Step.Prepare(Preparation.CLEAN_SUPPORT), "Dust the support",
                "Sweep it with a dry brush and feel for grit: every grain becomes a hole.", 2));
        if (school(brief).equals(DOUBLE)) {
            coatPrint(plan, brief);
        }
        if (school(brief).equals(DAMP)) {
            plan.act(Act.of("damp-print", new Step.Wet(Face.PRINT_BACK, Tool.SPRAY_BOTTLE), "Mist the back of the print",
                    "Evenly grey, no drops standing. It relaxes while you spread the gel.", 1));
        }
    }

    private void coatPrint(Builder plan, Brief brief) {
        for (int coat = 1; coat <= PRINT_COATS; coat++) {
            String key = "coat-print-" + coat;
            plan.act(Act.of(key, new Step.Apply(Face.PRINT_FRONT, medium(brief), PRINT_COAT_MICROMETRES, Tool.BRUSH),
                    "Coat the face of the print, " + ordinal(coat) + " time",
                    coat % 2 == 1 ? "Brush it lengthwise, thin. Not a drop on the back." : "Brush it crosswise to the coat before.", 3));
            plan.act(Act.of(key + "-wash", new Step.WashUp(Tool.BRUSH), "Wash the brush", "Cool water and soap, before it hardens.", 1));
            plan.window(hardens(key, key + "-wash"));
            String next = coat < PRINT_COATS ? "coat-print-" + (coat + 1) : "coat";
            plan.window(new Window.Dry(key, next, Face.PRINT_FRONT, Stage.RECOAT, Span.minutes(20), Span.minutes(20),
                    "A coat laid on a wet one drags it.", Provenance.PRACTICE));
        }
    }

    private void lay(Builder plan, Brief brief, double bedMicrometres) {
        boolean deep = school(brief).equals(DEEP);
        Tool spreader = deep ? Tool.SPREADER : Tool.BRUSH;
        plan.act(Act.of("coat", new Step.Apply(Face.SUPPORT_FRONT, medium(brief), bedMicrometres, spreader), "Coat where the print will lie",
                deep ? "A level bed, as thick as a coin, out to the edge of the print." : "Thin and even: a fingertip slides freely and pushes up no ridge.", 3)
                .answered(Answer.goOn("Even", "a wet sheen from edge to edge"),
                        Answer.rescue("Streaky", "Cross it lightly with the empty brush while it is wet; a streak lifts later."),
                        Answer.rescue("Too thick", "Draw the surplus off with a card. Too much slides, too little lifts: a little too much is the safer side.")));
        if (school(brief).equals(DOUBLE)) {
            plan.act(Act.of("coat-print-last", new Step.Apply(Face.PRINT_FRONT, medium(brief), PRINT_COAT_MICROMETRES, Tool.BRUSH),
                    "Coat the face of the print a last time", "Quickly: both must be wet when they meet.", 2));
        }
        plan.act(Act.of("lay", new Step.Join(Face.PRINT_FRONT, Face.SUPPORT_FRONT), "Lay the print, face down",
                "One edge first, let it down slowly so that no air is shut in. Do not slide it.", 1)
                .answered(Answer.goOn("It lies", "flat, nothing moved"),
                        Answer.rescue("Air is caught", "Do not lift it: work the bubble out to the nearest edge with a fingertip."),
                        Answer.rescue("It slid", "Leave it where it is now. Lifting it again smears loose toner.")));
        plan.window(new Window.Open("coat", "lay", Face.SUPPORT_FRONT, OPEN_MOST, "The print must meet a wet bed.", Provenance.DERIVED));
        plan.act(Act.of("press", new Step.Press(Face.PRINT_FRONT, deep ? Tool.CARD : Tool.FINGERS), "Rub it down from the centre",
                deep ? "Card edge as a squeegee, centre outwards, without sliding." : "Fingers, then the edge of a card, centre outwards. Wipe up what comes out; none on the back.", 3)
                .answered(Answer.goOn("All of it touches", "no pale patch through the paper"),
                        Answer.rescue("Medium on the back", "Wipe it off at once with a damp cloth: it seals the paper in."),
                        Answer.rescue("It shifts", "Stop, press straight down only, and leave it.")));
        plan.act(Act.of("wash", new Step.WashUp(spreader), "Wash the " + (deep ? "knife" : "brush"), "Cool water and soap, before it hardens.", 1));
        plan.window(hardens("coat", "wash"));
        drying(plan, brief);
    }

    private void drying(Builder plan, Brief brief) {
        boolean deep = school(brief).equals(DEEP);
        boolean overnight = school(brief).equals(DOUBLE);
        Duration least = deep ? Span.minutes(24 * 60) : Span.minutes(overnight ? 8 * 60 : 60);
        String from = "press";
        if (weighted(brief)) {
            plan.act(Act.of("load", new Step.Load(Face.PRINT_FRONT), "Lay the weight on", "Release paper, flat board, weight. It must not rock.", 1));
            plan.act(Act.of("unload", new Step.Unload(Face.PRINT_FRONT), "Take the weight off", "Lift it straight up.", 1));
            plan.window(new Window.Dry("load", "unload", Face.SUPPORT_FRONT, Stage.THROUGH, least, least,
                    "Not dry enough is the failure that happens most.", Provenance.PRACTICE));
            from = "unload";
        }
        String then = school(brief).equals(DAMP) ? "abrade" : "pass-1-wet";
        plan.window(new Window.Dry(from, then, Face.SUPPORT_FRONT, Stage.THROUGH, weighted(brief) ? Duration.ZERO : least,
                weighted(brief) ? Duration.ZERO : least, "Not dry enough is the failure that happens most.", Provenance.PRACTICE));
        if (school(brief).equals(DAMP)) {
            plan.act(Act.of("abrade", new Step.Abrade(Face.PRINT_BACK, Tool.FINE_PAPER), "Sand the back lightly",
                    "Two light turns with very fine paper, so that water gets in. Do not cut through.", 2));
        }
    }

    private void rub(Builder plan, Brief brief) {
        int planned = passes(brief);
        boolean deep = school(brief).equals(DEEP);
        for (int pass = 1; pass <= MOST_PASSES; pass++) {
            String key = "pass-" + pass;
            Face wetted = pass == 1 ? Face.PRINT_BACK : Face.SUPPORT_FRONT;
            plan.act(Act.of(key + "-wet", new Step.Wet(wetted, deep ? Tool.WET_CLOTH : Tool.SPRAY_BOTTLE),
                    pass == 1 ? "Wet the paper" : "Dampen what is left",
                    pass == 1 ? "Evenly grey all over; only the print, not the work around it." : "A light mist; the image is bare in places now.", 1));
            plan.act(rubAct(key, pass, brief));
            plan.window(new Window.Soak(key + "-wet", key + "-rub", Span.minutes(pass == 1 ? 1 : 0.5), null,
                    "The water needs a moment to reach the image.", Provenance.PRACTICE));
            plan.act(judge(key, pass, planned, brief));
            plan.window(new Window.Dry(key + "-rub", key + "-judge", Face.SUPPORT_FRONT, null, Layer.Residue.DRIES_IN, Layer.Residue.DRIES_IN,
                    "Wet it looks finished; white comes back as it dries.", Provenance.PRACTICE));
        }
    }

    private static Act rubAct(String key, int pass, Brief brief) {
        Answer hole = brief.wish() == Wish.TORN
                ? Answer.goOn("A hole opened", "wanted: leave its edge rough")
                : Answer.rescue("A hole opened", "Stop there. When it is dry, touch it up with paint before any clear coat.");
        return Act.of(key + "-rub", new Step.RubAway(Face.ThingKind.PRINT, Face.SUPPORT_FRONT, pass),
                pass == 1 ? "Rub the paper away" : "Rub again, " + ordinal(pass) + " round",
                pass == 1 ? "Fingertips, small circles, little weight; the paper rolls up. Start in a corner."
                        : "More gently than before: circles, clean damp fingers, rolling off the last fibre.", pass == 1 ? 6 : 5)
                .answered(Answer.goOn("Paper rolled off evenly", "no image in the crumbs"),
                        Answer.rescue("The image lifts", "Stop. Let it dry longer, then rub from the other direction."),
                        Answer.rescue("Pulp turned gluey", "Stop and wipe with a rag; mist lightly and go on."), hole);
    }

    private static Act judge(String key, int pass, int planned, Brief brief) {
        Act act = Act.of(key + "-judge", new Step.Judge(Face.SUPPORT_FRONT), "Look at it, dry",
                "In side light. White places are paper that is still there.", 1);
        Answer enough = Answer.skipTo("finish", "That is what I want", brief.wish().words() + ": " + brief.wish().meaning());
        if (pass == MOST_PASSES) {
            return act.answered(Answer.goOn("Enough", "more rubbing would break through"));
        }
        return act.answered(Answer.goOn("White ghosts are left", "one more round"), enough).expecting(pass < planned ? 0 : 1);
    }

    private void finish(Builder plan, Brief brief) {
        plan.act(Act.of("finish", new Step.Prepare(Preparation.TOUCH_UP), "Touch up and draw in",
                "Holes, edges, a line that faded: now, since clear coats and oil come after.", 5));
        switch (chosen(brief, CLEARING).key()) {
            case "gloss-medium" -> clear(plan, Material.GLOSS_MEDIUM);
            case "matte-medium" -> clear(plan, Material.MATTE_MEDIUM);
            case "mineral-oil" -> plan.act(Act.of("clear", new Step.Infuse(Face.SUPPORT_FRONT, Material.MINERAL_OIL, Tool.SOFT_CLOTH),
                    "Rub in the oil", "A soft cloth, small circles, about five minutes; wipe off what stands.", 5));
            default -> { }
        }
        if (!chosen(brief, SEALING).key().equals("none")) {
            seal(plan, brief);
        }
        plan.act(Act.of(LAST, new Step.Judge(Face.SUPPORT_FRONT), "Hold it away and look", "Then write down what came, while you see it.", 2));
    }

    private void clear(Builder plan, Material material) {
        plan.act(Act.of("clear", new Step.Apply(Face.SUPPORT_FRONT, material, CLEARING_MICROMETRES, Tool.BRUSH), "Clear the last veil",
                "One thin coat, brushed once; do not go back into it.", 3)
                .answered(Answer.goOn("The veil is gone", "milky is right, it clears as it dries"),
                        Answer.rescue("White is left below", "Fibre too thick to fill. Let it dry; a second thin coat may take it.")));
        plan.act(Act.of("clear-wash", new Step.WashUp(Tool.BRUSH), "Wash the brush", "Cool water and soap, before it hardens.", 1));
        plan.window(hardens("clear", "clear-wash"));
        plan.window(new Window.Dry("clear", LAST, Face.SUPPORT_FRONT, Stage.RECOAT, Span.minutes(20), Span.minutes(20),
                "The look keeps clearing after it is safe to touch.", Provenance.PRACTICE));
    }

    private void seal(Builder plan, Brief brief) {
        Material varnish = chosen(brief, SEALING).key().equals("gloss-varnish") ? Material.GLOSS_VARNISH : Material.MATTE_VARNISH;
        boolean medium = chosen(brief, CLEARING).key().endsWith("medium");
        double days = school(brief).equals(DEEP) ? 14 : school(brief).equals(EVEN) ? 3 : 7;
        plan.act(Act.of("seal", new Step.Apply(Face.SUPPORT_FRONT, varnish, VARNISH_MICROMETRES, Tool.BRUSH), "Varnish",
                "Thin, in one direction, out of the dust. Isolation coat first if it is to be removable.", 4));
        plan.act(Act.of("seal-wash", new Step.WashUp(Tool.BRUSH), "Wash the brush", "Cool water and soap, before it hardens.", 1));
        plan.window(hardens("seal", "seal-wash"));
        plan.window(new Window.Dry(medium ? "clear" : "finish", "seal", Face.SUPPORT_FRONT, null, Duration.ofDays((long) days),
                Duration.ofDays((long) days), "Varnish shuts in whatever has not cured.", Provenance.ASSUMED));
        plan.window(new Window.Dry("seal", LAST, Face.SUPPORT_FRONT, Stage.RECOAT, Span.minutes(30), Span.minutes(30),
                "Touching leaves a print in it.", Provenance.PRACTICE));
    }

    private static Window hardens(String from, String to) {
        return new Window.Open(from, to, null, BRUSH_HARDENS, "Acrylic ruins a brush in about half an hour.", Provenance.PRACTICE);
    }

    private static String ordinal(int n) {
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
