package kindveil.studio.demo;

import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.Arc2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.Random;

/** The pictures of the ferry journal. */
final class Drawings {
    private Drawings() {
    }

    /** A wading heron among reeds, a pale moon: bold darks, fine line, open lights. */
    static BufferedImage heron() {
        Pencil pencil = new Pencil(1350, 1800, 8, 1.5);
        pencil.graphics().scale(1.5, 1.5);
        clouds(pencil.image(), 0.62, 11);
        pencil.graphics().setColor(Color.WHITE);
        pencil.graphics().fill(new Ellipse2D.Double(522, 132, 236, 236));
        pencil.line(new Ellipse2D.Double(522, 132, 236, 236), 3, 30);
        reeds(pencil, 46, 900, 1110);
        pencil.fill(Pencil.path("M 338 962 C 340 900 336 850 328 802 C 262 772 238 702 262 630 C 288 566 346 522 400 488 C 416 432 402 382 378 338 "
                + "C 360 300 372 262 410 250 C 446 240 470 258 474 280 L 612 320 L 470 306 C 456 318 440 322 430 334 C 452 380 464 436 452 500 "
                + "C 470 560 452 640 404 706 C 388 736 372 772 366 806 C 356 850 352 900 352 960 Z"), 12);
        pencil.fill(Pencil.path("M 262 628 C 220 700 190 770 174 846 C 226 804 262 772 302 770 Z"), 12);
        pencil.fill(Pencil.path("M 350 940 L 366 1102 L 355 1102 L 341 944 Z"), 12);
        pencil.fill(Pencil.path("M 344 940 L 318 1106 L 307 1106 L 334 938 Z"), 12);
        pencil.fill(Pencil.path("M 404 252 C 362 236 326 236 290 262 C 330 254 362 258 392 270 Z"), 12);
        for (String feather : new String[] {"M 302 642 C 340 602 380 572 420 562", "M 288 684 C 336 644 390 614 438 602", "M 284 724 C 330 694 380 664 424 650", "M 300 756 C 340 738 368 716 398 700"}) {
            pencil.line(Pencil.path(feather), 3.2, 255);
        }
        pencil.fill(new Ellipse2D.Double(424, 268, 8, 8), 255);
        pencil.line(Pencil.path("M 0 1100 Q 220 1086 450 1100 Q 680 1114 900 1096"), 2.4, 20);
        pencil.line(Pencil.path("M 40 1128 Q 300 1110 520 1128 Q 700 1140 880 1124"), 1.8, 70);
        pencil.line(Pencil.path("M 120 1154 Q 360 1140 560 1154 Q 700 1160 820 1152"), 1.5, 110);
        return pencil.image();
    }

    private static void reeds(Pencil pencil, int count, double width, double foot) {
        Random random = pencil.random();
        for (int i = 0; i < count; i++) {
            double x = random.nextDouble() * width;
            if (x > 250 && x < 440 && random.nextInt(3) > 0) {
                continue;
            }
            double lean = random.nextGaussian() * 26;
            double top = foot - 380 - random.nextDouble() * 480;
            pencil.line(Pencil.path("M %f %f C %f %f %f %f %f %f".formatted(x, foot, x + lean * 0.1, foot - 250, x + lean * 0.5, (foot + top) / 2, x + lean, top)),
                    2.2 + random.nextDouble() * 4.6, 17);
            if (random.nextInt(10) < 6) {
                pencil.line(new Line2D.Double(x + lean, top, x + lean * 1.1, top - 70), 12 + random.nextDouble() * 6, 14);
            } else {
                double bend = random.nextGaussian() * 90;
                pencil.line(Pencil.path("M %f %f Q %f %f %f %f".formatted(x + lean * 0.4, (foot + top) / 2, x + bend * 0.4, (foot + top) / 2 - 90, x + bend, (foot + top) / 2 - 20)), 3, 20);
            }
        }
    }

