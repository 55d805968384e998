package kindveil.studio.keep;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import java.util.TreeMap;
import kindveil.studio.keep.Holding.Count;
import org.junit.jupiter.api.Test;

class HoldingTest {
    private static Holding of(long pieces, long changes) {
        return new Holding(new TreeMap<>(Map.of("PIECE", new Count(pieces, changes), "ROOM", new Count(1, 4))));
    }

    @Test
    void whatIsWrittenMeanwhile_mayBeInIt_orNot_andNothingElse() {
        for (int before = 0; before < 4; before++) {
            for (int after = 0; after < 4; after++) {
                for (int kept = 0; kept < 4; kept++) {
                    boolean between = kept >= Math.min(before, after) && kept <= Math.max(before, after);
                    assertEquals(between, of(kept, 7).between(of(before, 7), of(after, 7)));
                    assertEquals(between, of(2, kept).between(of(2, before), of(2, after)));
                }
            }
        }
    }

    @Test
    void aTableThatIsMissing_orTooMany_isNoticed() {
        Holding less = new Holding(new TreeMap<>(Map.of("ROOM", new Count(1, 4))));
        assertFalse(less.between(of(2, 7), of(2, 7)));
        assertFalse(of(2, 7).between(less, less));
    }

    @Test
    void rows_andWhatWasChangedInThem_areCounted() throws SQLException {
        try (Connection store = DriverManager.getConnection("jdbc:h2:mem:holding"); Statement statement = store.createStatement()) {
            statement.execute("create table piece(id int, version int)");
            statement.execute("create table mark(id int)");
            Holding empty = Holding.of(store);
            statement.execute("insert into piece values (1, 3), (2, 4)");
            Holding two = Holding.of(store);
            assertEquals(Map.of("PIECE", new Count(2, 7), "MARK", new Count(0, 0)), two.tables());
            statement.execute("update piece set version = 5 where id = 1");
            assertFalse(Holding.of(store).between(empty, two));
            assertTrue(two.between(empty, Holding.of(store)));
        }
    }
}
