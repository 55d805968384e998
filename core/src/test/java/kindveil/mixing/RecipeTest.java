package kindveil.mixing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import kindveil.measure.UnitSystem;
import kindveil.measure.UnusableValue;
import kindveil.measure.Volume;
import kindveil.product.Mixture;
import kindveil.product.Mixtures;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class RecipeTest {
    /** One to eight stays one to eight, whatever is asked for and whatever measures it. */
    @ParameterizedTest
    @EnumSource(Measure.class)
    void theRatioIsKept_theLeastPartIsMeasured_andThereIsEnough(Measure measure) {
        Random random = new Random(11);
        for (int i = 0; i < 2000; i++) {
            Mixture mixture = Mixtures.all().get(random.nextInt(Mixtures.all().size()));
            double needed = Math.pow(10, random.nextDouble() * 4 - 1);
            Recipe recipe = Recipe.of(mixture, needed, measure);
            double part = recipe.parts().getFirst().millilitres() / mixture.ingredients().getFirst().parts();
            for (Recipe.Part each : recipe.parts()) {
                assertEquals(part, each.millilitres() / each.of().parts(), 1e-9 * part, mixture.id());
            }
            double least = recipe.parts().stream().mapToDouble(Recipe.Part::millilitres).filter(ml -> ml > 0).min().orElseThrow();
            assertTrue(measure.exactly(least), "%s: %s ml by %s".formatted(mixture.id(), least, measure));
            assertTrue(recipe.mixed() >= needed - 1e-9 && recipe.left() >= 0);
            // never more beyond what is asked for than one step more of its least part
            double step = measure == Measure.SPOONS ? 1.3 : measure.atLeast(1e-6);
            assertTrue(recipe.left() <= step / least * recipe.mixed() + 1e-6, "%s: %s of %s by %s".formatted(mixture.id(), recipe.left(), needed, measure));
        }
    }

    @Test
    void aSpoonfulOfAPlate_isMixedAsDrops_notAsNothing() {
        Recipe drops = Recipe.of(Mixtures.RELEASE_SOLUTION, 1, Measure.DROPPER);
        assertEquals(List.of(0.15, 1.2), drops.parts().stream().map(part -> Math.round(part.millilitres() * 1000) / 1000.0).toList());
        // an eighth of a teaspoon is the least spoon there is: much is left over, and is said
        Recipe spoons = Recipe.of(Mixtures.RELEASE_SOLUTION, 1, Measure.SPOONS);
        assertEquals(0.616, spoons.parts().getFirst().millilitres(), 0.001);
        assertEquals(4.545, spoons.left(), 0.01);
        assertTrue(Measure.usual(Mixtures.THINNED_GEL) == Measure.DROPPER && Measure.usual(Mixtures.SLURRY) == Measure.SPOONS);
    }

    @Test
    void whatCannotBeMixed_isSaid() {
        assertTrue(assertThrows(UnusableValue.class, () -> Recipe.of(Mixtures.SLURRY, 1e9, Measure.CUP)).getMessage().contains("To mix"));
        assertThrows(UnusableValue.class, () -> Recipe.of(Mixtures.SLURRY.with(0, 0).with(1, 0), 10, Measure.CUP));
        assertEquals(0, Recipe.of(Mixtures.SLURRY, 0, Measure.CUP).mixed());
        assertEquals(1700, Recipe.filling(Mixtures.WETTING_BATH, 1700).mixed(), 1e-9);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"250|METRIC|250", "250|US|7393.375", "8 fl oz|METRIC|236.588", "2 tbsp|METRIC|29.57352", "12 drops|US|0.6", "1/2 cup|US|118.294", "0,5 l|METRIC|500", "1 cl|US|10"})
    void amountsAreReadAsTheyAreWritten(String text, UnitSystem system, double millilitres) {
        assertEquals(millilitres, Volume.parse("Holds", text, system, 0, 20_000).millilitres(), 0.01);
    }

    @ParameterizedTest
    @CsvSource({"much,METRIC", "12 stone,US", "'',METRIC", "-3 ml,METRIC", "900 l,METRIC"})
    void whatIsNoAmount_isSaidWithItsName(String text, UnitSystem system) {
        assertTrue(assertThrows(UnusableValue.class, () -> Volume.parse("Holds", text, system, 0, 20_000)).getMessage().contains("Holds"));
    }
}
