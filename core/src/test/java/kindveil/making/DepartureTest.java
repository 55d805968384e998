package kindveil.making;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import kindveil.way.Act;
import kindveil.way.ActId;
import kindveil.way.Briefs;
import kindveil.catalogue.Catalogue;
import kindveil.way.Plan;
import kindveil.way.Trace;
import org.junit.jupiter.api.Test;

class DepartureTest {
    private static final Instant BEGUN = Instant.parse("2026-03-05T18:00:00Z");
    private final Plan plan = Catalogue.way("gel-lay").expand(Briefs.sound());

    private List<Deed> asPlanned() {
        return new ArrayList<>(Making.of(plan, BEGUN, List.of()).forecast(BEGUN).stream()
                .map(m -> new Deed(m.act().id(), m.act().expected(), BEGUN.plus(m.end()), false)).toList());
    }

    private static Deed later(Deed deed, Duration by) {
        return new Deed(deed.act(), deed.answer(), deed.at().plus(by), deed.assumed());
    }

    private List<Departure> departures(List<Deed> deeds) {
        return Departure.of(Making.of(plan, BEGUN, deeds));
    }

    @Test
    void of_asPlanned_hasNone() {
        assertEquals(List.of(), departures(asPlanned()));
    }

    @Test
    void of_layingTooLate_saysBothTimes() {
        List<Deed> deeds = asPlanned();
        List<Deed> late = deeds.stream().map(d -> plan.indexOf(d.act()) >= plan.indexOf(ActId.first("lay")) ? later(d, Duration.ofMinutes(12)) : d).toList();
        List<Departure> found = departures(late);
        assertTrue(found.stream().anyMatch(d -> d.act().equals("Lay the print, face down") && d.words().equals("begun after 12 min, 6 min was the latest")), found.toString());
        assertTrue(found.stream().anyMatch(d -> d.words().startsWith("against the bench: The bed has lost")), found.toString());
    }

    @Test
    void of_rubbingTooSoon_saysWhatWasAsked() {
        List<Deed> deeds = new ArrayList<>(asPlanned().subList(0, 8));
        deeds.add(new Deed(ActId.first("pass-1-wet"), 0, deeds.getLast().at().plus(Duration.ofMinutes(20)), false));
        List<Departure> found = departures(deeds);
        assertEquals("Wet the paper", found.getFirst().act());
        assertEquals("begun after 20 min, 60 min at the earliest was asked", found.getFirst().words());
    }

    @Test
    void of_leftFarLonger_saysSo() {
        List<Deed> deeds = asPlanned();
        List<Deed> left = deeds.stream().map(d -> plan.indexOf(d.act()) >= plan.indexOf(ActId.first("pass-1-wet")) ? later(d, Duration.ofDays(1)) : d).toList();
        List<Departure> found = departures(left);
        assertEquals(1, found.size(), found.toString());
        assertTrue(found.getFirst().words().startsWith("left for 25 h"), found.toString());
    }

    @Test
    void of_onlyTakenAsDone_saysNothing() {
        List<Deed> taken = asPlanned().stream().map(d -> new Deed(d.act(), d.answer(), BEGUN, true)).toList();
        assertEquals(List.of(), departures(taken));
    }

    @Test
    void forecast_atAnyPoint_goesOnFromThereToTheEnd() {
        List<Deed> deeds = asPlanned();
        for (int done = 0; done <= deeds.size(); done++) {
            Making making = Making.of(plan, BEGUN, deeds.subList(0, done));
            List<Trace.Moment> coming = making.forecast(making.lastDeed());
            assertEquals(deeds.size() - done, coming.size());
            assertEquals(making.remaining(), coming.size());
            Duration before = Duration.ZERO;
            for (Trace.Moment moment : coming) {
                assertTrue(moment.start().compareTo(before) >= 0);
                before = moment.end();
            }
        }
    }

    /** Any answers at any pace: the fold never breaks, and taking the last back is the fold without it. */
    @Test
    void making_randomDeeds_neverBreaksAndCanBeTakenBack() {
        Random random = new Random(6);
        for (int run = 0; run < 40; run++) {
            List<Deed> deeds = new ArrayList<>();
            Instant at = BEGUN;
            while (deeds.size() < 60) {
                Making making = Making.of(plan, BEGUN, deeds);
                Act act = making.current().orElse(null);
                if (act == null) {
                    break;
                }
                at = at.plus(Duration.ofSeconds(random.nextInt(9000)));
                deeds.add(new Deed(act.id(), random.nextInt(act.answers().size()), at, false));
                Making after = Making.of(plan, BEGUN, deeds);
                assertTrue(after.moments().size() - making.moments().size() <= 1);
                assertEquals(act, Making.of(plan, BEGUN, deeds.subList(0, deeds.size() - 1)).current().orElseThrow());
            }
            assertTrue(Making.of(plan, BEGUN, deeds).moments().size() > 5);
        }
    }

    /** What the hands did otherwise is written down at any length a note may have, each thing once. */
    @Test
    void told_fitsAnyLength() {
        List<Departure> many = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            many.add(new Departure("Rub " + i, "begun after %d s, 4 h at the earliest was asked".formatted(i % 7), Departure.Kind.TOO_SOON, null, null));
            many.add(new Departure("Wet the paper", "against the bench", Departure.Kind.AGAINST_THE_BENCH, null, null));
        }
        for (int most = 60; most <= 6000; most += 7) {
            String said = Departure.told(many, most);
            assertTrue(said.replace("\n", "\r\n").length() <= most, most + ": " + said.length());
            long lines = said.lines().filter(line -> line.contains(":")).count();
            assertEquals(61 - lines, said.endsWith("of the kind.") ? Integer.parseInt(said.substring(said.lastIndexOf('\n') + 1).split(" ")[0]) : 0, "none is lost unsaid");
        }
        assertEquals("", Departure.told(List.of(), 60));
        assertEquals("Wet the paper: against the bench", Departure.told(List.of(many.get(1), many.get(3)), 60));
    }
}
