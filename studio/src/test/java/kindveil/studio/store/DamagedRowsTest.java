package kindveil.studio.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Web;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * One thing wrong in what is stored, in every column that holds text of the studio's own: no page is taken away by it. Columns are found
 * from the tables; what is wrong is drawn, round by round, from all there is in them.
 */
class DamagedRowsTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int ROUNDS = Integer.getInteger("kindveil.damages", 4);
    private static final List<String> PAGES = List.of("/", "/pieces", "/sittings", "/sittings.ics", "/log", "/jars", "/shelf", "/shelf/things", "/shelf/stock", "/shelf/prints", "/sheets", "/books", "/room", "/devices", "/ways", "/symptoms");

    private record Column(String table, String name) {
    }

    private static Connection store(String url) throws SQLException {
        return DriverManager.getConnection(url, "sa", "");
    }

    private static List<Column> columns(Connection store) throws SQLException {
        List<Column> columns = new ArrayList<>();
        try (ResultSet found = store.createStatement().executeQuery("select table_name, column_name from information_schema.columns where table_schema = 'PUBLIC' and column_name like '%\\_JSON' escape '\\' order by 1, 2")) {
            while (found.next()) {
                columns.add(new Column(found.getString(1), found.getString(2)));
            }
        }
        return columns;
    }

    /** Every text of a column as it stands, each once. */
    private static List<String> texts(Connection store, Column column) throws SQLException {
        Set<String> texts = new TreeSet<>();
        try (ResultSet found = store.createStatement().executeQuery("select %s from %s where %1$s is not null".formatted(column.name, column.table))) {
            while (found.next()) {
                texts.add(found.getString(1));
            }
        }
        return List.copyOf(texts);
    }

    /** @return how many rows hold the other text now: none where the studio has written them again */
    private static int replace(Connection store, Column column, String text, String other) throws SQLException {
        try (PreparedStatement statement = store.prepareStatement("update %s set %s = ? where cast(%2$s as varchar) = ?".formatted(column.table, column.name))) {
            statement.setString(1, other);
            statement.setString(2, text);
            return statement.executeUpdate();
        }
    }

    /** One value of it otherwise: nothing, of another kind, beyond its range, or left out. */
    private static String damaged(String text, Random random) {
        JsonNode tree = JSON.readTree(text);
        List<Runnable> ways = new ArrayList<>();
        collect(tree, ways, random);
        ways.get(random.nextInt(ways.size())).run();
        return JSON.writeValueAsString(tree);
    }

    private static void collect(JsonNode node, List<Runnable> ways, Random random) {
        if (node instanceof ObjectNode object) {
            for (String name : List.copyOf(object.propertyNames())) {
                ways.add(() -> object.remove(name));
                ways.add(() -> object.putNull(name));
                ways.add(() -> object.put(name, List.of("no such thing", "", "-1").get(random.nextInt(3))));
                ways.add(() -> object.put(name, List.of(-1, 0, 2_000_000_000).get(random.nextInt(3))));
                collect(object.get(name), ways, random);
            }
        } else if (node instanceof ArrayNode array) {
            ways.add(() -> array.addNull());
            ways.add(() -> array.add(JSON.createObjectNode()));
            array.forEach(each -> collect(each, ways, random));
        }
    }

    @Test
    void oneThingWrongInEveryColumn_takesNoPageAway() throws Exception {
        String url = "jdbc:h2:mem:damaged-%s;DB_CLOSE_DELAY=-1".formatted(UUID.randomUUID());
        Map<String, String> wrong = new TreeMap<>();
        Set<String> held = new TreeSet<>();
        List<String> pages;
        try (Studio demo = OpenStudio.open(url, "--kindveil.demo=true")) {
            Web web = new Web(demo.address());
            for (String page : PAGES) {
                assertTrue(web.get(page).status() < 400, page + " " + web.get(page).status());
            }
            web.post("/sittings", Map.of("version", "0", "hours", "Mon–Sun 09:00–18:00", "piece", demo.bean(kindveil.studio.work.piece.PieceWork.class).all().getFirst().id().toString()));
            pages = new ArrayList<>(PAGES);
            demo.bean(kindveil.studio.work.piece.PieceWork.class).all().stream().limit(3).forEach(piece -> List.of("build", "make", "finish", "notes", "print").forEach(page -> pages.add("/pieces/" + piece.id() + "/" + page)));
        }
        Random random = new Random(29);
        try (Connection store = store(url)) {
            List<Column> columns = columns(store);
            assertTrue(columns.size() > 12, columns.toString());
            for (int round = 0; round < ROUNDS; round++) {
                Map<Column, String[]> changed = new java.util.LinkedHashMap<>();
                List<String> told = new ArrayList<>();
                for (Column column : columns) {
                    List<String> texts = texts(store, column);
                    if (!texts.isEmpty()) {
                        held.add(column.table);
                        String text = texts.get(random.nextInt(texts.size()));
                        String other = damaged(text, random);
                        assertTrue(replace(store, column, text, other) > 0, "nothing replaced in " + column);
                        changed.put(column, new String[] {text, other});
                        told.add(column.table);
                    }
                }
                try (Studio again = OpenStudio.open(url)) {
                    Web web = new Web(again.address());
                    for (String page : pages) {
                        int status = web.get(page).status();
                        if (status >= 500) {
                            wrong.put("round " + round + " " + page, status + " " + told);
                        }
                    }
                }
                for (Map.Entry<Column, String[]> each : changed.entrySet()) {
                    replace(store, each.getKey(), each.getValue()[1], each.getValue()[0]);
                }
            }
            assertTrue(held.size() > 8, held.toString());
        }
        assertEquals(Map.of(), wrong);
    }

    /** A row that cannot be read is named on Today, and every table of one row is looked at. */
    @Test
    void damagedPlanOfEvenings_isNamedOnToday() throws Exception {
        String url = "jdbc:h2:mem:named-%s;DB_CLOSE_DELAY=-1".formatted(UUID.randomUUID());
        try (Studio studio = OpenStudio.open(url); Connection store = store(url)) {
            assertEquals(1, store.createStatement().executeUpdate("merge into diary (id, version, diary_json) key (id) values (1, 0, '{\"form\":2,\"pieces\":[null]}')"));
            Web.Answer today = new Web(studio.address()).get("/");
            assertEquals(200, today.status());
            assertTrue(today.words().contains("The plan of your evenings cannot be read"), today.words());
        }
        List<String> kinds = StoredOnlyRows.ALL.stream().map(kind -> kind.row().getSimpleName()).sorted().toList();
        List<String> rows = new ArrayList<>();
        try (java.util.stream.Stream<java.nio.file.Path> files = java.nio.file.Files.list(java.nio.file.Path.of("src/main/java/kindveil/studio/store"))) {
            for (java.nio.file.Path file : files.filter(java.nio.file.Files::isRegularFile).sorted().toList()) {
                if (java.nio.file.Files.readString(file).contains("Entity extends OnlyRow")) {
                    rows.add(file.getFileName().toString().replace(".java", ""));
                }
            }
        }
        assertEquals(rows, kinds);
    }
}
