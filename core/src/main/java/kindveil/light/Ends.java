package kindveil.light;

import java.util.Arrays;
import java.util.Comparator;
import kindveil.image.Picture;

/** The darkest and the lightest tenth of a picture, each as one colour: between them lies all that can be read in it. */
public record Ends(Lab dark, Lab light) {
    private static final int MOST = 40_000;
    private static final int TENTH = 10;

    /** Of as many of its points, evenly over it, as tell it well. */
    public static Ends of(Picture picture) {
        int step = (int) Math.max(1, Math.ceil(Math.sqrt((double) picture.width() * picture.height() / MOST)));
        int across = (picture.width() + step - 1) / step;
        int down = (picture.height() + step - 1) / step;
        Colour[] points = new Colour[across * down];
        for (int i = 0; i < points.length; i++) {
            int x = i % across * step;
            int y = i / across * step;
            points[i] = new Colour(unit(picture.red().at(x, y)), unit(picture.green().at(x, y)), unit(picture.blue().at(x, y)));
        }
        Arrays.sort(points, Comparator.comparingDouble(Colour::luminance));
        int tenth = Math.max(1, points.length / TENTH);
        return new Ends(mean(points, 0, tenth), mean(points, points.length - tenth, points.length));
    }

    private static double unit(double light) {
        return Math.clamp(light, 0, 1);
    }

    private static Lab mean(Colour[] points, int from, int to) {
        double lightness = 0;
        double a = 0;
        double b = 0;
        for (int i = from; i < to; i++) {
            Lab lab = points[i].lab();
            lightness += lab.lightness();
            a += lab.a();
            b += lab.b();
        }
        return new Lab(lightness / (to - from), a / (to - from), b / (to - from));
    }

    /** From dark to light, L*. */
    public double step() {
        return light.lightness() - dark.lightness();
    }
}
