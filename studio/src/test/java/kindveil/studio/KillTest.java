package kindveil.studio;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindveil.studio.keep.Backups;
import java.util.HashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.ConcurrentHashMap;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.Set;
import java.util.spi.ToolProvider;
import java.util.Random;
import java.nio.file.Files;
import java.io.File;
import java.io.UncheckedIOException;
import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.nio.file.StandardWatchEventKinds;
import java.nio.file.WatchService;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A studio of its own process and folder, killed without warning and started again. */
class KillTest {
    @TempDir
    private static Path packs;
    /** Kinds of things a person does one after another. */
    private static final int KINDS = 5;
    private static String classPath;
    /** How the classes read at a start are kept, then used. */
    private static String archived;
    @TempDir
    Path folder;

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    /** What a start reads, packed and kept as an archive of classes by a first start: a dozen starts would read it anew. */
    @BeforeAll
    static void pack() throws Exception {
        List<String> parts = new ArrayList<>();
        for (String part : System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")).split(File.pathSeparator)) {
            Path from = Path.of(part);
            if (Files.isDirectory(from) && !from.endsWith("test-classes")) {
                Path packed = packs.resolve("classes-%d.jar".formatted(parts.size()));
                assertEquals(0, ToolProvider.findFirst("jar").orElseThrow().run(System.out, System.err, "-c", "-0", "-f", packed.toString(), "-C", from.toString(), "."));
                parts.add(packed.toString());
            } else if (Files.isRegularFile(from)) {
                parts.add(part);
            }
        }
        classPath = String.join(File.pathSeparator, parts);
        Path archive = packs.resolve("studio.jsa");
        archived = "-XX:ArchiveClassesAtExit=" + archive;
        Process first = start(freePort(), packs.resolve("first"));
        first.destroy();
        assertTrue(first.waitFor(120, TimeUnit.SECONDS));
        assertTrue(Files.isRegularFile(archive), "no archive of classes");
        archived = "-XX:SharedArchiveFile=" + archive;
    }

    private static Process launch(int port, Path folder) throws IOException {
        String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
        return new ProcessBuilder(java, "-cp", classPath, "-Xmx700m", "-XX:TieredStopAtLevel=1", archived, "-Xlog:all=off", "kindveil.studio.KindVeil", "--server.port=" + port, "--kindveil.data=" + folder)
                .redirectErrorStream(true).start();
    }

    private static Process start(int port, Path folder) throws IOException {
        Process process = launch(port, folder);
        List<String> heard = new ArrayList<>();
        // the studio says when it is open; reading waits for exactly that
        try {
            var said = process.inputReader();
            for (String line = said.readLine(); line != null; line = said.readLine()) {
                heard.add(line);
                if (line.startsWith("Kind Veil is open at")) {
                    new Thread(() -> said.lines().forEach(rest -> { })).start();
                    return process;
                }
            }
        } catch (IOException e) {
            process.destroyForcibly();
            throw e;
        }
        throw new AssertionError("the studio did not open: " + heard);
    }

    private static String group(String pattern, String text) {
        Matcher m = Pattern.compile(pattern).matcher(text);
        assertTrue(m.find(), pattern);
        return m.group(1);
    }

    /** What was acknowledged so far. */
    private static final class Acknowledged {
        private final Map<String, String> pieces = new ConcurrentHashMap<>();
        private final Map<String, Integer> told = new ConcurrentHashMap<>();
        private final Set<String> notes = ConcurrentHashMap.newKeySet();
        private final AtomicInteger number = new AtomicInteger();
        private final Semaphore begun = new Semaphore(0);
        // makings found as told, with how far: read again when more was told of them, and all of them at the end
        private final Map<String, Integer> found = new HashMap<>();

        private String bench(Web web) {
            String piece = begun(web);
            String bench = web.post(piece + "/make", Map.of()).path();
            told.put(bench, 0);
            return bench;
        }

