package kindveil.product;

import kindveil.light.Colour;
import org.jspecify.annotations.Nullable;

/**
 * What a coat is coloured with: a colour alone, or a paint that has it.
 *
 * @param colour in full
 * @param paint the artist's own, or null where a colour alone was chosen
 */
public record Tint(Colour colour, @Nullable Product paint) {
}
