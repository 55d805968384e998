package kindveil.studio;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The launcher's words when something is in its way; nothing is built or started here. */
class LauncherTest {
    private static final Path LAUNCHER = Path.of("..", "kindveil").toAbsolutePath().normalize();
    @TempDir
    Path home;

    private record Said(int code, String words) {
    }

    private Said run(Map<String, String> environment, String... arguments) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of("bash", LAUNCHER.toString()));
        command.addAll(List.of(arguments));
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.environment().put("HOME", home.toString());
        builder.environment().putAll(environment);
        Process process = builder.start();
        String words = new String(process.getInputStream().readAllBytes());
        assertTrue(process.waitFor(30, TimeUnit.SECONDS));
        return new Said(process.exitValue(), words);
    }

    @Test
    void help_namesTheCommandsAndTheFolders() throws Exception {
        Said said = run(Map.of(), "help");
        assertEquals(0, said.code());
        for (String word : List.of("demo", "start", "test", "--port", "KINDVEIL_HOME", "8420")) {
            assertTrue(said.words().contains(word), word);
        }
    }

    @Test
    void unknownCommandOrOption_saysSo() throws Exception {
        assertNotEquals(0, run(Map.of(), "dance").code());
        assertTrue(run(Map.of(), "dance").words().contains("“dance” is not known."));
        assertTrue(run(Map.of(), "start", "--colour").words().contains("“--colour” is not known here."));
    }

    @Test
    void port_unusable_namesValueAndRange() throws Exception {
        for (String port : List.of("abc", "80", "70000", "")) {
            Said said = run(Map.of(), "start", "--port", port);
            assertEquals(1, said.code());
            assertTrue(said.words().contains("--port: “" + port + "” cannot be used. Give a number from 1024 to 65535"), said.words());
        }
    }

    @Test
    void port_taken_saysWhatToDo() throws Exception {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getByName("127.0.0.1"))) {
            Said said = run(Map.of(), "start", "--port", String.valueOf(taken.getLocalPort()));
            assertEquals(1, said.code());
            assertTrue(said.words().contains("Port " + taken.getLocalPort() + " is taken") && said.words().contains("--port " + (taken.getLocalPort() + 10)), said.words());
        }
    }

    @Test
    void demo_inAFolderOfSomethingElse_leavesItAlone() throws Exception {
        Path own = Files.createDirectories(home.resolve("own"));
        Files.writeString(own.resolve("studio.mv.db"), "precious");
        Said said = run(Map.of("KINDVEIL_DEMO_HOME", own.toString()), "demo", "--port", "18420");
        assertEquals(1, said.code());
        assertTrue(said.words().contains("holds something that is not a demo studio, so it is left alone"), said.words());
        assertEquals("precious", Files.readString(own.resolve("studio.mv.db")));
    }

    @Test
    void start_inTheDemosFolder_isRefused() throws Exception {
        Files.writeString(home.resolve("demo-studio"), "");
        assertTrue(run(Map.of("KINDVEIL_HOME", home.toString()), "start", "--port", "18420").words().contains("is the demo studio's folder"));
    }

    @Test
    void maven_missing_isInstalledWhereThatIsAllowed_elseTheLineToTypeIsSaid() throws Exception {
        Path commands = withoutMaven();
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getByName("127.0.0.1"))) {
            String[] start = {"start", "--port", String.valueOf(taken.getLocalPort())};
            command(commands, "id", "echo 1000");
            Said refused = run(Map.of("PATH", commands.toString()), start);
            assertEquals(1, refused.code());
            assertTrue(refused.words().contains("Install with: sudo apt-get install maven"), refused.words());

            command(commands, "id", "echo 0");
            command(commands, "apt-get", "echo \"$@\" >>%s/asked; printf '#!/bin/sh\\n' >%s/mvn; chmod +x %s/mvn".formatted(home, commands, commands));
            Said installed = run(Map.of("PATH", commands.toString()), start);
            assertTrue(installed.words().contains("Installing maven (building) ..."), installed.words());
            // with it there, the start goes on to the next thing that can be in its way
            assertTrue(installed.words().contains("is taken"), installed.words());
            assertEquals("install -y -qq --no-install-recommends maven\n", Files.readString(home.resolve("asked")));
        }
        for (Path link : Files.list(commands).toList()) {
            Files.delete(link);
        }
    }

    /** Every command of this machine but Maven, and two that the test speaks for. */
    private Path withoutMaven() throws IOException {
        Path commands = Files.createDirectory(home.resolve("commands"));
        for (Path folder : List.of(Path.of("/usr/bin"), Path.of("/bin"))) {
            try (var all = Files.list(folder)) {
                for (Path each : all.toList()) {
                    Path link = commands.resolve(each.getFileName());
                    if (!List.of("mvn", "id", "apt-get").contains(each.getFileName().toString()) && !Files.exists(link, java.nio.file.LinkOption.NOFOLLOW_LINKS)) {
                        Files.createSymbolicLink(link, each);
                    }
                }
            }
        }
        return commands;
    }

    private static void command(Path folder, String name, String script) throws IOException {
        Path file = folder.resolve(name);
        Files.writeString(file, "#!/bin/sh\n" + script + "\n");
        assertTrue(file.toFile().setExecutable(true));
    }

    @Test
    void launcher_andCi_arePartOfTheProject() {
        assertTrue(Files.isExecutable(LAUNCHER));
        assertTrue(Files.isExecutable(LAUNCHER.resolveSibling(".ci").resolve("run")));
    }
}
