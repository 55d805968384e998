package kindveil.studio.store;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import kindveil.light.Colour;
import kindveil.making.Begun;
import kindveil.making.Deed;
import kindveil.making.Departure;
import kindveil.making.Making;
import kindveil.measure.Words;
import kindveil.studio.store.form.DesignForm;
import kindveil.studio.store.form.FirstForm;
import kindveil.studio.store.form.GatheringForm;
import kindveil.studio.store.form.Json;
import kindveil.studio.store.form.JudgedForm;
import kindveil.studio.store.form.PlanForm;
import kindveil.studio.store.form.Unreadable;
import kindveil.studio.store.form.Vocabulary;
import kindveil.studio.work.log.Judged;
import kindveil.studio.work.piece.Basis;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.room.ToldRoom;
import kindveil.way.ActId;
import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.migration.Context;
import org.flywaydb.core.api.migration.JavaMigration;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Brings what the first form kept into the second, row by row. A row that cannot be read is left as it is, to be told of on the
 * page; it stops none of the others.
 */
@Component
class FormsMigration implements JavaMigration {
    @Override
    public MigrationVersion getVersion() {
        return MigrationVersion.fromVersion("4");
    }

    @Override
    public String getDescription() {
        return "second form";
    }

    @Override
    public Integer getChecksum() {
        return null;
    }

    @Override
    public boolean canExecuteInTransaction() {
        return true;
    }

    @Override
    public void migrate(Context context) throws SQLException {
        Connection connection = context.getConnection();
        pieces(connection);
        deeds(connection);
        makings(connection);
        gathering(connection);
        log(connection);
    }

    private interface Row {
        void read(ResultSet row) throws SQLException;
    }

    private static void each(Connection connection, String query, Row row) throws SQLException {
        try (PreparedStatement statement = connection.prepareStatement(query); ResultSet rows = statement.executeQuery()) {
            while (rows.next()) {
                row.read(rows);
            }
        }
    }

    private static void update(Connection connection, String sql, Object... values) throws SQLException {
        try (PreparedStatement statement = connection.prepareStatement(sql)) {
            for (int i = 0; i < values.length; i++) {
                statement.setObject(i + 1, values[i]);
            }
            statement.executeUpdate();
        }
    }

    private static void pieces(Connection connection) throws SQLException {
        each(connection, "select piece_id, seq, design_json from veil", row -> {
            UUID piece = row.getObject(1, UUID.class);
            int seq = row.getInt(2);
            try {
                String text = row.getString(3);
                Design design = FirstForm.design(text);
                if (seq == 0) {
                    Basis basis = FirstForm.basis(text);
                    Colour c = basis.colour();
                    update(connection, "update piece set support = ?, ground = ?, ground_red = ?, ground_green = ?, ground_blue = ? where id = ?", basis.base().support().id(),
                            Vocabulary.GROUND.of(basis.base().ground()), c.red(), c.green(), c.blue(), piece);
                }
                update(connection, "update veil set design_json = ? where piece_id = ? and seq = ?", Json.write(DesignForm.of(design)), piece, seq);
            } catch (Unreadable leftAsItIs) {
                // told of when it is read
            }
        });
    }

    /** {@code 2.coat} becomes the second way's {@code coat}. */
    private static void deeds(Connection connection) throws SQLException {
        each(connection, "select making_id, seq, act from deed where act like '%.%'", row -> {
            ActId act = ActId.parse(row.getString(3));
            update(connection, "update deed set part = ?, act = ? where making_id = ? and seq = ?", act.part(), act.key(), row.getObject(1, UUID.class), row.getInt(2));
        });
    }

    private static void makings(Connection connection) throws SQLException {
        each(connection, "select id, begun, work_json from making", row -> {
            UUID id = row.getObject(1, UUID.class);
            try {
                Begun begun = FirstForm.begun(row.getString(3));
                Making making = Json.guarded(() -> Making.asFarAsItFits(begun.plan(), instant(row, 2), deedsOf(connection, id)));
                update(connection, "update making set plan_json = ?, finished = ?, at_hand = ? where id = ?", Json.write(PlanForm.of(begun)), making.finished(),
                        MakingEntity.atHand(making), id);
            } catch (Unreadable leftAsItIs) {
                // told of when it is read
            }
        });
    }

