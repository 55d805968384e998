package kindveil.mixing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import kindveil.mixing.Ageing.Sign;
import kindveil.product.Goods;
import kindveil.product.Product;
import kindveil.product.Products;
import org.junit.jupiter.api.Test;

class AgeingTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 28);

    @Test
    void waterThatWentOutOfAJar_isPutBack_toTheDrop() {
        Ageing old = Ageing.of(Products.GLOSS_GEL, TODAY.minusYears(1), TODAY, null);
        assertTrue(old.usable() && old.lost() > 0.04 && old.lost() < 0.06, String.valueOf(old.lost()));
        // by hand: of 100 ml it was 1/(1 - lost) as much, and all of the difference was water
        assertEquals(100 / (1 - old.lost()) - 100, old.thin(), 1e-9);
        double water = old.now().waterShare() * 100 + old.thin();
        assertEquals(Products.GLOSS_GEL.waterShare(), water / (100 + old.thin()), 1e-9);
        assertEquals(0, Ageing.of(Products.GLOSS_GEL, null, TODAY, null).lost(), "not opened");
        assertEquals(0.08, Ageing.of(Products.GLOSS_GEL, TODAY.minusDays(3), TODAY, Sign.THICKER).lost(), 1e-9);
        assertTrue(Ageing.of(Products.GLOSS_GEL, TODAY.minusYears(40), TODAY, null).lost() <= 0.25);
    }

    @Test
    void whatIsSeen_endsIt_orDoesNot_andIsAlwaysSaid() {
        for (Product product : Goods.shelf()) {
            for (Sign sign : Ageing.signs(product)) {
                Ageing age = Ageing.of(product, TODAY.minusDays(20), TODAY, sign);
                assertEquals(sign.usable(), age.usable(), product.id() + " " + sign);
                assertEquals(age.usable(), age.discard().isEmpty(), product.id() + " " + sign);
                assertEquals(sign == Sign.FINE, age.words().isEmpty(), product.id() + " " + sign + ": " + age.words());
            }
            assertTrue(Ageing.signs(product).contains(Sign.FINE));
        }
        assertFalse(Ageing.signs(Goods.ISOPROPYL).contains(Sign.THAWED), "spirit does not freeze in a studio");
        assertFalse(Ageing.of(Products.GESSO, TODAY, TODAY, Sign.MOULD).usable());
    }

    @Test
    void whatIsOld_isTriedFirst_untilSomebodySawThatItIsFine() {
        LocalDate opened = TODAY.minusMonths(40);
        assertTrue(Ageing.of(Products.GLOSS_MEDIUM, opened, TODAY, null).doubtful());
        assertFalse(Ageing.of(Products.GLOSS_MEDIUM, opened, TODAY, Sign.FINE).doubtful());
        assertTrue(Ageing.of(Products.GLOSS_MEDIUM, TODAY.minusYears(7), TODAY, Sign.FINE).doubtful(), "twice its age");
        assertTrue(Ageing.of(Products.PVA, TODAY.minusMonths(30), TODAY, null).doubtful() && !Ageing.of(Products.GLOSS_MEDIUM, TODAY.minusMonths(30), TODAY, null).doubtful());
    }
}
