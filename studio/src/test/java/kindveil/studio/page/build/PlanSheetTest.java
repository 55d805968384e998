package kindveil.studio.page.build;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.measure.Words;
import kindveil.reading.CautionReading;
import kindveil.reading.TimeReading;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.page.Say;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.way.Way;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The plan on one page: nothing of it is left away, read back by a library that did not write it so. */
@ExtendWith(OpenStudio.class)
class PlanSheetTest {
    private final PieceWork pieces;
    private final Say say;
    private final Web web;

    PlanSheetTest(Studio studio) {
        this.pieces = studio.bean(PieceWork.class);
        this.say = studio.bean(Say.class);
        this.web = new Web(studio.address());
    }

    private String text(Piece piece) throws IOException {
        try (PDDocument document = Loader.loadPDF(web.bytes("/pieces/" + piece.id() + "/plan.pdf"))) {
            assertEquals(1, document.getNumberOfPages());
            assertEquals(210 * 72 / 25.4, document.getPage(0).getMediaBox().getWidth(), 0.1);
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    private void holdsAll(Piece piece, String name) throws IOException {
        Planned planned = pieces.plan(piece);
        String text = text(piece);
        List<String> missing = new ArrayList<>();
        List<String> wanted = new ArrayList<>(planned.times().entries().stream().map(TimeReading.Entry::act).map(act -> say.it(act.title())).toList());
        planned.needs().keySet().forEach(product -> wanted.add(Words.capital(product.words())));
        CautionReading.of(planned.whole()).keySet().forEach(caution -> wanted.add(say.it(caution)));
        wanted.add(CautionReading.DEFERENCE);
        // signs the standard font lacks are printed as a question mark, and a long title is cut at the column's end
        wanted.stream().map(one -> one.replaceAll("\\s+", " ")).filter(one -> !text.contains(one) && !text.contains(one.substring(0, Math.min(one.length(), 30)))).forEach(missing::add);
        assertEquals(List.of(), missing, name);
    }

    @Test
    void everyWay_standsOnOnePage_withItsActsAmountsAndCautions() throws IOException {
        for (Way way : Catalogue.transfers()) {
            Piece piece = pieces.change(pieces.begin("Tall reed", Length.ofMillimetres(60), "reed.png", Samples.cornerPng()).doing(way));
            holdsAll(piece, way.key());
            pieces.remove(piece.id(), piece.title());
        }
    }

    @Test
    void fourVeils_standOnOnePageToo() throws IOException {
        Piece piece = pieces.begin("Deep reed", Length.ofMillimetres(60), "reed.png", Samples.cornerPng());
        for (String way : List.of("gel-lay", "tape-lift", "gel-lay")) {
            piece = pieces.add(piece, Catalogue.way(way), "reed", null);
        }
        holdsAll(piece, "four veils");
        assertTrue(text(piece).contains("How it is printed, 4"));
        pieces.remove(piece.id(), piece.title());
    }
}
