package kindveil.studio.demo;

import java.io.IOException;
import java.net.HttpURLConnection;
import java.net.URI;
import java.util.List;
import kindveil.studio.KindVeil;
import kindveil.studio.work.piece.PieceWork;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * Opens the demo studio in memory, looks at its first pages and closes it. What that loads is what every later opening loads,
 * so that the machine can keep it; and the demo's pictures are drawn by it, ahead.
 */
public final class Rehearsal {
    private Rehearsal() {
    }

    /** {@code rehearse <folder for the pictures> [property...]}. */
    public static void run(List<String> words) throws IOException {
        List<String> settings = new java.util.ArrayList<>(List.of("--server.port=0", "--spring.datasource.url=jdbc:h2:mem:rehearsal", "--kindveil.demo=true", "--kindveil.demo-pictures=" + words.get(1)));
        settings.addAll(words.subList(2, words.size()));
        try (ConfigurableApplicationContext studio = SpringApplication.run(KindVeil.class, settings.toArray(String[]::new))) {
            String address = "http://localhost:" + studio.getEnvironment().getProperty("local.server.port");
            String piece = "/pieces/" + studio.getBean(PieceWork.class).all().getFirst().id();
            for (String page : List.of("/", "/pieces", "/log", piece + "/source", piece + "/build", piece + "/make", "/css/kindveil.css")) {
                look(address + page);
            }
        }
    }

    private static void look(String address) throws IOException {
        HttpURLConnection page = (HttpURLConnection) URI.create(address).toURL().openConnection();
        page.getInputStream().readAllBytes();
    }
}
