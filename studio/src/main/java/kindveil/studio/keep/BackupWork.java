package kindveil.studio.keep;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Optional;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.env.Environment;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/** Backups by themselves: after a day with changes, and before what is stored is brought into another form. */
@Service
public class BackupWork {
    private static final Logger LOG = LoggerFactory.getLogger(BackupWork.class);
    private static final int EVERY_MS = 10 * 60_000;
    private final DataSource store;
    private final Backups backups;
    private final boolean onDisk;
    private final Clock clock;
    private final ZoneId zone;
    /** What the last backup holds, once it was looked at. */
    private @Nullable Holding held;

    BackupWork(DataSource store, Environment asked, Clock clock, ZoneId zone) {
        this.store = store;
        this.backups = StudioFolder.backups(asked);
        this.onDisk = Files.exists(Path.of(asked.getRequiredProperty("kindveil.data"), Backups.STORE));
        this.clock = clock;
        this.zone = zone;
    }

    /** Whether this studio lies in a file, and can be backed up. */
    public boolean possible() {
        return onDisk;
    }

    public Optional<Backups.Backup> last() {
        return backups.last();
    }

    public Backups backups() {
        return backups;
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), zone);
    }

    /** One now, whatever was before. */
    public synchronized Backups.Backup make() {
        if (!onDisk) {
            throw new Backups.Failed("This studio lies in memory only, so there is no file to back up.");
        }
        try (Connection connection = store.getConnection()) {
            held = null;
            return backups.make(connection, now());
        } catch (SQLException e) {
            throw new Backups.Failed("The store could not be read for a backup. What was saved before is safe; try again.");
        }
    }

    /** One a day, where something changed since the last. */
    @Scheduled(initialDelay = EVERY_MS, fixedDelay = EVERY_MS)
    synchronized void daily() {
        boolean today = last().filter(last -> last.made().toLocalDate().equals(now().toLocalDate())).isPresent();
        if (onDisk && !today) {
            try (Connection connection = store.getConnection()) {
                if (held == null && last().isPresent()) {
                    held = Backups.opened(last().get().file());
                }
                if (!Holding.of(connection).equals(held)) {
                    make();
                }
            } catch (SQLException | Backups.Failed failed) {
                LOG.error("No backup was made: {}", failed.getMessage());
            }
        }
    }

    /** A studio that was there before is backed up before its form changes. */
    @Configuration
    static class BeforeMigration {
        private static void bringOver(Flyway flyway, ComingOver over, Backups.Backup backup) {
            MigrationInfo[] pending = flyway.info().pending();
            over.begin(backup.file(), pending[pending.length - 1].getVersion().toString());
            flyway.migrate();
            try {
                over.done();
            } catch (IOException left) {
                // the store has got there, which the next opening sees before it heeds the mark
                LOG.warn("The mark of bringing the studio over could not be taken away: {}", left.getMessage());
            }
        }

        @Bean
        FlywayMigrationStrategy backedUp(DataSource store, Environment asked, Clock clock, ZoneId zone) {
            return flyway -> {
                if (flyway.info().current() != null && flyway.info().pending().length > 0) {
                    BackupWork work = new BackupWork(store, asked, clock, zone);
                    if (work.possible()) {
                        bringOver(flyway, new ComingOver(Path.of(asked.getRequiredProperty("kindveil.data"))), work.make());
                        return;
                    }
                }
                flyway.migrate();
            };
        }
    }
}
