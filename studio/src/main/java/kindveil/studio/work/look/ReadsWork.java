package kindveil.studio.work.look;

import com.github.benmanes.caffeine.cache.Cache;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.BiPredicate;
import java.util.stream.IntStream;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.light.Legibility;
import kindveil.studio.intake.Rasters;
import kindveil.studio.work.Caches;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.springframework.stereotype.Service;

/**
 * Of each picture of a piece by itself: how much of its drawing still reads at arm's length when all is done, which veil drowns
 * most of it, and what would bring it back.
 */
@Service
public class ReadsWork {
    static final int LONGEST = 360;
    static final double WORTHWHILE = 0.01;
    private final PieceWork pieces;
    private final LookWork looks;
    private final Cache<List<Object>, List<Read>> known = Caches.bounded().maximumSize(200).build();
    private final Cache<List<Object>, Offers> offers = Caches.bounded().maximumSize(100).build();

    ReadsWork(PieceWork pieces, LookWork looks) {
        this.pieces = pieces;
        this.looks = looks;
    }

    /**
     * One picture.
     *
     * @param veil its number, from 1
     * @param drowns share of its edges that are lost, 0 to 1
     * @param under number of the veil that drowns most of them, or 0 where none does to speak of
     */
    public record Read(int veil, double drowns, int under) {
    }

    /** A change, and the share of the drawing it brings back. */
    public record Gain(PlanChange change, String words, double share) {
    }

    /** How far looking for gains came. @param steps of {@code all} that were done; more may be found to be done @param found so far, the most first */
    public record Looked(boolean done, int steps, int all, List<Gain> found) {
    }

    /** @param each picture of the piece; @param gains for the veil in hand, the most first */
    public record Reads(List<Read> each, List<Gain> gains) {
    }

    public Reads of(Piece piece) {
        return new Reads(each(piece), gains(piece));
    }

    /** Each picture of the piece. */
    public List<Read> each(Piece piece) {
        return known.get(key(piece), key -> read(piece));
    }

    public boolean known(Piece piece) {
        return known.getIfPresent(key(piece)) != null;
    }

    /** What would bring back the veil in hand, the most first; takes many looks. */
    public List<Gain> gains(Piece piece) {
        return offers(piece).all();
    }

    /** The same, looked for so long; what was found, and how far it came, is kept for the next asking. */
    public Looked look(Piece piece, Duration most) {
        return offers(piece).go(most);
    }

    /** How far the looking came that was done already. */
    public Looked looked(Piece piece) {
        Offers begun = offers.getIfPresent(key(piece));
        return begun == null ? new Looked(false, 0, 0, List.of()) : begun.looked();
    }

    private Offers offers(Piece piece) {
        int inHand = piece.inHand() + 1;
        return offers.get(key(piece), key -> Offers.of(piece, each(piece).stream().filter(read -> read.veil() == inHand).findFirst().map(read -> 1 - read.drowns()), pieces, looks));
    }

    private static List<Object> key(Piece piece) {
        return List.of(piece.id(), piece.version(), piece.inHand());
    }

    private List<Read> read(Piece piece) {
        return read(piece, LONGEST, (under, over) -> true).reads;
    }

    /** What one veil laid over another costs that: share of its edges that would read without. @param under number of the one below, from 1; likewise {@code over} */
    public record Cost(int under, int over, double share) {
    }

    /** Of a piece as it is or as it would be. */
    public record Costed(List<Read> reads, List<Cost> costs) {
    }

    /** How each picture reads, and what those cost it that lie over it. @param longest side of what is looked at, pixels @param meet whether one veil, by its number, meets another laid over it */
    Costed read(Piece piece, int longest, BiPredicate<Integer, Integer> meet) {
        List<Read> each = new ArrayList<>();
        List<Cost> all = new ArrayList<>();
        Frame frame = looks.frame(piece, longest);
        Picture seen = looks.finished(piece, frame);
        for (int i = 0; i < piece.veils().size(); i++) {
            if (piece.veils().get(i).bringsPicture()) {
                double drowns = 1 - reads(piece.at(i + 1), frame, seen);
                List<Cost> costs = costs(piece, i, frame, drowns, meet);
                each.add(new Read(i + 1, drowns, costs.stream().filter(cost -> cost.share > WORTHWHILE).max(Comparator.comparingDouble(Cost::share)).map(Cost::over).orElse(0)));
                all.addAll(costs);
            }
        }
        return new Costed(each, all);
    }

    /** Share of the edges of the veil in hand that read in a picture of all. */
    static double reads(Piece piece, Frame frame, Picture seen) {
        Frame own = frame.of(piece);
        return own.drawing().in(seen, Legibility.ARMS_LENGTH_METRES).survivingShare();
    }

    /** What would come back of it without each that is laid later. */
    private List<Cost> costs(Piece piece, int index, Frame frame, double drowns, BiPredicate<Integer, Integer> meet) {
        return IntStream.range(index + 1, piece.veils().size()).filter(other -> meet.test(index + 1, other + 1)).mapToObj(other -> {
            Piece without = piece.only(IntStream.range(0, piece.veils().size()).filter(i -> i != other).boxed().toList(), index);
            Frame rest = frame.of(without);
            return new Cost(index + 1, other + 1, drowns - (1 - reads(without, rest, looks.finished(without, rest))));
        }).toList();
    }

    /** All of it when it is done, pale, with red where the drawing of the veil in hand no longer reads. */
    public byte[] map(Piece piece) {
        Frame frame = looks.frame(piece, LONGEST);
        Picture seen = looks.finished(piece, frame);
        Frame own = frame.of(piece);
        Plane lost = own.drawing().lost(seen, Legibility.ARMS_LENGTH_METRES).blurred(0.8);
        return Rasters.png(new Picture(over(seen.red(), lost, 0.72f), over(seen.green(), lost, 0.03f), over(seen.blue(), lost, 0.06f)));
    }

    private static Plane over(Plane seen, Plane lost, float red) {
        return Plane.compute(seen.width(), seen.height(), (x, y) -> {
            float pale = 0.45f + 0.55f * seen.at(x, y);
            float share = Math.min(1, 1.4f * lost.at(x, y));
            return pale + share * (red - pale);
        });
    }

    /** The piece as a change would make it. */
    public static Piece changed(Piece piece, int version, String key) {
        return PlanChange.parse(key).of(piece.seen(version));
    }

    /** The piece as a change makes it, stored. */
    public Piece use(Piece piece, int version, String key) {
        return pieces.change(changed(piece, version, key));
    }
}
