package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Extent;
import kindveil.bench.Face;
import kindveil.bench.Ground;
import kindveil.bench.Step;
import kindveil.bench.Tool;
import kindveil.measure.Preset;
import kindveil.product.Products;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Choice.Option;
import kindveil.way.Dial;
import kindveil.way.Script;
import kindveil.way.Symptom;
import kindveil.way.Way;
import kindveil.way.WayCard;
import kindveil.way.Where;

/** Wax polished over the finished work. */
final class Waxing implements Way {
    private static final Choice POLISH = new Choice("polish", "Polished", Where.LAYING, List.of(new Option("soft", "to a soft sheen", "no glare, a silky hand", "shows fingers"), new Option("once-more", "twice, a day between", "sheds water better", "a day more")));
    private static final WayCard CARD = WayCard.finish("waxing", "Wax")
            .does("Cold wax rubbed on thin and polished: a silky face that sheds water and hardly blocks. It ends the work.")
            .ground(Ground.ACRYLIC_PAINT).choices(POLISH)
            .on(BIRCH_PANEL, COATED_BOARD, WATERCOLOUR_PAPER, PRINTMAKING_PAPER, METAL, WOOD_BLOCK, FORM, LEATHER).on(JOURNAL_PAGE)
            .elsewhere("It fills the weave and stays sticky there.")
            .fails(Symptom.STICKY, "It stays sticky", "laid thick", "Warm it with a hair dryer kept for the studio, wipe most of it off, polish again.")
            .fails(Symptom.CLOUDY, "White in the pores", "too much in a rough face", "Warm it a little and brush it out.")
            .alsoCalled("cold wax", "wax finish", "beeswax", "polish").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return List.of(new Dial("coat", "wax, as it is rubbed on", Preset.assumed(15, 10, 20, "µm"), 5, 60, "Patches.", "Stays sticky."));
    }

    @Override
    public void write(Script script) {
        LastCoats.dust(script);
        int coats = script.chose(POLISH, "once-more") ? 2 : 1;
        for (int coat = 1; coat <= coats; coat++) {
            script.coat("wax-" + coat, Step.coat(Face.SUPPORT_FRONT, Products.COLD_WAX, script.dial("coat"), Tool.SOFT_CLOTH).reaching(Extent.WHOLE), coat == 1 ? "Rub on the wax" : "Wax it once more", "As little as spreads, in circles; the cloth, not the work, is loaded.", 4);
            script.act("polish-" + coat, new Step.Press(Face.SUPPORT_FRONT, Tool.SOFT_CLOTH), "Polish it", "A clean cloth, lightly, until it no longer drags.", 4);
            script.rest("wax-" + coat, "polish-" + coat, 20, 60, "It must have gone dull first.", kindveil.measure.Provenance.ASSUMED);
            script.rest("polish-" + coat, coat < coats ? "wax-" + (coat + 1) : LastCoats.LOOK, coat < coats ? 1440 : 0, coat < coats ? 1440 : 30, "Its solvent goes overnight.", kindveil.measure.Provenance.ASSUMED);
        }
        script.cures(LastCoats.DUST, "wax-1", Face.SUPPORT_FRONT, "Wax over what has not cured slows it for weeks.");
        LastCoats.look(script);
    }
}
