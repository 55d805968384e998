package kindveil.studio.work.look;

import com.github.benmanes.caffeine.cache.Cache;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import kindveil.measure.UnusableValue;
import kindveil.reading.LookState;
import kindveil.reading.OptionReading;
import kindveil.studio.work.Caches;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.way.Choice;
import kindveil.way.Schools;
import org.springframework.stereotype.Service;

/** What each option of a veil's choices would come to, before it is chosen. */
@Service
public class Alternatives {
    private final PieceWork pieces;
    private final LookWork looks;
    private final Cache<List<Object>, Optional<Double>> drowned = Caches.bounded().maximumSize(2_000).build();

    Alternatives(PieceWork pieces, LookWork looks) {
        this.pieces = pieces;
        this.looks = looks;
    }

    private static Piece with(Piece piece, Choice choice, Choice.Option option) {
        return new PlanChange.Chosen(choice.key(), option.key()).of(piece);
    }

    /** What the veil in hand comes to with an option chosen; empty where it cannot be made so. */
    public Optional<OptionReading> reading(Piece piece, Choice choice, Choice.Option option) {
        try {
            return Optional.of(reading(pieces.plan(with(piece, choice, option))));
        } catch (UnusableValue impossible) {
            return Optional.empty();
        }
    }

    public static OptionReading reading(Planned planned) {
        return OptionReading.of(planned.trace(), planned.brief().width(), planned.brief().height());
    }

    /** One option's look. @param drowns share of the drawing that is lost at arm's length, 0 to 1; empty where none lies there */
    public record Drowned(Choice choice, Choice.Option option, Optional<Double> drowns) {
    }

    /** What was looked at. @param done whether all was */
    public record Looked(boolean done, List<Drowned> each) {
    }

    /** How much drowns with each option of some choices, looked for so long; what was found is kept for the next asking. */
    public Looked look(Piece piece, List<Choice> choices, LookState state, int pass, Duration most) {
        long begun = System.nanoTime();
        boolean done = true;
        List<Drowned> each = new ArrayList<>();
        for (Choice choice : choices) {
            for (Choice.Option option : choice.options()) {
                List<Object> key = List.of(piece.id(), piece.version(), piece.inHand(), state, pass, choice.key(), option.key());
                Optional<Double> known = drowned.getIfPresent(key);
                if (known == null && System.nanoTime() - begun < most.toNanos()) {
                    known = drowned.get(key, k -> drowns(piece, choice, option, state, pass));
                }
                if (known == null) {
                    done = false;
                } else {
                    each.add(new Drowned(choice, option, known));
                }
            }
        }
        return new Looked(done, each);
    }

    /** The pass looked at follows the plan, where it is the planned one that is looked at. */
    private Optional<Double> drowns(Piece piece, Choice choice, Choice.Option option, LookState state, int pass) {
        try {
            Piece changed = with(piece, choice, option);
            Planned now = pieces.plan(piece);
            Planned then = pieces.plan(changed);
            int passes = pass == now.trace().plannedPasses() ? then.trace().plannedPasses() : Math.min(pass, then.trace().mostPasses());
            boolean same = changed.equals(piece) || passes == pass && !choice.key().equals(Schools.TONES.key()) && Offers.layers(now).equals(Offers.layers(then));
            return (same ? looks.foresight(piece, state, pass) : looks.foresee(changed, state, passes)).map(LookWork.Foresight::drowning);
        } catch (UnusableValue impossible) {
            return Optional.empty();
        }
    }
}
