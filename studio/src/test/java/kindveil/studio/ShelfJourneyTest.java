package kindveil.studio;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import kindveil.catalogue.Catalogue;
import kindveil.light.Coefficients;
import kindveil.light.Colour;
import kindveil.light.Hiding;
import kindveil.light.Paint;
import kindveil.light.Paint.Opacity;
import kindveil.light.Surface;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.intake.Rasters;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.shelf.Paints;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Paints on the shelf: put there, measured, mixed, held against each other, and laid into a plan. */
@ExtendWith(OpenBrowser.class)
class ShelfJourneyTest {
    private static final Coefficients CRIMSON = new Paint(Colour.parse("crimson", "#b23a48"), Opacity.SEMI_OPAQUE).coefficients();
    private static Studio studio;
    private Web web;
    private Paints paints;
    private PieceWork pieces;

    @BeforeAll
    static void open() {
        studio = OpenStudio.open("jdbc:h2:mem:shelf;DB_CLOSE_DELAY=-1");
    }

    @AfterAll
    static void close() {
        studio.close();
    }

    @BeforeEach
    void empty() {
        web = new Web(studio.address());
        paints = studio.bean(Paints.class);
        pieces = studio.bean(PieceWork.class);
        paints.all().forEach(paint -> paints.takeAway(paint.id()));
    }

