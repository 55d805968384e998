package kindveil.studio.page;

import java.util.List;
import kindveil.studio.work.piece.Planned;

/** What to know of printing an image: how, how large, how many. */
public final class PrintNotes {
    private PrintNotes() {
    }

    /** Of a print that is there already only its size. */
    public static List<String> of(Planned planned, Say say) {
        String size = "The image is %s × %s.".formatted(say.both(planned.brief().width()), say.both(planned.brief().height()));
        return planned.piece().design().printing().exists() != null ? List.of(size) : List.of(planned.brief().print().printing(), size, "Three copies unless your log says otherwise.");
    }
}
