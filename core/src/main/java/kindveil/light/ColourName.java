package kindveil.light;

/**
 * What one would call a colour in a word or two, to look for it by: by lightness, chroma and hue of CIE L*a*b*, at bounds that are
 * assumed. Nothing is computed from it.
 */
public final class ColourName {
    private static final double GREY = 9;
    private static final double PALE = 22;

    private ColourName() {
    }

    public static String of(Lab colour) {
        double light = colour.lightness();
        if (light < 18 && colour.chroma() < 18) {
            return "black";
        }
        if (colour.chroma() < GREY) {
            return light > 90 ? "white" : light > 70 ? "pale grey" : light < 40 ? "dark grey" : "grey";
        }
        String hue = hue(Math.floorMod(Math.round(Math.toDegrees(Math.atan2(colour.b(), colour.a()))), 360), light, colour.chroma());
        return light > 80 && colour.chroma() < PALE && !hue.equals("cream") ? "pale " + hue : light < 32 && !hue.equals("brown") ? "dark " + hue : hue;
    }

    private static String hue(long degrees, double light, double chroma) {
        if (degrees < 15 || degrees >= 340) {
            return light > 60 ? "pink" : "red";
        }
        if (degrees < 50) {
            return light < 38 && chroma < 45 ? "brown" : light > 72 ? "pink" : "red";
        }
        if (degrees < 75) {
            return light < 52 ? "brown" : light > 78 && chroma < 30 ? "cream" : "orange";
        }
        if (degrees < 105) {
            return light < 42 ? "brown" : chroma < 30 && light > 75 ? "cream" : chroma < 60 && light < 78 ? "ochre" : "yellow";
        }
        return degrees < 165 ? "green" : degrees < 225 ? "turquoise" : degrees < 300 ? "blue" : "violet";
    }
}
