package kindveil.studio.store;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Lob;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import kindveil.light.Colour;
import kindveil.measure.Length;
import kindveil.studio.store.form.DesignForm;
import kindveil.studio.store.form.Json;
import kindveil.studio.store.form.SupportForm;
import kindveil.studio.store.form.Unreadable;
import kindveil.studio.store.form.Vocabulary;
import kindveil.studio.work.piece.Basis;
import kindveil.studio.work.piece.Page;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.Veil;
import kindveil.way.Base;
import org.jspecify.annotations.Nullable;

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
    @Nullable UUID groundPicture;
    /** Null where it could not be brought over from an earlier form. */
    @Nullable String support;
    /** Null for a built-in one. */
    @Column(name = "own_support_json")
    @Nullable String ownSupport;
    @Nullable String ground;
    @Column(name = "ground_red")
    @Nullable Double red;
    @Column(name = "ground_green")
    @Nullable Double green;
    @Column(name = "ground_blue")
    @Nullable Double blue;
    @Column(name = "page_width_nm")
    @Nullable Long pageWidth;
    @Column(name = "page_height_nm")
    @Nullable Long pageHeight;
    @Column(name = "put_away")
    boolean putAway;
    @Column(name = "taken_away")
    @Nullable Instant takenAway;
    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "veil", joinColumns = @JoinColumn(name = "piece_id"))
    @OrderColumn(name = "seq")
    List<VeilRow> veils = new ArrayList<>();

    /** One veil as a row. */
    @Embeddable
    static class VeilRow {
        @Column(name = "picture_id")
        @Nullable UUID picture;
        @Column(name = "x_nm")
        long x;
        @Column(name = "y_nm")
        long y;
        @Lob
        @Column(name = "design_json")
        String design;

        static VeilRow of(Veil veil) {
            VeilRow row = new VeilRow();
            row.picture = veil.picture();
            row.x = veil.x().nanometres();
            row.y = veil.y().nanometres();
            row.design = Json.write(DesignForm.of(veil.design()));
            return row;
        }

        Veil veil() {
            DesignForm form = Json.read(design, DesignForm.class);
            return new Veil(picture, new Length(x), new Length(y), Json.guarded(form::design));
        }
    }

    void take(Piece piece) {
        title = piece.title();
        Basis basis = piece.basis();
        groundPicture = basis.photographId();
        support = basis.base().support().id();
        SupportForm own = SupportForm.own(basis.base().support());
        ownSupport = own == null ? null : Json.write(own);
        ground = Vocabulary.GROUND.of(basis.base().ground());
        red = basis.colour().red();
        green = basis.colour().green();
        blue = basis.colour().blue();
        pageWidth = basis.page().map(page -> page.width().nanometres()).orElse(null);
        pageHeight = basis.page().map(page -> page.height().nanometres()).orElse(null);
        veils.clear();
        piece.veils().forEach(veil -> veils.add(VeilRow.of(veil)));
    }

    /** {@link Unreadable} where it cannot be read. */
    Piece piece() {
        if (support == null || ground == null || red == null || green == null || blue == null) {
            throw new Unreadable("It was never brought over from an earlier form.");
        }
        return Json.guarded(() -> new Piece(id, version, title, created, new Basis(new Base(SupportForm.read(support, ownSupport == null ? null : Json.read(ownSupport, SupportForm.class)), Vocabulary.GROUND.read(ground)), new Colour(red, green, blue), groundPicture, page()),
                veils.stream().map(VeilRow::veil).toList(), 0));
    }

    private @Nullable Page page() {
        return pageWidth == null || pageHeight == null ? null : new Page(new Length(pageWidth), new Length(pageHeight));
    }
}
