package kindveil.studio.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.time.Duration;
import java.util.Arrays;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.measure.UnitSystem;
import kindveil.mixing.Measure;
import kindveil.mixing.Recipe;
import kindveil.product.Goods;
import kindveil.product.Mixtures;
import kindveil.product.Product;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.jar.JarWork;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.room.StudioRoom;
import kindveil.studio.work.shelf.Gear;
import kindveil.studio.work.shelf.Lot;
import kindveil.studio.work.sitting.Diaries;
import kindveil.studio.work.sitting.Diary;
import kindveil.studio.work.stock.Stock;
import kindveil.studio.work.stock.Things;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(OpenStudio.class)
class JarsPageTest {
    private final Studio studio;
    private final Web web;
    private final JarWork jars;
    private final PieceWork pieces;
    private final Diaries diaries;
    private final Stock stock;

    JarsPageTest(Studio studio) {
        this.studio = studio;
        this.web = new Web(studio.address());
        this.jars = studio.bean(JarWork.class);
        this.pieces = studio.bean(PieceWork.class);
        this.diaries = studio.bean(Diaries.class);
        this.stock = studio.bean(Stock.class);
    }

    @AfterEach
    void away() {
        studio.clock().turnTo(Duration.ZERO);
        diaries.replace(Diary.EMPTY.at(diaries.now().version()));
    }

    private Piece film(String title) {
        Piece piece = pieces.begin(title, Length.ofMillimetres(90), "oar.png", Samples.cornerPng());
        return pieces.change(piece.with(piece.design().doing(kindveil.catalogue.Catalogue.way("film-release"))));
    }

    private void planned(Piece... all) {
        Diary diary = diaries.now();
        diaries.replace(diary.saying(diary.hours(), null, Arrays.stream(all).map(Piece::id).toList()));
    }

    private void lot(String kind, String holds) {
        web.post("/shelf/stock", Map.of("id", UUID.randomUUID().toString(), "kind", kind, "name", "", "count", "1", "holds", holds, "level", "100", "price", "", "opened", ""));
    }

    private double left(String kind) {
        return jars.lots().stream().filter(lot -> lot.owned().what().equals(kind)).mapToDouble(JarWork.Left::left).sum();
    }

    @Test
    void aBatchForThreePieces_isMixed_used_runsOut_andIsOnTheList() throws Exception {
        Piece[] three = {film("First oar"), film("Second oar"), film("Third oar")};
        planned(three);
        lot("isopropyl-alcohol", "100 ml");
        lot("release-concentrate", "10 ml");
        // what each takes of it stands there, with the recipe they ask for
        String asked = web.get("/jars").words();
        assertTrue(asked.contains("First oar") && asked.contains("Third oar"), asked);
        String all = Arrays.stream(three).map(piece -> "&piece=" + piece.id()).reduce("", String::concat);
        String preview = web.get("/jars?mixture=release-solution&measure=DROPPER" + all).words();
        assertTrue(preview.contains("isopropyl alcohol, at least 90 %") && preview.contains("81 % alcohol by volume"), preview);
        assertEquals(List.of(), jars.standing());
        web.postRaw("/jars?x=1" + all, Map.of("mixture", "release-solution", "measure", "DROPPER", "bottle", "91", "mouth", "60 mm", "name", "Ferry solution"), web.token());
        JarWork.Standing jar = jars.standing().getFirst();
        assertEquals("Ferry solution", jar.jar().name());
        assertEquals(100 - left("isopropyl-alcohol"), jar.state().left() * 8 / 9, 1e-6);

        // four hours later the first piece takes it at its bench: nothing is waited for
        studio.clock().turnTo(Duration.ofHours(4));
        MakeWork makings = studio.bean(MakeWork.class);
        double[] left = new double[3];
        for (int i = 0; i < 3; i++) {
            StoredMaking making = makings.begin(three[i].id());
            String bench = web.get("/bench/" + making.id()).words();
            assertTrue(bench.contains("Ferry solution") && bench.contains("take this jar"), bench);
            web.post("/bench/" + making.id() + "/tell", Map.of("seq", "0", "answer", "0", "jar", jar.jar().id().toString()));
            while (!makings.get(making.id()).making().current().map(act -> act.id().key().equals("lay")).orElse(true)) {
                StoredMaking now = makings.get(making.id());
                assertEquals(List.of(), makings.tell(now.id(), now.told().size(), 0, 0, false), now.making().current().toString());
            }
            left[i] = jars.get(jar.jar().id()).state().left();
        }
        assertTrue(left[0] > left[1] && left[1] > left[2] && left[2] < 1, Arrays.toString(left));

        // it ran out: a fourth piece finds no jar, and the list says what has to be bought
        planned(film("Fourth oar"));
        Map<String, String> gone = new HashMap<>();
        for (JarWork.Left<Lot> lot : jars.lots()) {
            stock.keep(lot.owned().id(), lot.owned().what(), lot.owned().name(), 1, 100, 0, null, null, null, null);
            gone.put(lot.owned().what(), lot.owned().name());
        }
        String list = web.get("/shelf/stock").words();
        assertTrue(list.contains("Isopropyl alcohol, at least 90 % 1 × 60 ml") && list.contains("Release concentrate") && list.contains("Fourth oar"), list);
        assertFalse(list.contains("Release solution 1"), "what is mixed is bought as what it is mixed of");

        // a change of mind: the first took nothing after all
        StoredMaking first = makings.newest(three[0].id()).orElseThrow();
        while (!makings.get(first.id()).told().isEmpty()) {
            makings.takeBack(first.id(), makings.get(first.id()).told().size());
        }
        assertEquals(jar.state().left() - left[0], jars.get(jar.jar().id()).state().left() - left[2], 1e-6);
    }

