package kindveil.way;

import java.util.Optional;
import kindveil.measure.Figures;
import kindveil.measure.Preset;
import kindveil.measure.UnusableValue;
import kindveil.measure.Words;

/**
 * A default that may be changed: freely inside its usual range, with a question outside it, never outside the possible.
 *
 * @param key its name within the way
 * @param words what it is
 * @param where it is decided
 * @param usual its value and usual range
 * @param possibleLeast below this it cannot work; likewise {@code possibleMost} above
 * @param below what less than usual does; likewise {@code above} more
 */
public record Dial(String key, String words, Where where, Preset usual, double possibleLeast, double possibleMost, String below, String above) {
    /** Of what lies under the image, or is all that a way lays down. */
    public Dial(String key, String words, Preset usual, double possibleLeast, double possibleMost, String below, String above) {
        this(key, words, Where.BED, usual, possibleLeast, possibleMost, below, above);
    }

    public Dial {
        if (!(possibleLeast <= usual.least() && usual.most() <= possibleMost)) {
            throw new IllegalArgumentException("Impossible state: %s is possible from %s to %s but usual at %s.".formatted(words, possibleLeast, possibleMost, usual));
        }
    }

    public Dial at(Where where) {
        return new Dial(key, words, where, usual, possibleLeast, possibleMost, below, above);
    }

    /** The value itself; refused, with the consequence, outside the possible. */
    public double require(double value) {
        String consequence = value < possibleLeast ? below : above;
        return UnusableValue.requireWithin(words, value, possibleLeast, possibleMost, usual.unit(), "%s Usual is %s.".formatted(consequence, usual));
    }

    /** What to ask about a possible value outside the usual range. */
    public Optional<String> question(double value) {
        if (value >= usual.least() && value <= usual.most()) {
            return Optional.empty();
        }
        boolean less = value < usual.least();
        return Optional.of("%s %s %s is %s than usual (%s): %s Did you mean it?".formatted(Words.capital(words), Figures.plain(value), usual.unit(),
                less ? "less" : "more", usual, less ? below : above));
    }
}
