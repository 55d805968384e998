package kindveil.tone;

import java.util.ArrayList;
import java.util.List;
import kindveil.image.Plane;
import kindveil.light.Lab;
import kindveil.light.Toner;
import kindveil.measure.Figures;
import kindveil.measure.Length;
import kindveil.measure.UnitSystem;
import kindveil.tone.Verdict.Grade;
import kindveil.tone.Verdict.Reason;

/**
 * A source read for a way at a size.
 *
 * @param detailAtRisk share of squared gradient the softening takes, 0 to 1
 * @param finestLine width below which a tenth of the dark lies, on the print
 * @param heldLine the finest line the way holds: 2.4 σ, the full width at half height of what softens it
 * @param coverage share of the print that toner covers, 0 to 1
 * @param edge share of the border that is not clear, 0 to 1: much of it shows as a hard rectangle
 * @param carrying share of the picture that carries as solid or stays clear, times how well darks part from
 *     lights, 0 to 1: the one figure treatments are compared by
 */
public record SourceReading(Resolution resolution, Histogram tones, Histogram.Threshold threshold, double detailAtRisk,
        Length finestLine, Length heldLine, double coverage, double edge, double carrying, Verdict verdict) {
    private static final double HELD = 2.4;
    private static final double BORDER_SHARE = 0.012;
    private static final double HARD_EDGE = 0.25;

    /**
     * @param luminance the picture as it would be printed, at working size
     * @param pixelsAcross the width of the source itself
     * @param softening the way's Gaussian σ on the support
     */
    public static SourceReading of(Plane luminance, int pixelsAcross, Length printedWidth, Length softening) {
        Resolution resolution = Resolution.of(pixelsAcross, printedWidth);
        Histogram tones = Histogram.of(luminance);
        Histogram.Threshold threshold = tones.threshold();
        double sigma = softening.millimetres() / printedWidth.millimetres() * luminance.width();
        double atRisk = detailAtRisk(luminance, sigma);
        double carrying = carrying(tones);
        double millimetresPerPixel = printedWidth.millimetres() / luminance.width();
        Length finest = Length.ofMillimetres(Lines.finest(luminance, Lab.luminanceOf(Math.max(1, threshold.lightness()))) * millimetresPerPixel);
        Length held = Length.ofMillimetres(HELD * softening.millimetres());
        double coverage = luminance.map(Toner::coverage).mean();
        double edge = edge(luminance);
        Verdict verdict = judge(resolution, tones, threshold, atRisk, pixelsAcross, finest, held, edge);
        return new SourceReading(resolution, tones, threshold, atRisk, finest, held, coverage, edge, carrying, verdict);
    }

    /** Share that carries as solid or stays clear, times how well darks part from lights. */
    static double carrying(Histogram tones) {
        return (1 - tones.mids()) * tones.threshold().separability();
    }

    /** Share of a narrow border that is darker than clear. */
    static double edge(Plane luminance) {
        double clear = Lab.luminanceOf(Histogram.CLEAR_ABOVE);
        int w = luminance.width();
        int h = luminance.height();
        int deep = Math.max(1, (int) Math.round(BORDER_SHARE * Math.min(w, h)));
        long dark = 0;
        long all = 0;
        for (int y = 0; y < h; y++) {
            boolean row = y < deep || y >= h - deep;
            for (int x = 0; x < w; x++) {
                if (row || x < deep || x >= w - deep) {
                    all++;
                    dark += luminance.at(x, y) < clear ? 1 : 0;
                }
            }
        }
        return dark / (double) all;
    }

    /** Where detail goes soft: the share of each place's gradient that the softening takes, weighed by how strong it was, 0 to 1. */
    public static Plane riskMap(Plane luminance, Length printedWidth, Length softening) {
        double sigma = softening.millimetres() / printedWidth.millimetres() * luminance.width();
        Plane soft = luminance.blurred(sigma);
        return Plane.compute(luminance.width(), luminance.height(), (x, y) -> {
            float before = gradient(luminance, x, y);
            float after = gradient(soft, x, y);
            return before < 0.02f ? 0 : Math.clamp((before - after) / Math.max(before, 0.25f), 0, 1);
        }).blurred(Math.max(0.5, sigma));
    }

    private static float gradient(Plane plane, int x, int y) {
        float across = plane.atClamped(x + 1, y) - plane.at(x, y);
        float down = plane.atClamped(x, y + 1) - plane.at(x, y);
        return (float) Math.sqrt(across * across + down * down);
    }

    static double detailAtRisk(Plane luminance, double sigmaPixels) {
        double before = luminance.detail();
        return before < 1e-12 ? 0 : Math.clamp(1 - luminance.blurred(sigmaPixels).detail() / before, 0, 1);
    }

    private static Verdict judge(Resolution resolution, Histogram tones, Histogram.Threshold threshold, double atRisk, int pixels, Length finest, Length held, double edge) {
        List<Reason> reasons = new ArrayList<>();
        reasons.add(blacks(tones));
        reasons.add(mids(tones));
        reasons.add(parting(threshold));
        reasons.add(resolved(resolution, pixels));
        reasons.add(detail(atRisk));
        reasons.add(lines(finest, held));
        reasons.add(rectangle(edge));
        return Verdict.of(reasons);
    }

    private static Reason blacks(Histogram tones) {
        String fact = percent(tones.solidDarks()) + " solid dark, " + percent(tones.clears()) + " clear";
        if (tones.solidDarks() < 0.01) {
            return new Reason(Grade.POOR, fact, "There are no real blacks: toner is laid only where the picture is dark.");
        }
        if (tones.solidDarks() > 0.85) {
            return new Reason(Grade.WITH_CARE, fact, "Nearly all of it is toner: little of the ground will show.");
        }
        return tones.clears() < 0.03
                ? new Reason(Grade.WITH_CARE, fact, "Almost nothing stays clear, so the ground hardly shines through.")
                : new Reason(Grade.CARRIES, fact, "Real blacks to carry and clear places for the ground to show.");
    }

    private static Reason mids(Histogram tones) {
        String fact = percent(tones.mids()) + " mid tones";
        if (tones.mids() > 0.75) {
            return new Reason(Grade.POOR, fact, "Greys become weak dots that break up when the paper is rubbed.");
        }
        return tones.mids() > 0.4
                ? new Reason(Grade.WITH_CARE, fact, "Some of the greys will break up into dots.")
                : new Reason(Grade.CARRIES, fact, "Few enough greys to hold together.");
    }

    private static Reason parting(Histogram.Threshold threshold) {
        String fact = "darks and lights separate to " + percent(threshold.separability());
        if (threshold.separability() < 0.55) {
            return new Reason(Grade.POOR, fact, "Darks and lights run into each other; the drawing will look flat.");
        }
        return threshold.separability() < 0.7
                ? new Reason(Grade.WITH_CARE, fact, "More contrast would make it read.")
                : new Reason(Grade.CARRIES, fact, "Darks and lights stand well apart.");
    }

    private static Reason resolved(Resolution resolution, int pixels) {
        String fact = Figures.rounded(resolution.dotsPerInch(), 0) + " dpi at this size";
        if (resolution.enough()) {
            return new Reason(Grade.CARRIES, fact, "Sharper than the way needs.");
        }
        Length widest = resolution.widestFor(pixels);
        String remedy = "Print it no wider than %s (%s) for 200 dpi, or find a larger picture."
                .formatted(widest.print(UnitSystem.METRIC), widest.print(UnitSystem.US));
        return new Reason(resolution.poor() ? Grade.POOR : Grade.WITH_CARE, fact, remedy);
    }

    private static Reason detail(double atRisk) {
        String fact = percent(atRisk) + " of the finest detail goes soft";
        if (atRisk > 0.8) {
            return new Reason(Grade.WITH_CARE, fact, "Fine line and texture will close up: print larger or simplify.");
        }
        return new Reason(Grade.CARRIES, fact, atRisk > 0.45 ? "Edges round off; the forms hold." : "What is drawn will stay drawn.");
    }

    private static Reason lines(Length finest, Length held) {
        String fact = "finest lines %s, the way holds %s".formatted(finest.print(UnitSystem.METRIC), held.print(UnitSystem.METRIC));
        return finest.millimetres() > 0 && finest.millimetres() < held.millimetres()
                ? new Reason(Grade.WITH_CARE, fact, "Lines finer than that come pale or broken: print larger, or thicken them.")
                : new Reason(Grade.CARRIES, fact, "Its lines are wide enough to stay.");
    }

    private static Reason rectangle(double edge) {
        String fact = percent(edge) + " of the border is not clear";
        return edge > HARD_EDGE ? new Reason(Grade.WITH_CARE, fact, "A hard rectangle will show on the page: a torn or feathered edge lets it melt in.")
                : new Reason(Grade.CARRIES, fact, "It ends in clear paper: no rectangle will show.");
    }

    private static String percent(double share) {
        double hundredths = share * 100;
        return Figures.rounded(hundredths, hundredths > 0 && hundredths < 1 ? 1 : 0) + " %";
    }
}
