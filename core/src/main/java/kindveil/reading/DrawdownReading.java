package kindveil.reading;

import java.util.ArrayList;
import java.util.List;
import kindveil.image.Picture;
import kindveil.light.Colour;
import kindveil.light.Drawdown;
import kindveil.light.LightField;
import kindveil.light.Surface;
import kindveil.measure.UnusableValue;
import kindveil.tone.Corners;

/**
 * A paint read from a photograph of its drawdown: a card, one half black and the other white, with one even stripe of the paint across
 * the middle of both, from side to side, the card bare above and below it. The card is laid flat by its four corners, the light
 * evened by what is bare of it, and the white half taken for what it is said to be.
 *
 * @param drawdown what the stripe tells
 * @param blackCard as it was seen, likewise the white one and the stripe over each
 * @param uneven how much brighter the light was at its brightest than at its dimmest on the card, 1 where it is even
 */
public record DrawdownReading(Drawdown drawdown, Colour blackCard, Colour whiteCard, Colour overBlack, Colour overWhite, double uneven) {
    /** Luminance of a white card judged from outside, as paper and primed board have it (assumed). */
    public static final double WHITE_CARD = 0.86;
    private static final double BARE_FROM = 0.05;
    private static final double BARE_TO = 0.24;
    private static final double STRIPE_FROM = 0.42;
    private static final double STRIPE_TO = 0.58;
    private static final double EDGE = 0.06;
    private static final double MIDDLE = 0.44;
    private static final int ACROSS = 8;
    private static final int DOWN = 4;
    private static final int LEAST_PIXELS = 10_000;
    /** What evening leaves of the light and packing takes of a colour, of each face against what it is (assumed). */
    private static final double EVENED = 0.01;
    private static final double LEAST_CONTRAST = 3;

    /** @param whiteCard luminance of the white half judged from outside, 0 to 1 @param surface of the dry stripe, photographed without glare */
    public static DrawdownReading of(Picture photo, Corners corners, double whiteCard, Surface surface) {
        UnusableValue.requireWithin("white card", 100 * whiteCard, 40, 98, "% of light", "White paper sends back 80 to 90.");
        Picture flat = new Picture(corners.apply(photo.red()), corners.apply(photo.green()), corners.apply(photo.blue()));
        double pixels = (MIDDLE - EDGE) * flat.width() * (STRIPE_TO - STRIPE_FROM) * flat.height();
        if (pixels < LEAST_PIXELS) {
            throw new UnusableValue("photograph", "%d × %d pixels within the corners".formatted(flat.width(), flat.height()), "at least %,d pixels of stripe on each half; it has %,.0f".formatted(LEAST_PIXELS, pixels), "Photograph it from nearer.");
        }
        Card card = new Card(flat);
        Half left = card.half(0);
        Half right = card.half(0.5);
        double ratio = left.bare() / right.bare();
        // neither holds where nothing at all was seen
        if (!(ratio >= LEAST_CONTRAST || ratio <= 1 / LEAST_CONTRAST)) {
            throw new UnusableValue("card", Double.isNaN(ratio) ? "two black halves" : "one half %.1f times as light as the other".formatted(Math.max(ratio, 1 / ratio)), "a black half and a white half", "Put the corners on the corners of the card, so that the line between black and white stands upright in the middle.");
        }
        Half black = ratio < 1 ? left : right;
        Half white = ratio < 1 ? right : left;
        LightField light = LightField.of(white.bareCells(), black.bareCells());
        Face blackFace = light(black.bareCells(), light, whiteCard);
        Face whiteFace = light(white.bareCells(), light, whiteCard);
        Face overBlack = light(black.stripeCells(), light, whiteCard);
        Face overWhite = light(white.stripeCells(), light, whiteCard);
        Drawdown drawdown = Drawdown.of(new Drawdown.Colours(blackFace.colour, whiteFace.colour, overBlack.colour, overWhite.colour), surface, blackFace.error, whiteFace.error, overBlack.error, overWhite.error);
        return new DrawdownReading(drawdown, blackFace.colour, whiteFace.colour, overBlack.colour, overWhite.colour, light.unevenness());
    }

    /** @param error standard error of its mean against the mean */
    private record Face(Colour colour, double error) {
    }

    private static Face light(List<LightField.Cell> cells, LightField light, double white) {
        double[] sum = new double[3];
        double[] squares = new double[3];
        for (LightField.Cell cell : cells) {
            for (int c = 0; c < 3; c++) {
                double evened = white * cell.light(c) / light.at(c, cell.x(), cell.y());
                sum[c] += evened;
                squares[c] += evened * evened;
            }
        }
        int n = cells.size();
        double green = sum[1] / n;
        double spread = Math.sqrt(Math.max(0, squares[1] / n - green * green) / n);
        return new Face(new Colour(sum[0] / n, green, sum[2] / n), Math.hypot(EVENED, spread / Math.max(1e-6, green)));
    }

    /** The card laid flat, asked by parts of its width and height. */
    private record Card(Picture flat) {
        Half half(double from) {
            List<LightField.Cell> bare = new ArrayList<>(cells(from, BARE_FROM, BARE_TO));
            bare.addAll(cells(from, 1 - BARE_TO, 1 - BARE_FROM));
            return new Half(List.copyOf(bare), cells(from, STRIPE_FROM, STRIPE_TO));
        }

        private List<LightField.Cell> cells(double half, double top, double foot) {
            List<LightField.Cell> cells = new ArrayList<>();
            double from = half + EDGE;
            double to = half + MIDDLE;
            for (int row = 0; row < DOWN; row++) {
                for (int column = 0; column < ACROSS; column++) {
                    cells.add(cell(from + column * (to - from) / ACROSS, from + (column + 1) * (to - from) / ACROSS, top + row * (foot - top) / DOWN, top + (row + 1) * (foot - top) / DOWN));
                }
            }
            return cells;
        }

        private LightField.Cell cell(double left, double right, double top, double foot) {
            int x0 = (int) (left * flat.width());
            int x1 = Math.max(x0 + 1, (int) (right * flat.width()));
            int y0 = (int) (top * flat.height());
            int y1 = Math.max(y0 + 1, (int) (foot * flat.height()));
            double[] sum = new double[3];
            for (int y = y0; y < y1; y++) {
                for (int x = x0; x < x1; x++) {
                    sum[0] += flat.red().at(x, y);
                    sum[1] += flat.green().at(x, y);
                    sum[2] += flat.blue().at(x, y);
                }
            }
            double n = (double) (x1 - x0) * (y1 - y0);
            return new LightField.Cell((left + right) / 2, (top + foot) / 2, sum[0] / n, sum[1] / n, sum[2] / n);
        }
    }

    /** One half of it. */
    private record Half(List<LightField.Cell> bareCells, List<LightField.Cell> stripeCells) {
        double bare() {
            return bareCells.stream().mapToDouble(LightField.Cell::green).average().orElseThrow();
        }
    }
}
