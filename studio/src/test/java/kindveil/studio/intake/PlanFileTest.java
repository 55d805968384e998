package kindveil.studio.intake;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import kindveil.bench.Ground;
import kindveil.bench.Hand;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.catalogue.Catalogue;
import kindveil.drying.Room;
import kindveil.light.Colour;
import kindveil.measure.Length;
import kindveil.shape.Region;
import kindveil.way.Brief;
import kindveil.way.Trace;
import kindveil.way.Way;
import kindveil.way.Wish;
import kindveil.way.Sequence;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class PlanFileTest {
    private static final Way TAPE = Catalogue.way("tape-lift");
    private static final Way GLAZE = Catalogue.way("glazing");
    private static final PlanFile PLAN = new PlanFile("Ferry window", Support.JOURNAL_PAGE, Ground.ACRYLIC_PAINT, Colour.parse("g", "#c9b48a"),
            new PlanFile.Sheet(Length.ofMillimetres(210), Length.ofMillimetres(297)), List.of(
            new PlanFile.Veil(TAPE, Length.ofMillimetres(75), Length.ofMillimetres(0), Length.ofMillimetres(0), PrintKind.PHOTOCOPY, Wish.SOFT, Hand.READS_RIGHT,
                    Map.of("stick", "gel"), Map.of("soak", 12.0), Map.of(), -7.5, null),
            new PlanFile.Veil(GLAZE, null, Length.ofMillimetres(0), Length.ofMillimetres(0), PrintKind.GOOD_TONER, Wish.SOFT, Hand.READS_RIGHT, Map.of(), Map.of("coats", 2.0),
                    Map.of("glaze", Colour.parse("c", "#7b4a22")), 30, new PlanFile.Place(Length.ofMillimetres(40), Length.ofMillimetres(25), Region.rectangle(0.1, 0.1, 0.9, 0.5)))));

    private static Trace trace() {
        Brief brief = Brief.usual(TAPE, Length.ofMillimetres(75), Length.ofMillimetres(100), Room.of(21, 50)).with(Support.JOURNAL_PAGE);
        Brief over = Brief.usual(GLAZE, Length.ofMillimetres(75), Length.ofMillimetres(100), Room.of(21, 50)).with(Support.JOURNAL_PAGE).dialled("coats", 2);
        return Trace.of(new Sequence(List.of(new Sequence.Part(TAPE, brief), new Sequence.Part(GLAZE, over))).expand());
    }

    private static String written() {
        return PLAN.write(trace());
    }

    @Test
    void read_whatWasWritten_isTheSame() {
        PlanFile back = PlanFile.read(written().getBytes(StandardCharsets.UTF_8));
        assertEquals(PLAN.veils().getFirst(), back.veils().getFirst());
        assertEquals(PLAN.title(), back.title());
        assertEquals(PLAN.page(), back.page());
        assertEquals(Map.of("coats", 2.0), back.veils().get(1).dials());
        assertEquals("#7b4a22", back.veils().get(1).colours().get("glaze").toString());
        assertEquals(null, back.veils().get(1).width());
    }

    @Test
    void write_actsWithTheirWaits_forReadingElsewhere() {
        JsonNode acts = JsonMapper.builder().build().readTree(written()).get("acts");
        assertEquals(trace().moments().size(), acts.size());
        long latest = 0;
        for (JsonNode act : acts) {
            for (JsonNode wait : act.get("waits")) {
                latest += wait.get("latest").isNull() ? 0 : 1;
            }
        }
        assertTrue(latest >= 2, "windows that close: " + latest);
    }

    /** Every technique in air so damp that nothing gets through: a wait without an end has no times in the file, every other has them, as the schema says. */
    @Test
    void write_outOfReach_hasNoTimes() throws Exception {
        JsonNode schema = JsonMapper.builder().build().readTree(Files.readString(Path.of("../docs/plan.schema.json")));
        JsonNode wait = schema.get("$defs").get("act").get("properties").get("waits").get("items").get("properties");
        int without = 0;
        for (Way way : Catalogue.ways()) {
            Trace damp = Trace.of(way.expand(Brief.usual(way, Length.ofMillimetres(75), Length.ofMillimetres(100), Room.of(21, 95))));
            JsonNode acts = JsonMapper.builder().build().readTree(PLAN.write(damp)).get("acts");
            for (int i = 0; i < acts.size(); i++) {
                for (int j = 0; j < acts.get(i).get("waits").size(); j++) {
                    boolean never = damp.moments().get(i).waits().get(j).times().never();
                    without += never ? 1 : 0;
                    for (String name : List.of("earliest", "advised")) {
                        assertEquals(never, acts.get(i).get("waits").get(j).get(name).isNull(), way.key() + " " + acts.get(i));
                        assertTrue(wait.get(name).get("type").toString().contains("null"), name);
                    }
                }
            }
        }
        assertTrue(without > 5, "waits without an end: " + without);
    }

    /** The published schema names exactly the fields that are read and written. */
    @Test
    void schema_namesTheSameFields() throws Exception {
        JsonNode schema = JsonMapper.builder().build().readTree(Files.readString(Path.of("../docs/plan.schema.json")));
        JsonNode plan = JsonMapper.builder().build().readTree(written());
        for (String name : plan.propertyNames()) {
            assertTrue(schema.get("properties").has(name), name);
        }
        for (JsonNode veil : plan.get("veils")) {
            for (String name : veil.propertyNames()) {
                assertTrue(schema.get("$defs").get("veil").get("properties").has(name), name);
            }
        }
        for (String name : plan.get("acts").get(0).propertyNames()) {
            assertTrue(schema.get("$defs").get("act").get("properties").has(name), name);
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "\"version\" : 1                 | \"version\" : 2                  | version: “2” cannot be used. Expected 1, the only one there is.",
        "\"format\" : \"kind-veil-plan\" | \"format\" : \"recipe\"          | format: “recipe” cannot be used. Expected “kind-veil-plan”.",
        "\"way\" : \"tape-lift\"         | \"way\" : \"honey-lift\"         | veils[0].way: “honey-lift” cannot be used. Expected one of [gel-lay",
        "\"width\" : 75.0                | \"width\" : 7500                 | veils[0].width: “7500” cannot be used. Expected 10 to 400, in millimetres.",
        "\"width\" : 75.0                | \"wide\" : 75                    | veils[0].wide is not known here. Expected only [choices,",
        "\"stick\" : \"gel\"             | \"stick\" : \"honey\"            | veils[0].choices.stick: “honey” cannot be used. Expected one of [own, gel].",
        "\"soak\" : 12.0                 | \"soak\" : \"long\"              | veils[0].dials.soak: “long” cannot be used. Expected a number.",
        "\"support\" : \"journal-page\"  | \"support\" : \"glass\"          | support: “glass” cannot be used. Expected one of [birch-panel",
        "\"groundColour\" : \"#c9b48a\"  | \"groundColour\" : \"sand\"      | groundColour: “sand” cannot be used. Expected a colour written #rrggbb.",
        "\"glaze\" : \"#7b4a22\"         | \"honey\" : \"#7b4a22\"          | veils[1].colours.honey: “#7b4a22” cannot be used. Expected one of [glaze].",
        "\"height\" : 297.0          | \"height\" : 3000               | page.height: “3000” cannot be used. Expected 20 to 1500, in millimetres.",
        "\"title\" : \"Ferry window\"    | \"title\" : \"\"                 | title: “” cannot be used. Expected 1 to 120 signs."})
    void read_oneThingWrong_namesPlaceValueAndRange(String right, String wrong, String message) {
        String text = written().replace(right, wrong);
        assertTrue(!text.equals(written()), "nothing replaced: " + right);
        PlanFile.Unreadable unreadable = assertThrows(PlanFile.Unreadable.class, () -> PlanFile.read(text.getBytes(StandardCharsets.UTF_8)));
        assertTrue(unreadable.problems().stream().anyMatch(p -> p.startsWith(message)), unreadable.problems().toString());
    }

    @Test
    void read_severalThingsWrong_tellsAll() {
        String text = written().replace("\"version\" : 1", "\"version\" : 9").replace("journal-page", "glass").replace("\"soft\"", "\"nice\"");
        assertEquals(4, assertThrows(PlanFile.Unreadable.class, () -> PlanFile.read(text.getBytes(StandardCharsets.UTF_8))).problems().size());
    }

    @Test
    void read_noPlanAtAll_saysSo() {
        for (String text : List.of("", "[]", "{", "hello", "null")) {
            assertTrue(assertThrows(PlanFile.Unreadable.class, () -> PlanFile.read(text.getBytes(StandardCharsets.UTF_8))).getMessage().startsWith("The plan file"), text);
        }
        assertTrue(assertThrows(PlanFile.Unreadable.class, () -> PlanFile.read(new byte[300_000])).getMessage().contains("300000 bytes"));
    }
}
