package kindveil.way;

import kindveil.light.Colour;
import org.jspecify.annotations.Nullable;

/**
 * A colour to choose.
 *
 * @param key its name within the way
 * @param words what it is for
 * @param usual the colour unless another is chosen
 * @param where it lies
 * @param choice that it goes with, or null where it is always used
 * @param option of that choice with which alone it is used
 */
public record Pot(String key, String words, Colour usual, Where where, @Nullable String choice, @Nullable String option) {
    /** Of a colour that lies under the image, or is all that a way lays down. */
    public static Pot of(String key, String words, String hex) {
        return of(key, words, hex, Where.BED);
    }

    public static Pot of(String key, String words, String hex, Where where) {
        return new Pot(key, words, Colour.parse(words, hex), where, null, null);
    }

    /** Used with one option of a choice alone. */
    public Pot only(Choice with, String of) {
        return new Pot(key, words, usual, where, with.key(), of);
    }
}
