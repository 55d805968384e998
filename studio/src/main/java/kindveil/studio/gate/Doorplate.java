package kindveil.studio.gate;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import kindveil.studio.keep.StudioFolder;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Says where the studio is open, once it is: to whoever started it, and in its folder, for commands given beside it. */
@Component
class Doorplate implements DisposableBean {
    private final Path plate;

    Doorplate(Environment asked) {
        this.plate = StudioFolder.plate(Path.of(asked.getRequiredProperty("kindveil.data")));
    }

    @EventListener
    void open(WebServerInitializedEvent event) throws IOException {
        String address = "http://localhost:" + event.getWebServer().getPort();
        if (Files.isDirectory(plate.getParent())) {
            Files.writeString(plate, address);
        }
        System.out.println("Kind Veil is open at " + address);
    }

    @Override
    public void destroy() throws IOException {
        Files.deleteIfExists(plate);
    }
}
