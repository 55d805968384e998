package kindveil.measure;

import java.util.Locale;

/** Spelling that sentences and addresses share. */
public final class Words {
    private Words() {
    }

    /** To begin a sentence with. */
    public static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    /** As much of a text as can be shown in a sentence. */
    public static String shown(String text, int most) {
        return text.length() > most ? text.substring(0, most) + "…" : text;
    }

    /** Text a person could have written: tabs and new lines, but no other control signs. */
    public static String requireWritten(String thing, String text) {
        if (text.chars().anyMatch(sign -> Character.isISOControl(sign) && sign != '\n' && sign != '\r' && sign != '\t')) {
            throw new UnusableValue(thing, text.replaceAll("\\p{Cntrl}", "·"), "words, and there is a control sign in it", "Type it anew rather than pasting it.");
        }
        return text;
    }

    /** A constant in small letters with hyphens, as addresses, forms and files write it. */
    public static String token(Enum<?> constant) {
        return token(constant.name());
    }

    /** The name of a constant so written. */
    public static String token(String name) {
        return name.toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
