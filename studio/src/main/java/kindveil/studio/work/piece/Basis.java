package kindveil.studio.work.piece;

import java.util.Optional;
import java.util.UUID;
import kindveil.bench.Ground;
import kindveil.bench.Support;
import kindveil.light.Colour;
import kindveil.way.Base;
import org.jspecify.annotations.Nullable;

/**
 * What a piece is made on: one for all its veils.
 *
 * @param base its support and ground
 * @param colour of the ground, where it is not photographed
 * @param photographId of the ground, or null where its colour is flat
 * @param pageSize of the whole page or panel, or null where the leading image fills it
 */
public record Basis(Base base, Colour colour, @Nullable UUID photographId, @Nullable Page pageSize) {
    public static Basis of(Support support, Ground ground, Colour colour) {
        return new Basis(new Base(support, ground), colour, null, null);
    }

    /** Where a new piece starts: the wider safe window. */
    public static Basis fresh() {
        return of(Support.BIRCH_PANEL, Ground.ACRYLIC_PAINT, Colour.parse("ground", "#c9b48a"));
    }

    public Optional<UUID> photograph() {
        return Optional.ofNullable(photographId);
    }

    public Optional<Page> page() {
        return Optional.ofNullable(pageSize);
    }

    public Basis on(Base other) {
        return new Basis(other, colour, photographId, pageSize);
    }

    public Basis of(Colour other) {
        return new Basis(base, other, photographId, pageSize);
    }

    public Basis photographed(@Nullable UUID picture) {
        return new Basis(base, colour, picture, pageSize);
    }

    public Basis sized(@Nullable Page page) {
        return new Basis(base, colour, photographId, page);
    }
}
