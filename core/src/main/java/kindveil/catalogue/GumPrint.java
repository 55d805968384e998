package kindveil.catalogue;

import static kindveil.bench.Support.*;

import java.util.List;
import kindveil.bench.Face;
import kindveil.bench.Ground;
import kindveil.bench.Mask.Part;
import kindveil.product.Products;
import kindveil.product.Mixtures;
import kindveil.bench.Preparation;
import kindveil.bench.PrintKind;
import kindveil.bench.Step;
import kindveil.bench.Step.Place;
import kindveil.bench.Step.Split;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.measure.Preset;
import kindveil.measure.Volume;
import kindveil.measure.Provenance;
import kindveil.way.Answer;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Choice.Option;
import kindveil.way.Dial;
import kindveil.way.Drops;
import kindveil.way.Fit;
import kindveil.way.Pot;
import kindveil.way.Schools;
import kindveil.way.Script;
import kindveil.way.Where;
import kindveil.way.Symptom;
import kindveil.way.Way;
import kindveil.way.WayCard;
import kindveil.way.Wish;

/** A toner copy as a one-use litho plate. One contact. */
final class GumPrint implements Way {
    private static final Choice PRESS = new Choice("press", "Pressing", Where.LAYING, List.of(
            new Option("baren", "baren", "even, strong", "large sheets tire you"), new Option("spoon", "spoon", "strong, local", "streaks if hurried")));
    /** Ink that a second print from the same copy still has (assumed). */
    private static final double SECOND_PRINT = 0.4;
    private static final WayCard CARD = WayCard.transfer("gum-print", "Gum print")
            .does("Gum keeps ink off the damp paper of a toner copy and lets it sit on the toner; the inked copy prints once, in any colour.")
            .softens(0.2).print(PrintKind.PHOTOCOPY).ground(Ground.RAW)
            .choices(PRESS, Schools.GROUND_ASIDE)
            .pots(Pot.of("ink", "Ink", "#1f3b36", Where.IMAGE))
            .on(PRINTMAKING_PAPER, DRAWING_PAPER, WATERCOLOUR_PAPER)
            .on(JOURNAL_PAGE, Fit.sound("Straight into the sketchbook; a blotter below."))
            .on(FABRIC, Fit.care("Flat and taped; ink takes a week to dry."))
            .on(DARK_TISSUE, Fit.care("Lay it dry, press lightly."))
            .elsewhere("The copy has to be pressed onto paper or cloth.")
            .wish(Wish.GHOSTED, Fit.sound("A second, paler print from the same copy."))
            .fails(Symptom.BARE, "Patchy", "too little ink", "More layers, from the centre outwards.")
            .fails(Symptom.TONES, "Tint in the whites", "gum dried or too little rinsing", "Spray and sponge until the whites are clean.")
            .fails(Symptom.REFUSES, "Ink too stiff", "not let down enough", "Three drops of oil more.")
            .alsoCalled("paper lithography", "gum arabic transfer", "paper litho").build();

    @Override
    public WayCard card() {
        return CARD;
    }

    @Override
    public List<Dial> ownDials(Brief brief) {
        return List.of(
                new Dial("drops", "linseed oil for a spoonful of ink", Preset.practice(6, 6, 15, "drops"), 0, 40, "Too stiff: it pulls the paper apart.", "It creeps into the whites.").at(Where.IMAGE),
                new Dial("ink", "ink, in all", Preset.assumed(8, 5, 12, "µm"), 2, 30, "Patchy.", "Filled-in detail.").at(Where.IMAGE));
    }

    @Override
    public void write(Script script) {
        script.prepare("stations", ThingKind.SUPPORT, Preparation.LAY_STATIONS, "Lay out the stations", "Gum, ink, spray, waste pages, paper, blotter: in order, since gum and ink must stay wet throughout.");
        script.act("let-down", new Step.Mix(Mixtures.LET_DOWN_INK.with(1, script.dial("drops") * Volume.DROP_MILLILITRES), 0), "Let the ink down", "These drops for a spoonful, then three at a time, until it flows slowly off the knife; colours differ.", 5,
                Answer.goOn("It flows slowly off the knife", "as it should"), Answer.rescue(Drops.STIFF, "Three drops of oil more, and try it off the knife again."),
                Answer.goOn(Drops.RUNNY, "let some ink in again; it creeps into the whites"));
        script.support();
        script.groundSealed(Products.GLOSS_MEDIUM, "gum-back");
        script.print();
        script.act("gum-back", Step.coat(Face.PRINT_BACK, Products.GUM_ARABIC, 40, Tool.SPONGE), "Gum on the back", "Wet through.", 1);
        script.act("gum-face", Step.coat(Face.PRINT_FRONT, Products.GUM_ARABIC, 40, Tool.SPONGE), "Turn it; gum on the face", "All over; wipe off what stands.", 1);
        script.open("gum-back", "gum-face", Face.PRINT_BACK, Stage.OPEN, 10, "Gum must stay wet.");
        script.bed("ink", Step.coat(Face.PRINT_FRONT, Products.LITHO_INK, script.dial("ink") * (script.brief().wish() == Wish.GHOSTED ? SECOND_PRINT : 1), Tool.BRAYER).on(Part.DARKS).of(script.tint("ink")), "Ink it in light layers",
                "From the centre outwards, on waste pages; ink sits on the toner.", 3);
        script.open("gum-face", "ink", Face.PRINT_FRONT, Stage.OPEN, 10, "Where gum dries, ink takes.");
        script.act("spray", new Step.Blot(Face.PRINT_FRONT), "Spray and sponge until the whites are clean", "Then blot.", 2,
                Answer.goOn("The whites are clean", ""), Answer.rescue("Tint in the whites", "Rinse more."));
        script.act("lay", new Step.Join(Face.PRINT_FRONT, Face.SUPPORT_FRONT, false), "Lay it face down", "On paper, or straight into the sketchbook; a blotter over it.", 0.5);
        script.open("ink", "lay", Face.PRINT_FRONT, Stage.OPEN, 15, "Gum and ink stay wet throughout.");
        script.act("press", new Step.Press(Face.PRINT_FRONT, script.chose(PRESS, "spoon") ? Tool.SPOON : Tool.BAREN), "Press", "All over, edges last.", 2);
        script.act("lift", new Step.Part(ThingKind.PRINT, Face.SUPPORT_FRONT, Split.GIVE), "Lift the copy", "It is used up: a new copy for each print.", 0.5);
        script.open("lay", "lift", Face.PRINT_FRONT, Stage.OPEN, 15, "Dry gum glues the sheets together.");
        script.wash("ink");
        script.act("rags", new Step.Move(ThingKind.SUPPORT, Place.HANG), "Hang the print; see to the rags", "Linseed rags flat outdoors, or under water in a lidded can.", 2);
        script.act("look", new Step.Judge(Face.SUPPORT_FRONT), "Look at it, dry", "A day or more for the ink.", 1);
        script.rest("rags", "look", 1440, 2880, "Oil ink dries by air, not by water leaving.", Provenance.PRACTICE);
    }
}
