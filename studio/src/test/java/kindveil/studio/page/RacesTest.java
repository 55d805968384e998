package kindveil.studio.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.MakingLine;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.junit.jupiter.api.Test;

/** The same form several times at once: one is stored, the others are told, and nothing fails. */
class RacesTest {
    private static final int AT_ONCE = 8;
    private static final int TRIES = 5;

    private static List<Web.Answer> atOnce(List<Web> people, java.util.function.Function<Web, Web.Answer> sending) throws Exception {
        CyclicBarrier start = new CyclicBarrier(AT_ONCE);
        try (ExecutorService hands = Executors.newFixedThreadPool(AT_ONCE)) {
            List<Callable<Web.Answer>> all = people.stream().<Callable<Web.Answer>>map(web -> () -> {
                start.await();
                return sending.apply(web);
            }).toList();
            List<Web.Answer> answers = new ArrayList<>();
            for (Future<Web.Answer> answer : hands.invokeAll(all)) {
                answers.add(answer.get());
            }
            return answers;
        }
    }

    @Test
    void sameForm_sentByEightAtOnce_isStoredOnce() throws Exception {
        try (Studio studio = OpenStudio.open("jdbc:h2:mem:races;DB_CLOSE_DELAY=-1")) {
            List<Web> people = IntStream.range(0, AT_ONCE).mapToObj(i -> new Web(studio.address())).toList();
            people.forEach(web -> web.post("/nowhere", Map.of()));
            List<Web.Answer> answers = new ArrayList<>();
            // the first room and the first gathering have no row yet
            answers.addAll(atOnce(people, web -> web.post("/room", Map.of("version", "-1", "degrees", "19", "percent", "55", "units", "METRIC"))));
            PieceWork pieces = studio.bean(PieceWork.class);
            Piece oar = pieces.begin("Oar", Length.ofMillimetres(90), "oar.png", Samples.cornerPng());
            answers.addAll(atOnce(people, web -> web.post("/sheets/gather", Map.of("piece", oar.id().toString(), "veil", "1"))));
            for (int i = 0; i < TRIES; i++) {
                String once = UUID.randomUUID().toString();
                answers.addAll(atOnce(people, web -> web.upload("/pieces", Map.of("sent", once, "title", "Rowlock", "width", "80 mm"), "picture", "rowlock.png", Samples.cornerPng())));
                Piece made = pieces.get(UUID.fromString(once));
                answers.addAll(atOnce(people, web -> web.post("/pieces/" + made.id() + "/make", Map.of())));
                assertEquals(1, studio.bean(MakeWork.class).ofPiece(made.id()).stream().filter(MakingLine::active).count(), "one making");
                String note = UUID.randomUUID().toString();
                answers.addAll(atOnce(people, web -> web.post("/pieces/" + made.id() + "/notes", Map.of("once", note, "verdict", "NEARLY"))));
                assertEquals(1, studio.bean(LogWork.class).ofPiece(made.id()).size(), "one entry");
                Map<String, String> change = new HashMap<>(Map.of("version", "0", "width", "70 mm", "black", "0", "white", "100", "tones", "", "anyway", "true"));
                answers.addAll(atOnce(people, web -> web.post("/pieces/" + made.id() + "/source", change)));
                assertEquals(1, pieces.get(made.id()).version(), "one change");
            }
            assertEquals(TRIES + 1, pieces.all().size());
            assertEquals(1, studio.bean(kindveil.studio.work.sheet.SheetWork.class).gathering().wanted().size());
            assertTrue(answers.stream().allMatch(answer -> answer.status() < 500), answers.stream().map(Web.Answer::status).distinct().toList().toString());
        }
    }
}
