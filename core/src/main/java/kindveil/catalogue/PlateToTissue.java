package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import java.util.stream.Stream;
import kindveil.bench.Face;
import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.bench.Step;
import kindveil.bench.Step.Split;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.measure.Preset;
import kindveil.way.Answer;
import kindveil.way.Brief;
import kindveil.way.Dial;
import kindveil.way.Fit;
import kindveil.way.Pot;
import kindveil.way.Schools;
import kindveil.way.Script;
import kindveil.way.Where;
import kindveil.way.Symptom;
import kindveil.way.Way;
import kindveil.way.WayCard;

/** As a plate pull up to the lift, then tissue at once and no second colour. Reads right. */
final class PlateToTissue implements Way {
    private static final WayCard CARD = WayCard.transfer("plate-to-tissue", "Plate to tissue")
            .does("The painted image is taken straight off the gel plate onto tissue, without a second colour.")
            .softens(0.15).bridges().print(PrintKind.PHOTOCOPY).ground(Ground.RAW)
            .choices(Schools.TONES)
            .pots(Pot.of("image", "Image paint", "#f0ead8", Where.IMAGE))
            .on(DARK_TISSUE)
            .on(DRAWING_PAPER, Fit.care("Stiff paper touches less: damp it a little or press harder."))
            .elsewhere("Only something as soft as tissue takes the thin wet image without a second colour.")
            .fails(Symptom.TORN, "Tissue tears", "rushed, or rubbed wet", "Peel slowly from one edge, low over the plate.")
            .fails(Symptom.BARE, "Only spots come", "the image paint had dried", "Lay the tissue within half a minute of the lift.")
            .alsoCalled("tissue pull", "gel plate tissue", "black tissue", "chalky print").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return List.of(
                new Dial("image-film", "image paint, wet", PlateSteps.film(8, brief), PlateSteps.LEAST_POSSIBLE, PlateSteps.MOST_POSSIBLE, "Too little and nothing transfers.", "Too much smears on soft tissue.").at(Where.IMAGE),
                new Dial("rub-seconds", "rubbing the print down", Preset.practice(20, 15, 45, "s"), 5, 90, "Light places are missed.", "Paint dries before the tissue is down.").at(Where.LAYING));
    }

    @Override
    public List<String> questions(Brief brief) {
        return Stream.concat(Way.super.questions(brief).stream(), PlateSteps.closes(brief).stream()).toList();
    }

    @Override
    public void write(Script script) {
        script.support();
        script.print();
        script.plate();
        PlateSteps.lifted(script);
        script.act("lay-tissue", new Step.Join(Face.SUPPORT_FRONT, Face.PLATE, false), "Lay the tissue at once", "Shiny side down; let it fall from one edge.", 0.2);
        script.open("lift", "lay-tissue", Face.PLATE, Stage.TOUCH_DRY, 0.5, "Within about half a minute: nothing wets this paint again.");
        script.act("press-tissue", new Step.Press(Face.SUPPORT_FRONT, Tool.FINGERS), "Rub gently", "Soft finger pads; it tears when pushed.", 0.5);
        script.act("pull", new Step.Part(ThingKind.SUPPORT, Face.PLATE, Split.PULL), "Peel from one edge, slowly", "It tears when rushed.", 0.7,
                Answer.goOn("It came whole", ""), Answer.rescue("It starts to tear", "Stop, and peel from the other edge."));
        script.open("lay-tissue", "pull", null, Stage.OPEN, 3, "Dry, it holds the tissue fast.");
        script.wash("image-paint");
        script.act("look", new Step.Judge(Face.SUPPORT_FRONT), "Let it dry, then look", "Hold it against the light.", 1);
        script.dry("pull", "look", Face.SUPPORT_FRONT, Stage.TOUCH_DRY, 2, 4, "Wet paint smears.");
    }
}
