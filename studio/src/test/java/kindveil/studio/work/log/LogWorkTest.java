package kindveil.studio.work.log;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.bench.PrintKind;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.room.StudioRoom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(OpenStudio.class)
class LogWorkTest {
    private static final LogWork.Said NEARLY = new LogWork.Said(LogEntry.Verdict.NEARLY, "A ghost at the edge.", "", LogEntry.Findings.NONE);
    private final LogWork log;
    private final PieceWork pieces;
    private final MakeWork makings;
    private final Rooms rooms;
    private final Web web;

    LogWorkTest(LogWork log, PieceWork pieces, MakeWork makings, Rooms rooms, Studio studio) {
        this.log = log;
        this.pieces = pieces;
        this.makings = makings;
        this.rooms = rooms;
        this.web = new Web(studio.address());
    }

    private LogEntry written(Piece piece) {
        UUID once = UUID.randomUUID();
        log.write(new LogWork.Entry(once, piece, null, NEARLY, "the library"), "", null);
        return log.get(once);
    }

    private Piece piece() {
        return pieces.begin("Ferry post", Length.ofMillimetres(90), "post.png", Samples.cornerPng());
    }

    /** Whatever changes afterwards, in the plan, the room or the piece, the entry judges what was made. */
    @Test
    void entry_judgesWhatWasMade_whateverChangesAfterwards() {
        Piece piece = piece();
        StoredMaking making = makings.begin(piece.id());
        String first = making.making().current().orElseThrow().title();
        makings.tell(making.id(), 0, 0, 0, true);
        LogEntry entry = written(piece);
        StudioRoom room = rooms.now();
        rooms.replace(new StudioRoom(room.version(), 14, 82, room.units(), room.told()));
        pieces.change(piece.with(piece.design().doing(Catalogue.way("tape-lift"))));
        LogEntry after = log.get(entry.id());
        assertEquals(entry, after);
        assertEquals(List.of("gel-lay"), after.judged().ways().stream().map(Judged.WayOf::key).toList());
        assertEquals(PrintKind.GOOD_TONER, after.judged().print().kind());
        assertEquals("the library", after.judged().print().by());
        assertEquals(first, after.judged().answers().getFirst().title());
        assertTrue(after.judged().air().stream().noneMatch(air -> air.celsius() == 14));
        rooms.replace(new StudioRoom(rooms.now().version(), room.celsius(), room.percent(), room.units(), room.told()));
    }

    @Test
    void correct_keepsWhatStoodBefore_andWhatItJudges() {
        LogEntry entry = written(piece());
        log.correct(entry.id(), 0, new LogWork.Said(LogEntry.Verdict.AS_WISHED, "Dry, the ghost was gone.", "", LogEntry.Findings.NONE));
        LogEntry again = log.get(entry.id());
        assertEquals(LogEntry.Verdict.AS_WISHED, again.verdict());
        assertEquals(entry.judged(), again.judged());
        assertEquals(List.of("A ghost at the edge.", "Dry, the ghost was gone."), log.history(entry.id()).stream().map(LogEntry::came).toList());
        assertThrows(Outdated.class, () -> log.correct(entry.id(), 0, NEARLY), "seen before it was written again");
    }

    @Test
    void strike_takesItOutOfTheCount_andBackIn() {
        LogEntry entry = written(piece());
        log.strike(entry.id(), 0, true);
        assertFalse(web.get("/log").text().contains(entry.id().toString()));
        log.strike(entry.id(), 1, false);
        assertFalse(log.get(entry.id()).struck());
        assertEquals(3, log.history(entry.id()).size());
    }

    @Test
    void page_writesAgainAndStrikesOut() {
        Piece piece = piece();
        LogEntry entry = written(piece);
        String notes = "/pieces/" + piece.id() + "/notes";
        assertTrue(web.get(notes + "?again=" + entry.id()).text().contains("A ghost at the edge."));
        web.post(notes, Map.of("once", UUID.randomUUID().toString(), "entry", entry.id().toString(), "revision", "0", "verdict", "FAILED", "came", "It cracked."));
        assertEquals("It cracked.", log.get(entry.id()).came());
        assertTrue(web.get(notes).text().contains("as it stood before"));
        web.post(notes + "/" + entry.id() + "/strike", Map.of("revision", "1", "out", "true"));
        assertTrue(web.get(notes).text().contains("struck out, not counted"));
    }
}
