package kindveil.bench;

import java.util.Set;
import kindveil.product.Hazard;

/** What is made ready before, between and after coats; some rules ask for one of these. */
public enum Preparation {
    TRIM_PRINT(Hazard.BLADE, Hazard.RIGHTS), CLEAN_SUPPORT, DEGREASE(Hazard.METAL_EDGE, Hazard.DUST), TAPE_DOWN, SEAL_EDGES, WET_SAND(Hazard.DUST),
    LAY_STATIONS(Hazard.RIGHTS), TEST_SHINE, SHAKE_GEL, MARK_REGISTER, MOUNT_ON_BACKING, TOUCH_UP, TRIM_EDGES(Hazard.BLADE), HARDWARE(Hazard.BLADE, Hazard.HANGING),
    TEAR_EDGE, MASK, UNMASK, TAPE_FILM, CUT_OPENING(Hazard.BLADE), PROTECT_TABLE,
    /** Behind glass that a spacer keeps off its face. */
    FRAME(Hazard.GLASS, Hazard.HANGING),
    /** Release paper on its face, to lie against another. */
    INTERLEAVE;

    private final Set<Hazard> hazards;

    Preparation(Hazard... hazards) {
        this.hazards = Set.of(hazards);
    }

    public Set<Hazard> hazards() {
        return hazards;
    }
}
