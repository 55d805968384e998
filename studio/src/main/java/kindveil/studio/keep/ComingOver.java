package kindveil.studio.keep;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;

/**
 * A store that is being brought into the form of a newer program. Its tables change one after another and not at once, so one that was
 * cut off half-way is in no form at all: a mark in its folder says which backup it was before, and the next opening begins from that.
 *
 * @param folder of the studio
 */
record ComingOver(Path folder) {
    private static final String MARK = "being-brought-over";

    private Path mark() {
        return folder.resolve(MARK);
    }

    /** Before the first table changes. @param version the form it is brought into */
    void begin(Path backup, String version) {
        try {
            Path part = folder.resolve(MARK + ".part");
            Files.write(part, List.of(version, backup.toAbsolutePath().toString()));
            Files.move(part, mark(), StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            throw new Backups.Failed("The studio's folder %s could not be written to: %s. Nothing was changed.".formatted(folder, e.getMessage()));
        }
    }

    void done() throws IOException {
        Files.deleteIfExists(mark());
    }

    /** Before the store is opened: where bringing it over was cut off, its backup takes its place again. */
    void takeUp() throws IOException {
        if (Files.notExists(mark())) {
            return;
        }
        List<String> told = Files.readAllLines(mark());
        Path store = folder.resolve(Backups.STORE);
        if (told.size() == 2 && Files.exists(store) && !through(told.getFirst())) {
            System.out.println("Bringing the studio over was cut off; it is begun again from the backup made before, " + told.getLast() + ".");
            Files.deleteIfExists(folder.resolve("studio.trace.db"));
            Backups.replace(Path.of(told.getLast()), folder);
        }
        done();
    }

    /** Whether the store has got there: then only the mark was left. */
    private boolean through(String version) {
        try (Connection store = DriverManager.getConnection("jdbc:h2:file:%s;IFEXISTS=TRUE".formatted(folder.resolve("studio").toAbsolutePath()), "sa", "");
                PreparedStatement asked = store.prepareStatement("select count(*) from \"flyway_schema_history\" where \"version\" = ? and \"success\"")) {
            asked.setString(1, version);
            try (ResultSet rows = asked.executeQuery()) {
                return rows.next() && rows.getInt(1) > 0;
            }
        } catch (SQLException unreadable) {
            return false;
        }
    }
}
