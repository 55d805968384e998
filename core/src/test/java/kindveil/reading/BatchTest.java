package kindveil.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import kindveil.catalogue.Catalogue;
import kindveil.catalogue.Samples;
import kindveil.measure.Length;
import kindveil.measure.UnitSystem;
import kindveil.measure.Volume;
import kindveil.way.Trace;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A mixture is one batch: its smallest part can be measured, the others keep the ratio, and there is enough of it. */
class BatchTest {
    private static List<AmountReading.Batch> of(Way way, double width, double height) {
        return AmountReading.of(Trace.of(way.expand(Samples.usual(way))), Length.ofMillimetres(width), Length.ofMillimetres(height)).mixtures();
    }

    @Test
    void everyMixture_ofEverySize_keepsItsRatio_andCanBeMeasured() {
        int asked = 0;
        for (Way way : Catalogue.ways()) {
            for (double side = 30; side <= 400; side *= 1.35) {
                for (AmountReading.Batch batch : of(way, side, 1.3 * side)) {
                    if (batch.mixture().gives() == null) {
                        continue;
                    }
                    asked++;
                    List<Volume> shares = batch.shares().stream().map(AmountReading.Share::volume).toList();
                    double all = shares.stream().mapToDouble(Volume::millilitres).sum();
                    String said = way.key() + " " + side + ": " + shares;
                    assertTrue(all >= batch.volume().millilitres() - 1e-9, said);
                    assertEquals(batch.left().millilitres(), all - batch.volume().millilitres(), 1e-6, said);
                    for (int i = 0; i < shares.size(); i++) {
                        double parts = batch.mixture().ingredients().get(i).parts() / batch.mixture().ingredients().getFirst().parts();
                        assertEquals(parts, shares.get(i).millilitres() / shares.getFirst().millilitres(), 1e-9, said);
                    }
                    double least = shares.stream().mapToDouble(Volume::millilitres).min().orElseThrow();
                    assertTrue(least >= 0.05 - 1e-9 && (batch.mixture().ingredients().stream().anyMatch(i -> i.words().contains("drops")) || least >= 0.6), said);
                }
            }
        }
        assertTrue(asked > 20, String.valueOf(asked));
    }

    /** One part to eight stays one to eight in spoons, however small the picture. */
    @Test
    void oneToEight_staysOneToEight_inSpoons() {
        List<AmountReading.Share> shares = of(Catalogue.way("film-release"), 60, 80).getFirst().shares();
        assertEquals(List.of("1/8 tsp", "1 tsp"), shares.stream().map(share -> share.volume().print(UnitSystem.US)).toList());
    }

    @ParameterizedTest
    @CsvSource({"60, 4 1/4 tbsp", "118, 8 tbsp", "236.588, 1 cup", "300, 1 cup + 5 tbsp", "480, 2 cup + 1 tbsp", "0.3, 1/8 tsp", "4.92892, 1 tsp"})
    void cupsAreCups(double millilitres, String said) {
        assertEquals(said, new Volume(millilitres).print(UnitSystem.US));
    }

    @ParameterizedTest
    @CsvSource({"0.004, 0.01 ml", "0.04, 0.04 ml", "0.4, 0.4 ml", "12.3, 12 ml", "0, 0 ml"})
    void nothingInUse_showsAsNought(double millilitres, String said) {
        assertEquals(said, new Volume(millilitres).print(UnitSystem.METRIC));
    }

    /** What lets a film go is gone afterwards: it leaves no layer of its thickness, and no edge. */
    @Test
    void aSolutionThatOnlyLetsGo_leavesNothing() {
        Trace film = Trace.of(Catalogue.way("film-release").expand(Samples.usual(Catalogue.way("film-release"))));
        assertTrue(StackReading.of(film.end()).layers().stream().noneMatch(layer -> layer.detail().contains("70 µm")), StackReading.of(film.end()).layers().toString());
        assertTrue(ReliefReading.of(film).edges().isEmpty(), ReliefReading.of(film).edges().toString());
    }
}
