package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.Stream;
import kindveil.way.Brief;
import kindveil.way.Sequence;
import kindveil.way.Trace;
import kindveil.way.Way;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Each way of finishing holds over a plain transfer, in each of its choices. */
class FinishWaysTest {
    static Stream<Way> finishes() {
        return Catalogue.finishes().stream();
    }

    @ParameterizedTest
    @MethodSource("finishes")
    void overAGelLay_holds(Way finish) {
        Brief gel = Samples.usual(Catalogue.way("gel-lay"));
        Samples.of(finish).filter(sample -> sample.brief().support().equals(gel.support()) || true).limit(4).forEach(sample -> {
            Trace trace = Trace.of(Sequence.on(gel.base(), List.of(new Sequence.Part(Catalogue.way("gel-lay"), gel), new Sequence.Part(finish, sample.brief().on(gel.base())))).expand());
            assertEquals(List.of(), trace.refusals(), sample + " " + trace.refusals());
            assertTrue(trace.moments().getLast().act().step() instanceof kindveil.bench.Step.Judge);
        });
    }
}
