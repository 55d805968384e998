package kindveil.studio.intake;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Transparency;
import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriter;
import kindveil.measure.UnusableValue;
import kindveil.studio.Samples;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PictureIntakeTest {
    private static String refusal(byte[] bytes) {
        return assertThrows(UnusableValue.class, () -> PictureIntake.read("heron.png", bytes)).getMessage();
    }

    @Test
    void read_emptyFile_saysSo() {
        assertEquals("Picture: “heron.png” cannot be used. Expected a picture file, and this one is empty (0 bytes). "
                + "Choose the file again; it may not have been saved yet.", refusal(new byte[0]));
    }

    @Test
    void read_textNamedPng_isToldByItsContent() {
        assertTrue(refusal("this is a letter".getBytes(StandardCharsets.UTF_8)).contains("PNG, JPEG, TIFF or WebP by its content, whatever its name says"));
    }

    @Test
    void read_otherFormats_areRefused() {
        assertTrue(refusal(Samples.encoded(Samples.corner(64, 64), "gif")).contains("by its content"));
        assertTrue(refusal(Samples.encoded(Samples.corner(64, 64), "bmp")).contains("by its content"));
    }

    @Test
    void read_truncatedFiles_areDamaged() {
        for (String format : new String[] {"jpeg", "png", "tiff"}) {
            byte[] whole = Samples.encoded(Samples.corner(400, 300), format);
            String message = refusal(Arrays.copyOf(whole, whole.length * 2 / 3));
            assertTrue(message.contains("breaks off or is damaged"), format + ": " + message);
        }
    }

    @Test
    void read_hugeHeader_isRefusedBeforeDecoding() {
        assertEquals("Picture: “heron.png, 30000 × 30000 pixels” cannot be used. Expected at most 20000 pixels on a side and 64 million in all. "
                + "Scale it down first; a sheet at 600 dpi needs 35 million.", refusal(Samples.pngHeader(30000, 30000)));
        assertTrue(refusal(Samples.pngHeader(12000, 12000)).contains("64 million in all"));
    }

    @Test
    void read_onePixel_holdsNoDrawing() {
        assertTrue(refusal(Samples.encoded(Samples.corner(1, 1), "png")).contains("“heron.png, 1 × 1 pixels” cannot be used. Expected at least 32 pixels on each side"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"png", "jpeg", "tiff"})
    void read_ordinaryFiles_keepTheirPicture(String format) {
        BufferedImage image = PictureIntake.read("x", Samples.encoded(Samples.corner(120, 80), format));
        assertEquals(120, image.getWidth());
        assertTrue((image.getRGB(20, 20) & 255) > 240);
        assertTrue((image.getRGB(100, 70) & 255) < 15);
    }

    @Test
    void read_transparentPng_liesOnWhite() {
        BufferedImage clear = new BufferedImage(40, 40, BufferedImage.TYPE_INT_ARGB);
        assertEquals(0xFFFFFFFF, PictureIntake.read("x", Samples.encoded(clear, "png")).getRGB(5, 5));
    }

    @Test
    void read_sixteenBitTiff_isRead() {
        BufferedImage deep = new BufferedImage(48, 40, BufferedImage.TYPE_USHORT_GRAY);
        deep.getRaster().setSample(0, 0, 0, 65535);
        BufferedImage image = PictureIntake.read("x", Samples.encoded(deep, "tiff"));
        assertTrue((image.getRGB(0, 0) & 255) > 250 && (image.getRGB(5, 5) & 255) < 5);
    }

    @Test
    void read_cmykJpeg_comesOutAsSeen() throws Exception {
        ColorSpace four = new ColorSpace(ColorSpace.TYPE_CMYK, 4) {
            @Override
            public float[] toRGB(float[] c) {
                return new float[] {(1 - c[0]) * (1 - c[3]), (1 - c[1]) * (1 - c[3]), (1 - c[2]) * (1 - c[3])};
            }

            @Override
            public float[] fromRGB(float[] rgb) {
                return new float[] {1 - rgb[0], 1 - rgb[1], 1 - rgb[2], 0};
            }

            @Override
            public float[] toCIEXYZ(float[] c) {
                return toRGB(c);
            }

            @Override
            public float[] fromCIEXYZ(float[] c) {
                return fromRGB(c);
            }
        };
        WritableRaster raster = Raster.createInterleavedRaster(DataBuffer.TYPE_BYTE, 64, 64, 4, null);
        for (int y = 0; y < 64; y++) {
            for (int x = 0; x < 64; x++) {
                raster.setPixel(x, y, x < 32 ? new int[] {0, 0, 0, 0} : new int[] {0, 255, 255, 0});
            }
        }
        BufferedImage cmyk = new BufferedImage(new ComponentColorModel(four, false, false, Transparency.OPAQUE, DataBuffer.TYPE_BYTE), raster, false, null);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (var stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            writer.write(cmyk);
        }
        BufferedImage image = PictureIntake.read("x", out.toByteArray());
        int paper = image.getRGB(8, 30);
        int red = image.getRGB(56, 30);
        assertTrue((paper >> 8 & 255) > 200, Integer.toHexString(paper));
        assertTrue((red >> 16 & 255) > 150 && (red >> 8 & 255) < 110, Integer.toHexString(red));
    }

    @Test
    void read_eachOrientation_isTurnedUpright() {
        BufferedImage corner = Samples.corner(120, 80);
        int[][] whiteAt = {{20, 20}, {100, 20}, {100, 60}, {20, 60}, {20, 20}, {60, 20}, {60, 100}, {20, 100}};
        for (int tag = 1; tag <= 8; tag++) {
            BufferedImage upright = PictureIntake.read("x", Samples.turnedJpeg(corner, tag));
            assertEquals(tag < 5 ? 120 : 80, upright.getWidth(), "orientation " + tag);
            assertTrue((upright.getRGB(whiteAt[tag - 1][0], whiteAt[tag - 1][1]) & 255) > 200, "orientation " + tag);
        }
    }

    @Test
    void png_ofATurnedJpeg_carriesNothingOfItsData() {
        byte[] jpeg = Samples.turnedJpeg(Samples.corner(120, 80), 6);
        assertTrue(new String(jpeg, StandardCharsets.ISO_8859_1).contains("HARBR"));
        String kept = new String(Rasters.png(PictureIntake.read("x", jpeg)), StandardCharsets.ISO_8859_1);
        assertFalse(kept.contains("HARBR") || kept.contains("Exif") || kept.contains("eXIf"));
    }

    @Test
    void within_largePicture_isTheMeanLightOfItsBoxes() {
        BufferedImage image = Samples.corner(400, 300);
        var exact = Rasters.linear(image).downscaled(100);
        var reduced = Rasters.downscaled(image, 100);
        assertEquals(exact.width(), reduced.width());
        assertEquals(exact.height(), reduced.height());
        for (int i = 0; i < 75; i++) {
            assertEquals(exact.green().at(i, i), reduced.green().at(i, i), 1e-5);
        }
        assertEquals(Rasters.linear(image).red().mean(), Rasters.downscaled(image, 97).red().mean(), 0.01);
    }

    @Test
    void rasters_thereAndBack_areTheSame() {
        BufferedImage image = Samples.corner(50, 40);
        image.setRGB(3, 4, 0xFF336699);
        BufferedImage back = Rasters.decode(Rasters.png(Rasters.linear(image)));
        for (int shift = 0; shift <= 16; shift += 8) {
            assertEquals(image.getRGB(3, 4) >> shift & 255, back.getRGB(3, 4) >> shift & 255, 1);
        }
    }

    @Test
    void read_sixteenBitColourTiff_keepsItsColours() throws Exception {
        WritableRaster raster = Raster.createInterleavedRaster(DataBuffer.TYPE_USHORT, 48, 40, 3, null);
        for (int y = 0; y < 40; y++) {
            for (int x = 0; x < 48; x++) {
                raster.setPixel(x, y, x < 24 ? new int[] {65535, 0x8080, 0} : new int[] {0, 0, 65535});
            }
        }
        ComponentColorModel deep = new ComponentColorModel(ColorSpace.getInstance(ColorSpace.CS_sRGB), false, false, Transparency.OPAQUE, DataBuffer.TYPE_USHORT);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageWriter writer = java.util.stream.StreamSupport.stream(((Iterable<ImageWriter>) () -> ImageIO.getImageWritersByFormatName("tiff")).spliterator(), false)
                .filter(w -> w.getOriginatingProvider().getPluginClassName().startsWith("com.sun")).findFirst().orElseThrow();
        try (var stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            writer.write(new BufferedImage(deep, raster, false, null));
        }
        BufferedImage image = PictureIntake.read("x", out.toByteArray());
        int left = image.getRGB(5, 5);
        assertEquals(255, left >> 16 & 255, 1);
        assertEquals(128, left >> 8 & 255, 1);
        assertEquals(0xFF0000FF, image.getRGB(40, 5));
    }

    @Test
    void read_palettePngWithTransparency_liesOnWhite() {
        byte[] red = {(byte) 200, 0, 10};
        byte[] green = {0, 0, 20};
        byte[] blue = {0, 0, 30};
        byte[] alpha = {(byte) 255, 0, (byte) 255};
        BufferedImage palette = new BufferedImage(40, 40, BufferedImage.TYPE_BYTE_INDEXED, new java.awt.image.IndexColorModel(8, 3, red, green, blue, alpha));
        palette.getRaster().setSample(20, 20, 0, 1);
        palette.getRaster().setSample(21, 20, 0, 2);
        BufferedImage image = PictureIntake.read("x", Samples.encoded(palette, "png"));
        assertEquals(0xFFC80000, image.getRGB(2, 2));
        assertEquals(0xFFFFFFFF, image.getRGB(20, 20));
        assertEquals(0xFF0A141E, image.getRGB(21, 20));
    }

    /** Enlarged between pixels, reduced by mean light: against the pixel arithmetic itself, whatever the memory layout. */
    @ParameterizedTest
    @ValueSource(ints = {BufferedImage.TYPE_INT_RGB, BufferedImage.TYPE_3BYTE_BGR, BufferedImage.TYPE_INT_ARGB, BufferedImage.TYPE_BYTE_GRAY})
    void luminance_anyLayoutAndSize_isTheLightOfThePixels(int type) {
        java.util.Random random = new java.util.Random(type);
        BufferedImage image = new BufferedImage(24, 16, type);
        double[][] light = new double[16][24];
        for (int y = 0; y < 16; y++) {
            for (int x = 0; x < 24; x++) {
                int grey = random.nextInt(256);
                if (type == BufferedImage.TYPE_BYTE_GRAY) {
                    image.getRaster().setSample(x, y, 0, grey);
                } else {
                    image.setRGB(x, y, 0xFF000000 | grey << 16 | grey << 8 | grey);
                }
                light[y][x] = kindveil.light.Srgb.decode(grey / 255.0);
            }
        }
        assertEquals(light[3][7], Rasters.light(image).at(7, 3), 1e-5);
        var half = Rasters.luminance(image, 12, 8);
        assertEquals((light[4][6] + light[4][7] + light[5][6] + light[5][7]) / 4, half.at(3, 2), 1e-5);
        var twice = Rasters.luminance(image, 48, 32);
        // a quarter of a pixel right of and below the middle of pixel 5, 6
        double across = light[6][5] * 0.75 + light[6][6] * 0.25;
        double below = light[7][5] * 0.75 + light[7][6] * 0.25;
        assertEquals(across * 0.75 + below * 0.25, twice.at(11, 13), 1e-5);
        assertEquals(light[0][0], twice.at(0, 0), 1e-5);
    }

    @Test
    void bitsAndGreys_areEncodedAsTheyAreSeen() {
        var plane = kindveil.image.Plane.of(3, 1, new float[] {0, 0.2140f, 1});
        BufferedImage grey = Rasters.greys(plane);
        assertEquals(0, grey.getRaster().getSample(0, 0, 0));
        assertEquals(128, grey.getRaster().getSample(1, 0, 0), 1);
        assertEquals(255, grey.getRaster().getSample(2, 0, 0));
        BufferedImage bits = Rasters.bits(plane);
        assertEquals(0xFF000000, bits.getRGB(0, 0));
        assertEquals(0xFFFFFFFF, bits.getRGB(2, 0));
    }

    /** Greys look as they did: by an independent reader of colour profiles, and without any in the file. */
    @Test
    void png_ofGreys_carriesNoProfileAndReadsAsItIsSeen() {
        byte[] png = Rasters.png(Rasters.greys(kindveil.image.Plane.filled(40, 40, 0.2140f)));
        assertFalse(new String(png, StandardCharsets.ISO_8859_1).contains("iCCP"));
        assertEquals(128, PictureIntake.read("x", png).getRGB(9, 9) & 255, 1);
        assertEquals(0.2140f, Rasters.light(Rasters.decode(png)).at(5, 5), 0.003);
    }
}
