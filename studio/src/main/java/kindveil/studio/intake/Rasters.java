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
