package kindveil.studio.work;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.stream.Stream;

/** A folder of the system's to lay things out in, gone with all that lies in it when it is closed. */
public record Beside(Path folder) implements AutoCloseable {
    public static Beside open() throws IOException {
        return new Beside(Files.createTempDirectory("kindveil"));
    }

    @Override
    public void close() {
        try (Stream<Path> files = Files.walk(folder)) {
            files.sorted(Comparator.reverseOrder()).forEach(file -> file.toFile().delete());
        } catch (IOException left) {
            // the system clears what lies there
        }
    }
}
