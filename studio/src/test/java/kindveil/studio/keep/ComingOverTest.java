package kindveil.studio.keep;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A store cut off while its tables were changed, at every point between. */
class ComingOverTest {
    @TempDir
    Path folder;
    private ComingOver over;
    private Path backup;

    /** Of form 1, with one row, backed up. */
    @BeforeEach
    void begin() throws Exception {
        over = new ComingOver(folder);
        run("create table \"flyway_schema_history\" (\"version\" varchar(10), \"success\" boolean)", "insert into \"flyway_schema_history\" values ('1', true)", "create table run (id int)", "insert into run values (7)");
        try (Connection store = open()) {
            backup = new Backups(folder.resolve("backups")).make(store, LocalDateTime.of(2026, 3, 5, 18, 0)).file();
        }
    }

    private Connection open() throws SQLException {
        return DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("studio").toAbsolutePath(), "sa", "");
    }

    private void run(String... statements) throws SQLException {
        try (Connection store = open(); Statement statement = store.createStatement()) {
            for (String one : statements) {
                statement.execute(one);
            }
        }
    }

    private int seven(String table) throws SQLException {
        try (Connection store = open(); Statement statement = store.createStatement(); ResultSet rows = statement.executeQuery("select id from " + table)) {
            rows.next();
            return rows.getInt(1);
        }
    }

    private boolean marked() {
        return Files.exists(folder.resolve("being-brought-over"));
    }

    @Test
    void unmarked_isLeftAsItIs() throws Exception {
        run("alter table run rename to making");
        over.takeUp();
        assertEquals(7, seven("making"));
    }

    @Test
    void cutOffHalfWay_beginsAgainFromTheBackup_alsoWhenThatIsCutOff() throws Exception {
        over.begin(backup, "2");
        run("alter table run rename to making", "delete from making");
        over.takeUp();
        assertEquals(7, seven("run"));
        assertTrue(!marked());
        over.begin(backup, "2");
        // cut off before anything changed
        over.takeUp();
        assertEquals(7, seven("run"));
    }

    /** The last thing before the end: all tables are there, and only the mark is left. What was done since is not lost. */
    @Test
    void through_onlyItsMarkIsTakenAway() throws Exception {
        over.begin(backup, "2");
        run("alter table run rename to making", "insert into \"flyway_schema_history\" values ('2', true)", "update making set id = 8");
        over.takeUp();
        assertEquals(8, seven("making"));
        assertTrue(!marked());
    }

    @Test
    void unreadableHalf_isReplacedToo() throws IOException, SQLException {
        over.begin(backup, "2");
        Files.write(folder.resolve(Backups.STORE), new byte[5000]);
        over.takeUp();
        assertEquals(7, seven("run"));
    }
}
