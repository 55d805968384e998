package kindveil.light;

import java.util.ArrayList;
import java.util.List;
import kindveil.image.Picture;
import kindveil.image.Plane;

/**
 * What two paints make of a drawing: a colour for each share of a place that ink covers, mixed beneath the surface as light is, from
 * all clear to all dark.
 */
public final class PairShades {
    private static final int STEPS = 32;
    /** A glaze is mostly medium (assumed, as the product's). */
    private static final double GLAZE_STRENGTH = 0.12;
    /** A ground under a glaze is brushed twice (assumed). */
    private static final double GROUND_COATS = 2;
    private final List<Colour> shades;

    private PairShades(Spectrum clear, Spectrum dark, Surface surface) {
        List<Colour> all = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            all.add(Observer.colour(surface.over(clear.mixed(dark, i / (double) STEPS))));
        }
        shades = List.copyOf(all);
    }

    /** From a plate, a coat of each: {@code image} where the print was dark, under it and everywhere {@code pull}, on paper of that colour. */
    public static PairShades pulled(Coefficients image, Coefficients pull, Colour paper) {
        Spectrum clear = pull.film(1).over(Surface.beneathGround(Upsampling.spectrum(paper)));
        return new PairShades(clear, image.film(1).over(clear), Surface.MATTE);
    }

    /** A print of good toner over {@code ground}, and {@code glaze} over both. */
    public static PairShades glazed(Coefficients glaze, Coefficients ground, Colour paper) {
        Spectrum below = ground.film(GROUND_COATS).over(Surface.beneathGround(Upsampling.spectrum(paper)));
        Film thin = glaze.film(GLAZE_STRENGTH);
        return new PairShades(thin.over(below), thin.over(new Toner(Toner.GOOD_COPY.value()).solid().over(below)), Surface.GLOSS);
    }

    /** Where nothing of the print is. */
    public Colour clear() {
        return shades.getFirst();
    }

    /** Where it is dark all over. */
    public Colour dark() {
        return shades.getLast();
    }

    /** Lightness of what is clear less that of what is dark, L*. */
    public double step() {
        return clear().lab().lightness() - dark().lab().lightness();
    }

    /** Of a drawing whose ink covers so much of each place, 0 to 1. */
    public Picture over(Plane coverage) {
        float[][] components = new float[3][STEPS + 2];
        for (int i = 0; i <= STEPS + 1; i++) {
            Colour shade = shades.get(Math.min(i, STEPS));
            components[0][i] = (float) shade.red();
            components[1][i] = (float) shade.green();
            components[2][i] = (float) shade.blue();
        }
        return new Picture(of(coverage, components[0]), of(coverage, components[1]), of(coverage, components[2]));
    }

    private static Plane of(Plane coverage, float[] component) {
        return coverage.map(c -> {
            float at = Math.clamp(c, 0, 1) * STEPS;
            int below = (int) at;
            return component[below] + (at - below) * (component[below + 1] - component[below]);
        });
    }
}
