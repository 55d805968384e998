package kindveil.studio.work;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.ThreadLocalRandom;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;

/**
 * Room on the disk of the studio's folder. A store left without room in the middle of a change closes itself, and needs a little to
 * open again, even to be read: so much is kept back in a file of its own, let go when the disk is full, and nothing is taken in until
 * it could be kept back again.
 */
@Component
public class DiskRoom {
    private static final Logger LOG = LoggerFactory.getLogger(DiskRoom.class);
    private static final int RESERVE = 4 << 20;
    private static final int ROOM_FOR_RESERVE = RESERVE + RESERVE / 2;
    private final File folder;
    private final Path reserve;
    private final long least;
    private volatile boolean wasLetGo;

    DiskRoom(@Value("${kindveil.data}") File folder, @Value("${kindveil.least-free}") DataSize least) {
        this.folder = folder;
        this.reserve = folder.toPath().resolve("room-kept-back");
        this.least = least.toBytes();
    }

    /** Bytes left; without end for a studio that lies in memory. */
    public long left() {
        return folder.exists() ? folder.getUsableSpace() : Long.MAX_VALUE;
    }

    /** Bytes that must be left before so many are written: the store writes what is new before it lets go of what was. */
    public long neededFor(long bytes) {
        return least + 3 * bytes + (wasLetGo ? ROOM_FOR_RESERVE : 0);
    }

    public boolean isThereFor(long bytes) {
        return left() >= neededFor(bytes) && isKeptBack();
    }

    /** The disk is full: what was kept back is let go, so that the store can be opened again and read. */
    public synchronized void letGo() {
        try {
            wasLetGo = true;
            if (Files.deleteIfExists(reserve)) {
                LOG.warn("The disk is full; the {} MB kept back in {} were let go, so that the studio can be read.", RESERVE >> 20, reserve);
            }
        } catch (IOException kept) {
            LOG.warn("The room kept back in {} could not be let go: {}", reserve, kept.getMessage());
        }
    }

    private boolean isMissing() {
        return folder.exists() && !Files.exists(reserve);
    }

    /** Whether the reserve lies there, kept back anew where there is room for it and half as much again. */
    private synchronized boolean isKeptBack() {
        if (!isMissing()) {
            return true;
        }
        if (left() < ROOM_FOR_RESERVE) {
            return false;
        }
        byte[] unpackable = new byte[RESERVE];
        ThreadLocalRandom.current().nextBytes(unpackable);
        try {
            Files.write(reserve, unpackable);
            wasLetGo = false;
            return true;
        } catch (IOException full) {
            letGo();
            return false;
        }
    }
}
