package kindveil.studio.work.look;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import kindveil.bench.Extent;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.light.Colour;
import kindveil.light.Look;
import kindveil.measure.Length;
import kindveil.reading.Outside;
import kindveil.studio.work.piece.Manner;
import kindveil.studio.work.piece.Page;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.Veil;
import kindveil.tone.WetTogether;
import kindveil.way.Together;

/**
 * Which veils of a piece, up to the one in hand, lie where. Of each that does not fill the frame a place is within its picture, in an
 * opening of it, a little past its edge, or further out; what places have in common is one number.
 *
 * @param partial indices of those veils
 * @param furthest how far what each of them lays on reaches
 * @param running indices of veils whose two colours run into each other: each mixture is a place of its own
 * @param places that number for each pixel, row by row
 */
record Reach(Piece piece, int width, int height, List<Integer> partial, List<Extent> furthest, List<Integer> running, int[] places) {
    private static final int NEARNESSES = Outside.Place.values().length;

    /** @param reaching how far what a veil lays on reaches, by its index */
    static Reach of(Piece piece, Frame frame, IntFunction<Extent> reaching) {
        List<Integer> partial = IntStream.rangeClosed(0, piece.inHand()).boxed().filter(i -> partial(piece, i)).toList();
        List<Extent> furthest = partial.stream().map(i -> reaching.apply(i)).toList();
        int[] places = new int[frame.width() * frame.height()];
        int unit = 1;
        for (int i = 0; i < partial.size(); i++) {
            add(places, frame, piece.veils().get(partial.get(i)), furthest.get(i), unit);
            unit *= NEARNESSES;
        }
        List<Integer> running = IntStream.rangeClosed(0, piece.inHand()).boxed().filter(i -> together(piece.veils().get(i)).isPresent()).toList();
        for (int i : running) {
            run(places, frame, together(piece.veils().get(i)).orElseThrow(), unit);
            unit *= WetTogether.STEPS + 1;
        }
        return new Reach(piece, frame.width(), frame.height(), partial, furthest, running, places);
    }

    private static void add(int[] places, Frame frame, Veil veil, Extent furthest, int unit) {
        Frame.Own own = frame.rect(veil).own();
        int past = furthest == Extent.BEYOND ? frame.past() : 0;
        Optional<Plane> shape = frame.shape(veil);
        Optional<Plane> uncut = frame.uncut(veil);
        for (int y = 0; y < frame.height(); y++) {
            for (int x = 0; x < frame.width(); x++) {
                double right = own.right(x, y);
                double down = own.down(x, y);
                boolean inside = own.holds(right, down, 0);
                // where nothing of it reaches past its edge, further out is no other place
                Outside.Place at = inside && there(shape, own, right, down) ? Outside.Place.WITHIN
                        : inside && there(uncut, own, right, down) ? Outside.Place.OPENING : past > 0 && own.holds(right, down, past) ? Outside.Place.PAST : Outside.Place.FURTHER;
                places[y * frame.width() + x] += unit * at.ordinal();
            }
        }
    }

    private static boolean there(Optional<Plane> shape, Frame.Own own, double right, double down) {
        return shape.isEmpty() || own.of(shape.get(), right, down) >= 0.5f;
    }

    /** Two colours of a veil that are wet together. */
    private static Optional<WetTogether> together(Veil veil) {
        return veil.bringsPicture() ? Optional.empty() : Together.of(veil.design().choices(), veil.design().manner().colours(), veil.design().manner().dials());
    }

    /** Each mixture of the two is a place of its own. */
    private static void run(int[] places, Frame frame, WetTogether colours, int unit) {
        double scale = frame.pixelsPerMillimetre();
        for (int y = 0; y < frame.height(); y++) {
            for (int x = 0; x < frame.width(); x++) {
                places[y * frame.width() + x] += unit * colours.step((x + 0.5) / scale, (y + 0.5) / scale, frame.height() / scale);
            }
        }
    }

    private static boolean partial(Piece piece, int index) {
        Veil veil = piece.veils().get(index);
        return veil.patch().isPresent() || veil.bringsPicture() && (veil != piece.leading() || piece.basis().page().isPresent() || Frame.torn(veil));
    }

    int at(int x, int y) {
        return places[y * width + x];
    }

