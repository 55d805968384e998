package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import java.util.stream.Stream;
import kindveil.bench.Face;
import kindveil.product.Products;
import kindveil.product.Product;
import kindveil.bench.PrintKind;
import kindveil.bench.Step;
import kindveil.bench.Step.Bath;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.measure.Preset;
import kindveil.way.Answer;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Choice.Option;
import kindveil.way.Dial;
import kindveil.way.Edges;
import kindveil.way.Fit;
import kindveil.way.Rubbing;
import kindveil.way.Schools;
import kindveil.way.Script;
import kindveil.way.Where;
import kindveil.way.Symptom;
import kindveil.way.Tinting;
import kindveil.way.Way;
import kindveil.way.WayCard;
import kindveil.way.Wish;

/**
 * A toner print laid into acrylic medium, the paper rubbed off its back once the bed is through.
 * Hand: one contact. Stack from the eye down: last coat, residue, toner, medium, ground.
 * Four schools; waits and thicknesses as practised at about 21 °C and 50 % RH.
 */
final class GelLay implements Way {
    private static final String EVEN = "even-coat";
    private static final String DAMP = "damp";
    private static final String DEEP = "deep-bed";
    private static final String DOUBLE = "double-coat";
    private static final double PRINT_COAT_MICROMETRES = 100;
    /** The last of them is laid wet. */
    private static final Dial PRINT_COATS = new Dial("print-coats", "coats on the print, the last one laid wet", Preset.practice(3, 2, 3, "coats"), 2, 5, "Gaps may stay.", "Hours more, and a film that shows.");
    private static final double OPEN_MINUTES = 6;
    private static final Choice SCHOOL = new Choice("school", "How the medium goes on", Where.BED, List.of(
            new Option(EVEN, "even coat", "least material, a clean edge, an evening's work", "lifts if it is streaky"),
            new Option(DAMP, "damp print, soft gel", "both dry at one rate, fewer bubbles", "toner prints only; the back is sanded"),
            new Option(DEEP, "deep bed", "forgiving, keeps detail, any sturdy support", "20 times the gel, a day or more"),
            new Option(DOUBLE, "coats on both", "the toughest image, no gaps", "dried coats on the print, easily soiled back")));
    private static final WayCard CARD = WayCard.transfer("gel-lay", "Gel lay")
            .does("A toner print laid into acrylic medium; when the bed is through, its paper is rubbed away and the image stays.")
            .softens(0.2).print(PrintKind.GOOD_TONER)
            .choices(SCHOOL, Schools.MEDIUM_OR_PUMICE, Schools.GROUND, Schools.WEIGHT, Schools.HURRY, Schools.PASSES, Finishing.CLEARING, Finishing.SEALING, Edges.OF_PAPER_IN_A_BED, Edges.OPENING, Edges.REACHES, Schools.SPREAD, Schools.PRESSED_BY_HAND, Schools.RUB, Schools.WARMTH, Schools.WETTED, Schools.PAPER_BACK, Schools.BETWEEN, Tinting.CHOICE).pots(Tinting.POT)
            .on(BIRCH_PANEL, WATERCOLOUR_PAPER, CANVAS, COATED_BOARD, PRINTMAKING_PAPER)
            .on(FABRIC, Fit.care("Taped down; the gel stiffens it."))
            .on(JOURNAL_PAGE, Fit.care("The even coat, a mist and a sheet of film under the page; never soaked."))
            .on(DRAWING_PAPER, Fit.poor("It cockles and tears when it is rubbed wet."))
            .on(WOOD_BLOCK, Fit.care("For a block to carve, use the block guide."))
            .on(METAL, Fit.care("Degreased and scuffed; a thin coat and a day."))
            .elsewhere("It wants a firm, flat support that bears wet rubbing.")
            .wish(Wish.DISTORTED, Fit.care("Gel holds still: wrinkle the print on purpose."))
            .fails(Symptom.LIFTED, "The image lifts while rubbing", "the bed was not through", "Stop; let it dry longer, rub from the other direction.")
            .fails(Symptom.CLOUDY, "White ghosts", "paper left", "One more round, or clear it with medium.")
            .fails(Symptom.BARE, "Bald stripes", "streaky or missing medium", "Touch up; next time coat crosswise, or coat both.")
            .fails(Symptom.BUBBLES, "Bubbles", "air under the print", "Press from the centre; next time damp the print.")
            .fails(Symptom.CLOUDY, "A grey veil", "matte or fine-pumice gel, or stacked matte", "Gloss gel; finish with matte only.")
            .alsoCalled("medium transfer", "gel medium", "image transfer", "acrylic transfer", "photo to canvas").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        Dial bed = switch (school(brief)) {
            case EVEN -> bed(Preset.assumed(100, 60, 150, "µm"), 30, 250);
            case DAMP -> bed(Preset.assumed(140, 100, 200, "µm"), 60, 300);
            case DEEP -> bed(Preset.practice(1600, 1600, 3200, "µm"), 800, 5000);
            case DOUBLE -> bed(Preset.assumed(200, 150, 250, "µm"), 100, 400);
            default -> throw new IllegalStateException("Impossible state: school %s.".formatted(school(brief)));
        };
        Dial[] tinted = Tinting.dials(chosen(brief, Tinting.CHOICE.key()), bed);
        return Rubbing.dials(brief, school(brief).equals(DOUBLE) ? Stream.concat(Stream.of(tinted), Stream.of(PRINT_COATS)).toArray(Dial[]::new) : tinted);
    }

    private static Dial bed(Preset usual, double least, double most) {
        return new Dial("bed", "wet thickness of the bed", usual, least, most, "Too thin and streaky: it lifts in stripes.",
                "A ridge pushes up and the print slides; another school is meant.");
    }

    private String school(Brief brief) {
        return chosen(brief, SCHOOL.key()).key();
    }

    private static Product medium(Script script) {
        if (script.chose(Schools.MEDIUM, Schools.PUMICE)) {
            return Products.PUMICE_GEL;
        }
        boolean gloss = script.chose(Schools.MEDIUM, "gloss");
        if (script.chose(SCHOOL, DEEP)) {
            return gloss ? Products.HEAVY_GLOSS_GEL : Products.HEAVY_MATTE_GEL;
        }
        if (script.chose(SCHOOL, DAMP)) {
            return gloss ? Products.GLOSS_GEL : Products.MATTE_GEL;
        }
        return gloss ? Products.GLOSS_MEDIUM : Products.MATTE_MEDIUM;
    }

    @Override
    public void write(Script script) {
        script.print();
        Edges.ofPrint(script);
        Tinting.stir(script, medium(script));
        if (script.chose(SCHOOL, DOUBLE)) {
            script.meanwhile(() -> coatPrint(script), () -> ground(script));
        } else {
            ground(script);
        }
        if (script.chose(SCHOOL, DAMP)) {
            script.act("damp-print", new Step.Wet(Face.PRINT_BACK, Tool.SPRAY_BOTTLE, Bath.SURFACE), "Mist the back of the print",
                    "Evenly grey, no drops standing. It relaxes while you spread the gel.", 1);
        }
        lay(script);
        boolean deep = script.chose(SCHOOL, DEEP);
        boolean opens = script.chose(SCHOOL, DAMP) && !Rubbing.sanded(script);
        String then = opens ? "abrade" : Rubbing.first(script);
        double least = deep ? 24 * 60 : script.chose(SCHOOL, DOUBLE) ? 8 * 60 : 60;
        script.weighted("press", then, Face.SUPPORT_FRONT, least, least);
        if (opens) {
            Rubbing.sand(script, "abrade");
        }
        Rubbing rubbing = Rubbing.misted(Face.SUPPORT_FRONT, Rubbing.planned(script), Finishing.FIRST);
        script.rubbing(deep ? rubbing.with(Tool.WET_CLOTH, Bath.SURFACE, 1, null).saying(6, "A wet cloth, then fingers; a toothbrush helps in the hollows.") : rubbing);
        new Finishing(true).write(script);
    }

    private static void ground(Script script) {
        script.support();
        script.groundSealed(Products.GLOSS_MEDIUM, "coat");
    }

    private static void coatPrint(Script script) {
        int dried = (int) Math.round(script.dial(PRINT_COATS.key())) - 1;
        for (int coat = 1; coat <= dried; coat++) {
            String key = "coat-print-" + coat;
            script.coat(key, Tinting.coat(script, Step.coat(Face.PRINT_FRONT, medium(script), PRINT_COAT_MICROMETRES, Tool.BRUSH)), "Coat the face of the print, coat " + coat,
                    coat % 2 == 1 ? "Brush it lengthwise, thin. Not a drop on the back." : "Brush it crosswise to the coat before.", 3);
            String next = coat < dried ? "coat-print-" + (coat + 1) : "coat";
            script.dry(key, next, Face.PRINT_FRONT, Stage.RECOAT, 20, 20, "A coat laid on a wet one drags it.");
        }
    }

    private void lay(Script script) {
        boolean deep = script.chose(SCHOOL, DEEP);
        Tool spreader = deep ? Tool.SPREADER : Schools.spreader(script);
        Edges.mask(script);
        script.bed("coat", Tinting.coat(script, Edges.reaching(script, Step.coat(Face.SUPPORT_FRONT, medium(script), script.dial("bed"), spreader))), deep ? "Spread the deep bed" : "Coat where the print will lie",
                deep ? "Level it with the card, edge to edge of the image." : "Only where the print will lie; a fingertip slides without pushing up a ridge.", 3,
                Answer.goOn("Even all over", "no dry spot, no streak"), Answer.rescue("It drags", "It is drying: brush in a little more, and hurry."));
        if (script.chose(SCHOOL, DOUBLE)) {
            script.bed("coat-last", Tinting.coat(script, Step.coat(Face.PRINT_FRONT, medium(script), PRINT_COAT_MICROMETRES, Tool.BRUSH)), "A last coat on the print", "Both must be wet when they meet.", 2);
            script.open("coat-last", "lay", Face.PRINT_FRONT, Stage.OPEN, OPEN_MINUTES, "Both must still be wet.");
        }
        script.act("lay", new Step.Join(Face.PRINT_FRONT, Face.SUPPORT_FRONT, false), "Lay the print, face down",
                "One edge first, let it down slowly so that no air is shut in. Do not slide it.", 1,
                Answer.goOn("It lies", "flat, nothing moved"),
                Answer.rescue("Air is caught", "Do not lift it: work the bubble out to the nearest edge with a fingertip."),
                Answer.rescue("It slid", "Leave it where it is now. Lifting it again smears loose toner."));
        script.open("coat", "lay", Face.SUPPORT_FRONT, Stage.OPEN, OPEN_MINUTES, "The print must meet a wet bed.");
        script.act("press", new Step.Press(Face.PRINT_FRONT, deep ? Tool.CARD : Schools.presser(script)), "Rub it down from the centre",
                deep ? "Card edge as a squeegee, centre outwards, without sliding." : "Centre outwards. Wipe up what comes out; none on the back.", 3,
                Answer.goOn("All of it touches", "no pale patch through the paper"),
                Answer.rescue("Medium on the back", "Wipe it off at once with a damp cloth: it seals the paper in."),
                Answer.rescue("It shifts", "Stop, press straight down only, and leave it."));
        Edges.unmask(script, "coat");
        script.wash("coat", "coat-last");
    }
}
