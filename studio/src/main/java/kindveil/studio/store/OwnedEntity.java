package kindveil.studio.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Objects;
import java.util.UUID;
import kindveil.studio.store.form.Json;
import kindveil.studio.store.form.LineageForm;
import kindveil.studio.store.form.OwnedForm;
import kindveil.studio.store.form.ProductForm;
import kindveil.studio.store.form.SupportForm;
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

    void take(Owned owned) {
        OwnedForm form = OwnedForm.of(owned);
        kind = form.kind();
        what = form.what();
        name = form.name();
        amount = form.count();
        width = form.width();
        height = form.height();
        level = form.level();
        millilitres = form.millilitres();
        looked = form.looked();
        sign = form.sign();
        price = form.price();
        opened = form.opened() == null ? null : LocalDate.parse(form.opened());
        product = form.product() == null ? null : Json.write(form.product());
        support = form.support() == null ? null : Json.write(form.support());
        lineage = form.lineage() == null ? null : Json.write(form.lineage());
        grams = form.grams();
    }

    /** {@link kindveil.studio.store.form.Unreadable} where it cannot be read. */
    Owned owned() {
        return Json.guarded(() -> new OwnedForm(id, kind, what, name, amount, width, height, level, price, opened == null ? null : Objects.toString(opened), read(product, ProductForm.class), read(support, SupportForm.class), millilitres, looked, sign,
                read(lineage, LineageForm.class), grams).owned());
    }

    private static <T> @Nullable T read(@Nullable String text, Class<T> form) {
        return text == null ? null : Json.read(text, form);
    }
}