    /** Soft streaks of grey in the upper part. */
    private static void clouds(BufferedImage image, double until, long seed) {
        Noise noise = new Noise(seed);
        Pixels.colour(image, (int) (image.getHeight() * until), (x, y, before) -> {
            double fade = Math.min(1, (image.getHeight() * until - y) / (image.getHeight() * 0.25));
            double n = noise.at(x / 520.0, y / 120.0, 4);
            return Pixels.grey((int) (255 - Math.clamp((n - 0.52) * 420, 0, 105) * fade));
        });
    }

    /** A mooring rope about a bollard: twisted strands, strong blacks. */
    static BufferedImage rope() {
        Pencil pencil = new Pencil(1500, 1200, 5, 1.2);
        Graphics2D g = pencil.graphics();
        pencil.fill(Pencil.path("M 560 1200 L 590 520 C 560 500 548 470 552 430 C 600 360 900 360 948 430 C 952 470 940 500 910 520 L 940 1200 Z"), 24);
        for (int i = 0; i < 26; i++) {
            pencil.line(new Line2D.Double(600 + i * 12.5, 560 + pencil.random().nextInt(90), 598 + i * 12.8, 1180), 1.6, 70);
        }
        pencil.line(Pencil.path("M 560 436 C 640 480 860 480 940 436"), 5, 200);
        for (int turn = 0; turn < 3; turn++) {
            double y = 640 + turn * 96;
            strand(pencil, Pencil.path("M 540 %f C 640 %f 860 %f 962 %f".formatted(y, y + 64, y + 64, y - 8)), 84);
        }
        strand(pencil, Pencil.path("M 962 632 C 1120 560 1260 700 1500 610"), 84);
        strand(pencil, Pencil.path("M 540 832 C 360 900 300 760 180 860 C 100 930 40 1010 0 1020"), 84);
        g.setColor(Color.BLACK);
        for (int i = 0; i < 7; i++) {
            pencil.line(Pencil.path("M 0 %d Q 380 %d 760 %d Q 1140 %d 1500 %d".formatted(1080 + i * 18, 1066 + i * 18, 1082 + i * 17, 1096 + i * 17, 1074 + i * 18)), 2, 60 + i * 18);
        }
        return pencil.image();
    }

    /** A rope along a path: a pale body, dark outline, slanting strands. */
    private static void strand(Pencil pencil, Path2D along, double thick) {
        pencil.line(along, thick, 14);
        pencil.line(along, thick - 12, 238);
        double[] at = new double[6];
        double[] last = null;
        double run = 0;
        for (var i = new java.awt.geom.FlatteningPathIterator(along.getPathIterator(null), 0.4); !i.isDone(); i.next()) {
            i.currentSegment(at);
            if (last != null) {
                double length = Math.hypot(at[0] - last[0], at[1] - last[1]);
                double ux = (at[0] - last[0]) / length;
                double uy = (at[1] - last[1]) / length;
                for (; run < length; run += 30) {
                    double x = last[0] + ux * run;
                    double y = last[1] + uy * run;
                    double h = (thick - 14) / 2;
                    pencil.line(Pencil.path("M %f %f Q %f %f %f %f".formatted(x - uy * h - ux * 20, y + ux * h - uy * 20, x + ux * 6 - uy * 6, y + uy * 6 + ux * 6,
                            x + uy * h + ux * 24, y - ux * h + uy * 24)), 6, 16);
                    pencil.line(new Line2D.Double(x - uy * h * 0.4 + ux * 8, y + ux * h * 0.4 + uy * 8, x + uy * h * 0.5 + ux * 20, y - ux * h * 0.5 + uy * 20), 1.8, 110);
                }
                run -= length;
            }
            last = at.clone();
        }
    }

    /** A ferry ticket with lettering, worn and pale: what a scan of an old slip looks like. */
    static BufferedImage ticket() {
        Pencil pencil = new Pencil(900, 1200, 3, 0.8);
        Graphics2D g = pencil.graphics();
        pencil.line(new Rectangle2D.Double(60, 60, 780, 1080), 10, 0);
        pencil.line(new Rectangle2D.Double(86, 86, 728, 1028), 3, 0);
        centred(g, "FERRY", Font.BOLD, 150, 300);
        centred(g, "7", Font.PLAIN, 330, 640);
        centred(g, "ONE CROSSING", Font.BOLD, 68, 790);
        centred(g, "not good after dark", Font.ITALIC, 52, 860);
        for (int i = 0; i < 4; i++) {
            pencil.line(new Line2D.Double(150, 930 + i * 40, i == 3 ? 520 : 750, 930 + i * 40), 4, 0);
        }
        pencil.fill(new Ellipse2D.Double(410, 118, 80, 80), 0);
        worn(pencil.image());
        return pencil.image();
    }

