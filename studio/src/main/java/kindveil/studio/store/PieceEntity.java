package kindveil.studio.store;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.studio.work.Design;
import kindveil.studio.work.Piece;
import kindveil.studio.work.Veil;
import tools.jackson.databind.json.JsonMapper;

@Entity
@Table(name = "piece")
class PieceEntity {
    @Id
    UUID id;
    @Version
    int version;
    String title;
    Instant created;
    @Column(name = "ground_picture_id")
    UUID groundPicture;
    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "veil", joinColumns = @JoinColumn(name = "piece_id"))
    @OrderColumn(name = "seq")
    List<VeilRow> veils = new ArrayList<>();

    /** One veil as a row; its design as the JSON of {@link Design}. */
    @Embeddable
    static class VeilRow {
        @Column(name = "picture_id")
        UUID picture;
        @Column(name = "x_nm")
        long x;
        @Column(name = "y_nm")
        long y;
        @Column(name = "design_json")
        String design;

        static VeilRow of(Veil veil, JsonMapper json) {
            VeilRow row = new VeilRow();
            row.picture = veil.picture();
            row.x = veil.x().nanometres();
            row.y = veil.y().nanometres();
            row.design = json.writeValueAsString(veil.design());
            return row;
        }

        Veil veil(JsonMapper json) {
            return new Veil(picture, new Length(x), new Length(y), json.readValue(design, Design.class));
        }
    }

    void take(Piece piece, JsonMapper json) {
        title = piece.title();
        groundPicture = piece.groundPicture();
        veils.clear();
        piece.veils().forEach(veil -> veils.add(VeilRow.of(veil, json)));
    }

    Piece piece(JsonMapper json) {
        return new Piece(id, version, title, created, groundPicture, veils.stream().map(row -> row.veil(json)).toList(), 0);
    }
}
