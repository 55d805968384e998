package kindveil.studio.work.shelf;

import java.util.Optional;
import java.util.UUID;
import kindveil.product.Product;
import kindveil.studio.work.Kept;

/** Keeps what the artist owns. */
public interface Shelf {
    /** By kind, then by name. */
    Kept<Owned> kept();

    Optional<Owned> find(UUID id);

    /** A lot as the product it is; empty where it is gone. */
    default Optional<Product> product(UUID lot) {
        return find(lot).map(Owned::product);
    }

    /** Adds it, or replaces what has its id. */
    void keep(Owned owned);

    void remove(UUID id);
}
