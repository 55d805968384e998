package kindveil.tone;

import kindveil.image.Plane;
import kindveil.light.Srgb;

/**
 * What of a picture is its subject: everything the plain light background cannot be reached through from the border.
 * The background is grown inwards from the border over pixels of an encoded lightness of at least 0.82, so that lights
 * enclosed by the subject stay part of it. Not true of a subject that is lighter than its ground, nor of one that runs
 * off the picture in white.
 */
public final class Subject {
    private static final double BACKGROUND = Srgb.decode(0.82);

    private Subject() {
    }

    /** 1 on the subject, 0 on the background, for a luminance of 0 to 1. */
    public static Plane mask(Plane luminance) {
        int width = luminance.width();
        int height = luminance.height();
        boolean[] background = new boolean[width * height];
        Places edge = new Places(width * height);
        for (int x = 0; x < width; x++) {
            visit(luminance, x, 0, background, edge);
            visit(luminance, x, height - 1, background, edge);
        }
        for (int y = 0; y < height; y++) {
            visit(luminance, 0, y, background, edge);
            visit(luminance, width - 1, y, background, edge);
        }
        while (edge.any()) {
            int at = edge.take();
            int x = at % width;
            int y = at / width;
            visit(luminance, x - 1, y, background, edge);
            visit(luminance, x + 1, y, background, edge);
            visit(luminance, x, y - 1, background, edge);
            visit(luminance, x, y + 1, background, edge);
        }
        return Plane.compute(width, height, (x, y) -> background[y * width + x] ? 0 : 1);
    }

    /** Places still to be looked around, each put there once at most. */
    private static final class Places {
        private final int[] list;
        private int left;

        Places(int most) {
            list = new int[most];
        }

        void put(int at) {
            list[left++] = at;
        }

        boolean any() {
            return left > 0;
        }

        int take() {
            return list[--left];
        }
    }

    private static void visit(Plane luminance, int x, int y, boolean[] background, Places edge) {
        if (x < 0 || y < 0 || x >= luminance.width() || y >= luminance.height()) {
            return;
        }
        int at = y * luminance.width() + x;
        if (!background[at] && luminance.at(x, y) >= BACKGROUND) {
            background[at] = true;
            edge.put(at);
        }
    }
}
