package kindveil.studio.demo;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.stream.IntStream;

/** The pixels of a picture, coloured row by row, rows beside each other. */
final class Pixels {
    private Pixels() {
    }

    /** What becomes of a pixel, as 0xRRGGBB. */
    @FunctionalInterface
    interface Colouring {
        int at(int x, int y, int before);
    }

    static int grey(int value) {
        return value << 16 | value << 8 | value;
    }

    /** Colours the upper {@code rows} of a picture of type RGB. */
    static void colour(BufferedImage image, int rows, Colouring colouring) {
        int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        int width = image.getWidth();
        IntStream.range(0, rows).parallel().forEach(y -> {
            for (int x = 0; x < width; x++) {
                int at = y * width + x;
                pixels[at] = colouring.at(x, y, pixels[at] & 0xffffff);
            }
        });
    }

    static void colour(BufferedImage image, Colouring colouring) {
        colour(image, image.getHeight(), colouring);
    }
}
