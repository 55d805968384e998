package kindveil.studio.store;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.function.Function;
import kindveil.studio.store.form.Unreadable;
import kindveil.studio.work.Damaged;
import kindveil.studio.work.Kept;
import kindveil.studio.work.NotFound;
import org.jspecify.annotations.Nullable;

/** Rows read one by one, so that one that cannot be read takes none of the others with it. */
final class SetApart {
    private SetApart() {
    }

    /** @param damaged what is said of a row that cannot be read, by what is wrong with it */
    static <R, T> Kept<T> of(List<R> rows, Function<R, T> reading, BiFunction<R, String, Damaged> damaged) {
        List<T> read = new ArrayList<>();
        List<Damaged> apart = new ArrayList<>();
        for (R row : rows) {
            try {
                read.add(reading.apply(row));
            } catch (Unreadable unreadable) {
                apart.add(damaged.apply(row, unreadable.getMessage()));
            }
        }
        return new Kept<>(read, apart);
    }

    /** One that was asked for by its id; empty where there is none, {@link NotFound} where it cannot be read. */
    static <R, T> Optional<T> one(@Nullable R row, String what, UUID id, Function<R, T> reading) {
        try {
            return Optional.ofNullable(row).map(reading);
        } catch (Unreadable unreadable) {
            throw new NotFound("readable %s (%s)".formatted(what, unreadable.getMessage()), id);
        }
    }
}
