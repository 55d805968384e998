package kindveil.finish;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kindveil.bench.Bench;
import kindveil.bench.Concern;
import kindveil.bench.Face;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Preparation;
import kindveil.bench.Refusal;
import kindveil.bench.Step;
import kindveil.product.Product;
import kindveil.product.Trait;
import kindveil.way.Brief;
import kindveil.way.Fit;
import kindveil.way.Trace.Moment;
import kindveil.way.Walk;
import org.jspecify.annotations.Nullable;

/**
 * What may come over finished work, each kind tried on its bench.
 *
 * @param offers in the order of the ways; all that hold, and all that do not
 */
public record FinishReading(List<Offer> offers) {
    /** So many coats are laid first, at most, for one that does not hold by itself. */
    private static final int MOST_BEFORE = 2;

    /**
     * One kind of last coat over this work.
     *
     * @param against why it does not hold; empty where it does
     * @param doubts what it is taken with
     * @param instead the nearest order that holds and ends with it, or with the same way in another kind; empty where it holds, or nothing helps
     * @param from when its first coat may be laid, on the bench's time; null where it never may in this air
     * @param closes ways that held before and no longer do, by name
     */
    public record Offer(LastCoat coat, List<String> against, List<Concern> doubts, List<LastCoat> instead, @Nullable Duration from, Becomes becomes, List<String> closes) {
        public Offer {
            against = List.copyOf(against);
            doubts = List.copyOf(doubts);
            instead = List.copyOf(instead);
            closes = List.copyOf(closes);
        }

        public boolean holds() {
            return against.isEmpty();
        }
    }

    /**
     * What comes of it.
     *
     * @param sheen of the face then
     * @param reversible whether and how it comes off again
     * @param ages how, as far as it is known
     */
    public record Becomes(String sheen, String reversible, String ages) {
    }

    public FinishReading {
        offers = List.copyOf(offers);
    }

    /** What one coat comes to on a bench. */
    private record Tried(List<String> against, List<Concern> doubts, List<Moment> moments, Bench after) {
        boolean holds() {
            return against.isEmpty();
        }
    }

    /** Tries coats on benches, each once. */
    private static final class Trying {
        private final Brief brief;
        private final int part;
        private final Map<List<LastCoat>, Tried> known = new HashMap<>();
        private final Bench bench;

        Trying(Bench bench, Brief brief, int part) {
            this.bench = bench;
            this.brief = brief;
            this.part = part;
        }

        /** The last of several coats over the others, which hold. */
        Tried last(List<LastCoat> order) {
            Tried found = known.get(order);
            if (found == null) {
                LastCoat coat = order.getLast();
                Bench below = order.size() == 1 ? bench : last(order.subList(0, order.size() - 1)).after;
                Fit fit = coat.way().card().fit(brief.support());
                Brief here = coat.way().without(briefed(coat));
                List<Moment> moments = Walk.of(coat.way().onto(below, here, part + order.size() - 1)).toTheEnd(below.now());
                List<String> against = new ArrayList<>();
                if (fit.verdict() == Fit.Verdict.NO) {
                    against.add(fit.reason());
                }
                moments.stream().flatMap(moment -> moment.refusals().stream()).map(Refusal::words).distinct().forEach(against::add);
                List<Concern> doubts = new ArrayList<>();
                if (fit.verdict() != Fit.Verdict.NO && !fit.reason().isEmpty()) {
                    doubts.add(new Concern(Concern.Grade.CARE, Face.SUPPORT_FRONT, fit.reason(), ""));
                }
                moments.stream().flatMap(moment -> moment.concerns().stream()).distinct().forEach(doubts::add);
                found = new Tried(against, doubts, moments, moments.getLast().after());
                known.put(List.copyOf(order), found);
            }
            return found;
        }

        private Brief briefed(LastCoat coat) {
            Brief made = brief;
            for (Map.Entry<String, String> choice : coat.choices().entrySet()) {
                made = made.with(choice.getKey(), choice.getValue());
            }
            return made;
        }
    }

    /**
     * What may come over work.
     *
     * @param bench as the work is finished on it
     * @param brief of the piece; what is chosen of its own way is of no matter here
     * @param part the number the first last coat has in the piece
     */
    public static FinishReading of(List<LastCoat> all, Bench bench, Brief brief, int part) {
        Trying trying = new Trying(bench, bare(brief), part);
        Set<LastCoat> now = all.stream().filter(coat -> trying.last(List.of(coat)).holds()).collect(Collectors.toCollection(LinkedHashSet::new));
        return new FinishReading(all.stream().map(coat -> offer(coat, all, now, trying)).toList());
    }

    /** Every order of so many coats, each way once, that the bench takes. */
    public static List<List<LastCoat>> orders(List<LastCoat> all, Bench bench, Brief brief, int part, int most) {
        Trying trying = new Trying(bench, bare(brief), part);
        List<List<LastCoat>> orders = new ArrayList<>();
        List<List<LastCoat>> longest = List.of(List.of());
        for (int length = 1; length <= most; length++) {
            longest = longest.stream().flatMap(order -> all.stream().filter(coat -> order.stream().noneMatch(earlier -> earlier.way().equals(coat.way()))).map(coat -> plus(order, coat))).filter(order -> trying.last(order).holds()).toList();
            orders.addAll(longest);
        }
        return orders;
    }

