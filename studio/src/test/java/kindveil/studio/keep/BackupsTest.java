package kindveil.studio.keep;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.studio.KindVeil;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.picture.Pictures;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** A studio in a folder of its own: backed up while it is open, spoilt, and brought back. */
class BackupsTest {
    @TempDir
    Path home;

    private static ConfigurableApplicationContext open(Path data, String... more) {
        List<String> words = new java.util.ArrayList<>(List.of("--server.port=0", "--kindveil.data=" + data, "--logging.level.org.springframework.boot.diagnostics=off"));
        words.addAll(List.of(more));
        return kindveil.studio.OpenStudio.started(new SpringApplicationBuilder(KindVeil.class), words.toArray(String[]::new));
    }

    private static String address(ConfigurableApplicationContext studio) {
        return "http://localhost:" + studio.getEnvironment().getProperty("local.server.port");
    }

    private static Path made(Path data) {
        return new Backups(data.resolve("backups")).last().orElseThrow().file();
    }

    @Test
    void backup_ofAnOpenStudio_comesBackBitForBit() throws IOException {
        Path data = home.resolve("studio");
        UUID oar;
        String words;
        byte[] original;
        try (ConfigurableApplicationContext studio = open(data)) {
            Web web = new Web(address(studio));
            Piece piece = studio.getBean(PieceWork.class).begin("Oar", Length.ofMillimetres(90), "oar.png", Samples.cornerPng());
            oar = piece.id();
            web.post("/pieces/" + oar + "/make", Map.of());
            assertTrue(web.get("/room").words().contains("Not yet: one is made by itself after a day with changes"));
            Path cutOff = data.resolve("backups/studio-20261101-101010.zip.part");
            Path writing = data.resolve("backups/studio-20261101-101011.zip.part");
            Files.createDirectories(cutOff.getParent());
            Files.write(cutOff, new byte[9]);
            Files.write(writing, new byte[9]);
            Files.setLastModifiedTime(cutOff, FileTime.from(Instant.now().minusSeconds(4000)));
            Web.Answer room = web.post("/room/backup", Map.of());
            assertTrue(Files.notExists(cutOff) && Files.exists(writing), "what was cut off long ago is cleared, what may be being written is not");
            Files.delete(writing);
            assertTrue(room.words().contains("opened and counted to see that it is whole"), room.words());
            words = web.get("/pieces/" + oar + "/build").words();
            original = studio.getBean(Pictures.class).original(piece.picture());
            web.post("/pieces/" + oar + "/notes", Map.of("once", UUID.randomUUID().toString(), "verdict", "NEARLY"));
            // asked from beside it, the open studio makes the backup
            assertEquals(0, Commands.run(List.of("backup", data.toString(), data.resolve("backups").toString(), home.resolve("taken.zip").toString())));
        }
        assertEquals("rwx------", PosixFilePermissions.toString(Files.getPosixFilePermissions(data)));
        assertEquals(1, Commands.run(List.of("restore", data.toString(), home.resolve("taken.zip").toString())), "never over a studio");
        Path other = home.resolve("other");
        assertEquals(0, Commands.run(List.of("restore", other.toString(), home.resolve("taken.zip").toString())));
        try (ConfigurableApplicationContext studio = open(other)) {
            Web web = new Web(address(studio));
            assertEquals(words, web.get("/pieces/" + oar + "/build").words());
            assertArrayEquals(original, studio.getBean(Pictures.class).original(studio.getBean(PieceWork.class).get(oar).picture()));
            assertTrue(web.get("/log").words().contains("Oar"));
        }
        assertEquals(0, Commands.run(List.of("backup", other.toString(), other.resolve("backups").toString())), "closed, it is backed up without being opened as a studio");
        assertTrue(Files.exists(made(other)));
    }

