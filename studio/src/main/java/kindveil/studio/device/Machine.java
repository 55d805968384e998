package kindveil.studio.device;

import java.util.List;
import java.util.Random;
import kindveil.bench.PrintKind;
import kindveil.image.Plane;
import kindveil.light.Toner;
import kindveil.tone.Overrun;

/**
 * What a machine of some kind makes of a page (all assumed).
 *
 * @param words what stands there
 * @param solid share of the light that comes back from its solid dark, 0 to 1: through the ink, off the paper and back
 * @param spread how far its ink runs, σ in mm
 */
public record Machine(String words, double solid, double spread) {
    private static final float PAPER = 0.88f;
    private static final double DRUM_MILLIMETRES = 75;
    private static final double GRAIN = 0.008;
    private static final double SCANNER_SPREAD = 0.04;
    private static final float LEAST = 0.012f;

    /** The machine that makes such prints. */
    public static Machine of(PrintKind kind) {
        double through = kind.transmittance();
        return new Machine("a machine that makes a " + kind.words(), through * through, switch (kind.ink()) {
            case TONER, PRINTERS -> 0.03;
            case PIGMENT, MIXED -> 0.05;
            case DYE -> 0.11;
            case SUBLIMED -> 0.08;
        });
    }

    /**
     * A sheet as a scanner sees it, as large as the page.
     *
     * @param page as the file draws it
     */
    public Plane scan(Plane page, double pixelsPerMillimetre, int runs, Faults faults, long seed) {
        List<Plane> fed = new Overrun(runs, Math.sqrt(solid)).laid(page, pixelsPerMillimetre, seed).stream().map(run -> placed(run, faults)).toList();
        Random random = new Random(seed);
        double phase = random.nextDouble() * 2 * Math.PI;
        Plane printed = Plane.compute(page.width(), page.height(), (x, y) -> {
            double swing = faults.uneven() == 0 ? 0 : faults.uneven() / 100 * Math.sin(2 * Math.PI * y / pixelsPerMillimetre / DRUM_MILLIMETRES + phase + 0.8 * Math.sin(x / pixelsPerMillimetre / 60));
            float dark = (float) (swing == 0 ? solid : Math.pow(solid, Math.max(0.05, 1 + swing)));
            float light = PAPER;
            for (Plane run : fed) {
                light *= 1 - Toner.coverage(run.at(x, y)) * (1 - dark);
            }
            return Math.max(LEAST, light);
        });
        Plane soft = printed.blurred(Math.hypot(spread, SCANNER_SPREAD) * pixelsPerMillimetre);
        return Plane.compute(soft.width(), soft.height(), (x, y) -> Math.clamp(soft.at(x, y) + (float) (GRAIN * grain(x, y, seed)), 0, 1));
    }

    /** Scaled about the middle of the sheet, mirrored if its dialogue says so; white where the page does not reach. */
    private static Plane placed(Plane page, Faults faults) {
        double scale = faults.percent() / 100;
        if (scale == 1 && !faults.mirror()) {
            return page;
        }
        double cx = page.width() / 2.0;
        double cy = page.height() / 2.0;
        return Plane.compute(page.width(), page.height(), (px, py) -> {
            double dx = (px + 0.5 - cx) / scale;
            double x = cx + (faults.mirror() ? -dx : dx) - 0.5;
            double y = cy + (py + 0.5 - cy) / scale - 0.5;
            return x < -0.5 || y < -0.5 || x > page.width() - 0.5 || y > page.height() - 0.5 ? 1 : page.between(x, y);
        });
    }

    /** −1 to 1, the same for the same place and seed. */
    private static double grain(int x, int y, long seed) {
        long z = x * 0x9E3779B97F4A7C15L + y * 0xBF58476D1CE4E5B9L + seed * 0x94D049BB133111EBL;
        z = (z ^ z >>> 30) * 0xBF58476D1CE4E5B9L;
        return ((z ^ z >>> 27) >>> 11) * 0x1.0p-52 - 1;
    }
}
