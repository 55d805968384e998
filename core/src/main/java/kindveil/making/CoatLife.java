package kindveil.making;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kindveil.bench.Bench;
import kindveil.bench.Face;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Thing;
import kindveil.drying.Belief;
import kindveil.drying.Drying;
import kindveil.drying.Stage;
import kindveil.measure.Span;
import kindveil.product.Product;
import org.jspecify.annotations.Nullable;

/**
 * The life of one coat: how it dried under all that was done to it, how it is foreseen to go on, and what was seen of it. Times
 * are the bench's.
 *
 * @param lies how it lies now, or lay last
 * @param points from when it was laid until it is through, or gone
 * @param gone when it went into something else, or null
 * @param seen what was felt of it, oldest first
 */
public record CoatLife(Product product, Duration laid, String lies, List<Point> points, List<Reached> reached, @Nullable Duration gone, List<Seen> seen) {
    private static final int POINTS = 96;
    /** Further on than this nobody waits. */
    private static final Duration LONGEST = Duration.ofDays(4);
    private static final Duration SHORTEST = Duration.ofMinutes(10);
    private static final double BEYOND = 1.08;
    private static final double QUICK = 0.25;
    private static final double MIDDLE = 0.5;
    private static final double SLOW = 0.9;

    /** Share of its first water left: of the quicker of four coats, of the middle one, and of the slowest of ten. */
    public record Point(Duration at, double quick, double middle, double slow) {
    }

    /** When it comes, or came, to a stage; empty where it never does. */
    public record Reached(Stage stage, Optional<Drying.Spread> when) {
    }

    /** Something felt. @param share of its water that the middle studio would have left then */
    public record Seen(Duration at, double share, String question, String reply) {
    }

    public CoatLife {
        points = List.copyOf(points);
        reached = List.copyOf(reached);
        seen = List.copyOf(seen);
    }

    /** One coat, as it was from a time on. */
    private record Spell(Duration from, Drying drying) {
    }

    private record Followed(Coating coat, Face face, List<Spell> spells) {
        Drying at(Duration time) {
            Drying drying = spells.getFirst().drying;
            for (Spell spell : spells) {
                if (spell.from.compareTo(time) > 0) {
                    return drying;
                }
                drying = spell.drying;
            }
            return drying;
        }
    }

    private record Key(Duration laid, String product) {
    }

    /** Of all coats of a making that dry, the last laid first. */
    public static List<CoatLife> of(Making making, Instant now) {
        Map<Key, Followed> followed = new LinkedHashMap<>();
        making.moments().forEach(moment -> follow(moment.after(), followed));
        Bench last = making.bench(now);
        follow(last, followed);
        return followed.entrySet().stream().map(each -> of(each.getKey(), each.getValue(), making, last)).sorted(Comparator.comparing(CoatLife::laid).reversed()).toList();
    }

    private static void follow(Bench bench, Map<Key, Followed> followed) {
        for (Thing thing : bench.things()) {
            for (Face.Side side : Face.Side.values()) {
                Face face = new Face(thing.kind(), side);
                for (Coating coat : bench.layers(face, Coating.class)) {
                    if (coat.drying() != null) {
                        Key key = new Key(coat.laid(), coat.product().id());
                        List<Spell> spells = followed.containsKey(key) ? followed.get(key).spells : new ArrayList<>();
                        spells.add(new Spell(Span.longer(coat.drying().since(), coat.laid()), coat.drying()));
                        followed.put(key, new Followed(coat, face, spells));
                    }
                }
            }
        }
    }

    private static CoatLife of(Key key, Followed of, Making making, Bench last) {
        boolean there = last.coats().anyMatch(coat -> coat.laid().equals(key.laid) && coat.product().id().equals(key.product));
        List<Making.Check> checks = making.checks().stream().filter(check -> check.bed().laid().equals(key.laid) && check.bed().product().id().equals(key.product)).toList();
        Belief belief = last.belief(of.face);
        for (Making.Check check : checks) {
            belief = belief.seen(check.bed().drying(), check.at(), share -> check.sign().tale().likelihood(check.sign().reply(), share));
        }
        Drying now = of.spells.getLast().drying;
        Belief believed = belief;
        List<Reached> reached = List.of(Stage.TOUCH_DRY, Stage.RECOAT, Stage.THROUGH).stream().map(stage -> new Reached(stage, now.spread(stage, believed))).toList();
        Duration gone = there ? null : making.moments().stream().filter(moment -> moment.after().coats().anyMatch(coat -> coat.laid().equals(key.laid))).map(moment -> moment.end()).reduce((x, y) -> y).map(end -> next(making, end)).orElse(key.laid);
        Duration end = gone != null ? gone : reached.getLast().when.map(Drying.Spread::nineTenths).map(slow -> key.laid.plus(Span.minutes(Span.inMinutes(slow.minus(key.laid)) * BEYOND))).orElse(key.laid.plus(LONGEST));
        Duration until = Span.longer(key.laid.plus(SHORTEST), end.minus(key.laid).compareTo(LONGEST) > 0 ? key.laid.plus(LONGEST) : end);
        double quick = believed.exceeded(QUICK);
        double middle = believed.exceeded(MIDDLE);
        double slow = believed.exceeded(SLOW);
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= POINTS; i++) {
            Duration at = key.laid.plus(Span.minutes(Span.inMinutes(until.minus(key.laid)) * i / POINTS));
            Drying then = of.at(at);
            points.add(new Point(at, share(then, at, quick), share(then, at, middle), share(then, at, slow)));
        }
        List<Seen> seen = checks.stream().map(check -> new Seen(check.at(), share(of.at(check.at()), check.at(), middle), check.sign().tale().question(), check.sign().tale().replies().get(check.sign().reply()).words())).toList();
        return new CoatLife(of.coat.product(), key.laid, now.bed().lies(), points, reached, gone, seen);
    }

    /** Once it is through it is not followed any further. */
    private static double share(Drying drying, Duration at, double rate) {
        return Math.max(Stage.THROUGH.waterShare(), drying.waterShare(at, rate));
    }

    /** When the act after a time ended: by then it was gone. */
    private static Duration next(Making making, Duration end) {
        return making.moments().stream().map(moment -> moment.end()).filter(other -> other.compareTo(end) > 0).findFirst().orElse(end);
    }
}
