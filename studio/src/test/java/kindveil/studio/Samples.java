package kindveil.studio;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;

/** Picture files for tests, good and bad. */
public final class Samples {
    private Samples() {
    }

    /** Black but for a white square in the upper left: tells mirrored from not, and where the edges are. */
    public static BufferedImage corner(int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(width / 10, height / 10, width / 4, width / 4);
        g.dispose();
        return image;
    }

    public static byte[] encoded(BufferedImage image, String format) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            if (!ImageIO.write(image, format, out)) {
                throw new IllegalStateException("no writer for " + format);
            }
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Lines in a colour on white, across or down. */
    public static byte[] lines(Color colour, boolean across) {
        BufferedImage image = new BufferedImage(300, 400, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, 300, 400);
        g.setColor(colour);
        for (int i = 10; i < 400; i += 30) {
            g.fillRect(across ? 0 : i, across ? i : 0, across ? 300 : 14, across ? 14 : 400);
        }
        g.dispose();
        return encoded(image, "png");
    }

    public static byte[] cornerPng() {
        return encoded(corner(600, 800), "png");
    }

    /** The header of a PNG of any size, and nothing after it. */
    public static byte[] pngHeader(int width, int height) {
        byte[] header = ByteBuffer.allocate(17).put("IHDR".getBytes(StandardCharsets.US_ASCII)).putInt(width).putInt(height)
                .put(new byte[] {8, 2, 0, 0, 0}).array();
        CRC32 check = new CRC32();
        check.update(header);
        return ByteBuffer.allocate(33).put(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10}).putInt(13).put(header).putInt((int) check.getValue()).array();
    }

    /** A JPEG that says it must be turned, and where it was taken, in its EXIF data. */
    public static byte[] turnedJpeg(BufferedImage image, int orientation) {
        byte[] jpeg = encoded(image, "jpeg");
        ByteBuffer tiff = ByteBuffer.allocate(26 + 18);
        tiff.put("MM".getBytes(StandardCharsets.US_ASCII)).putShort((short) 42).putInt(8).putShort((short) 2);
        tiff.putShort((short) 0x0112).putShort((short) 3).putInt(1).putShort((short) orientation).putShort((short) 0);
        tiff.putShort((short) 0x010E).putShort((short) 2).putInt(6).putInt(38).putInt(0);
        tiff.put("HARBR\0".getBytes(StandardCharsets.US_ASCII));
        int length = 2 + 6 + tiff.position();
        ByteBuffer out = ByteBuffer.allocate(jpeg.length + 2 + length);
        out.put(jpeg, 0, 2).put((byte) 0xFF).put((byte) 0xE1).putShort((short) length).put("Exif\0\0".getBytes(StandardCharsets.US_ASCII));
        out.put(tiff.array(), 0, tiff.position()).put(jpeg, 2, jpeg.length - 2);
        return out.array();
    }
}
