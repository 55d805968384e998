package kindveil.light;

import java.util.stream.IntStream;
import kindveil.image.Picture;
import kindveil.image.Plane;
import org.jspecify.annotations.Nullable;

/**
 * How much of the drawing can still be read: the share of the source's edges of at least 10 L* that keep at
 * least 3 ΔE00 after stack, softening and the eye's own blur. The rest drown.
 *
 * <p>An edge is a difference between two places one millimetre apart, across and down, in the source as
 * printed. The eye resolves one minute of arc, 0.17 mm at 0.6 m and 0.87 mm at 3 m; that is taken as
 * the width of its blur at half height, σ = width / 2.355.
 *
 * @param survivingShare 0 (all drowns) to 1 (all reads); 1 when the source has no edges
 * @param edges how many edges of the source were looked at
 */
public record Legibility(double survivingShare, int edges) {
    public static final double ARMS_LENGTH_METRES = 0.6;
    public static final double ACROSS_A_ROOM_METRES = 3;
    private static final double SOURCE_EDGE = 10;
    private static final float MEANT = 0.5f;
    private static final double SEEN_EDGE = 3;
    private static final double ONE_MINUTE = Math.toRadians(1 / 60.0);
    private static final double HALF_HEIGHT = 2.355;

    /** The eye's blur in mm at a distance. */
    public static double eyeBlurMillimetres(double metres) {
        return metres * 1000 * Math.tan(ONE_MINUTE) / HALF_HEIGHT;
    }

    /** Compares {@code source} luminance with {@code seen}, which is already softened by the way and here blurred for the eye. */
    public static Legibility of(Plane source, Picture seen, double millimetresPerPixel, double metres) {
        return Edges.of(source, millimetresPerPixel).in(seen, metres);
    }

    /**
     * The edges of a drawing as printed: found once, looked for in one look after another.
     *
     * @param from index of the pixel on one side of each, row by row
     * @param to index of the pixel on its other side
     */
    public record Edges(int[] from, int[] to, double millimetresPerPixel) {
        public static Edges of(Plane source, double millimetresPerPixel) {
            return of(source, millimetresPerPixel, null);
        }

        /** @param laid where the drawing is meant to be, 1, and where it was torn away or left bare on purpose, 0; null where all of it is meant */
        public static Edges of(Plane source, double millimetresPerPixel, @Nullable Plane laid) {
            Plane lightness = source.map(y -> (float) Lab.lightnessOf(y));
            int step = Math.max(1, (int) Math.round(1 / millimetresPerPixel));
            int width = source.width();
            IntStream.Builder from = IntStream.builder();
            IntStream.Builder to = IntStream.builder();
            for (int y = 0; y < source.height() - step; y++) {
                for (int x = 0; x < width - step; x++) {
                    for (int side = 0; side < 2; side++) {
                        int dx = side == 0 ? step : 0;
                        int dy = step - dx;
                        boolean meant = laid == null || laid.at(x, y) >= MEANT && laid.at(x + dx, y + dy) >= MEANT;
                        if (meant && Math.abs(lightness.at(x, y) - lightness.at(x + dx, y + dy)) >= SOURCE_EDGE) {
                            from.add(y * width + x);
                            to.add((y + dy) * width + x + dx);
                        }
                    }
                }
            }
            return new Edges(from.build().toArray(), to.build().toArray(), millimetresPerPixel);
        }

        /** How many of them are still seen in a look of the same size, from a distance. */
        public Legibility in(Picture seen, double metres) {
            int kept = from.length - drowned(seen, metres).length;
            return new Legibility(from.length == 0 ? 1 : kept / (double) from.length, from.length);
        }

        /** Where those that are no longer seen end: 1 there, 0 elsewhere. */
        public Plane lost(Picture seen, double metres) {
            float[] lost = new float[seen.width() * seen.height()];
            for (int edge : drowned(seen, metres)) {
                lost[from[edge]] = 1;
                lost[to[edge]] = 1;
            }
            return Plane.of(seen.width(), seen.height(), lost);
        }

        /** Which of them are no longer seen. */
        private int[] drowned(Picture seen, double metres) {
            Picture blurred = seen.each(plane -> plane.blurred(eyeBlurMillimetres(metres) / millimetresPerPixel));
            @Nullable Lab[] labs = new Lab[seen.width() * seen.height()];
            return IntStream.range(0, from.length).filter(i -> ColourDifference.between(lab(blurred, labs, from[i]), lab(blurred, labs, to[i])) < SEEN_EDGE).toArray();
        }

        private static Lab lab(Picture picture, @Nullable Lab[] labs, int at) {
            Lab known = labs[at];
            if (known == null) {
                int x = at % picture.width();
                int y = at / picture.width();
                known = new Colour(picture.red().at(x, y), picture.green().at(x, y), picture.blue().at(x, y)).lab();
                labs[at] = known;
            }
            return known;
        }
    }

    public double drowningShare() {
        return 1 - survivingShare;
    }
}
