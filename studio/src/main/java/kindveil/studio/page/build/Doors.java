package kindveil.studio.page.build;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import kindveil.measure.UnusableValue;
import kindveil.measure.Words;
import kindveil.studio.page.piece.LookView;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.work.piece.Piece;
import kindveil.way.Where;
import org.jspecify.annotations.Nullable;

/**
 * What of a veil's build can be opened, and what is.
 *
 * @param open what stands open, or null where there is nothing to decide
 */
record Doors(Piece piece, BuildForm form, LookView view, @Nullable Where open) {
    private static final List<Where> FIRST = List.of(Where.BED, Where.IMAGE, Where.TOP, Where.PAPER, Where.SUPPORT);

    /** @param asked what is to stand open, as it was written in an address, or null for what matters first */
    static Doors of(Piece piece, BuildForm form, LookView view, @Nullable String asked) {
        if (asked == null || asked.isEmpty()) {
            return new Doors(piece, form, view, FIRST.stream().filter(form::asks).findFirst().orElse(null));
        }
        Where open = Arrays.stream(Where.values()).filter(where -> word(where).equals(asked)).findFirst()
                .orElseThrow(() -> new UnusableValue("open", asked, "one of " + Stream.of(Where.values()).map(Doors::word).toList(), "Touch a layer of the section."));
        Doors there = new Doors(piece, form, view, open);
        return there.leads(open) ? there : of(piece, form, view, null);
    }

    static boolean known(@Nullable String asked) {
        return Stream.of(Where.values()).anyMatch(where -> word(where).equals(asked));
    }

    static String word(Where where) {
        return Words.token(where);
    }

    /** Ground and support are the whole piece's, and told with its first veil; the edge has the page beside it. */
    private boolean leads(Where where) {
        return form.asks(where) || where == Where.EDGE || piece.inHand() == 0 && (where == Where.GROUND || where == Where.SUPPORT);
    }

    /** To what is decided of a layer; null where nothing is. @param veil it was laid by, 0 for what was there before any */
    @Nullable Door to(int veil, @Nullable Where where, String words) {
        if (veil == piece.inHand() + 1 || veil == 0 && (piece.inHand() == 0 || where != null && form.asks(where))) {
            return where != null && leads(where) ? door(where, words) : null;
        }
        return new Door(null, words, PieceHead.base(piece.at(Math.max(1, veil))) + "/build" + (where == null ? "" : "?open=" + word(where)), false);
    }

    Door door(Where where, String words) {
        return new Door(where, words, "%s/build?%s%s".formatted(PieceHead.base(piece), view.query(view.left(), view.right(), view.pass()), query(where)), where == open);
    }

    /** What stands open, as an address goes on. */
    String query() {
        return open == null ? "" : query(open);
    }

    private static String query(Where where) {
        return "&open=" + word(where);
    }

    /** To what is decided of layers that are not among those that are seen. */
    List<Door> beside(List<Where> seen) {
        return Stream.of(Where.IMAGE, Where.BED, Where.GROUND, Where.SUPPORT).filter(where -> !seen.contains(where) && leads(where)).map(where -> door(where, words(where))).toList();
    }

    static String words(Where where) {
        return switch (where) {
            case IMAGE -> "the image";
            case BED -> "what it lies on";
            case TOP -> "last coats";
            case PAPER -> "taking the paper off";
            case GROUND -> "the ground";
            case SUPPORT -> "the support";
            case EDGE -> "edge and page";
            case LAYING -> "laying it";
            case DRYING -> "while it dries";
        };
    }
}
