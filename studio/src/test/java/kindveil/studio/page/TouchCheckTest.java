package kindveil.studio.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.PieceWork;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What is felt of a coat is told from Today, and stands on its curve. */
@ExtendWith(OpenStudio.class)
class TouchCheckTest {
    private final Studio studio;
    private final MakeWork makings;

    TouchCheckTest(Studio studio, MakeWork makings) {
        this.studio = studio;
        this.makings = makings;
    }

    @Test
    void felt_fromToday_movesTheClock_andStandsOnTheCurve() {
        Web web = new Web(studio.address());
        UUID id = makings.begin(studio.bean(PieceWork.class).begin("Felt water", Length.ofMillimetres(90), "water.png", Samples.cornerPng()).id()).id();
        assertTrue(web.get("/bench/" + id + "/coats").words().contains("No coat that dries by its water lies there yet."));
        while (web.get("/").text().lines().noneMatch(line -> line.contains("/bench/" + id + "/sign"))) {
            StoredMaking now = makings.get(id);
            studio.clock().forward(Duration.ofMinutes(1));
            makings.tell(id, now.told().size(), now.making().current().orElseThrow().expected(), 0, true);
        }
        String own = form(web.get("/").text(), id);
        assertTrue(own.contains("name=\"from\" value=\"today\""), own);
        String tale = value(own, "tale");
        String before = clock(id);

        Web.Answer told = web.post("/bench/" + id + "/sign", Map.of("seq", value(own, "seq"), "tale", tale, "reply", "0", "from", "today"));
        assertEquals("/", told.path().replaceAll("\\?.*", ""));
        assertTrue(form(told.text(), id).contains("aria-pressed=\"true\""), "what was told is seen where it was told");
        assertEquals(1, makings.get(id).making().checks().size());
        assertFalse(before.equals(clock(id)), "still wet: the time to wait for is another");

        Web.Answer coats = web.get("/bench/" + id + "/coats");
        assertEquals(200, coats.status());
        assertTrue(coats.words().contains("touch-dry") && coats.words().contains("now"), coats.words());
        assertEquals(1, Pattern.compile("<ellipse").matcher(coats.text()).results().count(), "one check, one mark");
        makings.layAside(id);
    }

    private String clock(UUID id) {
        return makings.get(id).making().clock().orElseThrow().advised().toString();
    }

    private static String form(String page, UUID making) {
        Matcher form = Pattern.compile("<form class=\"tale\"[^>]*action=\"/bench/%s/sign\".*?</form>".formatted(making), Pattern.DOTALL).matcher(page);
        assertTrue(form.find());
        return form.group();
    }

    private static String value(String form, String name) {
        Matcher value = Pattern.compile("name=\"%s\" value=\"([^\"]*)\"".formatted(name)).matcher(form);
        assertTrue(value.find(), name);
        return value.group(1);
    }
}
