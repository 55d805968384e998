package kindveil.studio.work;

import java.io.File;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;

/** Room on the disk of the studio's folder. A store left without room in the middle of a change closes itself, so some is always left. */
@Component
public class DiskRoom {
    private final File folder;
    private final long least;

    DiskRoom(@Value("${kindveil.data}") File folder, @Value("${kindveil.least-free}") DataSize least) {
        this.folder = folder;
        this.least = least.toBytes();
    }

    /** Bytes left; without end for a studio that lies in memory. */
    public long left() {
        return folder.exists() ? folder.getUsableSpace() : Long.MAX_VALUE;
    }

    /** Bytes that must be left before so many are written: the store writes what is new before it lets go of what was. */
    public long neededFor(long bytes) {
        return least + 3 * bytes;
    }

    public boolean isThereFor(long bytes) {
        return left() >= neededFor(bytes);
    }
}
