package kindveil.studio.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;

/** Pictures of the ferry journal in colours. */
final class Watercolours {
    private static final Color TEAL = new Color(22, 122, 140);
    private static final Color DEEP = new Color(14, 62, 96);
    private static final Color RUST = new Color(206, 96, 36);
    private static final Color BUFF = new Color(240, 222, 190);
    private static final Color POST = new Color(92, 70, 54);
    private static final Color REED = new Color(122, 138, 62);
    private static final Color INK = new Color(24, 24, 28);

    private Watercolours() {
    }

    /** A kingfisher on a mooring post, washes over a pencilled outline, white paper around it. */
    static BufferedImage kingfisher() {
        Pencil pencil = new Pencil(1200, 1500, 17, 1.4);
        Graphics2D g = pencil.graphics();
        for (int i = 0; i < 11; i++) {
            double x = 90 + i * 104 + pencil.random().nextInt(40);
            g.setStroke(new BasicStroke(7 + pencil.random().nextInt(8), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            g.setColor(i % 3 == 0 ? POST : REED);
            g.draw(Pencil.path("M %f 1500 Q %f 1180 %f %f".formatted(x, x + 30, x + 70, 900.0 + pencil.random().nextInt(240))));
        }
        wash(g, Pencil.path("M 480 1500 L 500 1010 C 500 984 700 984 704 1010 L 726 1500 Z"), POST);
        wash(g, Pencil.path("M 500 1010 C 500 984 700 984 704 1010 C 700 1040 506 1040 500 1010 Z"), BUFF);
        wash(g, Pencil.path("M 520 1000 C 430 900 420 700 520 560 C 600 470 740 480 770 600 C 800 740 760 900 660 1000 Z"), RUST);
        wash(g, Pencil.path("M 610 540 C 760 520 850 660 830 840 C 822 940 790 1060 756 1150 C 730 1080 700 1000 690 930 C 700 800 680 660 610 540 Z"), TEAL);
        wash(g, Pencil.path("M 700 700 C 770 780 800 900 756 1150 C 742 1000 720 850 700 700 Z"), DEEP);
        wash(g, Pencil.path("M 470 470 C 480 360 600 310 700 360 C 780 402 800 500 740 570 C 660 640 520 610 470 520 Z"), TEAL);
        wash(g, Pencil.path("M 486 500 C 540 480 600 486 640 520 C 600 560 530 560 484 530 Z"), RUST);
        wash(g, Pencil.path("M 640 512 C 690 500 726 520 736 556 C 700 580 660 560 640 512 Z"), BUFF);
        wash(g, Pencil.path("M 484 484 L 190 520 L 486 534 Z"), INK);
        for (int i = 0; i < 15; i++) {
            g.setColor(new Color(120, 206, 214));
            g.fill(new Ellipse2D.Double(560 + i % 5 * 36 + pencil.random().nextInt(10), 376 + i / 5 * 34 + pencil.random().nextInt(8), 15, 9));
        }
        pencil.fill(new Ellipse2D.Double(548, 444, 40, 40), 16);
        pencil.fill(new Ellipse2D.Double(556, 450, 11, 11), 250);
        for (int i = 0; i < 6; i++) {
            pencil.line(Pencil.path("M %d %d Q %d %d %d %d".formatted(700 + i * 14, 640 + i * 50, 760 + i * 8, 680 + i * 50, 800 - i * 4, 760 + i * 50)), 4, 24);
        }
        pencil.line(Pencil.path("M 540 1000 L 534 1020 M 590 1004 L 588 1026 M 636 1002 L 640 1024"), 9, 60);
        return settled(pencil.image());
    }

    private static void wash(Graphics2D g, Shape shape, Color colour) {
        g.setColor(colour);
        g.fill(shape);
        g.setColor(colour.darker());
        g.setStroke(new BasicStroke(4));
        g.draw(shape);
    }

    /** Pigment settles unevenly: colours lighter and darker by turns, white paper left white. */
    private static BufferedImage settled(BufferedImage image) {
        Noise noise = new Noise(23);
        Pixels.colour(image, (x, y, rgb) -> {
            double light = 0.78 + 0.5 * noise.at(x / 90.0, y / 110.0, 4);
            return tint(rgb >> 16 & 255, light) << 16 | tint(rgb >> 8 & 255, light) << 8 | tint(rgb & 255, light);
        });
        return image;
    }

    private static int tint(int value, double light) {
        return value > 250 ? value : (int) Math.clamp(value * light, 0, 250);
    }
}
