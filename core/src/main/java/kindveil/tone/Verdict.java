package kindveil.tone;

import java.util.Comparator;
import java.util.List;

/**
 * Whether a picture will carry, and why.
 *
 * @param grade the worst that any reason says
 * @param reasons the weightiest first; never empty
 */
public record Verdict(Grade grade, List<Reason> reasons) {

    /** From the best to the worst. */
    public enum Grade {
        CARRIES("will carry"), WITH_CARE("will carry with care"), POOR("will not carry as it is");

        private final String words;

        Grade(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * One finding.
     *
     * @param grade how grave it is
     * @param fact what was measured, with its value
     * @param meaning what follows for the transfer
     */
    public record Reason(Grade grade, String fact, String meaning) {
    }

    static Verdict of(List<Reason> reasons) {
        List<Reason> ordered = reasons.stream().sorted(Comparator.comparing(Reason::grade).reversed()).toList();
        return new Verdict(ordered.getFirst().grade(), ordered);
    }
}
