package kindveil.studio.intake;

import com.pngencoder.PngEncoder;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.light.Srgb;

/** Between encoded rasters and planes of linear light. */
public final class Rasters {
    private static final int QUICK = 1;

    private Rasters() {
    }

    public static Picture linear(BufferedImage image) {
        int width = image.getWidth();
        int height = image.getHeight();
        float[][] planes = new float[3][width * height];
        IntStream.range(0, height).parallel().forEach(y -> {
            int[] row = image.getRGB(0, y, width, 1, null, 0, width);
            for (int x = 0; x < width; x++) {
                planes[0][y * width + x] = Srgb.linear(row[x] >> 16);
                planes[1][y * width + x] = Srgb.linear(row[x] >> 8);
                planes[2][y * width + x] = Srgb.linear(row[x]);
            }
        });
        return new Picture(Plane.of(width, height, planes[0]), Plane.of(width, height, planes[1]), Plane.of(width, height, planes[2]));
    }

    /**
     * The same reduced so that its longer side has at most {@code longest} pixels, each the mean light of the box of
     * pixels under it. Works row by row, so that a large picture needs no planes of its own size.
     */
    public static Picture within(BufferedImage image, int longest) {
        int most = Math.max(image.getWidth(), image.getHeight());
        if (most <= longest) {
            return linear(image);
        }
        int width = Math.max(1, Math.round(image.getWidth() * (float) longest / most));
        int height = Math.max(1, Math.round(image.getHeight() * (float) longest / most));
        float[][] planes = new float[3][width * height];
        IntStream.range(0, height).parallel().forEach(y -> reduceRow(image, width, height, y, planes));
        return new Picture(Plane.of(width, height, planes[0]), Plane.of(width, height, planes[1]), Plane.of(width, height, planes[2]));
    }

    private static void reduceRow(BufferedImage image, int width, int height, int y, float[][] planes) {
        int top = (int) ((long) y * image.getHeight() / height);
        int foot = Math.max(top + 1, (int) ((long) (y + 1) * image.getHeight() / height));
        int[] row = new int[image.getWidth()];
        double[][] sums = new double[3][width];
        for (int sourceY = top; sourceY < foot; sourceY++) {
            image.getRGB(0, sourceY, row.length, 1, row, 0, row.length);
            for (int x = 0; x < width; x++) {
                int right = right(x, width, row.length);
                for (int sourceX = left(x, width, row.length); sourceX < right; sourceX++) {
                    sums[0][x] += Srgb.linear(row[sourceX] >> 16);
                    sums[1][x] += Srgb.linear(row[sourceX] >> 8);
                    sums[2][x] += Srgb.linear(row[sourceX]);
                }
            }
        }
        for (int x = 0; x < width; x++) {
            int count = (foot - top) * (right(x, width, row.length) - left(x, width, row.length));
            for (int k = 0; k < 3; k++) {
                planes[k][y * width + x] = (float) (sums[k][x] / count);
            }
        }
    }

    /**
     * Luminance alone, at exactly that size: reduced by the mean light of the pixels under each, enlarged between pixels.
     * Nothing larger than the result is held beside the picture itself.
     */
    public static Plane luminance(BufferedImage image, int width, int height) {
        float[] values = new float[width * height];
        boolean smaller = width <= image.getWidth() && height <= image.getHeight();
        IntStream.range(0, height).parallel().forEach(y -> {
            if (smaller) {
                meanRow(image, width, height, y, values);
            } else {
                betweenRow(image, width, height, y, values);
            }
        });
        return Plane.of(width, height, values);
    }

    /** Light of each pixel of a picture, greys read as they were encoded. */
    public static Plane light(BufferedImage image) {
        return luminance(image, image.getWidth(), image.getHeight());
    }

    private static float[] luminanceRow(BufferedImage image, int y, int[] row) {
        if (image.getType() == BufferedImage.TYPE_BYTE_GRAY) {
            // its colour space would read the bytes as linear light, which ours never are
            byte[] greys = (byte[]) image.getRaster().getDataElements(0, y, row.length, 1, null);
            float[] light = new float[row.length];
            for (int x = 0; x < row.length; x++) {
                light[x] = Srgb.linear(greys[x]);
            }
            return light;
        }
        image.getRGB(0, y, row.length, 1, row, 0, row.length);
        float[] light = new float[row.length];
        for (int x = 0; x < row.length; x++) {
            light[x] = Picture.luminance(Srgb.linear(row[x] >> 16), Srgb.linear(row[x] >> 8), Srgb.linear(row[x]));
        }
        return light;
    }

