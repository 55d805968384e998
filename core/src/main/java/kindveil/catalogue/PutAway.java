package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Face;
import kindveil.bench.Ground;
import kindveil.bench.Preparation;
import kindveil.bench.ThingKind;
import kindveil.drying.Stage;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Choice.Option;
import kindveil.way.Dial;
import kindveil.way.Script;
import kindveil.way.Symptom;
import kindveil.way.Way;
import kindveil.way.WayCard;
import kindveil.way.Where;

/** Where the finished work goes: behind glass, or between release paper. */
final class PutAway implements Way {
    private static final String GLASS = "glass";
    private static final Choice HOW = new Choice("put", "Kept", Where.LAYING, List.of(
            new Option("interleaved", "between release paper", "in a book or a folder, no face on another", "lies unseen"),
            new Option(GLASS, "behind glass, on a spacer", "needs no varnish; dust and hands stay off", "glare and weight; nothing may touch the glass")));
    private static final WayCard CARD = WayCard.finish("putting-away", "Frame or interleave")
            .does("Release paper on its face, or glass held off it by a spacer: what may never be coated is kept so.")
            .ground(Ground.ACRYLIC_PAINT).choices(HOW)
            .on(JOURNAL_PAGE, WATERCOLOUR_PAPER, PRINTMAKING_PAPER, DRAWING_PAPER, BIRCH_PANEL, CANVAS, COATED_BOARD, METAL, FABRIC, DARK_TISSUE, GAUZE, MESH)
            .elsewhere("It does not lie flat: give it a box.")
            .fails(Symptom.STICKY, "It stuck to its neighbour", "acrylic faces on each other", "Cold loosens them: ten minutes in a freezer kept for the studio, then peel.")
            .fails(Symptom.CLOUDY, "Fog on the glass", "closed in before it had cured", "Open it and leave it out for a week.")
            .alsoCalled("framing", "glassine", "storage", "folder", "release paper").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return List.of();
    }

    @Override
    public void write(Script script) {
        LastCoats.dust(script);
        if (script.chose(HOW, GLASS)) {
            script.prepare("put", ThingKind.SUPPORT, Preparation.FRAME, "Frame it", "Spacer or mat of 3 mm at least; seal the back last.", 15);
            script.cures(LastCoats.DUST, "put", Face.SUPPORT_FRONT, "Behind glass it sweats until it has cured.");
        } else {
            script.prepare("put", ThingKind.SUPPORT, Preparation.INTERLEAVE, "Lay release paper on it", "Shiny side down, larger than the image; nothing heavy on it for a week.", 2);
            script.dry(LastCoats.DUST, "put", Face.SUPPORT_FRONT, Stage.THROUGH, 0, 0, "Release paper shuts in whatever is wet.");
        }
        LastCoats.look(script);
    }
}
