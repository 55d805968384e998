package kindveil.tone;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import kindveil.image.Plane;
import kindveil.measure.Length;

/**
 * Contrast of a picture by the size of what is drawn, in millimetres on the print, and how much of it a softening takes: never a
 * count of pixels, so that a larger file of the same drawing reads the same.
 *
 * <p>(1) Luminance is laid out at {@value #FINEST} pixels to the millimetre of the print, reduced by area, enlarged by the nearest.
 * (2) Marks of about s = 0.25, 0.5, 1, 2 and 4 mm are what lies between Gaussians of s/√2 and s√2 (P. Burt &amp; E. Adelson, "The
 * Laplacian pyramid as a compact image code", IEEE Trans. Comm. 31, 1983), wider ones on fewer pixels. (3) Of each band's energy
 * before and after, 1 − √(after/before) is at risk; all together by their share of the energy.
 *
 * @param bands from the finest
 */
public record Detail(List<Band> bands) {
    /** Pixels to the millimetre. */
    private static final double FINEST = 12;
    private static final double[] SIZES = {0.25, 0.5, 1, 2, 4};
    /** Pixels across a mark of a band, where energies are counted and where they are drawn. */
    private static final double LEAST_ACROSS = 1.5;
    private static final double ACROSS = 5;
    /** A very large print is laid out a little coarser. */
    private static final double MOST_PIXELS = 4_000_000;
    private static final double NOTHING = 1e-9;

    /** Marks of about one size. @param energy share of all contrast, 0 to 1; @param lost of its own contrast, 0 to 1 */
    public record Band(double millimetres, double energy, double lost) {
    }

    public Detail {
        bands = List.copyOf(bands);
    }

    /** Under a Gaussian of standard deviation {@code softening} on the print. */
    public static Detail softened(Plane luminance, Length printedWidth, Length softening) {
        return of(luminance, printedWidth, (plane, pixelsPerMillimetre) -> plane, (plane, pixelsPerMillimetre) -> plane.blurred(softening.millimetres() * pixelsPerMillimetre));
    }

    /** What is done to it. */
    interface Change {
        Plane of(Plane laidOut, double pixelsPerMillimetre);
    }

    static Detail of(Plane luminance, Length printedWidth, Change first, Change then) {
        double width = printedWidth.millimetres();
        double height = width * luminance.height() / luminance.width();
        double scale = Math.min(FINEST, Math.sqrt(MOST_PIXELS / (width * height)));
        Plane laidOut = laidOut(luminance, width * scale, height * scale);
        return between(first.of(laidOut, scale), then.of(laidOut, scale), scale);
    }

    private static Plane laidOut(Plane plane, double width, double height) {
        return plane.resampled(Math.max(1, (int) Math.round(width)), Math.max(1, (int) Math.round(height)));
    }

    /** @param before laid out on the print; likewise what became of it */
    static Detail between(Plane before, Plane after, double pixelsPerMillimetre) {
        double[] was = energies(before, pixelsPerMillimetre);
        double[] kept = energies(after, pixelsPerMillimetre);
        double all = Arrays.stream(was).sum();
        List<Band> bands = new ArrayList<>();
        for (int i = 0; i < SIZES.length; i++) {
            double lost = was[i] < NOTHING ? 0 : Math.clamp(1 - Math.sqrt(kept[i] / was[i]), 0, 1);
            bands.add(new Band(SIZES[i], all < NOTHING ? 0 : was[i] / all, lost));
        }
        return new Detail(bands);
    }

