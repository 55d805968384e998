package kindveil.studio.demo;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import kindveil.light.Colour;
import kindveil.light.Srgb;

/** Painted grounds, and photographs of finished work, as they might lie in the ferry journal. */
final class Grounds {
    private Grounds() {
    }

    /** Brushed bands: sky above, a rose horizon, ochre water below. */
    static BufferedImage river() {
        return brushed(720, 960, 41, "#8fb7bd", "#d98a78", "#c9a35c", 0.46);
    }

    /** Cool grey-green over buff, for the moth. */
    static BufferedImage dusk() {
        return brushed(720, 720, 7, "#b9c4b6", "#e3cfa8", "#a9b6b9", 0.6);
    }

    /** Pale buff page with a stain. */
    static BufferedImage page() {
        return brushed(800, 640, 19, "#e8dcc0", "#d8bd93", "#efe6d2", 0.55);
    }

    /** A page painted blue. */
    static BufferedImage blue() {
        return brushed(720, 900, 53, "#4a6fa5", "#5f82ae", "#3f639b", 0.5);
    }

    private static BufferedImage brushed(int width, int height, long seed, String high, String middle, String low, double horizon) {
        Noise noise = new Noise(seed);
        Colour top = Colour.parse("ground", high);
        Colour band = Colour.parse("ground", middle);
        Colour foot = Colour.parse("ground", low);
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Pixels.colour(image, (x, y, before) -> {
            double streak = noise.at(x / 336.0, y / 27.0, 4);
            double patch = noise.at(x / 240.0 + 50, y / 176.0, 4);
            double grain = noise.at(x / 13.0, y / 560.0, 3);
            double v = y / (double) height;
            double m = ease(Math.clamp((v - horizon + 0.22 * (patch - 0.5) + 0.10 * (streak - 0.5)) / 0.22, 0, 1));
            double rose = Math.max(0, 1 - Math.pow((v - horizon - 0.05) / 0.13, 2)) * 0.55 * (0.5 + patch);
            Colour mixed = top.mixed(foot, m).mixed(band, Math.min(1, rose));
            double light = (0.74 + 0.5 * streak) * (1 + 0.18 * (grain - 0.5));
            return Srgb.eightBit(mixed.red() * light) << 16 | Srgb.eightBit(mixed.green() * light) << 8 | Srgb.eightBit(mixed.blue() * light);
        });
        return image;
    }

    private static double ease(double t) {
        return t * t * (3 - 2 * t);
    }

    /** A picture as a hand-held camera sees it: a little warm, a little dim to the corners, with grain and a few missed spots. */
    static BufferedImage photographed(BufferedImage picture, double spots, long seed) {
        Noise noise = new Noise(seed);
        int width = picture.getWidth();
        int height = picture.getHeight();
        BufferedImage photo = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = photo.createGraphics();
        g.drawImage(picture, 0, 0, null);
        g.dispose();
        Pixels.colour(photo, (x, y, rgb) -> {
            double dx = x / (double) width - 0.5;
            double dy = y / (double) height - 0.5;
            double light = 1.04 - 0.32 * (dx * dx + dy * dy) + 0.05 * (noise.at(x / 2.0, y / 2.0, 1) - 0.5);
            double white = Math.clamp((noise.at(x / 38.0, y / 38.0, 3) - (1 - spots)) * 9, 0, 0.85);
            return exposed(rgb >> 16, light * 1.03, white) << 16 | exposed(rgb >> 8, light, white) << 8 | exposed(rgb, light * 0.94, white);
        });
        return photo;
    }

    private static int exposed(int value, double light, double white) {
        double linear = Srgb.linear(value) * light;
        return Srgb.eightBit(linear + white * (0.86 - linear));
    }
}
