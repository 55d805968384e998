package kindveil.way;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import kindveil.bench.Bench;
import kindveil.bench.Face;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.drying.Belief;
import kindveil.drying.Stage;
import kindveil.product.Trait;

/**
 * What a hand or an eye can tell of a coat that cannot be measured. Each reply is as likely as it says where the coat is wet, between
 * and through, or lean, right and full, so that it is evidence and no oracle (all of it assumed).
 */
public enum TellTale {
    BACK(Of.DRYING, "Its back, against the back of your hand", new Reply("cool", "water is still leaving it", 0.92, 0.6, 0.1), new Reply("as warm as the table", "no more leaves it", 0.08, 0.4, 0.9)),
    CORNER(Of.DRYING, "A corner, under a fingernail", new Reply("comes up", "nothing holds it yet", 0.8, 0.25, 0.02), new Reply("gives and springs back", "it begins to hold", 0.17, 0.5, 0.13),
            new Reply("sits still", "it holds", 0.03, 0.25, 0.85)),
    SHEEN(Of.DRYING, "Its sheen, against the light", new Reply("wet shine", "just laid", 0.85, 0.15, 0.02), new Reply("dull in places", "its thin places are ahead", 0.13, 0.65, 0.13),
            new Reply("gone, or even all over", "its face has closed", 0.02, 0.2, 0.85)),
    TACK(Of.DRYING, "A fingertip at its edge", new Reply("comes away wet", "wet", 0.85, 0.1, 0.01), new Reply("drags", "tacky", 0.14, 0.7, 0.14), new Reply("no drag", "dry to the touch", 0.01, 0.2, 0.85)),
    CLEAR(Of.DRYING, "Held against a dark thing", new Reply("milky", "water is in it", 0.9, 0.35, 0.03), new Reply("milky in its thick places", "nearly", 0.09, 0.5, 0.17),
            new Reply("clear through", "no water left", 0.01, 0.15, 0.8)),
    EDGE(Of.DRYING, "Its thickest edge, pressed", new Reply("a dent stays", "wet below its skin", 0.85, 0.2, 0.02), new Reply("gives and comes back", "soft below its skin", 0.13, 0.6, 0.28),
            new Reply("firm and not cool", "through", 0.02, 0.2, 0.7)),
    PULP(Of.DRYING, "A corner of wetted paper, rubbed", new Reply("the drawing comes away with it", "the film under it gives way", 0.85, 0.4, 0.01), new Reply("smears like glue", "soft, or too wet", 0.12, 0.4, 0.12),
            new Reply("rolls up in crumbs, and the drawing stays", "the film holds; a little colour in them is normal", 0.03, 0.2, 0.87)),
    BURNISH(new Of.Film(0.6, 1), "The tape, against the light", new Reply("dark all over", "the toner is on it", 0.1, 0.9, 0.97), new Reply("silvery spots", "air: there it takes nothing", 0.9, 0.1, 0.03)),
    CHARGE(new Of.Film(0.5, 0.6), "The brayer, and the middle of what it inks", new Reply("an even hiss, like velvet", "as it should be", 0.15, 0.8, 0.1), new Reply("a wet smack, like orange peel", "too much: fine places fill in", 0.03, 0.12, 0.85),
            new Reply("dull, bare tracks in the middle", "too little: roll on", 0.82, 0.08, 0.05)),
    PLATE(new Of.Film(0.6, 0.7), "The plate, through the paint", new Reply("shows through all over", "as thin as it should be", 0.25, 0.85, 0.1), new Reply("hidden in places", "too much: detail smudges", 0.02, 0.1, 0.85),
            new Reply("bare streaks", "too little, or drying", 0.73, 0.05, 0.05)),
    WETNESS(new Of.Film(0.4, 0.85), "The wet face, against the light", new Reply("an even sheen", "as it should be", 0.1, 0.85, 0.2), new Reply("pools", "it may slide; it transfers all the same", 0.02, 0.08, 0.78),
            new Reply("dull patches", "too little: they will stay on the film", 0.88, 0.07, 0.02));

    /** What a tell-tale tells of. */
    public sealed interface Of {
        Drying DRYING = new Drying();

        /** How dry a coat is. */
        record Drying() implements Of {
        }

        /** How much was laid. @param lean what is left of the chance where it is too little; {@code full} where it is too much */
        record Film(double lean, double full) implements Of {
        }
    }

    /**
     * One reply.
     *
     * @param meaning what it means
     * @param first how likely it is where the coat is wet, or lean; {@code second} where it is between, or right; {@code third} where it is through, or full
     */
    public record Reply(String words, String meaning, double first, double second, double third) {
    }

    /** Shares of water left that count as wet, between and through. */
    private static final double WET = 0.35;
    private static final double BETWEEN = 0.2;
    private static final double THROUGH = 0.05;
    /** How often a film is lean, right and full before anyone has looked. */
    private static final double[] FILMS = {0.15, 0.7, 0.15};
    private static final double THICK_MICROMETRES = 300;
    /** So likely dry that nobody need look. */
    public static final double CERTAIN = 0.999;
    /** So likely to hold that nobody need try a corner. */
    private static final double HOLDS_SURELY = 0.995;
    private final Of of;
    private final String question;
    private final List<Reply> replies;

