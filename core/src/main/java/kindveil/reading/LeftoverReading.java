package kindveil.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import kindveil.bench.Face;
import kindveil.bench.Hand;
import kindveil.bench.Layer;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Image;
import kindveil.bench.Mask;
import kindveil.bench.PrintKind;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.light.Colour;
import kindveil.product.Trait;
import kindveil.way.ActId;
import kindveil.way.Trace;
import kindveil.way.Trace.Moment;
import org.jspecify.annotations.Nullable;

/** Sheets that come off the bench with their picture still on them: by-products, as good a paper or a source as many a print. */
public record LeftoverReading(List<Leftover> all) {
    /** What it is by now. */
    public enum Kind {
        /** It took the paint of the lights off a plate. */
        LIFTED("copy that lifted the paint of its lights"),
        /** It was inked, and gave its ink away. */
        INKED("inked copy that gave its ink");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * One sheet.
     *
     * @param act that parted it from the work
     * @param hand how the picture stands on it where its print was made unmirrored
     * @param colour of what it took along or was inked with, or null where that is clear
     */
    public record Leftover(ActId act, Kind kind, PrintKind print, Hand hand, @Nullable Colour colour) {
    }

    public LeftoverReading {
        all = List.copyOf(all);
    }

    public static LeftoverReading of(Trace trace) {
        List<Leftover> all = new ArrayList<>();
        for (Moment moment : trace.moments()) {
            leftover(moment).ifPresent(all::add);
        }
        return new LeftoverReading(all);
    }

    /** A sheet that was parted whole: what is rubbed or dissolved away leaves none, and a peeled one has given its picture. */
    private static Optional<Leftover> leftover(Moment moment) {
        boolean gone = moment.act().step() instanceof Step.Part part && part.away() == ThingKind.PRINT && moment.before().bond(ThingKind.PRINT).isPresent() && !moment.after().has(ThingKind.PRINT);
        if (!gone) {
            return Optional.empty();
        }
        Step.Part part = (Step.Part) moment.act().step();
        Optional<Image> image = moment.before().layers(Face.PRINT_FRONT, Image.class).stream().findFirst();
        return switch (part.split()) {
            case LIFT -> image.map(print -> new Leftover(moment.act().id(), Kind.LIFTED, print.print(), print.hand(), lifted(moment.before().layers(part.from()))));
            case GIVE -> image.map(print -> new Leftover(moment.act().id(), Kind.INKED, print.print(), print.hand(), inked(moment.before().layers(Face.PRINT_FRONT))));
            case PEEL, PULL -> Optional.empty();
        };
    }

    /** The outermost of what lies all over the plate: its lights go along. */
    private static @Nullable Colour lifted(List<Layer> plate) {
        return plate.reversed().stream().filter(layer -> layer instanceof Coating && layer.mask().part() == Mask.Part.ALL).map(layer -> ((Coating) layer).colour()).filter(java.util.Objects::nonNull).findFirst().orElse(null);
    }

    private static @Nullable Colour inked(List<Layer> front) {
        return front.reversed().stream().filter(layer -> layer instanceof Coating coat && coat.product().is(Trait.PRINTS)).map(layer -> ((Coating) layer).colour()).filter(java.util.Objects::nonNull).findFirst().orElse(null);
    }
}
