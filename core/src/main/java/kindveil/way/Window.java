package kindveil.way;

import java.time.Duration;
import kindveil.bench.Face;
import kindveil.drying.Stage;
import kindveil.measure.Provenance;

/** A wait between the end of one act and the start of another, neighbours or not. */
public sealed interface Window {
    /** Key of the act it begins at the end of. */
    String from();

    /** Key of the act it ends at the start of. */
    String to();

    /** The latest practice allows, or null where more never harms. */
    default Duration most() {
        return null;
    }

    /** Why, in one sentence. */
    String why();

    Provenance provenance();

    /**
     * Only a maximum: what was laid must still be wet.
     *
     * @param bed the face that must be open, or null where it is a tool that hardens
     * @param limit how dry the bed may be at most; of no matter without one
     * @param most the longest practice allows; the drying model may shorten it
     */
    record Open(String from, String to, Face bed, Stage limit, Duration most, String why, Provenance provenance) implements Window {
    }

    /** Two-sided: parted while wet, neither sooner nor later. */
    record Dwell(String from, String to, Duration least, Duration most, String why, Provenance provenance) implements Window {
    }

    /**
     * Only a minimum.
     *
     * @param on the face that dries
     * @param stage how dry it must be, or null where practice alone tells
     * @param least never sooner than this, whatever the model says
     * @param usual what practice advises
     */
    record Dry(String from, String to, Face on, Stage stage, Duration least, Duration usual, String why,
            Provenance provenance) implements Window {
    }

    /** Water must act. @param most when it begins to harm, or null */
    record Soak(String from, String to, Duration least, Duration most, String why, Provenance provenance) implements Window {
    }
}
