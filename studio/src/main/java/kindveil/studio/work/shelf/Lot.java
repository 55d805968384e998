package kindveil.studio.work.shelf;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import kindveil.measure.UnusableValue;
import kindveil.mixing.Ageing;
import kindveil.product.Product;
import org.jspecify.annotations.Nullable;

/**
 * Jars or tubes of one product, bought or mixed.
 *
 * @param what built-in product it is one of; empty for something of the artist's own
 * @param product itself, as it was told
 * @param price paid for it, in the smallest coin, or null
 * @param opened when, or null where it is not
 * @param filling how much of it there is
 */
public record Lot(UUID id, String what, String name, int count, Product product, @Nullable Long price, @Nullable LocalDate opened, Filling filling) implements Owned {
    public static final double MOST_MILLILITRES = 20_000;
    public static final double LEAST_MILLILITRES = 0.05;

    /**
     * How much one of them holds, and how full they are.
     *
     * @param millilitres one holds when it is full, or null where nobody has looked
     * @param level how full they still are, 0 to 1, or null where they are full
     * @param looked when somebody last looked, and what was seen; null where nobody has: the level counts from then
     */
    public record Filling(@Nullable Double millilitres, @Nullable Double level, @Nullable Looked looked) {
        /** Nobody has looked. */
        public static final Filling UNKNOWN = new Filling(null, null, null);

        public Filling {
            if (level != null) {
                UnusableValue.requireWithin("level", level, 0, 1, "of the whole", "0 is empty, 1 is full.");
            }
            if (millilitres != null) {
                UnusableValue.requireWithin("what it holds", millilitres, LEAST_MILLILITRES, MOST_MILLILITRES, "ml", "It stands on the label.");
            }
        }
    }

    /** Somebody looked. @param sign what was seen of it, or null where only its level was */
    public record Looked(Instant at, Ageing.@Nullable Sign sign) {
    }

    public Lot {
        Owned.require(name, count);
        if (price != null) {
            UnusableValue.requireWithin("price", price, 0, 100_000_000, "of the smallest coin", "Leave it empty if you do not know.");
        }
    }

    /** Whether it is some product: of its kind, or itself. */
    public boolean is(String wanted) {
        return what.equals(wanted) || product.id().equals(wanted);
    }

    /** What was seen of it when somebody last looked. */
    public Ageing.@Nullable Sign sign() {
        return filling.looked() == null ? null : filling.looked().sign();
    }

    /** What has become of it by a day. */
    public Ageing ageing(LocalDate today) {
        return Ageing.of(product, opened, today, sign());
    }

    /** Whether nothing was seen of it that ends it. */
    public boolean usable() {
        Ageing.Sign sign = sign();
        return sign == null || sign.usable();
    }

    /** ml all of them hold when they are full; empty where nobody has looked how much that is. */
    public Optional<Double> holds() {
        return Optional.ofNullable(filling.millilitres()).map(full -> full * count);
    }

    /** ml that are still there of all of them, when somebody last looked; empty where nobody has looked how much they hold. */
    public Optional<Double> there() {
        return holds().map(full -> full * (filling.level() == null ? 1 : filling.level()));
    }
}
