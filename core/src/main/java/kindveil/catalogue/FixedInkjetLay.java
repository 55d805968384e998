package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Face;
import kindveil.bench.Ground;
import kindveil.product.Product;
import kindveil.product.Products;
import kindveil.bench.PrintKind;
import kindveil.bench.Step;
import kindveil.bench.Step.Bath;
import kindveil.bench.Step.Cutting;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.measure.Preset;
import kindveil.measure.Provenance;
import kindveil.way.Brief;
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

/** Inkjet on plain paper, fixed with spray, into thick gel on heavy watercolour paper; one timed soak. One contact. */
final class FixedInkjetLay implements Way {
    private static final WayCard CARD = WayCard.transfer("fixed-inkjet-lay", "Fixed-inkjet lay")
            .does("An inkjet copy sprayed lightly with matte fixative, laid into thick gel on heavy watercolour paper and soaked three minutes; cut out and collaged.")
            .softens(0.25).print(PrintKind.DYE_INKJET).ground(Ground.RAW)
            .choices(Schools.MEDIUM, Schools.HURRY, Schools.PASSES, Edges.OF_PAPER_IN_A_BED, Edges.OPENING, Edges.REACHES, Tinting.CHOICE).pots(Tinting.POT)
            .on(WATERCOLOUR_PAPER)
            .elsewhere("Only heavy watercolour paper: it takes the thick gel and bears the soak.")
            .wish(Wish.CLEAN, Fit.care("Colours come softer than the print; fixing holds most of them."))
            .fails(Symptom.SMEARED, "Colours run", "fixed too thinly, or wetted before it was dry", "A second light coat next time, dried half an hour.")
            .fails(Symptom.TONES, "Much faded", "soaked too long: ten minutes takes most of it", "Three minutes, by the clock.")
            .fails(Symptom.STREAKS, "Ridges", "a brayer on thick gel", "Cloth or fingers.")
            .alsoCalled("inkjet transfer", "printer at home", "sprayed inkjet").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return Rubbing.dials(brief, Tinting.dials(chosen(brief, Tinting.CHOICE.key()), new Dial("bed", "gel, wet", Preset.assumed(180, 150, 200, "µm"), 100, 2000, "Dry spots lift.", "Hours to dry, ridges."),
                new Dial("soak", "soak", Preset.practice(3, 2, 4, "min"), 1.5, 12, "The paper holds on.", "Fades fast past four minutes: at ten most is gone.").at(Where.PAPER)));
    }

    @Override
    public void write(Script script) {
        script.print();
        Edges.ofPrint(script);
        script.act("fix", Step.coat(Face.PRINT_FRONT, Products.FIXATIVE, 10, Tool.SPRAY_CAN), "Spray it with fixative, outdoors", "Lightly, matte, two passes from 30 cm.", 2);
        script.support();
        Product gel = script.chose(Schools.MEDIUM, "gloss") ? Products.HEAVY_GLOSS_GEL : Products.HEAVY_MATTE_GEL;
        Tinting.stir(script, gel);
        Edges.mask(script);
        script.bed("bed", Tinting.coat(script, Edges.reaching(script, Step.coat(Face.SUPPORT_FRONT, gel, script.dial("bed"), Tool.SPREADER))), "Spread the gel", "Thicker than a brushed coat, level, no ridge.", 3);
        script.rest("fix", "bed", 20, 30, "The fixative must be dry before anything wet.", Provenance.PRACTICE);
        script.act("lay", new Step.Join(Face.PRINT_FRONT, Face.SUPPORT_FRONT, false), "Lay the print, face down", "From one edge.", 0.5);
        script.open("bed", "lay", Face.SUPPORT_FRONT, Stage.OPEN, 6, "The print must meet wet gel.");
        script.act("press", new Step.Press(Face.PRINT_FRONT, Tool.SOFT_CLOTH), "Rub it down with a cloth", "Cloth or fingers; a brayer makes ridges.", 2);
        Edges.unmask(script, "bed");
        script.wash("bed");
        script.dry("press", Rubbing.first(script), Face.SUPPORT_FRONT, Stage.THROUGH, 60, 60, "An hour or more: not dry is failure number one.");
        script.rubbing(Rubbing.misted(Face.SUPPORT_FRONT, rounds(script), "cut-out").with(Tool.TRAY, Bath.LUKEWARM_TRAY, script.dial("soak"), 4.0)
                .atMost(Math.max(2, rounds(script))).saying(5, "Out of the lukewarm water at once; rub with fingers, then a cloth."));
        script.act("cut-out", new Step.Cut(ThingKind.SUPPORT, Cutting.CUT_OUT), "Cut it out for collage", "When it is dry; never on a bound page.", 4);
        script.sheetDries("pass-1-rub", "cut-out", false, 60, 240, "The sheet was wet to the core.");
        script.act("look", new Step.Judge(Face.SUPPORT_FRONT), "Look at it", "Fix it before any wet coat.", 1);
    }

    /** Fixed ink bears little rubbing: by the wish one round or two, more where they are asked for. */
    private static int rounds(Script script) {
        boolean soft = script.brief().wish() == Wish.GHOSTED || script.brief().wish() == Wish.SOFT;
        return !script.chose(Schools.PASSES, Schools.BY_WISH) ? Rubbing.planned(script) : soft ? 1 : Math.min(2, Rubbing.planned(script));
    }
}
