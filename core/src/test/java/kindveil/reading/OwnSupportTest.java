package kindveil.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import kindveil.bench.Bench;
import kindveil.bench.Face;
import kindveil.bench.Ground;
import kindveil.bench.Refusal;
import kindveil.bench.Step;
import kindveil.bench.Support;
import kindveil.bench.Support.Property;
import kindveil.bench.Support.Told;
import kindveil.bench.Support.WetStrength;
import kindveil.bench.ThingKind;
import kindveil.catalogue.Catalogue;
import kindveil.drying.Airing;
import kindveil.drying.Room;
import kindveil.light.Colour;
import kindveil.measure.Area;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.way.Brief;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A support of the artist's own, from each built-in one and each of its properties. */
class OwnSupportTest {
    private static final Room AIR = Room.of(21, 50);
    private static final Area AREA = Area.of(Length.ofMillimetres(150), Length.ofMillimetres(200));
    private static final Length LONG = Length.ofMillimetres(200);

    private static Support own(Support like, Told told) {
        return like.own("mine", "mine", told);
    }

    private static SupportReading read(Support support) {
        return SupportReading.of(support, AIR, AREA, LONG);
    }

    @ParameterizedTest
    @MethodSource("kindveil.bench.Support#values")
    void nothingTold_isTheLikeOne_allOfItGuessed_andTwiceAsUncertain(Support like) {
        Support own = own(like, Told.NOTHING);
        assertEquals(Set.of(Property.values()), own.guessed());
        SupportReading mine = read(own);
        SupportReading its = read(like);
        assertEquals(its.drunk(), mine.drunk());
        assertEquals(its.held(), mine.held());
        assertEquals(its.through().half(), mine.through().half());
        double spread = (double) its.through().nineTenths().toMillis() / its.through().half().toMillis();
        double doubted = (double) mine.through().nineTenths().toMillis() / mine.through().half().toMillis();
        assertTrue(doubted > spread, "%s: %.2f is no wider than %.2f".formatted(like.words(), doubted, spread));
        for (Way way : Catalogue.ways()) {
            assertEquals(way.card().fit(like), way.card().fit(own), way.key());
        }
        assertTrue(own.doubt().orElseThrow().contains(like.words()));
    }

    /** Each property, told alone, changes what is read of it, and is no longer guessed. */
    @Test
    void everyProperty_toldAlone_changesAReading() {
        Told nothing = Told.NOTHING;
        List<Told> each = List.of(new Told(600.0, null, null, null, null, null, null), new Told(null, 60.0, null, null, null, null, null), new Told(null, null, 5.0, null, null, null, null),
                new Told(null, null, null, WetStrength.TEARS, null, null, null), new Told(null, null, null, null, 0.7, null, null), new Told(null, null, null, null, null, 45.0, null));
        for (int i = 0; i < each.size(); i++) {
            Support told = own(Support.WATERCOLOUR_PAPER, each.get(i));
            assertFalse(read(told).equals(read(own(Support.WATERCOLOUR_PAPER, nothing))), Property.values()[i] + " changes nothing");
            assertEquals(Set.of(Property.values()[i]), difference(told), "what is told is no longer guessed");
            assertEquals(each.get(i), told.told());
        }
    }

    private static Set<Property> difference(Support told) {
        Set<Property> known = new HashSet<>(Set.of(Property.values()));
        known.removeAll(told.guessed());
        return known;
    }

    /** Any weight that can be told makes a support of any other. */
    @ParameterizedTest
    @MethodSource("kindveil.bench.Support#values")
    void everyWeight_makesASupport(Support like) {
        for (double weight = 5; weight <= 20_000; weight *= 1.9) {
            Support own = own(like, new Told(weight, null, null, null, null, null, null));
            assertTrue(own.raw() <= 400 && own.uptake() <= 400 && own.sealed() <= own.raw(), like.words() + " of " + weight);
        }
    }

    @Test
    void heavierPaper_takesMoreWater_andAToldUptakeRules() {
        Support light = own(Support.WATERCOLOUR_PAPER, new Told(150.0, null, null, null, null, null, null));
        Support heavy = own(Support.WATERCOLOUR_PAPER, new Told(600.0, null, null, null, null, null, null));
        assertEquals(Support.WATERCOLOUR_PAPER.raw() / 2, light.raw(), 1e-9);
        assertEquals(2 * Support.WATERCOLOUR_PAPER.raw(), heavy.raw(), 1e-9);
        Support sized = own(Support.WATERCOLOUR_PAPER, new Told(600.0, 5.0, null, null, null, null, null));
        assertEquals(Support.WATERCOLOUR_PAPER.raw() / 4, sized.raw(), 1e-9);
        assertEquals(5, sized.drinks(Ground.RAW), 1e-9);
        Support slate = own(Support.METAL, new Told(null, 30.0, null, null, null, null, null));
        assertFalse(slate.is(Support.Trait.CLOSED), "what drinks is not closed");
        assertEquals(30, slate.raw(), 1e-9);
    }

