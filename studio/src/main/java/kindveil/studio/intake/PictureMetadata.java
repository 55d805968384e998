package kindveil.studio.intake;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.zip.CRC32;

/**
 * A picture file without what it says of the place, the time, the camera and the person: its pixels, its colour profile, its density and
 * which way is up stay, bit for bit. Nothing is decoded.
 *
 * <p>JPEG (ITU-T T.81, B.1) by its segments, up to its end; PNG (third edition, 2025) by its chunks; WebP (RFC 9649) by its chunks; TIFF
 * (revision 6.0, 1992) by the entries of its directories, whose values are also overwritten with zeros. A file of another kind, or one that
 * breaks off, is handed back as far as it could be read.
 */
public final class PictureMetadata {
    private static final int JPEG = 0xFFD8;
    private static final long PNG = 0x89504E470D0A1A0AL;
    /** What a picture looks like, and how large it is; everything else a PNG may hold is words. */
    private static final Set<String> PNG_KEPT = Set.of("IHDR", "PLTE", "IDAT", "IEND", "tRNS", "gAMA", "cHRM", "sRGB", "iCCP", "cICP", "sBIT", "pHYs", "bKGD", "acTL", "fcTL", "fdAT");
    private static final int WEBP_EXIF = 0x08;
    private static final int WEBP_XMP = 0x04;
    /** TIFF tags that say what the picture is made of: size, bits, compression, strips, tiles, colours, density, orientation, profile. */
    private static final Set<Integer> TIFF_KEPT = Set.of(254, 255, 256, 257, 258, 259, 262, 263, 264, 265, 266, 273, 274, 277, 278, 279, 280, 281, 282, 283, 284, 288, 289, 290, 291, 292, 293, 296, 301, 317, 318, 319, 320, 321, 322, 323, 324,
            325, 332, 334, 336, 338, 339, 340, 341, 342, 347, 512, 513, 514, 519, 520, 521, 529, 530, 531, 532, 34675);
    private static final int[] TYPE_BYTES = {0, 1, 1, 2, 4, 8, 1, 1, 2, 4, 8, 4, 8, 4};
    private static final int MOST_DIRECTORIES = 64;
    private static final int ENTRY = 12;

    private PictureMetadata() {
    }

    /** The file without it. */
    public static byte[] stripped(byte[] file) {
        if (file.length < 12) {
            return file;
        }
        ByteBuffer in = ByteBuffer.wrap(file);
        if ((in.getShort(0) & 0xffff) == JPEG) {
            return jpeg(file);
        }
        if (in.getLong(0) == PNG) {
            return png(file);
        }
        if (text(file, 0).equals("RIFF") && text(file, 8).equals("WEBP")) {
            return webp(file);
        }
        return tiff(file);
    }

    private static String text(byte[] file, int at) {
        return new String(file, at, 4, StandardCharsets.ISO_8859_1);
    }

    // ---- JPEG

    private static byte[] jpeg(byte[] file) {
        ByteArrayOutputStream kept = new ByteArrayOutputStream(file.length);
        kept.write(file, 0, 2);
        upright(file).ifPresent(exif -> {
            kept.write(0xFF);
            kept.write(0xE1);
            kept.write(exif.length + 8 >> 8);
            kept.write(exif.length + 8 & 0xff);
            kept.writeBytes(new byte[] {'E', 'x', 'i', 'f', 0, 0});
            kept.writeBytes(exif);
        });
        int at = 2;
        while (at + 4 <= file.length && (file[at] & 0xff) == 0xFF) {
            int marker = file[at + 1] & 0xff;
            if (marker == 0xFF) {
                at++;
                continue;
            }
            if (marker == 0xD9) {
                break;
            }
            int length = 2 + ((file[at + 2] & 0xff) << 8 | file[at + 3] & 0xff);
            int end = Math.min(file.length, at + length);
            if (marker == 0xDA) {
                end = scanned(file, end);
            }
            if (!tells(file, at, marker)) {
                kept.write(file, at, end - at);
            }
            at = end;
        }
        // what stands after its end, a second picture or a film, is none of it
        kept.write(0xFF);
        kept.write(0xD9);
        return kept.toByteArray();
    }

