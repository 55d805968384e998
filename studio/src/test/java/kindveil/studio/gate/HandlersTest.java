package kindveil.studio.gate;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.gate.Stranger.Answer;
import kindveil.studio.gate.Stranger.Ask;
import kindveil.studio.gate.Stranger.Door;
import org.junit.jupiter.api.Test;

/** No failure page, ever: every handler is asked for what should not be. All of it with {@code -Dkindveil.asks=all}. */
class HandlersTest {
    private static final int EACH = 7;
    /** Kinds that others stand for, unless all is asked. */
    private static final List<String> ALIKE = List.of("second veil without a picture, glazing", "second veil without a picture, underpainting", "laid aside");
    private static final boolean ALL = "all".equals(System.getProperty("kindveil.asks"));

    @Test
    void everyHandler_askedForWhatShouldNotBe_answersInPlainWords() {
        try (Studio studio = OpenStudio.open("jdbc:h2:mem:asked;DB_CLOSE_DELAY=-1")) {
            Stranger stranger = new Stranger(studio);
            List<Door> doors = stranger.doors();
            assertTrue(doors.size() > 100, doors.size() + " handlers");
            Random chosen = new Random(20_261_126);
            List<String> wrong = new ArrayList<>();
            int asked = 0;
            // what is only asked for stays as it is: one table serves all of it
            Stranger.Table looked = stranger.laid();
            for (Door door : doors) {
                Stranger.Table table = door.method().equals("GET") ? looked : stranger.laid();
                Map<String, String> form = stranger.form(door, table);
                List<Ask> asks = new ArrayList<>(stranger.asks(door, form));
                Ask right = asks.removeFirst();
                Collections.shuffle(asks, chosen);
                asks.addFirst(right);
                for (Ask ask : ALL ? asks : asks.subList(0, Math.min(EACH, asks.size()))) {
                    Answer answer = stranger.ask(ask, table, form);
                    asked++;
                    if (answer.failed() || answer.status() >= 400 && answer.leaks() || ALL && answer.cpuMs() > 2000) {
                        wrong.add(answer + (answer.cpuMs() > 2000 ? ", %d ms".formatted(answer.cpuMs()) : "") + (answer.leaks() ? " leaks" : ""));
                    }
                }
                if (table != looked) {
                    stranger.clear(table);
                }
            }
            System.out.println(asked + " asked of " + doors.size() + " handlers");
            assertEquals(List.of(), wrong, () -> String.join("\n", wrong));
        }
    }

    /** Every handler asked, as it should be, of every kind of thing there is, and of none: what cannot be answered is said in plain words. */
    @Test
    void everyHandler_askedOfEveryKindOfThing_answers() {
        try (Studio studio = OpenStudio.open("jdbc:h2:mem:kinds;DB_CLOSE_DELAY=-1")) {
            Stranger stranger = new Stranger(studio);
            List<String> wrong = new ArrayList<>();
            Stranger.Table nowhere = nowhere();
            for (Door door : stranger.doors()) {
                if (door.method().equals("GET")) {
                    Answer answer = stranger.ask(new Ask(door, null, ""), nowhere, stranger.usual(door, nowhere));
                    if (answer.failed()) {
                        wrong.add("empty studio: " + answer);
                    }
                }
            }
            stranger.kinds().forEach((kind, lay) -> {
                if (!ALL && ALIKE.contains(kind)) {
                    return;
                }
                Stranger.Table table = lay.get();
                for (Door door : stranger.doors()) {
                    // what changes things is asked of what has no picture by each run, of all kinds where all is asked
                    if (!door.method().equals("GET") && !ALL && !kind.endsWith("varnishing")) {
                        continue;
                    }
                    Answer answer = stranger.ask(new Ask(door, null, ""), table, stranger.usual(door, table));
                    if (answer.failed() || answer.status() >= 400 && answer.leaks()) {
                        wrong.add(kind + ": " + answer);
                    }
                    if (!door.method().equals("GET") && stranger.gone(table)) {
                        table = lay.get();
                    }
                }
            });
            assertEquals(List.of(), wrong, () -> String.join("\n", wrong));
        }
    }

    /** Of an empty studio nothing can be asked but what is not there. */
    private static Stranger.Table nowhere() {
        try (Studio other = OpenStudio.open("jdbc:h2:mem:elsewhere;DB_CLOSE_DELAY=-1")) {
            return new Stranger(other).laid();
        }
    }
}
