package kindveil.studio.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.sitting.Diary;
import kindveil.studio.work.sitting.Diaries;
import kindveil.studio.work.stock.Stock;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Jars are put on the shelf, run out, and are bought for the pieces that are planned. */
@ExtendWith(OpenStudio.class)
class StockPageTest {
    private final Studio studio;
    private final Web web;
    private final Stock stock;
    private final Diaries diaries;

    StockPageTest(Studio studio) {
        this.studio = studio;
        this.web = new Web(studio.address());
        this.stock = studio.bean(Stock.class);
        this.diaries = studio.bean(Diaries.class);
    }

    @AfterEach
    void away() {
        stock.lots().forEach(lot -> stock.remove(lot.owned().id()));
        diaries.replace(Diary.EMPTY.at(diaries.now().version()));
    }

    private static Map<String, String> jar(String kind, String holds, String level) {
        return new HashMap<>(Map.of("id", UUID.randomUUID().toString(), "kind", kind, "name", "", "count", "1", "holds", holds, "level", level, "price", "12.50", "opened", "2026-02-01"));
    }

    @Test
    void everythingWrongWithAJar_isSaidAtOnce_andNothingIsKept() {
        String wrong = web.post("/shelf/stock", new HashMap<>(Map.of("id", UUID.randomUUID().toString(), "kind", "honey", "name", "", "count", "-1", "holds", "0", "level", "120", "price", "cheap", "opened", "spring"))).words();
        for (String value : List.of("“honey”", "How many", "It holds", "How full", "“cheap”", "“spring”")) {
            assertTrue(wrong.contains(value), value + " in " + wrong);
        }
        assertEquals(List.of(), stock.lots());
    }

    @Test
    void whatLacks_isBought_forThePiecesPlanned_andNotWhereTheShelfHasIt() throws IOException {
        Piece piece = studio.bean(PieceWork.class).begin("Bought oar", Length.ofMillimetres(90), "oar.png", Samples.cornerPng());
        Diary diary = diaries.now();
        diaries.replace(diary.saying(diary.hours(), null, List.of(piece.id())));
        String empty = web.get("/shelf/stock").words();
        assertTrue(empty.contains("Nothing stands here yet") && empty.contains("1 × 60 ml") && empty.contains("Bought oar"), empty);
        List<CSVRecord> rows = csv();
        assertEquals("product", rows.getFirst().get(0));
        String kind = stock.toBuy(stock.asked()).rows().getFirst().product().id();
        assertTrue(Double.parseDouble(rows.get(1).get(3)) > 0 && rows.get(1).get(5).equals("Bought oar"), rows.toString());

        // a jar with a drop in it: less lacks, and what it costs is known
        assertEquals(200, web.post("/shelf/stock", jar(kind, "250", "0.5")).status());
        assertTrue(web.get("/shelf/stock").words().contains("About 3 by what you paid"), web.get("/shelf/stock").words());
        double before = Double.parseDouble(rows.get(1).get(3));
        assertTrue(Double.parseDouble(csv().get(1).get(3)) < before);

        // full again
        Map<String, String> full = jar(kind, "250", "100");
        full.put("id", stock.lots().getFirst().owned().id().toString());
        web.post("/shelf/stock", full);
        assertEquals(1, stock.lots().size(), "the same jar");
        assertFalse(csv().stream().skip(1).anyMatch(row -> row.get(0).equals(rows.get(1).get(0)) && Double.parseDouble(row.get(3)) > 0));
        web.post("/shelf/stock/" + stock.lots().getFirst().owned().id() + "/remove", Map.of());
        assertEquals(rows.stream().map(CSVRecord::toList).toList(), csv().stream().map(CSVRecord::toList).toList());
    }

    private List<CSVRecord> csv() throws IOException {
        return CSVParser.parse(web.get("/shelf/to-buy.csv").text(), CSVFormat.RFC4180).getRecords();
    }
}
