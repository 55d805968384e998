package kindveil.bench;

/**
 * Something the bench takes, though it may not come well.
 *
 * @param grade how much of a doubt it is
 * @param reason what may happen
 * @param remedy what makes it better
 */
public record Concern(Grade grade, Face place, String reason, String remedy) {
    /** With care, or poor whatever the care. */
    public enum Grade {
        CARE, POOR
    }

    public String words() {
        return reason + " " + remedy;
    }
}
