package kindveil.studio.store.form;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import kindveil.catalogue.Catalogue;
import kindveil.drying.Room;
import kindveil.light.Colour;
import kindveil.making.Begun;
import kindveil.measure.Humidity;
import kindveil.measure.Length;
import kindveil.measure.Temperature;
import kindveil.sheet.CheckRule;
import kindveil.studio.work.piece.Basis;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.piece.Image;
import kindveil.studio.work.piece.Manner;
import kindveil.studio.work.piece.PrintPlan;
import kindveil.studio.work.sheet.Gathering;
import kindveil.tone.Treatments;
import kindveil.way.Base;
import kindveil.way.Brief;
import kindveil.way.Printed;
import kindveil.way.Sequence;
import kindveil.way.Settings;
import kindveil.way.Way;
import tools.jackson.databind.JsonNode;

/**
 * Reads what the first form kept: the program's own records as they looked then, with constants by their names. A making kept
 * no plan but what was asked of its ways; it is expanded as those ways are written now, once, and from then on keeps that.
 */
public final class FirstForm {
    private FirstForm() {
    }

    /** A veil's design. */
    public static Design design(String text) {
        JsonNode n = Json.tree(text);
        return Json.guarded(() -> new Design(new Image(length(n, "printWidth"), Treatments.parse(n.get("treated").asString()), Treatments.parse(n.get("treatedBefore").asString()),
                n.path("opaque").asString(""), n.path("seamless").asString("")), new Manner(n.get("way").asString(), map(n.get("choices"), JsonNode::asString), map(n.get("dials"), JsonNode::asDouble),
                map(n.get("colours"), FirstForm::colour), Map.of()), Vocabulary.WISH.readFirstForm(text(n, "wish")),
                new PrintPlan(Vocabulary.PRINT.readFirstForm(text(n, "print")), Vocabulary.HAND_WISH.readFirstForm(text(n, "hand")), Vocabulary.PAPER.readFirstForm(text(n, "paper")), n.get("copies").asInt(), null)));
    }

    /** What the whole piece is made on, which its first veil's design held. */
    public static Basis basis(String firstDesign) {
        JsonNode n = Json.tree(firstDesign);
        return Json.guarded(() -> Basis.of(SupportForm.readFirstForm(text(n, "support")), Vocabulary.GROUND.readFirstForm(text(n, "ground")), colour(n.get("groundColour"))));
    }

    /** What a making was begun with. */
    public static Begun begun(String workText) {
        JsonNode parts = Json.tree(workText);
        return Json.guarded(() -> {
            List<Sequence.Part> read = new ArrayList<>();
            for (JsonNode part : parts) {
                Way way = Catalogue.way(part.get("way").asString());
                read.add(new Sequence.Part(way, brief(part.get("brief"))));
            }
            return Begun.of(Sequence.on(read.getFirst().brief().base(), read));
        });
    }

    private static Brief brief(JsonNode n) {
        Base base = new Base(SupportForm.readFirstForm(text(n, "support")), Vocabulary.GROUND.readFirstForm(text(n, "ground")));
        JsonNode r = n.get("room");
        Room room = new Room(new Temperature(r.get("temperature").get("celsius").asDouble()), new Humidity(r.get("humidity").get("percent").asDouble()), Vocabulary.AIRING.readFirstForm(text(r, "airing")));
        Printed printed = new Printed(Vocabulary.PRINT.readFirstForm(text(n, "print")), n.get("colourShare").asDouble(), 0, 0, Vocabulary.HAND.readFirstForm(text(n, "handOnPrint")));
        return new Brief(base, room, length(n, "width"), length(n, "height"), printed, Vocabulary.WISH.readFirstForm(text(n, "wish")),
                new Settings(map(n.get("choices"), JsonNode::asString), map(n.get("dials"), JsonNode::asDouble), map(n.get("colours"), FirstForm::colour), Map.of()));
    }

    /** What was gathered for the sheets. */
    public static Gathering gathering(int version, String wanted, String setUps) {
        return Json.guarded(() -> {
            List<Gathering.Wanted> images = new ArrayList<>();
            for (JsonNode w : Json.tree(wanted)) {
                images.add(new Gathering.Wanted(UUID.fromString(text(w, "piece")), w.get("veil").asInt(), w.path("copies").isNumber() ? w.get("copies").asInt() : null));
            }
            List<Gathering.SetUp> machines = new ArrayList<>();
            for (JsonNode s : Json.tree(setUps)) {
                machines.add(setUp(s));
            }
            return new Gathering(version, images, machines);
        });
    }

    private static Gathering.SetUp setUp(JsonNode s) {
        JsonNode rule = s.get("rule");
        List<List<Gathering.Spot>> byHand = new ArrayList<>();
        for (JsonNode sheet : s.path("byHand")) {
            List<Gathering.Spot> spots = new ArrayList<>();
            for (JsonNode p : sheet) {
                spots.add(new Gathering.Spot(UUID.fromString(text(p, "piece")), p.get("veil").asInt(), p.get("copy").asInt(), p.get("x").asDouble(), p.get("y").asDouble(), p.get("turned").asBoolean()));
            }
            byHand.add(spots);
        }
        CheckRule checked = new CheckRule(rule.get("scale").asDouble(), rule.path("measured").isObject() ? length(rule, "measured") : null, rule.get("rejected").asBoolean());
        return new Gathering.SetUp(Vocabulary.PRINT.readFirstForm(text(s, "kind")), text(s, "sheet"), text(s, "printedBy"), s.get("runs").asInt(), checked, s.get("turned").asBoolean(), byHand);
    }

    private static String text(JsonNode node, String field) {
        return node.get(field).asString();
    }

    private static Length length(JsonNode node, String field) {
        return new Length(node.get(field).get("nanometres").asLong());
    }

    private static Colour colour(JsonNode node) {
        return new Colour(node.get("red").asDouble(), node.get("green").asDouble(), node.get("blue").asDouble());
    }

    private static <T> Map<String, T> map(JsonNode node, Function<JsonNode, T> value) {
        Map<String, T> map = new HashMap<>();
        node.properties().forEach(e -> map.put(e.getKey(), value.apply(e.getValue())));
        return map;
    }
}
