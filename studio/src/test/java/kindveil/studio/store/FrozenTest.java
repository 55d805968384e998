package kindveil.studio.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.UUID;
import kindveil.measure.UnitSystem;
import kindveil.studio.OpenStudio;
import kindveil.studio.intake.PlanFile;
import kindveil.studio.store.form.DesignForm;
import kindveil.studio.store.form.JudgedForm;
import kindveil.studio.store.form.Json;
import kindveil.studio.store.form.PlanForm;
import kindveil.studio.store.form.Unreadable;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.Pieces;
import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.sheet.Gatherings;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A studio kept in the first form, as it was on the day that form ended: it opens, and every making in it goes on. */
class FrozenTest {
    private static final Path FROZEN = Path.of("src/test/resources/frozen/form-1");

    @TempDir
    Path folder;

    private static UUID id(int number) {
        return UUID.fromString("00000000-0000-4000-8000-%012d".formatted(number));
    }

    private String thawed() throws IOException {
        Files.copy(FROZEN.resolve("studio.mv.db"), folder.resolve("studio.mv.db"));
        return "jdbc:h2:file:" + folder.resolve("studio").toAbsolutePath();
    }

    private static String get(OpenStudio.Studio studio, String path) throws IOException, InterruptedException {
        HttpResponse<String> answer = HttpClient.newHttpClient().send(HttpRequest.newBuilder(URI.create(studio.address() + path)).build(), HttpResponse.BodyHandlers.ofString());
        assertEquals(200, answer.statusCode(), () -> path + answer.body().replaceAll("(?s)<[^>]*>", " ").replaceAll("\\s+", " "));
        return answer.body();
    }

    @Test
    void firstForm_isReadWhole_andEachMakingStandsWhereItStood() throws Exception {
        try (OpenStudio.Studio studio = OpenStudio.open(thawed())) {
            Pieces pieces = studio.bean(Pieces.class);
            MakeWork makings = studio.bean(MakeWork.class);
            assertEquals(List.of(), pieces.kept().apart());
            assertEquals(List.of(), makings.kept().apart());
            assertEquals(List.of(), studio.bean(LogWork.class).kept().apart());
            assertStands(makings, 101, "coat-wash");
            assertStands(makings, 102, "lay");
            assertStands(makings, 103, "set-out-gel-plate");
            assertStands(makings, 104, "clean");
            assertTrue(makings.get(id(105)).making().current().isEmpty(), "finished");
            assertTrue(makings.get(id(106)).laidAside());
            assertEquals(4, makings.active().size());
            assertEquals(2, studio.bean(LogWork.class).all().size());
            assertEquals(2, studio.bean(Gatherings.class).now().wanted().size());
            assertEquals(19.5, studio.bean(Rooms.class).now().celsius());
            assertEquals(UnitSystem.US, studio.bean(Rooms.class).now().units());
            for (String page : List.of("/", "/pieces", "/log", "/sheets", "/room")) {
                assertFalse(get(studio, page).contains("set apart"), page);
            }
            for (int piece = 1; piece <= 6; piece++) {
                for (String station : List.of("source", "build", "print", "make", "finish", "notes")) {
                    get(studio, "/pieces/" + id(piece) + "/" + station);
                }
            }
        }
    }

    private static void assertStands(MakeWork makings, int number, String key) {
        StoredMaking stored = makings.get(id(number));
        assertEquals(key, stored.making().current().orElseThrow().id().key(), "making " + number);
        assertEquals(stored.told().size(), stored.making().moments().size(), "deeds of making " + number);
    }

    @Test
    void firstForm_everyMakingGoesOnToItsEnd_alsoAfterOpeningAgain() throws Exception {
        String store = thawed();
        try (OpenStudio.Studio studio = OpenStudio.open(store)) {
            for (StoredMaking active : studio.bean(MakeWork.class).active()) {
                told(studio.bean(MakeWork.class), active, 2);
            }
        }
        try (OpenStudio.Studio studio = OpenStudio.open(store)) {
            for (StoredMaking active : studio.bean(MakeWork.class).active()) {
                told(studio.bean(MakeWork.class), active, 100);
            }
            assertEquals(List.of(), studio.bean(MakeWork.class).active());
            // out and in again it is the same, and it can be taken away for good
            java.io.ByteArrayOutputStream archive = new java.io.ByteArrayOutputStream();
            studio.bean(kindveil.studio.archive.ArchiveWork.class).write(List.of(), archive);
            assertEquals(studio.bean(PieceWork.class).all().size(), studio.bean(kindveil.studio.archive.ArchiveWork.class).take(new java.io.ByteArrayInputStream(archive.toByteArray())).same().size());
            studio.bean(PieceWork.class).all().forEach(piece -> studio.bean(PieceWork.class).remove(piece.id(), piece.title()));
            assertTrue(studio.bean(PieceWork.class).none());
        }
    }

