package kindveil.light;

/**
 * CIEDE2000 with all weights 1, after Sharma, Wu &amp; Dalal, "The CIEDE2000 color-difference formula:
 * implementation notes, supplementary test data, and mathematical observations", Color Res. Appl. 30
 * (2005), equations 2–22. About 1 is a difference just seen side by side.
 */
public final class ColourDifference {
    private static final double SEVENTH = Math.pow(25, 7);

    private ColourDifference() {
    }

    public static double between(Lab one, Lab other) {
        double meanChroma = (one.chroma() + other.chroma()) / 2;
        double g = 0.5 * (1 - share(meanChroma));
        double a1 = one.a() * (1 + g);
        double a2 = other.a() * (1 + g);
        double c1 = Math.hypot(a1, one.b());
        double c2 = Math.hypot(a2, other.b());
        double h1 = hue(a1, one.b());
        double h2 = hue(a2, other.b());
        double dh = c1 * c2 == 0 ? 0 : wrapped(h2 - h1);
        double dHue = 2 * Math.sqrt(c1 * c2) * Math.sin(Math.toRadians(dh / 2));
        double dLight = other.lightness() - one.lightness();
        double dChroma = c2 - c1;
        double light = (one.lightness() + other.lightness()) / 2;
        double chroma = (c1 + c2) / 2;
        double hue = meanHue(h1, h2, c1 * c2 == 0);
        double fromMiddle = (light - 50) * (light - 50);
        double sLight = 1 + 0.015 * fromMiddle / Math.sqrt(20 + fromMiddle);
        double sChroma = 1 + 0.045 * chroma;
        double sHue = 1 + 0.015 * chroma * tone(hue);
        double turn = -Math.sin(Math.toRadians(60 * Math.exp(-Math.pow((hue - 275) / 25, 2)))) * 2 * share(chroma);
        double l = dLight / sLight;
        double c = dChroma / sChroma;
        double h = dHue / sHue;
        return Math.sqrt(l * l + c * c + h * h + turn * c * h);
    }

    private static double share(double chroma) {
        double seventh = Math.pow(chroma, 7);
        return Math.sqrt(seventh / (seventh + SEVENTH));
    }

    private static double hue(double a, double b) {
        double degrees = Math.toDegrees(Math.atan2(b, a));
        return degrees < 0 ? degrees + 360 : degrees;
    }

    private static double wrapped(double degrees) {
        return degrees > 180 ? degrees - 360 : degrees < -180 ? degrees + 360 : degrees;
    }

    private static double meanHue(double h1, double h2, boolean grey) {
        double sum = h1 + h2;
        if (grey) {
            return sum;
        }
        if (Math.abs(h1 - h2) <= 180) {
            return sum / 2;
        }
        return sum < 360 ? (sum + 360) / 2 : (sum - 360) / 2;
    }

    private static double tone(double hue) {
        return 1 - 0.17 * Math.cos(Math.toRadians(hue - 30)) + 0.24 * Math.cos(Math.toRadians(2 * hue))
                + 0.32 * Math.cos(Math.toRadians(3 * hue + 6)) - 0.20 * Math.cos(Math.toRadians(4 * hue - 63));
    }
}
