package kindveil.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import kindveil.bench.PrintKind;
import kindveil.catalogue.Catalogue;
import kindveil.catalogue.Samples;
import kindveil.light.Colour;
import kindveil.light.ColourDifference;
import kindveil.light.Lab;
import kindveil.light.Separation;
import kindveil.light.Upsampling;
import kindveil.way.Trace;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * A photograph in colours, printed by laser and laid in gel, over blue, kraft and black, in every state: the look against a
 * calculation of its own from what is known of inks, fibre, binder and the eye, written here a second time in another form.
 */
class ColourPhotographTest {
    private static final int BANDS = 31;
    private static final double[] DAYLIGHT = {82.75, 91.49, 93.43, 86.68, 104.86, 117.01, 117.81, 114.86, 115.92, 108.81, 109.35, 107.80, 104.79, 107.69, 104.41, 104.05, 100.00, 96.33, 95.79, 88.69, 90.01,
        89.60, 87.70, 83.29, 83.70, 80.03, 80.21, 82.28, 78.28, 69.72, 71.61};
    private static final List<LookState> ALL = List.of(LookState.WET, LookState.DRIED, LookState.CLEARED, LookState.SEALED);

    private static Trace laid(String seal) {
        Way way = Catalogue.way("gel-lay");
        return Trace.of(way.expand(Samples.usual(way).with(PrintKind.COLOUR_TONER).coloured(0.7).with("clearing", "gloss-medium").with("sealing", seal)));
    }

    private static double nanometres(int band) {
        return 400 + 10 * band;
    }

    private static double bell(double nm, double middle, double width) {
        return Math.exp(-0.5 * Math.pow((nm - middle) / width, 2));
    }

    /** What a solid of cyan, magenta, yellow or black lets through, one way. */
    private static double through(int ink, double nm) {
        return switch (ink) {
            case 0 -> Math.pow(10, -(0.75 * bell(nm, 650, 60) + 0.10 * bell(nm, 450, 80)));
            case 1 -> Math.pow(10, -(0.70 * bell(nm, 545, 38) + 0.12 * bell(nm, 440, 40)));
            case 2 -> Math.pow(10, -(0.75 / (1 + Math.exp((nm - 505) / 12)) + 0.01));
            default -> 0.2;
        };
    }

    /** Kubelka and Munk's own form: R over a ground by a, b and coth. */
    private static double fibre(double below, double grams, double scattering) {
        double k = 0.3 * grams / 1000;
        double s = 45 * scattering * grams / 1000;
        double a = (s + k) / s;
        double b = Math.sqrt(a * a - 1);
        double coth = 1 / Math.tanh(b * s);
        return (1 - below * (a - b * coth)) / (a - below + b * coth);
    }

    /** Scattering left of fibre whose pores are filled, some of them not. */
    private static double filled(double index, double unfilled) {
        double left = Math.pow((Math.pow(1.53 / index, 2) - 1) / (1.53 * 1.53 - 1), 2);
        return left * (1 - unfilled) + unfilled;
    }

    private static double inner(double outer) {
        double above = outer - 0.04;
        double soft = 0.5 * (above + Math.sqrt(above * above + 4 * 0.008 * 0.008));
        // Saunderson, solved for what lies under a dull face
        return soft / ((1 - 0.04) * (1 - 0.5) + 0.5 * soft);
    }

    private static double outer(double inner, boolean dull) {
        return (dull ? 0.04 : 0) + 0.96 * 0.5 * inner / (1 - 0.5 * inner);
    }

    private static Lab seen(Colour ground, double[] covers, LookState state, double grams, boolean dullSeal) {
        double[] spectrum = new double[BANDS];
        for (int band = 0; band < BANDS; band++) {
            double nm = nanometres(band);
            double below = inner(Upsampling.spectrum(ground).at(band));
            double light = 0;
            for (int overlap = 0; overlap < 16; overlap++) {
                double share = 1;
                double left = 1;
                for (int ink = 0; ink < 4; ink++) {
                    boolean there = (overlap >> ink & 1) == 1;
                    share *= there ? covers[ink] : 1 - covers[ink];
                    left *= there ? Math.pow(through(ink, nm), 2) : 1;
                }
                light += share * left * below;
            }
            spectrum[band] = switch (state) {
                case WET -> outer(fibre(light, grams, filled(1.333, 0.03)), false);
                case DRIED -> fibre(outer(light, true), grams, 1);
                case CLEARED -> outer(fibre(light, grams, filled(1.49, 0.08)), false);
                default -> outer(fibre(light, grams, filled(1.49, 0.08)), dullSeal);
            };
        }
        return lab(spectrum);
    }

