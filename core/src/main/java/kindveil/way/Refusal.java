package kindveil.way;

/**
 * Why the bench does not take a step.
 *
 * @param kind which rule speaks
 * @param place where
 * @param reason what would happen, with the values that say so
 * @param remedy what to do instead
 */
public record Refusal(Kind kind, Face place, String reason, String remedy) {
    /** The rules a bench keeps. */
    public enum Kind {
        NOT_THERE, ALREADY_JOINED, NOT_JOINED, NO_WET_BED, BED_CLOSED, NOT_DRY, STILL_LOADED, NOTHING_LOADED, DRY_PAPER,
        PAPER_SEALED_IN, WATER_RUNS_INK, WATER_RUNS_GROUND, WATER_OVER_OIL, PAPER_STILL_ON, STILL_WET, NOT_CURED
    }

    public String words() {
        return reason + " " + remedy;
    }
}
