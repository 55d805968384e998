package kindveil.light;

import kindveil.measure.Preset;
import kindveil.measure.UnusableValue;

/**
 * Toner on a print: how much light a solid lets through, and how much of the paper a tone covers.
 *
 * <p>A solid absorbs and does not scatter. One-way transmittance of a solid (assumed): weak single run 0.45,
 * good copy 0.2; a second run over the first multiplies. Coverage of a source tone of encoded value v is
 * n = 1 − v plus dot gain 4·g·n·(1−n), g = 0.17 at mid-tone, which is the usual 0.15–0.2 for dry toner; dots
 * then mix with clear paper linearly (Murray &amp; Davies 1936; Neugebauer 1937).
 *
 * @param transmittance one-way transmittance of a solid, above 0 (opaque) and below 1 (nothing there)
 */
public record Toner(double transmittance) {
    public static final Preset GOOD_COPY = Preset.assumed(0.2, 0.12, 0.3, "of the light");
    public static final Preset WEAK_COPY = Preset.assumed(0.45, 0.35, 0.6, "of the light");
    private static final float MID_TONE_GAIN = 0.17f;

    public Toner {
        UnusableValue.requireWithin("toner transmittance", transmittance, 0.001, 0.999, "of the light",
                "A good copy lets about 0.2 through.");
    }

    public Film solid() {
        return Film.filter(Spectrum.flat(transmittance));
    }

    /** The share of paper covered, 0 to 1, for a source luminance of 0 (black) to 1 (white). */
    public static float coverage(float luminance) {
        float nominal = 1 - Srgb.encodeNear(luminance);
        return Math.clamp(nominal + 4 * MID_TONE_GAIN * nominal * (1 - nominal), 0, 1);
    }
}
