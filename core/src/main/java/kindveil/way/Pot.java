package kindveil.way;

import kindveil.light.Colour;

/**
 * A colour to choose.
 *
 * @param key its name within the way
 * @param words what it is for
 * @param usual the colour unless another is chosen
 */
public record Pot(String key, String words, Colour usual) {
    public static Pot of(String key, String words, String hex) {
        return new Pot(key, words, Colour.parse(words, hex));
    }
}