    private static double lobe(double nm, double peak, double below, double above) {
        double t = (nm - peak) * (nm < peak ? below : above);
        return Math.exp(-0.5 * t * t);
    }

    private static Lab lab(double[] spectrum) {
        double[] xyz = new double[3];
        double[] white = new double[3];
        for (int band = 0; band < BANDS; band++) {
            double nm = nanometres(band);
            double[] eye = {1.056 * lobe(nm, 599.8, 0.0264, 0.0323) + 0.362 * lobe(nm, 442.0, 0.0624, 0.0374) - 0.065 * lobe(nm, 501.1, 0.0490, 0.0382),
                0.821 * lobe(nm, 568.8, 0.0213, 0.0247) + 0.286 * lobe(nm, 530.9, 0.0613, 0.0322), 1.217 * lobe(nm, 437.0, 0.0845, 0.0278) + 0.681 * lobe(nm, 459.0, 0.0385, 0.0725)};
            for (int i = 0; i < 3; i++) {
                xyz[i] += eye[i] * DAYLIGHT[band] * spectrum[band];
                white[i] += eye[i] * DAYLIGHT[band];
            }
        }
        double[] f = new double[3];
        for (int i = 0; i < 3; i++) {
            double t = xyz[i] / white[i];
            f[i] = t > 216.0 / 24389 ? Math.cbrt(t) : (24389.0 / 27 * t + 16) / 116;
        }
        return new Lab(116 * f[1] - 16, 500 * (f[0] - f[1]), 200 * (f[1] - f[2]));
    }

    /** Colours as a photograph has them: greys and muted ones more often than strong ones. */
    private static List<Colour> photograph() {
        Random random = new Random(6);
        List<Colour> colours = new ArrayList<>();
        for (int i = 0; i < 120; i++) {
            double grey = random.nextDouble();
            double strength = Math.pow(random.nextDouble(), 2);
            colours.add(new Colour(mixed(grey, random, strength), mixed(grey, random, strength), mixed(grey, random, strength)));
        }
        return colours;
    }

    private static double mixed(double grey, Random random, double strength) {
        return Math.clamp(grey * (1 - strength) + random.nextDouble() * strength, 0, 1);
    }

    @ParameterizedTest
    @CsvSource({"#2f5fa8, gloss-varnish", "#b08d62, gloss-varnish", "#2f5fa8, matte-varnish", "#b08d62, matte-varnish", "#3b3b3b, gloss-varnish", "#3b3b3b, matte-varnish"})
    void photograph_inEveryState_isAsReckonedApart(String ground, String seal) {
        Trace trace = laid(seal);
        Separation separation = Separation.of(PrintKind.COLOUR_TONER.inks());
        Colour under = Colour.parse("ground", ground);
        double[] residue = {12, 5, 2, 0.5};
        for (LookState state : ALL) {
            for (int pass = 1; pass <= 4; pass++) {
                StackReading stack = StackReading.of(state.bench(trace, pass));
                assertEquals(4, stack.covers().size());
                double worst = 0;
                double sum = 0;
                List<Colour> colours = photograph();
                for (Colour colour : colours) {
                    double[] covers = separation.coverages(colour);
                    double off = ColourDifference.between(stack.at(under, covers).lab(), seen(under, covers, state, residue[pass - 1], seal.startsWith("matte")));
                    worst = Math.max(worst, off);
                    sum += off;
                }
                assertTrue(sum / colours.size() < 0.3 && worst < 1, "%s after pass %d over %s: mean %.2f, worst %.2f".formatted(state, pass, ground, sum / colours.size(), worst));
            }
        }
    }

    /** What the states do to a photograph on a dark ground, in figures: white as it dries, back under gloss, a little paler under a matte seal. */
    @Test
    void overBlack_itWhitensAsItDries_andComesBackUnderGloss() {
        Colour black = Colour.grey(0.045);
        double[] brown = Separation.of(PrintKind.COLOUR_TONER.inks()).coverages(Colour.parse("brown", "#7a5230"));
        double wet = lightness(laid("none"), LookState.WET, black, brown);
        double dried = lightness(laid("none"), LookState.DRIED, black, brown);
        double cleared = lightness(laid("none"), LookState.CLEARED, black, brown);
        double matte = lightness(laid("matte-varnish"), LookState.SEALED, black, brown);
        assertTrue(dried > wet + 15, wet + " wet, " + dried + " dried");
        assertTrue(cleared < dried - 15 && matte > cleared + 8, cleared + " cleared, " + matte + " under matte");
    }

    private static double lightness(Trace trace, LookState state, Colour ground, double[] covers) {
        return StackReading.of(state.bench(trace, 2)).at(ground, covers).lab().lightness();
    }
}
