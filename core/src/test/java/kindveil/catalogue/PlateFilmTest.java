package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindveil.drying.Room;
import kindveil.measure.Length;
import kindveil.way.Brief;
import kindveil.way.Dial;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A plate's film and the finest line of the print: 0.25 mm bears 5 µm, 0.5 mm 10 µm, and below 0.2 mm no film serves. */
class PlateFilmTest {
    private static Brief brief(Way way, double finest) {
        Brief brief = Brief.usual(way, Length.ofMillimetres(100), Length.ofMillimetres(140), Room.of(21, 50));
        return brief.with(brief.printed().finest(finest));
    }

    private static Dial film(Way way, double finest) {
        return way.dials(brief(way, finest)).stream().filter(dial -> dial.key().equals("image-film")).findFirst().orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(strings = {"plate-pull", "plate-to-tissue"})
    void film_neverBridgesTheFinestLine(String key) {
        Way way = Catalogue.way(key);
        assertEquals(5, film(way, 0.25).usual().most(), 1e-9);
        assertEquals(10, film(way, 0.5).usual().most(), 1e-9);
        assertTrue(film(way, 0.25).usual().value() <= 5);
        double last = 0;
        for (double finest = 0.04; finest < 3; finest += 0.02) {
            Dial film = film(way, finest);
            boolean serves = finest >= 0.2;
            assertEquals(!serves, way.questions(brief(way, finest)).stream().anyMatch(question -> question.contains("finest lines")), finest + " mm");
            if (serves) {
                assertTrue(film.usual().most() <= 20 * finest + 0.051 && film.usual().least() >= 4, finest + " mm");
            }
            assertTrue(film.usual().most() >= last, "a wider line never takes less");
            last = film.usual().most();
        }
        assertEquals(0, way.questions(brief(way, 0)).size(), "nothing is asked of a print nobody has measured");
    }

    /** As wide as the question says, it is no longer asked. */
    @Test
    void remedy_ofTooFineLines_suffices() {
        Way way = Catalogue.way("plate-pull");
        for (double finest = 0.05; finest < 0.2; finest += 0.01) {
            String told = way.questions(brief(way, finest)).getFirst();
            double wide = Double.parseDouble(told.replaceAll(".*make the image (\\d+) mm wide.*", "$1"));
            assertTrue(way.questions(brief(way, finest * wide / 100)).isEmpty(), told);
        }
    }
}
