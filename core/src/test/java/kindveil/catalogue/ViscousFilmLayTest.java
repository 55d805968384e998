package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import kindveil.product.Products;
import kindveil.bench.Step;
import kindveil.measure.Length;
import kindveil.reading.AmountReading;
import org.junit.jupiter.api.Test;

class ViscousFilmLayTest {
    private final WayFacts facts = WayFacts.of("viscous-film-lay");

    @Test
    void dwell_isAMinute_neverPastEightySeconds() {
        facts.defaults("dwell", 60, 50, 80, "s");
        assertEquals(Duration.ofSeconds(80), facts.wait("lay", "peel").times().latest());
    }

    @Test
    void gel_restsHalfAnHour_andAnA4TakesAboutFifteenMillilitres() {
        facts.neverBefore("shake", "bed", Duration.ofMinutes(30));
        double a4 = AmountReading.of(facts.trace, Length.ofMillimetres(210), Length.ofMillimetres(297)).of(Products.TRANSFER_GEL).millilitres();
        assertEquals(15, a4, 2.5);
    }

    @Test
    void rinse_comesOnlyWhenDry_thenOvernightOnTheLine() {
        facts.order("peel", "rinse", "hang", "look");
        facts.neverBefore("peel", "rinse", Duration.ofHours(1));
        facts.neverBefore("hang", "look", Duration.ofHours(8));
        assertTrue(!facts.with("rinse", "left").has(Step.Dissolve.class));
    }
}
