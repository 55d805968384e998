package kindveil.studio.work.piece;

import java.time.Duration;
import java.util.Optional;
import kindveil.product.Product;

/** What stands in jars, mixed before. */
public interface MixedAhead {
    /** How long enough of it has stood; empty where there is not enough that is still good. */
    Optional<Duration> stood(Product mixture, double millilitres);
}
