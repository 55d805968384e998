package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Face;
import kindveil.bench.Ground;
import kindveil.product.Products;
import kindveil.bench.Preparation;
import kindveil.bench.PrintKind;
import kindveil.bench.Step;
import kindveil.bench.Step.Place;
import kindveil.bench.Step.Soluble;
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
import kindveil.way.Schools;
import kindveil.way.Script;
import kindveil.way.TellTale;
import kindveil.way.Where;
import kindveil.way.Symptom;
import kindveil.way.Way;
import kindveil.way.WayCard;

/** Coated film into a stringy gel on hard-sized paper; the receiver coating that came along is rinsed off. One contact. */
final class ViscousFilmLay implements Way {
    private static final Choice RINSE = new Choice("rinse", "The receiver coating", Where.IMAGE, List.of(
            new Option("rinsed", "rinsed off", "can be overprinted and painted", "a night on the line"),
            new Option("left", "left on", "done sooner", "nothing on top of it takes")));
    private static final WayCard CARD = WayCard.transfer("viscous-film-lay", "Viscous film lay")
            .does("A film print pushed into a glassy bed of transfer gel on hard-sized paper, peeled after a minute and rinsed clean for overprinting.")
            .softens(0.05).print(PrintKind.FILM_PIGMENT).ground(Ground.RAW)
            .choices(RINSE, Edges.REACHES_BEYOND, Schools.FILM_TAPED)
            .on(PRINTMAKING_PAPER)
            .on(WATERCOLOUR_PAPER, Fit.care("Softer sizing drinks the gel: a little more of it."))
            .elsewhere("It needs loose, hard-sized paper that bears a long rinse.")
            .fails(Symptom.STREAKS, "Streaks", "the roller was rolled instead of pushed", "Push it across in one go and off the far edge.")
            .fails(Symptom.REFUSES, "An overprint will not take", "receiver coating not rinsed off", "Rinse now: tray, rock, change the water, never rub.")
            .alsoCalled("transfer gel", "film gel transfer", "print studio film").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return List.of(
                new Dial("bed", "gel, wet", Preset.practice(200, 170, 260, "µm"), 100, 400, "Dry patches stay on the film.", "Puddles push the image aside."),
                new Dial("dwell", "dwell", Preset.practice(60, 50, 80, "s"), 50, 80, "The ink still holds to the film.", "The gel grips the film again.").at(Where.LAYING));
    }

    @Override
    public void write(Script script) {
        script.prepare("shake", ThingKind.SUPPORT, Preparation.SHAKE_GEL, "Shake the gel", "Then leave it, so that bubbles rise.");
        script.support();
        script.print();
        Schools.film(script);
        script.bed("bed", Edges.reaching(script, Step.coat(Face.SUPPORT_FRONT, Products.TRANSFER_GEL, script.dial("bed"), Tool.BRUSH)),
                "Spread the gel to a glassy surface", "Brush wetted before and squeezed out; about 15 ml for an A4 area; no puddles.", 2);
        script.rest("shake", "bed", 30, 30, "Shaken gel is full of air.", Provenance.PRACTICE);
        script.act("lay", new Step.Join(Face.PRINT_FRONT, Face.SUPPORT_FRONT, false), "Push the roller across", "Push, do not roll; across and off the far edge. Wipe the roller.", 0.3);
        script.open("bed", "lay", Face.SUPPORT_FRONT, Stage.OPEN, 5, "Gel that skins over holds nothing.");
        script.act("peel", new Step.Part(ThingKind.PRINT, Face.SUPPORT_FRONT, Split.PEEL), "Peel", "Low and steady, from the taped edge.", 0.2,
                Answer.goOn("It let go", "").telling(TellTale.WETNESS, 0), Answer.rescue("A patch stays", "Lay it back and peel from the other side.").telling(TellTale.WETNESS, 2));
        script.dwell("lay", "peel", script.seconds("dwell"), java.time.Duration.ofSeconds(80), "A minute; later the gel grips the film again.", Provenance.ASSUMED);
        if (script.chose(RINSE, "rinsed")) {
            script.act("rinse", new Step.Dissolve(Face.SUPPORT_FRONT, Soluble.RECEIVER), "Rinse off the receiver coating", "A tray, rocked a few minutes, the water changed; never rub.", 6,
                    Answer.goOn("No longer slippery", ""), Answer.rescue("Still slippery", "Change the water and rock on."));
            script.dry("peel", "rinse", Face.SUPPORT_FRONT, Stage.THROUGH, 60, 240, "A rinse before it is fully dry floats the image off.");
            script.act("hang", new Step.Move(ThingKind.SUPPORT, Place.HANG), "Hang it diagonally", "By one corner, overnight.", 1);
            script.sheetDries("hang", "look", true, 480, 600, "Paper that was in the tray is wet to the core.");
        } else {
            script.rest("peel", "look", 60, 240, "The gel dries under its coating.", Provenance.PRACTICE);
        }
        script.act("look", new Step.Judge(Face.SUPPORT_FRONT), "Look at it, dry", "Overprint only what has been rinsed and is dry.", 1);
    }
}
