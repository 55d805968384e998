package kindveil.way;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import kindveil.catalogue.Catalogue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SymptomTest {
    @Test
    void every_isKnownOfSomeWay_andEveryWayHasSome() {
        Set<Symptom> known = Catalogue.ways().stream().flatMap(way -> way.card().failures().stream()).map(Failure::symptom).collect(Collectors.toSet());
        assertEquals(Set.of(Symptom.values()), known);
        assertTrue(Catalogue.ways().stream().allMatch(way -> !way.card().failures().isEmpty()));
    }

    @ParameterizedTest
    @CsvSource({"It came out cloudy,CLOUDY", "cloudiness,CLOUDY", "bare patches,BARE", "smeared,SMEARED", "it smears,SMEARED", "sticky,STICKY", "edge shows,EDGE", "it tore,TORN", "The image came off,LIFTED", "ghosts,CLOUDY", "BUBBLES,BUBBLES"})
    void plainWords_leadToIt(String words, Symptom symptom) {
        assertTrue(Symptom.said(words).contains(symptom), () -> words + " " + Symptom.said(words));
    }

    @Test
    void wordsOfWays_areNone() {
        assertEquals(List.of(), Symptom.said(""));
        assertEquals(List.of(), Symptom.said("the and its"));
        assertEquals(List.of(), Symptom.said("litho"));
        assertEquals(List.of(), Symptom.said("bicycle"));
        assertEquals(Symptom.values().length, Arrays.stream(Symptom.values()).map(Symptom::words).distinct().count());
    }
}
