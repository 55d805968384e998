package kindveil.studio.intake;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import kindveil.measure.Length;

/** What stands for a print of which there is no picture: its shape, hatched, so that size, place, hand, amounts and times can be planned. */
public final class StandIn {
    private static final int LONGER = 1000;
    private static final int SHORTEST = 40;
    private static final int APART = 56;

    private StandIn() {
    }

    /** In its proportions; something very long is shown no thinner than can be seen. */
    public static byte[] png(Length width, Length height) {
        double aspect = height.millimetres() / width.millimetres();
        int w = Math.max(SHORTEST, (int) Math.round(aspect > 1 ? LONGER / aspect : LONGER));
        int h = Math.max(SHORTEST, (int) Math.round(aspect > 1 ? LONGER : LONGER * aspect));
        BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(new Color(232, 232, 232));
        g.fillRect(0, 0, w, h);
        g.setColor(new Color(70, 70, 70));
        g.setStroke(new BasicStroke(7));
        for (int x = -h; x < w; x += APART) {
            g.drawLine(x, h, x + h, 0);
        }
        g.setStroke(new BasicStroke(14));
        g.drawRect(7, 7, w - 14, h - 14);
        g.dispose();
        return Rasters.png(image);
    }
}
