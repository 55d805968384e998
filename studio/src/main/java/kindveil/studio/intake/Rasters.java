package kindveil.studio.intake;

import com.pngencoder.PngEncoder;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.light.Srgb;

/** Between encoded rasters and planes of linear light. */
public final class Rasters {
    private static final int QUICK = 1;
    private static final int SIGNATURE = 8;
    /** Length, name and check sum of a chunk, beside what it holds. */
    private static final int CHUNK = 12;
    private static final int ICC_PROFILE = 0x69434350;

    private Rasters() {
    }

    public static Picture linear(BufferedImage image) {
        int width = image.getWidth();
        int height = image.getHeight();
        float[][] planes = new float[3][width * height];
        PixelRows rows = PixelRows.of(image);
        IntStream.range(0, height).parallel().forEach(y -> {
            int[][] row = new int[3][width];
            rows.read(y, row[0], row[1], row[2]);
            for (int k = 0; k < 3; k++) {
                for (int x = 0; x < width; x++) {
                    planes[k][y * width + x] = Srgb.linear(row[k][x]);
                }
            }
        });
        return new Picture(Plane.of(width, height, planes[0]), Plane.of(width, height, planes[1]), Plane.of(width, height, planes[2]));
    }

    /**
     * The same reduced so that its longer side has at most {@code longest} pixels, each the mean light of the box of
     * pixels under it. Works row by row, so that a large picture needs no planes of its own size.
     */
    public static Picture downscaled(BufferedImage image, int longest) {
        int most = Math.max(image.getWidth(), image.getHeight());
        if (most <= longest) {
            return linear(image);
        }
        int width = Math.max(1, Math.round(image.getWidth() * (float) longest / most));
        int height = Math.max(1, Math.round(image.getHeight() * (float) longest / most));
        float[][] planes = new float[3][width * height];
        PixelRows rows = PixelRows.of(image);
        int[] across = boxes(image.getWidth(), width);
        int[] down = boxes(image.getHeight(), height);
        IntStream.range(0, height).parallel().forEach(y -> downscaleRow(rows, image.getWidth(), across, down, y, planes));
        return new Picture(Plane.of(width, height, planes[0]), Plane.of(width, height, planes[1]), Plane.of(width, height, planes[2]));
    }

    /** A picture of one plane where the raster is grey, of three where it has colours; all of its pixels. */
    public static Picture asDrawn(BufferedImage image) {
        return image.getColorModel().getNumColorComponents() == 1 ? Picture.grey(light(image)) : linear(image);
    }

    private static void downscaleRow(PixelRows rows, int sourceWidth, int[] across, int[] down, int y, float[][] planes) {
        int width = across.length / 2;
        int[][] row = new int[3][sourceWidth];
        float[][] sums = new float[3][width];
        for (int sourceY = down[2 * y]; sourceY < down[2 * y + 1]; sourceY++) {
            rows.read(sourceY, row[0], row[1], row[2]);
            for (int k = 0; k < 3; k++) {
                int[] from = row[k];
                float[] to = sums[k];
                for (int x = 0; x < width; x++) {
                    float sum = 0;
                    for (int i = across[2 * x]; i < across[2 * x + 1]; i++) {
                        sum += Srgb.linear(from[i]);
                    }
                    to[x] += sum;
                }
            }
        }
        for (int x = 0; x < width; x++) {
            int count = (down[2 * y + 1] - down[2 * y]) * (across[2 * x + 1] - across[2 * x]);
            for (int k = 0; k < 3; k++) {
                planes[k][y * width + x] = sums[k][x] / count;
            }
        }
    }

    /**
     * Luminance alone, at exactly that size: reduced by the mean light of the pixels under each, enlarged between pixels.
     * Nothing larger than the result is held beside the picture itself.
     */
    public static Plane luminance(BufferedImage image, int width, int height) {
        Lights lights = new Lights(PixelRows.of(image), image.getWidth(), image.getHeight());
        boolean smaller = width <= image.getWidth() && height <= image.getHeight();
        int[] across = smaller ? boxes(image.getWidth(), width) : null;
        int[] down = smaller ? boxes(image.getHeight(), height) : null;
        if (smaller) {
            return Plane.rows(width, height, (y, out, from) -> lights.mean(across, down, y, out, from));
        }
        Plane light = Plane.rows(lights.width, lights.height, (y, out, from) -> System.arraycopy(lights.row(y), 0, out, from, lights.width));
        return Plane.rows(width, height, (y, out, from) -> between(light, width, height, y, out, from));
    }