    /** Mean square of each band, wherever it lies: the wider Gaussian of one is the narrower of the next, on half the pixels; so smooth, none is lost. */
    private static double[] energies(Plane laidOut, double pixelsPerMillimetre) {
        double[] energies = new double[SIZES.length];
        double pixels = SIZES[0] * pixelsPerMillimetre;
        Plane fine = laidOut.blurred(pixels / Math.sqrt(2));
        for (int i = 0; i < SIZES.length; i++) {
            double scale = Math.min(1, LEAST_ACROSS / pixels);
            fine = laidOut(fine, fine.width() * scale, fine.height() * scale);
            pixels *= scale;
            Plane coarse = wider(fine, pixels);
            energies[i] = meanSquare(fine, coarse);
            fine = coarse;
            pixels *= i + 1 < SIZES.length ? SIZES[i + 1] / SIZES[i] : 1;
        }
        return energies;
    }

    /** One Gaussian after another is a Gaussian of the sum of their squares: 2 − 1/2. */
    private static Plane wider(Plane fine, double pixels) {
        return fine.blurred(pixels * Math.sqrt(1.5));
    }

    private static double meanSquare(Plane fine, Plane coarse) {
        double sum = 0;
        for (int y = 0; y < fine.height(); y++) {
            double row = 0;
            for (int x = 0; x < fine.width(); x++) {
                double band = fine.at(x, y) - coarse.at(x, y);
                row += band * band;
            }
            sum += row;
        }
        return sum / fine.width() / fine.height();
    }

    /** Marks of one size, on as many pixels as they need. */
    private static Plane band(Plane laidOut, double size, double pixelsPerMillimetre) {
        double scale = Math.min(1, ACROSS / size / pixelsPerMillimetre);
        Plane small = laidOut(laidOut, laidOut.width() * scale, laidOut.height() * scale);
        double pixels = size * pixelsPerMillimetre * scale;
        Plane fine = small.blurred(pixels / Math.sqrt(2));
        Plane coarse = wider(fine, pixels);
        return Plane.compute(small.width(), small.height(), (x, y) -> fine.at(x, y) - coarse.at(x, y));
    }

    /** Share of all contrast that goes, 0 to 1. */
    public double atRisk() {
        return bands.stream().mapToDouble(band -> band.energy() * band.lost()).sum();
    }

    /** The band that loses most of the whole. */
    public Band worst() {
        return bands.stream().max(java.util.Comparator.comparingDouble(band -> band.energy() * band.lost())).orElseThrow();
    }

    /** Where a softening takes contrast: what each place loses of all bands, against a quarter of the whole range, 0 to 1; as large as the picture. */
    public static Plane map(Plane luminance, Length printedWidth, Length softening) {
        double width = printedWidth.millimetres();
        double height = width * luminance.height() / luminance.width();
        double scale = Math.min(FINEST, luminance.width() / width);
        Plane before = laidOut(luminance, width * scale, height * scale);
        Plane after = before.blurred(softening.millimetres() * scale);
        List<Plane> lost = new ArrayList<>();
        double finest = SIZES[0] * scale / Math.sqrt(2);
        lost.add(gone(finer(before, finest), finer(after, finest)).resampled(luminance.width(), luminance.height()));
        for (double size : SIZES) {
            if (size * scale < 1) {
                continue;
            }
            lost.add(gone(band(before, size, scale), band(after, size, scale)).resampled(luminance.width(), luminance.height()));
        }
        return Plane.compute(luminance.width(), luminance.height(), (x, y) -> {
            float sum = 0;
            for (Plane plane : lost) {
                sum += plane.at(x, y);
            }
            return Math.clamp(4 * sum, 0, 1);
        }).blurred(Math.max(0.5, softening.millimetres() / width * luminance.width()));
    }

    /** What is finer than all bands. */
    private static Plane finer(Plane laidOut, double sigma) {
        Plane coarse = laidOut.blurred(sigma);
        return Plane.compute(laidOut.width(), laidOut.height(), (x, y) -> laidOut.at(x, y) - coarse.at(x, y));
    }

    private static Plane gone(Plane was, Plane kept) {
        return Plane.compute(was.width(), was.height(), (x, y) -> Math.max(0, Math.abs(was.at(x, y)) - Math.abs(kept.at(x, y))));
    }
}
