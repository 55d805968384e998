package kindveil.studio.work.shelf;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import kindveil.bench.Sheet;
import kindveil.bench.Support;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.mixing.Ageing;
import kindveil.product.Product;
import org.jspecify.annotations.Nullable;

/**
 * Something the artist has: a lot of a product, a tool, a plate, a tray, a weight, prints in stock.
 *
 * @param what the lasting name of what it is one of: a built-in product, a tool, a kind of print; empty where its kind says all
 * @param count how many of it there are, 0 to 999
 * @param size of one of them
 * @param level how full it still is, 0 to 1
 * @param price paid for it, in the smallest coin
 * @param product itself, where it is a lot
 * @param support itself, where it is one of the artist's own
 * @param millilitres it holds when it is full, or null where nobody has looked
 * @param looked when somebody last looked how full it is, and what was seen; null where nobody has: its level counts from then
 * @param lineage of a print in stock, where it is known
 * @param grams what a square metre of a sheet weighs, or null where nobody has told
 */
public record Owned(UUID id, Kind kind, String what, String name, int count, @Nullable Size size, @Nullable Double level, @Nullable Long price, @Nullable LocalDate opened,
        @Nullable Product product, @Nullable Support support, @Nullable Double millilitres, @Nullable Looked looked, @Nullable Lineage lineage, @Nullable Double grams) {
    private static final int LONGEST_NAME = 80;
    public static final int MOST = 999;
    public static final double MOST_MILLILITRES = 20_000;
    public static final double LEAST_MILLILITRES = 0.05;
    public static final double LIGHTEST = 5;
    public static final double HEAVIEST = 600;

    /** Of which nobody has looked how much it holds. */
    public Owned(UUID id, Kind kind, String what, String name, int count, @Nullable Size size, @Nullable Double level, @Nullable Long price, @Nullable LocalDate opened, @Nullable Product product, @Nullable Support support) {
        this(id, kind, what, name, count, size, level, price, opened, product, support, null, null, null, null);
    }

    /** What is no print in stock. */
    public Owned(UUID id, Kind kind, String what, String name, int count, @Nullable Size size, @Nullable Double level, @Nullable Long price, @Nullable LocalDate opened, @Nullable Product product, @Nullable Support support, @Nullable Double millilitres, @Nullable Looked looked) {
        this(id, kind, what, name, count, size, level, price, opened, product, support, millilitres, looked, null, null);
    }

    /** Kinds of things owned. */
    public enum Kind {
        LOT, TOOL, PLATE, TRAY, WEIGHT, PRINT, SUPPORT, PAPER, FILM, TAPE
    }

    /** Somebody looked. @param sign what was seen of it, or null where only its level was */
    public record Looked(Instant at, Ageing.@Nullable Sign sign) {
    }

    /** How wide and high it is. */
    public record Size(Length width, Length height) {
    }

    public Owned {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new UnusableValue("name", name.length() > LONGEST_NAME ? name.length() + " signs" : name, "1 to %d signs".formatted(LONGEST_NAME), "Call it what you would call it on the bench.");
        }
        UnusableValue.requireWithin("count", count, 0, MOST, "", "Count what is left.");
        if (level != null) {
            UnusableValue.requireWithin("level", level, 0, 1, "of the whole", "0 is empty, 1 is full.");
        }
        if (millilitres != null) {
            UnusableValue.requireWithin("what it holds", millilitres, LEAST_MILLILITRES, MOST_MILLILITRES, "ml", "It stands on the label.");
        }
        if (grams != null) {
            UnusableValue.requireWithin("weight", grams, LIGHTEST, HEAVIEST, "g/m²", "It stands on the packet; tissue has about 18, copy paper 80.");
        }
        if (price != null) {
            UnusableValue.requireWithin("price", price, 0, 100_000_000, "of the smallest coin", "Leave it empty if you do not know.");
        }
        if ((kind == Kind.LOT) != (product != null) || (kind == Kind.SUPPORT) != (support != null)) {
            throw new IllegalArgumentException("Impossible state: %s “%s” with product %s and support %s.".formatted(kind, name, product, support));
        }
    }

    /** A support of the artist's own. */
    public static Owned support(UUID id, Support support) {
        return new Owned(id, Kind.SUPPORT, support.likeId(), support.words(), 1, null, null, null, null, null, support);
    }

    /** Prints in stock. @param what kind of print it is, by its lasting name */
    public static Owned print(UUID id, String what, String name, int count, Size size, Instant counted, Lineage lineage) {
        return new Owned(id, Kind.PRINT, what, name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name, count, size, null, null, null, null, null, null, new Looked(counted, null), lineage, null);
    }

    /** The lasting name of a sheet on the shelf. */
    public static String what(Sheet sheet) {
        return switch (sheet) {
            case COPY_PAPER -> "copy-paper";
            case MAGAZINE -> "magazine";
            case COATED_MAGAZINE -> "coated-magazine";
            case COATED_FILM -> "coated-film";
            case TISSUE -> "tissue";
            case PHOTO_PAPER -> "photo-paper";
        };
    }

    /** Sheets of which a square metre weighs so much, or null where nobody has told. */
    public Owned weighing(@Nullable Double other) {
        return new Owned(id, kind, what, name, count, size, level, price, opened, product, support, millilitres, looked, lineage, other);
    }

    /** So many of them, counted anew. */
    public Owned counted(int other, Instant now) {
        return new Owned(id, kind, what, name, other, size, level, price, opened, product, support, millilitres, new Looked(now, sign()), lineage, grams);
    }

    /** So many fewer; nobody has looked again. */
    public Owned fewer(int gone) {
        return new Owned(id, kind, what, name, Math.max(0, count - gone), size, level, price, opened, product, support, millilitres, looked, lineage, grams);
    }

    /** Laid by for something else. */
    public Owned laidBy(UUID newId, int many, Lineage.Use use, Instant now) {
        return new Owned(newId, kind, what, name, many, size, level, price, opened, product, support, millilitres, new Looked(now, null), Objects.requireNonNull(lineage).laidBy(use), grams);
    }

    /** What was seen of it when somebody last looked. */
    public Ageing.@Nullable Sign sign() {
        return looked == null ? null : looked.sign();
    }

    /** What has become of a lot by a day. */
    public Ageing ageing(LocalDate today) {
        return Ageing.of(Objects.requireNonNull(product), opened, today, sign());
    }

    /** Whether nothing was seen of it that ends it. */
    public boolean usable() {
        Ageing.Sign sign = sign();
        return sign == null || sign.usable();
    }

    /** ml that are still there of all of them, when somebody last looked; empty where nobody has looked how much they hold. */
    public Optional<Double> there() {
        return Optional.ofNullable(millilitres).map(full -> full * count * (level == null ? 1 : level));
    }

    /** What of it is still there, by how full it is. */
    public Optional<Double> left() {
        return Optional.ofNullable(level);
    }
}
