package kindveil.product;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kindveil.bench.Refusal;
import kindveil.catalogue.Catalogue;
import kindveil.drying.Room;
import kindveil.light.Colour;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.reading.AmountReading;
import kindveil.reading.CautionReading;
import kindveil.reading.StackReading;
import kindveil.way.ActId;
import kindveil.way.Base;
import kindveil.way.Brief;
import kindveil.way.Sequence;
import kindveil.way.Settings;
import kindveil.way.Trace;
import kindveil.way.Trace.Moment;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever a product is, the studio knows of it only what its record says. */
class ProductTest {
    private static final Way GEL = Catalogue.way("gel-lay");

    /** Nobody sells it: a half-solid, tinted, matte binder that hardens in tools within ten minutes, stings, and holds on nothing that takes dye. */
    private static Product invented() {
        Product like = Products.GLOSS_MEDIUM;
        return new Product("jar-of-moss", "jar of moss", Family.MEDIUM, Set.of(Trait.WATER_BORNE, Trait.BINDS, Trait.CLOSES), new Law.LosesWater(0.30),
                new Optics(false, new Optics.Body.Pigment(kindveil.light.Paint.Opacity.SEMI_OPAQUE, 1), 100), Colour.parse("c", "#3c6e3a"), Set.of(Hazard.ACRYLIC, Hazard.SOLVENT_SKIN),
                new Cleaning("lukewarm tea", Duration.ofMinutes(10)), List.of(new NotOver(Trait.RECEPTIVE, "it wrinkles there", "Leave the receptive coat away.")), like.release());
    }

    private static Brief brief(Way way) {
        return way.checked(Brief.usual(way, Length.ofMillimetres(120), Length.ofMillimetres(160), Room.of(21, 50)));
    }

    private static Brief with(Way way, Product bed, Product lot) {
        Brief usual = brief(way);
        Settings settings = usual.settings();
        return new Brief(usual.base(), usual.room(), usual.width(), usual.height(), usual.printed(), usual.wish(), new Settings(settings.choices(), settings.dials(), settings.colours(), Map.of(bed.id(), lot)));
    }

    private static Moment moment(Trace trace, String key) {
        return trace.moments().stream().filter(m -> m.act().id().equals(ActId.first(key))).findFirst().orElseThrow();
    }

    /** A clear lot dries as its data sheet says, whatever its kind does; over black the duller the lighter. What has pigment keeps its own look. */
    @Test
    void sheen_isWhatTheLookIsMadeWith() {
        for (Product kind : Goods.shelf()) {
            if (kind.optics().sheen().isEmpty()) {
                assertEquals(kind.optics(), kind.optics().with(Optics.Sheen.MATTE), kind.words());
                continue;
            }
            assertEquals(kind, kind.with(kind.optics().with(kind.optics().sheen().get())), kind.words());
            for (Optics.Sheen sheen : Optics.Sheen.values()) {
                assertEquals(sheen, kind.optics().with(sheen).sheen().orElseThrow(), kind.words());
            }
        }
        Way way = GEL;
        List<Double> blacks = java.util.stream.Stream.of(Optics.Sheen.values()).map(sheen -> {
            Product lot = Products.GLOSS_MEDIUM.called("lot", "lot").with(Products.GLOSS_MEDIUM.optics().with(sheen));
            Brief brief = with(way, Products.GLOSS_MEDIUM, lot).with("clearing", "gloss-medium");
            StackReading stack = StackReading.of(Trace.of(way.expand(way.checked(brief))).end());
            return stack.at(Colour.parse("ground", "#101010"), new double[stack.covers().size()]).luminance();
        }).toList();
        assertTrue(blacks.get(0) < blacks.get(1) && blacks.get(1) < blacks.get(2), "gloss, satin, matte over black: " + blacks);
    }