    /** The heat tool is refused exactly where the air it brings is warmer than the support bears, at every distance and limit. */
    @Test
    void heat_isRefusedByTheLimit() {
        for (int limit = 30; limit <= 130; limit += 5) {
            Support own = own(Support.WATERCOLOUR_PAPER, new Told(null, null, null, null, null, (double) limit, null));
            for (int cm = 10; cm <= 40; cm++) {
                List<Refusal> found = Bench.with(own, Ground.GESSO, AIR).refusals(new Step.Heat(Face.SUPPORT_FRONT, cm, java.time.Duration.ofMinutes(2)));
                boolean melts = found.stream().anyMatch(refusal -> refusal.kind() == Refusal.Kind.MELTS);
                assertEquals(Airing.heatTool(cm).airCelsius(AIR) > limit, melts, "%d °C at %d cm".formatted(limit, cm));
            }
        }
    }

    @Test
    void wetStrength_decidesBathAndRubbing_unlessAGroundSeals() {
        for (WetStrength strength : WetStrength.values()) {
            for (Ground ground : Ground.values()) {
                Support own = own(Support.WATERCOLOUR_PAPER, new Told(null, null, null, strength, null, null, null));
                Bench bench = Bench.with(own, ground, AIR);
                boolean tears = bench.refusals(new Step.Wet(Face.SUPPORT_FRONT, kindveil.bench.Tool.SPONGE, Step.Bath.TRAY)).stream().anyMatch(refusal -> refusal.kind() == Refusal.Kind.TEARS);
                boolean expected = strength == WetStrength.TEARS || strength == WetStrength.BEARS_MISTING && own.drinks(ground) > 0;
                assertEquals(expected, tears, strength + " under " + ground);
                boolean misted = bench.refusals(new Step.Wet(Face.SUPPORT_FRONT, kindveil.bench.Tool.SPONGE, Step.Bath.SURFACE)).stream().anyMatch(refusal -> refusal.kind() == Refusal.Kind.TEARS);
                assertEquals(strength == WetStrength.TEARS, misted, strength + " misted under " + ground);
            }
        }
    }

    @Test
    void stretching_isHeldFirst_andTextureReachesTheLook() {
        UnaryOperator<Support> fivePerCent = like -> own(like, new Told(null, null, 5.0, null, null, null, null));
        Way film = Catalogue.way("film-release");
        Brief brief = Brief.usual(film, Length.ofMillimetres(100), Length.ofMillimetres(150), AIR).with(fivePerCent.apply(Support.WATERCOLOUR_PAPER));
        assertTrue(film.expand(brief).acts().stream().anyMatch(act -> act.step() instanceof Step.Prepare prepare && prepare.thing() == ThingKind.SUPPORT && act.title().startsWith("Tape it down")), "it is taped down first");
        assertTrue(kindveil.way.Trace.of(film.expand(brief)).moments().stream().allMatch(moment -> moment.refusals().isEmpty()));
        assertTrue(read(own(Support.WATERCOLOUR_PAPER, new Told(null, null, null, null, 0.9, null, null))).held().millimetres() > read(Support.WATERCOLOUR_PAPER).held().millimetres());
    }

    @Test
    void impossibleFigures_areRefusedByName() {
        assertThrows(UnusableValue.class, () -> own(Support.FABRIC, new Told(2.0, null, null, null, null, null, null)));
        assertThrows(UnusableValue.class, () -> own(Support.FABRIC, new Told(null, Double.NaN, null, null, null, null, null)));
        assertThrows(UnusableValue.class, () -> own(Support.FABRIC, new Told(null, null, 40.0, null, null, null, null)));
        assertThrows(UnusableValue.class, () -> own(Support.FABRIC, new Told(null, null, null, null, 3.0, null, null)));
        assertThrows(UnusableValue.class, () -> own(Support.FABRIC, new Told(null, null, null, null, null, 500.0, null)));
        assertThrows(UnusableValue.class, () -> Support.FABRIC.own("mine", " ", Told.NOTHING));
        assertNull(own(Support.FABRIC, Told.NOTHING).colour());
        assertEquals(Colour.grey(0.2), own(Support.FABRIC, new Told(null, null, null, null, null, null, Colour.grey(0.2))).colour());
    }
}
