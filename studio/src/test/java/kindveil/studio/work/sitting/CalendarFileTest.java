package kindveil.studio.work.sitting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.Random;
import org.junit.jupiter.api.Test;

class CalendarFileTest {
    /** Of every length, in letters of one to four octets: no line over 75, and put together again it is the same. */
    @Test
    void folded_anyLine_isNeverOver75Octets() {
        Random random = new Random(21);
        for (int length = 0; length < 400; length++) {
            StringBuilder line = new StringBuilder();
            for (int i = 0; i < length; i++) {
                line.appendCodePoint("aé“\uD83E\uDD8B".codePoints().toArray()[random.nextInt(4)]);
            }
            String folded = CalendarFile.folded(line.toString());
            for (String part : folded.split("\r\n")) {
                assertTrue(part.getBytes(StandardCharsets.UTF_8).length <= 75, part);
            }
            assertEquals(line.toString(), folded.replace("\r\n ", ""));
        }
    }
}