    /** The end of what follows the head of a scan: the next marker that is neither stuffed nor a restart. */
    private static int scanned(byte[] file, int from) {
        int at = from;
        while (at + 1 < file.length) {
            int next = file[at + 1] & 0xff;
            if ((file[at] & 0xff) == 0xFF && next != 0 && next != 0xFF && (next < 0xD0 || next > 0xD7)) {
                return at;
            }
            at++;
        }
        return file.length;
    }

    /** Whether a segment is words: everything an application put there but density, colour profile and what Adobe says of the colours, and comments. */
    private static boolean tells(byte[] file, int at, int marker) {
        boolean application = marker >= 0xE0 && marker <= 0xEF;
        boolean kept = marker == 0xE0 && named(file, at, "JFIF") || marker == 0xE2 && named(file, at, "ICC_PROFILE") || marker == 0xEE && named(file, at, "Adobe");
        return application && !kept || marker == 0xFE;
    }

    private static boolean named(byte[] file, int at, String name) {
        byte[] bytes = name.getBytes(StandardCharsets.ISO_8859_1);
        return at + 4 + bytes.length <= file.length && Arrays.equals(file, at + 4, at + 4 + bytes.length, bytes, 0, bytes.length);
    }

    /** Which way is up, as the smallest TIFF that says so; nothing where the file lies as it is. */
    private static Optional<byte[]> upright(byte[] file) {
        int orientation = PictureIntake.orientation(file);
        if (orientation <= 1 || orientation > 8) {
            return Optional.empty();
        }
        ByteBuffer tiff = ByteBuffer.allocate(26).order(ByteOrder.BIG_ENDIAN);
        tiff.putShort((short) 0x4D4D).putShort((short) 42).putInt(8).putShort((short) 1).putShort((short) 274).putShort((short) 3).putInt(1).putShort((short) orientation).putShort((short) 0).putInt(0);
        return Optional.of(tiff.array());
    }

    // ---- PNG

    private static byte[] png(byte[] file) {
        ByteArrayOutputStream kept = new ByteArrayOutputStream(file.length);
        kept.write(file, 0, 8);
        int at = 8;
        while (at + 12 <= file.length) {
            long whole = (ByteBuffer.wrap(file).getInt(at) & 0xffffffffL) + 12;
            String type = text(file, at + 4);
            int end = (int) Math.min(file.length, at + whole);
            if (PNG_KEPT.contains(type)) {
                kept.write(file, at, end - at);
            }
            if (type.equals("IHDR")) {
                upright(file).ifPresent(exif -> kept.writeBytes(chunk("eXIf", exif)));
            }
            at = end;
        }
        return kept.toByteArray();
    }

    private static byte[] chunk(String type, byte[] data) {
        ByteBuffer chunk = ByteBuffer.allocate(data.length + 12);
        chunk.putInt(data.length).put(type.getBytes(StandardCharsets.ISO_8859_1)).put(data);
        CRC32 check = new CRC32();
        check.update(chunk.array(), 4, data.length + 4);
        return chunk.putInt((int) check.getValue()).array();
    }

    // ---- WebP