        private String begun(Web web) {
            String title = "Oar " + number.incrementAndGet();
            Web.Answer made = web.upload("/pieces", Map.of("title", title, "width", "120 mm"), "picture", "oar.png", Samples.cornerPng());
            assertEquals(200, made.status());
            String piece = made.path().replaceAll("/source$", "");
            pieces.put(piece, title);
            return piece;
        }

        /** One thing after another of one kind, each counted once it is answered, until nobody answers any more. */
        private void goOn(Web web, int kind) {
            try {
                String bench = bench(web);
                begun.release();
                String piece = pieces.keySet().iterator().next();
                for (int i = 0; ; i++) {
                    switch (kind) {
                        case 0 -> {
                            bench = told.get(bench) >= 8 ? bench(web) : bench;
                            int seq = told.get(bench);
                            assertEquals(200, web.post(bench + "/tell", Map.of("seq", String.valueOf(seq), "answer", "0", "ago", "0")).status());
                            told.put(bench, seq + 1);
                        }
                        case 1 -> begun(web);
                        case 2 -> {
                            Web.Answer backup = web.post("/room/backup", Map.of());
                            assertEquals("/room", backup.path(), backup.words());
                        }
                        case 3 -> {
                            String came = "Came %d-%d.".formatted(number.incrementAndGet(), i);
                            assertEquals(200, web.uploads(piece + "/notes", Map.of("once", UUID.randomUUID().toString(), "verdict", "NEARLY", "came", came), Map.of("photo", Samples.cornerPng())).status());
                            notes.add(came);
                        }
                        default -> assertEquals(200, web.post(piece + "/make", Map.of()).status());
                    }
                }
            } catch (UncheckedIOException killed) {
                // as it should be
            }
        }

        private void newIsThere(Web web) {
            String all = web.get("/pieces").words();
            pieces.values().forEach(title -> assertTrue(all.contains(title), title));
            told.forEach((bench, seq) -> {
                if (!seq.equals(found.put(bench, seq))) {
                    assertTrue(Integer.parseInt(group("name=\"seq\" value=\"(\\d+)\"", web.get(bench).text())) >= seq, bench);
                }
            });
            String log = web.get("/log").words();
            notes.forEach(came -> assertTrue(log.contains(came), came));
            assertEquals(200, web.get("/").status());
            assertEquals(200, web.get("/sheets").status());
        }

        private void isAllThere(Web web) {
            found.clear();
            newIsThere(web);
        }
    }

    /** Killed while deeds are told, pictures are sent, a backup is written, a result is noted, all at once; 200 times with {@code -Dkindveil.kills=200}. */
    @Test
    void killed_atAnyMoment_losesNothingThatWasAcknowledged() throws Exception {
        int kills = Integer.getInteger("kindveil.kills", 2);
        Random moments = new Random(7);
        Acknowledged acknowledged = new Acknowledged();
        int port = freePort();
        for (int kill = 0; kill < kills; kill++) {
            try (ExecutorService hands = Executors.newVirtualThreadPerTaskExecutor()) {
                killed(acknowledged, hands, port, 600 + moments.nextInt(2500));
            }
        }
        Process process = start(port, folder);
        try {
            acknowledged.isAllThere(new Web("http://localhost:" + port));
        } finally {
            process.destroyForcibly();
        }
        for (Backups.Backup backup : new Backups(folder.resolve("backups")).all()) {
            Path other = folder.resolve("restored-" + backup.file().getFileName());
            Backups.restore(backup.file(), other);
            assertTrue(Files.exists(other.resolve("studio.mv.db")), "what is called a backup is one");
        }
    }

