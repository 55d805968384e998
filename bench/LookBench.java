import java.util.ArrayList;
import java.util.List;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.light.Colour;
import kindveil.light.Fibre;
import kindveil.light.Film;
import kindveil.light.Look;
import kindveil.light.Paint;
import kindveil.light.Surface;
import kindveil.light.Toner;
import kindveil.light.MaskedFilms;

/** What a look costs by how many veils of four masks lie in it, against one of them, in one run. */
final class LookBench {
    private static final int WIDTH = 1000;
    private static final int HEIGHT = 750;
    private static final int MASKS = 4;
    private static final int RUNS = 9;
    private static final int WARM_UP = 5;

    private LookBench() {
    }

    public static void main(String[] args) {
        double one = 0;
        for (int veils = 1; veils <= 6; veils++) {
            double ms = median(look(veils), covers(veils));
            one = veils == 1 ? ms : one;
            System.out.printf("%d veil%s of %d masks, %d × %d: %.0f ms, %.2f of one%n", veils, veils == 1 ? "" : "s", MASKS, WIDTH, HEIGHT, ms, ms / one);
        }
        large(args.length == 0 ? Double.NaN : Double.parseDouble(args[0]));
    }

    /** Eight layers of 1600 × 1200, on a flat ground and on a photographed one, beside copying as many pixels. @param tool milliseconds a command-line tool takes for eight alpha layers */
    private static void large(double tool) {
        double copy = median(() -> {
            for (int k = 0; k < 3; k++) {
                TAKEN[k] = java.util.Arrays.copyOf(FULL[k], FULL[k].length);
            }
        });
        System.out.printf("copying %d × %d pixels: %.1f ms%n", WIDE, TALL, copy);
        for (int masks : new int[] {1, 4}) {
            Look look = layered(masks, 8);
            Look few = layered(masks, 1);
            for (int half = 1; half <= 2; half++) {
                int w = WIDE / half;
                int h = TALL / half;
                List<Plane> covers = covers(masks, w, h);
                Picture flat = ground(w, h, 0);
                Picture photographed = ground(w, h, 1);
                double looked = median(() -> look.over(flat, covers));
                double each = median(() -> look.over(photographed, covers));
                System.out.printf("%d states, 8 layers, %d × %d: flat ground %.0f ms (%.0f copies%s), photographed %.0f ms (%.0f copies%s); of one layer %.2f%n", 1 << masks, w, h, looked, looked / copy, beside(tool, looked), each, each / copy, beside(tool, each),
                        each / median(() -> few.over(photographed, covers)));
            }
        }
    }

    private static String beside(double tool, double ms) {
        return Double.isNaN(tool) ? "" : String.format(", %.2f of the tool", ms / tool);
    }

    private static final int WIDE = 1600;
    private static final int TALL = 1200;
    private static final float[][] FULL = new float[3][WIDE * TALL];
    private static final float[][] TAKEN = new float[3][];

    /** A print of some inks, and films that are the same everywhere under and over it. */
    private static Look layered(int masks, int layers) {
        List<Film> even = new ArrayList<>();
        for (int i = 1; i < layers; i++) {
            even.add(new Paint(Colour.parse("c", i % 2 == 0 ? "#e9dfc8" : "#7b4a22"), Paint.Opacity.TRANSPARENT).film(0.05));
        }
        List<Integer> which = new ArrayList<>();
        List<List<Film>> states = new ArrayList<>();
        for (int m = 0; m < masks; m++) {
            which.add(m);
        }
        List<String> inks = List.of("#111111", "#0a6fae", "#b0226b", "#e6c81e");
        for (int state = 0; state < 1 << masks; state++) {
            List<Film> films = new ArrayList<>();
            for (int m = 0; m < masks; m++) {
                if ((state >> m & 1) == 1) {
                    films.add(m == 0 ? new Toner(0.2).solid() : new Paint(Colour.parse("c", inks.get(m)), Paint.Opacity.TRANSPARENT).film(0.3));
                }
            }
            states.add(films);
        }
        List<MaskedFilms> veils = new ArrayList<>();
        for (Film film : even) {
            veils.add(MaskedFilms.even(List.of(film)));
        }
        veils.add(new MaskedFilms(which, states));
        return new Look(veils, java.util.Collections.nCopies(1 << masks, Surface.MATTE), List.of());
    }

    private static List<Plane> covers(int masks, int w, int h) {
        List<Plane> covers = new ArrayList<>();
        for (int i = 0; i < masks; i++) {
            double turn = 0.7 * i;
            covers.add(Plane.compute(w, h, (x, y) -> (float) Math.clamp(0.5 + 0.9 * Math.sin(x / 60.0 + turn) * Math.cos(y / 45.0 - turn), 0, 1)));
        }
        return covers;
    }

    private static Picture ground(int w, int h, float varies) {
        Plane grey = Plane.compute(w, h, (x, y) -> 0.3f + varies * 0.4f * x / w);
        return new Picture(grey, grey.map(v -> v * 0.9f), grey.map(v -> v * 0.7f));
    }

    private static double median(Runnable work) {
        List<Double> times = new ArrayList<>();
        for (int i = 0; i < WARM_UP + RUNS; i++) {
            long start = System.nanoTime();
            work.run();
            if (i >= WARM_UP) {
                times.add((System.nanoTime() - start) / 1e6);
            }
        }
        return times.stream().sorted().skip(RUNS / 2).findFirst().orElseThrow();
    }

    /** Backed: paint under toner, fibre and a glaze over it, each where its mask is. */
    private static Look look(int count) {
        Film paint = new Paint(Colour.parse("c", "#e9dfc8"), Paint.Opacity.OPAQUE).film(0.8);
        List<Film> each = List.of(paint, new Toner(0.2).solid(), Fibre.film(2, Fibre.Filling.AIR), new Paint(Colour.parse("c", "#7b4a22"), Paint.Opacity.TRANSPARENT).film(0.3));
        List<MaskedFilms> veils = new ArrayList<>();
        for (int v = 0; v < count; v++) {
            List<Integer> masks = new ArrayList<>();
            List<List<Film>> states = new ArrayList<>();
            for (int m = 0; m < MASKS; m++) {
                masks.add(v * MASKS + m);
            }
            for (int state = 0; state < 1 << MASKS; state++) {
                List<Film> films = new ArrayList<>();
                for (int m = 0; m < MASKS; m++) {
                    if ((state >> m & 1) == 1) {
                        films.add(each.get(m));
                    }
                }
                states.add(films);
            }
            veils.add(new MaskedFilms(masks, states));
        }
        return new Look(veils, java.util.Collections.nCopies(1 << MASKS, Surface.MATTE), List.of());
    }

    private static List<Plane> covers(int veils) {
        return covers(veils * MASKS, WIDTH, HEIGHT);
    }

    private static double median(Look look, List<Plane> covers) {
        Picture ground = ground(WIDTH, HEIGHT, 1);
        return median(() -> look.over(ground, covers));
    }
}
