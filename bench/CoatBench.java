import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import kindveil.drying.Bed;
import kindveil.drying.Belief;
import kindveil.drying.Coat;
import kindveil.drying.Drying;
import kindveil.drying.Room;
import kindveil.drying.RoomCourse;
import kindveil.drying.Stage;
import kindveil.drying.Underlay;

/** Two hundred coats, no two alike, each with its slow, middle and quick curve: made, and read again from the curves that were kept. */
final class CoatBench {
    private static final int COATS = 200;
    private static final int TIMES = 9;

    public static void main(String[] args) {
        List<Double> cold = new ArrayList<>();
        List<Double> kept = new ArrayList<>();
        double sum = 0;
        for (int i = 0; i < TIMES; i++) {
            List<Drying> coats = coats(i);
            long start = System.nanoTime();
            sum += read(coats, Duration.ofMinutes(20));
            cold.add((System.nanoTime() - start) / 1e6);
            start = System.nanoTime();
            sum += read(coats, Duration.ofMinutes(27));
            kept.add((System.nanoTime() - start) / 1e6);
        }
        cold.sort(null);
        kept.sort(null);
        System.out.printf("%d coats with three curves: made %.0f ms (longest %.0f, the first cold program), read from what was kept %.2f ms (longest %.2f); checksum %.3f%n", COATS, cold.get(TIMES / 2), cold.getLast(), kept.get(TIMES / 2), kept.getLast(), sum);
    }

    private static List<Drying> coats(int run) {
        List<Drying> coats = new ArrayList<>();
        for (int i = 0; i < COATS; i++) {
            Underlay on = i % 2 == 0 ? Underlay.panel(40) : Underlay.paper(60);
            coats.add(Drying.fresh(Bed.open(new Coat(60 + 1.7 * i + 0.01 * run, 0.6), on), RoomCourse.of(Room.of(19 + i % 5, 45)), Duration.ZERO));
        }
        return coats;
    }

    private static double read(List<Drying> coats, Duration at) {
        double sum = 0;
        for (Drying coat : coats) {
            sum += coat.spread(Stage.THROUGH, Belief.UNLEARNED).map(spread -> (double) spread.nineTenths().toMinutes()).orElse(0.0) + coat.waterShare(at, 0.7) + coat.waterShare(at, 1) + coat.waterShare(at, 1.4);
        }
        return sum;
    }
}
