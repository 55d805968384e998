package kindveil.light;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.light.Fibre.Filling;
import org.junit.jupiter.api.Test;

/** Six prints in colours over each other, each with gel under it and fibre over it, against every overlap of dots summed band by band. */
class ColourLookTest {
    private static final int VEILS = 6;
    private static final int POINTS = 1000;
    private static final Inks[] MACHINES = {new Inks(true, 1, 0.2, 95), new Inks(true, 0.8, 0.3, 95), new Inks(true, 1.25, 0.28, 95)};

    private record Print(Inks inks, Film gel, Film fibre) {
    }

    private static List<Print> prints(Random random) {
        List<Print> prints = new ArrayList<>();
        for (int v = 0; v < VEILS; v++) {
            prints.add(new Print(MACHINES[v % MACHINES.length], Fibre.film(random.nextDouble(0.1, 2), Filling.ACRYLIC), Fibre.film(random.nextDouble(0.5, 5), v % 2 == 0 ? Filling.ACRYLIC : Filling.OIL)));
        }
        return prints;
    }

    private static double through(Film film, int band, double below) {
        double t = film.transmittance().at(band);
        return film.reflectance().at(band) + t * t * below / (1 - film.reflectance().at(band) * below);
    }

    private static Colour direct(List<Print> prints, Colour ground, double[] covers) {
        double[] light = new double[Spectrum.BANDS];
        Arrays.setAll(light, Surface.beneathGround(Upsampling.spectrum(ground))::at);
        for (int v = 0; v < prints.size(); v++) {
            Print print = prints.get(v);
            for (int band = 0; band < Spectrum.BANDS; band++) {
                double below = through(print.gel, band, light[band]);
                double mean = 0;
                for (int overlap = 0; overlap < 16; overlap++) {
                    double share = 1;
                    double there = below;
                    for (int ink = 0; ink < 4; ink++) {
                        double c = covers[4 * v + ink];
                        double t = print.inks.solid(ProcessInk.values()[ink]).at(band);
                        boolean set = (overlap >> ink & 1) == 1;
                        share *= set ? c : 1 - c;
                        there *= set ? t * t : 1;
                    }
                    mean += share * there;
                }
                light[band] = through(print.fibre, band, mean);
            }
        }
        return Observer.colour(Spectrum.of(band -> Surface.GLOSS.outer(light[band])));
    }

    @Test
    void sixPrintsInColours_areWhatEveryOverlapAddsUpTo() {
        Random random = new Random(31);
        List<Print> prints = prints(random);
        List<MaskedFilms> veils = new ArrayList<>();
        for (int v = 0; v < VEILS; v++) {
            List<MaskedFilms.InkDots> dots = new ArrayList<>();
            for (ProcessInk ink : ProcessInk.values()) {
                dots.add(new MaskedFilms.InkDots(4 * v + ink.ordinal(), prints.get(v).inks.solid(ink)));
            }
            veils.add(new MaskedFilms(List.of(), List.of(List.of(prints.get(v).gel)), dots));
            veils.add(MaskedFilms.even(List.of(prints.get(v).fibre)));
        }
        Look look = new Look(veils, List.of(Surface.GLOSS), List.of());
        List<Plane> covers = new ArrayList<>();
        for (int mask = 0; mask < 4 * VEILS; mask++) {
            float[] values = new float[POINTS];
            for (int i = 0; i < POINTS; i++) {
                values[i] = random.nextInt(4) == 0 ? random.nextInt(2) : random.nextFloat() * 0.6f;
            }
            covers.add(Plane.of(POINTS, 1, values));
        }
        Plane[] ground = new Plane[3];
        for (int k = 0; k < 3; k++) {
            float[] values = new float[POINTS];
            for (int i = 0; i < POINTS; i++) {
                values[i] = (float) Srgb.decode(random.nextDouble());
            }
            ground[k] = Plane.of(POINTS, 1, values);
        }
        Picture seen = look.over(new Picture(ground[0], ground[1], ground[2]), covers);
        double[] off = new double[POINTS];
        double[] exactly = new double[POINTS];
        for (int i = 0; i < POINTS; i++) {
            int at = i;
            double[] there = covers.stream().mapToDouble(plane -> plane.at(at, 0)).toArray();
            Colour under = new Colour(ground[0].at(i, 0), ground[1].at(i, 0), ground[2].at(i, 0));
            Lab direct = direct(prints, under, there).lab();
            off[i] = ColourDifference.between(direct, new Colour(seen.red().at(i, 0), seen.green().at(i, 0), seen.blue().at(i, 0)).lab());
            exactly[i] = i % 20 == 0 ? ColourDifference.between(direct, look.at(under, there).lab()) : 0;
        }
        Arrays.sort(off);
        Arrays.sort(exactly);
        assertTrue(off[POINTS * 99 / 100] < 0.5 && off[POINTS - 1] < 1.5, off[POINTS * 99 / 100] + " " + off[POINTS - 1]);
        assertTrue(exactly[POINTS - 1] < 1e-6, exactly[POINTS - 1] + " at one point");
    }
}
