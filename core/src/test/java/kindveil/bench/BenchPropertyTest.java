package kindveil.bench;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Residue;
import kindveil.catalogue.Catalogue;
import kindveil.catalogue.Samples;
import kindveil.way.Act;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The numbered list of what a valid bench is, each number by itself and all of them under random steps. */
class BenchPropertyTest {
    /** Every step any way takes, in its usual form, by what it says of itself. */
    private static final Map<Integer, Step> STEPS = Samples.all().flatMap(sample -> sample.way().expand(sample.brief()).acts().stream()).map(Act::step).distinct()
            .collect(Collectors.toMap(step -> step.toString().hashCode(), step -> step, (one, other) -> one));

    /** The same draw whatever the order of the catalogue; one way more changes only what that way wins. */
    private static Step drawn(Random random) {
        int salt = random.nextInt();
        return STEPS.entrySet().stream().min(Comparator.comparingInt((Map.Entry<Integer, Step> e) -> mixed(e.getKey() ^ salt)).thenComparing(Map.Entry::getKey)).orElseThrow().getValue();
    }

    private static int mixed(int bits) {
        int h = (bits ^ bits >>> 16) * 0x85ebca6b;
        h = (h ^ h >>> 13) * 0xc2b2ae35;
        return h ^ h >>> 16;
    }

    private static Bench fresh(Random random) {
        Support support = Support.values().get(random.nextInt(Support.values().size()));
        Ground ground = Ground.values()[random.nextInt(Ground.values().length)];
        return Bench.with(support, ground, Samples.ROOM);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4})
    void anySteps_leaveABenchThatIsValid(int seed) {
        Random random = new Random(seed);
        for (int run = 0; run < 60; run++) {
            Bench bench = fresh(random);
            List<Step> taken = new ArrayList<>();
            for (int i = 0; i < 25; i++) {
                Step step = drawn(random);
                taken.add(step);
                Bench before = bench.at(bench.now().plusSeconds(random.nextInt(4000)));
                before.refusals(step).forEach(refusal -> assertFalse(refusal.reason().isBlank() || refusal.remedy().isBlank()));
                before.concerns(step).forEach(concern -> assertFalse(concern.words().isBlank()));
                bench = before.after(step);
                requireValid(before, step, bench, taken);
            }
        }
    }

    private static void requireValid(Bench before, Step step, Bench after, List<Step> taken) {
        // 1, 2, 3 and 5 are refused by the constructor itself; see below
        // 4: a load lies on a bond that is there
        assertTrue(after.bonds().stream().allMatch(bond -> !bond.loaded() || after.has(bond.moving().thing()) && after.has(bond.onto().thing())), taken::toString);
        // 6: one image is on one face only
        for (int picture = 0; picture < 2; picture++) {
            int p = picture;
            long images = after.things().stream().flatMap(t -> Stream.concat(t.front().stream(), t.back().stream()))
                    .filter(layer -> layer instanceof Layer.Image image && image.mask().picture() == p).count();
            long beforeImages = before.things().stream().flatMap(t -> Stream.concat(t.front().stream(), t.back().stream()))
                    .filter(layer -> layer instanceof Layer.Image image && image.mask().picture() == p).count();
            assertTrue(images <= beforeImages + (step instanceof Step.SetOut ? 1 : 0), taken::toString);
        }
        // 7: no coat holds more water than it was laid with
        assertTrue(coats(after).allMatch(c -> c.waterShare(after.now()) <= 1 + 1e-6), taken::toString);
        // 8: fibre only becomes less from pass to pass once the paper is off
        if (step instanceof Step.RubAway rub && !before.has(rub.carrier())) {
            assertTrue(fibre(after) <= fibre(before) + 1e-9, taken::toString);
        }
        // 9: no capacity is negative
        assertTrue(after.things().stream().allMatch(thing -> thing.matter().capacity() >= 0), taken::toString);
    }

    private static Stream<Coating> coats(Bench bench) {
        return bench.things().stream().flatMap(t -> Stream.concat(t.front().stream(), t.back().stream())).filter(Coating.class::isInstance).map(Coating.class::cast);
    }

    private static double fibre(Bench bench) {
        return bench.things().stream().flatMap(t -> Stream.concat(t.front().stream(), t.back().stream()))
                .filter(Residue.class::isInstance).mapToDouble(layer -> ((Residue) layer).gramsPerSquareMetre()).sum();
    }

    @Test
    void invalidBenches_cannotBeMade() {
        Bench bench = Bench.with(Support.CANVAS, Ground.GESSO, Samples.ROOM);
        Thing support = bench.thing(ThingKind.SUPPORT).orElseThrow();
        Thing plate = Thing.of(ThingKind.PLATE, List.of(), List.of(), kindveil.drying.Underlay.plate());
        Bond bond = new Bond(Face.SUPPORT_FRONT, Face.PLATE, false, Duration.ZERO);
        assertThrows(IllegalStateException.class, () -> bench.with(List.of(support, support), List.of()), "1: a thing twice");
        assertThrows(IllegalStateException.class, () -> bench.with(List.of(support), List.of(bond)), "2: a bond with what is not there");
        assertThrows(IllegalStateException.class, () -> bench.with(List.of(support, plate), List.of(new Bond(Face.SUPPORT_FRONT, Face.SUPPORT_FRONT, false, Duration.ZERO))), "2: with itself");
        assertThrows(IllegalStateException.class, () -> bench.with(List.of(support, plate), List.of(bond, bond)), "3: a face in two bonds");
        assertThrows(IllegalStateException.class, () -> bench.at(Duration.ofMinutes(5)).at(Duration.ofMinutes(4)), "5: time backwards");
    }

    @Test
    void everyKindOfStep_isTakenBySomeWay() {
        long used = STEPS.values().stream().map(Object::getClass).distinct().count();
        assertTrue(used == Step.class.getPermittedSubclasses().length, "steps used " + used);
    }

    @Test
    void sameSteps_sameBench() {
        Way way = Catalogue.way("opaque-backed-lay");
        Bench one = kindveil.way.Trace.of(way.expand(Samples.usual(way))).end();
        Bench other = kindveil.way.Trace.of(way.expand(Samples.usual(way))).end();
        assertTrue(one.now().equals(other.now()) && one.bonds().equals(other.bonds()));
        assertTrue(kindveil.reading.StackReading.of(one).layers().equals(kindveil.reading.StackReading.of(other).layers()));
    }
}
