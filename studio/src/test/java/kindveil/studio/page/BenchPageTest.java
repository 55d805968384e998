package kindveil.studio.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.Map;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.making.StoredMaking;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(OpenStudio.class)
class BenchPageTest {
    private final Studio studio;
    private final MakeWork makings;
    private final PieceWork pieces;
    private final Web web;
    private String bench;
    private StoredMaking run;

    BenchPageTest(Studio studio, MakeWork makings, PieceWork pieces) {
        this.studio = studio;
        this.makings = makings;
        this.pieces = pieces;
        this.web = new Web(studio.address());
    }

    @BeforeEach
    void begin() {
        Piece piece = pieces.begin("Mooring rope", Length.ofMillimetres(120), "rope.png", Samples.cornerPng());
        run = makings.begin(piece.id());
        bench = "/bench/" + run.id();
    }

    private Web.Answer tell(int seq, String ago) {
        return web.post(bench + "/tell", Map.of("seq", String.valueOf(seq), "answer", "0", "ago", ago));
    }

    private int told() {
        return makings.get(run.id()).told().size();
    }

    @Test
    void tell_twice_isNotedOnceAndSaidSo() {
        assertEquals(200, tell(0, "0").status());
        Web.Answer again = tell(0, "0");
        assertTrue(again.words().contains("That was already noted; nothing was counted twice."), again.words());
        assertEquals(1, told());
    }

    @Test
    void undo_aSlip_bringsTheActBack() {
        tell(0, "0");
        assertTrue(web.post(bench + "/undo", Map.of("seq", "1")).words().contains("Trim the print"));
        assertEquals(0, told());
    }

    @Test
    void ago_unreadable_isRefusedAndNothingIsNoted() {
        Web.Answer answer = tell(0, "a while");
        assertEquals(422, answer.status());
        assertTrue(answer.words().contains("How long ago: “a while” cannot be used."), answer.words());
        assertTrue(tell(0, "-5").words().contains("Expected 0 to 20160 min"));
        assertEquals(0, told());
    }

    @Test
    void startFurtherOn_fortyMinutesAgo_setsTheClockBack() {
        Web.Answer answer = web.post(bench + "/start-at", Map.of("seq", "0", "act", "pass-1-wet", "ago", "40"));
        assertTrue(answer.words().contains("Wet the paper"), answer.words());
        long began = Long.parseLong(answer.text().replaceAll("(?s).*data-began=\"(\\d+)\".*", "$1"));
        assertEquals(studio.clock().instant().minus(Duration.ofMinutes(40)).toEpochMilli(), began, 5000);
    }

    @Test
    void tell_tooSoon_isHeldBack_thenNotedAnyway_thenKeptAsADeparture() {
        web.post(bench + "/start-at", Map.of("seq", "0", "act", "pass-1-wet", "ago", "3"));
        int seq = told();
        Web.Answer held = tell(seq, "0");
        assertEquals(422, held.status());
        assertTrue(held.words().contains("rubbing") || held.words().contains("water now lifts the image"), held.words());
        assertEquals(seq, told());
        assertEquals(200, web.post(bench + "/tell", Map.of("seq", String.valueOf(seq), "answer", "0", "ago", "0", "anyway", "true")).status());
        assertEquals(seq + 1, told());
        Web.Answer notes = web.get("/pieces/" + run.piece() + "/notes");
        assertTrue(notes.words().contains("Wet the paper: begun after"), notes.words());
    }

    @Test
    void layAside_leavesTheBenchOutOfToday() {
        assertTrue(web.get("/").text().contains(bench));
        web.post(bench + "/aside", Map.of());
        assertFalse(web.get("/").text().contains(bench));
    }

    /** Its old address shows it and takes no acts; it can be taken up again, unless another making of the piece is under way. */
    @Test
    void laidAside_takesNoActs_andCanBeTakenUpAgain() {
        tell(0, "0");
        web.post(bench + "/aside", Map.of());
        Web.Answer aside = web.get(bench);
        assertTrue(aside.words().contains("This making was laid aside"), aside.words());
        assertFalse(aside.text().contains("data-answer"));
        assertEquals(422, web.post(bench + "/tell", Map.of("seq", "1", "answer", "0", "ago", "0", "anyway", "true")).status());
        assertEquals(1, told(), "nothing was told");
        Web.Answer make = web.get("/pieces/" + run.piece() + "/make");
        assertTrue(make.words().contains("Laid aside at"), make.words());
        Web.Answer up = web.post(bench + "/take-up", Map.of());
        assertEquals(bench, up.path());
        assertTrue(up.text().contains("data-answer") && web.get("/").text().contains(bench));
        tell(1, "0");
        web.post(bench + "/aside", Map.of());
        web.post("/pieces/" + run.piece() + "/make", Map.of());
        Web.Answer refused = web.post(bench + "/take-up", Map.of());
        assertEquals(422, refused.status());
        assertTrue(refused.words().contains("Finish the making that is under way"), refused.words());
    }

