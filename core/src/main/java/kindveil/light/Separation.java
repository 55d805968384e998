package kindveil.light;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import kindveil.image.Picture;
import kindveil.image.Plane;

/**
 * A picture parted into the inks of a print.
 *
 * <p>For each colour: (1) its L*, 0 to 100, is laid evenly onto what the print holds, from all its inks to its paper, its hue
 * kept; (2) the coverages whose look on that print's own white paper ({@link Inks#onPaper}) is nearest are found by damped least
 * squares, lightness and hue weighing more than chroma, so that a colour out of reach is drawn in to the gamut and not turned;
 * (3) of cyan, magenta and yellow the grey share above {@value #GREY_BEFORE_BLACK} is begun with as black (assumed), and black leaves
 * that amount where the colour needs more or less of it; at most {@value #MOST_INK} sheets of ink lie on each other (assumed). A
 * table of them, interpolated, serves whole pictures.
 *
 * <p>Black alone follows {@link Tone}.
 */
public final class Separation {
    private static final double GREY_BEFORE_BLACK = 0.4;
    private static final double MOST_INK = 2.6;
    /** What black takes the place of, so that the darkest has as much ink as may lie there. */
    private static final double REPLACED = 1 - (MOST_INK - 1) / 3;
    private static final double LIGHTNESS_WEIGHT = 4;
    private static final double HUE_WEIGHT = 4;
    private static final double CHROMA_WEIGHT = 0.4;
    private static final double NOTICED = 3;
    private static final double CHROMATIC = 12;
    private static final double SHARPNESS = 8;
    private static final int ROUNDS = 40;
    private static final double BLACK_WEIGHT = 0.5;
    private static final double SUM_WEIGHT = 100;
    private static final double SUM_MARGIN = 0.01;
    private static final int BLACK = ProcessInk.BLACK.ordinal();
    private static final int INKS = ProcessInk.values().length;
    private static final Map<Inks, Separation> KNOWN = new ConcurrentHashMap<>();
    private final Inks inks;
    private final double[][] dark;
    private final double paperInner;
    private final double black;
    private final double paper;
    private final ColourTable table;
    private final ColourTable seen;

    private Separation(Inks inks) {
        this.inks = inks;
        paperInner = inks.innerPaper();
        dark = new double[INKS][Spectrum.BANDS];
        for (ProcessInk ink : ProcessInk.values()) {
            Spectrum solid = inks.solid(ink);
            for (int band = 0; band < Spectrum.BANDS; band++) {
                dark[ink.ordinal()][band] = 1 - solid.at(band) * solid.at(band);
            }
        }
        paper = look(0, 0, 0, 0).lightness();
        double[] all = amounts(new double[] {1, 1, 1});
        black = look(all).lightness();
        table = ColourTable.of(INKS, this::coverages);
        seen = ColourTable.of(3, colour -> {
            Colour printed = printed(colour);
            return new double[] {printed.red(), printed.green(), printed.blue()};
        });
    }

    /** @param inks that print colours */
    public static Separation of(Inks inks) {
        if (!inks.coloured()) {
            throw new IllegalArgumentException("Impossible state: black alone is not separated.");
        }
        // not inside the map: what waits for one print kind should not wait for another
        Separation known = KNOWN.get(inks);
        if (known == null) {
            known = new Separation(inks);
            KNOWN.put(inks, known);
        }
        return known;
    }

    /** L* of all its inks over each other. */
    public double black() {
        return black;
    }

    /** L* of its paper. */
    public double paper() {
        return paper;
    }

    /** Cyan, magenta, yellow and black from three amounts, 0 to 1: the grey in them above a part becomes black. */
    private static double[] amounts(double[] u) {
        // smooth, so that neighbours in the table print alike
        double grey = Math.pow((Math.pow(u[0] + 1e-3, -SHARPNESS) + Math.pow(u[1] + 1e-3, -SHARPNESS) + Math.pow(u[2] + 1e-3, -SHARPNESS)) / 3, -1 / SHARPNESS) - 1e-3;
        double k = Math.min(1, Math.pow(Math.max(0, (grey - GREY_BEFORE_BLACK) / (1 - GREY_BEFORE_BLACK)), 1.5));
        double left = 1 - REPLACED * k;
        return new double[] {u[0] * left, u[1] * left, u[2] * left, k};
    }

