package kindveil.way;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import kindveil.measure.Words;

/** What an artist sees or feels when something went wrong, in plain words, and the look that tells which cause it has. */
public enum Symptom {
    CLOUDY("It came out cloudy", "Mist it: what goes while it is wet is paper that was left. Milky and cool to the touch is water still in it. What stays, wet or dry, is matte medium.", "milky", "grey veil", "white haze", "ghosts", "pale"),
    LIFTED("The image came off", "Touch the bed beside the gap: cool or soft, and it was not through. Hard and warm, and it was rubbed too far.", "lifts", "holes", "rubbed through", "peels off"),
    BARE("Bare patches", "Hold it against the light. Shiny and bare: nothing held the image there. Dull and bare: the ink never let go of its sheet.", "missing", "spots", "did not let go", "half of it stayed", "patchy"),
    SMEARED("It smeared or ran", "Look at a straight line: doubled, and it slid. Soft on both sides, and its ink ran in water. Drawn out one way, and it was dragged.", "smudged", "bleeds", "slid", "blurred", "runs"),
    BUBBLES("Bubbles or creases", "Press one with a fingertip: it moves, and air is under it. It stays, and the sheet has stretched.", "wrinkles", "blisters", "silvery", "kinks"),
    STREAKS("Streaks, ridges or beads", "Look along it in raking light: lines one way are the tool's, islands are a surface that will not be wetted.", "uneven", "stripes", "salty", "beading"),
    STICKY("It stays sticky, or sticks no longer", "Lay a slip of paper on it for a minute: it clings to what is not cured, and slides on dust or fibre.", "tacky", "gluey", "does not stick"),
    EDGE("Its edge shows or lifts", "Run a fingernail across it: it catches on what stands up; a rim that is only seen is a change of sheen.", "rim", "halo", "rectangle", "edge lifts"),
    TORN("It tore", "Look at the tear: furry, and it was wet. Clean, and it was pulled or too thin.", "ripped", "parts", "split"),
    TONES("Too dark, too pale, another colour", "Hold the print that was left over beside it: if that is pale too, it was printed so.", "faded", "tinted", "dull", "wrong colour", "too light"),
    CRACKED("It cracked, or would not", "Look how deep they go: fine lines on top come from heat, wide ones to the ground from thickness.", "cracks", "crackle", "scorched", "burnt"),
    REFUSES("Something will not take or go in", "Breathe on it: what stays clear is oily or coated, and water-borne things will not take there.", "jams", "dull tools", "resists", "will not float", "stiff");

    private static final int LEAST_ALIKE = 3;
    private static final List<String> FILLING = List.of("the", "its", "came", "out", "image", "are", "was", "has", "and", "why", "not");
    private final String words;
    private final String tells;
    private final List<String> alsoSaid;

    Symptom(String words, String tells, String... alsoSaid) {
        this.words = words;
        this.tells = tells;
        this.alsoSaid = List.of(alsoSaid);
    }

    public String words() {
        return words;
    }

    /** The look that tells what it is. */
    public String tells() {
        return tells;
    }

    public String key() {
        return Words.token(this);
    }

    /** Those of which every word speaks that says something. */
    public static List<Symptom> said(String text) {
        List<String> words = Arrays.stream(text.toLowerCase(Locale.ROOT).split("[^\\p{L}]+")).filter(word -> word.length() >= LEAST_ALIKE && !FILLING.contains(word)).toList();
        return words.isEmpty() ? List.of() : Arrays.stream(values()).filter(symptom -> words.stream().allMatch(symptom::speaksOf)).toList();
    }

    private boolean speaksOf(String word) {
        return Arrays.stream((words + " " + String.join(" ", alsoSaid)).toLowerCase(Locale.ROOT).split("[^\\p{L}]+")).anyMatch(own -> akin(own, word));
    }

    /** Words that begin alike: cloudy and cloudiness, smeared and smears. */
    private static boolean akin(String one, String other) {
        int alike = 0;
        int shorter = Math.min(one.length(), other.length());
        while (alike < shorter && one.charAt(alike) == other.charAt(alike)) {
            alike++;
        }
        return alike >= Math.max(LEAST_ALIKE, shorter - 2);
    }
}