    @Test
    void begin_aPlanTheBenchRefuses_isRefusedWithRemedies() {
        Piece piece = pieces.begin("Ferry ticket", Length.ofMillimetres(80), "ticket.png", Samples.cornerPng());
        pieces.change(piece.with(piece.design().choosing(Map.of("clearing", "mineral-oil", "sealing", "gloss-varnish"))));
        Web.Answer make = web.get("/pieces/" + piece.id() + "/make");
        assertTrue(make.words().contains("Gloss acrylic varnish over mineral oil does not hold: oil ends the water-borne sequence."), make.words());
        assertTrue(make.words().contains("Sealing: none"), make.words());
        assertEquals(400, web.post("/pieces/" + piece.id() + "/make", Map.of()).status());
        Web.Answer finish = web.get("/pieces/" + piece.id() + "/finish");
        assertTrue(finish.words().contains("This order does not hold."), finish.words());
        int index = make.text().indexOf("Sealing: none") > make.text().indexOf("Last veil: clear with gloss medium") ? 3 : 0;
        web.post("/pieces/" + piece.id() + "/remedy", Map.of("version", make.field("version"), "index", String.valueOf(index), "back", "finish"));
        assertTrue(pieces.plan(pieces.get(piece.id())).sound());
    }

    /** However the machine's clock is set, windows are where they were or are said to be wrong, and nothing told is lost. */
    @org.junit.jupiter.params.ParameterizedTest
    @org.junit.jupiter.params.provider.ValueSource(longs = {-24 * 60, -60, -1, 0, 1, 60, 24 * 60})
    void clock_setBackOrForward_keepsWindowsOrSaysThatItCannot(long minutes) {
        for (int seq = 0; seq < 5; seq++) {
            tell(seq, "0");
        }
        String opens = web.get(bench).text().replaceAll("(?s).*data-opens=\"(\\d+)\".*", "$1");
        studio.clock().turnTo(Duration.ofMinutes(minutes));
        Web.Answer page = web.get(bench);
        assertEquals(200, page.status());
        assertEquals(minutes < -1, page.words().contains("before what was told last") && page.words().contains("no window can be right by it"), page.words());
        assertTrue(page.text().contains("data-opens=\"" + opens + "\""), "the window stands where it was told to open");
        assertEquals(200, web.get("/").status());
        tell(5, "0");
        assertTrue(told() >= 5);
        studio.clock().turnTo(Duration.ZERO);
        assertEquals(200, web.get(bench).status());
    }

    private String chance() {
        return web.get(bench).words().replaceAll("(?s).*will it hold, rubbed now\\? (\\d+ %).*", "$1");
    }

    private Web.Answer felt(String seq, String tale, int reply) {
        return web.post(bench + "/sign", Map.of("seq", seq, "tale", tale, "reply", String.valueOf(reply)));
    }

    /** Its back is felt while it dries: the chance moves at once, a change of mind replaces it, the same again takes it back; what is no reply is refused. */
    @Test
    void felt_movesTheChance_andCanBeTakenBack() {
        web.post(bench + "/start-at", Map.of("seq", "0", "act", "pass-1-wet", "ago", "40"));
        String seq = String.valueOf(told());
        String before = chance();
        assertTrue(before.matches("\\d+ %"), before);
        assertEquals(200, felt(seq, "BACK", 0).status());
        String cool = chance();
        assertTrue(web.get(bench).words().contains(before + " before anything was seen"));
        felt(seq, "BACK", 1);
        String warm = chance();
        assertTrue(figure(cool) < figure(before) && figure(before) < figure(warm), cool + " " + before + " " + warm);
        felt(seq, "CORNER", 0);
        assertTrue(figure(chance()) < figure(warm), "two signs weigh together");
        felt(seq, "CORNER", 0);
        // the bed goes on drying meanwhile, on a slow machine by a hundredth
        assertEquals(figure(warm), figure(chance()), 1);
        felt(seq, "BACK", 1);
        assertEquals(figure(before), figure(chance()), 1);
        assertEquals(422, felt(seq, "BACK", 2).status());
        assertEquals(422, felt(seq, "PLATE", 0).status(), "no plate lies here");
        assertEquals(figure(before), figure(chance()), 1);
        assertTrue(felt("0", "BACK", 0).words().contains("already noted"), "a page that has not seen the last deeds");
    }

    private static int figure(String percent) {
        return Integer.parseInt(percent.replace(" %", ""));
    }
}
