package kindveil.studio.keep;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import kindveil.studio.work.Beside;

/**
 * Backups of one studio in a folder: each a ZIP of the store's one file, called by the minute it was made.
 *
 * @param folder where they lie
 */
public record Backups(Path folder) {
    static final String STORE = "studio.mv.db";
    private static final DateTimeFormatter MINUTE = DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss");
    private static final String BEGINS = "studio-";
    private static final String ENDS = ".zip";
    private static final String PART = ".part";
    private static final Duration CUT_OFF = Duration.ofHours(1);

    /** One of them. @param bytes its size */
    public record Backup(Path file, LocalDateTime made, long bytes) {
    }

    /** A backup that could not be made, read or brought back, in words. */
    public static final class Failed extends RuntimeException {
        Failed(String words) {
            super(words);
        }
    }

    /** Newest first. */
    public List<Backup> all() {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.flatMap(file -> backup(file).stream()).sorted(Comparator.comparing(Backup::made).reversed()).toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public Optional<Backup> last() {
        return all().stream().findFirst();
    }

    private static Optional<Backup> backup(Path file) {
        String name = file.getFileName().toString();
        if (!name.startsWith(BEGINS) || !name.endsWith(ENDS)) {
            return Optional.empty();
        }
        try {
            return Optional.of(new Backup(file, LocalDateTime.parse(name.substring(BEGINS.length(), name.length() - ENDS.length()), MINUTE), Files.size(file)));
        } catch (DateTimeParseException | IOException other) {
            return Optional.empty();
        }
    }

    /** Makes one of an open store, opens it to see that it is whole, and lets go of what need not stay. */
    public Backup make(Connection store, LocalDateTime now) {
        try {
            if (Files.notExists(folder)) {
                Files.createDirectories(folder);
                StudioFolder.ownersAlone(folder);
            }
            clearParts(now.minus(CUT_OFF).atZone(ZoneId.systemDefault()).toInstant());
            Path file = folder.resolve(BEGINS + MINUTE.format(now.truncatedTo(ChronoUnit.SECONDS)) + ENDS);
            write(store, file);
            Set<LocalDateTime> staying = Retention.staying(all().stream().map(Backup::made).toList());
            for (Backup old : all()) {
                if (!staying.contains(old.made())) {
                    Files.deleteIfExists(old.file());
                }
            }
            return backup(file).orElseThrow();
        } catch (IOException e) {
            throw new Failed("The backup could not be written to %s: %s. Make room there, or name another folder with KINDVEIL_BACKUPS.".formatted(folder, reason(e)));
        }
    }

    /** A part that was cut off, by a kill or a full disk, is nobody's any more once it has stood still for an hour. */
    private void clearParts(Instant still) throws IOException {
        try (Stream<Path> lying = Files.list(folder)) {
            for (Path part : lying.filter(path -> path.getFileName().toString().startsWith(BEGINS) && path.getFileName().toString().endsWith(ENDS + PART)).toList()) {
                if (Files.getLastModifiedTime(part).toInstant().isBefore(still)) {
                    Files.deleteIfExists(part);
                }
            }
        }
    }

    /** Writes an open store into a file that is there only when it is whole. */
    static void write(Connection store, Path file) {
        Path part = file.resolveSibling(file.getFileName() + PART);
        try {
            Holding before = Holding.of(store);
            try (Statement statement = store.createStatement()) {
                statement.execute("backup to '%s'".formatted(part.toString().replace("'", "''")));
            }
            Holding after = Holding.of(store);
            Holding kept = opened(part);
            // at a busy bench something is written while it is made
            if (!kept.between(before, after)) {
                throw new Failed("The backup does not hold what the studio holds (%s, and it should be between %s and %s). Nothing was kept of it; try again.".formatted(kept, before, after));
            }
            Files.move(part, file, StandardCopyOption.ATOMIC_MOVE);
        } catch (SQLException | IOException e) {
            throw new Failed("The backup could not be written to %s: %s. Make room there and try again.".formatted(file, reason(e)));
        } finally {
            try {
                Files.deleteIfExists(part);
            } catch (IOException left) {
                // a part that is left is not taken for a backup
            }
        }
    }

    private static String reason(Exception e) {
        return String.valueOf(e.getMessage()).lines().findFirst().orElse("");
    }

    /** What a backup holds, found by unpacking and opening it beside the studio. */
    static Holding opened(Path file) {
        try (Beside beside = Beside.open()) {
            unpack(file, beside.folder());
            try (Connection store = DriverManager.getConnection("jdbc:h2:file:%s;IFEXISTS=TRUE".formatted(beside.folder().resolve("studio").toAbsolutePath()), "sa", "")) {
                return Holding.of(store);
            }
        } catch (SQLException | IOException e) {
            throw new Failed("%s cannot be opened: %s. Take an older backup.".formatted(file, reason(e)));
        }
    }

    private static void unpack(Path file, Path into) throws IOException {
        try (InputStream in = Files.newInputStream(file); ZipInputStream zip = new ZipInputStream(in)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (entry.getName().equals(STORE)) {
                    Files.copy(zip, into.resolve(STORE));
                    return;
                }
            }
        }
        throw new Failed("%s is no backup of a studio: it holds no %s. Choose a file called studio-….zip.".formatted(file, STORE));
    }

    /** Puts what a backup holds in the place of a folder's store, at once. */
    static void replace(Path file, Path data) throws IOException {
        Path part = Files.createTempDirectory(data, "restoring");
        unpack(file, part);
        Files.move(part.resolve(STORE), data.resolve(STORE), StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        Files.delete(part);
    }

    /** Brings a backup back as the studio of a folder that has none; refused where there is one. */
    public static void restore(Path file, Path data) {
        if (!Files.isRegularFile(file)) {
            throw new Failed("There is no file %s. Name a backup, a file called studio-….zip.".formatted(file));
        }
        Path store = data.resolve(STORE);
        try {
            if (Files.exists(store) && Files.size(store) > 0) {
                throw new Failed("%s holds a studio, and nothing is restored over one. Move it away first, or restore into another folder with KINDVEIL_HOME.".formatted(data));
            }
            opened(file);
            Files.createDirectories(data);
            StudioFolder.ownersAlone(data);
            replace(file, data);
        } catch (IOException e) {
            throw new Failed("%s could not be restored into %s: %s. Make room there, or choose another folder with KINDVEIL_HOME.".formatted(file, data, reason(e)));
        }
    }
}
