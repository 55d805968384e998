package kindveil.bench;

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
        NOT_THERE, STILL_IN_USE, ALREADY_JOINED, NOT_JOINED, NO_WET_BED, BED_CLOSED, NOT_DRY, STILL_LOADED, NOTHING_LOADED, DRY_PAPER,
        PAPER_SEALED_IN, WATER_RUNS_INK, WATER_RUNS_GROUND, NOT_OVER, PAPER_STILL_ON, STILL_WET, NOT_CURED,
        GROUND_NOT_DRY, NOT_PREPARED, WEAK_BOTTLE, WRONG_SIDE, NO_RELEASE, HOLDS_NO_PAINT, HIDES_THE_GROUND, DOES_NOT_LIE, DOES_NOT_LIFT, DOES_NOT_RUB, TOO_SOON_TO_PEEL,
        DWELL_PASSED, PAINT_DRIED, RECEIVER_ON, BOUND_PAGE, WARPS, TEARS, NO_RECEPTIVE_COAT, NOTHING_DISSOLVES, FLAMMABLE, MELTS, TOO_CLOSE,
        NOT_TO_BE_CUT, WRONG_TOOL, SOLUBLE_BELOW, NOTHING_HOLDS, LOOSE_BELOW, BENDS
    }

    public String words() {
        return reason + " " + remedy;
    }
}
