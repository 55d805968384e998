package kindveil.way;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kindveil.bench.Extent;
import kindveil.bench.Face;
import kindveil.bench.Hand;
import kindveil.bench.Preparation;
import kindveil.bench.Step;
import kindveil.bench.Support;
import kindveil.bench.ThingKind;
import kindveil.drying.Stage;
import kindveil.measure.Figures;
import kindveil.measure.Length;
import kindveil.measure.Preset;
import kindveil.tone.Opening;
import kindveil.way.Choice.Option;

/** How an image ends, and how far its bed reaches: choices that many ways share. */
public final class Edges {
    public static final String TORN = "torn";
    public static final String DECKLE = "deckle";
    public static final String MASKED = "masked";
    private static final Option CUT = new Option("cut", "as it is cut", "nothing more to do", "a hard rectangle");
    private static final Option BY_HAND = new Option(TORN, "torn by hand", "runs softly into the ground", "some 6 mm of the picture on each side; fibre stands at it");
    private static final Option BY_RULE = new Option(DECKLE, "torn along a wet rule", "straight and soft, like hand-made paper", "some 2 mm on each side");
    private static final Option BY_TAPE = new Option(MASKED, "masked with tape", "a crisp edge, no medium beyond it", "the tape comes off while the bed is open");
    public static final Choice OF_PAPER = new Choice("edge", "Its edge", Where.EDGE, List.of(CUT, BY_HAND, BY_RULE), true);
    public static final Choice OF_PAPER_IN_A_BED = new Choice("edge", "Its edge", Where.EDGE, List.of(CUT, BY_HAND, BY_RULE, BY_TAPE), true);
    private static final String WHOLE = "none";
    /** A hole on purpose. */
    public static final Choice OPENING = new Choice("opening", "An opening in it", Where.EDGE, List.of(
            new Option(WHOLE, "none", "the whole picture", "nothing of it is given away"),
            new Option("round", "a round window", "what lies under it is seen, softly framed", "a clean circle wants a template"),
            new Option("square", "a square window", "quickly cut along a rule", "hard corners"),
            new Option("strip", "a strip from edge to edge", "parts the picture in two", "two pieces to lay in line")), true);
    static final String OPEN_ACROSS = "opening-across";
    static final String OPEN_X = "opening-x";
    static final String OPEN_Y = "opening-y";
    /** So much is cut a minute, mm (assumed). */
    private static final double CUTS = 150;
    private static final Option AS_WIDE = new Option("image", "as far as the image", "least of it, none shines beside it", "an edge stands round the image");
    private static final Option FURTHER = new Option("beyond", "a finger's width beyond", "the image's own edge is held all round", "its rim is seen beside the image");
    private static final Option ALL_OVER = new Option("whole", "all over", "no rim anywhere, one sheen", "most of it, and all of that must dry");
    /** Where practice ends the bed with the image. */
    public static final Choice REACHES = new Choice("reaches", "The bed reaches", Where.EDGE, List.of(AS_WIDE, FURTHER, ALL_OVER), true);
    /** Where practice goes beyond it. */
    public static final Choice REACHES_BEYOND = new Choice("reaches", "The bed reaches", Where.EDGE, List.of(FURTHER, AS_WIDE, ALL_OVER), true);
    public static final String CLOSED = "closed";
    /** On what has holes. */
    public static final Choice HOLES = new Choice("holes", "Holes of a mesh or gauze", Where.EDGE, List.of(
            new Option("open", "left open", "light and ground show through the weave", "the image lies on the threads alone"),
            new Option(CLOSED, "closed with matte medium first", "the whole image, on one face", "one more coat, dried through; stiffer")), true, Support.Trait.OPEN);
    /** Torn so fast, mm a minute (assumed); along a rule half as fast, taped a third. */
    private static final double TEARS = 400;
    private static final double QUARTERS = 4;

    /** The dial of a cover that is broken on purpose: how much of it is covered, in per cent. */
    public static final String COVER = "cover";
    static final double USUAL_COVER = 70;

    private Edges() {
    }

    /** How much of a broken cover is covered, 0 to 1. */
    public static double covered(Map<String, Double> dials) {
        return dials.getOrDefault(COVER, USUAL_COVER) / 100;
    }

    /** How far a tear reaches in from each side, mm; 0 where nothing is torn (assumed). */
    public static double tear(String option) {
        return option.equals(TORN) ? 6 : option.equals(DECKLE) ? 2 : 0;
    }

    /** The bed, reaching as far as was chosen. */
    public static Step.Apply reaching(Script script, Step.Apply bed) {
        String chosen = script.chosen(REACHES.key());
        boolean masked = chosen(script).equals(MASKED);
        Step.Apply laid = script.brief().wish() == Wish.BROKEN ? bed.covering(covered(script.brief().settings().dials())) : bed;
        return laid.reaching(chosen.equals("whole") ? Extent.WHOLE : chosen.equals("beyond") && !masked ? Extent.BEYOND : Extent.PICTURE);
    }

