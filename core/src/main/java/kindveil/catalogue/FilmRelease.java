package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Extent;
import kindveil.bench.Face;
import kindveil.bench.Ground;
import kindveil.product.Products;
import kindveil.product.Mixtures;
import kindveil.bench.PrintKind;
import kindveil.bench.Step;
import kindveil.bench.Support;
import kindveil.bench.Step.Place;
import kindveil.bench.Step.Split;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.measure.Preset;
import kindveil.measure.Provenance;
import kindveil.way.Answer;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Choice.Option;
import kindveil.way.Dial;
import kindveil.way.Edges;
import kindveil.way.Fit;
import kindveil.way.Rubbing;
import kindveil.way.Schools;
import kindveil.way.Schools;
import kindveil.way.Script;
import kindveil.way.TellTale;
import kindveil.way.Where;
import kindveil.way.Symptom;
import kindveil.way.Way;
import kindveil.way.WayCard;
import kindveil.way.Wish;

/** Inkjet on coated film, let go into an alcohol-based solution. One contact. */
final class FilmRelease implements Way {
    private static final Choice LIES = new Choice("ink", "Where the ink lies", Where.IMAGE, List.of(
            new Option("sunk", "pressed into the surface", "sinks into weave and cracks", "paler, the weave shows"),
            new Option("on-top", "lying on top", "brighter, sharper", "less of the surface")));
    private static final WayCard CARD = WayCard.transfer("film-release", "Film release")
            .does("An inkjet print on coated film, laid into release solution, lets its ink go within two minutes and a half.")
            .softens(0.05).print(PrintKind.FILM_PIGMENT).ground(Ground.RAW)
            .choices(LIES, Finishing.SEALING, Edges.REACHES_BEYOND, Edges.HOLES, Schools.SPREAD, Schools.FILM, Edges.OPENING)
            .on(WATERCOLOUR_PAPER, Fit.sound("The best first try: absorbent and patient."))
            .on(DRAWING_PAPER, PRINTMAKING_PAPER, CANVAS)
            .on(BIRCH_PANEL, Fit.sound("Sealed edges and back, against warp."))
            .on(FABRIC, Fit.sound("Taped on all sides."))
            .on(JOURNAL_PAGE, Fit.care("A guard sheet below: the solution goes through."))
            .on(GAUZE, Fit.care("Skews; taped on all sides, moved to a fresh sheet while it dries."))
            .on(MESH, Fit.care("Flat on plastic; a dried coat of clear matte medium closes the holes."))
            .on(METAL, Fit.care("Degreased and scuffed; no fingers, no sideways movement."))
            .on(LEATHER, Fit.care("Taped and saturated; film clings to it: peel slowly."))
            .on(LEATHER_FLESH, Fit.care("Drinks several times as much as the grain side, and its nap softens the image."))
            .on(COATED_BOARD, Fit.care("Little absorbs it: keep the solution thin."))
            .elsewhere("The film must lie flat and the solution must stay wet under it.")
            .wish(Wish.DISTORTED, Fit.sound("More solution slides and smears: wanted here."))
            .wish(Wish.GHOSTED, Fit.care("Film gives all or nothing: print it paler instead."))
            .fails(Symptom.BARE, "Patches missing, dry edges", "too little solution", "Wet past the edge everywhere; peel from the other side for a patch that stays.")
            .fails(Symptom.SMEARED, "Slides, smears, finger marks", "too much solution", "It still transfers. Less next time: an even wet sheen.")
            .fails(Symptom.BARE, "Colour stays on the film", "dye ink", "Pigment ink, or black and white.")
            .fails(Symptom.BARE, "Nothing lets go", "printed on the bare side, or alcohol under 90 %", "Coated side; a stronger bottle.")
            .alsoCalled("transfer film", "alcohol transfer", "inkjet transfer", "solvent film", "release sheet").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return Rubbing.dials(brief,
                new Dial("bed", "solution, wet", Preset.assumed(70, 60, 80, "µm"), 30, 160, "Too little: patches, dry edges fail.", "Too much slides and smears, but transfers: the safer side."),
                new Dial("bottle", "alcohol in its bottle", Preset.practice(91, 90, 99, "%"), 50, 99.9, "Weaker than 90 % in the bottle does not release.", ""),
                new Dial("dwell", "dwell", Preset.practice(120, 110, 150, "s"), 110, 150, "The ink still holds to the film.", "The bed dries and the ink holds to the film again.").at(Where.LAYING));
    }

    @Override
    public void write(Script script) {
        script.mix("mix", Mixtures.RELEASE_SOLUTION, script.dial("bottle"), "Mix the release solution", "One part concentrate to eight of alcohol, in a lidded glass jar; the label wins.");
        script.support();
        script.print();
        Edges.cut(script, ThingKind.PRINT);
        Schools.film(script);
        if (script.brief().support().is(Support.Trait.OPEN) && script.chose(Edges.HOLES, Edges.CLOSED)) {
            script.coat("close-holes", Step.coat(Face.SUPPORT_FRONT, Products.MATTE_MEDIUM, 80, Tool.BRUSH).reaching(Extent.BEYOND), "Close its holes with clear matte medium", "Flat on a sheet of plastic; brushed both ways, no pools.", 3);
            script.dry("close-holes", "bed", Face.SUPPORT_FRONT, Stage.THROUGH, 30, 60, "The solution eats into a coat that is not through.");
        }
        script.bed("bed", Edges.reaching(script, Step.coat(Face.SUPPORT_FRONT, Products.RELEASE_SOLUTION, script.dial("bed"), Schools.spreader(script))),
                "Saturate it, past the edge everywhere", "An even wet sheen that does not pool. Lid back on the jar.", 1.5,
                Answer.goOn("Even wet sheen", "nothing pools").telling(TellTale.WETNESS, 0), Answer.rescue("It pools", "Draw it out with the brush; too much slides.").telling(TellTale.WETNESS, 1));
        script.rest("mix", "bed", 180, 240, "It thickens in three to four hours, stirred now and then. Clear is good; cloudy, discard it.", Provenance.PRACTICE);
        script.act("lay", new Step.Join(Face.PRINT_FRONT, Face.SUPPORT_FRONT, false), "Lay the film, coated side down", "One edge first, no air.", 0.2);
        script.open("bed", "lay", Face.SUPPORT_FRONT, Stage.OPEN, 2, "Dry edges stay on the film.");
        boolean metal = script.brief().support().is(Support.Trait.METAL);
        script.act("press", new Step.Press(Face.PRINT_FRONT, metal || script.chose(LIES, "on-top") ? Tool.FOAM_ROLLER : Tool.BRAYER), metal || !script.chose(LIES, "sunk") ? "Press lightly" : "Press it in",
                metal ? "Hold the film still; roll straight, no fingers." : script.chose(LIES, "sunk") ? "Firmly into weave and cracks, straight down." : "A light roll, once each way.", 0.5);
        script.act("peel", new Step.Part(ThingKind.PRINT, Face.SUPPORT_FRONT, Split.PEEL), "Peel slowly, wet", "From one corner, rolling the film back over a rod.", script.brief().support().is(Support.Trait.CLINGS) ? 1 : 0.2,
                Answer.goOn("It let go", "clear film").telling(TellTale.WETNESS, 0), Answer.rescue("A patch stays", "Lay it back, then peel from the other side.").telling(TellTale.WETNESS, 2));
        script.dwell("lay", "peel", script.seconds("dwell"), java.time.Duration.ofSeconds(150), "Sooner the ink holds, later the bed dries. The dwell does not grow with the area.", Provenance.PRACTICE);
        if (script.brief().support().is(Support.Trait.OPEN)) {
            script.act("move", new Step.Move(ThingKind.SUPPORT, Place.FRESH_SHEET), "Move it to a fresh sheet", "Or it sticks and leaves holes.", 1);
        }
        script.act(Finishing.FIRST + "-dry", new Step.Judge(Face.SUPPORT_FRONT), "Let it dry and look", "Fingers off until it is dry.", 1);
        script.dry("peel", Finishing.FIRST + "-dry", Face.SUPPORT_FRONT, Stage.RECOAT, 30, 60, "Wet ink on polymer prints off on everything.");
        new Finishing(false).write(script);
    }
}