    private static byte[] webp(byte[] file) {
        ByteArrayOutputStream kept = new ByteArrayOutputStream(file.length);
        kept.write(file, 0, 12);
        Optional<byte[]> up = upright(file);
        int at = 12;
        while (at + 8 <= file.length) {
            long size = ByteBuffer.wrap(file).order(ByteOrder.LITTLE_ENDIAN).getInt(at + 4) & 0xffffffffL;
            int end = (int) Math.min(file.length, at + 8 + size + size % 2);
            String type = text(file, at);
            if (type.equals("VP8X")) {
                byte[] head = Arrays.copyOfRange(file, at, end);
                head[8] &= (byte) ~(WEBP_XMP | (up.isPresent() ? 0 : WEBP_EXIF));
                kept.writeBytes(head);
            } else if (!type.equals("EXIF") && !type.equals("XMP ")) {
                kept.write(file, at, end - at);
            }
            at = end;
        }
        up.ifPresent(exif -> kept.writeBytes(ByteBuffer.allocate(8 + exif.length).order(ByteOrder.LITTLE_ENDIAN).put("EXIF".getBytes(StandardCharsets.ISO_8859_1)).putInt(exif.length).put(exif).array()));
        byte[] whole = kept.toByteArray();
        ByteBuffer.wrap(whole).order(ByteOrder.LITTLE_ENDIAN).putInt(4, whole.length - 8);
        return whole;
    }

    // ---- TIFF

    private static byte[] tiff(byte[] original) {
        boolean little = original[0] == 'I' && original[1] == 'I';
        if (!little && !(original[0] == 'M' && original[1] == 'M')) {
            return original;
        }
        byte[] file = original.clone();
        ByteBuffer in = ByteBuffer.wrap(file).order(little ? ByteOrder.LITTLE_ENDIAN : ByteOrder.BIG_ENDIAN);
        Set<Long> seen = new HashSet<>();
        try {
            long next = in.getInt(4) & 0xffffffffL;
            while (next != 0 && seen.add(next) && seen.size() < MOST_DIRECTORIES) {
                next = directory(in, (int) next);
            }
        } catch (IndexOutOfBoundsException breaksOff) {
            return file;
        }
        return file;
    }

    /** Takes entries out of a directory, the rest moved up, and where the next one lies moved with them. @return where that is */
    private static long directory(ByteBuffer in, int at) {
        int entries = in.getShort(at) & 0xffff;
        int from = at + 2;
        long next = in.getInt(from + ENTRY * entries) & 0xffffffffL;
        int kept = 0;
        for (int i = 0; i < entries; i++) {
            int entry = from + ENTRY * i;
            if (TIFF_KEPT.contains(in.getShort(entry) & 0xffff)) {
                byte[] moved = new byte[ENTRY];
                in.get(entry, moved);
                in.put(from + ENTRY * kept++, moved);
            } else {
                overwrite(in, entry, new HashSet<>());
            }
        }
        in.putShort(at, (short) kept);
        in.putInt(from + ENTRY * kept, (int) next);
        Arrays.fill(in.array(), from + ENTRY * kept + 4, from + ENTRY * entries + 4, (byte) 0);
        return next;
    }

    /** The value of an entry made zeros, and of all in the directory it leads to: place and camera stand in such. */
    private static void overwrite(ByteBuffer in, int entry, Set<Integer> seen) {
        int tag = in.getShort(entry) & 0xffff;
        int type = in.getShort(entry + 2) & 0xffff;
        long bytes = (in.getInt(entry + 4) & 0xffffffffL) * (type < TYPE_BYTES.length ? TYPE_BYTES[type] : 1);
        int value = in.getInt(entry + 8);
        boolean leads = tag == 34665 || tag == 34853 || tag == 40965;
        if (leads && value > 0 && value + 2 <= in.capacity() && seen.add(value)) {
            int entries = in.getShort(value) & 0xffff;
            for (int i = 0; i < entries; i++) {
                overwrite(in, value + 2 + ENTRY * i, seen);
            }
            Arrays.fill(in.array(), value, Math.min(in.capacity(), value + 2 + ENTRY * entries + 4), (byte) 0);
        } else if (bytes > 4 && value > 0 && value + bytes <= in.capacity()) {
            Arrays.fill(in.array(), value, (int) (value + bytes), (byte) 0);
        }
    }
}
