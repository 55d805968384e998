package kindveil.studio.work.look;

import java.time.Duration;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import kindveil.bench.Concern;
import kindveil.catalogue.Catalogue;
import kindveil.measure.UnusableValue;
import kindveil.reading.StackReading;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.piece.Veil;
import kindveil.way.Choice;
import kindveil.way.Schools;
import org.jspecify.annotations.Nullable;

/**
 * What would bring back the picture in hand, looked for step by step, so that nobody need wait for all of it: every change small, each
 * place within reach small, then the most promising as large as they are told.
 *
 * <p>Every change offered was laid out and looked at: it can be made on the bench, raises no new doubt that makes it poor, changes
 * what is seen, and gains at least a hundredth of the drawing.
 */
final class Offers {
    private static final int QUICK = 150;
    private static final int MOST_GAINS = 6;
    private static final int REACH_MILLIMETRES = 40;
    private static final int STRIDE = 20;
    /** The pot of what blocks the ground: a way that has one backs its picture. */
    private static final String BACKING = "backing";
    private static final Comparator<ReadsWork.Gain> MOST_FIRST = Comparator.comparingDouble(ReadsWork.Gain::share).reversed();
    private final Piece piece;
    private final PieceWork pieces;
    private final LookWork looks;
    private final Planned planned;
    private final double now;
    private final double then;
    private final Deque<PlanChange> changes;
    private final Deque<PlanChange> places;
    private final Deque<PlanChange> closer = new ArrayDeque<>();
    private final List<ReadsWork.Gain> promising = new ArrayList<>();
    private final List<ReadsWork.Gain> found = new ArrayList<>();
    private ReadsWork.@Nullable Gain best;
    private boolean chosen;
    private int steps;

    private Offers(Piece piece, double now, Deque<PlanChange> changes, boolean moves, PieceWork pieces, LookWork looks) {
        this.piece = piece;
        this.pieces = pieces;
        this.looks = looks;
        this.now = now;
        this.changes = changes;
        this.planned = pieces.plan(piece);
        Frame small = looks.frame(piece, QUICK);
        this.then = changes.isEmpty() ? 0 : ReadsWork.reads(piece, small, looks.finished(piece, small));
        this.places = moves ? places(piece, small) : new ArrayDeque<>();
    }

    /** @param now share of its edges that read, where a picture is in hand */
    static Offers of(Piece piece, Optional<Double> now, PieceWork pieces, LookWork looks) {
        Veil veil = piece.veil();
        boolean fixed = veil == piece.leading() && piece.basis().page().isEmpty();
        return new Offers(piece, now.orElse(0.0), now.isPresent() ? new ArrayDeque<>(changes(piece)) : new ArrayDeque<>(), now.isPresent() && !fixed && piece.veils().size() > 1, pieces, looks);
    }

    /** Goes on for so long, a step at least. */
    synchronized ReadsWork.Looked go(Duration most) {
        long begun = System.nanoTime();
        do {
            step();
        } while (!done() && System.nanoTime() - begun < most.toNanos());
        return looked();
    }

    synchronized List<ReadsWork.Gain> all() {
        while (!done()) {
            step();
        }
        return looked().found();
    }

    synchronized ReadsWork.Looked looked() {
        return new ReadsWork.Looked(done(), steps, steps + changes.size() + places.size() + (chosen ? closer.size() : MOST_GAINS), found.stream().sorted(MOST_FIRST).toList());
    }

    private boolean done() {
        return chosen && closer.isEmpty();
    }

    private void step() {
        steps++;
        if (!changes.isEmpty()) {
            gain(changes.poll(), then, QUICK).filter(gain -> gain.share() >= ReadsWork.WORTHWHILE / 2).ifPresent(promising::add);
        } else if (!places.isEmpty()) {
            // of all places only the best
            gain(places.poll(), then, QUICK).filter(gain -> gain.share() > (best == null ? ReadsWork.WORTHWHILE : best.share())).ifPresent(gain -> best = gain);
        } else if (!chosen) {
            if (best != null) {
                promising.add(best);
            }
            promising.stream().sorted(MOST_FIRST).limit(MOST_GAINS).map(ReadsWork.Gain::change).forEach(closer::add);
            chosen = true;
        } else if (!closer.isEmpty()) {
            gain(closer.poll(), now, ReadsWork.LONGEST).filter(gain -> gain.share() >= ReadsWork.WORTHWHILE).ifPresent(found::add);
        }
    }

    /** What a change brings back; empty where it cannot be made, or where the plan stays as it is. */
    private Optional<ReadsWork.Gain> gain(PlanChange change, double now, int longest) {
        try {
            Piece changed = change.of(piece);
            Planned then = pieces.plan(changed);
            if (changed.equals(piece) || planned.sound() && !then.sound() || poor(then) > poor(planned) || unseen(change, planned, then)) {
                return Optional.empty();
            }
            Frame frame = looks.frame(changed, longest);
            return Optional.of(new ReadsWork.Gain(change, change.words(piece), ReadsWork.reads(changed, frame, looks.finished(changed, frame)) - now));
        } catch (UnusableValue impossible) {
            return Optional.empty();
        }
    }

    /** Whether a choice leaves every layer as it is: then nothing need be looked at. */
    private static boolean unseen(PlanChange change, Planned planned, Planned then) {
        return change instanceof PlanChange.Chosen chosen && !chosen.choice().equals(Schools.TONES.key()) && layers(planned).equals(layers(then));
    }

    static List<StackReading.Seen> layers(Planned planned) {
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

    private static boolean within(Piece piece, Frame frame) {
        Frame.Rect rect = frame.of(piece).rect(piece.veil());
        return rect.left() >= 0 && rect.top() >= 0 && rect.left() + rect.width() <= frame.width() + 1 && rect.top() + rect.height() <= frame.height() + 1;
    }

    /** Every place on a grid within reach. */
    private static Deque<PlanChange> places(Piece piece, Frame frame) {
        Deque<PlanChange> places = new ArrayDeque<>();
        for (int right = -REACH_MILLIMETRES; right <= REACH_MILLIMETRES; right += STRIDE) {
            for (int down = -REACH_MILLIMETRES; down <= REACH_MILLIMETRES; down += STRIDE) {
                PlanChange change = new PlanChange.Shifted(right, down);
                if ((right != 0 || down != 0) && within(change.of(piece), frame)) {
                    places.add(change);
                }
            }
        }
        return places;
    }
}