    /** A card photographed square on: 800 by 340 in a margin of 100, a stripe of crimson across it. */
    private static byte[] drawdown() {
        BufferedImage image = new BufferedImage(1000, 540, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(new Color(0xc9b79a));
        g.fillRect(0, 0, 1000, 540);
        for (int half = 0; half < 2; half++) {
            Colour card = half == 0 ? Hiding.BLACK : Hiding.WHITE;
            g.setColor(Color.decode(card.toString()));
            g.fillRect(100 + 400 * half, 100, 400, 340);
            g.setColor(Color.decode(CRIMSON.over(card, 1, Surface.MATTE).toString()));
            g.fillRect(100 + 400 * half, 220, 400, 100);
        }
        g.dispose();
        return Samples.encoded(image, "png");
    }

    private Piece moth(String way) {
        return pieces.change(pieces.begin("Dusk moth", Length.ofMillimetres(80), "moth.png", Samples.cornerPng()).doing(Catalogue.way(way)));
    }

    private Paints.Mine paint(String name) {
        return paints.all().stream().filter(one -> one.name().startsWith(name)).findFirst().orElseThrow();
    }

    /** From an empty shelf to a measured paint: six acts and two words typed; its corners by keys. */
    @Test
    void anEmptyShelf_takesADozenPigments_andAPaintMeasuredFromAPhotograph(Page page) {
        page.navigate(studio.address() + "/shelf");
        assertThat(page.locator(".stripes li")).hasCount(0);
        page.getByText("Put a dozen usual pigments there").click();
        assertThat(page.locator(".stripes li")).hasCount(12);
        page.getByText("Measured, from a drawdown").click();
        page.getByLabel("Name of the paint").fill("crimson of the tin");
        page.getByLabel("Photograph: PNG").setInputFiles(new FilePayload("drawdown.png", "image/png", drawdown()));
        page.locator("button").getByText("Read it", new com.microsoft.playwright.Locator.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator("[data-handle]").nth(3)).hasAttribute("transform", Pattern.compile("translate.*"));
        assertThat(page.locator("#drawn")).hasValue("crimson of the tin");
        String[] places = {"10", "18.52", "90", "18.52", "90", "81.48", "10", "81.48"};
        for (int i = 0; i < 4; i++) {
            page.locator("#corner-x" + (i + 1)).fill(places[2 * i]);
            page.locator("#corner-y" + (i + 1)).fill(places[2 * i + 1]);
        }
        page.locator("[data-handle]").nth(0).press("ArrowRight");
        assertThat(page.locator("#corner-x1")).hasValue("10.2");
        page.getByText("Read the stripe").click();
        assertThat(page.getByText("such coats hide")).isVisible();
        page.getByText("Put it on the shelf").click();
        assertThat(page.locator(".stripes li")).hasCount(13);
        Paints.Mine crimson = paint("crimson");
        assertTrue(crimson.measured() && crimson.within() > 0 && crimson.within() < 0.15, crimson.toString());
        assertEquals(CRIMSON.hidingPower(), crimson.paint().hidingPower(), 0.15 * CRIMSON.hidingPower());
        assertThat(page.locator(".stripes li", new Page.LocatorOptions().setHasText("crimson of the tin"))).containsText("measured; how far it hides to within");
    }

    @Test
    void aColourIsMixed_ofFewDrops_andSaysHowNearItComes(Page page) {
        paints.putFirst();
        page.navigate(studio.address() + "/shelf");
        page.getByLabel("Colour to mix").fill("#6d7a52");
        page.getByLabel("Colour to mix").dispatchEvent("change");
        assertThat(page.locator("#mixed li li").first()).containsText("drop");
        assertThat(page.locator("#mixed > ol > li").last()).containsText("ΔE00");
        // thinly over black it is another mixture, and farther off
        String black = web.get("/shelf?wish=%236d7a52&coats=1&ground=%23101010").words();
        String full = web.get("/shelf?wish=%236d7a52").words();
        assertNotEquals(full.substring(full.indexOf("ΔE00")), black.substring(black.indexOf("ΔE00")));
    }

    /** A pair is seen, pressed, and stands in both pots; the plan is called and computed by it. */
    @Test
    void aPairIsPressed_andStandsInThePots(Page page) {
        paints.putFirst();
        Piece piece = moth("plate-pull");
        page.navigate(studio.address() + "/shelf/pairs?piece=" + piece.id());
        assertThat(page.locator(".pairs td")).hasCount(144);
        page.locator("#of-order").selectOption("reads");
        assertThat(page.locator(".pairs td .two").first()).containsText("under");
        page.locator(".pairs td button").first().click();
        assertThat(page.locator("h1")).hasText("Dusk moth");
        Piece now = pieces.get(piece.id());
        UUID image = now.design().manner().paint("image").orElseThrow();
        assertNotEquals(image, now.design().manner().paint("pull").orElseThrow());
        String name = paints.all().stream().filter(one -> one.id().equals(image)).findFirst().orElseThrow().name();
        assertTrue(web.get("/pieces/" + piece.id() + "/make").words().contains(name), "what it takes is called " + name);
        // pressed again in undo, it is as before
        page.getByText("Take back the last change").click();
        page.waitForCondition(() -> pieces.get(piece.id()).design().manner().paint("image").isEmpty());
    }

    /** The paint chosen on the layer counts with its own K and S; a colour changed by hand puts it away; taken off the shelf its colour stays. */
    @Test
    void aPaintInAPot_isComputedWithItsOwnHiding_untilItsColourIsChangedByHand() {
        paints.put("thin red", Colour.parse("red", "#b23a48"), Opacity.TRANSPARENT);
        paints.put("thick red", Colour.parse("red", "#b23a48"), Opacity.OPAQUE);
        Piece piece = moth("plate-pull");
        String build = "/pieces/" + piece.id() + "/build";
        assertTrue(web.get(build + "?open=bed").text().contains("thick red"), "offered on its layer");
        web.post(build, sent(piece, "paint.pull", paint("thick").id().toString()));
        int thick = pixel(piece);
        web.post(build, sent(piece, "paint.pull", paint("thin").id().toString()));
        int thin = pixel(piece);
        assertNotEquals(thick, thin, "one coat of a transparent paint lets the ground through");
        web.post(build, sent(piece, "paint.pull", paint("thin").id().toString(), "colour.pull", "#123456"));
        assertTrue(pieces.get(piece.id()).design().manner().paint("pull").isEmpty(), "its colour was changed by hand");
        assertEquals("#123456", pieces.get(piece.id()).design().manner().colours().get("pull").toString());
        web.post(build, sent(piece, "paint.pull", paint("thick").id().toString()));
        assertEquals(thick, pixel(piece));
        paints.takeAway(paint("thick").id());
        assertEquals("#b23a48", pieces.plan(pieces.get(piece.id())).piece().design().theWay().coloured(pieces.plan(pieces.get(piece.id())).brief(), "pull").toString());
        assertEquals(422, web.post(build, sent(piece, "paint.pull", UUID.randomUUID().toString())).status());
    }

    private Map<String, String> sent(Piece piece, String... other) {
        Piece now = pieces.get(piece.id());
        Map<String, String> fields = new HashMap<>(Map.of("version", String.valueOf(now.version()), "way", now.design().way(), "support", now.base().support().id(), "ground", now.base().ground().name(), "colour", now.groundColour().toString(), "wish", now.design().wish().name()));
        fields.put("print", now.design().print().name());
        fields.put("colour.pull", now.design().theWay().coloured(pieces.plan(now).brief(), "pull").toString());
        for (int i = 0; i < other.length; i += 2) {
            fields.put(other[i], other[i + 1]);
        }
        return fields;
    }

    /** Of the finished look, where only the pull paint lies. */
    private int pixel(Piece piece) {
        Piece now = pieces.get(piece.id());
        BufferedImage look = Rasters.decode(web.bytes("/pieces/" + piece.id() + "/look/dried.png?pass=0&v=" + now.version()));
        return look.getRGB(look.getWidth() / 5, look.getHeight() / 5);
    }

    @Test
    void aMakingBegunWithAPaint_keepsIt_whenItLeavesTheShelf() {
        paints.put("river green", Colour.parse("green", "#4a6136"), Opacity.SEMI_OPAQUE);
        Piece piece = moth("plate-pull");
        web.post("/pieces/" + piece.id() + "/build", sent(piece, "paint.pull", paint("river").id().toString()));
        UUID making = studio.bean(MakeWork.class).begin(piece.id()).id();
        paints.takeAway(paint("river").id());
        assertTrue(studio.bean(MakeWork.class).get(making).now().toString().contains("river green"));
        assertEquals(200, web.get("/bench/" + making).status());
    }

    @Test
    void whatCannotBe_isSaidAllAtOnce_andNothingIsPutThere() {
        Web.Answer wrong = web.post("/shelf/paints", Map.of("name", " ", "masstone", "red", "opacity", "SOMEHOW"));
        assertEquals(422, wrong.status());
        for (String said : List.of("Name: “nothing” cannot be used", "Colour in full", "How far it hides")) {
            assertTrue(wrong.words().contains(said), said + " in " + wrong.words());
        }
        assertEquals(422, web.post("/shelf/pigments", Map.of("pigment", "PX1")).status());
        assertTrue(web.get("/shelf?wish=green&coats=-1&ground=x").words().contains("Colour to mix"));
        assertTrue(paints.all().isEmpty());
        String photo = web.upload("/shelf/drawdown", Map.of("name", "grey"), "photo", "grey.png", Samples.encoded(new BufferedImage(900, 500, BufferedImage.TYPE_INT_RGB), "png")).path();
        Map<String, String> corners = new HashMap<>(Map.of("x1", "5", "y1", "5", "x2", "95", "y2", "5", "x3", "95", "y3", "95", "x4", "5", "y4", "95"));
        corners.putAll(Map.of("white", "86", "name", "grey", "keep", "true"));
        assertTrue(web.post(photo, corners).words().contains("a black half and a white half"));
        Map<String, String> crossed = new HashMap<>(corners);
        crossed.putAll(Map.of("x1", "95", "x2", "5", "white", "7", "name", ""));
        String all = web.post(photo, crossed).words();
        assertTrue(all.contains("White half") && all.contains("Name") && all.contains("corners"), all);
        assertTrue(paints.all().isEmpty());
        assertTrue(web.get("/shelf/pairs").words().contains("No paint stands on the shelf yet"));
    }

    @Test
    void aFullShelf_refusesOneMore_andPairsOfManyAreByTwelves() {
        for (int i = 0; i < Paints.MOST; i++) {
            paints.put("paint " + i, Colour.parse("c", "#%02x6040".formatted(4 * i)), Opacity.OPAQUE);
        }
        assertTrue(web.post("/shelf/pigments", Map.of("pigment", "PW6")).words().contains("at most 60"));
        Piece piece = moth("gel-lay");
        String pairs = web.get("/shelf/pairs?piece=" + piece.id() + "&row=48&column=12").text();
        assertEquals(144, Pattern.compile("data-strength").matcher(pairs).results().count());
        assertTrue(pairs.contains("image 49–60, pull 13–24"));
        assertFalse(pairs.contains("name=\"pair\""), "a gel lay has no pots for a pair");
        BufferedImage all = Rasters.decode(web.bytes("/shelf/pairs.png?piece=" + piece.id() + "&row=48&column=12"));
        assertTrue(all.getWidth() > 500);
    }
}