    /** The opening that was chosen, as it lies in the picture. */
    public static Optional<Opening> opening(Map<String, String> choices, Map<String, Double> dials, Length width, Length height) {
        String shape = choices.getOrDefault(OPENING.key(), WHOLE);
        return shape.equals(WHOLE) ? Optional.empty() : Optional.of(new Opening(switch (shape) {
            case "round" -> Opening.Shape.ROUND;
            case "square" -> Opening.Shape.SQUARE;
            default -> Opening.Shape.STRIP;
        }, dials.getOrDefault(OPEN_ACROSS, usualOpening(width, height)), dials.getOrDefault(OPEN_X, 50.0) / 100, dials.getOrDefault(OPEN_Y, 50.0) / 100));
    }

    private static double usualOpening(Length width, Length height) {
        return Math.max(5, Math.round(Math.min(width.millimetres(), height.millimetres()) / 3));
    }

    /** Where and how large an opening is, where there is one. */
    static List<Dial> openings(Brief brief) {
        String shape = brief.settings().choices().getOrDefault(OPENING.key(), WHOLE);
        if (shape.equals(WHOLE)) {
            return List.of();
        }
        double usual = usualOpening(brief.width(), brief.height());
        double most = Math.max(usual, Math.min(brief.width().millimetres(), brief.height().millimetres()));
        List<Dial> dials = new ArrayList<>(List.of(new Dial(OPEN_ACROSS, "opening, across", Preset.assumed(usual, 3, most, "mm"), 2, most, "Hardly seen.", "Nothing of the picture is left.").at(Where.EDGE),
                new Dial(OPEN_Y, "its middle, from the top", Preset.assumed(50, 0, 100, "%"), 0, 100, "", "").at(Where.EDGE)));
        if (!shape.equals("strip")) {
            dials.add(1, new Dial(OPEN_X, "its middle, from the left", Preset.assumed(50, 0, 100, "%"), 0, 100, "", "").at(Where.EDGE));
        }
        return dials;
    }

    /** Cut into the print before anything is wet, or into what carries the image once that is dry; its place as one looks at the printed face, or as it will be seen. */
    public static void cut(Script script, ThingKind what) {
        Brief brief = script.brief();
        if (script.chosen(OPENING.key()).isEmpty()) {
            return;
        }
        opening(brief.settings().choices(), brief.settings().dials(), brief.width(), brief.height()).ifPresent(opening -> {
            double x = what == ThingKind.PRINT && brief.printed().hand() == Hand.MIRRORED ? 1 - opening.x() : opening.x();
            long down = Math.round(opening.y() * brief.height().millimetres());
            String size = Figures.plain(opening.across());
            String how = opening.shape() == Opening.Shape.STRIP ? "A strip of %s mm, its middle %d mm from the top: just outside what was left unprinted. Lay both halves in line, as far apart.".formatted(size, down)
                    : "%s mm across, its middle %d mm from the left and %d mm from the top of the image, %s: just outside what was left unprinted.".formatted(size, Math.round(x * brief.width().millimetres()), down, what == ThingKind.PRINT ? "its face up" : "as it will be seen");
            script.prepare("cut-opening", what, Preparation.CUT_OPENING, switch (opening.shape()) {
                case ROUND -> "Cut the round opening";
                case SQUARE -> "Cut the square opening";
                case STRIP -> "Cut the strip out";
            }, how, Math.max(1, Math.ceil(opening.cut(brief.width().millimetres()) / CUTS * QUARTERS) / QUARTERS));
        });
    }

    private static String chosen(Script script) {
        return script.chosen(OF_PAPER.key());
    }

    /** What is done to the print before anything is wet. */
    public static void ofPrint(Script script) {
        cut(script, ThingKind.PRINT);
        String chosen = chosen(script);
        if (tear(chosen) > 0) {
            boolean rule = chosen.equals(DECKLE);
            script.prepare("tear", ThingKind.PRINT, Preparation.TEAR_EDGE, rule ? "Wet a line along a rule, and tear along it" : "Tear its edges by hand",
                    rule ? "A wet brush along the rule, a minute, then pull away from it." : "Towards you, slowly; the side pulled at gets the white rim.", minutes(script, rule ? 2 : 1));
        }
    }

    /** Tape round the place, before the bed goes on. */
    public static void mask(Script script) {
        if (chosen(script).equals(MASKED)) {
            script.prepare("mask", ThingKind.SUPPORT, Preparation.MASK, "Mask round the place with tape", "Low-tack, its edge rubbed down; the image's size exactly.", minutes(script, 3));
        }
    }

    /** The tape off again, while the bed is open. */
    public static void unmask(Script script, String bed) {
        if (chosen(script).equals(MASKED)) {
            script.prepare("unmask", ThingKind.SUPPORT, Preparation.UNMASK, "Take the masking tape off", "Low, and back upon itself; wipe what crept under it.", minutes(script, 1));
            script.open(bed, "unmask", Face.SUPPORT_FRONT, Stage.OPEN, 15, "A bed that has closed tears along the tape.");
        }
    }

    private static double minutes(Script script, double slower) {
        double around = 2 * (script.brief().width().millimetres() + script.brief().height().millimetres());
        return Math.max(0.5, Math.ceil(around / TEARS * slower * QUARTERS) / QUARTERS);
    }
}