    /** Exactly, without the table: coverages in the order of {@link ProcessInk}. */
    public double[] coverages(Colour colour) {
        Lab target = mapped(colour.lab());
        double[] usual = amounts(start(colour));
        return withinMost(fitted(usual, coverages -> residual(coverages, usual[BLACK], target)));
    }

    private static double[] withinMost(double[] coverages) {
        double colours = coverages[0] + coverages[1] + coverages[2];
        double share = Math.min(1, (MOST_INK - coverages[BLACK]) / Math.max(1e-9, colours));
        return new double[] {coverages[0] * share, coverages[1] * share, coverages[2] * share, coverages[BLACK]};
    }

    private interface Residual {
        double[] of(double[] unknowns);
    }

    /** Amounts from 0 to 1 at which a residual is least. */
    private static double[] fitted(double[] start, Residual residual) {
        double[] u = start;
        double[] off = residual.of(u);
        double damping = 1e-2;
        for (int round = 0; round < ROUNDS; round++) {
            double[] trial = step(u, off, residual, damping);
            double[] there = residual.of(trial);
            double gained = squared(off) - squared(there);
            if (gained > 0) {
                u = trial;
                off = there;
                damping = Math.max(1e-6, damping * 0.3);
                if (gained < 1e-4) {
                    break;
                }
            } else {
                damping *= 6;
                if (damping > 1e6) {
                    break;
                }
            }
        }
        return u;
    }

    /** What is asked of the print: L* laid onto its own span, a and b as they are. */
    public Lab mapped(Lab lab) {
        return new Lab(black + (paper - black) * Math.clamp(lab.lightness(), 0, 100) / 100, lab.a(), lab.b());
    }

    private static double[] start(Colour colour) {
        return new double[] {start(colour.red()), start(colour.green()), start(colour.blue())};
    }

    private static double start(double linear) {
        return Math.clamp(1 - Srgb.encode(Math.clamp(linear, 0, 1)), 0.02, 0.98);
    }

    private Lab look(double... coverages) {
        double[] r = new double[Spectrum.BANDS];
        for (int band = 0; band < Spectrum.BANDS; band++) {
            double inner = paperInner;
            for (int ink = 0; ink < INKS; ink++) {
                inner *= 1 - coverages[ink] * dark[ink][band];
            }
            r[band] = Surface.MATTE.outer(inner);
        }
        return Observer.lab(r);
    }

    /**
     * Off in lightness, in hue and in chroma, weighed; then how far black is from its usual amount, which it leaves only for a colour that
     * needs it to, and how much more ink lies there than may.
     */
    private double[] residual(double[] coverages, double usualBlack, Lab target) {
        Lab lab = look(coverages);
        double da = lab.a() - target.a();
        double db = lab.b() - target.b();
        double chroma = target.chroma();
        double cos = chroma < 1e-6 ? 1 : target.a() / chroma;
        double sin = chroma < 1e-6 ? 0 : target.b() / chroma;
        // a grey has no hue to keep: all of it weighs as hue does; and nothing is made more colourful than it was
        double tooColourful = cos * da + sin * db;
        double weight = tooColourful > 0 ? HUE_WEIGHT : HUE_WEIGHT + (CHROMA_WEIGHT - HUE_WEIGHT) * Math.min(1, chroma / 10);
        return new double[] {
            LIGHTNESS_WEIGHT * (lab.lightness() - target.lightness()),
            HUE_WEIGHT * (cos * db - sin * da),
            weight * tooColourful,
            BLACK_WEIGHT * (coverages[BLACK] - usualBlack),
            SUM_WEIGHT * Math.max(0, DoubleStream.of(coverages).sum() - MOST_INK + SUM_MARGIN)};
    }

