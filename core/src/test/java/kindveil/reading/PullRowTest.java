package kindveil.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import kindveil.light.Colour;
import kindveil.reading.PullRow.Pull;
import org.junit.jupiter.api.Test;

class PullRowTest {
    private static Pull pull(String name, String image, String pull) {
        return new Pull(name, Colour.parse("image", image), Colour.parse("pull", pull));
    }

    private static double cost(List<Pull> order) {
        double sum = 0;
        for (int i = 1; i < order.size(); i++) {
            double tint = PullRow.tint(order.get(i - 1).pull(), order.get(i).image());
            sum += tint > 2 ? 1e6 + tint : tint;
        }
        return sum;
    }

    private static double cheapest(List<Pull> done, List<Pull> left) {
        if (left.isEmpty()) {
            return cost(done);
        }
        double least = Double.MAX_VALUE;
        for (Pull next : left) {
            List<Pull> more = new ArrayList<>(done);
            more.add(next);
            List<Pull> rest = new ArrayList<>(left);
            rest.remove(next);
            least = Math.min(least, cheapest(more, rest));
        }
        return least;
    }

    /** Against every order there is, for rows of up to six pulls of random colours. */
    @Test
    void order_isTheBestOfAll() {
        Random random = new Random(4);
        for (int round = 0; round < 40; round++) {
            List<Pull> pulls = new ArrayList<>();
            for (int i = 0; i < 1 + round % 6; i++) {
                pulls.add(pull("p" + i, "#%06x".formatted(random.nextInt(0x1000000)), "#%06x".formatted(random.nextInt(0x1000000))));
            }
            PullRow row = PullRow.of(pulls);
            List<Pull> order = row.steps().stream().map(PullRow.Step::pull).toList();
            assertEquals(new HashSet<>(pulls), new HashSet<>(order));
            assertEquals(cheapest(List.of(), pulls), cost(order), 1e-6);
            assertEquals((long) (cost(order) / 1e6), row.cleanings());
        }
    }

    /** Light to dark needs no cleaning, dark to light does; the row is turned so that none is needed. */
    @Test
    void lightBeforeDark_isNotCleaned() {
        Pull light = pull("light", "#f2e6c8", "#f0dfb0");
        Pull middle = pull("middle", "#caa05c", "#b98a4a");
        Pull dark = pull("dark", "#3a2a1c", "#2a1d14");
        assertEquals(0, PullRow.of(List.of(light, dark)).cleanings());
        assertTrue(PullRow.tint(dark.pull(), light.image()) > 2);
        PullRow row = PullRow.of(List.of(dark, middle, light));
        assertEquals(List.of("light", "middle", "dark"), row.steps().stream().map(step -> step.pull().name()).toList());
        assertFalse(row.steps().getFirst().cleaned(), "the plate is clean to begin with");
    }

    @Test
    void longRows_areStillOrdered_eachOnce() {
        Random random = new Random(9);
        List<Pull> pulls = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            pulls.add(pull("p" + i, "#%06x".formatted(random.nextInt(0x1000000)), "#%06x".formatted(random.nextInt(0x1000000))));
        }
        PullRow row = PullRow.of(pulls);
        assertEquals(40, new HashSet<>(row.steps()).size());
        assertTrue(row.cleanings() <= Math.round(cost(pulls) / 1e6), "no worse than as they came");
        assertEquals(List.of(), PullRow.of(List.of()).steps());
    }
}
