package kindveil.light;

import kindveil.measure.Preset;
import kindveil.measure.UnusableValue;

/**
 * Toner on a print: how much light a solid lets through. How much of the paper a tone covers says {@link Tone}.
 *
 * <p>A solid absorbs and does not scatter. One-way transmittance of a solid (assumed): weak single run 0.45, good copy 0.2; a
 * second run over the first multiplies.
 *
 * @param transmittance one-way transmittance of a solid, above 0 (opaque) and below 1 (nothing there)
 */
public record Toner(double transmittance) {
    public static final Preset GOOD_COPY = Preset.assumed(0.2, 0.12, 0.3, "of the light");
    public static final Preset WEAK_COPY = Preset.assumed(0.45, 0.35, 0.6, "of the light");

    public Toner {
        UnusableValue.requireWithin("toner transmittance", transmittance, 0.001, 0.999, "of the light",
                "A good copy lets about 0.2 through.");
    }

    public Film solid() {
        return Film.filter(Spectrum.flat(transmittance));
    }
}
