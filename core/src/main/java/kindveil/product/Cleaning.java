package kindveil.product;

import java.time.Duration;
import kindveil.measure.Span;
import org.jspecify.annotations.Nullable;

/**
 * What washes it out of a tool, and by when.
 *
 * @param with what it is washed with
 * @param within before it has hardened in the tool, or null where it never does
 */
public record Cleaning(String with, @Nullable Duration within) {
    /** Acrylic ruins a brush in 20 to 60 minutes (practice). */
    public static final Cleaning ACRYLIC = new Cleaning("cool water and soap", Span.minutes(30));

    public boolean hardens() {
        return within != null;
    }
}