    /** What the first of several mixes at its bench is enough for all that are planned. */
    @Test
    void mixedForAll_atTheFirstBench_servesTheOthers() {
        Piece[] two = {film("Moth film"), film("Reed film")};
        planned(two);
        MakeWork makings = studio.bean(MakeWork.class);
        StoredMaking making = makings.begin(two[0].id());
        Web.Answer bench = web.get("/bench/" + making.id());
        assertTrue(bench.words().contains("Reed film too"), bench.words());
        web.post("/bench/" + making.id() + "/tell", Map.of("seq", "0", "answer", "0", "more", bench.field("more")));
        double need = jars.standing().getFirst().state().left();
        studio.clock().turnTo(Duration.ofHours(4));
        StoredMaking other = makings.begin(two[1].id());
        String ready = web.get("/bench/" + other.id()).words();
        assertTrue(ready.contains("take this jar") && need >= 2 * Double.parseDouble(bench.field("more")), ready);
        makings.layAside(making.id());
        makings.layAside(other.id());
    }

    @Test
    void everythingWrongWithABatch_isSaidAtOnce_andNothingIsMixed() {
        String wrong = web.post("/jars", Map.of("mixture", "release-solution", "bottle", "70", "mouth", "0 mm", "more", "much", "ago", "-2", "part", "none")).words();
        for (String said : List.of("Alcohol in its bottle", "Mouth of the jar", "“much”", "Mixed, hours ago", "“none”")) {
            assertTrue(wrong.contains(said), said + " in " + wrong);
        }
        assertTrue(web.post("/jars", Map.of("mixture", "slurry")).words().contains("Choose pieces it is for"));
        assertTrue(web.post("/jars", Map.of("mixture", "honey")).words().contains("“honey”"));
        assertEquals(List.of(), jars.standing());
    }

    @Test
    void aRecipeOfOnesOwn_becomesALot_andIsRefusedWhereItsPartsMustNotMeet() {
        String refused = web.postRaw("/jars?own=gloss-medium&own=shellac", Map.of("mixture", "own", "more", "20 ml", "name", "Odd"), web.token()).words();
        assertTrue(refused.contains("Alcohol makes acrylic and glue run together in strings"), refused);
        lot("gloss-medium", "250 ml");
        web.postRaw("/jars?own=gloss-medium&own=matte-medium&own-part=3&own-part=1", Map.of("mixture", "own", "more", "20 ml", "name", "Satin of mine", "water", "0.5", "measure", "CUP"), web.token());
        Lot mine = jars.lots().stream().map(JarWork.Left::owned).filter(lot -> lot.name().equals("Satin of mine")).findFirst().orElseThrow();
        double mixed = mine.filling().millilitres();
        assertTrue(mixed >= 20 && mine.product().waterShare() > Goods.of("gloss-medium").waterShare());
        assertEquals(250 - mixed * 3 / 4.5, left("gloss-medium"), 1e-6);
        // looked at again: it stays what it is, and what was seen stays seen until somebody sees otherwise
        Map<String, String> again = new HashMap<>(Map.of("id", mine.id().toString(), "kind", "", "name", mine.name(), "count", "1", "holds", "20 ml", "level", "50", "price", "", "opened", "", "sign", "MOULD"));
        assertTrue(web.post("/shelf/stock", again).words().contains("throw it away"), "mould");
        again.put("sign", "");
        assertTrue(web.post("/shelf/stock", again).words().contains("throw it away"));
        again.put("sign", "FINE");
        assertFalse(web.post("/shelf/stock", again).words().contains("throw it away"));
        assertEquals(mine.product(), jars.lots().stream().map(JarWork.Left::owned).filter(lot -> lot.id().equals(mine.id())).findFirst().orElseThrow().product());
    }

