package kindveil.studio.intake;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.DataBufferInt;

/** Reads a picture row by row as red, green and blue bytes, straight from its memory where it is laid out as ours are. */
@FunctionalInterface
interface PixelRows {
    /** Fills {@code red}, {@code green} and {@code blue} with row {@code y}; may be asked by several at once. */
    void read(int y, int[] red, int[] green, int[] blue);

    static PixelRows of(BufferedImage image) {
        return switch (image.getType()) {
            case BufferedImage.TYPE_3BYTE_BGR -> bytes(image);
            case BufferedImage.TYPE_INT_RGB -> ints(image);
            case BufferedImage.TYPE_BYTE_GRAY -> greys(image);
            default -> any(image);
        };
    }

    private static PixelRows bytes(BufferedImage image) {
        byte[] data = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        int width = image.getWidth();
        return (y, red, green, blue) -> {
            int at = y * width * 3;
            for (int x = 0; x < width; x++) {
                blue[x] = data[at++] & 255;
                green[x] = data[at++] & 255;
                red[x] = data[at++] & 255;
            }
        };
    }

    private static PixelRows ints(BufferedImage image) {
        int[] data = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        int width = image.getWidth();
        return (y, red, green, blue) -> {
            int at = y * width;
            for (int x = 0; x < width; x++) {
                int rgb = data[at++];
                red[x] = rgb >> 16 & 255;
                green[x] = rgb >> 8 & 255;
                blue[x] = rgb & 255;
            }
        };
    }

    /** Its colour space would read the bytes as linear light, which ours never are. */
    private static PixelRows greys(BufferedImage image) {
        byte[] data = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        int width = image.getWidth();
        return (y, red, green, blue) -> {
            int at = y * width;
            for (int x = 0; x < width; x++) {
                int grey = data[at++] & 255;
                red[x] = grey;
                green[x] = grey;
                blue[x] = grey;
            }
        };
    }

    private static PixelRows any(BufferedImage image) {
        int width = image.getWidth();
        return (y, red, green, blue) -> {
            int[] row = image.getRGB(0, y, width, 1, null, 0, width);
            for (int x = 0; x < width; x++) {
                red[x] = row[x] >> 16 & 255;
                green[x] = row[x] >> 8 & 255;
                blue[x] = row[x] & 255;
            }
        };
    }
}
