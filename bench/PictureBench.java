import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.measure.Length;
import kindveil.studio.intake.PictureIntake;
import kindveil.studio.intake.Rasters;
import kindveil.tone.Halftone;
import kindveil.tone.Histogram;

/** Ours, timed in one process, beside what the command-line tools took. */
public class PictureBench {
    private static final int WARM = 5;
    private static final int ROUNDS = 9;

    private interface Work {
        Object done() throws Exception;
    }

    private static long median(Work work) throws Exception {
        long[] times = new long[ROUNDS];
        for (int i = -WARM; i < ROUNDS; i++) {
            long start = System.nanoTime();
            Object kept = work.done();
            if (i >= 0) {
                times[i] = (System.nanoTime() - start) / 1_000_000;
            }
            if (kept == null) {
                throw new IllegalStateException("nothing came out");
            }
        }
        Arrays.sort(times);
        return times[ROUNDS / 2];
    }

    public static void main(String[] args) throws Exception {
        byte[] bytes = Files.readAllBytes(Path.of(args[0]));
        Map<String, String[]> tools = new HashMap<>();
        for (String line : Files.readAllLines(Path.of(args[1]))) {
            String[] words = line.split(" ");
            tools.put(words[0], words);
        }
        BufferedImage image = PictureIntake.read("photo.jpg", bytes);
        Picture small = Rasters.downscaled(image, 1600);
        Plane light = small.luminance();
        Halftone screen = Halftone.recommended(Halftone.Shape.DOT, Length.ofMillimetres(0.25));
        System.out.printf("%-18s %8s %8s %8s   %s%n", "", "ours", "one", "other", "ours to the faster");
        row(tools, "decode", median(() -> PictureIntake.read("photo.jpg", bytes)));
        row(tools, "reduce+histogram", median(() -> Histogram.of(Rasters.downscaled(image, 1600).luminance())));
        row(tools, "blur", median(() -> light.blurred(2.2)));
        row(tools, "halftone", median(() -> Rasters.bits(screen.apply(Rasters.luminance(image, 7016, 4677), 7016 / 297.0))));
    }

    private static void row(Map<String, String[]> tools, String what, long ours) {
        String[] theirs = tools.get(what);
        double faster = Double.MAX_VALUE;
        for (int i = 1; i <= 2; i++) {
            if (!theirs[i].equals("-")) {
                faster = Math.min(faster, Double.parseDouble(theirs[i]));
            }
        }
        System.out.printf("%-18s %5d ms %5s ms %5s ms   %.2f%n", what, ours, theirs[1], theirs[2], ours / faster);
    }
}
