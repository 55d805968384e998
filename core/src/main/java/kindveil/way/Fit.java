package kindveil.way;

/**
 * How well something suits a way, by itself.
 *
 * @param verdict the best it can be
 * @param reason why, or what it needs first; empty when there is nothing to say
 */
public record Fit(Verdict verdict, String reason) {
    /** From sound to no. */
    public enum Verdict {
        SOUND("sound"), WITH_CARE("with care"), POOR("poor"), NO("no");

        private final String words;

        Verdict(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        public Verdict worse(Verdict other) {
            return ordinal() >= other.ordinal() ? this : other;
        }
    }

    public static Fit sound(String reason) {
        return new Fit(Verdict.SOUND, reason);
    }

    public static Fit care(String reason) {
        return new Fit(Verdict.WITH_CARE, reason);
    }

    public static Fit poor(String reason) {
        return new Fit(Verdict.POOR, reason);
    }

    public static Fit no(String reason) {
        return new Fit(Verdict.NO, reason);
    }
}
