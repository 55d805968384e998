package kindveil.light;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * How to mix a colour from the paints there are: which of them, at most three, and how many drops of each. Every one, two and three of
 * them are tried in every proportion of few drops; the nearest are then tried again with more drops.
 *
 * @param parts in drops, the most first
 * @param seen what it looks like
 * @param apart from what was wished, ΔE00
 */
public record Mixing(List<Part> parts, Colour seen, double apart) {
    public static final int MOST_POTS = 3;
    /** Proportions of all the paints are tried to so many drops, and those that came nearest to so many. */
    private static final int FEW_DROPS = 8;
    private static final int MOST_DROPS = 24;
    private static final int TRIED_AGAIN = 24;
    /** What is nearer than this to a mixture of fewer pots is not worth another pot: hardly seen side by side. */
    private static final double WORTH = 0.5;

    /** A paint with its name. */
    public record Pot(String name, Coefficients paint) {
    }

    /** So many drops of a paint. @param pot its place among those there are */
    public record Part(int pot, int drops) {
    }

    public Mixing {
        parts = List.copyOf(parts);
    }

    /** In all. */
    public int drops() {
        return parts.stream().mapToInt(Part::drops).sum();
    }

    /**
     * What it will lie on and how thick.
     *
     * @param ground its inner reflectance
     * @param coats 0 for so many that nothing shows through
     */
    public record Laid(Spectrum ground, double coats, Surface surface) {
        /** In full, from a dull face. */
        public static Laid hiding() {
            return new Laid(Spectrum.flat(0), 0, Surface.MATTE);
        }

        /** Over a ground whose colour was judged from outside. */
        public static Laid over(Colour ground, double coats, Surface surface) {
            return new Laid(Surface.beneathGround(Upsampling.spectrum(ground)), coats, surface);
        }

        private Spectrum seen(Coefficients paint) {
            return surface.over(coats == 0 ? paint.masstone() : paint.film(coats).over(ground));
        }
    }

    /** The nearest with one pot, with two and with three; more pots only where they come nearer by what can be seen. Empty where there is no paint. */
    public static List<Mixing> nearest(List<Pot> pots, Lab wished, Laid laid) {
        List<Mixing> nearest = new ArrayList<>();
        for (int many = 1; many <= Math.min(MOST_POTS, pots.size()); many++) {
            Mixing best = of(pots, many, wished, laid);
            if (nearest.isEmpty() || best.apart < nearest.getLast().apart - WORTH) {
                nearest.add(best);
            }
        }
        return List.copyOf(nearest);
    }

    private static Mixing of(List<Pot> pots, int many, Lab wished, Laid laid) {
        List<int[]> choices = choices(pots.size(), many);
        List<int[]> few = drops(many, FEW_DROPS);
        record Tried(int[] choice, double apart) {
        }
        List<int[]> promising = choices.parallelStream().map(choice -> new Tried(choice, few.stream().mapToDouble(drops -> apart(pots, choice, drops, wished, laid)).min().orElseThrow()))
                .sorted(Comparator.comparingDouble(Tried::apart)).limit(TRIED_AGAIN).map(Tried::choice).toList();
        List<int[]> all = drops(many, MOST_DROPS);
        record Found(int[] choice, int[] drops, double apart) {
        }
        Found best = promising.parallelStream().map(choice -> all.stream().map(drops -> new Found(choice, drops, apart(pots, choice, drops, wished, laid))).min(Comparator.comparingDouble(Found::apart)).orElseThrow())
                .min(Comparator.comparingDouble(Found::apart)).orElseThrow();
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            parts.add(new Part(best.choice[i], best.drops[i]));
        }
        parts.sort(Comparator.comparingInt(Part::drops).reversed().thenComparingInt(Part::pot));
        return new Mixing(parts, Observer.colour(laid.seen(mixture(pots, best.choice, best.drops))), best.apart);
    }

    /** What so many drops of some of them are, by their shares. */
    public static Coefficients mixture(List<Pot> pots, List<Part> parts) {
        return mixture(pots, parts.stream().mapToInt(Part::pot).toArray(), parts.stream().mapToInt(Part::drops).toArray());
    }

    private static Coefficients mixture(List<Pot> pots, int[] choice, int[] drops) {
        double all = 0;
        for (int some : drops) {
            all += some;
        }
        double[] k = new double[Spectrum.BANDS];
        double[] s = new double[Spectrum.BANDS];
        for (int j = 0; j < choice.length; j++) {
            Coefficients paint = pots.get(choice[j]).paint;
            double share = drops[j] / all;
            for (int i = 0; i < Spectrum.BANDS; i++) {
                k[i] += share * paint.absorption().at(i);
                s[i] += share * paint.scattering().at(i);
            }
        }
        return new Coefficients(Spectrum.of(i -> k[i]), Spectrum.of(i -> s[i]));
    }

    private static double apart(List<Pot> pots, int[] choice, int[] drops, Lab wished, Laid laid) {
        return ColourDifference.between(Observer.lab(laid.seen(mixture(pots, choice, drops))), wished);
    }

    private static List<int[]> choices(int of, int many) {
        List<int[]> all = new ArrayList<>();
        choose(all, new int[many], 0, 0, of);
        return all;
    }

    private static void choose(List<int[]> all, int[] chosen, int at, int from, int of) {
        if (at == chosen.length) {
            all.add(chosen.clone());
            return;
        }
        for (int i = from; i < of; i++) {
            chosen[at] = i;
            choose(all, chosen, at + 1, i + 1, of);
        }
    }

    /** Every proportion of at least one drop each, to so many drops in all, each once in its fewest drops, the fewest first. */
    private static List<int[]> drops(int many, int most) {
        List<int[]> all = new ArrayList<>();
        for (int sum = many; sum <= most; sum++) {
            part(all, new int[many], 0, sum);
        }
        return all;
    }

    private static void part(List<int[]> all, int[] drops, int at, int left) {
        if (at == drops.length - 1) {
            drops[at] = left;
            if (divisor(drops) == 1) {
                all.add(drops.clone());
            }
            return;
        }
        for (int some = 1; some <= left - (drops.length - 1 - at); some++) {
            drops[at] = some;
            part(all, drops, at + 1, left - some);
        }
    }

    private static int divisor(int[] drops) {
        int common = 0;
        for (int some : drops) {
            int other = some;
            while (other != 0) {
                int rest = common % other;
                common = other;
                other = rest;
            }
        }
        return common;
    }
}
