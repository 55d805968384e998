package kindveil.studio.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.making.Replanning;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.log.Results;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.ReplanWork;
import kindveil.studio.work.making.Result;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.way.Act;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A plan changed at the bench: an act like any other, told, kept, and taken back. */
@ExtendWith(OpenStudio.class)
class ReplanTest {
    private final Studio studio;
    private final PieceWork pieces;
    private final MakeWork makings;
    private final ReplanWork replans;
    private final Web web;
    private StoredMaking making;

    ReplanTest(Studio studio, PieceWork pieces, MakeWork makings) {
        this.studio = studio;
        this.pieces = pieces;
        this.makings = makings;
        this.replans = studio.bean(ReplanWork.class);
        this.web = new Web(studio.address());
    }

    private UUID begun() {
        Piece piece = pieces.begin("Wavering bell", Length.ofMillimetres(90), "bell.png", Samples.cornerPng());
        making = makings.begin(piece.id());
        return making.id();
    }

    @AfterEach
    void clear() {
        if (!makings.get(making.id()).making().finished()) {
            makings.layAside(making.id());
        }
    }

    private void tellUpTo(String act) {
        while (!makings.get(making.id()).making().current().map(Act::key).orElse("").equals(act)) {
            StoredMaking now = makings.get(making.id());
            makings.tell(now.id(), now.told().size(), now.making().current().orElseThrow().expected(), 0, true);
        }
    }

    private Replanning.Open open(String question) {
        return replans.open(makings.get(making.id())).stream().filter(one -> one.question().equals(question)).findFirst().orElseThrow();
    }

    private Web.Answer change(Replanning.Open what, String option, String... more) {
        Map<String, String> fields = new HashMap<>(Map.of("seq", String.valueOf(makings.get(making.id()).told().size()), "part", String.valueOf(what.part()), "key", what.key(), "option", option));
        for (int i = 0; i < more.length; i += 2) {
            fields.put(more[i], more[i + 1]);
        }
        return web.post("/bench/" + making.id() + "/plan", fields);
    }

    @Test
    void fewerRounds_afterTheFirst_areThePlanFromThere_andCanBeTakenBack() {
        UUID id = begun();
        tellUpTo("pass-1-rub");
        int before = makings.get(id).making().remaining();
        Replanning.Open rounds = open("Rounds of rubbing");
        assertTrue(rounds.options().getFirst().left().isNegative(), "one round is sooner done");
        Web.Answer page = web.get("/bench/" + id + "/plan");
        assertTrue(page.words().contains("Rounds of rubbing") && page.words().contains("sooner done"), page.words());
        assertEquals("/bench/" + id, change(rounds, rounds.options().getFirst().key()).path());
        StoredMaking changed = makings.get(id);
        assertTrue(changed.making().remaining() < before);
        assertEquals(making.plan().plan().acts(), changed.plan().plan().acts(), "what it was begun with stays");
        assertTrue(web.get("/bench/" + id).text().contains("undo “the change of plan”"));
        assertTrue(changed.otherwise(2000).startsWith("At the bench: Rounds of rubbing: one instead of as the wish asks."), changed.otherwise(2000));
        web.post("/bench/" + id + "/undo", Map.of("seq", String.valueOf(changed.told().size())));
        assertEquals(before, makings.get(id).making().remaining());
        assertEquals(changed.told().size(), makings.get(id).told().size(), "no deed was taken back with it");
    }

    @Test
    void aMakingChanged_isMadeAndLoggedAsItWasMade() {
        UUID id = begun();
        tellUpTo("pass-1-rub");
        Replanning.Open veil = open("Last veil");
        change(veil, "leave");
        change(open("Rounds of rubbing"), "1");
        while (!makings.get(id).making().finished()) {
            StoredMaking now = makings.get(id);
            makings.tell(id, now.told().size(), now.making().current().orElseThrow().expected(), 0, true);
        }
        studio.bean(Results.class).came(id, Result.GOOD);
        var entry = studio.bean(LogWork.class).ofPiece(making.piece()).getFirst();
        assertTrue(entry.different().contains("At the bench: Last veil:") || entry.different().contains("At the bench: Rounds"), entry.different());
        assertTrue(entry.judged().way().chosen().stream().anyMatch(chosen -> chosen.question().equals("Rounds of rubbing") && chosen.words().equals("one")), "judged as it was made");
        assertTrue(web.get("/bench/" + id + "/plan").words().contains("Nothing of what is still to come"));
    }

    @Test
    void whatIsDone_orUnknown_orStale_isRefused_andNothingIsChanged() {
        UUID id = begun();
        Replanning.Open bed = replans.open(makings.get(id)).stream().filter(one -> one.dial() != null && one.question().contains("bed") || one.dial() != null).findFirst().orElseThrow();
        assertTrue(change(bed, "", "value", "1000000000").words().contains("Usual is"));
        assertTrue(change(bed, "", "value", "thick").words().contains("“thick” cannot be used"));
        assertTrue(change(bed, "", "value", String.valueOf(bed.dial().possibleMost() + 1)).words().contains("Usual is"));
        assertEquals("/bench/" + id, change(bed, "", "value", String.valueOf(bed.dial().usual().most())).path());
        assertEquals(1, makings.get(id).replans().size());
        tellUpTo("pass-1-wet");
        assertTrue(change(bed, "", "value", String.valueOf(bed.dial().usual().least())).words().contains("What is done cannot be otherwise"), "the bed lies");
        assertTrue(change(open("Rounds of rubbing"), "ninety").words().contains("ninety"));
        assertTrue(change(open("Rounds of rubbing"), "1", "seq", "0").text().contains("already noted"));
        assertTrue(change(open("Rounds of rubbing"), "1", "part", "7").words().contains("What is done cannot be otherwise"));
        assertEquals(1, makings.get(id).replans().size());
        makings.layAside(id);
        assertEquals(List.of(), replans.open(makings.get(id)));
        makings.takeUp(id);
        assertFalse(replans.open(makings.get(id)).isEmpty());
    }
}
