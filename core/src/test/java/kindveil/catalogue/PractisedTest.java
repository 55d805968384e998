package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import kindveil.bench.Refusal;
import kindveil.bench.Step;
import kindveil.bench.Support;
import kindveil.bench.Face;
import kindveil.making.Deed;
import kindveil.making.Departure;
import kindveil.making.Making;
import kindveil.product.Hazard;
import kindveil.product.Mixtures;
import kindveil.way.Act;
import kindveil.way.Base;
import kindveil.way.Brief;
import kindveil.way.Fit;
import kindveil.way.Sequence;
import kindveil.way.Trace;
import kindveil.way.Way;
import kindveil.way.Window;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What practitioners do is not refused, and what fails with them is not called sound. */
class PractisedTest {
    private static final Instant BEGUN = Instant.parse("2026-11-02T18:00:00Z");

    @ParameterizedTest
    @CsvSource({"skin-float, SOUND", "tissue-lay, NO"})
    void onASyntheticSheet(String way, Fit.Verdict verdict) {
        assertEquals(verdict, Catalogue.way(way).card().fit(Support.SYNTHETIC_SHEET).verdict());
    }

    @Test
    void shellac_isCutWithAlcoholOf91PerCent() {
        assertTrue(Mixtures.SHELLAC.leastBottlePercent() <= 91);
    }

    /** Two fixed-inkjet lays on one sheet: the second soak takes the first with it. */
    @Test
    void twoLaysOnOneSheet_theSecondSoakIsDoubted() {
        Way inkjet = Catalogue.way("fixed-inkjet-lay");
        Brief brief = Samples.usual(inkjet);
        assertTrue(Trace.of(inkjet.expand(brief)).concerns().stream().noneMatch(concern -> concern.words().contains("once more")));
        Trace both = Trace.of(new Sequence(List.of(new Sequence.Part(inkjet, brief), new Sequence.Part(inkjet, brief))).expand());
        assertTrue(both.concerns().stream().anyMatch(concern -> concern.words().contains("fades in it once more")), both.concerns().toString());
    }

    /** Told as lifted at 1:55 of a dwell of 1:50 to 2:30: within its range, however long lifting takes. */
    @Test
    void film_liftedWithinItsRange_isNotLoggedTooSoon() {
        Way film = Catalogue.way("film-release");
        for (int seconds : new int[] {112, 115, 130, 150}) {
            Making making = Making.of(film.expand(Samples.usual(film)), BEGUN, List.of());
            Instant now = BEGUN;
            while (making.current().isPresent()) {
                Act act = making.current().orElseThrow();
                boolean dwells = making.waits().stream().anyMatch(wait -> wait.window() instanceof Window.Dwell);
                Instant safe = making.clock().map(clock -> clock.advised()).orElse(now);
                Instant end = dwells ? now.plusSeconds(seconds) : (safe.isAfter(now) ? safe : now).plus(act.handsOn());
                making = making.with(new Deed(act.id(), act.expected(), end, false));
                if (dwells) {
                    break;
                }
                now = end;
            }
            assertTrue(Departure.of(making).stream().noneMatch(departure -> departure.kind() == Departure.Kind.TOO_SOON), seconds + " s: " + Departure.of(making));
        }
    }

    /** Passed by when a making is begun further on, nothing was looked at: no belief moves. */
    @Test
    void startedFurtherOn_isNotTakenForALook() {
        int told = 0;
        for (Way way : Catalogue.ways()) {
            Making fresh = Making.of(way.expand(Samples.usual(way)), BEGUN, List.of());
            Act last = fresh.plan().acts().getLast();
            Making making = fresh;
            for (Deed deed : fresh.upTo(last.id(), BEGUN)) {
                making = making.with(deed);
                assertTrue(making.films().isEmpty(), way.key() + " " + deed);
                assertEquals(0, making.belief().seen(), way.key());
                told++;
            }
        }
        assertTrue(told > 100);
    }

    @Test
    void doubleCoat_coatsThePrintTwoOrThreeTimesInAll() {
        Way gel = Catalogue.way("gel-lay");
        Brief both = Samples.usual(gel).with("school", "double-coat");
        for (int coats = 2; coats <= 4; coats++) {
            Trace trace = Trace.of(gel.expand(coats == 4 ? both : both.dialled("print-coats", coats)));
            long onPrint = trace.moments().stream().filter(moment -> moment.act().step() instanceof Step.Apply coat && coat.onto().equals(Face.PRINT_FRONT)).count();
            assertEquals(coats == 4 ? 3 : coats, onPrint, "3 where nothing is said");
        }
    }

