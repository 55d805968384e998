package kindveil.light;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * A paint measured from one even stripe of it over a black card and a white card.
 *
 * <p><b>From spectra</b>: two-flux theory solved for K and S from two grounds. For a ground of inner reflectance G under a stripe of
 * inner reflectance R, a(R+G) + c(R−G) = 1 + RG with c = b·coth bSX, linear in a and c; then b = √(a²−1), SX = atanh(b/c)/b,
 * KX = SX(a−1). Exact where a &gt; 1 and c &gt; b. A band where noise leaves that range takes the nearest limit, only absorbing, only
 * scattering or hiding wholly, whichever comes nearest to both stripes.
 *
 * <p><b>From colours</b>, as a photograph has them: six numbers do not tell 62. Solved band by band, spectra made up for each of the four
 * colours by itself contradict each other where the paint is dark, and the scattering of a semi-transparent red came out three times
 * too high. So the masstone's three numbers, the level and the slope of the scattering are fitted to both stripes at once in L*a*b*; K is
 * that scattering times the masstone's K/S, as for every paint ({@link Paint}).
 *
 * @param paint per coat as thick as the stripe
 * @param contrastRatio luminance over black by that over white, judged from outside, 0 to 1
 * @param within share by which the hiding power may be off, one standard error; infinite where it cannot be told
 * @param left how far the paint so told is from the stripe it was told from, the greater over black and white, ΔE00
 */
public record Drawdown(Coefficients paint, double contrastRatio, double within, double left) {
    /** Above it the two stripes are too alike to tell how far the paint hides (assumed). */
    private static final double TOO_OPAQUE = 0.97;
    /** How far the hiding power may be off and still be told (assumed). */
    private static final double SURE = 0.25;
    private static final double HIDES = 6;
    private static final double LEAST_POWER = 0.01;
    private static final double MOST_POWER = 12;
    private static final double STEEPEST = 1.5;
    /** Scattering powers to begin from: one beginning alone can end beside the nearest. */
    private static final double[] BEGINNINGS = {0.1, 0.5, 1.5, 4};
    private static final int ROUNDS = 120;
    private static final double ENOUGH = 1e-10;
    private static final double LEAST_INFERRED = 0.00155;
    private static final double STRONG_COLOUR = 2.2;
    private static final double DARK_COLOUR = 1.65;
    private static final double HARDLY_HIDES = 1.7;

    /** Inner reflectances of the four faces. */
    public record Faces(Spectrum blackCard, Spectrum whiteCard, Spectrum overBlack, Spectrum overWhite) {
        private Faces scaled(int which, double factor) {
            return new Faces(which == 0 ? scaled(blackCard, factor) : blackCard, which == 1 ? scaled(whiteCard, factor) : whiteCard,
                    which == 2 ? scaled(overBlack, factor) : overBlack, which == 3 ? scaled(overWhite, factor) : overWhite);
        }

        private static Spectrum scaled(Spectrum spectrum, double factor) {
            return spectrum.map(r -> Math.min(0.999, r * factor));
        }
    }

    /** The four faces as they are seen from outside. */
    public record Colours(Colour blackCard, Colour whiteCard, Colour overBlack, Colour overWhite) {
        private Colours scaled(int which, double factor) {
            return new Colours(which == 0 ? scaled(blackCard, factor) : blackCard, which == 1 ? scaled(whiteCard, factor) : whiteCard,
                    which == 2 ? scaled(overBlack, factor) : overBlack, which == 3 ? scaled(overWhite, factor) : overWhite);
        }

        private static Colour scaled(Colour colour, double factor) {
            return new Colour(colour.red() * factor, colour.green() * factor, colour.blue() * factor);
        }
    }

    /** Why it cannot be told how far a paint hides. */
    public enum Doubt {
        NONE, TOO_OPAQUE, TOO_NOISY
    }