    @Test
    void folder_thatCannotBeAStudio_isRefusedInTwoSentences() throws IOException {
        Path data = home.resolve("studio");
        try (ConfigurableApplicationContext studio = open(data)) {
            studio.getBean(PieceWork.class).begin("Oar", Length.ofMillimetres(90), "oar.png", Samples.cornerPng());
            new Web(address(studio)).post("/room/backup", Map.of());
        }
        Backups backups = new Backups(data.resolve("backups"));
        Path store = data.resolve(Backups.STORE);
        byte[] whole = Files.readAllBytes(store);

        Files.write(store, new byte[0]);
        StudioFolder.Unopenable empty = assertThrows(StudioFolder.Unopenable.class, () -> StudioFolder.require(data, backups));
        assertTrue(empty.getMessage().contains("is empty, so it is not opened and no new studio is begun") && empty.remedy().contains("./kindveil restore " + made(data)), empty + empty.remedy());
        assertThrows(RuntimeException.class, () -> open(data));
        assertEquals(0, Files.size(store), "left as it was");

        byte[] damaged = whole.clone();
        java.util.Arrays.fill(damaged, 0, damaged.length - 100, (byte) 7);
        Files.write(store, damaged);
        assertThrows(RuntimeException.class, () -> open(data));
        assertArrayEquals(damaged, Files.readAllBytes(store), "left as it was");
        assertEquals(1, Commands.run(List.of("backup", data.toString(), data.resolve("backups").toString())));

        Files.delete(store);
        assertEquals(0, Commands.run(List.of("restore", data.toString(), made(data).toString())));
        try (ConfigurableApplicationContext studio = open(data)) {
            assertEquals("Oar", studio.getBean(PieceWork.class).all().getFirst().title());
        }
        Path file = Files.writeString(home.resolve("a-file"), "precious");
        assertTrue(assertThrows(StudioFolder.Unopenable.class, () -> StudioFolder.require(file, backups)).getMessage().contains("cannot be made"));
    }

    @Test
    void restore_ofWhatIsNoBackup_saysSo() throws IOException {
        Path other = Files.writeString(home.resolve("other.zip"), "no zip");
        assertTrue(assertThrows(Backups.Failed.class, () -> Backups.restore(other, home.resolve("new"))).getMessage().contains("is no backup of a studio"));
        assertTrue(assertThrows(Backups.Failed.class, () -> Backups.restore(home.resolve("none.zip"), home.resolve("new"))).getMessage().contains("There is no file"));
        assertTrue(Files.notExists(home.resolve("new").resolve(Backups.STORE)));
    }

    @Test
    void fullDisk_isToldOf_theStudioGoesOnShowing() {
        try (ConfigurableApplicationContext studio = open(home.resolve("full"), "--kindveil.least-free=8000000GB")) {
            Web web = new Web(address(studio));
            Web.Answer refused = web.upload("/pieces", Map.of("title", "Oar", "width", "90 mm"), "picture", "oar.png", Samples.cornerPng());
            assertEquals(507, refused.status());
            assertTrue(refused.words().contains("The disk is full, so nothing was changed") && refused.words().contains("MB are left there, and 8589934592 MB are needed") && refused.words().contains("needs no restart"), refused.words());
            assertEquals(200, web.get("/pieces").status());
        }
    }

    @Test
    void studioOfAnEarlierForm_isBackedUpBeforeItIsBroughtOver() throws IOException {
        Path data = Files.createDirectories(home.resolve("earlier"));
        Files.copy(Path.of("src/test/resources/frozen/form-1/studio.mv.db"), data.resolve(Backups.STORE));
        int pieces;
        try (ConfigurableApplicationContext studio = open(data)) {
            pieces = studio.getBean(PieceWork.class).all().size();
            assertEquals(1, studio.getBean(BackupWork.class).backups().all().size());
        }
        Path again = home.resolve("again");
        Backups.restore(made(data), again);
        try (ConfigurableApplicationContext studio = open(again)) {
            assertEquals(pieces, studio.getBean(PieceWork.class).all().size());
            assertEquals(1, studio.getBean(BackupWork.class).backups().all().size(), "it was of the earlier form still");
        }
    }

    /** Once a day at most, and only where something changed since. */
    @Test
    void daily_makesOneWhereSomethingChanged() {
        try (ConfigurableApplicationContext studio = open(home.resolve("daily"))) {
            Backups backups = studio.getBean(BackupWork.class).backups();
            daily(studio, 0);
            daily(studio, 0);
            assertEquals(1, backups.all().size());
            daily(studio, 1);
            assertEquals(1, backups.all().size(), "nothing changed");
            studio.getBean(PieceWork.class).begin("Oar", Length.ofMillimetres(90), "oar.png", Samples.cornerPng());
            daily(studio, 1);
            daily(studio, 2);
            assertEquals(2, backups.all().size());
        }
    }

    /** As a studio opened so many days from now would. */
    private static void daily(ConfigurableApplicationContext studio, int days) {
        java.time.Clock then = java.time.Clock.offset(java.time.Clock.systemUTC(), java.time.Duration.ofDays(days));
        new BackupWork(studio.getBean(javax.sql.DataSource.class), studio.getEnvironment(), then, java.time.ZoneOffset.UTC).daily();
    }
}
