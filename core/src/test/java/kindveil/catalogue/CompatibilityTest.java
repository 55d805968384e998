package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.reading.CompatibilityReading;
import kindveil.way.Brief;
import kindveil.way.Fit.Verdict;
import kindveil.way.Way;
import kindveil.way.Wish;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/** Verdicts read from the bench against verdicts written down by hand. */
class CompatibilityTest {
    private static Brief brief(Way way, String print, String support, String ground, String wish) {
        Brief brief = Samples.usual(way).with(PrintKind.valueOf(print)).with(Support.find(kindveil.measure.Words.token(support)).orElseThrow());
        brief = ground.equals("-") ? brief : brief.with(Ground.valueOf(ground));
        return wish.equals("-") ? brief : brief.with(Wish.valueOf(wish));
    }

    @ParameterizedTest
    @CsvFileSource(resources = "compatibility.csv", delimiter = '|')
    void verdict_isWhatPractitionersSay(String key, String print, String support, String ground, String wish, Verdict verdict, String why) {
        Way way = Catalogue.way(key);
        CompatibilityReading reading = CompatibilityReading.of(way, brief(way, print, support, ground, wish));
        assertEquals(verdict, reading.verdict(), () -> reading.reasons().toString());
        assertTrue(why == null || reading.reasons().stream().anyMatch(r -> (r.words() + r.remedy()).toLowerCase(java.util.Locale.ROOT).contains(why.toLowerCase(java.util.Locale.ROOT))), () -> reading.reasons().toString());
    }

    @Test
    void mixedInkOnFilm_isDecidedByThePicturesOwnColours() {
        Way film = Catalogue.way("film-release");
        Brief mixed = Samples.usual(film).with(PrintKind.FILM_MIXED);
        assertEquals(Verdict.SOUND, CompatibilityReading.of(film, mixed.coloured(0.05)).verdict());
        assertEquals(Verdict.WITH_CARE, CompatibilityReading.of(film, mixed.coloured(0.3)).verdict());
        CompatibilityReading colourful = CompatibilityReading.of(film, mixed.coloured(0.8));
        assertEquals(Verdict.POOR, colourful.verdict());
        assertTrue(colourful.reasons().getFirst().words().startsWith("80 % of this picture is coloured"));
    }

    @Test
    void instead_ofInkjetInAGelLay_namesAFixedLayAndAnotherPrint() {
        Way gel = Catalogue.way("gel-lay");
        Brief wrong = Samples.usual(gel).with(PrintKind.DYE_INKJET).with(Support.WATERCOLOUR_PAPER);
        List<CompatibilityReading.Instead> instead = CompatibilityReading.instead(Catalogue.transfers(), gel, wrong);
        assertTrue(instead.stream().anyMatch(i -> i.way() == gel && i.print() == PrintKind.PHOTOCOPY));
        assertTrue(instead.stream().anyMatch(i -> i.way().key().equals("fixed-inkjet-lay") && i.print() == PrintKind.DYE_INKJET));
        assertTrue(instead.stream().allMatch(i -> i.verdict().compareTo(Verdict.WITH_CARE) <= 0));
    }

    @Test
    void reasons_theWeightiestFirst_eachOnce() {
        Way way = Catalogue.way("film-release");
        List<CompatibilityReading.Reason> reasons = CompatibilityReading.of(way, Samples.usual(way).with(PrintKind.FILM_DYE).with(Support.GAUZE).dialled("bottle", 70)).reasons();
        assertEquals(reasons.stream().map(CompatibilityReading.Reason::verdict).sorted(java.util.Comparator.reverseOrder()).toList(),
                reasons.stream().map(CompatibilityReading.Reason::verdict).toList());
        assertEquals(reasons.size(), reasons.stream().map(CompatibilityReading.Reason::words).distinct().count());
    }
}