    private static void meanRow(BufferedImage image, int width, int height, int y, float[] values) {
        int top = (int) ((long) y * image.getHeight() / height);
        int foot = Math.max(top + 1, (int) ((long) (y + 1) * image.getHeight() / height));
        int[] row = new int[image.getWidth()];
        double[] sums = new double[width];
        for (int sourceY = top; sourceY < foot; sourceY++) {
            float[] light = luminanceRow(image, sourceY, row);
            for (int x = 0; x < width; x++) {
                int right = right(x, width, row.length);
                for (int sourceX = left(x, width, row.length); sourceX < right; sourceX++) {
                    sums[x] += light[sourceX];
                }
            }
        }
        for (int x = 0; x < width; x++) {
            values[y * width + x] = (float) (sums[x] / ((foot - top) * (right(x, width, row.length) - left(x, width, row.length))));
        }
    }

    private static void betweenRow(BufferedImage image, int width, int height, int y, float[] values) {
        double at = (y + 0.5) * image.getHeight() / height - 0.5;
        int y0 = (int) Math.floor(at);
        float v = (float) (at - y0);
        int[] row = new int[image.getWidth()];
        float[] above = luminanceRow(image, Math.clamp(y0, 0, image.getHeight() - 1), row);
        float[] below = luminanceRow(image, Math.clamp(y0 + 1, 0, image.getHeight() - 1), row);
        for (int x = 0; x < width; x++) {
            double across = (x + 0.5) * row.length / width - 0.5;
            int x0 = (int) Math.floor(across);
            float u = (float) (across - x0);
            int left = Math.clamp(x0, 0, row.length - 1);
            int right = Math.clamp(x0 + 1, 0, row.length - 1);
            values[y * width + x] = (above[left] * (1 - u) + above[right] * u) * (1 - v) + (below[left] * (1 - u) + below[right] * u) * v;
        }
    }

    /** Black and white, a bit a pixel: black where it is darker than half. */
    public static BufferedImage bits(Plane plane) {
        BufferedImage image = new BufferedImage(plane.width(), plane.height(), BufferedImage.TYPE_BYTE_BINARY);
        byte[] data = ((java.awt.image.DataBufferByte) image.getRaster().getDataBuffer()).getData();
        int stride = (plane.width() + 7) / 8;
        IntStream.range(0, plane.height()).parallel().forEach(y -> {
            for (int x = 0; x < plane.width(); x++) {
                if (plane.at(x, y) >= 0.5f) {
                    data[y * stride + x / 8] |= (byte) (0x80 >> x % 8);
                }
            }
        });
        return image;
    }

    /** Greys, a byte a pixel, encoded as sRGB encodes them. */
    public static BufferedImage greys(Plane plane) {
        BufferedImage image = new BufferedImage(plane.width(), plane.height(), BufferedImage.TYPE_BYTE_GRAY);
        byte[] data = ((java.awt.image.DataBufferByte) image.getRaster().getDataBuffer()).getData();
        IntStream.range(0, plane.height()).parallel().forEach(y -> {
            for (int x = 0; x < plane.width(); x++) {
                data[y * plane.width() + x] = (byte) Srgb.eightBit(plane.at(x, y));
            }
        });
        return image;
    }

    private static int left(int x, int width, int sourceWidth) {
        return (int) ((long) x * sourceWidth / width);
    }

    private static int right(int x, int width, int sourceWidth) {
        return Math.max(left(x, width, sourceWidth) + 1, (int) ((long) (x + 1) * sourceWidth / width));
    }

    public static BufferedImage encoded(Picture picture) {
        int width = picture.width();
        BufferedImage image = new BufferedImage(width, picture.height(), BufferedImage.TYPE_INT_RGB);
        int[] pixels = ((java.awt.image.DataBufferInt) image.getRaster().getDataBuffer()).getData();
        IntStream.range(0, picture.height()).parallel().forEach(y -> {
            for (int x = 0; x < width; x++) {
                pixels[y * width + x] = Srgb.eightBit(picture.red().at(x, y)) << 16 | Srgb.eightBit(picture.green().at(x, y)) << 8
                        | Srgb.eightBit(picture.blue().at(x, y));
            }
        });
        return image;
    }

    public static byte[] png(BufferedImage image) {
        return new PngEncoder().withBufferedImage(image).withCompressionLevel(QUICK).toBytes();
    }

    public static byte[] png(Picture picture) {
        return png(encoded(picture));
    }

    /** Reads back one of our own PNGs. */
    public static BufferedImage decode(byte[] png) {
        try {
            return ImageIO.read(new ByteArrayInputStream(png));
        } catch (IOException impossible) {
            throw new UncheckedIOException("Impossible state: our own PNG cannot be read.", impossible);
        }
    }
}
