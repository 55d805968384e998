package kindveil.light;

import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.measure.UnusableValue;

/** A white card in a photograph: what was seen of it tells how bright and how warm the light was, and both are taken off. */
public final class WhiteCard {
    /** Luminance of white paper judged from outside (assumed). */
    public static final double LUMINANCE = 0.86;
    /** Half the side of what is looked at, of the longer side of the picture. */
    private static final double REACH = 0.01;
    private static final double DARKEST = 0.12;
    private static final double BURNT_OUT = 0.985;
    /** A light redder or bluer than that against green is no lamp and no window: the card is coloured (assumed). */
    private static final double MOST_CAST = 3;

    private WhiteCard() {
    }

    /** @param x where the card lies, per cent of the width; likewise {@code y} of the height */
    public static Picture evened(Picture photo, double x, double y) {
        double[] seen = {mean(photo.red(), x, y), mean(photo.green(), x, y), mean(photo.blue(), x, y)};
        double light = Picture.luminance((float) seen[0], (float) seen[1], (float) seen[2]);
        if (light < DARKEST) {
            throw new UnusableValue("white card", "%.0f %% of light".formatted(100 * light), "white paper, at least %.0f %%".formatted(100 * DARKEST), "Put the ring onto the card, or photograph it in more light.");
        }
        if (seen[0] > BURNT_OUT && seen[1] > BURNT_OUT || seen[1] > BURNT_OUT && seen[2] > BURNT_OUT) {
            throw new UnusableValue("white card", "all of the light", "less than all of it, so that its colour is told", "Photograph it a little darker.");
        }
        if (Math.max(seen[0], seen[2]) > MOST_CAST * seen[1] || Math.min(seen[0], seen[2]) < seen[1] / MOST_CAST) {
            throw new UnusableValue("white card", new Colour(seen[0], seen[1], seen[2]).toString(), "white, whatever the lamp", "Put the ring onto the card itself.");
        }
        return new Picture(scaled(photo.red(), seen[0]), scaled(photo.green(), seen[1]), scaled(photo.blue(), seen[2]));
    }

    private static Plane scaled(Plane plane, double seen) {
        float gain = (float) (LUMINANCE / seen);
        return plane.map(light -> Math.min(1, light * gain));
    }

    private static double mean(Plane plane, double x, double y) {
        int reach = Math.max(1, (int) Math.round(REACH * Math.max(plane.width(), plane.height())));
        int cx = (int) Math.round(x / 100 * (plane.width() - 1));
        int cy = (int) Math.round(y / 100 * (plane.height() - 1));
        double sum = 0;
        int count = 0;
        for (int j = cy - reach; j <= cy + reach; j++) {
            for (int i = cx - reach; i <= cx + reach; i++) {
                sum += plane.atClamped(i, j);
                count++;
            }
        }
        return sum / count;
    }
}
