package kindveil.studio.page.piece;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import kindveil.measure.UnusableValue;
import kindveil.studio.archive.ArchiveWork;
import kindveil.studio.page.Download;
import kindveil.studio.page.PageView;
import kindveil.studio.work.piece.PieceWork;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** The studio or a piece of it as one file, and such a file taken in. */
@Controller
class ArchiveController {
    private final ArchiveWork archives;
    private final PieceWork pieces;

    ArchiveController(ArchiveWork archives, PieceWork pieces) {
        this.archives = archives;
        this.pieces = pieces;
    }

    /** What came of taking one in. @param lines each with the titles it is about */
    record Taken(List<Line> lines, String beside) implements PageView {
        /** One of them. */
        record Line(String words, List<String> titles) {
        }

        static Taken of(ArchiveWork.Taken taken) {
            List<Line> lines = List.of(new Line(pieces(taken.added().size()) + " added", taken.added()), new Line(pieces(taken.same().size()) + " here already, just so", taken.same()),
                    new Line(pieces(taken.differing().size()) + " here otherwise: both are kept", taken.differing()));
            return new Taken(lines.stream().filter(line -> !line.titles.isEmpty()).toList(),
                    "With them came %s, %s and %s that were not here.".formatted(counted(taken.makings(), "making", "makings"), counted(taken.entries(), "entry of the log", "entries of the log"),
                            counted(taken.pictures(), "picture", "pictures")));
        }

        private static String counted(int count, String one, String many) {
            return count == 1 ? "one " + one : "%d %s".formatted(count, many);
        }

        private static String pieces(int count) {
            return count == 1 ? "One piece" : count + " pieces";
        }
    }

    /** Those that are chosen; all where none is. */
    @GetMapping("/archive.zip")
    void several(@RequestParam(required = false) @Nullable List<UUID> piece, HttpServletResponse response) throws IOException {
        List<UUID> chosen = piece == null ? List.of() : piece.stream().filter(Objects::nonNull).toList();
        chosen.forEach(pieces::get);
        send(chosen.isEmpty() ? "studio" : "pieces", chosen, response);
    }

    @GetMapping("/pieces/{id}/archive.zip")
    void one(@PathVariable UUID id, HttpServletResponse response) throws IOException {
        send(Download.named(pieces.get(id).title(), "piece"), List.of(id), response);
    }

    private void send(String name, List<UUID> chosen, HttpServletResponse response) throws IOException {
        response.setContentType("application/zip");
        response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.attachment().filename(name + ".kind-veil.zip").build().toString());
        archives.write(chosen, response.getOutputStream());
    }

    @PostMapping("/archive")
    Object take(@RequestParam(required = false) @Nullable MultipartFile archive) throws IOException {
        if (archive == null || archive.isEmpty()) {
            throw new UnusableValue("Archive", "no file", "a file called ….kind-veil.zip", "Choose it on the page of pieces, under “From an archive”.");
        }
        try (InputStream file = archive.getInputStream()) {
            return Taken.of(archives.take(file)).in("piece/taken");
        }
    }
}
