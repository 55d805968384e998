package kindveil.studio.work.shelf;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kindveil.product.Product;
import kindveil.studio.work.Damaged;

/** Keeps what the artist owns. */
public interface Shelf {
    /** By kind, then by name. */
    List<Owned> all();

    Optional<Owned> find(UUID id);

    /** A lot as the product it is; empty where it is gone. */
    default Optional<Product> product(UUID lot) {
        return find(lot).map(Owned::product);
    }

    /** Adds it, or replaces what has its id. */
    void keep(Owned owned);

    void remove(UUID id);

    /** What cannot be read. */
    List<Damaged> damaged();
}
