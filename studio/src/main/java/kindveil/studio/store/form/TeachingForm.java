package kindveil.studio.store.form;

import java.time.Instant;
import java.util.List;
import kindveil.studio.work.learning.Teaching;
import org.jspecify.annotations.Nullable;

/** What is learned from, as it is kept. @param since a moment, or null @param leftOut keys of checks that are not counted */
public record TeachingForm(boolean used, @Nullable String since, List<String> leftOut) {
    public static TeachingForm of(Teaching teaching) {
        Instant since = teaching.since();
        return new TeachingForm(teaching.used(), since == null ? null : since.toString(), teaching.leftOut());
    }

    public Teaching teaching(int version) {
        return new Teaching(version, used, since == null ? null : Instant.parse(since), leftOut);
    }
}
