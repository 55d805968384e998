package kindveil.studio.work.jar;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import kindveil.bench.Step;
import kindveil.catalogue.Catalogue;
import kindveil.drying.Room;
import kindveil.making.Begun;
import kindveil.making.Deed;
import kindveil.making.Making;
import kindveil.measure.Length;
import kindveil.measure.UnitSystem;
import kindveil.measure.UnusableValue;
import kindveil.mixing.Ageing;
import kindveil.mixing.Jar;
import kindveil.mixing.Measure;
import kindveil.mixing.Recipe;
import kindveil.product.Goods;
import kindveil.product.Mixtures;
import kindveil.product.Products;
import kindveil.studio.work.Kept;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.room.StudioRoom;
import kindveil.studio.work.shelf.Gear;
import kindveil.studio.work.shelf.Lot;
import kindveil.studio.work.shelf.OwnSupport;
import kindveil.studio.work.shelf.Owned;
import kindveil.studio.work.shelf.Print;
import kindveil.studio.work.shelf.Shelf;
import kindveil.way.Act;
import kindveil.way.Brief;
import kindveil.way.Sequence;
import kindveil.way.Way;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class JarWorkTest {
    private static final Instant NOW = Instant.parse("2026-03-05T19:00:00Z");
    private final Remembered jars = new Remembered();
    private final Map<UUID, Owned> owned = new LinkedHashMap<>();
    private JarWork work;

    /** Jars kept in memory, by the letter of what keeping them promises. */
    private final class Remembered implements Jars {
        final Map<UUID, StudioJar> standing = new LinkedHashMap<>();
        final List<Drawn> drawn = new ArrayList<>();

        @Override
        public Kept<StudioJar> kept() {
            return new Kept<>(List.copyOf(standing.values()), List.of());
        }

        @Override
        public Optional<StudioJar> find(UUID id) {
            return Optional.ofNullable(standing.get(id));
        }

        @Override
        public void add(StudioJar jar) {
            standing.put(jar.id(), jar);
        }

        @Override
        public void replace(StudioJar jar) {
            standing.put(jar.id(), jar);
        }

        @Override
        public void remove(UUID id) {
            standing.remove(id);
        }

        @Override
        public void draw(List<Drawn> more) {
            drawn.addAll(more);
        }

        @Override
        public void putBack(UUID by, int seq) {
            drawn.removeIf(one -> one.by().equals(by) && one.seq() >= seq);
        }

        @Override
        public List<Drawn> drawnBy(UUID by) {
            return drawn.stream().filter(one -> one.by().equals(by)).toList();
        }

        @Override
        public List<Drawn> drawn() {
            return List.copyOf(drawn);
        }

        @Override
        public Map<UUID, Double> outOfJars() {
            return sums(Drawn::jar);
        }

        @Override
        public Map<UUID, Double> outOfLots() {
            return sums(one -> one.lot() != null && looked(owned.get(one.lot())).filter(at -> !one.at().isAfter(at)).isPresent() ? null : one.lot());
        }

        private Map<UUID, Double> sums(Function<Drawn, @Nullable UUID> of) {
            return drawn.stream().filter(one -> of.apply(one) != null).collect(Collectors.groupingBy(of, Collectors.summingDouble(Drawn::amount)));
        }
    }

    private static Optional<Instant> looked(Owned one) {
        return switch (one) {
            case Lot lot -> Optional.ofNullable(lot.filling().looked()).map(Lot.Looked::at);
            case Gear gear -> Optional.ofNullable(gear.looked());
            case Print print -> Optional.ofNullable(print.counted());
            case OwnSupport support -> Optional.empty();
        };
    }

    @BeforeEach
    void open() {
        Shelf shelf = mock(Shelf.class);
        when(shelf.all(any())).thenCallRealMethod();
        when(shelf.kept()).thenAnswer(asked -> new Kept<>(List.copyOf(owned.values()), List.of()));
        Rooms rooms = mock(Rooms.class);
        when(rooms.now()).thenReturn(new StudioRoom(0, 20, 50, UnitSystem.METRIC, NOW));
        work = new JarWork(jars, shelf, rooms, Clock.fixed(NOW, ZoneOffset.UTC));
    }

    private UUID lot(String kind, double millilitres, double level, @Nullable LocalDate opened, Ageing.@Nullable Sign sign) {
        UUID id = UUID.randomUUID();
        owned.put(id, new Lot(id, kind, kind + " " + owned.size(), 1, Goods.of(kind).called(id.toString(), kind), null, opened, new Lot.Filling(millilitres, level, new Lot.Looked(NOW.minusSeconds(60), sign))));
        return id;
    }

    private static StoredMaking making(String way) {
        Way made = Catalogue.way(way);
        Brief brief = Brief.usual(made, Length.ofMillimetres(120), Length.ofMillimetres(160), Room.of(21, 50));
        return new StoredMaking(UUID.randomUUID(), UUID.randomUUID(), NOW, Begun.of(Sequence.of(made, brief)), List.of(), List.of(), List.of(), false);
    }

    /** A making told act by act to its end, or until {@code most} are told, each as the plan expects; every act of it is accounted for. */
    private Making tell(StoredMaking making, int most, @Nullable UUID jar) {
        Making now = making.making();
        for (int seq = 0; seq < most && now.current().isPresent(); seq++) {
            Act act = now.current().get();
            Making after = now.with(new Deed(act.id(), act.expected(), now.lastDeed().plus(Duration.ofHours(5)), false));
            work.told(making, after, act, List.of(making.id()), seq, new kindveil.studio.work.making.Using.Source(act.step() instanceof Step.Mix ? jar : null, 0), NOW);
            now = after;
        }
        return now;
    }

    private double left(UUID lot) {
        return work.lots().stream().filter(one -> one.owned().id().equals(lot)).findFirst().orElseThrow().left();
    }

    @Test
    void whatIsMixedAtTheBench_comesOutOfTheShelf_andStandsInAJar_untilItIsTakenBack() {
        UUID spirit = lot("isopropyl-alcohol", 500, 1, null, null);
        UUID concentrate = lot("release-concentrate", 60, 1, null, null);
        StoredMaking making = making("film-release");
        tell(making, 1, null);
        JarWork.Standing jar = work.standing().getFirst();
        assertEquals(500 - left(spirit), 8 * (60 - left(concentrate)), 1e-9, "in its ratio");
        assertEquals(500 - left(spirit) + 60 - left(concentrate), jar.state().left(), 1e-9);
        // to its end: what is laid comes out of the jar
        tell(making, Integer.MAX_VALUE, null);
        double used = jars.drawn.stream().filter(one -> one.jar() != null).mapToDouble(Drawn::amount).sum();
        assertTrue(used > 1, String.valueOf(used));
        assertEquals(jar.state().left() - used, work.get(jar.jar().id()).state().left(), 1e-9);
        work.tookBack(making.id(), 0);
        assertEquals(List.of(), work.standing());
        assertEquals(500, left(spirit), 1e-9);
        assertEquals(List.of(), jars.drawn);
    }

    @Test
    void aJarThatStandsReady_servesAnotherPiece_andIsNotTakenAwayWithIt() {
        UUID jar = work.mix("Solution", Recipe.of(Mixtures.RELEASE_SOLUTION, 54, Measure.CUP), 91, 28, NOW.minus(Duration.ofHours(30))).id();
        StoredMaking making = making("film-release");
        Act mix = making.making().current().orElseThrow();
        assertEquals(List.of(jar), work.serving(Products.RELEASE_SOLUTION, 5).stream().map(one -> one.jar().id()).toList());
        assertEquals(NOW.minus(Duration.ofHours(30)), work.ready(jar, mix));
        double before = work.get(jar).state().left();
        tell(making, Integer.MAX_VALUE, jar);
        assertTrue(work.get(jar).state().left() < before);
        work.tookBack(making.id(), 0);
        assertEquals(before, work.get(jar).state().left(), 1e-9);
        assertEquals(1, work.standing().size());
        // too little of it, cloudy, thrown away: it serves nothing
        assertEquals(List.of(), work.serving(Products.RELEASE_SOLUTION, 500));
        work.look(jar, 0, false);
        assertThrows(UnusableValue.class, () -> work.ready(jar, mix));
        work.unlook(jar, 0);
        work.throwAway(jar, 0);
        assertEquals(List.of(), work.standing());
        work.bringBack(jar);
        assertEquals(1, work.standing().size());
        assertThrows(UnusableValue.class, () -> work.ready(jar, making("gel-lay").making().current().orElseThrow()), "nothing to be mixed");
    }

    /** What is taken back at the bench stays in its jar where another took of it, with what it was mixed of. */
    @Test
    void aBatchOthersTookOf_stands_whenItsMakingIsTakenBack() {
        UUID spirit = lot("isopropyl-alcohol", 500, 1, null, null);
        lot("release-concentrate", 60, 1, null, null);
        StoredMaking first = making("film-release");
        tell(first, 1, null);
        UUID jar = work.standing().getFirst().jar().id();
        double drawn = 500 - left(spirit);
        StoredMaking second = making("film-release");
        tell(second, Integer.MAX_VALUE, jar);
        double used = jars.outOfJars().get(jar);
        work.tookBack(first.id(), 0);
        assertEquals(drawn, 500 - left(spirit), 1e-9);
        assertEquals(used, jars.outOfJars().get(jar), 1e-9);
        tell(first, 1, null);
        assertEquals(2, work.standing().size(), "mixed again: another jar");
        assertEquals(2 * drawn, 500 - left(spirit), 1e-9);
    }

    /** Solution that has stood long enough does not make anybody wait for three hours. */
    @Test
    void whatStoodLongEnough_isNotWaitedFor() {
        Making making = making("film-release").making();
        Act mix = making.current().orElseThrow();
        Making afresh = making.with(new Deed(mix.id(), 0, NOW, false));
        Making ready = making.with(new Deed(mix.id(), 0, NOW, false, NOW.minus(Duration.ofHours(30))));
        Duration slow = afresh.forecast(NOW).getLast().end();
        Duration fast = ready.forecast(NOW).getLast().end();
        assertTrue(slow.minus(fast).compareTo(Duration.ofHours(2)) > 0, slow + " against " + fast);
    }

    @Test
    void openedLotsAreUsedUpFirst_whatEndedIsLeftAlone_andWhatNoneHeldIsSaid() {
        UUID unopened = lot("gloss-medium", 250, 1, null, null);
        UUID old = lot("gloss-medium", 250, 0.004, LocalDate.of(2025, 1, 1), null);
        UUID mouldy = lot("gloss-medium", 250, 1, LocalDate.of(2024, 1, 1), Ageing.Sign.MOULD);
        tell(making("gel-lay"), Integer.MAX_VALUE, null);
        assertEquals(0, left(old), 1e-9);
        assertTrue(left(unopened) < 250);
        assertEquals(250, left(mouldy), 1e-9);
        owned.remove(unopened);
        jars.drawn.clear();
        tell(making("gel-lay"), Integer.MAX_VALUE, null);
        JarWork.Left<Lot> empty = work.lots().stream().filter(one -> one.owned().id().equals(old)).findFirst().orElseThrow();
        assertEquals(0, empty.left());
        assertTrue(empty.over() > 0.5);
        // somebody looks again: what was taken before that is behind
        owned.put(old, new Lot(old, "gloss-medium", "gel", 1, Products.GLOSS_MEDIUM, null, null, new Lot.Filling(250.0, 0.5, new Lot.Looked(NOW, null))));
        assertEquals(125, left(old), 1e-9);
    }

    /** Two hundred evenings of anything: no level is ever below nothing without its being said, and every ml is somewhere. */
    @Test
    void anyNumberOfActs_toldAndTakenBack_keepTheSums() {
        Random random = new Random(3);
        List<String> ways = List.of("gel-lay", "film-release", "gesso-bed", "tape-lift", "free-skin", "oiled-panel");
        Map<UUID, Double> full = new HashMap<>();
        List<String> kinds = List.of("gloss-gel", "gloss-medium", "isopropyl-alcohol", "release-concentrate", "gesso", "mineral-oil", "matte-medium");
        for (String kind : kinds) {
            double holds = 20 + random.nextInt(200);
            full.put(lot(kind, holds, 1, null, null), holds);
        }
        List<StoredMaking> begun = new ArrayList<>();
        Map<String, StoredMaking> plans = ways.stream().collect(Collectors.toMap(way -> way, JarWorkTest::making));
        for (int run = 0; run < 200; run++) {
            StoredMaking plan = plans.get(ways.get(random.nextInt(ways.size())));
            StoredMaking making = new StoredMaking(UUID.randomUUID(), plan.piece(), plan.begun(), plan.plan(), List.of(), List.of(), List.of(), false);
            tell(making, 1 + random.nextInt(12), null);
            begun.add(making);
            if (random.nextInt(3) == 0) {
                work.tookBack(begun.get(random.nextInt(begun.size())).id(), random.nextInt(4));
            }
            Map<UUID, Double> out = jars.outOfLots();
            for (JarWork.Left<Lot> lot : work.lots()) {
                assertTrue(lot.left() >= 0 && lot.over() >= 0 && (lot.left() == 0 || lot.over() == 0));
                assertEquals(full.get(lot.owned().id()), lot.left() - lot.over() + out.getOrDefault(lot.owned().id(), 0.0), 1e-6);
            }
            for (JarWork.Standing jar : work.standing()) {
                double taken = jars.outOfJars().getOrDefault(jar.jar().id(), 0.0);
                assertEquals(jar.jar().millilitres(), jar.state().left() - jar.state().over() + taken, 1e-6);
            }
        }
        assertTrue(work.lots().stream().anyMatch(lot -> lot.over() > 0), "some ran out");
    }

    @Test
    void aRollOfTape_isShorterByItsStrips() {
        UUID id = UUID.randomUUID();
        owned.put(id, new Gear(id, Gear.Kind.TAPE, "", "tape", 1, new Owned.Size(Length.ofMillimetres(48), Length.ofMillimetres(60_000)), 1.0, null, null));
        StoredMaking making = making("tape-lift");
        tell(making, Integer.MAX_VALUE, null);
        JarWork.Left<Gear> roll = work.rolls().getFirst();
        double strips = jars.drawn.stream().filter(one -> id.equals(one.lot())).mapToDouble(Drawn::amount).sum();
        assertTrue(strips > 300 && strips < 2000, String.valueOf(strips));
        assertEquals(60_000 - strips, roll.left(), 1e-9);
    }

    @Test
    void anOpenLid_weakens_andIsPutBackByAsMuch() {
        UUID jar = work.mix("Solution", Recipe.of(Mixtures.RELEASE_SOLUTION, 54, Measure.CUP), 91, 40, NOW.minus(Duration.ofHours(20))).id();
        StudioJar standing = jars.standing.get(jar);
        jars.standing.put(jar, standing.lid(true, NOW.minus(Duration.ofHours(9))));
        assertEquals(Jar.Phase.WEAK, work.get(jar).state().phase());
        work.topUp(jar, 0);
        work.lid(jar, 0, false);
        assertEquals(Jar.Phase.GOOD, work.get(jar).state().phase());
        assertEquals(80.9, work.get(jar).state().strength(), 0.05);
        assertThrows(UnusableValue.class, () -> work.mix("Weak", Recipe.of(Mixtures.RELEASE_SOLUTION, 54, Measure.CUP), 70, 28, NOW));
    }
}
