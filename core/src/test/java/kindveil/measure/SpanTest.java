package kindveil.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpanTest {
    private static final Pattern SAID = Pattern.compile("(?:(\\d+) days)?(?:(\\d+) h ?(\\d+)?)?(?:(\\d+) min)? ?(?:(\\d+) s)?");

    private static long seconds(String said) {
        Matcher m = SAID.matcher(said);
        assertTrue(m.matches(), said);
        return 86_400 * number(m.group(1)) + 3600 * number(m.group(2)) + 60 * number(m.group(3)) + 60 * number(m.group(4)) + number(m.group(5));
    }

    private static long number(String digits) {
        return digits == null ? 0 : Long.parseLong(digits);
    }

    /** Of every second up to three days: what is said of a maximum is never more than it, of a minimum never less, and both are near. */
    @Test
    void bounds_areNeverSaidTheWrongWay() {
        for (long second = 0; second < 3 * 86_400; second += second < 1000 ? 1 : 37) {
            Duration exact = Duration.ofSeconds(second);
            long most = seconds(Span.atMost(exact));
            long least = seconds(Span.atLeast(exact));
            assertTrue(most <= second && least >= second, "%d s: at most %s, at least %s".formatted(second, Span.atMost(exact), Span.atLeast(exact)));
            assertTrue(second >= 2 * 86_400 || least - most <= 60, "%d s: at most %s, at least %s".formatted(second, Span.atMost(exact), Span.atLeast(exact)));
        }
    }

    @ParameterizedTest
    @CsvSource({"150, 2 min 30 s, 2 min 30 s", "89, 89 s, 89 s", "180, 3 min, 3 min", "3630, 60 min, 61 min", "7200, 2 h, 2 h", "9001, 2 h 30, 2 h 31"})
    void bounds_inWords(long seconds, String most, String least) {
        assertEquals(most, Span.atMost(Duration.ofSeconds(seconds)));
        assertEquals(least, Span.atLeast(Duration.ofSeconds(seconds)));
    }
}