    private static Brief bare(Brief brief) {
        return brief.with(new kindveil.way.Settings(Map.of(), Map.of(), Map.of(), Map.of()));
    }

    private static List<LastCoat> plus(List<LastCoat> order, LastCoat coat) {
        return Stream.concat(order.stream(), Stream.of(coat)).toList();
    }

    private static Offer offer(LastCoat coat, List<LastCoat> all, Set<LastCoat> now, Trying trying) {
        Tried tried = trying.last(List.of(coat));
        List<String> closes = tried.holds() ? closes(coat, now, trying) : List.of();
        Moment first = tried.moments.stream().filter(moment -> does(moment.act().step())).findFirst().orElse(tried.moments.getLast());
        return new Offer(coat, tried.against, tried.doubts, tried.holds() ? List.of() : instead(coat, all, now, trying), first.timed() ? first.start() : null, becomes(tried), closes);
    }

    /** Whether a step is what the way is about, and not its dusting. */
    private static boolean does(Step step) {
        return step instanceof Step.Apply || step instanceof Step.Infuse || step instanceof Step.Prepare prepare && (prepare.what() == Preparation.FRAME || prepare.what() == Preparation.INTERLEAVE);
    }

    private static List<String> closes(LastCoat coat, Set<LastCoat> now, Trying trying) {
        Set<String> open = now.stream().filter(other -> trying.last(List.of(coat, other)).holds()).map(other -> other.way().name()).collect(Collectors.toSet());
        return now.stream().map(other -> other.way().name()).distinct().filter(name -> !open.contains(name)).toList();
    }

    /** The same way in another kind that holds; else the fewest coats, done soonest, after which it holds. */
    private static List<LastCoat> instead(LastCoat coat, List<LastCoat> all, Set<LastCoat> now, Trying trying) {
        Optional<LastCoat> kind = now.stream().filter(other -> other.way().equals(coat.way())).findFirst();
        if (kind.isPresent()) {
            return List.of(kind.get());
        }
        List<List<LastCoat>> before = now.stream().map(List::of).toList();
        for (int coats = 1; coats <= MOST_BEFORE; coats++) {
            List<LastCoat> best = best(before.stream().filter(order -> order.stream().noneMatch(other -> other.way().equals(coat.way()))).map(order -> plus(order, coat)).filter(order -> trying.last(order).holds()).toList(), trying);
            if (best != null) {
                return best;
            }
            before = coats == MOST_BEFORE ? before : before.stream().flatMap(order -> all.stream().filter(other -> order.stream().noneMatch(earlier -> earlier.way().equals(other.way()))).map(other -> plus(order, other))).filter(order -> trying.last(order).holds()).toList();
        }
        return List.of();
    }

    private static @Nullable List<LastCoat> best(List<List<LastCoat>> orders, Trying trying) {
        return orders.stream().min(java.util.Comparator.comparingInt((List<LastCoat> order) -> trying.last(order).doubts.size()).thenComparing(order -> trying.last(order).moments.getLast().end())).orElse(null);
    }

    private static Becomes becomes(Tried tried) {
        Optional<Product> top = tried.after.topCoat(Face.SUPPORT_FRONT).map(Coating::product);
        Optional<Product> laid = tried.moments.stream().map(moment -> moment.act().step()).flatMap(step -> laid(step).stream()).findFirst();
        String sheen = top.map(product -> product.is(Trait.WAXY) ? "silky" : product.gloss() ? "gloss" : product.clouds() ? "soft to matte" : "soft").orElse("as it is");
        return new Becomes(sheen, laid.map(FinishReading::reversible).orElse("nothing lies on it"), laid.map(FinishReading::ages).orElse("as it is"));
    }

    private static Optional<Product> laid(Step step) {
        return switch (step) {
            case Step.Apply apply -> Optional.of(apply.product());
            case Step.Infuse infuse -> Optional.of(infuse.agent());
            default -> Optional.empty();
        };
    }

    private static String reversible(Product product) {
        if (product.is(Trait.REMOVABLE)) {
            return "comes off again with what its label names";
        }
        if (product.is(Trait.WAXY)) {
            return "most of it comes off again with what its label names";
        }
        return product.is(Trait.OILY) ? "never comes out" : "stays for good";
    }

    private static String ages(Product product) {
        if (product.is(Trait.WAXY)) {
            return "dulls with hands; polish it again";
        }
        if (product.is(Trait.CAST)) {
            return "yellows in daylight over years; scratches stay";
        }
        if (product.is(Trait.OILY)) {
            return "sinks in; rub in a little more when it looks dry";
        }
        return product.is(Trait.REMOVABLE) ? "may yellow, and is taken off then" : product.is(Trait.WATER_BORNE) ? "stays clear, soft when warm: dust sticks, faces block" : "known only from its label";
    }
}
