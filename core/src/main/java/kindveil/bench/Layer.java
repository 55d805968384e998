package kindveil.bench;

import java.time.Duration;
import java.util.Optional;
import kindveil.drying.Damp;
import kindveil.drying.Drying;
import kindveil.drying.RoomCourse;
import kindveil.drying.Stage;
import kindveil.light.Colour;
import kindveil.light.Fibre;
import kindveil.light.Toner;
import kindveil.measure.Span;
import kindveil.product.Product;
import org.jspecify.annotations.Nullable;

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
     * @param air in which what dries by practice dries
     * @param drying its life, or null where the drying model does not know the product
     */
    record Coating(Product product, double wetMicrometres, Mask mask, Extent extent, @Nullable Colour colour, Duration laid, RoomCourse air, @Nullable Drying drying) implements Layer {
        private static final double SLACK = 0.005;
        private static final Duration VAPOUR_STAYS = Span.minutes(30);

        /** Thickness once its water has left, µm. */
        public double dryMicrometres() {
            return wetMicrometres * product.staysShare();
        }

        Coating with(@Nullable Drying other) {
            return new Coating(product, wetMicrometres, mask, extent, colour, laid, air, other);
        }

        Coating on(Mask other) {
            return new Coating(product, wetMicrometres, other, extent, colour, laid, air, drying);
        }

        @Override
        public Layer turned() {
            return on(mask.turned());
        }

        /** Whether its vapour is still in the air, and can catch fire. */
        public boolean vapours(Duration now) {
            return product.flammable() && now.minus(laid).compareTo(VAPOUR_STAYS) < 0;
        }

        /** Share of its first water left, 0 to 1; nought where the drying model does not know it. */
        public double waterShare(Duration now) {
            return drying == null ? 0 : drying.waterShare(now);
        }

        /** Whether it still takes a print at {@code now}. */
        boolean open(Duration now, Stage limit) {
            return drying == null ? now.minus(laid).compareTo(product.law().open(air.at(laid))) <= 0 : drying.waterShare(now) >= limit.waterShare() - SLACK;
        }

        /** How long until it reaches a stage: nought when it has; empty when it never will in this air. */
        public Optional<Duration> until(Stage stage, Duration now) {
            if (drying == null) {
                return Optional.of(Span.left(now, laid.plus(product.law().sets(air.at(laid)))));
            }
            if (drying.waterShare(now) <= stage.waterShare() + 0.0005) {
                return Optional.of(Duration.ZERO);
            }
            return drying.reaches(stage).map(t -> Span.left(now, t));
        }
    }

    /**
     * The image itself.
     *
     * @param mask its darks; the hand in it turns whenever the image passes to another face
     * @param colourShare how much of the picture is coloured, 0 to 1
     * @param coverage how much of it solid ink covers, 0 to 1
     * @param kept share of its ink that water has left it, 0 to 1
     * @param run share of its dye that ran and lies around as a stain, 0 to 1
     */
    record Image(PrintKind print, Toner toner, Mask mask, double colourShare, double coverage, double kept, double run) implements Layer {
        /** As it comes from the printer. */
        public Image(PrintKind print, Toner toner, Mask mask, double colourShare, double coverage) {
            this(print, toner, mask, colourShare, coverage, 1, 0);
        }

        public Hand hand() {
            return mask.hand();
        }

        /** Whether it is printed in colours: a black and white picture is printed black. */
        public boolean inColours() {
            return print.inColours() && colourShare > 0;
        }

        /** With only a share of its ink left. */
        Image faded(double share) {
            return new Image(print, toner, mask, colourShare, coverage, kept * share, run);
        }

        /** With a share of its dye gone astray. */
        Image run(double share) {
            return new Image(print, toner, mask, colourShare, coverage, kept * (1 - share), run + kept * share);
        }

        @Override
        public Layer turned() {
            return new Image(print, toner, mask.turned(), colourShare, coverage, kept, run);
        }
    }

    /**
     * The sheet that carries the image.
     *
     * @param damp whether water has softened it
     * @param gramsPerSquareMetre how heavy it is
     */
    record Carrier(Sheet sheet, boolean damp, double gramsPerSquareMetre) implements Layer {
        /** What a light sanding takes off, g/m² (assumed). */
        public static final double SANDED_OFF = 8;
        private static final double LEAST_LEFT = 20;

        /** Of the weight such sheets have. */
        public Carrier(Sheet sheet, boolean damp) {
            this(sheet, damp, sheet.gramsPerSquareMetre());
        }

        /** Its outer fibre sanded off. */
        Carrier sanded() {
            return new Carrier(sheet, damp, Math.max(LEAST_LEFT, gramsPerSquareMetre - SANDED_OFF));
        }
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
     * @param picture which picture of the work it lies on, from 0
     * @param white when damp fibre has turned white again, on the bench's time; null while it is not damp, or where it never will
     */
    record Residue(double gramsPerSquareMetre, Fibre.Filling filling, int passes, int picture, @Nullable Duration white) implements Layer {
        /** How long damp fibre takes to turn white again, by practice. */
        public static final Duration DRIES_IN = Duration.ofMinutes(15);
        /** The same of fibre that was blotted (assumed). */
        public static final Duration BLOTTED_DRIES_IN = Duration.ofMinutes(6);

        /** Damp from {@code now} on. */
        static Residue damp(double gramsPerSquareMetre, int passes, int picture, RoomCourse air, Duration now) {
            return new Residue(gramsPerSquareMetre, Fibre.Filling.WATER, passes, picture, Damp.residue().dry(air, now).orElse(null));
        }

        /** With what stood between its fibres taken up by a cloth. */
        Residue blotted(RoomCourse air, Duration now) {
            return filling == Fibre.Filling.WATER ? new Residue(gramsPerSquareMetre, filling, passes, picture, Damp.blotted().dry(air, now).orElse(null)) : this;
        }

        Residue filled(Fibre.Filling other) {
            return new Residue(gramsPerSquareMetre, other, passes, picture, null);
        }

        Residue atMost(double grams, int pass) {
            return new Residue(Math.min(gramsPerSquareMetre, grams), filling, pass, picture, white);
        }

        public boolean bare() {
            return filling == Fibre.Filling.AIR || filling == Fibre.Filling.WATER;
        }
    }
}
