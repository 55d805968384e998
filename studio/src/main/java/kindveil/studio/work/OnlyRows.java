package kindveil.studio.work;

import java.util.List;

/** What is said of the whole studio and kept as a whole: the plan of evenings, who may come in, what is gathered. */
public interface OnlyRows {
    /** What of it cannot be read, each in a sentence. */
    List<String> apart();
}
