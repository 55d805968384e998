package kindveil.way;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import kindveil.bench.Step;
import kindveil.measure.Preset;
import kindveil.product.Mixture;
import kindveil.product.Product;
import kindveil.product.Tint;
import kindveil.way.Choice.Option;

/** A little colour stirred into the medium a picture lies in: it is seen through all the lights of it. */
public final class Tinting {
    public static final String TINTED = "tinted";
    public static final Choice CHOICE = new Choice("tinting", "Colour in the medium", Where.BED, List.of(
            new Option("clear", "none", "the ground shows as it is", "nothing to draw picture and ground together"),
            new Option(TINTED, "a little stirred in", "warms or cools every light of the picture", "one more cup to mix; hides the ground a little")), true);
    public static final Pot POT = Pot.of("tint", "Colour in the medium", "#c07a2e").only(CHOICE, TINTED);
    public static final Dial SHARE = new Dial("tint-share", "paint in the medium", Preset.assumed(3, 1, 8, "%"), 0.5, 25, "Hardly seen.", "It hides what is under it.");
    private static final double WHOLE = 100;

    private Tinting() {
    }

    public static boolean chosen(Script script) {
        return script.chose(CHOICE, TINTED);
    }

    /** With how much is stirred in, where it was chosen. */
    public static Dial[] dials(Option chosen, Dial... own) {
        return chosen.key().equals(TINTED) ? Stream.concat(Arrays.stream(own), Stream.of(SHARE)).toArray(Dial[]::new) : own;
    }

    /** The medium as it is laid. */
    private static Product stirred(Script script, Product medium) {
        Tint tint = script.tint(POT.key());
        return medium.stirred(script.dial(SHARE.key()) / WHOLE, tint.paint(), tint.colour());
    }

    /** A coat of it; the coat itself where nothing is stirred in. */
    public static Step.Apply coat(Script script, Step.Apply coat) {
        if (!chosen(script)) {
            return coat;
        }
        Product stirred = stirred(script, coat.colour() == null ? coat.product() : coat.product().of(coat.colour()));
        return coat.with(stirred).of(stirred.colour());
    }

    /** Mixed for all coats of it together. */
    public static void stir(Script script, Product medium) {
        if (!chosen(script)) {
            return;
        }
        Tint tint = script.tint(POT.key());
        double share = script.dial(SHARE.key()) / WHOLE;
        Set<kindveil.product.Hazard> hazards = new HashSet<>(medium.hazards());
        if (tint.paint() != null) {
            hazards.addAll(tint.paint().hazards());
        }
        String paint = tint.paint() == null ? "paint of that colour, in drops" : tint.paint().words() + ", in drops";
        script.mix("stir", new Mixture("tinted-" + medium.id(), stirred(script, medium), List.of(new Mixture.Ingredient(medium, 1 - share), new Mixture.Ingredient(paint, share, tint.paint() == null ? null : tint.paint().id())), 0, hazards), 0,
                "Stir the colour into the medium", "A drop at a time and slowly, against bubbles; a dab on white and on your ground, dry, tells.");
    }
}
