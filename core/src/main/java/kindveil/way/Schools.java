package kindveil.way;

import java.util.List;
import kindveil.way.Choice.Option;

/** Choices that many ways share: what practitioners do differently, with what each buys and costs. */
public final class Schools {
    public static final String FAN = "fan";
    public static final String HEAT = "heat";
    public static final String BY_WISH = "as-wished";
    public static final String SEAL = "seal";
    public static final String INVERTED = "inverted";

    public static final Choice MEDIUM = new Choice("medium", "Medium", List.of(
            new Option("gloss", "gloss", "clear, deep darks", "shine, a little tack"),
            new Option("matte", "matte", "soft, easy to paint over", "lifts the darks, clouds when stacked")));
    public static final Choice WEIGHT = new Choice("weight", "While it dries", List.of(
            new Option("none", "lying free", "dries faster", "thin paper may cockle"),
            new Option("flat", "under a flat weight", "flatter, better contact", "dries several times slower")));
    public static final Choice HURRY = new Choice("hurry", "Hurry", List.of(
            new Option("wait", "let it dry", "safe", "patience"),
            new Option(FAN, "a fan", "about half the time", "curls thin sheets")));
    public static final Choice HURRY_HOT = new Choice("hurry", "Hurry", List.of(
            new Option("wait", "let it dry", "safe", "patience"),
            new Option(FAN, "a fan", "about half the time", "curls thin sheets"),
            new Option(HEAT, "heat tool at 20 to 25 cm", "some tens of minutes", "bubbles, scorch; standing by it all the time")));
    public static final Choice PASSES = new Choice("passes", "Rounds of rubbing", List.of(
            new Option(BY_WISH, "as the wish asks", "planned from your wish", "you judge after each"),
            new Option("1", "one", "a ghost", "white veil stays"),
            new Option("2", "two", "soft", "some veil stays"),
            new Option("3", "three", "nearly clear", "more care at thin places"),
            new Option("4", "four", "black as the copy", "risk of breaking through")));
    public static final Choice GROUND = new Choice("ground-seal", "The ground", List.of(
            new Option("as-is", "as it is", "nothing more to do", "it must be dry and bear water"),
            new Option(SEAL, "sealed with clear medium first", "bears water, holds leaf and papers", "one more dried coat; less absorbent")));
    public static final Choice TONES = new Choice("tones", "Histogram of the print", List.of(
            new Option("as-is", "as the source is", "dark paint makes darks", "light paint over dark gives a tonal negative"),
            new Option(INVERTED, "inverted before printing", "light paint over dark reads as a positive", "the print looks like a negative: label it")));

    private Schools() {
    }
}
