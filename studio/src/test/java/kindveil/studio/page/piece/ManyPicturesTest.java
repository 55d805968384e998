package kindveil.studio.page.piece;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.measure.UnusableValue;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.page.Upload;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.web.multipart.MultipartFile;

/** A season's pictures dropped at once. */
@ExtendWith(OpenStudio.class)
class ManyPicturesTest {
    private final PieceWork pieces;
    private final Web web;

    ManyPicturesTest(Studio studio, PieceWork pieces) {
        this.pieces = pieces;
        this.web = new Web(studio.address());
    }

    @ParameterizedTest
    @ValueSource(strings = {"/pieces", "/begin"})
    void sixty_allBecomePieces(String where) {
        Map<String, byte[]> files = new LinkedHashMap<>();
        for (int i = 0; i < 60; i++) {
            files.put("shore %d%s.png".formatted(i, where.substring(1)), Samples.cornerPng());
        }
        Map<String, String> told = Map.of("width", "80 mm", "sent", UUID.randomUUID().toString(), "print", "GOOD_TONER", "support", "birch-panel", "ground", "GESSO", "wish", "SOFT");
        Web.Answer answer = web.uploads(where, told, "picture", files);
        assertEquals(200, answer.status(), answer.words());
        List<Piece> begun = pieces.all().stream().filter(piece -> piece.title().matches("(?i)shore \\d+" + where.substring(1))).toList();
        assertEquals(60, begun.size());
        begun.forEach(piece -> pieces.remove(piece.id(), piece.title()));
    }

    @Test
    void whatIsTooLarge_isSaidByName_withoutReadingIt() throws IOException {
        MultipartFile large = mock();
        when(large.getOriginalFilename()).thenReturn("harbour.tif");
        when(large.getSize()).thenReturn(70L * 1024 * 1024);
        String said = assertThrows(UnusableValue.class, Upload.of(large, "")::bytes).getMessage();
        assertTrue(said.contains("harbour.tif, 70 MB") && said.contains("at most 64 MB"), said);
        verify(large, never()).getBytes();
    }
}