    /** However a soak is timed, thicker paper takes longer to be wet through; where too long fades the image, it fades later as well. */
    @ParameterizedTest
    @ValueSource(strings = {"fixed-inkjet-lay", "free-skin", "tape-lift", "gel-lay", "gesso-bed", "oiled-panel"})
    void heavyPaper_soaksLonger(String key) {
        Way way = Catalogue.way(key);
        Brief usual = Samples.usual(way);
        Brief soaked = way.choices().stream().anyMatch(choice -> choice.key().equals("water") && choice.options().stream().anyMatch(option -> option.key().equals("soak"))) ? usual.with("water", "soak") : usual;
        Window.Soak light = soak(way, soaked.dialled("paper", 80));
        Window.Soak heavy = soak(way, soaked.dialled("paper", 160));
        assertEquals(2, heavy.least().toMillis() / (double) light.least().toMillis(), 0.02);
        assertEquals(light.latest() == null, heavy.latest() == null);
        assertTrue(light.latest() == null || heavy.latest().minus(heavy.least()).equals(light.latest().minus(light.least())), heavy.toString());
    }

    private static Window.Soak soak(Way way, Brief brief) {
        return way.expand(brief).windows().stream().filter(Window.Soak.class::isInstance).map(Window.Soak.class::cast).findFirst().orElseThrow();
    }

    /** A sheet glued down for good holds on every support but plastic, a support of one's own that is like it included. */
    @Test
    void sheetsThatStay_areRefusedOnPlastic_andOnNothingElse() {
        List<Support> supports = Stream.concat(Support.values().stream(), Stream.of(Support.SYNTHETIC_SHEET.own("mine", "drafting film of mine", Support.Told.NOTHING))).toList();
        for (Way way : List.of(Catalogue.way("tissue-lay"), Catalogue.way("glued-print"))) {
            for (Support support : supports) {
                boolean refused = Trace.of(way.expand(Samples.usual(way).with(support))).refusals().stream().anyMatch(refusal -> refusal.kind() == Refusal.Kind.NOTHING_HOLDS);
                assertEquals(support.equals(Support.SYNTHETIC_SHEET) || support.own(), refused, way.key() + " on " + support.words());
            }
        }
        Way skin = Catalogue.way("skin-float");
        assertEquals(List.of(), Trace.of(skin.expand(Samples.usual(skin).with(Support.SYNTHETIC_SHEET))).refusals());
    }

    /** Hot air burns the tissue it reaches, and not what lies at the other end of the page. */
    @Test
    void hotAir_burnsOnlyTissueWithinItsReach() {
        Way tissue = Catalogue.way("tissue-lay");
        Way crackle = Catalogue.way("heat-crackle");
        for (Set<Integer> apart : List.of(Set.<Integer>of(), Set.of(0), Set.of(1), Set.of(0, 1))) {
            for (boolean sealed : new boolean[] {false, true}) {
                List<Sequence.Part> parts = new ArrayList<>(List.of(new Sequence.Part(tissue, Samples.usual(tissue)), new Sequence.Part(tissue, Samples.usual(tissue))));
                if (sealed) {
                    parts.add(new Sequence.Part(Catalogue.way("isolating"), Samples.usual(Catalogue.way("isolating"))));
                }
                parts.add(new Sequence.Part(crackle, Samples.usual(crackle).dialled("closer", 12).dialled("distance", 12).apart(apart)));
                Trace trace = Trace.of(Sequence.on(new Base(Support.BIRCH_PANEL, Samples.usual(tissue).ground()), parts).expand());
                boolean burns = trace.refusals().stream().anyMatch(refusal -> refusal.kind() == Refusal.Kind.MELTS && refusal.reason().toLowerCase(java.util.Locale.ROOT).contains("tissue"));
                assertEquals(apart.size() < 2, burns, apart + (sealed ? " sealed " : " ") + trace.refusals());
            }
        }
    }

    @Test
    void goldBacking_isThreeCoats() {
        Way backed = Catalogue.way("opaque-backed-lay");
        Brief gold = Samples.usual(backed).with("backing", "metallic");
        assertTrue(backed.dials(gold).stream().filter(dial -> dial.key().equals("coats")).allMatch(dial -> dial.usual().value() == 3));
    }

    @Test
    void washingUp_namesNoProductThatIsNotThere() {
        assertFalse(Hazard.WASHING.words().contains("acrylic"));
    }
}
