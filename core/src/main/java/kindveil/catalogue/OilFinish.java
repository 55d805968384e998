package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Face;
import kindveil.bench.Ground;
import kindveil.bench.Step;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.product.Products;
import kindveil.way.Brief;
import kindveil.way.Dial;
import kindveil.way.Fit;
import kindveil.way.Script;
import kindveil.way.Symptom;
import kindveil.way.Way;
import kindveil.way.WayCard;

/** Oil rubbed in as the end of the work. */
final class OilFinish implements Way {
    private static final WayCard CARD = WayCard.finish("oil-finish", "Oil finish")
            .does("Mineral oil rubbed in with a cloth: fills what fibre is left, a soft sheen, and the end of everything water-borne.")
            .ground(Ground.ACRYLIC_PAINT)
            .on(BIRCH_PANEL, WOOD_BLOCK).on(WATERCOLOUR_PAPER, Fit.care("It spreads in the paper past the image.")).on(PRINTMAKING_PAPER, Fit.care("It spreads in the paper past the image."))
            .elsewhere("Oil creeps there, or stays on top and smears.")
            .fails(Symptom.STICKY, "It stays greasy", "too much, or a face that drinks none", "Wipe it off; talc takes the rest.")
            .fails(Symptom.EDGE, "A halo", "oil crept past the image", "Oil all of it.")
            .alsoCalled("oiling", "mineral oil", "translucent oil").build();

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
        script.act("oil", new Step.Infuse(Face.SUPPORT_FRONT, Products.MINERAL_OIL, Tool.SOFT_CLOTH), "Rub in the oil", "Small circles, about five minutes; wipe off what stands.", 5);
        script.dry(LastCoats.DUST, "oil", Face.SUPPORT_FRONT, Stage.THROUGH, 0, 0, "Oil shuts in whatever water is left.");
        LastCoats.look(script);
        script.rest("oil", LastCoats.LOOK, 30, 60, "It sinks in for a while.", kindveil.measure.Provenance.ASSUMED);
    }
}
