package kindveil.studio.page;

import java.util.List;
import java.util.stream.IntStream;
import kindveil.reading.Remedies;
import kindveil.way.Trace;

/** Why the bench refuses a plan, and the single changes any of which would do. */
public record Refused(List<String> reasons, List<Remedy> remedies) {
    /** One of them. */
    public record Remedy(int index, String words) {
    }

    public static Refused of(Trace trace, List<Remedies> remedies, Say say) {
        return new Refused(trace.refusals().stream().map(refusal -> say.it(refusal.words())).distinct().toList(),
                IntStream.range(0, remedies.size()).mapToObj(i -> new Remedy(i, say.it(remedies.get(i).words()))).toList());
    }

    public boolean any() {
        return !reasons.isEmpty();
    }
}
