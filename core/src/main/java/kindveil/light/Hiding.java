package kindveil.light;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * How many coats of a paint hide what lies below: over a black card and a white one, outer Y 0.045 and 0.86, judged from outside,
 * the surface counted, which stretches small differences near white about 1.6 times.
 *
 * <p>Hidden where the two differ by less than 1 ΔE00, hidden at a glance below 2. It does not hide where more than {@value #MOST}
 * coats would be wanted. Beside it stands the contrast ratio, the luminance over black by that over white, the paint trade's
 * measure (ISO 6504-3).
 *
 * @param atAGlance coats, or 0 where it does not hide
 * @param hidden coats, or 0 where it does not hide
 * @param contrastRatio of one coat, 0 to 1
 */
public record Hiding(int atAGlance, int hidden, double contrastRatio) {
    public static final int MOST = 8;
    /** The cards as they are seen from outside. */
    public static final Colour BLACK = Colour.grey(0.045);
    public static final Colour WHITE = Colour.grey(0.86);
    private static final Spectrum BLACK_CARD = Spectrum.flat(Surface.MATTE.inner(BLACK.luminance()));
    private static final Spectrum WHITE_CARD = Spectrum.flat(Surface.MATTE.inner(WHITE.luminance()));
    private static final double GLANCE = 2;
    private static final double HIDDEN = 1;
    private static final int REMEMBERED = 200;
    private static final Map<Key, Hiding> KNOWN = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Hiding> eldest) {
            return size() > REMEMBERED;
        }
    });

    private record Key(Paint paint, double thickness) {
    }

    /** @param thickness of a coat against an ordinary one, above 0 */
    public static Hiding of(Paint paint, double thickness) {
        Key key = new Key(paint, thickness);
        Hiding known = KNOWN.get(key);
        if (known == null) {
            known = reckoned(paint.film(thickness));
            KNOWN.put(key, known);
        }
        return known;
    }

    /** Of coats of one ordinary thickness. */
    public static Hiding of(Coefficients paint) {
        return reckoned(paint.film(1));
    }

    static Hiding reckoned(Film coat) {
        Spectrum black = BLACK_CARD;
        Spectrum white = WHITE_CARD;
        int glance = 0;
        int hidden = 0;
        double contrast = 0;
        for (int coats = 1; coats <= MOST && hidden == 0; coats++) {
            black = coat.over(black);
            white = coat.over(white);
            Spectrum overBlack = Surface.MATTE.over(black);
            Spectrum overWhite = Surface.MATTE.over(white);
            contrast = coats == 1 ? Observer.luminance(overBlack) / Observer.luminance(overWhite) : contrast;
            double apart = ColourDifference.between(Observer.lab(overBlack), Observer.lab(overWhite));
            glance = glance == 0 && apart < GLANCE ? coats : glance;
            hidden = apart < HIDDEN ? coats : 0;
        }
        return new Hiding(glance, hidden, contrast);
    }
}