    private static double[] step(double[] u, double[] off, Residual residual, double damping) {
        int n = u.length;
        double[][] jacobian = new double[n][off.length];
        for (int k = 0; k < n; k++) {
            double[] moved = u.clone();
            double by = u[k] > 0.5 ? -1e-4 : 1e-4;
            moved[k] += by;
            double[] there = residual.of(moved);
            for (int i = 0; i < off.length; i++) {
                jacobian[k][i] = (there[i] - off[i]) / by;
            }
        }
        boolean[] held = new boolean[n];
        double[] trial = u;
        // a step that leaves the box is taken again along its side
        for (int again = 0; again < n; again++) {
            double[] change = LeastSquares.step(jacobian, off, damping, held);
            boolean left = false;
            trial = new double[n];
            for (int k = 0; k < n; k++) {
                double at = u[k] - change[k];
                if (!held[k] && (at < 0 && u[k] <= 0 || at > 1 && u[k] >= 1)) {
                    held[k] = true;
                    left = true;
                }
                trial[k] = Math.clamp(at, 0, 1);
            }
            if (!left) {
                break;
            }
        }
        return trial;
    }

    private static double squared(double[] r) {
        return LeastSquares.dot(r, r);
    }

    /** A whole picture: what each ink covers, in the order of {@link ProcessInk}. */
    public Plane[] planes(Picture picture) {
        int width = picture.width();
        float[][] planes = new float[INKS][width * picture.height()];
        IntStream.range(0, picture.height()).parallel().forEach(y -> {
            for (int x = 0; x < width; x++) {
                table.read(picture.red().at(x, y), picture.green().at(x, y), picture.blue().at(x, y), planes, y * width + x);
            }
        });
        return IntStream.range(0, INKS).mapToObj(ink -> Plane.of(width, picture.height(), planes[ink])).toArray(Plane[]::new);
    }

    /** A colour as it comes out on its own paper. */
    public Colour printed(Colour colour) {
        return inks.colour(near(colour));
    }

    /** A picture as it comes out on its own paper. */
    public Picture printed(Picture picture) {
        int width = picture.width();
        float[][] planes = new float[3][width * picture.height()];
        IntStream.range(0, picture.height()).parallel().forEach(y -> {
            for (int x = 0; x < width; x++) {
                seen.read(picture.red().at(x, y), picture.green().at(x, y), picture.blue().at(x, y), planes, y * width + x);
            }
        });
        return new Picture(Plane.of(width, picture.height(), planes[0]), Plane.of(width, picture.height(), planes[1]), Plane.of(width, picture.height(), planes[2]));
    }

    /**
     * What printing a picture costs its colours.
     *
     * @param beyond share of the picture that is more colourful than the print holds: a difference of {@value #NOTICED} ΔE00 or more
     *     against what is asked of it
     * @param kept chroma that its strongest colours keep, the upper tenth of those of {@value #CHROMATIC} and more; 1 where there are none
     */
    public record Cost(double beyond, double kept) {
    }

    public Cost cost(Picture picture) {
        int n = picture.width() * picture.height();
        double beyond = 0;
        List<double[]> chromatic = new ArrayList<>();
        for (int y = 0; y < picture.height(); y++) {
            for (int x = 0; x < picture.width(); x++) {
                Colour colour = new Colour(picture.red().at(x, y), picture.green().at(x, y), picture.blue().at(x, y));
                Lab wanted = mapped(colour.lab());
                Lab printed = printed(colour).lab();
                beyond += ColourDifference.between(wanted, printed) >= NOTICED ? 1 : 0;
                if (wanted.chroma() >= CHROMATIC) {
                    chromatic.add(new double[] {wanted.chroma(), printed.chroma()});
                }
            }
        }
        chromatic.sort(Comparator.comparingDouble(pair -> -pair[0]));
        double kept = chromatic.stream().limit(Math.max(1, chromatic.size() / 10)).mapToDouble(pair -> Math.min(1, pair[1] / pair[0])).average().orElse(1);
        return new Cost(beyond / n, kept);
    }

    /** By the table, at one place. */
    public double[] near(Colour colour) {
        float[][] into = new float[INKS][1];
        table.read((float) colour.red(), (float) colour.green(), (float) colour.blue(), into, 0);
        return new double[] {into[0][0], into[1][0], into[2][0], into[3][0]};
    }
}
