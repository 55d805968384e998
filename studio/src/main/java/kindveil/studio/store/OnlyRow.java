package kindveil.studio.store;

import jakarta.persistence.EntityManager;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.Version;
import java.util.Optional;
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
     * One such table.
     *
     * @param form it is written in
     * @param reading of its form, with the version it stands at
     * @param what it is, as a page says it
     */
    record Kind<F, T>(Class<? extends OnlyRow> row, Class<F> form, BiFunction<F, Integer, T> reading, String what) {
        /** What it holds. What cannot be read is as nothing said: it is said again in a moment. @param nothing as nothing is said at a version */
        T now(EntityManager entities, IntFunction<T> nothing) {
            OnlyRow e = entities.find(row, ONLY);
            if (e == null) {
                return nothing.apply(NONE);
            }
            try {
                return read(e);
            } catch (Unreadable unreadable) {
                return nothing.apply(e.version);
            }
        }

        private T read(OnlyRow e) {
            F read = Json.read(e.text(), form);
            return Json.guarded(() -> reading.apply(read, e.version));
        }

        /** Why it cannot be read, in a sentence; empty where it can. */
        Optional<String> apart(EntityManager entities) {
            OnlyRow e = entities.find(row, ONLY);
            try {
                if (e != null) {
                    read(e);
                }
                return Optional.empty();
            } catch (Unreadable unreadable) {
                return Optional.of("%s cannot be read and was set apart: %s It is kept as it is until you save it again; nothing else is touched.".formatted(what, unreadable.getMessage()));
            }
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