    /** One row of an enlargement, each value between the four next to it. */
    private static void between(Plane light, int newWidth, int newHeight, int y, float[] out, int from) {
        int width = light.width();
        double at = Math.clamp((y + 0.5) * light.height() / newHeight - 0.5, 0, light.height() - 1.0);
        int y0 = (int) at;
        int y1 = Math.min(y0 + 1, light.height() - 1);
        float v = (float) (at - y0);
        float[] row = new float[width + 1];
        for (int x = 0; x < width; x++) {
            row[x] = light.at(x, y0) + v * (light.at(x, y1) - light.at(x, y0));
        }
        row[width] = row[width - 1];
        double step = width / (double) newWidth;
        for (int x = 0; x < newWidth; x++) {
            double across = Math.clamp((x + 0.5) * step - 0.5, 0, width - 1.0);
            int x0 = (int) across;
            out[from + x] = row[x0] + (float) (across - x0) * (row[x0 + 1] - row[x0]);
        }
    }

    /** Light of each pixel of a picture, greys read as they were encoded. */
    public static Plane light(BufferedImage image) {
        return luminance(image, image.getWidth(), image.getHeight());
    }

    /** Luminance of a picture's pixels, a row at a time. */
    private record Lights(PixelRows rows, int width, int height) {
        private float[] row(int y) {
            int[] red = new int[width];
            int[] green = new int[width];
            int[] blue = new int[width];
            rows.read(y, red, green, blue);
            float[] light = new float[width];
            for (int x = 0; x < width; x++) {
                light[x] = Picture.luminance(Srgb.linear(red[x]), Srgb.linear(green[x]), Srgb.linear(blue[x]));
            }
            return light;
        }

        private void mean(int[] across, int[] down, int y, float[] out, int from) {
            int newWidth = across.length / 2;
            for (int sourceY = down[2 * y]; sourceY < down[2 * y + 1]; sourceY++) {
                float[] light = row(sourceY);
                for (int x = 0; x < newWidth; x++) {
                    float sum = 0;
                    for (int i = across[2 * x]; i < across[2 * x + 1]; i++) {
                        sum += light[i];
                    }
                    out[from + x] += sum;
                }
            }
            for (int x = 0; x < newWidth; x++) {
                out[from + x] /= (down[2 * y + 1] - down[2 * y]) * (across[2 * x + 1] - across[2 * x]);
            }
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

    /** Where each new pixel's box of old ones begins and ends: {@code from} of pixel x at 2x, {@code until} at 2x + 1. */
    private static int[] boxes(int sourceSide, int side) {
        int[] boxes = new int[2 * side];
        for (int i = 0; i < side; i++) {
            boxes[2 * i] = (int) ((long) i * sourceSide / side);
            boxes[2 * i + 1] = Math.max(boxes[2 * i] + 1, (int) ((long) (i + 1) * sourceSide / side));
        }
        return boxes;
    }

    /** Greys where a picture is of one plane, colours otherwise. */
    public static BufferedImage raster(Picture picture) {
        return picture.red() == picture.green() ? greys(picture.red()) : encoded(picture);
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
        return plain(new PngEncoder().withBufferedImage(image).withCompressionLevel(QUICK).toBytes());
    }

    /**
     * A PNG without its iCCP chunk (W3C, Portable Network Graphics, third edition, 5.3): greys would carry the platform's
     * profile of linear light, which ours never are, and be shown far too light.
     */
    static byte[] plain(byte[] png) {
        ByteBuffer chunks = ByteBuffer.wrap(png);
        for (int at = SIGNATURE; at < png.length; at += CHUNK + chunks.getInt(at)) {
            if (chunks.getInt(at + 4) == ICC_PROFILE) {
                int length = CHUNK + chunks.getInt(at);
                return ByteBuffer.allocate(png.length - length).put(png, 0, at).put(png, at + length, png.length - at - length).array();
            }
        }
        return png;
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
