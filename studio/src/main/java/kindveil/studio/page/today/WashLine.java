package kindveil.studio.page.today;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import kindveil.drying.Stage;
import kindveil.making.Clock;
import kindveil.making.Making;
import kindveil.measure.Figures;
import kindveil.studio.page.Say;
import kindveil.bench.Bench;
import kindveil.bench.Face;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Residue;
import java.util.Locale;
import kindveil.light.Fibre;
import kindveil.studio.page.today.TodayView.Followed;

/** What is drying, hung on a line from wet to through; 1110 wide. */
record WashLine(List<Hanging> hanging) {
    private static final double LINE_WIDTH = 1110;
    private static final double HANG_WIDTH = 96;
    private static final double TALLEST = 128;
    private static final double APART = 186;
    /** Where on the line the stages are marked. */
    private static final double TOUCH_X = 330;
    private static final double RECOAT_X = 640;
    private static final double THROUGH_X = 905;
    private static final List<Face> WET_FACES = List.of(Face.SUPPORT_FRONT, Face.PRINT_FRONT, Face.SKIN_BACK, Face.SKIN_FRONT, Face.PLATE, Face.BLOCK);
    private static final int LONGEST_LABEL = 24;

    /**
     * Something that hangs on it.
     *
     * @param x its middle on the line, 0 (wet) to 1110; moved along when another hangs there
     * @param words its title, its state, what comes next and when
     */
    record Hanging(String picture, String address, List<String> words, double x, double y, double height) {
        private static final double LINE = 18;

        public double left() {
            return x - HANG_WIDTH / 2;
        }

        public double top() {
            return y + 4;
        }

        public String pegs() {
            return "M%s %sv14M%s %sv14".formatted(x - 18, y - 8, x + 18, y - 8);
        }

        /** Foot of a line of its words. */
        public double foot(int line) {
            return y + height + 24 + line * LINE;
        }
    }

    static WashLine of(List<Followed> followed, Say say, Instant now) {
        return new WashLine(spaced(followed.stream().flatMap(f -> hanging(f, f.making(), say, now).stream()).toList()));
    }

    private static List<Hanging> hanging(Followed f, Making making, Say say, Instant now) {
        Bench bench = making.bench(now);
        Coating wettest = WET_FACES.stream().flatMap(face -> bench.wettest(face).stream())
                .max(Comparator.comparingDouble(coat -> coat.waterShare(bench.now()))).orElse(null);
        boolean damp = bench.layers(Face.SUPPORT_FRONT, Residue.class).stream().anyMatch(r -> r.filling() == Fibre.Filling.WATER);
        if (wettest == null) {
            return List.of();
        }
        double water = wettest.waterShare(bench.now());
        double x = damp ? TOUCH_X / 2 : x(water);
        double dry = Math.floor(100 * Math.min(1, (1 - water) / (1 - Stage.THROUGH.waterShare())));
        String covered = wettest.drying() == null ? "" : wettest.drying().bed().lies();
        String state = damp ? "damp, turning white" : dry >= 100 ? "through" : "%s, %s %%".formatted(covered, Figures.rounded(dry, 0));
        String next = making.current().map(act -> shortened(act.title())).orElse("made");
        String when = making.clock().filter(clock -> clock.phase(now) == Clock.Phase.TOO_SOON && clock.opens() != null).map(clock -> "from " + say.time(clock.opens())
                + (clock.advised() != null && clock.advised().isAfter(clock.opens()) ? ", safe " + say.time(clock.advised()) : "")).orElse("");
        String picture = "/pieces/%s/look/dried.png?v=%d&small=true".formatted(f.piece().id(), f.piece().version());
        return List.of(new Hanging(picture, "/pieces/" + f.piece().id(), List.of(f.name(), state, next, when), x, sag(x), Math.min(TALLEST, HANG_WIDTH * f.aspect())));
    }

    /** As much of a title as fits under a picture. */
    private static String shortened(String title) {
        return title.length() <= LONGEST_LABEL ? title.toLowerCase(Locale.ROOT) : title.substring(0, title.lastIndexOf(' ', LONGEST_LABEL)).toLowerCase(Locale.ROOT) + " …";
    }

    /** Water left to a place on the line, straight between the stages. */
    private static double x(double water) {
        if (water > Stage.TOUCH_DRY.waterShare()) {
            return TOUCH_X * (1 - water) / (1 - Stage.TOUCH_DRY.waterShare());
        }
        if (water > Stage.RECOAT.waterShare()) {
            return between(TOUCH_X, RECOAT_X, Stage.TOUCH_DRY.waterShare(), Stage.RECOAT.waterShare(), water);
        }
        if (water > Stage.THROUGH.waterShare()) {
            return between(RECOAT_X, THROUGH_X, Stage.RECOAT.waterShare(), Stage.THROUGH.waterShare(), water);
        }
        return between(THROUGH_X, LINE_WIDTH - 40, Stage.THROUGH.waterShare(), 0.03, Math.max(0.03, water));
    }

    private static double between(double fromX, double toX, double from, double to, double water) {
        return fromX + (toX - fromX) * (from - water) / (from - to);
    }

    /** The line is a cubic from (0, 56) by (260, 92) and (820, 92) to (1110, 40). */
    private static double sag(double x) {
        double low = 0;
        double high = 1;
        for (int i = 0; i < 30; i++) {
            double t = (low + high) / 2;
            if (cubic(t, 0, 260, 820, LINE_WIDTH) < x) {
                low = t;
            } else {
                high = t;
            }
        }
        return cubic(low, 56, 92, 92, 40);
    }

    private static double cubic(double t, double a, double b, double c, double d) {
        double u = 1 - t;
        return u * u * u * a + 3 * u * u * t * b + 3 * u * t * t * c + t * t * t * d;
    }

    /** Moved apart so that none covers another. */
    private static List<Hanging> spaced(List<Hanging> line) {
        List<Hanging> sorted = line.stream().sorted(Comparator.comparingDouble(Hanging::x)).toList();
        List<Hanging> placed = new ArrayList<>();
        double free = HANG_WIDTH / 2;
        for (int i = 0; i < sorted.size(); i++) {
            Hanging h = sorted.get(i);
            double x = Math.min(Math.max(h.x(), free), LINE_WIDTH - 60 - (sorted.size() - 1 - i) * APART);
            placed.add(new Hanging(h.picture(), h.address(), h.words(), x, sag(x), h.height()));
            free = x + APART;
        }
        return placed;
    }
}
