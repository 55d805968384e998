package kindveil.studio.intake;

import java.io.ByteArrayOutputStream;
import java.nio.BufferUnderflowException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.Set;

/**
 * What the containers of pictures say before they are read: a few bytes can ask for more memory than there is.
 *
 * <p>PNG (W3C Recommendation, second edition, 2003): chunks of length, type, data and check. TIFF (revision 6.0, 1992):
 * directories of entries, each with a type and a count.
 */
final class Containers {
    private static final long PNG = 0x89504E470D0A1A0AL;
    /** Words and colour profiles unpack to any size, and nothing here is read from them. */
    private static final Set<String> UNPACKED = Set.of("zTXt", "iTXt", "tEXt", "iCCP");
    private static final int[] TYPE_BYTES = {0, 1, 1, 2, 4, 8, 1, 1, 2, 4, 8, 4, 8, 4};
    private static final int MOST_DIRECTORIES = 64;

    private Containers() {
    }

    /** A PNG without the parts that could unpack to any size; other files, and what breaks off, as they are. */
    static byte[] withoutWords(byte[] file) {
        ByteBuffer in = ByteBuffer.wrap(file);
        if (file.length < 8 || in.getLong() != PNG) {
            return file;
        }
        ByteArrayOutputStream kept = new ByteArrayOutputStream(file.length);
        kept.write(file, 0, 8);
        while (in.remaining() >= 12) {
            int at = in.position();
            long whole = (in.getInt() & 0xffffffffL) + 12;
            byte[] type = new byte[4];
            in.get(type);
            if (whole > file.length - at) {
                kept.write(file, at, file.length - at);
                return kept.toByteArray();
            }
            if (!UNPACKED.contains(new String(type, StandardCharsets.ISO_8859_1))) {
                kept.write(file, at, (int) whole);
            }
            in.position(at + (int) whole);
        }
        kept.write(file, in.position(), in.remaining());
        return kept.toByteArray();
    }

    /** Whether a TIFF says that something in it is longer than the file; false for other files. */
    static boolean overstates(byte[] file) {
        if (file.length < 8 || !(file[0] == 'I' && file[1] == 'I' || file[0] == 'M' && file[1] == 'M')) {
            return false;
        }
        ByteBuffer in = ByteBuffer.wrap(file).order(file[0] == 'I' ? ByteOrder.LITTLE_ENDIAN : ByteOrder.BIG_ENDIAN);
        if (in.getShort(2) != 42) {
            return false;
        }
        try {
            Set<Long> seen = new HashSet<>();
            long next = in.getInt(4) & 0xffffffffL;
            while (next != 0) {
                if (next + 2 > file.length || !seen.add(next) || seen.size() > MOST_DIRECTORIES) {
                    return true;
                }
                int entries = in.getShort((int) next) & 0xffff;
                for (int i = 0; i < entries; i++) {
                    int entry = (int) next + 2 + 12 * i;
                    int type = in.getShort(entry + 2) & 0xffff;
                    long bytes = (in.getInt(entry + 4) & 0xffffffffL) * (type < TYPE_BYTES.length ? TYPE_BYTES[type] : 1);
                    if (bytes > 4 && (in.getInt(entry + 8) & 0xffffffffL) + bytes > file.length) {
                        return true;
                    }
                }
                next = in.getInt((int) next + 2 + 12 * entries) & 0xffffffffL;
            }
            return false;
        } catch (BufferUnderflowException | IndexOutOfBoundsException breaksOff) {
            return true;
        }
    }
}
