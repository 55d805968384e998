package kindveil.tone;

import kindveil.image.Plane;
import kindveil.light.Lab;
import kindveil.measure.UnusableValue;

/**
 * Black below a lightness, white above.
 *
 * @param lightness L*, 1 to 99, or 0 for the one that parts darks from lights best (Otsu 1979)
 */
public record Threshold(int lightness) implements Treatment {
    public static final Threshold BEST = new Threshold(0);

    public Threshold {
        UnusableValue.requireWithin("threshold", lightness, 0, 99, "L*", "0 takes the lightness that parts darks from lights best.");
    }

    @Override
    public Plane apply(Plane luminance, double pixelsPerMillimetre) {
        double limit = Lab.luminanceOf(lightness == 0 ? Histogram.of(luminance).threshold().lightness() : lightness);
        return luminance.map(y -> y < limit ? 0 : 1);
    }

    @Override
    public boolean blackAndWhite() {
        return true;
    }

    @Override
    public String code() {
        return "threshold " + lightness;
    }

    @Override
    public String words() {
        return lightness == 0 ? "black and white, parted where it parts best" : "black below L* %d".formatted(lightness);
    }
}
