package kindveil.studio.page.piece;

import java.util.List;
import java.util.UUID;
import kindveil.studio.work.Piece;

/**
 * Title and stations of a piece's page.
 *
 * @param here the station this page is
 */
public record PieceHead(UUID id, int version, String title, String here, List<Station> stations) {
    private static final List<String> ORDER = List.of("Source", "Build", "Print", "Make", "Finish", "Notes");

    /** One of the six. */
    public record Station(String name, String address, boolean here) {
    }

    static PieceHead of(Piece piece, String here) {
        return new PieceHead(piece.id(), piece.version(), piece.title(), here, ORDER.stream()
                .map(name -> new Station(name, "/pieces/" + piece.id() + "/" + name.toLowerCase(java.util.Locale.ROOT), name.equals(here))).toList());
    }
}
