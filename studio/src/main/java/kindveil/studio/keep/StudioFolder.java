package kindveil.studio.keep;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermission;
import java.util.EnumSet;
import java.util.Set;
import org.springframework.boot.context.event.ApplicationEnvironmentPreparedEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.core.env.Environment;

/** Looks at the studio's folder before anything of it is opened: refused in two sentences where it cannot be used. */
public final class StudioFolder implements ApplicationListener<ApplicationEnvironmentPreparedEvent> {
    private static final Set<PosixFilePermission> OWNERS = EnumSet.of(PosixFilePermission.OWNER_READ, PosixFilePermission.OWNER_WRITE, PosixFilePermission.OWNER_EXECUTE);

    /** A folder that cannot be opened as a studio, with what to do. */
    public static final class Unopenable extends RuntimeException {
        private final String remedy;

        Unopenable(String what, String remedy) {
            super(what);
            this.remedy = remedy;
        }

        public String remedy() {
            return remedy;
        }
    }

    @Override
    public void onApplicationEvent(ApplicationEnvironmentPreparedEvent event) {
        Environment asked = event.getEnvironment();
        // a store that could not write has closed itself: no connection is handed out untested, however lately it was used, and the next one opens it again
        System.setProperty("com.zaxxer.hikari.aliveBypassWindowMs", "0");
        if (asked.getProperty("spring.datasource.url", "").startsWith("jdbc:h2:file:")) {
            require(Path.of(asked.getRequiredProperty("kindveil.data")), backups(asked));
        }
    }

    /** Where backups lie: in the studio's folder, unless another is named. */
    static Backups backups(Environment asked) {
        String named = asked.getProperty("kindveil.backups", "");
        return new Backups(named.isBlank() ? Path.of(asked.getRequiredProperty("kindveil.data"), "backups") : Path.of(named));
    }

    static void require(Path folder, Backups backups) {
        try {
            Files.createDirectories(folder);
        } catch (IOException notMade) {
            throw new Unopenable("The studio's folder %s cannot be made.".formatted(folder), "Make it by hand, or name another one with KINDVEIL_HOME.");
        }
        if (!Files.isWritable(folder)) {
            throw new Unopenable("The studio's folder %s cannot be written to.".formatted(folder), "Give yourself leave to write there (chmod u+rwx), or name another one with KINDVEIL_HOME.");
        }
        Path store = folder.resolve(Backups.STORE);
        try {
            if (Files.exists(store) && Files.size(store) == 0) {
                throw new Unopenable("The studio's file %s is empty, so it is not opened and no new studio is begun in its place.".formatted(store), restoring(backups, folder));
            }
            new ComingOver(folder).takeUp();
            if (ownersAlone(folder)) {
                System.out.println("Others of this machine could read " + folder + "; it is its owner's alone now.");
            }
        } catch (IOException unreadable) {
            throw new Unopenable("The studio's folder %s cannot be read.".formatted(folder), "Give yourself leave to read it (chmod u+rwx), or name another one with KINDVEIL_HOME.");
        }
    }

    /** Where an open studio says its address. */
    public static Path plate(Path folder) {
        return folder.resolve("open-at");
    }

    /** The last backup and the command that brings it back. */
    static String restoring(Backups backups, Path folder) {
        return backups.last().map(last -> "Move %s away and bring back the last backup: ./kindveil restore %s".formatted(folder.resolve(Backups.STORE), last.file()))
                .orElse("There is no backup in %s. Bring the file back from wherever you keep copies, or begin anew in another folder with KINDVEIL_HOME.".formatted(backups.folder()));
    }

    /** Takes away what others may do in a folder; true where there was something. */
    static boolean ownersAlone(Path folder) throws IOException {
        PosixFileAttributeView view = Files.getFileAttributeView(folder, PosixFileAttributeView.class);
        if (view == null || OWNERS.containsAll(view.readAttributes().permissions())) {
            return false;
        }
        view.setPermissions(OWNERS);
        return true;
    }
}
