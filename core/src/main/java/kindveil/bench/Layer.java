package kindveil.bench;

import java.time.Duration;
import kindveil.drying.Stage;
import kindveil.light.Colour;
import kindveil.light.Fibre;
import kindveil.light.Toner;

/** One layer on a face; lists of layers run from the thing outwards. */
public sealed interface Layer {
    /** Where on the face it lies. */
    default Mask mask() {
        return Mask.ALL;
    }

    /** The same, seen from the other side. */
    default Layer turned() {
        return this;
    }

    /** What was on the support before, and the support itself. */
    record Undercolour(Ground ground, Support support) implements Layer {
    }

    /**
     * A coat of something.
     *
     * @param colour of its pigment, or null for a clear one
     * @param laid when, on the bench's time
     * @param wetness null where the drying model does not know the material
     */
    record Coating(Material material, double wetMicrometres, Mask mask, Extent extent, Colour colour, Duration laid, Wetness wetness) implements Layer {
        /** Thickness once its water has left, µm. */
        public double dryMicrometres() {
            return wetMicrometres * (1 - material.volatileShare());
        }

        Coating with(Wetness other) {
            return new Coating(material, wetMicrometres, mask, extent, colour, laid, other);
        }

        Coating on(Mask other) {
            return new Coating(material, wetMicrometres, other, extent, colour, laid, wetness);
        }

        @Override
        public Layer turned() {
            return on(mask.turned());
        }

        /** Whether it still takes a print at {@code now}. */
        boolean open(Duration now, Stage limit) {
            return wetness == null ? now.minus(laid).compareTo(material.openFor()) <= 0
                    : wetness.waterShare(now) >= limit.waterShare() - 0.005;
        }

        /** How long until it reaches a stage; nought when it has, null when it never will in this air. */
        Duration until(Stage stage, Duration now) {
            if (wetness == null) {
                Duration left = laid.plus(material.setsIn()).minus(now);
                return left.isNegative() ? Duration.ZERO : left;
            }
            if (wetness.waterShare(now) <= stage.waterShare() + 0.0005) {
                return Duration.ZERO;
            }
            return wetness.curve().reaches(stage).map(t -> wetness.since().plus(t).minus(now))
                    .map(t -> t.isNegative() ? Duration.ZERO : t).orElse(null);
        }
    }

    /**
     * The image itself.
     *
     * @param mask its darks; the hand in it turns whenever the image passes to another face
     * @param colourShare how much of the picture is coloured, 0 to 1
     */
    record Image(PrintKind print, Toner toner, Mask mask, double colourShare) implements Layer {
        public Hand hand() {
            return mask.hand();
        }

        @Override
        public Layer turned() {
            return new Image(print, toner, mask.turned(), colourShare);
        }
    }

    /** The sheet that carries the image. @param damp whether water has softened it */
    record Carrier(Sheet sheet, boolean damp) implements Layer {
    }

    /** What stands up on a carved or cut block. @param mask the darks it prints */
    record Relief(Mask mask) implements Layer {
        @Override
        public Layer turned() {
            return new Relief(mask.turned());
        }
    }

    /** The ink-receptive coating of a release film. */
    record Receiver() implements Layer {
    }

    /** A clear foil that stays: packing tape. @param millimetres how wide it is on its roll */
    record Foil(double millimetres) implements Layer {
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

        public boolean bare() {
            return filling == Fibre.Filling.AIR || filling == Fibre.Filling.WATER;
        }
    }
}