    private static void told(MakeWork makings, StoredMaking from, int most) {
        StoredMaking making = from;
        for (int i = 0; i < most && making.making().current().isPresent(); i++) {
            int before = making.told().size();
            makings.tell(making.id(), before, making.making().current().get().answers().indexOf(making.making().current().get().usual()), 0, true);
            making = makings.get(making.id());
            assertEquals(before + 1, making.told().size());
        }
    }

    /** A row, what is written over it, and where it is missed. */
    private record Spoilt(String page, String table, String column, String key, UUID id, String wrong) {
        String where() {
            return "%s = '%s'".formatted(key, id);
        }
    }

    private static final List<Spoilt> SPOILT = List.of(new Spoilt("/pieces", "veil", "design_json", "piece_id", id(2), "{}"),
            new Spoilt("/", "making", "plan_json", "id", id(103), "{\"form\":99}"), new Spoilt("/log", "entry", "judged_json", "entry_id", id(500), "{\"form\":2,"));

    /** Each kind of row spoilt: told of where it is missed, left as it is, and nothing else touched. */
    @Test
    void spoiltRows_areSetApart_andTheRestIsThere() throws Exception {
        String store = thawed();
        try (OpenStudio.Studio studio = OpenStudio.open(store)) {
            assertEquals(4, studio.bean(MakeWork.class).active().size());
        }
        for (Spoilt row : SPOILT) {
            write(store, "update %s set %s = ? where %s".formatted(row.table(), row.column(), row.where()), row.wrong());
        }
        try (OpenStudio.Studio studio = OpenStudio.open(store)) {
            for (Spoilt row : SPOILT) {
                String page = get(studio, row.page());
                assertTrue(page.contains("set apart") && page.contains(row.id().toString()), row.toString());
            }
            get(studio, "/pieces/" + id(1) + "/make");
            get(studio, "/bench/" + id(101));
            get(studio, "/sheets");
            assertEquals(3, studio.bean(MakeWork.class).active().size());
        }
        for (Spoilt row : SPOILT) {
            assertEquals(row.wrong(), read(store, "select %s from %s where %s".formatted(row.column(), row.table(), row.where())));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "{", "{\"form\":2,", "{\"form\":99}", "{}", "[]", "null", "{\"form\":2,\"unknown\":1}"})
    void storedForm_broken_laterOrOfAnotherShape_isToldOf(String wrong) {
        assertThrows(Unreadable.class, () -> Json.guarded(Json.read(wrong, DesignForm.class)::design));
        assertThrows(Unreadable.class, () -> Json.guarded(Json.read(wrong, PlanForm.class)::begun));
        assertThrows(Unreadable.class, () -> Json.guarded(Json.read(wrong, JudgedForm.class)::judged));
    }

    private static void write(String store, String sql, String value) throws SQLException {
        try (Connection connection = DriverManager.getConnection(store, "sa", ""); PreparedStatement statement = connection.prepareStatement(sql)) {
            statement.setString(1, value);
            assertTrue(statement.executeUpdate() > 0, sql);
        }
    }

    private static String read(String store, String sql) throws SQLException {
        try (Connection connection = DriverManager.getConnection(store, "sa", ""); PreparedStatement statement = connection.prepareStatement(sql); ResultSet rows = statement.executeQuery()) {
            assertTrue(rows.next());
            return rows.getString(1);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"deep", "window"})
    void planFile_ofTheFirstForm_isRead_andBeginsAPiece(String name) throws Exception {
        PlanFile plan = PlanFile.read(Files.readAllBytes(FROZEN.resolve(name + ".plan.json")));
        assertEquals(name.equals("deep") ? 1 : 3, plan.veils().size());
    }
}
