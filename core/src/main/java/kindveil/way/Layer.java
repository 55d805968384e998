package kindveil.way;

import java.time.Duration;
import kindveil.light.Fibre;
import kindveil.light.Toner;

/** One layer on a face; lists of layers run from the thing outwards. */
public sealed interface Layer {

    /** What was on the support before. */
    record Undercolour(Ground ground) implements Layer {
    }

    /** A coat of something wet. @param wetness null once it is of no more concern: oil, which does not dry */
    record Coating(Material material, double wetMicrometres, Wetness wetness) implements Layer {
        /** Thickness once its water has left, µm. */
        public double dryMicrometres() {
            return wetMicrometres * (1 - material.volatileShare());
        }
    }

    /**
     * The image itself.
     *
     * @param hand as seen from outside the face it lies on; it turns whenever the image passes to another face
     */
    record Image(PrintKind print, Toner toner, Hand hand) implements Layer {
    }

    /** The paper that carries the image. @param damp whether water has softened it */
    record Carrier(double gramsPerSquareMetre, boolean damp) implements Layer {
    }

    /**
     * Paper fibre that stayed on the image.
     *
     * @param passes rounds of rubbing behind it, at least 1
     * @param wetted when water last reached it, on the bench's time
     */
    record Residue(double gramsPerSquareMetre, Fibre.Filling filling, int passes, Duration wetted) implements Layer {
        /** How long damp fibre takes to turn white again (practice). */
        public static final Duration DRIES_IN = Duration.ofMinutes(15);

        Residue filled(Fibre.Filling other) {
            return new Residue(gramsPerSquareMetre, other, passes, wetted);
        }

        boolean bare() {
            return filling == Fibre.Filling.AIR || filling == Fibre.Filling.WATER;
        }
    }
}
