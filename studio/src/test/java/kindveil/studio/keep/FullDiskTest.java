package kindveil.studio.keep;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import kindveil.studio.KindVeil;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** A studio on a file system of its own of 32 MB, filled to its last block; only where this may be mounted. */
class FullDiskTest {
    private static final int MEGABYTE = 1 << 20;
    @TempDir
    Path home;
    private Path disk;

    @BeforeEach
    void mount() throws Exception {
        disk = Files.createDirectory(home.resolve("disk"));
        assumeTrue(done("mount", "-t", "tmpfs", "-o", "size=32m", "tmpfs", disk.toString()), "a small file system may be mounted");
    }

    @AfterEach
    void unmount() throws Exception {
        done("umount", "-l", disk.toString());
    }

    private static boolean done(String... command) throws InterruptedException {
        try {
            return new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(ProcessBuilder.Redirect.DISCARD).start().waitFor() == 0;
        } catch (IOException unknown) {
            return false;
        }
    }

    private ConfigurableApplicationContext open() {
        return kindveil.studio.OpenStudio.started(new SpringApplicationBuilder(KindVeil.class), "--server.port=0", "--kindveil.data=" + disk.resolve("studio"), "--kindveil.backups=" + home.resolve("backups"), "--kindveil.least-free=-100MB");
    }

    private static Web web(ConfigurableApplicationContext studio) {
        return new Web("http://localhost:" + studio.getEnvironment().getProperty("local.server.port"));
    }

    private static Web.Answer piece(Web web, String title, int seed) {
        return web.upload("/pieces", Map.of("title", title, "width", "90 mm"), "picture", "oar.png", noise(seed));
    }

    /** Some 550 kB that nothing packs smaller. */
    private static byte[] noise(int seed) {
        BufferedImage image = new BufferedImage(424, 424, BufferedImage.TYPE_INT_RGB);
        Random random = new Random(seed);
        for (int i = 0; i < 424 * 424; i++) {
            image.setRGB(i % 424, i / 424, random.nextInt());
        }
        return Samples.encoded(image, "png");
    }

    @Test
    void fullToTheLastBlock_nothingKeptIsLost_andItWritesAgainWhenThereIsRoom() throws Exception {
        List<String> kept = new ArrayList<>();
        try (ConfigurableApplicationContext studio = open()) {
            Web web = web(studio);
            Path filler = disk.resolve("filler");
            AtomicBoolean over = new AtomicBoolean();
            CompletableFuture<Set<Integer>> reader = CompletableFuture.supplyAsync(() -> answersUntil(over, web(studio)));
            for (int round = 0; round < 2; round++) {
                Files.write(filler, new byte[(round == 0 ? 17 : 9) * MEGABYTE]);
                Web.Answer last = null;
                for (int i = 0; i < 200 && (last == null || last.status() == 200); i++) {
                    String title = "Oar %d-%d".formatted(round, i);
                    last = piece(web, title, 1000 * round + i);
                    if (last.status() == 200) {
                        kept.add(title);
                    }
                }
                assertEquals(507, last.status(), last.words());
                assertShows(web, kept);
                Files.delete(filler);
                String after = "Rope " + round;
                assertEquals(200, piece(web, after, 77 + round).status(), "it writes again, without a restart");
                kept.add(after);
            }
            assertShows(web, kept);
            over.set(true);
            assertEquals(Set.of(200), reader.get(30, TimeUnit.SECONDS), "who only reads is never refused");
        }
        try (ConfigurableApplicationContext studio = open()) {
            assertShows(web(studio), kept);
        }
    }

    private static Set<Integer> answersUntil(AtomicBoolean over, Web web) {
        Set<Integer> answers = new TreeSet<>();
        while (!over.get()) {
            answers.add(web.get("/pieces").status());
        }
        return answers;
    }

    private static void assertShows(Web web, List<String> titles) {
        Web.Answer pieces = web.get("/pieces");
        assertEquals(200, pieces.status(), pieces.words());
        titles.forEach(title -> assertTrue(pieces.words().contains(title), title));
        assertEquals(200, web.get("/").status());
    }
}
