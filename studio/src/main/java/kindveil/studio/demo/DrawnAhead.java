package kindveil.studio.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * The demo's pictures as PNG, drawn once: a picture is read from the folder {@code kindveil.demo-pictures} where it lies there,
 * else drawn and laid there. Without such a folder each is drawn when it is wanted. The folder belongs to one build and is thrown
 * away with it.
 */
@Component
@ConditionalOnProperty(name = "kindveil.demo", havingValue = "true")
class DrawnAhead {
    private final String folder;

    DrawnAhead(@Value("${kindveil.demo-pictures:}") String folder) {
        this.folder = folder;
    }

    byte[] png(String name, Supplier<byte[]> drawing) {
        if (folder.isEmpty()) {
            return drawing.get();
        }
        Path file = Path.of(folder).resolve(name);
        try {
            if (!Files.exists(file)) {
                Files.createDirectories(file.getParent());
                Files.write(file, drawing.get());
            }
            return Files.readAllBytes(file);
        } catch (IOException refused) {
            throw new UncheckedIOException(refused);
        }
    }
}
