package kindveil.studio;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A studio of its own process and folder, killed without warning and started again. */
class KillTest {
    @TempDir
    Path folder;

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    private Process start(int port) throws IOException {
        String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
        String classPath = System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
        Process process = new ProcessBuilder(java, "-cp", classPath, "-Xmx700m", "-XX:TieredStopAtLevel=1", "kindveil.studio.KindVeil", "--server.port=" + port, "--kindveil.data=" + folder)
                .redirectErrorStream(true).start();
        // the studio says when it is open; reading waits for exactly that
        try {
            var said = process.inputReader();
            for (String line = said.readLine(); line != null; line = said.readLine()) {
                if (line.startsWith("Kind Veil is open at")) {
                    new Thread(() -> said.lines().forEach(rest -> { })).start();
                    return process;
                }
            }
        } catch (IOException e) {
            process.destroyForcibly();
            throw e;
        }
        throw new AssertionError("the studio did not open");
    }

    private static String found(String pattern, String text) {
        Matcher m = Pattern.compile(pattern).matcher(text);
        assertTrue(m.find(), pattern);
        return m.group(1);
    }

    @Test
    void killed_withoutWarning_losesNothingThatWasAcknowledged() throws Exception {
        int port = freePort();
        Process process = start(port);
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

            process = start(port);
            Web again = new Web("http://localhost:" + port);
            String after = again.get(bench).text();
            for (String clock : new String[] {"began", "opens", "advised"}) {
                assertEquals(found("data-" + clock + "=\"(\\d+)\"", before), found("data-" + clock + "=\"(\\d+)\"", after));
            }
            assertTrue(after.contains("Wet the paper"));
            assertTrue(again.get("/log").words().contains("A pale corner."));
            assertTrue(again.get(piece + "/build").status() == 200);
        } finally {
            process.destroyForcibly();
        }
    }
}