    private static Instant instant(ResultSet row, int column) {
        try {
            return row.getObject(column, OffsetDateTime.class).toInstant();
        } catch (SQLException e) {
            throw new Unreadable("Its time cannot be read.", e);
        }
    }

    private static List<Deed> deedsOf(Connection connection, UUID making) {
        List<Deed> deeds = new ArrayList<>();
        try (PreparedStatement statement = connection.prepareStatement("select part, act, answer, at, assumed from deed where making_id = ? order by seq")) {
            statement.setObject(1, making);
            try (ResultSet rows = statement.executeQuery()) {
                while (rows.next()) {
                    deeds.add(new Deed(new ActId(rows.getInt(1), rows.getString(2)), rows.getInt(3), instant(rows, 4), rows.getBoolean(5)));
                }
            }
        } catch (SQLException e) {
            throw new Unreadable("What was told of it cannot be read.", e);
        }
        return deeds;
    }

    private static void gathering(Connection connection) throws SQLException {
        each(connection, "select id, version, wanted_json, set_ups_json from gathering", row -> {
            try {
                update(connection, "update gathering set gathering_json = ? where id = ?", Json.write(GatheringForm.of(FirstForm.gathering(row.getInt(2), row.getString(3), row.getString(4)))), row.getInt(1));
            } catch (Unreadable leftOut) {
                // what was gathered is gathered again in a moment
            }
        });
    }

    /** What an entry judged was not kept then; it is put together once from its making, or from its piece. */
    private static void log(Connection connection) throws SQLException {
        each(connection, "select e.id, e.piece_id, e.run_id, e.written, e.verdict, e.wish, e.came, e.different, e.printed_by, e.tack, e.fibre, e.stretch, e.by_products, e.cause, e.state, e.pass, e.photo_id, "
                + "p.title, m.begun, m.plan_json, v.design_json from log_entry e join piece p on p.id = e.piece_id left join making m on m.id = e.run_id left join veil v on v.piece_id = p.id and v.seq = 0", row -> {
            String judged = null;
            try {
                judged = Json.write(JudgedForm.of(judged(connection, row)));
            } catch (Unreadable leftAsItIs) {
                // told of when it is read
            }
            update(connection, "insert into entry (entry_id, revision, piece_id, making_id, written, verdict, came, different, tack, fibre, stretch, by_products, cause, photo_id, struck, judged_json) "
                    + "values (?, 0, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, false, ?)", row.getObject(1), row.getObject(2), row.getObject(3), row.getObject(4), token(row.getString(5)), row.getString(7),
                    row.getString(8), token(row.getString(10)), token(row.getString(11)), row.getObject(12), row.getString(13), token(row.getString(14)), row.getObject(17), judged);
        });
    }

    private static @Nullable String token(@Nullable String name) {
        return name == null ? null : Words.token(name);
    }

    private static Judged judged(Connection connection, ResultSet row) throws SQLException {
        String title = row.getString(18);
        String planText = row.getString(20);
        Design design = Json.guarded(Json.read(row.getString(21), DesignForm.class)::design);
        List<Departure> departures = List.of();
        List<Judged.Answered> answers = List.of();
        List<Judged.WayOf> ways = List.of(new Judged.WayOf(design.way(), design.theWay().name(), List.of(), List.of()));
        List<ToldRoom> air = List.of();
        if (planText != null) {
            Begun begun = Json.guarded(Json.read(planText, PlanForm.class)::begun);
            UUID making = row.getObject(3, UUID.class);
            Instant from = instant(row, 19);
            List<Deed> deeds = deedsOf(connection, making);
            departures = Json.guarded(() -> Departure.of(Making.asFarAsItFits(begun.plan(), from, deeds)));
            answers = Judged.Answered.of(begun.plan(), deeds);
            ways = Judged.WayOf.of(begun);
            air = List.of(ToldRoom.of(from, begun.plan().bench().room()));
        }
        return new Judged(title, 0, ways, Vocabulary.WISH.readFirstForm(row.getString(6)), new Judged.Print(design.print(), row.getString(9), 1, design.print().sheet().words()), air, departures, answers,
                Vocabulary.LOOK.readFirstForm(row.getString(15)), row.getInt(16), null);
    }
}
