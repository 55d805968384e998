package kindveil.studio.work.piece;

import java.util.Optional;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.shape.Region;
import kindveil.studio.work.source.Marked;
import kindveil.tone.Treatments;

/**
 * How the source of a veil is made into its image.
 *
 * @param width on paper; its height follows from the source
 * @param treatments what is done to the source; {@code before} what was done before the last change
 * @param opaque the part painted opaque where the way paints one, as {@link Region} writes it, in widths of the source as it came; empty for its subject
 * @param seamless the part that tape seams keep out of, as {@link Marked} writes it; empty where none is marked
 */
public record Image(Length width, Treatments treatments, Treatments before, String opaque, String seamless) {
    public static final Length NARROWEST = Length.ofMillimetres(10);
    public static final Length WIDEST = Length.ofMillimetres(400);

    public Image {
        UnusableValue.requireWithin("print width", width.millimetres(), NARROWEST.millimetres(), WIDEST.millimetres(), "mm", "Give the width of the image on paper.");
    }

    public static Image of(Length width) {
        return new Image(width, Treatments.NONE, Treatments.NONE, "", "");
    }

    public Image with(Length other) {
        return new Image(other, treatments, before, opaque, seamless);
    }

    /** Treated otherwise; what was before can be taken back. */
    public Image with(Treatments other) {
        return other.toString().equals(treatments.toString()) ? this : new Image(width, other, treatments, opaque, seamless);
    }

    public Image with(Region part) {
        return new Image(width, treatments, before, part.toString(), seamless);
    }

    public Image seamless(Optional<Marked> part) {
        return new Image(width, treatments, before, opaque, part.map(Marked::toString).orElse(""));
    }

    public Optional<Marked> marked() {
        return seamless.isEmpty() ? Optional.empty() : Optional.of(Marked.parse(seamless));
    }
}
