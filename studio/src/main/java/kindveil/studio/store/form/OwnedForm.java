package kindveil.studio.store.form;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Objects;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.studio.work.shelf.Lot;
import kindveil.studio.work.shelf.Lot.Filling;
import kindveil.studio.work.shelf.Lot.Looked;
import kindveil.studio.work.shelf.OwnSupport;
import kindveil.studio.work.shelf.Owned;
import kindveil.studio.work.shelf.Owned.Size;
import kindveil.studio.work.shelf.Print;
import kindveil.studio.work.shelf.Gear;
import org.jspecify.annotations.Nullable;

/**
 * Something owned, as rows and archives have it: one form for all sorts, with what only some of them have left empty.
 *
 * @param kind {@value #LOT}, {@value #PRINT}, {@value #SUPPORT}, or the token of a kind of thing
 * @param width in nanometres
 * @param opened as a date is written
 */
public record OwnedForm(UUID id, String kind, String what, String name, int count, @Nullable Long width, @Nullable Long height, @Nullable Double level, @Nullable Long price, @Nullable String opened,
        @Nullable ProductForm product, @Nullable SupportForm support, @Nullable Double millilitres, @Nullable Instant looked, @Nullable String sign, @Nullable LineageForm lineage, @Nullable Double grams) {
    private static final String LOT = "lot";
    private static final String PRINT = "print";
    private static final String SUPPORT = "support";

    public static OwnedForm of(Owned owned) {
        return switch (owned) {
            case Lot lot -> new OwnedForm(lot.id(), LOT, lot.what(), lot.name(), lot.count(), null, null, lot.filling().level(), lot.price(), lot.opened() == null ? null : Objects.toString(lot.opened()), ProductForm.of(lot.product()), null, lot.filling().millilitres(),
                    lot.filling().looked() == null ? null : lot.filling().looked().at(), lot.sign() == null ? null : Vocabulary.SIGN.of(lot.sign()), null, null);
            case Print print -> new OwnedForm(print.id(), PRINT, print.what(), print.name(), print.count(), print.size().width().nanometres(), print.size().height().nanometres(), null, null, null, null, null, null, print.counted(), null,
                    print.lineage() == null ? null : LineageForm.of(print.lineage()), null);
            case OwnSupport own -> new OwnedForm(own.id(), SUPPORT, own.what(), own.name(), own.count(), null, null, null, null, null, null, SupportForm.of(own.support()), null, null, null, null, null);
            case Gear thing -> new OwnedForm(thing.id(), Vocabulary.GEAR.of(thing.kind()), thing.what(), thing.name(), thing.count(), thing.size() == null ? null : thing.size().width().nanometres(),
                    thing.size() == null ? null : thing.size().height().nanometres(), thing.level(), null, null, null, null, null, thing.looked(), null, null, thing.grams());
        };
    }

    public Owned owned() {
        return switch (kind) {
            case LOT -> new Lot(id, what, name, count, there(product).product(), price, opened == null ? null : LocalDate.parse(opened), new Filling(millilitres, level, looked == null ? null : new Looked(looked, sign == null ? null : Vocabulary.SIGN.read(sign))));
            case PRINT -> new Print(id, what, name, count, there(size()), looked, lineage == null ? null : lineage.lineage());
            case SUPPORT -> new OwnSupport(id, there(support).support());
            default -> new Gear(id, Vocabulary.GEAR.read(kind), what, name, count, size(), level, grams, looked);
        };
    }

    private @Nullable Size size() {
        return width == null || height == null ? null : new Size(new Length(width), new Length(height));
    }

    private <T> T there(@Nullable T part) {
        if (part == null) {
            throw new IllegalArgumentException("What makes “%s” a %s is not there.".formatted(name, kind));
        }
        return part;
    }
}
