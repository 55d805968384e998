package kindveil.light;

import java.util.List;

/**
 * One translucent part of a stack: films that lie over what comes from below, different from place to place by a few masks of
 * their own.
 *
 * <p>However many films it has, what a veil does to light is one composite film for each combination of its masks: the films
 * added by Kubelka (1954), R = a + t²Rg/(1 − b·Rg). So the cost of a look is the sum of its veils' and not their product.
 *
 * <p>Inks of a print in colours lie uppermost in their veil, as dots that know nothing of each other: the mean over all their
 * overlaps (Neugebauer 1937) is the product of each ink's own mean, so that each costs one multiplication.
 *
 * @param masks which coverages it depends on, in the order of its states' bits
 * @param states films from below upwards for each combination: state {@code s} has mask {@code i} where bit {@code i} is set
 * @param inks over all of them
 */
public record MaskedFilms(List<Integer> masks, List<List<Film>> states, List<InkDots> inks) {
    private static final int MOST_MASKS = 8;

    public MaskedFilms {
        masks = List.copyOf(masks);
        inks = List.copyOf(inks);
        states = states.stream().map(List::copyOf).toList();
        if (masks.size() > MOST_MASKS || states.size() != 1 << masks.size()) {
            throw new IllegalArgumentException("Impossible state: %d states of a veil with %d masks.".formatted(states.size(), masks.size()));
        }
    }

    /** Without inks in colours. */
    public MaskedFilms(List<Integer> masks, List<List<Film>> states) {
        this(masks, states, List.of());
    }

    /** Without masks: the same everywhere. */
    public static MaskedFilms even(List<Film> films) {
        return new MaskedFilms(List.of(), List.of(films));
    }

    /** Dots of one ink. @param mask which coverage; @param solid what a solid lets through, one way */
    public record InkDots(int mask, Spectrum solid) {
        /** What is left of light that goes through them and back, where they cover so much. */
        Spectrum left(double coverage) {
            return solid.map(t -> 1 - coverage * (1 - t * t));
        }
    }

    /** Share of a state where each mask covers so much (Demichel 1924). @param coverages of all masks of the look */
    double share(int state, double[] coverages) {
        double share = 1;
        for (int i = 0; i < masks.size(); i++) {
            double c = coverages[masks.get(i)];
            share *= (state >> i & 1) == 1 ? c : 1 - c;
        }
        return share;
    }

    /** One composite film for each state. */
    List<Composite> composites() {
        return states.stream().map(Composite::of).toList();
    }

    /** States in which a mask that is nowhere is set. */
    boolean impossible(int state, boolean[] somewhere) {
        for (int i = 0; i < masks.size(); i++) {
            if ((state >> i & 1) == 1 && !somewhere[masks.get(i)]) {
                return true;
            }
        }
        return false;
    }

    /** Films one after another as a single one, per band: R = top + squared·Rg/(1 − bottom·Rg). */
    record Composite(float[] top, float[] squared, float[] bottom) {
        static Composite of(List<Film> films) {
            float[] top = new float[Spectrum.BANDS];
            float[] squared = new float[Spectrum.BANDS];
            float[] bottom = new float[Spectrum.BANDS];
            for (int band = 0; band < Spectrum.BANDS; band++) {
                double a = 0;
                double t2 = 1;
                double b = 0;
                for (Film film : films) {
                    double r = film.reflectance().at(band);
                    double t = film.transmittance().at(band);
                    double between = 1 - r * a;
                    double under = b + t2 * r / between;
                    a = r + t * t * a / between;
                    t2 = t * t * t2 / (between * between);
                    b = under;
                }
                top[band] = (float) a;
                squared[band] = (float) t2;
                bottom[band] = (float) b;
            }
            return new Composite(top, squared, bottom);
        }

        /** This one laid on another. */
        Composite on(Composite lower) {
            float[] a = new float[Spectrum.BANDS];
            float[] t2 = new float[Spectrum.BANDS];
            float[] b = new float[Spectrum.BANDS];
            for (int band = 0; band < Spectrum.BANDS; band++) {
                double between = 1 - (double) bottom[band] * lower.top[band];
                a[band] = (float) (top[band] + squared[band] * lower.top[band] / between);
                t2[band] = (float) (squared[band] * lower.squared[band] / (between * between));
                b[band] = (float) (lower.bottom[band] + lower.squared[band] * bottom[band] / between);
            }
            return new Composite(a, t2, b);
        }

        boolean clear() {
            for (int band = 0; band < Spectrum.BANDS; band++) {
                if (top[band] != 0 || squared[band] != 1) {
                    return false;
                }
            }
            return true;
        }
    }

    /** The spectrum over what comes from below at one place, mixed under the surface by coverage. */
    Spectrum over(Spectrum below, double[] coverages) {
        Spectrum sum = Spectrum.flat(0);
        for (int state = 0; state < states.size(); state++) {
            double share = share(state, coverages);
            if (share > 0) {
                sum = sum.with(folded(below, states.get(state)), (s, seen) -> s + share * seen);
            }
        }
        return under(sum, coverages);
    }

    /** What its inks leave of light from below. */
    Spectrum under(Spectrum below, double[] coverages) {
        Spectrum left = below;
        for (InkDots dots : inks) {
            left = left.with(dots.left(coverages[dots.mask()]), (r, share) -> r * share);
        }
        return left;
    }

    static Spectrum folded(Spectrum below, List<Film> films) {
        Spectrum seen = below;
        for (Film film : films) {
            seen = film.over(seen);
        }
        return seen;
    }
}