    /** Five people at it, each at something else. */
    private void killed(Acknowledged acknowledged, ExecutorService hands, int port, int after) throws Exception {
        Process process = start(port, folder);
        try {
            String address = "http://localhost:" + port;
            acknowledged.newIsThere(new Web(address));
            List<Future<?>> people = IntStream.range(0, KINDS).<Future<?>>mapToObj(kind -> hands.submit(() -> acknowledged.goOn(new Web(address), kind))).toList();
            // not before each has begun something, and at any moment after
            assertTrue(acknowledged.begun.tryAcquire(KINDS, 60, TimeUnit.SECONDS));
            assertFalse(process.waitFor(after, TimeUnit.MILLISECONDS));
            process.destroyForcibly();
            for (Future<?> person : people) {
                // what went wrong before it was killed is told here
                person.get(40, TimeUnit.SECONDS);
            }
            acknowledged.begun.drainPermits();
        } finally {
            process.destroyForcibly().waitFor();
        }
    }

    /** A studio of the first form, killed while it is backed up and brought over: the opening after it finds every making. */
    @Test
    void killed_whileItIsBroughtOver_isBroughtOverAtTheNextOpening() throws Exception {
        int kills = Math.max(2, Integer.getInteger("kindveil.kills", 0) / 5);
        Random moments = new Random(11);
        Path all = folder;
        for (int kill = 0; kill < kills; kill++) {
            folder = all.resolve("kill-" + kill);
            Path backups = Files.createDirectories(folder.resolve("backups"));
            Files.copy(Path.of("src/test/resources/frozen/form-1/studio.mv.db"), folder.resolve("studio.mv.db"));
            try (WatchService watched = backups.getFileSystem().newWatchService()) {
                backups.register(watched, StandardWatchEventKinds.ENTRY_CREATE);
                Process process = launch(freePort(), folder);
                try {
                    // however long a busy machine takes to open it: as long as it goes on, the backup is still to come
                    while (watched.poll(1, TimeUnit.SECONDS) == null) {
                        assertTrue(process.isAlive(), "it ended before it was brought over, and made no backup");
                    }
                    assertFalse(process.waitFor(moments.nextInt(900), TimeUnit.MILLISECONDS));
                } finally {
                    process.destroyForcibly().waitFor();
                }
            }
            int port = freePort();
            Process process = start(port, folder);
            try {
                String today = new Web("http://localhost:" + port).get("/").text();
                assertEquals(4, Pattern.compile("href=\"(/bench/[0-9a-f-]{36})\"").matcher(today).results().map(m -> m.group(1)).distinct().count());
                assertFalse(today.contains("set apart"));
            } finally {
                process.destroyForcibly();
            }
        }
    }

    @Test
    void killed_withoutWarning_losesNothingThatWasAcknowledged() throws Exception {
        int port = freePort();
        Process process = start(port, folder);
        try {
            Web web = new Web("http://localhost:" + port);
            Web.Answer source = web.upload("/pieces", Map.of("title", "Heron at the landing", "width", "120 mm"), "picture", "heron.png", Samples.cornerPng());
            String piece = source.path().replaceAll("/source$", "");
            String bench = web.post(piece + "/make", Map.of()).path();
            int seq = 0;
            for (; seq < 8; seq++) {
                assertEquals(200, web.post(bench + "/tell", Map.of("seq", String.valueOf(seq), "answer", "0", "ago", "0")).status());
            }
            Web.Answer note = web.post(piece + "/notes", Map.of("once", "00000000-0000-4000-8000-00000000000a", "verdict", "NEARLY", "came", "A pale corner.", "different", "", "printedBy", "shop"));
            assertEquals(200, note.status());
            String before = web.get(bench).text();
            process.destroyForcibly();
            assertTrue(process.waitFor(20, TimeUnit.SECONDS));

            process = start(port, folder);
            Web again = new Web("http://localhost:" + port);
            String after = again.get(bench).text();
            for (String clock : new String[] {"began", "opens", "advised"}) {
                assertEquals(group("data-" + clock + "=\"(\\d+)\"", before), group("data-" + clock + "=\"(\\d+)\"", after));
            }
            assertTrue(after.contains("Wet the paper"));
            assertTrue(again.get("/log").words().contains("A pale corner."));
            assertTrue(again.get(piece + "/build").status() == 200);
        } finally {
            process.destroyForcibly();
        }
    }
}
