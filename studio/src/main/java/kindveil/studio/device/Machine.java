package kindveil.studio.device;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import kindveil.bench.PrintKind;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.light.Inks;
import kindveil.light.Lab;
import kindveil.light.Look;
import kindveil.light.MaskedFilms;
import kindveil.light.ProcessInk;
import kindveil.light.Separation;
import kindveil.light.Surface;
import kindveil.light.Tone;
import kindveil.tone.Overrun;

/**
 * What a machine of some kind makes of a page (spread and grain assumed): the page parted into its inks, each run laid over the one
 * before, mixed under the paper's surface, softened as its ink runs.
 *
 * @param words what stands there
 * @param inks it prints with
 * @param spread how far its ink runs, σ in mm
 */
public record Machine(String words, Inks inks, double spread) {
    private static final double DRUM_MILLIMETRES = 75;
    private static final double GRAIN = 0.008;
    private static final double SCANNER_SPREAD = 0.04;
    private static final float LEAST = 0.012f;
    private static final double LEAST_SWING = 0.05;

    /** The machine that makes such prints. */
    public static Machine of(PrintKind kind) {
        return new Machine("a machine that makes a " + kind.words(), kind.inks(), switch (kind.ink()) {
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
     * @param bits whether the file is black and white, so that it is laid as drawn and its edges grow
     */
    public Picture scan(Picture page, boolean bits, double pixelsPerMillimetre, int runs, Faults faults, long seed) {
        boolean grey = !inks.coloured() || page.red() == page.green();
        List<Plane> covers = grey ? List.of(black(page.luminance(), bits, pixelsPerMillimetre)) : List.of(Separation.of(inks).planes(page));
        List<MaskedFilms> laid = new ArrayList<>();
        List<Plane> fed = new ArrayList<>();
        Random random = new Random(seed);
        double phase = random.nextDouble() * 2 * Math.PI;
        for (int ink = 0; ink < covers.size(); ink++) {
            ProcessInk is = grey ? ProcessInk.BLACK : ProcessInk.values()[ink];
            // each run of a sheet goes through the machine as a whole
            for (Plane run : new Overrun(runs, inks.black()).laid(covers.get(ink), pixelsPerMillimetre, seed)) {
                laid.add(new MaskedFilms(List.of(), List.of(List.of()), List.of(new MaskedFilms.InkDots(fed.size(), inks.solid(is)))));
                fed.add(swung(placed(run, faults), faults, pixelsPerMillimetre, phase));
            }
        }
        Picture printed = grey ? Picture.grey(seen(fed)) : new Look(laid, List.of(Surface.MATTE), List.of()).over(Picture.grey(white(page)), fed);
        return printed.each(plane -> scanned(plane, pixelsPerMillimetre, seed));
    }

    private Plane white(Picture page) {
        return Plane.filled(page.width(), page.height(), (float) Lab.luminanceOf(inks.paper()));
    }

    /** Black alone, run over run. */
    private Plane seen(List<Plane> fed) {
        Plane first = fed.getFirst();
        float taken = (float) (1 - inks.black() * inks.black());
        return Plane.rows(first.width(), first.height(), (y, out, from) -> {
            for (int x = 0; x < first.width(); x++) {
                float left = 1;
                for (Plane run : fed) {
                    left *= 1 - run.at(x, y) * taken;
                }
                out[from + x] = (float) inks.luminance(left);
            }
        });
    }

    /** Where black lies: greys by the tone of the print, what is drawn in black and white as it is drawn. */
    private Plane black(Plane luminance, boolean bits, double pixelsPerMillimetre) {
        return bits ? Tone.grown(luminance, pixelsPerMillimetre) : luminance.map(Tone.of(inks)::coverage);
    }

    private Plane scanned(Plane plane, double pixelsPerMillimetre, long seed) {
        Plane soft = plane.blurred(Math.hypot(spread, SCANNER_SPREAD) * pixelsPerMillimetre);
        return Plane.compute(soft.width(), soft.height(), (x, y) -> Math.clamp(Math.max(LEAST, soft.at(x, y)) + (float) (GRAIN * grain(x, y, seed)), 0, 1));
    }

    /** A worn drum lays more and less of it, turn by turn. */
    private static Plane swung(Plane cover, Faults faults, double pixelsPerMillimetre, double phase) {
        if (faults.uneven() == 0) {
            return cover;
        }
        return Plane.compute(cover.width(), cover.height(), (x, y) -> {
            double swing = faults.uneven() / 100 * Math.sin(2 * Math.PI * y / pixelsPerMillimetre / DRUM_MILLIMETRES + phase + 0.8 * Math.sin(x / pixelsPerMillimetre / 60));
            return Math.clamp((float) (cover.at(x, y) * Math.max(LEAST_SWING, 1 + Math.min(0, swing))), 0, 1);
        });
    }

    /** Scaled about the middle of the sheet, mirrored if its dialogue says so; blank where the page does not reach. */
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
            return x < -0.5 || y < -0.5 || x > page.width() - 0.5 || y > page.height() - 0.5 ? 0 : page.between(x, y);
        });
    }

    /** −1 to 1, the same for the same place and seed. */
    private static double grain(int x, int y, long seed) {
        long z = x * 0x9E3779B97F4A7C15L + y * 0xBF58476D1CE4E5B9L + seed * 0x94D049BB133111EBL;
        z = (z ^ z >>> 30) * 0xBF58476D1CE4E5B9L;
        return ((z ^ z >>> 27) >>> 11) * 0x1.0p-52 - 1;
    }
}
