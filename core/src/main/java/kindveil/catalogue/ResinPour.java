package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Extent;
import kindveil.bench.Face;
import kindveil.bench.Ground;
import kindveil.bench.Preparation;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.measure.Preset;
import kindveil.product.Products;
import kindveil.way.Brief;
import kindveil.way.Dial;
import kindveil.way.Script;
import kindveil.way.Symptom;
import kindveil.way.Way;
import kindveil.way.WayCard;

/** A thick clear sheet cast over the work. */
final class ResinPour implements Way {
    private static final WayCard CARD = WayCard.finish("resin-pour", "Resin pour")
            .does("Two-part resin poured over a sealed, cured panel: a thick sheet of gloss that nothing holds over.")
            .ground(Ground.ACRYLIC_PAINT)
            .on(BIRCH_PANEL, COATED_BOARD, WOOD_BLOCK, METAL)
            .elsewhere("What bends under a hard thick sheet cracks it.")
            .fails(Symptom.BUBBLES, "Bubbles", "an unsealed face, or stirred fast", "Breathe on them through a straw, never a flame near solvent; prick those that stay.")
            .fails(Symptom.STICKY, "It stays sticky", "parts not measured, or cold", "Warm it for a day; scrape and pour again.")
            .fails(Symptom.STREAKS, "It runs off the edge", "not level", "Level it with a bubble; tape the rim.")
            .alsoCalled("epoxy", "pour on gloss", "glass finish", "casting").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return List.of(new Dial("pour", "poured", Preset.assumed(1500, 1000, 2000, "µm"), 500, 4000, "It draws back from the edges.", "It heats, and sinks in the middle."));
    }

    @Override
    public void write(Script script) {
        LastCoats.dust(script);
        script.act("mix", new Step.Prepare(ThingKind.SUPPORT, Preparation.PROTECT_TABLE), "Level it, mask its rim, lay out the parts", "By the ratio on its own label, to the gram; slowly stirred, edges of the cup too.", 10);
        script.coat("pour", Step.coat(Face.SUPPORT_FRONT, Products.POURING_RESIN, script.dial("pour"), Tool.POURING_CUP).reaching(Extent.WHOLE), "Pour it", "From the middle outwards; help it to the edges with a card.", 6);
        script.cures(LastCoats.DUST, "pour", Face.SUPPORT_FRONT, "Resin shuts in whatever has not cured, and heats it.");
        LastCoats.look(script);
        script.rest("pour", LastCoats.LOOK, 1440, 3 * 1440, "By its label: a day to handle, three to cure, under a box against dust.", kindveil.measure.Provenance.ASSUMED);
    }
}
