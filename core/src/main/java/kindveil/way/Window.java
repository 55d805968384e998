package kindveil.way;

import java.time.Duration;
import java.util.Optional;
import kindveil.bench.Face;
import kindveil.drying.Stage;
import kindveil.measure.Provenance;
import kindveil.measure.Span;
import org.jspecify.annotations.Nullable;

/** A wait between the end of one act and the start of another, neighbours or not. */
public sealed interface Window {
    /** The act it begins at the end of. */
    ActId from();

    /** The act it ends at the start of. */
    ActId to();

    /** Why, in one sentence. */
    String why();

    Provenance provenance();

    /** The latest practice allows, or null where more never harms. */
    default @Nullable Duration most() {
        return switch (this) {
            case Open open -> open.latest();
            case Dwell dwell -> dwell.latest();
            case Soak soak -> soak.latest();
            case Dry dry -> null;
        };
    }

    /** The coats whose drying is waited for, where it is coats. */
    default Optional<Dries.Coats> coats() {
        return this instanceof Dry dry && dry.what() instanceof Dries.Coats coats ? Optional.of(coats) : Optional.empty();
    }

    /**
     * Only a maximum: what was laid must still be wet.
     *
     * @param bed the face that must be open, or null where practice alone tells: a tool that hardens, paper that drinks
     * @param limit how dry the bed may be at most; of no matter without one
     * @param latest the longest practice allows; the drying model may shorten it
     */
    record Open(ActId from, ActId to, @Nullable Face bed, Stage limit, Duration latest, String why, Provenance provenance) implements Window {
    }

    /** Two-sided: parted while wet, neither sooner nor later. */
    record Dwell(ActId from, ActId to, Duration least, Duration latest, String why, Provenance provenance) implements Window {
    }

    /**
     * Only a minimum.
     *
     * @param what what it is that dries
     * @param least never sooner than this, whatever the model says
     * @param usual what practice advises
     */
    record Dry(ActId from, ActId to, Dries what, Duration least, Duration usual, String why, Provenance provenance) implements Window {
        /** Having rested so long before. */
        Dry rested(Duration before) {
            return new Dry(from, to, what, Span.left(before, least), Span.left(before, usual), why, provenance);
        }
    }

    /** Water must act. @param latest when it begins to harm, or null */
    record Soak(ActId from, ActId to, Duration least, @Nullable Duration latest, String why, Provenance provenance) implements Window {
    }

    /** What dries, and so what tells when it has. */
    sealed interface Dries {
        /** The coats on a face, to a stage. */
        record Coats(Face on, Stage stage) implements Dries {
        }

        /** Damp fibre on a face, until it has turned white. */
        record Fibre(Face on) implements Dries {
        }

        /** A sheet that was in a bath. @param hung whether both its faces are in the air */
        record Sheet(boolean hung) implements Dries {
        }

        /** All coats on a face, until they have cured. */
        record Cured(Face on) implements Dries {
        }

        /** What practice alone knows. */
        record Practice() implements Dries {
        }
    }
}
