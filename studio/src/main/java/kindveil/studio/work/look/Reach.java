package kindveil.studio.work.look;

import kindveil.studio.work.piece.Veil;
import kindveil.studio.work.piece.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import kindveil.light.Look;
import java.util.stream.IntStream;
import kindveil.image.Picture;
import kindveil.image.Plane;

/**
 * Which veils of a piece, up to the one in hand, lie where: a bit for each that does not reach over the whole frame.
 *
 * @param partial indices of those veils
 * @param rects where each of them lies in the frame
 */
record Reach(Piece piece, int width, int height, List<Integer> partial, List<Frame.Rect> rects) {
    static Reach of(Piece piece, Frame frame) {
        List<Integer> partial = IntStream.rangeClosed(0, piece.inHand()).boxed().filter(i -> partial(piece, i)).toList();
        return new Reach(piece, frame.width(), frame.height(), partial, partial.stream().map(i -> frame.rect(piece.veils().get(i))).toList());
    }

    private static boolean partial(Piece piece, int index) {
        Veil veil = piece.veils().get(index);
        return veil.bringsPicture() && (veil != piece.leading() || piece.basis().page().isPresent());
    }

    int at(int x, int y) {
        int bits = 0;
        for (int i = 0; i < partial.size(); i++) {
            bits |= rects.get(i).holds(x, y) ? 1 << i : 0;
        }
        return bits;
    }

    /** Every combination that is somewhere in the frame, the smallest first. */
    List<Integer> distinct() {
        if (partial.isEmpty()) {
            return List.of(0);
        }
        return IntStream.range(0, height).flatMap(y -> IntStream.range(0, width).map(x -> at(x, y))).distinct().sorted().boxed().toList();
    }

    /** The piece of the veils that are there, empty where none is; the veil in hand if it is among them, otherwise the last before it. */
    Optional<Piece> piece(int bits) {
        List<Integer> kept = new ArrayList<>();
        for (int i = 0; i <= piece.inHand(); i++) {
            int at = partial.indexOf(i);
            if (at < 0 || (bits >> at & 1) == 1) {
                kept.add(i);
            }
        }
        return kept.isEmpty() ? Optional.empty() : Optional.of(piece.only(kept, kept.getLast()));
    }

    /** The piece of the veil in hand, the first that brings a picture and those that reach over the whole frame. */
    static Piece under(Piece piece) {
        List<Integer> kept = IntStream.rangeClosed(0, piece.inHand()).boxed()
                .filter(i -> i == piece.inHand() || piece.veils().get(i) == piece.leading() || !partial(piece, i)).toList();
        return piece.only(kept, piece.inHand());
    }

    /** Around everything where exactly {@code bits} are: nothing else need be looked at for it. */
    Look.Part part(int bits) {
        if (partial.isEmpty()) {
            return new Look.Part(0, 0, width, height);
        }
        int left = width;
        int top = height;
        int right = 0;
        int bottom = 0;
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                if (at(x, y) == bits) {
                    left = Math.min(left, x);
                    right = Math.max(right, x + 1);
                    top = Math.min(top, y);
                    bottom = Math.max(bottom, y + 1);
                }
            }
        }
        return new Look.Part(Math.min(left, right), Math.min(top, bottom), right, bottom);
    }

    /** {@code look} where exactly {@code bits} are, {@code seen} elsewhere. */
    Picture laid(Picture seen, Picture look, int bits) {
        return new Picture(laid(seen.red(), look.red(), bits), laid(seen.green(), look.green(), bits), laid(seen.blue(), look.blue(), bits));
    }

    Plane laid(Plane seen, Plane look, int bits) {
        return Plane.compute(seen.width(), seen.height(), (x, y) -> at(x, y) == bits ? look.at(x, y) : seen.at(x, y));
    }
}
