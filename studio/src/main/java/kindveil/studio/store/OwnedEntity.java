package kindveil.studio.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.product.Product;
import kindveil.studio.store.form.Json;
import kindveil.studio.store.form.LineageForm;
import kindveil.studio.store.form.ProductForm;
import kindveil.studio.store.form.SupportForm;
import kindveil.studio.store.form.Vocabulary;
import kindveil.studio.work.shelf.Owned;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "owned")
class OwnedEntity {
    @Id
    UUID id;
    String kind;
    String what;
    String name;
    int amount;
    @Column(name = "width_nm")
    @Nullable Long width;
    @Column(name = "height_nm")
    @Nullable Long height;
    @Nullable Double level;
    @Nullable Double millilitres;
    @Nullable Instant looked;
    @Nullable String sign;
    @Nullable Long price;
    @Nullable LocalDate opened;
    @Lob
    @Column(name = "product_json")
    @Nullable String product;

    @Column(name = "support_json")
    @Nullable String support;
    @Lob
    @Column(name = "lineage_json")
    @Nullable String lineage;
    @Nullable Double grams;

    void take(Owned o) {
        kind = Vocabulary.OWNED.of(o.kind());
        what = o.what();
        name = o.name();
        amount = o.count();
        width = o.size() == null ? null : o.size().width().nanometres();
        height = o.size() == null ? null : o.size().height().nanometres();
        level = o.level();
        millilitres = o.millilitres();
        looked = o.looked() == null ? null : o.looked().at();
        sign = o.sign() == null ? null : Vocabulary.SIGN.of(o.sign());
        price = o.price();
        opened = o.opened();
        product = o.product() == null ? null : Json.write(ProductForm.of(o.product()));
        support = o.support() == null ? null : Json.write(SupportForm.of(o.support()));
        grams = o.grams();
        lineage = o.lineage() == null ? null : Json.write(LineageForm.of(o.lineage()));
    }

    /** {@link kindveil.studio.store.form.Unreadable} where it cannot be read. */
    Owned owned() {
        return Json.guarded(() -> new Owned(id, Vocabulary.OWNED.read(kind), what, name, amount, width == null || height == null ? null : new Owned.Size(new Length(width), new Length(height)),
                level, price, opened, read(product), support == null ? null : Json.read(support, SupportForm.class).support(), millilitres,
                looked == null ? null : new Owned.Looked(looked, sign == null ? null : Vocabulary.SIGN.read(sign)),
                lineage == null ? null : Json.read(lineage, LineageForm.class).lineage(), grams));
    }

    private static @Nullable Product read(@Nullable String text) {
        return text == null ? null : Json.read(text, ProductForm.class).product();
    }
}
