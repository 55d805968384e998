package kindveil.way;

import java.util.List;
import kindveil.bench.Preparation;
import kindveil.bench.Support;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.way.Choice.Option;

/** Choices that many ways share: what practitioners do differently, with what each buys and costs. */
public final class Schools {
    public static final String FAN = "fan";
    public static final String HEAT = "heat";
    public static final String CUPBOARD = "cupboard";
    private static final Option IN_THE_WARM = new Option(CUPBOARD, "a warm cupboard, 35 °C", "coats dry sooner, in a damp room too", "one that never dries food again; nothing that smells of solvent");
    public static final String BY_WISH = "as-wished";
    public static final String SEAL = "seal";
    public static final String INVERTED = "inverted";

    public static final Choice MEDIUM = new Choice("medium", "Medium", Where.BED, List.of(
            new Option("gloss", "gloss", "clear, deep darks", "shine, a little tack"),
            new Option("matte", "matte", "soft, easy to paint over", "lifts the darks, clouds when stacked")));
    public static final String PUMICE = "pumice";
    /** The same where a gel with tooth is in use too. */
    public static final Choice MEDIUM_OR_PUMICE = new Choice(MEDIUM.key(), MEDIUM.question(), MEDIUM.where(), List.of(MEDIUM.options().get(0), MEDIUM.options().get(1),
            new Option(PUMICE, "fine pumice", "tooth for pastel and pencil", "a grey veil over everything below")));
    public static final Choice WEIGHT = new Choice("weight", "While it dries", Where.DRYING, List.of(
            new Option("none", "lying free", "dries faster", "thin paper may cockle"),
            new Option("flat", "under a flat weight", "flatter, better contact", "dries several times slower")));
    public static final Choice HURRY = new Choice("hurry", "Hurry", Where.DRYING, List.of(
            new Option("wait", "let it dry", "safe", "patience"),
            new Option(FAN, "a fan", "coats dry sooner, down to practice's least", "curls thin sheets"), IN_THE_WARM));
    public static final Choice HURRY_HOT = new Choice("hurry", "Hurry", Where.DRYING, List.of(
            new Option("wait", "let it dry", "safe", "patience"),
            new Option(FAN, "a fan", "coats dry sooner, down to practice's least", "curls thin sheets"),
            new Option(HEAT, "heat tool at 20 to 25 cm", "some tens of minutes", "bubbles, scorch; standing by it all the time"), IN_THE_WARM));
    public static final Choice PASSES = new Choice("passes", "Rounds of rubbing", Where.PAPER, List.of(
            new Option(BY_WISH, "as the wish asks", "planned from your wish", "you judge after each"),
            new Option("1", "one", "a ghost", "white veil stays"),
            new Option("2", "two", "soft", "some veil stays"),
            new Option("3", "three", "nearly clear", "more care at thin places"),
            new Option("4", "four", "black as the copy", "risk of breaking through")));
    public static final Choice GROUND = new Choice("ground-seal", "The ground", Where.GROUND, List.of(
            new Option("as-is", "as it is", "nothing more to do", "it must be dry and bear water"),
            new Option(SEAL, "sealed with clear medium first", "bears water, holds leaf and papers", "one more dried coat; less absorbent")));
    public static final Choice TONES = new Choice("tones", "Histogram of the print", Where.IMAGE, List.of(
            new Option("as-is", "as the source is", "dark paint makes darks", "light paint over dark gives a tonal negative"),
            new Option(INVERTED, "inverted before printing", "light paint over dark reads as a positive", "the print looks like a negative: label it")));

    public static final Choice GROUND_ASIDE = GROUND.folded();
    /** What a thin bed is laid with. */
    public static final Choice SPREAD = new Choice("spread", "Spread with", Where.LAYING, List.of(
            new Option("brush", "a soft wide brush", "into every corner", "streaks when it drags"),
            new Option("roller", "a foam roller", "even, and quick on large areas", "drinks some of it, leaves a stipple"),
            new Option("brayer", "a brayer", "quickest of all", "from 160 µm on it pushes up ridges"),
            new Option("card", "a card or knife", "levels a thick bed", "slow on large areas")), true);
    public static final Choice MEDIUM_ASIDE = MEDIUM.folded();

    public static final String CLOTH = "cloth";
    public static final String TOOTHBRUSH = "brush";
    /** What the paper is rubbed away with. */
    public static final Choice RUB = new Choice("rub", "Rubbed away with", Where.PAPER, List.of(
            new Option("fingers", "fingertips", "they feel where the image begins to give", "the slowest"),
            new Option(CLOTH, "a wet cloth", "a fifth quicker", "takes a little of the image along"),
            new Option(TOOTHBRUSH, "a soft toothbrush", "a third quicker, into every hollow", "tears out what is not quite dry")), true);

