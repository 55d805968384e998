package kindveil.way;

import kindveil.measure.UnusableValue;

/**
 * Which act of a work.
 *
 * @param part which way of the work it belongs to, from 0
 * @param key its name within that way
 */
public record ActId(int part, String key) {
    public ActId {
        if (part < 0 || key.isBlank() || key.indexOf('.') >= 0) {
            throw new UnusableValue("act", part + "." + key, "the number of its way, a dot and its name", "Look at the plan again.");
        }
    }

    /** Of a way on its own, or of the first. */
    public static ActId first(String key) {
        return new ActId(0, key);
    }

    /** Inverse of {@link #toString}; a name alone is of the first way. */
    public static ActId parse(String text) {
        int dot = text.indexOf('.');
        if (dot < 0) {
            return first(text);
        }
        String number = text.substring(0, dot);
        if (!number.matches("[1-9][0-9]?")) {
            throw new UnusableValue("act", text, "the number of its way, a dot and its name", "Look at the plan again.");
        }
        return new ActId(Integer.parseInt(number) - 1, text.substring(dot + 1));
    }

    @Override
    public String toString() {
        return part + 1 + "." + key;
    }
}
