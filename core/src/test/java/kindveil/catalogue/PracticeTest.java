package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import kindveil.bench.Step;
import kindveil.drying.Room;
import kindveil.measure.Area;
import kindveil.measure.Length;
import kindveil.measure.Span;
import kindveil.reading.AmountReading;
import kindveil.sheet.TapeStrips;
import kindveil.way.Brief;
import kindveil.way.Dial;
import kindveil.way.Trace;
import kindveil.way.Way;
import kindveil.way.Wish;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What practitioners go by beside what the studio plans with all defaults at 21 °C and 50 %, for 10 × 15 cm: times in minutes, films in
 * µm, volumes in ml. Inside the range, or on its safe side with the reason beside it; never silently outside.
 */
class PracticeTest {
    private static final Map<String, Trace> KNOWN = new HashMap<>();

    /** A way with its defaults, or with choices made otherwise ("gel-lay school=deep-bed"). */
    private static Trace plan(String said) {
        return KNOWN.computeIfAbsent(said, key -> {
            String[] words = key.split(" ");
            Way way = Catalogue.way(words[0]);
            boolean sheet = said.contains("size=a4");
            Brief brief = Brief.usual(way, Length.ofMillimetres(sheet ? 210 : 100), Length.ofMillimetres(sheet ? 297 : 150), Room.of(21, 50));
            for (int i = 1; i < words.length; i++) {
                String[] choice = words[i].split("=");
                brief = choice[0].equals("wish") ? brief.with(Wish.valueOf(choice[1])) : choice[0].equals("size") ? brief : brief.with(choice[0], choice[1]);
            }
            return Trace.of(way.expand(way.checked(brief)));
        });
    }

    private static double figure(Trace trace, String probe) {
        String[] words = probe.split(":");
        String of = words[1];
        return switch (words[0]) {
            case "first", "safe", "latest" -> trace.moment(of).orElseThrow().waits().stream().mapToDouble(wait -> Span.inMinutes(words[0].equals("first") ? wait.times().earliest()
                    : words[0].equals("safe") ? wait.times().advised() : wait.times().latest() == null ? java.time.Duration.ZERO : wait.times().latest())).max().orElseThrow();
            case "hands" -> Span.inMinutes(trace.moment(of).orElseThrow().act().handsOn());
            case "acts" -> trace.moments().stream().filter(moment -> moment.act().key().matches(of)).count();
            case "film" -> trace.moments().stream().filter(moment -> moment.act().key().equals(of)).map(moment -> (Step.Apply) moment.act().step()).mapToDouble(Step.Apply::wetMicrometres).findFirst().orElseThrow();
            default -> throw new IllegalArgumentException(probe);
        };
    }

