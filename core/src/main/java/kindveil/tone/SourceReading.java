package kindveil.tone;

import java.util.ArrayList;
import java.util.List;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.light.Lab;
import kindveil.light.Inks;
import kindveil.light.Separation;
import kindveil.light.Tone;
import kindveil.measure.Figures;
import kindveil.measure.Length;
import kindveil.measure.UnitSystem;
import kindveil.tone.Verdict.Grade;
import kindveil.tone.Verdict.Reason;
import org.jspecify.annotations.Nullable;

/**
 * A source read for a way at a size.
 *
 * @param detail contrast by the size of marks on the print, and what the softening takes of it
 * @param finestLine width below which a tenth of the dark lies, on the print
 * @param heldLine the finest line the way holds: 2.4 σ, the full width at half height of what softens it
 * @param coverage share of the print that toner covers, 0 to 1
 * @param edge share of the border that is not clear, 0 to 1: much of it shows as a hard rectangle
 * @param carrying share of the picture that carries as solid or stays clear, times how well darks part from
 *     lights, 0 to 1: the one figure treatments are compared by
 */
public record SourceReading(Resolution resolution, Histogram tones, Histogram.Threshold threshold, Detail detail,
        Length finestLine, Length heldLine, double coverage, double edge, double carrying, Verdict verdict) {
    private static final double HELD = 2.4;
    private static final double BORDER_SHARE = 0.012;
    private static final double HARD_EDGE = 0.25;
    /** Above this a solid is too grey to carry (assumed). */
    private static final double WEAK_BLACK = 38;
    private static final double WEAK_COLOURS = 0.5;

    /** The finest line that stays open under a softening. */
    public static Length held(Length softening) {
        return Length.ofMillimetres(HELD * softening.millimetres());
    }

    /**
     * @param luminance the picture as it would be printed, at working size
     * @param pixelsAcross the width of the source itself
     * @param softening the way's Gaussian σ on the support
     * @param inks of the print
     * @param inColours the picture in its colours, small, where it is printed in them
     */
    public static SourceReading of(Plane luminance, int pixelsAcross, Length printedWidth, Length softening, Inks inks, @Nullable Picture inColours) {
        Resolution resolution = Resolution.of(pixelsAcross, printedWidth);
        Histogram tones = Histogram.of(luminance);
        Histogram.Threshold threshold = tones.threshold();
        Detail detail = Detail.softened(luminance, printedWidth, softening);
        double carrying = carrying(tones);
        double millimetresPerPixel = printedWidth.millimetres() / luminance.width();
        Length finest = Length.ofMillimetres(Lines.finest(luminance, Lab.luminanceOf(Math.max(1, threshold.lightness()))) * millimetresPerPixel);
        Length held = held(softening);
        double coverage = luminance.map(Tone.of(inks)::coverage).mean();
        double edge = edge(luminance);
        Verdict verdict = judge(resolution, tones, threshold, detail, pixelsAcross, finest, held, edge, printed(inks, inColours));
        return new SourceReading(resolution, tones, threshold, detail, finest, held, coverage, edge, carrying, verdict);
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

    private static Verdict judge(Resolution resolution, Histogram tones, Histogram.Threshold threshold, Detail detail, int pixels, Length finest, Length held, double edge, List<Reason> printed) {
        List<Reason> reasons = new ArrayList<>();
        reasons.add(blacks(tones));
        reasons.add(mids(tones));
        reasons.add(parting(threshold));
        reasons.add(resolved(resolution, pixels));
        reasons.add(detail(detail, held));
        reasons.add(lines(finest, held));
        reasons.add(rectangle(edge));
        reasons.addAll(printed);
        return Verdict.of(reasons);
    }

    /** What laying it onto what the print can hold costs it: its blacks, and its strongest colours. */
    private static List<Reason> printed(Inks inks, @Nullable Picture inColours) {
        Tone tone = Tone.of(inks);
        double black = inColours == null ? tone.black() : Separation.of(inks).black();
        String fact = "black prints at L* %s on a paper of %s".formatted(Figures.rounded(black, 0), Figures.rounded(tone.paper(), 0));
        Reason blacks = black > WEAK_BLACK ? new Reason(Grade.WITH_CARE, fact, "Its blacks come grey and all tones move closer: run the sheet over itself, or print it on a stronger machine.")
                : new Reason(Grade.CARRIES, fact, "The tones between are spread evenly over what it holds.");
        if (inColours == null) {
            return List.of(blacks);
        }
        Separation.Cost cost = Separation.of(inks).cost(inColours);
        String colours = "its strongest colours keep %s of their strength".formatted(percent(cost.kept()));
        return List.of(blacks, cost.beyond() < 0.02 ? new Reason(Grade.CARRIES, colours, "This print holds its colours.")
                : new Reason(cost.kept() < WEAK_COLOURS ? Grade.WITH_CARE : Grade.CARRIES, colours, "%s of it is more colourful than this print holds and is drawn in, its hues kept.".formatted(percent(cost.beyond()))));
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

    private static Reason detail(Detail detail, Length held) {
        double atRisk = detail.atRisk();
        Detail.Band worst = detail.worst();
        if (atRisk < 0.02) {
            return new Reason(Grade.CARRIES, percent(atRisk) + " of its contrast goes soft", "What is drawn stays drawn.");
        }
        String fact = "%s of its contrast goes soft, most of it in marks of about %s mm".formatted(percent(atRisk), Figures.plain(worst.millimetres()));
        String close = "lines under %s (%s in) will close".formatted(held.print(UnitSystem.METRIC), Figures.rounded(held.inches(), 2));
        if (atRisk > 0.35) {
            return new Reason(Grade.WITH_CARE, fact, "%s%s: print larger, or simplify.".formatted(close.substring(0, 1).toUpperCase(java.util.Locale.ROOT), close.substring(1)));
        }
        return new Reason(Grade.CARRIES, fact, atRisk > 0.1 ? "Edges round off and " + close + "; the forms hold." : "Edges round off a little; what is drawn stays drawn.");
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
