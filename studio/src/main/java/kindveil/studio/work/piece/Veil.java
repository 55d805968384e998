package kindveil.studio.work.piece;

import java.util.Optional;
import java.util.UUID;
import kindveil.measure.Length;
import org.jspecify.annotations.Nullable;

/**
 * One part of a piece: a transfer, or something over or under one.
 *
 * @param picture its source, or null for what brings none
 * @param x how far the left edge of its image lies from that of the page, or of the leading image where the piece has no page; likewise {@code y} down
 */
public record Veil(@Nullable UUID picture, Length x, Length y, Design design) {
    public static Veil first(@Nullable UUID picture, Design design) {
        return new Veil(picture, Length.ZERO, Length.ZERO, design);
    }

    public boolean bringsPicture() {
        return picture != null;
    }

    /** Its source; only where it brings one. */
    public UUID source() {
        return Optional.ofNullable(picture).orElseThrow(() -> new NoPicture(design.theWay().name()));
    }

    /** Showing a picture in place of its own. @param anew whether that is another one, of which nothing is framed or treated yet */
    Veil showing(@Nullable UUID other, boolean anew) {
        return new Veil(other, x, y, anew ? design.with(Image.of(design.printWidth())) : design);
    }

    /** Whether fewer copies of its print are planned; one that exists is as often there as it is. */
    public boolean copiesShort(int wanted) {
        return bringsPicture() && design.printing().exists() == null && design.copies() < wanted;
    }

    /** Where it is kept to; empty for a picture, and for what covers all of the page. */
    public Optional<Patch> patch() {
        return bringsPicture() ? Optional.empty() : Optional.ofNullable(design.lay().patch());
    }

    Veil with(Design other) {
        return new Veil(picture, x, y, other);
    }

    public Veil at(Length newX, Length newY) {
        return new Veil(picture, newX, newY, design);
    }
}
