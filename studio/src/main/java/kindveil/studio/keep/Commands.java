package kindveil.studio.keep;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.util.List;

/** What the launcher asks for without opening the studio: a backup, and bringing one back. */
public final class Commands {
    private static final int ALREADY_OPEN = 90020;

    private Commands() {
    }

    /**
     * {@code backup <data> <backups> [file]} or {@code restore <data> <file>}.
     *
     * @return 0 where it was done, 1 where it was refused in words
     */
    public static int run(List<String> words) {
        try {
            Path data = Path.of(words.get(1));
            if (words.getFirst().equals("restore")) {
                Backups.restore(Path.of(words.get(2)), data);
                System.out.println("Restored into " + data + ". Open it with ./kindveil start");
                return 0;
            }
            if (!Files.exists(data.resolve(Backups.STORE))) {
                throw new Backups.Failed("There is no studio in %s. Name its folder with KINDVEIL_HOME.".formatted(data));
            }
            try (Connection store = DriverManager.getConnection("jdbc:h2:file:%s;IFEXISTS=TRUE".formatted(data.resolve("studio").toAbsolutePath()), "sa", "")) {
                System.out.println("Backed up into " + backedUp(store, words));
            }
            return 0;
        } catch (Backups.Failed failed) {
            System.err.println(failed.getMessage());
            return 1;
        } catch (SQLException refused) {
            if (refused.getErrorCode() == ALREADY_OPEN) {
                return OpenStudio.backUp(words);
            }
            System.err.println("The studio's file cannot be opened: it is damaged, and was left as it is. " + StudioFolder.restoring(new Backups(Path.of(words.get(2))), Path.of(words.get(1))));
            return 1;
        }
    }

    private static Path backedUp(Connection store, List<String> words) {
        if (words.size() < 4) {
            return new Backups(Path.of(words.get(2))).make(store, LocalDateTime.now()).file();
        }
        Path file = Path.of(words.get(3)).toAbsolutePath();
        if (Files.exists(file)) {
            throw new Backups.Failed("%s is there already, and nothing is written over it. Name another file.".formatted(file));
        }
        Backups.write(store, file);
        return file;
    }
}