    /** @param errors standard errors of the four faces against what they are, in the order of {@link Faces} */
    public static Drawdown of(Faces faces, double... errors) {
        Coefficients paint = solved(faces);
        double left = Math.max(ColourDifference.between(Observer.lab(paint.film(1).over(faces.blackCard)), Observer.lab(faces.overBlack)),
                ColourDifference.between(Observer.lab(paint.film(1).over(faces.whiteCard)), Observer.lab(faces.overWhite)));
        double contrast = Observer.luminance(Surface.MATTE.over(faces.overBlack)) / Observer.luminance(Surface.MATTE.over(faces.overWhite));
        return new Drawdown(paint, Math.min(1, contrast), within(paint, (face, factor) -> solved(faces.scaled(face, factor)), errors), left);
    }

    /**
     * @param surface of the dry stripe
     * @param errors standard errors of the four faces against what they are, in the order of {@link Colours}
     */
    public static Drawdown of(Colours colours, Surface surface, double... errors) {
        List<Spectrum> cards = cards(colours);
        double[] masstone = Upsampling.coefficients(colours.overWhite);
        double[] found = Arrays.stream(BEGINNINGS).mapToObj(power -> fitted(colours, surface, masstone[0], masstone[1], masstone[2], Math.log(power), 0))
                .min(Comparator.comparingDouble(at -> squared(residual(at, colours, cards, surface)))).orElseThrow();
        Coefficients paint = paint(found);
        double[] off = residual(found, colours, cards, surface);
        double left = Math.max(apart(colours.overBlack.lab(), off, 0), apart(colours.overWhite.lab(), off, 3));
        double contrast = colours.overBlack.luminance() / colours.overWhite.luminance();
        double noise = within(paint, (face, factor) -> paint(fitted(colours.scaled(face, factor), surface, found)), errors);
        return new Drawdown(paint, Math.min(1, contrast), Math.hypot(noise, inferred(colours.overWhite.lab(), contrast)), left);
    }

    /**
     * What making up 31 bands from six numbers costs the hiding power, a share of it, one standard error: more for strong and for dark
     * colours, and where the stripe hardly hides or nearly does. Fitted to 2,810 paints of one to three bands or edges of absorption and
     * a scattering that falls off with the wavelength (assumed), from SX 0.05 to 3.5; without it the truth lay within one standard error
     * in 27 of 100, with it in 68.
     */
    private static double inferred(Lab overWhite, double contrast) {
        double rises = STRONG_COLOUR * overWhite.chroma() / 100 + DARK_COLOUR * (1 - overWhite.lightness() / 100);
        return LEAST_INFERRED * Math.exp(rises) / (Math.pow(contrast, HARDLY_HIDES) * Math.max(1e-6, 1 - contrast));
    }

    private static double apart(Lab seen, double[] off, int from) {
        return ColourDifference.between(seen, new Lab(seen.lightness() + off[from], seen.a() + off[from + 1], seen.b() + off[from + 2]));
    }

    /** Black and white as any ground is taken, so that what is laid over it later is foreseen as it was measured. */
    private static List<Spectrum> cards(Colours colours) {
        return Stream.of(colours.blackCard, colours.whiteCard).map(card -> Surface.beneathGround(Upsampling.spectrum(card))).toList();
    }

    private static double squared(double[] off) {
        return LeastSquares.dot(off, off);
    }

    private static double[] fitted(Colours colours, Surface surface, double... guess) {
        List<Spectrum> cards = cards(colours);
        return LeastSquares.least(at -> residual(at, colours, cards, surface), guess, 1e-5, ENOUGH, ROUNDS);
    }

    /** What the paint differs by from the stripe over black and over white, L*, a* and b* of each. */
    private static double[] residual(double[] at, Colours colours, List<Spectrum> cards, Surface surface) {
        Film coat = paint(at).film(1);
        Lab black = Observer.lab(surface.over(coat.over(cards.get(0))));
        Lab white = Observer.lab(surface.over(coat.over(cards.get(1))));
        Lab seenBlack = colours.overBlack.lab();
        Lab seenWhite = colours.overWhite.lab();
        return new double[] {black.lightness() - seenBlack.lightness(), black.a() - seenBlack.a(), black.b() - seenBlack.b(),
            white.lightness() - seenWhite.lightness(), white.a() - seenWhite.a(), white.b() - seenWhite.b()};
    }

