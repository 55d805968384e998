package kindveil.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.util.Random;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.light.Coefficients;
import kindveil.light.Colour;
import kindveil.light.ColourDifference;
import kindveil.light.Drawdown;
import kindveil.light.Paint;
import kindveil.light.Srgb;
import kindveil.light.Surface;
import kindveil.measure.UnusableValue;
import kindveil.tone.Corners;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DrawdownReadingTest {
    private static final Colour BLACK_CARD = new Colour(0.045, 0.045, 0.045);
    private static final Colour WHITE_CARD = new Colour(0.86, 0.86, 0.86);
    /** Of the card in the picture, askew. */
    private static final Corners CORNERS = new Corners(12, 10, 90, 17, 84, 88, 8, 80);
    private static final int WIDTH = 900;
    private static final int HEIGHT = 620;

    private static Coefficients paint(String masstone, Paint.Opacity opacity) {
        return new Paint(Colour.parse("masstone", masstone), opacity).coefficients();
    }

    /** A photograph by telephone of a drawdown: askew, lit from one side, dark in its corners, warm, with noise, and packed with loss. */
    private static Picture photograph(Coefficients paint, boolean blackLeft, long seed) throws Exception {
        Random random = new Random(seed);
        Colour overBlack = paint.over(BLACK_CARD, 1, Surface.MATTE);
        Colour overWhite = paint.over(WHITE_CARD, 1, Surface.MATTE);
        double[] cast = {1.06, 1, 0.88};
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                double[] at = onCard(x + 0.5, y + 0.5);
                Colour there = new Colour(0.3, 0.25, 0.2);
                double light = 0.9;
                if (at[0] >= 0 && at[0] <= 1 && at[1] >= 0 && at[1] <= 1) {
                    boolean black = at[0] < 0.5 == blackLeft;
                    boolean stripe = at[1] > 0.36 && at[1] < 0.64;
                    there = stripe ? black ? overBlack : overWhite : black ? BLACK_CARD : WHITE_CARD;
                    light = 0.95 * Math.exp(-0.35 * at[0] - 0.2 * at[1]) * (1 - 0.18 * (Math.pow(at[0] - 0.5, 2) + Math.pow(at[1] - 0.5, 2)));
                }
                double[] linear = {there.red(), there.green(), there.blue()};
                int rgb = 0;
                for (int c = 0; c < 3; c++) {
                    double seen = linear[c] * light * cast[c] + 0.01 * Math.sqrt(linear[c] * light) * random.nextGaussian();
                    rgb = rgb << 8 | Srgb.eightBit(Math.clamp(seen, 0, 1));
                }
                image.setRGB(x, y, rgb);
            }
        }
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpg").next();
        ImageWriteParam asTelephonesDo = writer.getDefaultWriteParam();
        asTelephonesDo.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        asTelephonesDo.setCompressionQuality(0.92f);
        try (ImageOutputStream out = ImageIO.createImageOutputStream(packed)) {
            writer.setOutput(out);
            writer.write(null, new IIOImage(image, null, null), asTelephonesDo);
        }
        writer.dispose();
        BufferedImage back = ImageIO.read(new ByteArrayInputStream(packed.toByteArray()));
        return new Picture(plane(back, 16), plane(back, 8), plane(back, 0));
    }

    private static Plane plane(BufferedImage image, int shift) {
        return Plane.compute(WIDTH, HEIGHT, (x, y) -> (float) Srgb.linear(image.getRGB(x, y) >> shift & 255));
    }

    private static double[] onCard(double x, double y) {
        double[] flat = CORNERS.place(x, y, new kindveil.tone.Size(WIDTH, HEIGHT));
        kindveil.tone.Size size = CORNERS.size(new kindveil.tone.Size(WIDTH, HEIGHT));
        return new double[] {flat[0] / size.width(), flat[1] / size.height()};
    }

    @ParameterizedTest
    @CsvSource({"#b23a48, SEMI_OPAQUE, true", "#2e5e8c, SEMI_TRANSPARENT, false", "#c8a13a, SEMI_OPAQUE, true", "#4b6b3a, SEMI_TRANSPARENT, true", "#8a5a34, SEMI_TRANSPARENT, false", "#efe9dd, SEMI_OPAQUE, true"})
    void aPhotograph_isReadBackOverBlackAndWhite(String masstone, Paint.Opacity opacity, boolean blackLeft) throws Exception {
        Coefficients paint = paint(masstone, opacity);
        DrawdownReading read = DrawdownReading.of(photograph(paint, blackLeft, 3), CORNERS, DrawdownReading.WHITE_CARD, Surface.MATTE);
        for (Colour card : new Colour[] {BLACK_CARD, WHITE_CARD}) {
            double apart = ColourDifference.between(read.drawdown().paint().over(card, 1, Surface.MATTE).lab(), paint.over(card, 1, Surface.MATTE).lab());
            assertTrue(apart < 2, "%.2f ΔE00 over %s".formatted(apart, card));
        }
        assertEquals(Drawdown.Doubt.NONE, read.drawdown().doubt(), read.drawdown().toString());
        assertEquals(1, read.drawdown().paint().hidingPower() / paint.hidingPower(), 3 * read.drawdown().within());
        assertTrue(read.drawdown().within() < 0.1, "with what is inferred from six numbers: within " + read.drawdown().within());
        assertTrue(read.uneven() > 1.4, "the light fell off: " + read.uneven());
    }

    @Test
    void twoCoats_areForeseenFromOne() throws Exception {
        Coefficients paint = paint("#b23a48", Paint.Opacity.SEMI_OPAQUE);
        DrawdownReading read = DrawdownReading.of(photograph(paint, true, 8), CORNERS, DrawdownReading.WHITE_CARD, Surface.MATTE);
        double apart = ColourDifference.between(read.drawdown().paint().over(BLACK_CARD, 2, Surface.MATTE).lab(), paint.over(BLACK_CARD, 2, Surface.MATTE).lab());
        assertTrue(apart < 3, apart + " ΔE00");
    }

    @Test
    void aDarkEarthThatNearlyHides_isSaidToBeUnsure_andIsNoFartherOffThanSaid() throws Exception {
        Coefficients paint = paint("#8a5a34", Paint.Opacity.SEMI_OPAQUE);
        Drawdown read = DrawdownReading.of(photograph(paint, false, 3), CORNERS, DrawdownReading.WHITE_CARD, Surface.MATTE).drawdown();
        assertEquals(Drawdown.Doubt.TOO_NOISY, read.doubt());
        assertEquals(1, read.paint().hidingPower() / paint.hidingPower(), 2 * read.within());
    }

    @Test
    void whatHides_isSaidToBeTooOpaque() throws Exception {
        assertEquals(Drawdown.Doubt.TOO_OPAQUE, DrawdownReading.of(photograph(paint("#c9c2b4", Paint.Opacity.FLAKES), true, 4), CORNERS, DrawdownReading.WHITE_CARD, Surface.MATTE).drawdown().doubt());
    }

    @Test
    void aCardWithoutABlackHalf_aFarOne_andAnImpossibleWhite_areRefusedInWords() throws Exception {
        Picture grey = Picture.grey(Plane.filled(600, 400, 0.5f));
        Corners whole = new Corners(0, 0, 100, 0, 100, 100, 0, 100);
        assertTrue(assertThrows(UnusableValue.class, () -> DrawdownReading.of(grey, whole, 0.86, Surface.MATTE)).getMessage().contains("a black half and a white half"));
        assertTrue(assertThrows(UnusableValue.class, () -> DrawdownReading.of(grey, new Corners(0, 0, 30, 0, 30, 30, 0, 30), 0.86, Surface.MATTE)).getMessage().contains("from nearer"));
        assertTrue(assertThrows(UnusableValue.class, () -> DrawdownReading.of(grey, whole, 1.2, Surface.MATTE)).getMessage().contains("40 to 98"));
    }
}
