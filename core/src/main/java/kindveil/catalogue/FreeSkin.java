package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Extent;
import kindveil.bench.Face;
import kindveil.product.Products;
import kindveil.product.Mixtures;
import kindveil.bench.PrintKind;
import kindveil.bench.Step;
import kindveil.bench.Step.Bath;
import kindveil.bench.Step.Cutting;
import kindveil.bench.Step.Place;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.measure.Preset;
import kindveil.measure.Provenance;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Choice.Option;
import kindveil.way.Dial;
import kindveil.way.Edges;
import kindveil.way.Fit;
import kindveil.way.Pot;
import kindveil.way.Rubbing;
import kindveil.way.Schools;
import kindveil.way.Script;
import kindveil.way.Where;
import kindveil.way.Symptom;
import kindveil.way.Tinting;
import kindveil.way.Way;
import kindveil.way.WayCard;
import kindveil.way.Wish;

/** Gel on the print's face becomes a free film that carries the image. Ink down reads right, ink up mirrored. */
final class FreeSkin implements Way {
    private static final Choice SIDE = new Choice("side", "Which side faces you", Where.IMAGE, List.of(
            new Option("ink-down", "clear side up, ink below", "reads right, protected, glossy", "fibre whitens the lights"),
            new Option("ink-up", "ink side up", "matte, can be worked into", "mirrored: print it mirrored")));
    private static final Choice SANDWICH = new Choice("sandwich", "A coat over the ink side", Where.TOP, List.of(
            new Option("yes", "a sandwich coat", "tough, clears the last fibre", "one more coat to dry"),
            new Option("no", "none", "thinner", "ink lies bare, whiter")));
    private static final Choice UNDER = new Choice("underpainting", "Underpainting", Where.BED, List.of(
            new Option("none", "none", "the ground shows", "lights stay the ground's colour"),
            new Option("traced", "traced and loosely coloured below", "local colour in the right places", "tracing and registering")));
    private static final WayCard CARD = WayCard.transfer("free-skin", "Free skin")
            .does("Coats of gel on the face of a print dry to a clear skin; its paper is soaked and rubbed off, and the skin is laid where you want it.")
            .softens(0.15).print(PrintKind.GOOD_TONER)
            .choices(SIDE, SANDWICH, UNDER, Schools.GROUND, Schools.HURRY, Schools.PASSES, Finishing.SEALING, Schools.WARMTH, Schools.BETWEEN, Edges.OPENING, Schools.SPREAD, Tinting.CHOICE)
            .pots(Tinting.POT, Pot.of("under", "Underpainting", "#d9b98a").only(UNDER, "traced"))
            .on(CANVAS, BIRCH_PANEL, WATERCOLOUR_PAPER, COATED_BOARD)
            .on(JOURNAL_PAGE, Fit.care("Interleave with release paper: skins stay tacky."))
            .on(FABRIC, Fit.care("Stiff and glossy; taped down while the glue dries."))
            .on(METAL, Fit.care("Degreased and scuffed first."))
            .on(PRINTMAKING_PAPER, Fit.sound(""))
            .elsewhere("For curved forms a thinner skin is made: skin on curved forms.")
            .wish(Wish.TORN, Fit.sound("Tear the skin itself."))
            .fails(Symptom.TORN, "It tears in the bath", "too thin, or soaked too short", "One more coat; four hours of water at least.")
            .fails(Symptom.CLOUDY, "Milky", "water still in it, or matte coats", "Wait; build with gloss.")
            .fails(Symptom.STICKY, "Sticks to everything", "skins stay tacky", "Interleave with release paper.")
            .fails(Symptom.TONES, "Does not match the underpainting", "it stretched a little", "Re-register on the marks.")
            .alsoCalled("acrylic skin", "gel skin", "decal", "acrylic decal").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return Rubbing.dials(brief, Tinting.dials(chosen(brief, Tinting.CHOICE.key()), new Dial("coats", "coats of gel", Preset.assumed(4, 3, 6, "coats"), 2, 10, "It tears in the bath.", "Thick, stiff, days to clear."),
                new Dial("coat", "each coat, wet", Preset.assumed(120, 100, 150, "µm"), 60, 250, "Thin places tear.", "It skins over and stays soft inside."),
                new Dial("soak", "soak", Preset.practice(240, 240, 720, "min"), 60, 4320, "Paper holds on and the skin tears.", "").at(Where.PAPER)));
    }

    @Override
    public void write(Script script) {
        script.print();
        Tinting.stir(script, Products.GLOSS_GEL);
        int coats = (int) Math.round(script.dial("coats"));
        for (int coat = 1; coat <= coats; coat++) {
            script.coat("coat-" + coat, Tinting.coat(script, Step.coat(Face.PRINT_FRONT, Products.GLOSS_GEL, script.dial("coat"), Tool.BRUSH).reaching(Extent.BEYOND)),
                    "Coat the face of the print, coat " + coat, coat % 2 == 1 ? "Lengthwise; none on the back." : "Crosswise to the one before.", 3);
            script.dry("coat-" + coat, coat < coats ? "coat-" + (coat + 1) : Rubbing.first(script), Face.PRINT_FRONT, coat < coats ? Stage.RECOAT : Stage.THROUGH, 20,
                    coat < coats ? 30 : 480, coat < coats ? "A coat on a wet one drags it." : "The skin must be through before water.");
        }
        script.rubbing(Rubbing.misted(Face.SKIN_BACK, Rubbing.planned(script), "hang").with(Tool.TRAY, Bath.TRAY, script.dial("soak"), null)
                .saying(8, "Face down on a towel: roll the pulp off, rinse, cloth. Gently: skins tear."));
        boolean up = script.chose(SIDE, "ink-up");
        script.act("hang", new Step.Move(ThingKind.SKIN, Place.HANG), "Rinse it and hang it up", "By one corner, both sides free: what is milky clears overnight.", 1);
        script.rest("hang", "after-skin", 60, 480, "Water in it stays milky between other coats.", Provenance.PRACTICE);
        script.act("after-skin", new Step.Cut(ThingKind.SKIN, Cutting.TRIM), "Trim the thick rims", "Hold it to the light; keep it on release paper.", 3);
        Edges.cut(script, ThingKind.SKIN);
        String before = "after-skin";
        if (script.chose(SANDWICH, "yes")) {
            script.coat("sandwich", Step.coat(Face.SKIN_BACK, Products.GLOSS_MEDIUM, 80, Tool.BRUSH), "Coat the ink side", "One thin coat makes a sandwich of it.", 2);
            script.dry("sandwich", "glue", Face.SKIN_BACK, Stage.RECOAT, 20, 30, "Laid wet it wrinkles.");
            before = "sandwich-wash";
        }
        if (script.chose(UNDER, "traced")) {
            script.act("trace", new Step.Outline(up ? Face.SKIN_BACK : Face.SKIN_FRONT), "Trace its outlines", "A chalk-backed tracing keeps the hand; a rubbed-down one flips it. Mark the register.", 8);
            before = "trace";
        }
        support(script);
        script.act("off-sheet", new Step.Move(ThingKind.SKIN, Place.FRESH_SHEET), "Lift the skin off its sheet", "From a corner, bent back upon itself; one that clings is laid somewhere cold some minutes first.", 1);
        script.bed("glue", Step.coat(Face.SUPPORT_FRONT, Products.SLURRY, 150, Schools.spreader(script)).reaching(Extent.BEYOND), "Spread the slurry", "Soft gel and gloss medium; half of the place at a time.", 2);
        script.act("lay", new Step.Join(up ? Face.SKIN_FRONT : Face.SKIN_BACK, Face.SUPPORT_FRONT, true), "Lay the hinged half, ink side " + (up ? "up" : "down"), "Half back on release paper as a hinge; press, then the other half, on the register marks.", 2);
        script.open("glue", "lay", Face.SUPPORT_FRONT, Stage.OPEN, 6, "Press while the slurry is wet.");
        script.act("press", new Step.Press(Face.SUPPORT_FRONT, Tool.SOFT_CLOTH), "Press it down", "From the hinge outwards, air to the edge.", 2);
        script.wash("glue");
        script.dry("press", Finishing.FIRST, Face.SUPPORT_FRONT, Stage.TOUCH_DRY, 60, 180, "The top is dry in an hour; milky in between clears over hours.");
        new Finishing(false).write(script);
    }

    private static void support(Script script) {
        script.support();
        script.groundSealed(Products.GLOSS_MEDIUM, "glue");
        if (script.chose(UNDER, "traced")) {
            script.coat("under", Step.coat(Face.SUPPORT_FRONT, Products.UNDERCOLOUR, 80, Tool.BRUSH).of(script.tint("under")), "Paint loosely inside the tracing", "Flat local colour; the skin brings the drawing.", 12);
            script.dry("under", "glue", Face.SUPPORT_FRONT, Stage.THROUGH, 20, 30, "Wet colour bleeds into the slurry.");
        }
        script.mix("mix", Mixtures.SLURRY, 0, "Mix the slurry", "Soft gel and gloss medium in equal parts, enough for all of it.");
    }
}