    /** The unknowns: the three coefficients of the masstone's curve ({@link Upsampling}); the logarithm of the scattering and its slope from violet to red. */
    private static Coefficients paint(double[] at) {
        double slope = STEEPEST * Math.tanh(at[4]);
        Spectrum inner = Surface.beneathGround(Upsampling.curve(at[0], at[1], at[2]));
        Spectrum scattering = Spectrum.of(band -> Math.clamp(Math.exp(at[3] + slope * (band / (Spectrum.BANDS - 1.0) - 0.5)), LEAST_POWER, MOST_POWER));
        return new Coefficients(Paint.ratio(inner).with(scattering, (ratio, s) -> ratio * s), scattering);
    }

    /** A paint told anew from one face seen a little brighter or darker. */
    @FunctionalInterface
    private interface Retold {
        Coefficients with(int face, double factor);
    }

    private static double within(Coefficients paint, Retold retold, double... errors) {
        double sum = 0;
        for (int i = 0; i < errors.length; i++) {
            sum += Math.pow((retold.with(i, 1 + errors[i]).hidingPower() - retold.with(i, 1 - errors[i]).hidingPower()) / 2, 2);
        }
        return paint.hidingPower() <= 0 ? Double.POSITIVE_INFINITY : Math.sqrt(sum) / paint.hidingPower();
    }

    public Doubt doubt() {
        if (contrastRatio > TOO_OPAQUE) {
            return Doubt.TOO_OPAQUE;
        }
        return within > SURE ? Doubt.TOO_NOISY : Doubt.NONE;
    }

    private static Coefficients solved(Faces faces) {
        double[] k = new double[Spectrum.BANDS];
        double[] s = new double[Spectrum.BANDS];
        for (int i = 0; i < Spectrum.BANDS; i++) {
            double[] both = band(faces.blackCard.at(i), faces.whiteCard.at(i), faces.overBlack.at(i), faces.overWhite.at(i));
            k[i] = both[0];
            s[i] = both[1];
        }
        return new Coefficients(Spectrum.of(i -> k[i]), Spectrum.of(i -> s[i]));
    }

    /** K and S. */
    private static double[] band(double blackGround, double whiteGround, double overBlack, double overWhite) {
        double det = (overBlack + blackGround) * (overWhite - whiteGround) - (overWhite + whiteGround) * (overBlack - blackGround);
        double first = 1 + overBlack * blackGround;
        double second = 1 + overWhite * whiteGround;
        double a = (first * (overWhite - whiteGround) - second * (overBlack - blackGround)) / det;
        double c = ((overBlack + blackGround) * second - (overWhite + whiteGround) * first) / det;
        double b = Math.sqrt(a * a - 1);
        if (a > 1 && c > b) {
            // atanh(b/c)/b goes to 1/c where nothing is absorbed
            double sx = b < 1e-7 ? 1 / c : Math.log((c + b) / (c - b)) / (2 * b);
            return new double[] {sx * (a - 1), sx};
        }
        return limit(blackGround, whiteGround, overBlack, overWhite);
    }

    private static double[] limit(double blackGround, double whiteGround, double overBlack, double overWhite) {
        double filter = Math.max(0, Math.log(whiteGround / Math.max(1e-6, overWhite)) / 2);
        double white = Math.max(0, (overBlack - blackGround) / Math.max(1e-6, (1 - blackGround) * (1 - overBlack)));
        double full = Math.clamp((overBlack + overWhite) / 2, 1e-4, 0.999);
        double[][] limits = {{filter, 0}, {0, white}, {HIDES * (1 - full) * (1 - full) / (2 * full), HIDES}};
        double[] best = limits[0];
        double least = Double.POSITIVE_INFINITY;
        for (double[] one : limits) {
            double off = Math.pow(over(one, blackGround) - overBlack, 2) + Math.pow(over(one, whiteGround) - overWhite, 2);
            if (off < least) {
                least = off;
                best = one;
            }
        }
        return best;
    }

    private static double over(double[] ks, double ground) {
        return new Coefficients(Spectrum.flat(ks[0]), Spectrum.flat(ks[1])).film(1).over(Spectrum.flat(ground)).at(0);
    }
}