    TellTale(Of of, String question, Reply... replies) {
        this.of = of;
        this.question = question;
        this.replies = List.of(replies);
    }

    public Of of() {
        return of;
    }

    public String question() {
        return question;
    }

    public List<Reply> replies() {
        return replies;
    }

    /** Whether a reply says that what lies under the paper does not hold yet. */
    public boolean givesWay(int reply) {
        return this == PULP && reply == 0;
    }

    /** How likely a reply is for a coat with this share of its water left. */
    public double likelihood(int reply, double waterShare) {
        Reply r = replies.get(reply);
        if (waterShare >= BETWEEN) {
            double t = Math.clamp((waterShare - BETWEEN) / (WET - BETWEEN), 0, 1);
            return r.second() + t * (r.first() - r.second());
        }
        double t = Math.clamp((waterShare - THROUGH) / (BETWEEN - THROUGH), 0, 1);
        return r.third() + t * (r.second() - r.third());
    }

    /** What is left of the chance that a film carries, after a reply; before any where it is empty. */
    public double carries(Optional<Integer> reply) {
        if (!(of instanceof Of.Film film)) {
            return 1;
        }
        double[] likely = reply.map(i -> new double[] {replies.get(i).first(), replies.get(i).second(), replies.get(i).third()}).orElse(new double[] {1, 1, 1});
        double[] left = {film.lean(), 1, film.full()};
        double sum = 0;
        double all = 0;
        for (int i = 0; i < FILMS.length; i++) {
            all += FILMS[i] * likely[i];
            sum += FILMS[i] * likely[i] * left[i];
        }
        return sum / all;
    }

    /** What can be told at an act: of what dries until it, or of the film it lays. */
    public static List<TellTale> at(Act act, List<Trace.Wait> waits, Bench bench) {
        if (act.step() instanceof Step.Apply coat) {
            Optional<TellTale> film = film(coat);
            if (film.isPresent()) {
                return List.of(film.get());
            }
        }
        if (burnishes(act, bench)) {
            return List.of(BURNISH);
        }
        Set<TellTale> told = new LinkedHashSet<>();
        if (act.step() instanceof Step.RubAway rub && rub.pass() == 1 && Stream.of(rub.keeps(), Face.PRINT_FRONT).anyMatch(face -> mayLift(bench, face))) {
            told.add(PULP);
        }
        for (Trace.Wait wait : waits) {
            wait.window().coats().filter(coats -> doubted(bench, coats.on(), coats.stage())).flatMap(coats -> bench.wettest(coats.on()).map(bed -> drying(coats.on(), bed, bench))).ifPresent(told::addAll);
        }
        return new ArrayList<>(told);
    }

    /** Whether a bed may not hold what is rubbed on it yet. */
    private static boolean mayLift(Bench bench, Face face) {
        return bench.wettest(face).filter(bed -> bed.drying().holds(bench.now(), bench.belief(face)) < HOLDS_SURELY).isPresent();
    }

    /** Whether a bed has not certainly got to a stage. */
    private static boolean doubted(Bench bench, Face face, Stage stage) {
        return bench.wettest(face).filter(bed -> bed.drying().chance(stage, bench.now(), bench.belief(face)) < CERTAIN).isPresent();
    }

    /** Whether an act rubs tape onto what it is to take. */
    public static boolean burnishes(Act act, Bench bench) {
        return act.step() instanceof Step.Press press && bench.bond(press.over().thing()).map(bond -> bond.joins(ThingKind.TAPE)).orElse(false);
    }

    /** What tells whether a film that carries by being wet is as it should be. */
    public static Optional<TellTale> film(Step.Apply coat) {
        if (coat.onto().equals(Face.PLATE)) {
            return Optional.of(PLATE);
        }
        return coat.product().releases() ? Optional.of(WETNESS) : coat.product().is(Trait.PRINTS) && coat.tool() == Tool.BRAYER ? Optional.of(CHARGE) : Optional.empty();
    }

    private static List<TellTale> drying(Face face, Coating bed, Bench bench) {
        boolean covered = bench.bond(face).map(bond -> bond.moving().thing() == ThingKind.PRINT || bond.onto().thing() == ThingKind.PRINT).orElse(false);
        if (covered) {
            return List.of(BACK, CORNER);
        }
        if (bed.wetMicrometres() >= THICK_MICROMETRES) {
            return List.of(EDGE, TACK);
        }
        boolean skin = Stream.of(Face.PRINT_FRONT, Face.SKIN_FRONT, Face.SKIN_BACK).anyMatch(face::equals);
        return skin && bed.product().milk(bed.wetMicrometres(), 1).isPresent() ? List.of(CLEAR, TACK) : List.of(SHEEN, TACK);
    }
}
