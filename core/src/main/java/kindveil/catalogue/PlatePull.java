package kindveil.catalogue;

import java.util.ArrayList;
import java.util.List;
import kindveil.bench.Face;
import kindveil.bench.PrintKind;
import kindveil.bench.Step.Split;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.light.Coefficients;
import kindveil.light.Colour;
import kindveil.light.Paint;
import kindveil.light.PairShades;
import kindveil.measure.Preset;
import kindveil.product.Product;
import kindveil.product.Products;
import kindveil.way.Answer;
import kindveil.way.Brief;
import kindveil.way.Choice.Option;
import kindveil.way.Choice;
import kindveil.way.Dial;
import kindveil.way.Fit;
import kindveil.way.Pot;
import kindveil.way.Schools;
import kindveil.way.Script;
import kindveil.way.Symptom;
import kindveil.way.TellTale;
import kindveil.way.Way;
import kindveil.way.WayCard;
import kindveil.way.Where;
import kindveil.way.Wish;
import static kindveil.bench.Support.*;

/** Toner print onto a painted gel plate, a second colour, pulled onto paper. Two contacts: reads right. */
final class PlatePull implements Way {
    private static final Choice PRESS = new Choice("press", "Rubbing down", Where.LAYING, List.of(
            new Option("fingers", "fingers", "feel, least slipping", "slow on large plates"),
            new Option("brayer", "brayer", "even", "can slide the paper"),
            new Option("baren", "baren", "strong, even", "smears if the paint is full")));
    private static final WayCard CARD = WayCard.transfer("plate-pull", "Plate pull")
            .does("A toner print laid on a thinly painted gel plate keeps the paint under its darks; a second colour pulls the image off onto paper.")
            .softens(0.15).bridges().print(PrintKind.PHOTOCOPY).ground(kindveil.bench.Ground.RAW)
            .choices(PRESS, Schools.TONES)
            .pots(Pot.of("image", "Image paint", "#26304a", Where.IMAGE), Pot.of("pull", "Pull paint", "#e3c88c"))
            .on(DRAWING_PAPER, WATERCOLOUR_PAPER, PRINTMAKING_PAPER)
            .on(JOURNAL_PAGE, Fit.care("A page must come down onto the plate: work near the book's edge, a guard sheet under it."))
            .on(FABRIC, Fit.care("Woven cloth takes the broad shapes only."))
            .on(DARK_TISSUE, Fit.poor("Tissue pulls better without a second colour: plate to tissue."))
            .elsewhere("A pull needs something thin and flat that lies down on the plate.")
            .wish(Wish.GHOSTED, Fit.sound("A second, ghost print from what is left on the plate."))
            .fails(Symptom.SMEARED, "Smudged detail", "too much paint, worst on faces", "Roll off the surplus; abstract the source more.")
            .fails(Symptom.BARE, "Nothing transfers", "too little paint, or it had dried, or weak toner", "Fuller film, lay within 20 seconds, a stronger copy.")
            .fails(Symptom.SMEARED, "The second colour drags the image", "image paint not dry", "Wait until a fingertip stays clean.")
            .fails(Symptom.BARE, "A ghost stays on the plate", "pull paint too thin or not pressed", "Take a ghost print; next time a fuller film.")
            .fails(Symptom.TORN, "Paper torn at the plate's edge", "paper larger than the plate", "Cut it a little smaller.")
            .alsoCalled("gel plate", "gelatine print", "monoprint", "gel printing", "photo transfer on plate").build();

