package kindveil.studio.work;

import java.util.UUID;
import kindveil.measure.Length;

/**
 * One part of a piece: a transfer, or something over or under one.
 *
 * @param picture its source, or null for what brings none
 * @param x how far the left edge of its image lies right of that of the first; likewise {@code y} down
 */
public record Veil(UUID picture, Length x, Length y, Design design) {
    public static Veil first(UUID picture, Design design) {
        return new Veil(picture, Length.ofMillimetres(0), Length.ofMillimetres(0), design);
    }

    public boolean bringsPicture() {
        return picture != null;
    }

    Veil with(Design other) {
        return new Veil(picture, x, y, other);
    }

    public Veil at(Length newX, Length newY) {
        return new Veil(picture, newX, newY, design);
    }
}