    @ParameterizedTest(name = "{0} {1}: {2} to {3} {4}")
    @CsvSource(delimiter = '|', value = {
        // a way with its choices | what is read | least | most | safe side, and why
        "plate-pull | film:image-paint | 5 | 10 |",
        "plate-pull | latest:lay-print | 0.2 | 0.5 |",
        "plate-pull | hands:press-print | 0.25 | 0.75 |",
        "plate-pull | first:pull-paint | 1 | 2 |",
        "plate-pull | safe:pull-paint | 1 | 3 |",
        "plate-pull | film:pull-paint | 5 | 14 |",
        "plate-pull | hands:press-paper | 1 | 2 |",
        "plate-to-tissue | latest:lay-tissue | 0.3 | 0.5 |",
        "plate-to-tissue | film:image-paint | 5 | 10 |",
        "film-release | film:bed | 60 | 80 |",
        "film-release | first:bed | 180 | 240 |",
        "film-release | safe:bed | 180 | 240 |",
        "film-release | first:peel | 1.83 | 2 |",
        "film-release | latest:peel | 2 | 2.5 |",
        "viscous-film-lay | first:bed | 30 | 30 |",
        "viscous-film-lay | first:peel | 0.83 | 1 |",
        "viscous-film-lay | latest:peel | 1 | 1.34 |",
        "viscous-film-lay | hands:rinse | 3 | 10 |",
        "viscous-film-lay | safe:look | 480 | 840 |",
        "oiled-panel | acts:undercoat-[0-9] | 2 | 2 |",
        "oiled-panel | first:undercoat-2 | 10 | 15 |",
        "oiled-panel | first:bed | 10 | 15 | longer: the second coat lies on a first that no longer drinks",
        "oiled-panel | latest:lay | 3 | 6 |",
        "oiled-panel | first:pass-1-wet | 60 | 840 |",
        "oiled-panel | safe:pass-1-wet | 480 | 840 |",
        "oiled-panel | hands:pass-1-rub | 4 | 6 |",
        "oiled-panel | first:pass-1-judge | 15 | 16.5 |",
        "oiled-panel | acts:pass-[0-9]-rub | 2 | 2 |",
        "oiled-panel | hands:oil | 2 | 6 |",
        "gel-lay | film:coat | 60 | 150 |",
        "gel-lay | first:pass-1-wet | 60 | 60 |",
        "gel-lay | safe:pass-1-wet | 60 | 180 |",
        "gel-lay | acts:pass-[0-9]-rub | 3 | 4 |",
        "gel-lay wish=SOFT | acts:pass-[0-9]-rub | 2 | 2 |",
        "gel-lay wish=GHOSTED | acts:pass-[0-9]-rub | 1 | 1 |",
        "gel-lay | first:pass-2-judge | 15 | 16 |",
        "gel-lay | safe:look | 15 | 60 |",
        "gel-lay weight=flat | safe:unload | 60 | 840 |",
        "gel-lay school=deep-bed | safe:pass-1-wet | 1440 | 2880 |",
        "gel-lay school=deep-bed | film:coat | 1600 | 3200 |",
        "gel-lay school=double-coat | acts:coat-print-[0-9]+ | 2 | 3 |",
        "gel-lay school=double-coat | first:coat-print-2 | 20 | 60 |",
        "gel-lay school=double-coat | safe:pass-1-wet | 480 | 960 |",
        "gesso-bed | film:bed | 400 | 600 |",
        "gesso-bed | safe:pass-1-wet | 480 | 840 |",
        "free-skin | acts:coat-[0-9] | 3 | 6 |",
        "free-skin | first:coat-2 | 20 | 60 |",
        "free-skin | first:pass-1-rub | 240 | 720 |",
        "free-skin | safe:after-skin | 480 | 840 |",
        "free-skin | first:finish | 60 | 480 |",
        "curved-skin | acts:coat-[0-9] | 2 | 2 |",
        "curved-skin | film:coat-1 | 60 | 110 |",
        "tape-lift | first:pass-1-rub | 10 | 30 |",
        "opaque-backed-lay | acts:opaque-[0-9] | 2 | 4 |",
        "opaque-backed-lay | safe:opaque-2 | 20 | 60 |",
        "opaque-backed-lay | safe:pass-1-wet | 480 | 840 |",
        "opaque-backed-lay | first:pass-1-rub | 0.5 | 1 |",
        "fixed-inkjet-lay | film:bed | 150 | 200 |",
        "fixed-inkjet-lay | first:pass-1-wet | 45 | 90 |",
        "fixed-inkjet-lay | safe:pass-1-wet | 60 | 120 |",
        "fixed-inkjet-lay | first:pass-1-rub | 2 | 3 |",
        "fixed-inkjet-lay | latest:pass-1-rub | 3 | 4 |",
        "gum-print | latest:ink | 5 | 15 |",
        "tissue-lay | film:under | 60 | 110 |",
        "block-guide | film:bed | 40 | 80 |",
        "block-guide | first:unload | 480 | 1440 |",
        "block-guide | safe:unload | 480 | 1440 |",
        "skin-float | first:float | 240 | 720 |",
        "skin-float | acts:coat-[0-9] | 2 | 2 |",
        "block-overprint | acts:shellac-[0-9] | 2 | 2 |",
        "block-overprint | safe:shellac-1 | 480 | 840 |",
        "underpainting | first:look | 10 | 15 | longer: on a page that drinks little, not on wood",
        "heat-crackle | film:pour | 800 | 2000 |"})
    void default_isWhatPractitionersGoBy(String way, String probe, double least, double most, String longer) {
        double found = figure(plan(way), probe);
        if (longer == null) {
            assertTrue(found >= least - 0.01 && found <= most + 0.01, way + " " + probe + " is " + found);
        } else {
            assertTrue(found > most, way + " " + probe + " is " + found + ": no longer on the safe side, take the reason away");
        }
    }

    @ParameterizedTest
    @CsvSource({"film-release, bottle, 90, 100", "film-release, dwell, 110, 150", "plate-pull, rub-seconds, 15, 45", "tape-lift, overlap, 3, 8", "gum-print, drops, 6, 6", "skin-float, wetting, 16, 16",
        "heat-crackle, distance, 20, 30", "opaque-backed-lay, opaque, 60, 100"})
    void dial_beginsWherePracticeBegins(String key, String name, double least, double most) {
        Way way = Catalogue.way(key);
        Dial dial = way.dials(Samples.usual(way)).stream().filter(d -> d.key().equals(name)).findFirst().orElseThrow();
        assertTrue(dial.usual().value() >= least && dial.usual().value() <= most, dial.toString());
    }

    /** For 10 × 15 cm a thin coat is 1.5 to 5 ml, a deep bed 25 to 50, 15 ml of viscous gel go on an A4 sheet; a thin film is a spoonful's part. */
    @ParameterizedTest
    @CsvSource({"gel-lay, coat, 1.5, 5", "gel-lay school=deep-bed, coat, 25, 50", "viscous-film-lay size=a4, bed, 13, 18", "film-release, bed, 0.8, 3", "plate-pull, image-paint, 0.05, 0.5"})
    void amount_isWhatPractitionersMeasureOut(String said, String act, double least, double most) {
        Trace trace = plan(said);
        Area area = said.contains("size=") ? Area.of(Length.ofMillimetres(210), Length.ofMillimetres(297)) : Area.of(Length.ofMillimetres(100), Length.ofMillimetres(150));
        double wide = said.contains("size=") ? 210 : 100;
        double ml = AmountReading.of(trace, Length.ofMillimetres(wide), Length.ofMillimetres(area.squareMillimetres() / wide)).forAct(trace.moment(act).orElseThrow().act().id()).orElseThrow().volume().millilitres();
        assertTrue(ml >= least && ml <= most, said + " takes " + ml);
    }

    @Test
    void stripsOfTape_areAsManyAsTheRuleSays() {
        assertEquals(3, TapeStrips.count(Length.ofMillimetres(100), Length.ofMillimetres(48), Length.ofMillimetres(5)));
        assertEquals(List.of(1, 2, 4), Stream.of(40, 80, 150).map(wide -> TapeStrips.count(Length.ofMillimetres(wide), Length.ofMillimetres(48), Length.ofMillimetres(5))).toList());
    }
}