    /** What the pair is judged on. */
    private static final Colour WHITE_PAPER = Colour.grey(0.8);

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return List.of(
                new Dial("image-film", "image paint, wet", PlateSteps.film(7, brief), PlateSteps.LEAST_POSSIBLE, PlateSteps.MOST_POSSIBLE, "Too little and nothing transfers.", "Too much hurts faces and fine lines only.").at(Where.IMAGE),
                new Dial("rub-seconds", "rubbing the print down", Preset.practice(30, 15, 45, "s"), 5, 90, "Light places are missed.", "Paint dries into the toner and stays on the print.").at(Where.LAYING),
                new Dial("pull-film", "pull paint, wet", Preset.assumed(9, 7, 14, "µm"), 4, 25, "A ghost stays on the plate.", "It drags the image and squeezes out at the edge."));
    }

    /** The pair must differ in lightness. */
    @Override
    public List<String> questions(Brief brief) {
        List<String> all = new ArrayList<>(Way.super.questions(brief));
        PlateSteps.closes(brief).ifPresent(all::add);
        double step = -PairShades.pulled(paint(brief, "image"), paint(brief, "pull"), WHITE_PAPER).step();
        if (Math.abs(step) < 25) {
            all.add("The two paints differ by %.0f L*: under 25 the image drowns, 40 is good. Take a darker or a lighter one.".formatted(Math.abs(step)));
        }
        if (step > 0 && !Schools.INVERTED.equals(brief.settings().choices().get(Schools.TONES.key()))) {
            all.add("Light image paint over a darker pull gives a tonal negative. Invert the print if you want a positive.");
        }
        return all;
    }

    /** What stands in a pot: a paint of one's own, or an opaque one of the colour. */
    private Coefficients paint(Brief brief, String pot) {
        return brief.settings().paint(pot).flatMap(Product::paint).orElseGet(() -> new Paint(coloured(brief, pot), Paint.Opacity.OPAQUE).coefficients());
    }

    @Override
    public void write(Script script) {
        script.support();
        script.print();
        script.plate();
        PlateSteps.lifted(script);
        script.wash("image-paint");
        Tool press = script.chose(PRESS, "brayer") ? Tool.BRAYER : script.chose(PRESS, "baren") ? Tool.BAREN : Tool.FINGERS;
        script.bed("pull-paint", Step.coat(Face.PLATE, Products.PLATE_PAINT, script.dial("pull-film"), Tool.BRAYER).of(script.tint("pull")),
                "Roll the pull paint", "Thin: the image shows through it. Surplus onto the roll-off sheet.", 1);
        script.dry("lift", "pull-paint", Face.PLATE, Stage.TOUCH_DRY, 1, 1.5, "Wet image paint is dragged by the second colour.");
        script.act("lay-paper", new Step.Join(Face.SUPPORT_FRONT, Face.PLATE, false), "Lay the paper", "Smoother side down, a little smaller than the plate, along its register line.", 0.3);
        script.open("pull-paint", "lay-paper", Face.PLATE, Stage.PLATE_LIMIT, 1.5, "Pull paint that has dried takes nothing along.");
        script.act("press-paper", new Step.Press(Face.SUPPORT_FRONT, press), "Rub it down, about a minute", "From the centre, all over, edges last.", 1);
        script.act("pull", new Step.Part(ThingKind.SUPPORT, Face.PLATE, Split.PULL), "Peel slowly", "From one corner, low over the plate. A clean plate is a good pull.", 0.5,
                Answer.goOn("The plate is clean", "a good pull").telling(TellTale.PLATE, 0),
                Answer.goOn("A ghost is left", "take a ghost print of it on scrap; next time a fuller pull film").telling(TellTale.PLATE, 2),
                Answer.rescue("Parts stay behind", "Lay it back and rub that part again while it is wet."));
        script.open("lay-paper", "pull", null, Stage.OPEN, 4, "Paper that has drunk the paint holds fast to it.");
        script.wash("pull-paint");
        script.act("look", new Step.Judge(Face.SUPPORT_FRONT), "Let it dry, then look", "It lightens a little as it dries.", 1);
        script.dry("pull", "look", Face.SUPPORT_FRONT, Stage.TOUCH_DRY, 3, 5, "Wet paint smears under a sleeve.");
    }
}
