package kindveil.mixing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import kindveil.light.Colour;
import kindveil.measure.UnusableValue;
import kindveil.product.Goods;
import kindveil.product.Mixture;
import kindveil.product.Product;
import kindveil.product.Products;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MeetingTest {
    /** By hand: how each is thinned, as its label would say. What is thinned alike may meet. */
    private static final Map<String, String> THINNED = Map.ofEntries(Map.entry("gloss-medium", "water"), Map.entry("gesso", "water"), Map.entry("pva", "water"), Map.entry("opaque-paint", "water"), Map.entry("gloss-varnish", "water"),
            Map.entry("gum-arabic", "water"), Map.entry("watercolour", "water"), Map.entry("water-ink", "water"), Map.entry("wetting-agent", "water"), Map.entry("isopropyl-alcohol", "alcohol"), Map.entry("spirit", "alcohol"),
            Map.entry("shellac", "alcohol"), Map.entry("shellac-stock", "alcohol"), Map.entry("release-concentrate", "alcohol"), Map.entry("removable-gloss-varnish", "thinner"), Map.entry("removable-matte-varnish", "thinner"),
            Map.entry("boiled-linseed", "oil"), Map.entry("stiff-ink", "oil"), Map.entry("litho-ink", "oil"), Map.entry("oil-colour", "oil"), Map.entry("mineral-oil", "oil"), Map.entry("cold-wax", "wax"), Map.entry("pouring-resin", "resin"),
            Map.entry("release-solution", "solution"), Map.entry("transfer-gel", "gel"));

    /** What solutions that let prints go are let down with. */
    private static final List<String> LET_DOWN = List.of("isopropyl-alcohol", "spirit", "release-concentrate");
    private static final List<String> CUT = List.of("solution", "gel");

    @Test
    void whatIsThinnedAlike_mayMeet_andNothingElse_inEitherOrder() {
        THINNED.forEach((one, by) -> THINNED.forEach((other, with) -> assertEquals(by.equals(with) || LET_DOWN.contains(one) && CUT.contains(with) || LET_DOWN.contains(other) && CUT.contains(by), Meeting.against(Goods.of(one), Goods.of(other)).isEmpty(), one + " with " + other)));
    }

    @Test
    void everyPair_isAnsweredAlike_inBothOrders() {
        List<Product> all = Goods.shelf().stream().filter(product -> product.family().poured()).toList();
        all.forEach(one -> all.forEach(other -> {
            Optional<String> said = Meeting.against(one, other);
            assertEquals(said, Meeting.against(other, one));
            assertTrue(said.isEmpty() || said.get().endsWith("."));
        }));
        all.forEach(one -> assertEquals(Optional.empty(), Meeting.against(one, one), one.id()));
    }

    @Test
    void aRecipeOfOnesOwn_dries_looks_andWarns_byWhatIsInIt() {
        Product paint = Products.tube("ochre-tube", "ochre", Colour.parse("paint", "#b9862f"), false, Products.UNDERCOLOUR.optics().body());
        Mixture glaze = Blend.of("my-glaze", "ferry glaze", List.of(new Blend.Share(Products.GLOSS_MEDIUM, 8), new Blend.Share(paint, 1)), 1);
        assertEquals("ferry glaze", glaze.gives().words());
        assertEquals((8 * 0.6 + 0.6 + 1) / 10, glaze.gives().waterShare(), 1e-9);
        assertTrue(glaze.gives().paint().isPresent(), "it is seen");
        assertEquals(List.of(8.0, 1.0, 1.0), glaze.ingredients().stream().map(Mixture.Ingredient::parts).toList());
        assertEquals("", Blend.doubt(glaze));
        assertFalse(Blend.doubt(Blend.of("thin", "thin", List.of(new Blend.Share(Products.GLOSS_MEDIUM, 1)), 1)).isEmpty());
        Mixture gels = Blend.of("half", "half and half", List.of(new Blend.Share(Products.MATTE_GEL, 1), new Blend.Share(Products.GLOSS_MEDIUM, 1)), 0);
        assertTrue(gels.hazards().containsAll(Products.GLOSS_MEDIUM.hazards()));
    }

    @ParameterizedTest
    @CsvSource({"gloss-medium,shellac,0", "gloss-medium,boiled-linseed,0", "pouring-resin,gloss-medium,0", "shellac,spirit,1", "cold-wax,mineral-oil,0"})
    void whatMustNotMeet_isRefused_andSaysWhatDoes(String one, String other, double water) {
        String why = assertThrows(UnusableValue.class, () -> Blend.of("x", "x", List.of(new Blend.Share(Goods.of(one), 1), new Blend.Share(Goods.of(other), 1)), water)).getMessage();
        assertTrue(why.contains("Recipe"), why);
    }

    @Test
    void oneThingAlone_isNoRecipe() {
        assertThrows(UnusableValue.class, () -> Blend.of("x", "x", List.of(new Blend.Share(Products.GESSO, 1)), 0));
        assertThrows(UnusableValue.class, () -> Blend.of("x", "x", List.of(), 1));
    }
}
