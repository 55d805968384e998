package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;

import kindveil.reading.MarginReading;
import kindveil.way.Trace;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Paper that must stay around the image, read off each way's plan. */
class MarginTest {
    @ParameterizedTest
    @CsvSource({"tape-lift, 10", "free-skin, 10", "curved-skin, 10", "gel-lay, 0", "gesso-bed, 0", "plate-pull, 0", "tissue-lay, 0", "film-release, 0"})
    void margin_isWhatIsLaidPastThePicture(String way, double millimetres) {
        assertEquals(millimetres, MarginReading.of(Trace.of(Catalogue.way(way).expand(Samples.usual(Catalogue.way(way))))).millimetres());
    }
}
