package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.Version;
import java.util.function.BiFunction;
import java.util.function.IntFunction;
import java.util.function.Supplier;
import kindveil.studio.store.form.Json;
import kindveil.studio.store.form.Unreadable;
import kindveil.studio.work.Outdated;
import org.jspecify.annotations.Nullable;

/** A table of one row that holds one text: what is said of the whole studio, and kept as a whole. */
@MappedSuperclass
abstract class OnlyRow {
    private static final int ONLY = 1;
    /** The version of a row that is not there yet. */
    private static final int NONE = -1;
    @Id
    int id = ONLY;
    @Version
    int version;

    abstract @Nullable String text();

    abstract void text(String text);

    /**
     * What it holds. What cannot be read is as nothing said: it is said again in a moment.
     *
     * @param reading of its form, with the version it stands at
     * @param nothing as nothing is said at a version
     */
    static <F, T> T now(EntityManager entities, Class<? extends OnlyRow> row, Class<F> form, BiFunction<F, Integer, T> reading, IntFunction<T> nothing) {
        OnlyRow e = entities.find(row, ONLY);
        if (e == null) {
            return nothing.apply(NONE);
        }
        try {
            F read = Json.read(e.text(), form);
            return Json.guarded(() -> reading.apply(read, e.version));
        } catch (Unreadable unreadable) {
            return nothing.apply(e.version);
        }
    }

    /** Replaces it if it is still at a version; otherwise {@link Outdated}. @param what it is, as that says it */
    static <R extends OnlyRow> void replace(EntityManager entities, Class<R> row, Supplier<R> fresh, int version, Object form, String what) {
        R e = entities.find(row, ONLY);
        if ((e == null ? NONE : e.version) != version) {
            throw new Outdated(what);
        }
        R kept = e == null ? fresh.get() : e;
        kept.text(Json.write(form));
        if (e == null) {
            entities.persist(kept);
        }
    }
}
