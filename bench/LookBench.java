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
        List<Plane> covers = new ArrayList<>();
        for (int i = 0; i < veils * MASKS; i++) {
            double turn = 0.7 * i;
            covers.add(Plane.compute(WIDTH, HEIGHT, (x, y) -> (float) Math.clamp(0.5 + 0.9 * Math.sin(x / 60.0 + turn) * Math.cos(y / 45.0 - turn), 0, 1)));
        }
        return covers;
    }

    private static double median(Look look, List<Plane> covers) {
        Plane grey = Plane.compute(WIDTH, HEIGHT, (x, y) -> (float) (0.3 + 0.4 * x / WIDTH));
        Picture ground = new Picture(grey, grey.map(v -> v * 0.9f), grey.map(v -> v * 0.7f));
        List<Double> times = new ArrayList<>();
        for (int i = 0; i < WARM_UP + RUNS; i++) {
            long start = System.nanoTime();
            look.over(ground, covers);
            if (i >= WARM_UP) {
                times.add((System.nanoTime() - start) / 1e6);
            }
        }
        return times.stream().sorted().skip(RUNS / 2).findFirst().orElseThrow();
    }
}