    public static final String LUKEWARM = "lukewarm";
    public static final String WARM = "warm";
    /** How warm the water is that the paper is rubbed away with. */
    public static final Choice WARMTH = new Choice("warmth", "The water", Where.PAPER, List.of(
            new Option("cool", "cool, from the tap", "the film stays firm", "paper takes it up slowly"),
            new Option(LUKEWARM, "lukewarm", "sooner through the paper, easier rubbing", "softens the film a little"),
            new Option(WARM, "warm as a bath", "soonest through", "the film is soft under the finger")), true);
    public static final String DIPPED = "dipped";
    /** How the paper of something loose is wetted. */
    public static final Choice WETTED = new Choice("wetted", "The paper is wetted", Where.PAPER, List.of(
            new Option("there", "where it lies", "only the print gets wet", "evenly grey takes patience"),
            new Option(DIPPED, "dipped in a bowl, a minute", "wet through at once, easier rubbing", "all of it gets wet: loose sheets that bear it")), true, Support.Trait.SOAKS);
    public static final String SANDED = "sanded";
    /** Whether the back of the paper is opened. */
    public static final Choice PAPER_BACK = new Choice("paper-back", "Back of the paper", Where.PAPER, List.of(
            new Option("left", "left as it is", "nothing can be cut through", "water takes its time"),
            new Option(SANDED, "sanded lightly", "water gets in sooner, less to rub", "dust; it may cut through")), true);
    public static final String BLOTTED = "blotted";
    /** What is done between rounds, before a dry look. */
    public static final Choice BETWEEN = new Choice("between", "Between rounds", Where.PAPER, List.of(
            new Option("left", "left to dry", "nothing touches the image", "a quarter of an hour each time"),
            new Option(BLOTTED, "blotted with a dry cloth", "white shows in half the time", "a press too many can lift it")), true);

    private static final Option BY_FINGERS = new Option("fingers", "fingers", "you feel every bubble", "slow on large areas");
    private static final Option BY_CARD = new Option("card", "the edge of a card", "drives air and surplus out", "slides a thin print if it is held flat");
    private static final Option BY_BAREN = new Option("baren", "a baren", "strong and even", "squeezes a thick bed out");
    private static final Option BY_BRAYER = new Option("brayer", "a brayer", "quickest", "squeezes; a thick bed comes up in ridges");
    private static final String PRESSED = "pressed";
    /** What a print is rubbed down with; the first is how the way is practised. */
    public static final Choice PRESSED_BY_HAND = new Choice(PRESSED, "Pressed down with", Where.LAYING, List.of(BY_FINGERS, BY_CARD, BY_BAREN, BY_BRAYER), true);
    public static final Choice PRESSED_BY_CARD = new Choice(PRESSED, "Pressed down with", Where.LAYING, List.of(BY_CARD, BY_FINGERS, BY_BAREN), true);
    public static final Choice PRESSED_BY_BRAYER = new Choice(PRESSED, "Pressed down with", Where.LAYING, List.of(BY_BRAYER, BY_FINGERS, BY_CARD, BY_BAREN), true);

    /** What a print is rubbed down with, as it was chosen. */
    public static Tool presser(Script script) {
        return switch (script.chosen(PRESSED)) {
            case "card" -> Tool.CARD;
            case "baren" -> Tool.BAREN;
            case "brayer" -> Tool.BRAYER;
            default -> Tool.FINGERS;
        };
    }

    public static final String TAPED = "taped";
    /** How a film is kept from sliding. */
    public static final Choice FILM = new Choice("film", "The film is", Where.LAYING, List.of(
            new Option("held", "held by hand", "nothing to prepare", "it slides more easily"),
            new Option(TAPED, "taped along its leading edge", "cannot slide while it is pressed", "a minute more; its tape must miss the image")), true);
    public static final Choice FILM_TAPED = new Choice(FILM.key(), FILM.question(), FILM.where(), List.of(FILM.options().get(1), FILM.options().get(0)), true);

    /** Tapes the film of a way to what it is laid on, where that is chosen. */
    public static void film(Script script) {
        if (script.chosen(FILM.key()).equals(TAPED)) {
            script.prepare("tape-film", ThingKind.PRINT, Preparation.TAPE_FILM, "Tape the film along its leading edge", "Outside the image, so that it falls like a page.", 1);
        }
    }

    public static final String NOW = "now";
    /** Of a support of wood; every transfer that can be done on wood asks it. */
    public static final Choice BACK = new Choice("wood-back", "Edges and back of the wood", Where.SUPPORT, List.of(
            new Option("before", "sealed a day before", "no wait today", "it has to be done by then"),
            new Option(NOW, "sealed now", "nothing is forgotten", "a coat, and the wait until it can be turned over")), true, Support.Trait.WOOD);

    /** The tool a bed is laid with, as it was chosen. */
    public static Tool spreader(Script script) {
        return switch (script.chosen(SPREAD.key())) {
            case "roller" -> Tool.FOAM_ROLLER;
            case "brayer" -> Tool.BRAYER;
            case "card" -> Tool.SPREADER;
            default -> Tool.BRUSH;
        };
    }

    private Schools() {
    }
}
