package kindveil.making;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import kindveil.catalogue.Catalogue;
import kindveil.making.Comparison.Difference;
import kindveil.way.ActId;
import kindveil.way.Brief;
import kindveil.way.Briefs;
import kindveil.way.Way;
import kindveil.way.Sequence;
import org.junit.jupiter.api.Test;

class ComparisonTest {
    private static final Instant BEGUN = Instant.parse("2026-03-05T18:00:00Z");
    private final Way way = Catalogue.way("gel-lay");

    /** A making as planned, whose acts from {@code from} on were done later. */
    private Making made(Brief brief, String from, Duration later) {
        Making fresh = Making.of(way.expand(brief), BEGUN, List.of());
        int at = fresh.plan().indexOf(ActId.first(from));
        return Making.of(fresh.plan(), BEGUN, fresh.forecast(BEGUN).stream().map(m -> new Deed(m.act().id(), m.act().expected(),
                BEGUN.plus(m.end()).plus(fresh.plan().indexOf(m.act().id()) >= at ? later : Duration.ZERO), false)).toList());
    }

    private List<Difference> between(Brief one, Making first, Brief other, Making second) {
        return Comparison.of(Begun.of(Sequence.of(way, one)), first, Begun.of(Sequence.of(way, other)), second).differences();
    }

    @Test
    void of_alike_hasNone() {
        Making made = made(Briefs.sound(), "coat", Duration.ZERO);
        assertEquals(List.of(), between(Briefs.sound(), made, Briefs.sound(), made));
    }

    @Test
    void of_otherSchoolsAndNumbers_namesEachWithBothValues() {
        Brief other = Briefs.sound().with("medium", "matte").dialled("bed", 80).in(kindveil.drying.Room.of(18, 60));
        List<Difference> found = between(Briefs.sound(), made(Briefs.sound(), "coat", Duration.ZERO), other, made(other, "coat", Duration.ZERO));
        assertTrue(found.contains(new Difference("Medium", "gloss", "matte")), found.toString());
        assertTrue(found.contains(new Difference("wet thickness of the bed", "100 µm", "80 µm")), found.toString());
        assertTrue(found.stream().anyMatch(d -> d.what().equals("Room") && d.other().contains("60")), found.toString());
    }

    @Test
    void of_longerWait_saysBothWaits() {
        List<Difference> found = between(Briefs.sound(), made(Briefs.sound(), "coat", Duration.ZERO), Briefs.sound(), made(Briefs.sound(), "pass-1-wet", Duration.ofHours(9)));
        assertTrue(found.stream().anyMatch(d -> d.what().equals("Wet the paper") && d.one().startsWith("after ") && d.other().matches("after (9|10|11) h.*")), found.toString());
        assertTrue(found.stream().noneMatch(d -> d.what().equals("Lay the print, face down")), found.toString());
    }
}
