package kindveil.studio.work.look;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import kindveil.bench.Concern;
import kindveil.catalogue.Catalogue;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.light.Legibility;
import kindveil.measure.UnusableValue;
import kindveil.reading.StackReading;
import kindveil.studio.intake.Rasters;
import kindveil.studio.work.Caches;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.piece.Veil;
import kindveil.way.Choice;
import kindveil.way.Schools;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * Of each picture of a piece by itself: how much of its drawing still reads at arm's length when all is done, which veil drowns
 * most of it, and what would bring it back.
 *
 * <p>Every change offered was laid out and looked at: it can be made on the bench, raises no new doubt that makes it poor, changes
 * what is seen, and gains at least a hundredth of the drawing.
 */
@Service
public class ReadsWork {
    private static final int LONGEST = 360;
    private static final int QUICK = 150;
    private static final double WORTHWHILE = 0.01;
    private static final int MOST_GAINS = 6;
    private static final int REACH_MILLIMETRES = 40;
    private static final int STRIDE = 20;
    /** The pot of what blocks the ground: a way that has one backs its picture. */
    private static final String BACKING = "backing";
    private final PieceWork pieces;
    private final LookWork looks;
    private final Cache<List<Object>, List<Read>> known = Caches.bounded().maximumSize(200).build();
    private final Cache<List<Object>, List<Gain>> gained = Caches.bounded().maximumSize(200).build();

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
        int inHand = piece.inHand() + 1;
        return gained.get(key(piece), key -> each(piece).stream().filter(read -> read.veil() == inHand).findFirst().map(read -> gains(piece, 1 - read.drowns())).orElse(List.of()));
    }

    public boolean gainsKnown(Piece piece) {
        return gained.getIfPresent(key(piece)) != null;
    }

    private static List<Object> key(Piece piece) {
        return List.of(piece.id(), piece.version(), piece.inHand());
    }

    private List<Read> read(Piece piece) {
        List<Read> each = new ArrayList<>();
        Frame frame = looks.frame(piece, LONGEST);
        Picture seen = looks.finished(piece, frame);
        for (int i = 0; i < piece.veils().size(); i++) {
            if (piece.veils().get(i).bringsPicture()) {
                double drowns = 1 - reads(piece.at(i + 1), frame, seen);
                each.add(new Read(i + 1, drowns, drowner(piece, i, frame, drowns)));
            }
        }
        return each;
    }

    /** Share of the edges of the veil in hand that read in a picture of all. */
    private static double reads(Piece piece, Frame frame, Picture seen) {
        Frame own = frame.of(piece);
        return own.drawing().in(seen, Legibility.ARMS_LENGTH_METRES).survivingShare();
    }

    /** The veil without which most of it would come back. */
    private int drowner(Piece piece, int index, Frame frame, double drowns) {
        int worst = 0;
        double most = WORTHWHILE;
        for (int other = index + 1; other < piece.veils().size(); other++) {
            int gone = other;
            List<Integer> kept = IntStream.range(0, piece.veils().size()).filter(i -> i != gone).boxed().toList();
            Piece without = piece.only(kept, index);
            double back = drowns - (1 - reads(without, frame.of(without), looks.finished(without, frame.of(without))));
            if (back > most) {
                most = back;
                worst = other + 1;
            }
        }
        return worst;
    }

    /** All are looked at small, and those that promise most as they are told. @param now share of its edges that read */
    private List<Gain> gains(Piece piece, double now) {
        Planned planned = pieces.plan(piece);
        Frame small = looks.frame(piece, QUICK);
        double then = reads(piece, small, looks.finished(piece, small));
        List<PlanChange> promising = Stream.concat(changes(piece).stream(), place(piece, planned, small, then).stream())
                .flatMap(change -> gain(piece, planned, change, then, QUICK).stream()).filter(gain -> gain.share() >= WORTHWHILE / 2)
                .sorted(Comparator.comparingDouble(Gain::share).reversed()).limit(MOST_GAINS).map(Gain::change).toList();
        return promising.stream().flatMap(change -> gain(piece, planned, change, now, LONGEST).stream()).filter(gain -> gain.share() >= WORTHWHILE)
                .sorted(Comparator.comparingDouble(Gain::share).reversed()).toList();
    }

    /** What a change brings back; empty where it cannot be made, or where the plan stays as it is. */
    private Optional<Gain> gain(Piece piece, Planned planned, PlanChange change, double now, int longest) {
        try {
            Piece changed = change.of(piece);
            Planned then = pieces.plan(changed);
            if (changed.equals(piece) || planned.sound() && !then.sound() || poor(then) > poor(planned) || unseen(change, planned, then)) {
                return Optional.empty();
            }
            Frame frame = looks.frame(changed, longest);
            return Optional.of(new Gain(change, change.words(piece), reads(changed, frame, looks.finished(changed, frame)) - now));
        } catch (UnusableValue impossible) {
            return Optional.empty();
        }
    }

    /** Whether a choice leaves every layer as it is: then nothing need be looked at. */
    private static boolean unseen(PlanChange change, Planned planned, Planned then) {
        return change instanceof PlanChange.Chosen chosen && !chosen.choice().equals(Schools.TONES.key()) && layers(planned).equals(layers(then));
    }

    private static List<StackReading.Seen> layers(Planned planned) {
        return StackReading.of(planned.whole().end()).layers();
    }

    private static long poor(Planned planned) {
        return planned.whole().concerns().stream().filter(concern -> concern.grade() == Concern.Grade.POOR).count();
    }

    private static List<PlanChange> changes(Piece piece) {
        List<PlanChange> changes = new ArrayList<>();
        for (Choice choice : piece.design().theWay().choices()) {
            String chosen = choice.chosen(piece.design().choices().get(choice.key())).key();
            choice.options().stream().filter(option -> !option.key().equals(chosen)).forEach(option -> changes.add(new PlanChange.Chosen(choice.key(), option.key())));
        }
        changes.add(new PlanChange.Inverted());
        Catalogue.transfers().stream().filter(way -> way.card().pots().stream().anyMatch(pot -> pot.key().equals(BACKING)) && !way.key().equals(piece.design().way()))
                .forEach(way -> changes.add(new PlanChange.Another(way.key())));
        if (piece.inHand() < piece.veils().size() - 1) {
            changes.add(new PlanChange.Last());
        }
        for (int over = piece.inHand() + 1; over < piece.veils().size(); over++) {
            if (piece.veils().get(over).bringsPicture()) {
                changes.add(new PlanChange.Lightened(over + 1));
            }
        }
        if (piece.basis().photograph().isEmpty()) {
            changes.add(new PlanChange.LighterGround());
        }
        return changes;
    }

    /** The best place within reach: every one on a grid is looked at, small. */
    private Optional<PlanChange> place(Piece piece, Planned planned, Frame frame, double now) {
        Veil veil = piece.veil();
        boolean fixed = veil == piece.leading() && piece.basis().page().isEmpty();
        if (fixed || piece.veils().size() == 1) {
            return Optional.empty();
        }
        @Nullable PlanChange best = null;
        double most = WORTHWHILE;
        for (int right = -REACH_MILLIMETRES; right <= REACH_MILLIMETRES; right += STRIDE) {
            for (int down = -REACH_MILLIMETRES; down <= REACH_MILLIMETRES; down += STRIDE) {
                PlanChange change = new PlanChange.Shifted(right, down);
                if ((right != 0 || down != 0) && within(change.of(piece), frame)) {
                    double gained = gain(piece, planned, change, now, QUICK).map(Gain::share).orElse(0.0);
                    if (gained > most) {
                        most = gained;
                        best = change;
                    }
                }
            }
        }
        return Optional.ofNullable(best);
    }

    private static boolean within(Piece piece, Frame frame) {
        Frame.Rect rect = frame.of(piece).rect(piece.veil());
        return rect.left() >= 0 && rect.top() >= 0 && rect.left() + rect.width() <= frame.width() + 1 && rect.top() + rect.height() <= frame.height() + 1;
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

    /** The piece as a change makes it, stored. */
    public Piece use(Piece piece, int version, String key) {
        return pieces.change(PlanChange.parse(key).of(piece.seen(version)));
    }
}