    private static void centred(Graphics2D g, String words, int style, int size, int y) {
        g.setFont(new Font(Font.SERIF, style, size));
        g.setColor(Color.BLACK);
        g.drawString(words, 450 - g.getFontMetrics().stringWidth(words) / 2, y);
    }

    /** Fades black to grey and paper to buff, unevenly. */
    private static void worn(BufferedImage image) {
        Noise noise = new Noise(21);
        Pixels.colour(image, (x, y, before) -> {
            double wear = noise.at(x / 210.0, y / 260.0, 4);
            double grain = noise.at(x / 3.0, y / 3.0, 1);
            int grey = (int) Math.clamp(104 + (before & 255) * 0.36 + (wear - 0.5) * 46 + (grain - 0.5) * 26, 0, 253);
            return Math.min(255, grey + 10) << 16 | grey + 2 << 8 | Math.max(0, grey - 16);
        });
    }

    /** A misty reed bed, soft as a photograph: many greys, few blacks. */
    static BufferedImage reedBed() {
        BufferedImage image = new BufferedImage(1500, 1125, BufferedImage.TYPE_INT_RGB);
        Noise noise = new Noise(31);
        Random random = new Random(4);
        double[] veil = new double[1500];
        for (int layer = 0; layer < 5; layer++) {
            for (int x = 0; x < 1500; x++) {
                veil[x] = 420 + layer * 90 + 150 * (noise.at(x / 300.0 + layer * 9, layer, 3) - 0.5) - 70 * noise.at(x / 7.0, layer * 3.0, 2);
            }
            int depth = layer;
            Pixels.colour(image, (x, y, before) -> {
                if (y < veil[x]) {
                    return depth == 0 ? Pixels.grey((int) Math.clamp(196 - y * 0.03 + 30 * (noise.at(x / 600.0, y / 200.0, 4) - 0.5), 0, 255)) : before;
                }
                double reeds = 168 - depth * 20 + 26 * (noise.at(x / 5.0, y / 60.0, 2) - 0.5) - Math.min(34, (y - veil[x]) * 0.10);
                return Pixels.grey((int) Math.clamp(reeds, 0, 255));
            });
        }
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(java.awt.RenderingHints.KEY_ANTIALIASING, java.awt.RenderingHints.VALUE_ANTIALIAS_ON);
        for (int i = 0; i < 150; i++) {
            double x = random.nextDouble() * 1500;
            int grey = 84 + random.nextInt(60);
            g.setColor(new Color(grey, grey, grey));
            g.setStroke(new java.awt.BasicStroke(2 + random.nextFloat() * 3, java.awt.BasicStroke.CAP_ROUND, java.awt.BasicStroke.JOIN_ROUND));
            g.draw(Pencil.path("M %f 1125 C %f 950 %f 800 %f %f".formatted(x, x + 4, x + 10, x + random.nextGaussian() * 40, 560 + random.nextDouble() * 280)));
        }
        g.dispose();
        return image;
    }

