package kindveil.light;

/**
 * Colours of grounds to their inner reflectance in all bands, by a table of the square root of reflectance in each band. Looks
 * through it stay within 0.5 ΔE00 of the spectrum itself at the 99th percentile.
 */
final class GroundLookUp {
    private static final ColourTable ROOTS = ColourTable.of(Spectrum.BANDS, colour -> {
        Spectrum inner = Surface.beneathGround(Upsampling.spectrum(colour));
        double[] roots = new double[Spectrum.BANDS];
        for (int band = 0; band < Spectrum.BANDS; band++) {
            roots[band] = Math.sqrt(inner.at(band));
        }
        return roots;
    });

    private GroundLookUp() {
    }

    /** Inner reflectance of a linear colour into {@code bands}, each band's row at {@code at}. */
    static void inner(float red, float green, float blue, float[][] bands, int at) {
        ROOTS.read(red, green, blue, bands, at);
        for (float[] band : bands) {
            band[at] *= band[at];
        }
    }
}
