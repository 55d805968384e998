package kindveil.bench;

import java.time.Duration;
import java.util.Set;
import kindveil.light.Colour;
import kindveil.product.Mixture;
import kindveil.product.Product;
import kindveil.product.Tint;
import org.jspecify.annotations.Nullable;

/** What the hands do, as the bench understands it. A closed set: every reading answers each of them. */
public sealed interface Step {
    /** A thing brought to the bench; one of its kind that is used up is cleared away. */
    record SetOut(Thing thing) implements Step {
    }

    /** Something made ready. */
    record Prepare(ThingKind thing, Preparation what) implements Step {
    }

    /** Something mixed. @param bottlePercent strength of the spirit in its bottle, where one is needed */
    record Mix(Mixture mixture, double bottlePercent) implements Step {
    }

    /**
     * A coat laid on a face.
     *
     * @param wetMicrometres how thick while wet
     * @param part of the picture that lies on the face
     * @param colour of its pigment, or null for a clear one
     * @param share of its place that is covered, 0 to 1: less than all where the cover is broken on purpose
     */
    record Apply(Face onto, Product product, double wetMicrometres, Tool tool, Mask.Part part, Extent extent, @Nullable Colour colour, double share) implements Step {
        public Apply on(Mask.Part other) {
            return new Apply(onto, product, wetMicrometres, tool, other, extent, colour, share);
        }

        public Apply reaching(Extent other) {
            return new Apply(onto, product, wetMicrometres, tool, part, other, colour, share);
        }

        public Apply with(Product other) {
            return new Apply(onto, other, wetMicrometres, tool, part, extent, colour, share);
        }

        public Apply of(@Nullable Colour other) {
            return new Apply(onto, product, wetMicrometres, tool, part, extent, other, share);
        }

        /** Coloured so; of a paint of one's own with its K and S. */
        public Apply of(Tint tint) {
            return (tint.paint() == null ? this : with(product.tinted(tint.paint()))).of(tint.colour());
        }

        public Apply covering(double other) {
            return new Apply(onto, product, wetMicrometres, tool, part, extent, colour, other);
        }
    }

    /** A clear coat over the picture. */
    static Apply coat(Face onto, Product product, double wetMicrometres, Tool tool) {
        return new Apply(onto, product, wetMicrometres, tool, Mask.Part.ALL, Extent.PICTURE, null, 1);
    }

    /** One face laid on another. @param forGood whether it stays there and becomes part of it */
    record Join(Face moving, Face onto, boolean forGood) implements Step {
    }

    /** A joined pair pressed together. */
    record Press(Face over, Tool tool) implements Step {
    }

    /** A weight laid on. */
    record Load(Face over) implements Step {
    }

    /** The weight taken off. */
    record Unload(Face over) implements Step {
    }

    /** Two things parted whole. @param away what is lifted @param from what it is lifted off */
    record Part(ThingKind away, Face from, Split split) implements Step {
    }

    /**
     * The paper parted from the image: rubbed away as pulp, fibre of the pass left behind on {@code keeps}.
     *
     * @param picture whose paper it is, from 0: what lies there of other pictures is left alone
     */
    record RubAway(ThingKind carrier, Face keeps, int pass, int picture) implements Step {
    }

    /** Water brought to a face. */
    record Wet(Face face, Tool tool, Bath bath, Warmth warmth) implements Step {
        public Wet(Face face, Tool tool, Bath bath) {
            this(face, tool, bath, Warmth.COOL);
        }
    }

    /** The surface of a face sanded open. */
    record Abrade(Face face, Tool tool) implements Step {
    }

    /** Something rubbed in that fills pores and stays. */
    record Infuse(Face face, Product agent, Tool tool) implements Step {
    }

    /** A layer dissolved or floated off in a bath. */
    record Dissolve(Face face, Soluble what) implements Step {
    }

    /** Hot air. @param centimetres how far the tool is held @param lasts how long @param apart pictures of the work that it does not reach */
    record Heat(Face face, double centimetres, Duration lasts, Set<Integer> apart) implements Step {
        public Heat {
            apart = Set.copyOf(apart);
        }

        /** Over all that lies there. */
        public Heat(Face face, double centimetres, Duration lasts) {
            this(face, centimetres, lasts, Set.of());
        }
    }

    /** Moved to where it dries. */
    record Move(ThingKind thing, Place place) implements Step {
    }

    /** Cut. @param overlapMillimetres of strips that are laid over each other; 0 for every other cut */
    record Cut(ThingKind thing, Cutting how, double overlapMillimetres) implements Step {
        public Cut(ThingKind thing, Cutting how) {
            this(thing, how, 0);
        }
    }

    /** The outlines of the image traced, for an underpainting. */
    record Outline(Face of) implements Step {
    }

    /** Surplus water or ink taken up. */
    record Blot(Face face) implements Step {
    }

    /** A tool cleaned before what is on it hardens. */
    record WashUp(Tool tool) implements Step {
    }

    /** A look with a question; changes nothing. */
    record Judge(Face face) implements Step {
    }

    /** Who keeps which layer when two things part. */
    enum Split {
        /** Film peeled: the ink stays on what it was laid on. */
        PEEL,
        /** Print lifted off a plate: paint stays where toner was, and goes with the print elsewhere. */
        LIFT,
        /** Sheet pulled off a plate or block: the paint or ink comes with it. */
        PULL,
        /** Inked print lifted: its ink stays behind. */
        GIVE
    }

    /** How water is brought. */
    enum Bath {
        SURFACE, TRAY, LUKEWARM_TRAY, HOT_TRAY;

        public boolean immerses() {
            return this != SURFACE;
        }
    }

    /**
     * How warm the water is, against what a way has it: warm water is thinner and is sooner through paper, and a film of acrylic is softer in it.
     * The first figure is its viscosity against that of water at 20 °C (1.00, 0.72 at 35 °C, 0.60 at 45 °C mPa·s; derived), the others are assumed.
     */
    enum Warmth {
        COOL(1, 1, 1), LUKEWARM(0.72, 0.9, 0.98), WARM(0.6, 0.8, 0.94);

        private final double soaks;
        private final double rubs;
        private final double holds;

        Warmth(double soaks, double rubs, double holds) {
            this.soaks = soaks;
            this.rubs = rubs;
            this.holds = holds;
        }

        /** How long water takes to be through paper, of the time it takes cool. */
        public double soaks() {
            return soaks;
        }

        /** How long rubbing takes, of the time it takes with cool water. */
        public double rubs() {
            return rubs;
        }

        /** How far the film still holds. */
        public double holds() {
            return holds;
        }
    }

    /** What a bath takes. */
    enum Soluble {
        RECEIVER, SUBLIMED_DYE
    }

    /** Where something dries. */
    enum Place {
        HANG, FRESH_SHEET
    }

    /** What is cut. */
    enum Cutting {
        TRIM, CUT_OUT, RELIEF_CUTS, STRIPS, CARVE
    }
}