    @Test
    void aBath_fillsItsTray_andIsThrownAwayByItsRule() {
        String bath = web.get("/jars?mixture=wetting-bath&tray-width=300&tray-height=400").words();
        assertTrue(bath.contains("1200 ml") && bath.contains("71 ml") && bath.contains("does not keep"), bath);
        String inches = web.get("/jars?mixture=wetting-bath&tray-width=12%20in&tray-height=nothing").words();
        assertTrue(inches.contains("Tray, other side"), inches);
    }

    @Test
    void labels_sayWhatIsInIt_andTheSameInTheirCode() throws Exception {
        web.post("/jars", Map.of("mixture", "release-solution", "more", "50 ml", "name", "Reed solution", "measure", "CUP"));
        web.post("/jars", Map.of("mixture", "slurry", "more", "50 ml", "name", "Moth slurry", "measure", "CUP"));
        byte[] pdf = web.bytes("/jars/labels.pdf");
        try (PDDocument document = Loader.loadPDF(pdf)) {
            String words = new PDFTextStripper().getText(document);
            for (String said : List.of("Reed solution", "1 release concentrate : 8", "bottle 91 %, mixed 81 %", "clear is good", "Flammable", "hazardous waste", "Moth slurry")) {
                assertTrue(words.contains(said), said + " in " + words);
            }
            BufferedImage page = new PDFRenderer(document).renderImageWithDPI(0, 300);
            // the newest stands first; the second label's code, as a telephone would be held over it
            String newest = code(page, 13);
            assertTrue(newest.startsWith("Moth slurry"), newest);
            String solution = code(page, 13 + 92);
            assertTrue(solution.startsWith("Reed solution") && solution.contains("isopropyl alcohol") && solution.contains("hazardous waste"), solution);
        }
    }

