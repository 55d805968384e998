package kindveil.way;

import java.util.List;
import kindveil.measure.Length;
import kindveil.measure.Preset;

/** A way of transferring: one declaration, from which everything else is read. */
public interface Way {
    /** Its lasting name, in addresses and records. */
    String key();

    String name();

    /** What it does, in a sentence. */
    String summary();

    /** Gaussian σ of the loss of sharpness, on the support. */
    Length softening();

    List<Choice> choices();

    /** Wet thickness of its bed, by the choices made. */
    Preset bedThickness(Brief brief);

    /** The plan for a brief; {@code bedMicrometres} lies inside what {@link #bedThickness} can be. */
    Plan expand(Brief brief, double bedMicrometres);

    default Choice.Option chosen(Brief brief, String choice) {
        return choices().stream().filter(c -> c.key().equals(choice)).findFirst()
                .orElseThrow(() -> new IllegalStateException("Impossible state: %s has no choice %s.".formatted(key(), choice)))
                .chosen(brief.choices().get(choice));
    }
}