    @Test
    void invented_flowsToLookDryingCautionsWashingUpAndAmounts_withNoRuleNamingIt() {
        Trace usual = Trace.of(Sequence.of(GEL, brief(GEL)).expand());
        Trace own = Trace.of(Sequence.of(GEL, with(GEL, Products.GLOSS_MEDIUM, invented())).expand());

        assertTrue(StackReading.of(own.end()).layers().stream().anyMatch(layer -> layer.name().equalsIgnoreCase("jar of moss")), "in the section");
        Colour white = Colour.parse("w", "#ffffff");
        StackReading stack = StackReading.of(own.end());
        double[] clear = new double[stack.covers().size()];
        Colour seen = stack.at(white, clear);
        assertTrue(seen.green() > 1.2 * seen.red(), "a green bed shows green: " + seen);

        Duration wet = wait(usual, "pass-1-wet");
        Duration lessWater = wait(own, "pass-1-wet");
        assertTrue(lessWater.compareTo(wet) < 0, "half the water is gone sooner: " + lessWater + " against " + wet);

        java.util.Set<kindveil.product.Hazard> cautions = CautionReading.of(moment(own, "coat").act().step());
        assertTrue(cautions.size() > CautionReading.of(moment(usual, "coat").act().step()).size(), cautions.toString());
        assertTrue(moment(own, "coat-wash").act().how().contains("lukewarm tea"), moment(own, "coat-wash").act().how());
        assertEquals(Duration.ofMinutes(10), moment(own, "coat-wash").waits().getFirst().times().latest());

        AmountReading amounts = AmountReading.of(own, Length.ofMillimetres(120), Length.ofMillimetres(160));
        assertTrue(amounts.byProduct().keySet().stream().anyMatch(product -> product.id().equals("jar-of-moss")), amounts.byProduct().keySet().toString());
    }

    private static Duration wait(Trace trace, String key) {
        Moment moment = moment(trace, key);
        return moment.start().minus(moment(trace, "coat").end());
    }

    @Test
    void invented_isRefusedWhereItsRecordSaysItDoesNotHold() {
        Way skin = Catalogue.way("skin-float");
        Base base = brief(skin).base();
        Trace trace = Trace.of(Sequence.on(base, List.of(new Sequence.Part(skin, brief(skin)), new Sequence.Part(GEL, with(GEL, Products.GLOSS_MEDIUM, invented())))).expand());
        Refusal refusal = trace.refusals().stream().filter(r -> r.kind() == Refusal.Kind.NOT_OVER).findFirst().orElseThrow(() -> new AssertionError(trace.refusals().toString()));
        assertTrue(refusal.words().contains("it wrinkles there"), refusal.words());
        assertTrue(refusal.words().contains("Leave the receptive coat away."), refusal.words());
    }

    @Test
    void table_namesEachOnce_andFindsEachByItsName() {
        Set<String> names = new HashSet<>();
        for (Product product : Products.all()) {
            assertTrue(names.add(product.id()), product.id());
            assertEquals(product, Products.of(product.id()));
        }
        assertThrows(UnusableValue.class, () -> Products.of("honey"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "Brown Jar", "-jar", "jar_1"})
    void name_outsideItsSigns_isRefusedWithWhatToWrite(String id) {
        assertTrue(assertThrows(UnusableValue.class, () -> Products.GESSO.called(id, "my jar")).getMessage().contains("Write for example brown-jar."));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.04, 0.96, 1.5, Double.NaN})
    void waterShare_outsideItsRange_isRefused(double share) {
        assertThrows(UnusableValue.class, () -> Products.GESSO.with(new Law.LosesWater(share)));
    }

    @Test
    void solvents_setTwiceAsFastForEveryTenDegrees() {
        Law shellac = Products.SHELLAC.law();
        assertEquals(shellac.sets(Room.of(21, 50)).toMillis(), 2 * shellac.sets(Room.of(31, 50)).toMillis(), 2);
        assertNotEquals(Duration.ZERO, shellac.open(Room.of(21, 50)));
    }
}