    /** A moth with patterned wings, seen from above. */
    static BufferedImage moth() {
        Pencil pencil = new Pencil(1200, 1200, 17, 1.1);
        for (int side = -1; side <= 1; side += 2) {
            AffineTransform flip = new AffineTransform(side, 0, 0, 1, 600, 0);
            pencil.fill(flip.createTransformedShape(Pencil.path("M 20 430 C 120 300 330 190 520 214 C 540 330 470 500 350 600 C 240 650 110 620 24 560 Z")), 16);
            pencil.fill(flip.createTransformedShape(Pencil.path("M 24 560 C 130 630 270 640 344 614 C 400 720 380 880 270 964 C 170 960 70 850 22 700 Z")), 22);
            for (int band = 0; band < 4; band++) {
                double d = band * 62;
                pencil.line(flip.createTransformedShape(Pencil.path("M %f %f C %f %f %f %f %f %f".formatted(140 + d, 352.0 - band * 22, 190 + d, 420.0 - d * 0.1, 170 + d * 0.9, 520.0 - d * 0.2, 130 + d * 0.85, 596.0 - d * 0.05))), 5 - band * 0.6, 235);
            }
            for (int vein = 0; vein < 7; vein++) {
                pencil.line(flip.createTransformedShape(Pencil.path("M 40 470 Q %d %d %d %d".formatted(200, 420 + vein * 24, 400 - vein * 14, 262 + vein * 52))), 1.6, 120);
                pencil.line(flip.createTransformedShape(Pencil.path("M 40 620 Q %d %d %d %d".formatted(150, 690 + vein * 20, 350 - vein * 26, 690 + vein * 40))), 1.5, 125);
            }
            pencil.fill(flip.createTransformedShape(new Ellipse2D.Double(250, 380, 92, 92)), 240);
            pencil.fill(flip.createTransformedShape(new Ellipse2D.Double(270, 398, 54, 54)), 12);
            pencil.fill(flip.createTransformedShape(new Ellipse2D.Double(186, 760, 66, 66)), 232);
            pencil.fill(flip.createTransformedShape(new Ellipse2D.Double(202, 774, 36, 36)), 14);
            pencil.line(flip.createTransformedShape(Pencil.path("M 12 330 C 60 240 130 190 210 170")), 6, 14);
            for (int barb = 0; barb < 12; barb++) {
                pencil.line(flip.createTransformedShape(new Line2D.Double(40 + barb * 14, 288 - barb * 10, 52 + barb * 14, 258 - barb * 10)), 2, 20);
            }
        }
        pencil.fill(new Ellipse2D.Double(552, 350, 96, 420), 10);
        pencil.fill(new Ellipse2D.Double(560, 300, 80, 90), 10);
        for (int ring = 0; ring < 9; ring++) {
            pencil.line(new Arc2D.Double(560, 470 + ring * 30, 80, 26, 190, 160, Arc2D.OPEN), 3, 210);
        }
        return pencil.image();
    }

    /** A water-gauge on a post: scale, figures, fine line. */
    static BufferedImage gauge() {
        Pencil pencil = new Pencil(900, 1500, 9, 0.7);
        Graphics2D g = pencil.graphics();
        pencil.fill(Pencil.path("M 300 40 L 600 40 L 604 1360 L 296 1360 Z"), 246);
        pencil.line(Pencil.path("M 300 40 L 600 40 L 604 1360 L 296 1360 Z"), 9, 10);
        g.setFont(new Font(Font.SANS_SERIF, Font.BOLD, 92));
        for (int mark = 0; mark <= 24; mark++) {
            double y = 90 + mark * 50;
            boolean whole = mark % 5 == 0;
            pencil.fill(new Rectangle2D.Double(304, y, whole ? 140 : 84, whole ? 26 : 22), 10);
            if (whole) {
                g.setColor(Color.BLACK);
                g.drawString(String.valueOf(9 - mark / 5), 492, (int) y + 74);
            }
        }
        for (int i = 0; i < 44; i++) {
            double y = 1120 + i * 8.5;
            double swing = 30 + pencil.random().nextDouble() * 50;
            pencil.line(Pencil.path("M %f %f Q 220 %f 296 %f".formatted(20 + swing, y, y - 10 + pencil.random().nextInt(20), y + 4)), 1.3, 30);
            pencil.line(Pencil.path("M 606 %f Q 720 %f %f %f".formatted(y + 2, y - 12 + pencil.random().nextInt(24), 880 - swing, y)), 1.3, 30);
        }
        pencil.line(Pencil.path("M 0 1116 Q 150 1100 298 1114"), 4, 10);
        pencil.line(Pencil.path("M 606 1114 Q 760 1104 900 1118"), 4, 10);
        pencil.fill(Pencil.path("M 600 300 L 700 262 L 712 318 L 604 340 Z"), 30);
        return pencil.image();
    }
}