    /** @param left of its label on the page, mm */
    private static String code(BufferedImage page, double left) throws Exception {
        double each = page.getWidth() / 210.0;
        BufferedImage part = page.getSubimage((int) ((left + 92 - 31) * each), (int) (21 * each), (int) (30 * each), (int) (30 * each));
        int[] pixels = part.getRGB(0, 0, part.getWidth(), part.getHeight(), null, 0, part.getWidth());
        return new QRCodeReader().decode(new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(part.getWidth(), part.getHeight(), pixels)))).getText();
    }

    @Test
    void aJarOnThePage_isOpened_lookedAt_thrownAway_andBroughtBack() {
        web.post("/jars", Map.of("mixture", "release-solution", "more", "50 ml", "name", "Heron solution", "measure", "CUP", "ago", "100"));
        assertTrue(web.get("/jars").words().contains("Look at it before you use it"));
        assertTrue(web.get("/").words().contains("Heron solution look at it: clear is good"), web.get("/").words());
        UUID id = jars.standing().getFirst().jar().id();
        web.post("/jars/" + id + "/look", Map.of("version", "0", "sound", "true"));
        assertTrue(web.get("/jars").words().contains("Looked at") && web.get("/jars").words().contains("Good until"));
        assertEquals(409, web.post("/jars/" + id + "/lid", Map.of("version", "0", "off", "true")).status(), "as another page saw it");
        web.post("/jars/" + id + "/lid", Map.of("version", "1", "off", "true"));
        studio.clock().turnTo(Duration.ofHours(12));
        assertTrue(web.get("/jars").words().contains("Too weak"), web.get("/jars").words());
        web.post("/jars/" + id + "/throw", Map.of("version", "2"));
        assertFalse(web.get("/jars").words().contains("Heron solution"));
        web.post("/jars/" + id + "/bring-back", Map.of());
        assertTrue(web.get("/jars").words().contains("Heron solution"));
    }

    /** Make says what is left after it, what is short, and takes a lot of one's own where one is told. */
    @Test
    void whatItTakes_isHeldAgainstTheShelf_andALotIsTaken_andLeftAgain() {
        Piece piece = pieces.begin("Shelf oar", Length.ofMillimetres(90), "oar.png", Samples.cornerPng());
        assertFalse(web.get("/pieces/" + piece.id() + "/make").words().contains("on your shelf"), "nothing is said of an empty shelf");
        lot("gloss-medium", "250 ml");
        Web.Answer make = web.get("/pieces/" + piece.id() + "/make");
        assertTrue(make.words().contains("left after") && make.words().contains("any of it"), make.words());
        assertTrue(web.get("/pieces/" + piece.id() + "/build").text().contains("aria-label=\"on your shelf\""));
        Lot lot = jars.lots().getFirst().owned();
        web.post("/pieces/" + piece.id() + "/lot", Map.of("version", make.field("version"), "product", "gloss-medium", "lot", lot.id().toString()));
        assertTrue(pieces.plan(pieces.get(piece.id())).needs().keySet().stream().anyMatch(product -> product.id().equals(lot.id().toString())));
        stock.keep(lot.id(), lot.what(), lot.name(), 1, 250, 0.002, null, null, null, null);
        assertTrue(web.get("/pieces/" + piece.id() + "/make").words().contains("short: 0.5 ml on your shelf"), web.get("/pieces/" + piece.id() + "/make").words());
        assertTrue(web.get("/pieces/" + piece.id() + "/build").text().contains("aria-label=\"runs out on your shelf\""));
        web.post("/pieces/" + piece.id() + "/lot", Map.of("version", web.get("/pieces/" + piece.id() + "/make").field("version"), "product", "gloss-medium", "lot", ""));
        assertTrue(pieces.plan(pieces.get(piece.id())).needs().keySet().stream().anyMatch(product -> product.id().equals("gloss-medium")));
    }

    @Test
    void oneJar_pouredIntoAnother_isEmptied_andTheBenchFollows() {
        Instant before = studio.clock().instant().minus(Duration.ofHours(5));
        UUID one = jars.mix("First of two", Recipe.of(Mixtures.RELEASE_SOLUTION, 40, Measure.CUP), 91, 28, before).id();
        UUID other = jars.mix("Second of two", Recipe.of(Mixtures.RELEASE_SOLUTION, 60, Measure.CUP), 95, 28, before.minus(Duration.ofHours(1))).id();
        UUID slurry = jars.mix("Slurry beside", Recipe.of(Mixtures.SLURRY, 40, Measure.CUP), 0, 28, before).id();
        double all = jars.get(one).state().left() + jars.get(other).state().left();
        assertTrue(web.get("/jars").words().contains("Not into Slurry beside: Alcohol makes acrylic and glue run together in strings."));
        assertTrue(web.post("/jars/%s/pour".formatted(one), Map.of("version", "0", "into", slurry.toString())).words().contains("Alcohol makes acrylic"), "and refused where a page is old");
        assertEquals(all, jars.get(one).state().left() + jars.get(other).state().left(), 1e-9);
        web.post("/jars/%s/pour".formatted(one), Map.of("version", String.valueOf(jars.get(one).jar().version()), "into", other.toString()));
        assertEquals(0, jars.get(one).state().left(), 1e-9);
        assertEquals(all, jars.get(other).state().left(), 1e-9);
        String page = web.get("/jars").words();
        assertFalse(page.contains("First of two"), page);
    }

    /** What its data sheet says, and what has become of it since, are what a piece made with it dries by. */
    @Test
    void aLotsWater_toldAndLost_movesThePlan() {
        Piece piece = pieces.begin("Watery oar", Length.ofMillimetres(90), "oar.png", Samples.cornerPng());
        lot("gloss-medium", "250 ml");
        Lot lot = jars.lots().getFirst().owned();
        pieces.change(piece.taking("gloss-medium", lot.id()));
        double usual = share(piece, lot);
        assertEquals(0.60, usual, 1e-9);
        Map<String, String> told = new HashMap<>(Map.of("id", lot.id().toString(), "kind", "gloss-medium", "name", "", "count", "1", "holds", "250", "level", "100", "price", "", "opened", "", "water", "200"));
        assertTrue(web.post("/shelf/stock", told).words().contains("Water in it"));
        told.put("water", "70");
        web.post("/shelf/stock", told);
        assertEquals(0.70, share(piece, lot), 1e-9);
        told.put("sheen", "SHINY");
        assertTrue(web.post("/shelf/stock", told).words().contains("How it dries"));
        assertTrue(taken(piece, lot).gloss());
        told.put("sheen", "SATIN");
        web.post("/shelf/stock", told);
        assertFalse(taken(piece, lot).gloss());
        assertTrue(web.get("/shelf/stock").text().matches("(?s).*<option value=\"SATIN\" selected=\"selected\">.*"), "what it is now is shown");
        told.put("sign", "THICKER");
        web.post("/shelf/stock", told);
        assertEquals((0.70 - 0.08) / 0.92, share(piece, lot), 1e-9);
        assertTrue(web.get("/shelf/stock").words().contains("8 % of it went as water"));
    }

    private double share(Piece piece, Lot lot) {
        return taken(piece, lot).waterShare();
    }

    private Product taken(Piece piece, Lot lot) {
        return pieces.plan(pieces.get(piece.id())).needs().keySet().stream().filter(product -> product.id().equals(lot.id().toString())).findFirst().orElseThrow();
    }

    /** What a packet says of its paper is offered where the weight of a print's paper is told, and kept while sheets go. */
    @Test
    void paperThatWasWeighed_isOfferedInBuild() {
        Piece piece = pieces.begin("Heavy oar", Length.ofMillimetres(90), "oar.png", Samples.cornerPng());
        Map<String, String> told = new HashMap<>(Map.of("id", UUID.randomUUID().toString(), "kind", "copy-paper", "name", "Cream paper", "count", "40", "width", "210", "height", "297", "level", "100", "grams", "4"));
        assertTrue(web.post("/shelf/things", told).words().contains("Weight"), "lighter than tissue");
        told.put("grams", "100");
        assertTrue(web.post("/shelf/things", told).words().contains("40 sheets, 210 × 297 mm, 100 g/m²"));
        String card = web.get("/pieces/%s/build?open=paper".formatted(piece.id())).text();
        assertTrue(card.contains("Your “Cream paper” has 100 g/m².") && card.contains("<option value=\"100\">Cream paper</option>"), "offered where it is told");
        studio.bean(Things.class).printed(kindveil.bench.Sheet.COPY_PAPER, 3);
        assertTrue(web.get("/shelf/things").words().contains("37 sheets, 210 × 297 mm, 100 g/m²"));
        pieces.change(pieces.get(piece.id()).with(pieces.get(piece.id()).design().dialled("paper", 100)));
        assertFalse(web.get("/pieces/%s/build?open=paper".formatted(piece.id())).text().contains("Your “Cream paper”"), "as it is planned nothing is to be said");
    }

    @Test
    void sheetsTapeAndPlates_areCountedAgainstWhatIsPlanned() {
        Rooms rooms = studio.bean(Rooms.class);
        planned(film("Film oar"));
        String none = web.get("/shelf/things").words();
        assertTrue(none.contains("1 sheet of coated release film too little 0 sheets there; Film oar"), none);
        String wrong = web.post("/shelf/things", Map.of("id", UUID.randomUUID().toString(), "kind", "bell", "name", "", "count", "many", "width", "x", "height", "", "level", "7")).words();
        assertTrue(wrong.contains("“bell”") && wrong.contains("“many”"), wrong);
        assertTrue(web.post("/shelf/things", Map.of("id", UUID.randomUUID().toString(), "kind", "tape", "name", "", "count", "1", "width", "x", "height", "", "level", "170")).words().contains("How long a full roll is"));
        web.post("/shelf/things", Map.of("id", UUID.randomUUID().toString(), "kind", "coated-film", "name", "", "count", "3", "width", "210 mm", "height", "297 mm", "level", ""));
        String there = web.get("/shelf/things").words();
        assertTrue(there.contains("1 sheet of coated release film 3 sheets there") && there.contains("Tools"), there);
        // printed once, a print and its spare on a sheet each are gone; the same file again is no other sheet
        Piece printed = film("Printed oar");
        web.bytes("/pieces/" + printed.id() + "/sheet.pdf");
        web.bytes("/pieces/" + printed.id() + "/sheet.pdf");
        assertTrue(web.get("/shelf/things").words().contains("1 sheet, 210 × 297 mm"), web.get("/shelf/things").words());
        StudioRoom room = rooms.now();
        rooms.replace(new StudioRoom(room.version(), room.celsius(), room.percent(), UnitSystem.US, room.told()));
        web.post("/shelf/things", Map.of("id", UUID.randomUUID().toString(), "kind", "tape", "name", "", "count", "1", "width", "2 in", "height", "110 ft", "level", "50"));
        assertTrue(web.get("/shelf/things").words().contains("55 ft left of a roll"), web.get("/shelf/things").words());
        room = rooms.now();
        rooms.replace(new StudioRoom(room.version(), room.celsius(), room.percent(), UnitSystem.METRIC, room.told()));
        Gear tape = studio.bean(Things.class).all().stream().filter(owned -> owned.kind() == Gear.Kind.TAPE).findFirst().orElseThrow();
        web.post("/shelf/things/" + tape.id() + "/remove", Map.of());
        assertEquals(1, studio.bean(Things.class).all().size());
    }
}