    /** Every place that differs from the others, the smallest number first. */
    List<Integer> distinct() {
        return Arrays.stream(places).distinct().sorted().boxed().toList();
    }

    /**
     * What is there.
     *
     * @param piece of the veils of which something is there, empty where there is none; the veil in hand if it is among them, otherwise the last before it
     * @param inHand whether the veil in hand is among them
     * @param outside for those whose picture is not there, by their index in that piece, where the place is
     */
    record Place(Optional<Piece> piece, boolean inHand, Map<Integer, Outside.Place> outside) {
    }

    Place place(int number) {
        List<Integer> kept = new ArrayList<>();
        Map<Integer, Outside.Place> outside = new HashMap<>();
        for (int i = 0; i <= piece.inHand(); i++) {
            int at = partial.indexOf(i);
            Outside.Place where = at < 0 ? Outside.Place.WITHIN : where(number, at);
            if (at < 0 || where.within(furthest.get(at))) {
                if (where != Outside.Place.WITHIN) {
                    outside.put(kept.size(), where);
                }
                kept.add(i);
            }
        }
        return new Place(kept.isEmpty() ? Optional.empty() : Optional.of(sized(mixed(number).only(kept, kept.getLast()), piece, height / (double) width)), kept.contains(piece.inHand()), outside);
    }

    /** Some veils of a whole, on the page it is looked at on where none of them brings a picture and so a size. */
    static Piece sized(Piece there, Piece whole, double aspect) {
        if (there.basis().page().isPresent() || there.veils().stream().anyMatch(Veil::bringsPicture)) {
            return there;
        }
        double wide = whole.leading().design().printWidth().millimetres();
        return there.with(there.basis().sized(new Page(side(wide), side(wide * aspect))));
    }

    private static Length side(double millimetres) {
        return Length.ofMillimetres(Math.clamp(millimetres, Page.NARROWEST.millimetres(), Page.WIDEST.millimetres()));
    }

    /** The piece with one mixture of each two colours laid flat. */
    private Piece mixed(int number) {
        Piece mixed = piece;
        int step = number / (int) Math.pow(NEARNESSES, partial.size());
        for (int i : running) {
            Veil veil = piece.veils().get(i);
            Colour mixture = together(veil).orElseThrow().colour(step % (WetTogether.STEPS + 1));
            step /= WetTogether.STEPS + 1;
            Manner manner = veil.design().manner();
            Manner flat = manner.set(Together.flat(manner.choices()), manner.dials(), Together.mixed(manner.colours(), mixture));
            mixed = mixed.at(i + 1).with(veil.design().with(flat)).at(piece.inHand() + 1);
        }
        return mixed;
    }

    private static Outside.Place where(int number, int at) {
        return Outside.Place.values()[number / (int) Math.pow(NEARNESSES, at) % NEARNESSES];
    }

    /** The piece of the veil in hand, the first that brings a picture and those that reach over the whole frame. */
    static Piece under(Piece piece) {
        List<Integer> kept = IntStream.rangeClosed(0, piece.inHand()).boxed()
                .filter(i -> i == piece.inHand() || piece.veils().get(i) == piece.leading() || !partial(piece, i)).toList();
        return piece.only(kept, piece.inHand());
    }

    /** Around every pixel of one place: nothing else need be looked at for it. */
    Look.Part part(int number) {
        if (partial.isEmpty() && running.isEmpty()) {
            return new Look.Part(0, 0, width, height);
        }
        int left = width;
        int top = height;
        int right = 0;
        int bottom = 0;
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                if (at(x, y) == number) {
                    left = Math.min(left, x);
                    right = Math.max(right, x + 1);
                    top = Math.min(top, y);
                    bottom = Math.max(bottom, y + 1);
                }
            }
        }
        return new Look.Part(Math.min(left, right), Math.min(top, bottom), right, bottom);
    }

    /** {@code look} at that place, {@code seen} elsewhere. */
    Picture laid(Picture seen, Picture look, int number) {
        return new Picture(laid(seen.red(), look.red(), number), laid(seen.green(), look.green(), number), laid(seen.blue(), look.blue(), number));
    }

    Plane laid(Plane seen, Plane look, int number) {
        return Plane.compute(seen.width(), seen.height(), (x, y) -> at(x, y) == number ? look.at(x, y) : seen.at(x, y));
    }
}
