package kindveil.studio.page.piece;

import java.text.Collator;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kindveil.light.ColourName;
import kindveil.studio.work.making.MakingLine;
import kindveil.studio.work.piece.Piece;
import org.jspecify.annotations.Nullable;

/**
 * Which pieces are looked for, and in which order.
 *
 * @param words all of which must be found in what a piece is called, how it is made, of what, on what and in which ground's colour
 * @param standing of those looked for, or null for all that are on the table
 */
record Find(String words, @Nullable Standing standing, Order order) {
    /** Where a piece stands. */
    enum Standing {
        PLANNED("being planned"), ON_THE_BENCH("on the bench"), DRYING("drying"), MADE("made"), GIVEN_UP("given up"), PUT_AWAY("put away");

        private final String words;

        Standing(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }

        /** @param drying pieces of which an act waits for a coat */
        static Standing of(UUID piece, @Nullable MakingLine newest, Set<UUID> drying, Set<UUID> putAway) {
            if (putAway.contains(piece)) {
                return PUT_AWAY;
            }
            if (newest == null) {
                return PLANNED;
            }
            return newest.laidAside() ? GIVEN_UP : newest.finished() ? MADE : drying.contains(piece) ? DRYING : ON_THE_BENCH;
        }
    }

    /** In which order. */
    enum Order {
        NEWEST("the newest first"), TITLE("by title"), WAY("by way"), STANDING("by where they stand"), SIZE("the largest first");

        private final String words;

        Order(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    /** A piece and where it stands. */
    record Found(Piece piece, Standing standing, @Nullable MakingLine newest) {
    }

    /** Those looked for, of pieces the newest first. */
    List<Found> among(List<Piece> all, Map<UUID, MakingLine> newest, Set<UUID> drying, Set<UUID> putAway) {
        List<String> wanted = Stream.of(words.toLowerCase(Locale.ROOT).strip().split("\\s+")).filter(word -> !word.isEmpty()).toList();
        return all.stream().map(piece -> new Found(piece, Standing.of(piece.id(), newest.get(piece.id()), drying, putAway), newest.get(piece.id())))
                .filter(found -> standing == null ? found.standing != Standing.PUT_AWAY : found.standing == standing)
                .filter(found -> wanted.stream().allMatch(said(found)::contains)).sorted(comparator()).toList();
    }

    private static String said(Found found) {
        Piece piece = found.piece;
        Stream<String> veils = piece.veils().stream().flatMap(veil -> Stream.of(veil.design().theWay().name(), veil.bringsPicture() ? veil.design().print().words() : "", veil.design().wish().words()));
        return Stream.concat(Stream.of(piece.title(), found.standing.words, piece.base().support().words(), piece.base().ground().words(), ColourName.of(piece.groundColour().lab())), veils)
                .collect(Collectors.joining(" ")).toLowerCase(Locale.ROOT);
    }

    private Comparator<Found> comparator() {
        return switch (order) {
            // a stable sort leaves them as they came
            case NEWEST -> (a, b) -> 0;
            case TITLE -> Comparator.comparing((Found found) -> found.piece.title(), Collator.getInstance(Locale.ROOT)::compare);
            case WAY -> Comparator.comparing(found -> found.piece.leading().design().theWay().name());
            case STANDING -> Comparator.comparing(Found::standing);
            case SIZE -> Comparator.comparing((Found found) -> found.piece.leading().design().printWidth().nanometres()).reversed();
        };
    }

    /** The same, asked by words as they are sent: what is not known asks for nothing. */
    static Find of(String words, String standing, String order) {
        return new Find(words, Arrays.stream(Standing.values()).filter(one -> one.name().equals(standing)).findFirst().orElse(null),
                Arrays.stream(Order.values()).filter(one -> one.name().equals(order)).findFirst().orElse(Order.NEWEST));
    }
}
