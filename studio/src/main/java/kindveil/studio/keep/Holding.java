package kindveil.studio.keep;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;

/** What a store holds, table by table: by this a backup is told from one that is not whole. */
record Holding(SortedMap<String, Count> tables) {
    /** @param changes sum of the versions of its rows, where they have one */
    record Count(long rows, long changes) {
        private boolean between(Count one, Count other) {
            return within(rows, one.rows, other.rows) && within(changes, one.changes, other.changes);
        }

        private static boolean within(long value, long one, long other) {
            return value >= Math.min(one, other) && value <= Math.max(one, other);
        }

        @Override
        public String toString() {
            return rows + "/" + changes;
        }
    }

    /** Table after table: what is written meanwhile may be in one and not yet in another. */
    static Holding of(Connection store) throws SQLException {
        SortedMap<String, Count> counts = new TreeMap<>();
        try (Statement statement = store.createStatement()) {
            List<String> tables = column(statement, "select table_name from information_schema.tables where table_schema = 'PUBLIC'");
            Set<String> versioned = Set.copyOf(column(statement, "select table_name from information_schema.columns where table_schema = 'PUBLIC' and column_name = 'VERSION' and data_type = 'INTEGER'"));
            for (String table : tables) {
                try (ResultSet row = statement.executeQuery("select count(*), %s from \"%s\"".formatted(versioned.contains(table) ? "coalesce(sum(version), 0)" : "0", table))) {
                    row.next();
                    counts.put(table, new Count(row.getLong(1), row.getLong(2)));
                }
            }
        }
        return new Holding(counts);
    }

    /** Whether it is what was held at some moment between two others; where nothing was written between them, exactly that. */
    boolean between(Holding before, Holding after) {
        return tables.keySet().equals(before.tables.keySet()) && tables.keySet().equals(after.tables.keySet())
                && tables.entrySet().stream().allMatch(table -> table.getValue().between(Objects.requireNonNull(before.tables.get(table.getKey())), Objects.requireNonNull(after.tables.get(table.getKey()))));
    }

    @Override
    public String toString() {
        return tables.toString();
    }

    private static List<String> column(Statement statement, String query) throws SQLException {
        List<String> values = new ArrayList<>();
        try (ResultSet rows = statement.executeQuery(query)) {
            while (rows.next()) {
                values.add(rows.getString(1));
            }
        }
        return values;
    }
}
