package kindveil.studio.demo;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.util.List;
import kindveil.studio.OpenStudio;
import kindveil.studio.KindVeil;
import kindveil.studio.Web;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

class DemoStudioTest {
    private static ConfigurableApplicationContext context;

    @BeforeAll
    static void open() {
        context = OpenStudio.started(new SpringApplicationBuilder(KindVeil.class), "--server.port=0", "--spring.datasource.url=jdbc:h2:mem:demo;DB_CLOSE_DELAY=-1", "--kindveil.demo=true",
                "--kindveil.data=target/none", "--spring.jmx.enabled=false");
    }

    @AfterAll
    static void close() {
        context.close();
    }

    @Test
    void demo_isMidWork() {
        PieceWork pieces = context.getBean(PieceWork.class);
        assertEquals(List.of("Heron at the landing", "Mooring rope", "Kingfisher", "Water-gauge", "Lantern moth, blue", "Ferry window", "Ticket on tape", "Reed bed", "Ferry ticket", "Moth by lamplight"), pieces.all().stream().map(Piece::title).toList());
        assertEquals(3, context.getBean(MakeWork.class).active().size());
        assertEquals(List.of("failed", "as I wished"), context.getBean(LogWork.class).all().stream().map(e -> e.verdict().words()).toList());
        for (Piece piece : pieces.all()) {
            assertTrue(pieces.plan(piece).sound(), piece.title());
        }
    }

    @Test
    void demo_everyPageAndEveryLinkOnIt_leadsSomewhere() {
        Web web = new Web("http://localhost:" + context.getEnvironment().getProperty("local.server.port"));
        java.util.Set<String> seen = new java.util.TreeSet<>();
        java.util.Deque<String> next = new java.util.ArrayDeque<>(List.of("/"));
        java.util.Set<String> kinds = new java.util.HashSet<>();
        while (!next.isEmpty()) {
            String path = next.pop();
            // files to take away and pictures are read by their own tests: one of each shows that the link is right
            String kind = path.replaceAll("\\?.*", "").replaceAll(".*/([^/]*\\.\\w+)$", "$1").replaceAll("\\d", "");
            if (!seen.add(path) || path.contains("left=") || !kind.contains("/") && !kinds.add(kind)) {
                continue;
            }
            Web.Answer page = web.get(path);
            assertEquals(200, page.status(), path);
            var links = java.util.regex.Pattern.compile("(?:href|src)=\"(/[^\"#]*)").matcher(page.text());
            while (links.find()) {
                String link = links.group(1).replace("&amp;", "&");
                if (!link.contains("/look/") && !link.endsWith(".png")) {
                    // one verdict's page stands for all of a table's
                    next.push(link.startsWith("/ways") ? link.replaceAll("\\?.*", "") : link);
                }
            }
        }
        assertTrue(seen.size() > 45, seen.size() + " pages");
    }

    @Test
    void drawings_sameSeed_areTheSame() {
        BufferedImage one = Drawings.moth();
        BufferedImage other = Drawings.moth();
        for (int i = 0; i < 1200; i += 37) {
            assertEquals(one.getRGB(i, i), other.getRGB(i, i));
        }
    }
}
