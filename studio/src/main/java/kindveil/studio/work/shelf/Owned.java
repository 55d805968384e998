package kindveil.studio.work.shelf;

import java.util.List;
import java.util.UUID;
import kindveil.bench.Sheet;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;

/** Something the artist has: a lot of a product, prints in stock, a support of their own, or a thing that is not poured. */
public sealed interface Owned permits Lot, Print, OwnSupport, Gear {
    int MOST = 999;
    int LONGEST_NAME = 80;

    UUID id();

    /** The lasting name of what it is one of: a built-in product, a kind of print, a sheet; empty where its kind says all. */
    String what();

    String name();

    /** How many of it there are, 0 to {@value #MOST}. */
    int count();

    /** How wide and high it is. */
    record Size(Length width, Length height) {
    }

    /** The lasting name of a sheet on the shelf. */
    static String what(Sheet sheet) {
        return switch (sheet) {
            case COPY_PAPER -> "copy-paper";
            case MAGAZINE -> "magazine";
            case COATED_MAGAZINE -> "coated-magazine";
            case COATED_FILM -> "coated-film";
            case TISSUE -> "tissue";
            case PHOTO_PAPER -> "photo-paper";
        };
    }

    /** Those of one sort among many. */
    static <T extends Owned> List<T> of(List<Owned> all, Class<T> sort) {
        return all.stream().filter(sort::isInstance).map(sort::cast).toList();
    }

    /** What holds of all of them. */
    static void require(String name, int count) {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new UnusableValue("name", name.length() > LONGEST_NAME ? name.length() + " signs" : name, "1 to %d signs".formatted(LONGEST_NAME), "Call it what you would call it on the bench.");
        }
        UnusableValue.requireWithin("count", count, 0, MOST, "", "Count what is left.");
    }
}
