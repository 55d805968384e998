package kindveil.way;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kindveil.bench.Extent;
import kindveil.bench.Face;
import kindveil.bench.Mask;
import kindveil.bench.Step;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.light.Colour;
import kindveil.measure.Preset;
import kindveil.product.Product;
import kindveil.tone.WetTogether;
import kindveil.way.Choice.Option;

/** An undercolour of one kind or another; two of them wet together among them. */
public final class Together {
    private static final String FLAT = "flat";
    private static final String TOGETHER = "together";
    public static final String SPATTER = "spatter";
    public static final Choice KIND = new Choice("kind", "What kind", Where.BED, List.of(
            new Option(FLAT, "flat undercolour", "even, light in value", "one coat to dry"),
            new Option(SPATTER, "spatter over it", "lively lights", "a second coat; cover the table"),
            new Option(TOGETHER, "two colours, wet together", "one runs softly into the other", "both must be laid while they are wet")));
    private static final Pot FIRST = Pot.of("under", "Undercolour", "#dcc9a0");
    private static final Pot SECOND = Pot.of("second", "Second colour", "#a9bfc4").only(KIND, TOGETHER);
    /** Those it is painted with. */
    public static final List<Pot> POTS = List.of(FIRST, Pot.of("spatter", "Spatter", "#8f6b4a").only(KIND, SPATTER), SECOND);
    static final String MEETS = "meets";
    static final String BRUSH = "brush";
    private static final double OPEN_MINUTES = 8;
    private static final double BLENDING_MINUTES = 2;

    private Together() {
    }

    /** Where two colours meet, and how wide the brush is. */
    public static List<Dial> dials(Brief brief, Dial... own) {
        List<Dial> dials = new ArrayList<>(List.of(own));
        if (TOGETHER.equals(brief.settings().choices().get(KIND.key()))) {
            dials.add(new Dial(MEETS, "they meet, from the top", Preset.assumed(50, 20, 80, "%"), 0, 100, "Nearly all of it is the second.", "Nearly all of it is the first."));
            dials.add(new Dial(BRUSH, "width of the brush", Preset.assumed(30, 20, 60, "mm"), 5, 200, "A hard line stays.", "Hardly any of either is left whole."));
        }
        return dials;
    }

    /** Two colours wet together, where a way's settings ask for them. */
    public static Optional<WetTogether> of(Map<String, String> choices, Map<String, Colour> colours, Map<String, Double> dials) {
        return TOGETHER.equals(choices.get(KIND.key())) ? Optional.of(new WetTogether(colours.getOrDefault(FIRST.key(), FIRST.usual()), colours.getOrDefault(SECOND.key(), SECOND.usual()),
                dials.getOrDefault(MEETS, 50.0) / 100, dials.getOrDefault(BRUSH, 30.0))) : Optional.empty();
    }

    /** The choices that lay one mixture of two colours flat. */
    public static Map<String, String> flat(Map<String, String> choices) {
        Map<String, String> flat = new java.util.HashMap<>(choices);
        flat.put(KIND.key(), FLAT);
        return flat;
    }

    /** The colours that lay a mixture flat. */
    public static Map<String, Colour> mixed(Map<String, Colour> colours, Colour mixture) {
        Map<String, Colour> mixed = new java.util.HashMap<>(colours);
        mixed.put(FIRST.key(), mixture);
        return mixed;
    }

    /** Both coats, the second while the first is wet. The second is counted and dries; where it lies is a matter of the look. */
    public static void write(Script script, Product paint, double micrometres) {
        Brief brief = script.brief();
        double[] covered = of(brief.settings().choices(), brief.settings().colours(), brief.settings().dials()).orElseThrow().covered(brief.height().millimetres());
        script.bed("under", Step.coat(Face.SUPPORT_FRONT, paint, micrometres, Tool.BRUSH).reaching(Extent.WHOLE).of(script.tint(FIRST.key())).covering(covered[0]),
                "Lay the first colour, from the top", "To a brush's width past where they meet; a clean damp brush at hand.", 3);
        script.bed("second", Step.coat(Face.SUPPORT_FRONT, paint, micrometres, Tool.BRUSH).on(Mask.Part.EDGE).reaching(Extent.WHOLE).of(script.tint(SECOND.key())).covering(covered[1]),
                "Lay the second, from the foot", "At once, to a brush's width past where they meet.", 3);
        script.open("under", "second", Face.SUPPORT_FRONT, Stage.OPEN, OPEN_MINUTES, "What has begun to dry does not run into the other: it is dragged up.");
        script.timed("blend", new Step.Press(Face.SUPPORT_FRONT, Tool.BRUSH), "Brush them into each other", "Long strokes along the line where they meet, the brush wiped between; stop while it is still soft.", BLENDING_MINUTES);
        script.open("second", "blend", Face.SUPPORT_FRONT, Stage.OPEN, OPEN_MINUTES, "Both must be wet to run together.");
        script.wash("under", "second");
    }

    public static boolean chosen(Script script) {
        return script.chose(KIND, TOGETHER);
    }
}
