package kindveil.studio.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.image.BufferedImage;
import java.util.Random;

/** Draws with an unsteady hand: every outline is broken into short pieces and shifted a little, by seed. */
final class Pencil {
    private final BufferedImage image;
    private final Graphics2D g;
    private final Random random;
    private final double unsteady;

    Pencil(int width, int height, long seed, double unsteady) {
        image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, width, height);
        random = new Random(seed);
        this.unsteady = unsteady;
    }

    BufferedImage image() {
        return image;
    }

    Random random() {
        return random;
    }

    Graphics2D graphics() {
        return g;
    }

    void fill(Shape shape, int grey) {
        g.setColor(new Color(grey, grey, grey));
        g.fill(rough(shape));
    }

    void line(Shape shape, double width, int grey) {
        g.setColor(new Color(grey, grey, grey));
        g.setStroke(new BasicStroke((float) width, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        g.draw(rough(shape));
    }

    private Shape rough(Shape shape) {
        Path2D out = new Path2D.Double();
        double[] at = new double[6];
        double[] last = new double[2];
        double drift = 0;
        for (PathIterator i = new FlatteningPathIterator(shape.getPathIterator(null), 0.6); !i.isDone(); i.next()) {
            switch (i.currentSegment(at)) {
                case PathIterator.SEG_MOVETO -> out.moveTo(at[0], at[1]);
                case PathIterator.SEG_LINETO -> {
                    int pieces = Math.max(1, (int) (Math.hypot(at[0] - last[0], at[1] - last[1]) / 14));
                    for (int k = 1; k <= pieces; k++) {
                        drift = drift * 0.8 + random.nextGaussian() * unsteady * 0.6;
                        double t = k / (double) pieces;
                        out.lineTo(last[0] + t * (at[0] - last[0]) + drift, last[1] + t * (at[1] - last[1]) + drift * 0.7);
                    }
                }
                default -> out.closePath();
            }
            last[0] = at[0];
            last[1] = at[1];
        }
        return out;
    }

    /** A path written as moves and curves: M x y, L x y, C six numbers, Z. */
    static Path2D path(String written) {
        Path2D path = new Path2D.Double();
        String[] words = written.trim().split("\\s+");
        int i = 0;
        while (i < words.length) {
            switch (words[i]) {
                case "M" -> path.moveTo(number(words[++i]), number(words[++i]));
                case "L" -> path.lineTo(number(words[++i]), number(words[++i]));
                case "Q" -> path.quadTo(number(words[++i]), number(words[++i]), number(words[++i]), number(words[++i]));
                case "C" -> path.curveTo(number(words[++i]), number(words[++i]), number(words[++i]), number(words[++i]), number(words[++i]), number(words[++i]));
                case "Z" -> path.closePath();
                default -> throw new IllegalStateException("Impossible state: %s in a path.".formatted(words[i]));
            }
            i++;
        }
        return path;
    }

    private static double number(String word) {
        return Double.parseDouble(word);
    }
}
