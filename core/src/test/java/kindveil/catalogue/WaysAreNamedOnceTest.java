package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** No way is named outside its own class, the catalogue, the demo, samples and docs: not even in a page or a script. */
class WaysAreNamedOnceTest {
    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();

    private static Stream<Path> sources() throws IOException {
        return Stream.of("core/src/main", "studio/src/main").flatMap(folder -> {
            try {
                return Files.walk(ROOT.resolve(folder));
            } catch (IOException e) {
                throw new IllegalStateException(e);
            }
        }).filter(Files::isRegularFile).filter(file -> file.toString().matches(".*\\.(java|html|js|sql)"));
    }

    private static boolean may(Path file) {
        String path = ROOT.relativize(file).toString();
        return path.contains("/catalogue/") || path.contains("/demo/");
    }

    @Test
    void keysAndClassNames_standOnlyWhereTheyMay() throws IOException {
        List<String> found = new ArrayList<>();
        int read = 0;
        for (Path file : sources().toList()) {
            read++;
            String text = Files.readString(file);
            for (kindveil.way.Way way : Catalogue.ways()) {
                String name = way.getClass().getSimpleName();
                if (!may(file) && (text.contains("\"" + way.key() + "\"") || text.contains("'" + way.key() + "'") || text.matches("(?s).*\\b" + name + "\\b.*"))) {
                    found.add(ROOT.relativize(file) + " names " + way.key());
                }
            }
        }
        assertTrue(read > 150, "files read " + read);
        assertEquals(List.of(), found);
    }
}
