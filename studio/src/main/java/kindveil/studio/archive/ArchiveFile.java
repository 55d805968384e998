package kindveil.studio.archive;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import kindveil.measure.UnusableValue;
import kindveil.studio.archive.ArchiveForm.PictureForm;
import kindveil.studio.store.form.Json;
import kindveil.studio.store.form.Unreadable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * The ZIP of an archive.
 *
 * @param form what stands in it
 * @param pictures where each of its pictures was put beside, while it is read
 */
record ArchiveFile(ArchiveForm form, Map<UUID, Path> pictures) {
    private static final String STUDIO = "studio.json";
    private static final long LONGEST_JSON = 200_000_000;
    private static final long LARGEST_PICTURE = 64L * 1024 * 1024;
    private static final int MOST_FILES = 20_000;
    private static final JsonMapper JSON = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    static void write(ArchiveForm form, Function<UUID, byte[]> original, OutputStream to) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(to)) {
            zip.putNextEntry(new ZipEntry(STUDIO));
            zip.write(JSON.writeValueAsBytes(form));
            zip.closeEntry();
            // pictures are packed already
            zip.setLevel(Deflater.NO_COMPRESSION);
            for (PictureForm picture : form.pictures()) {
                zip.putNextEntry(new ZipEntry(picture.file()));
                zip.write(original.apply(picture.id()));
                zip.closeEntry();
            }
        }
    }

    /** Reads one; its pictures are put into {@code beside}. Refused in words where it cannot be. */
    static ArchiveFile read(InputStream from, Path beside) throws IOException {
        byte[] studio = null;
        Map<String, Path> files = new HashMap<>();
        try (ZipInputStream zip = new ZipInputStream(from)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (entry.getName().equals(STUDIO)) {
                    studio = bounded(zip, LONGEST_JSON);
                } else if (entry.getName().startsWith("pictures/") && files.size() < MOST_FILES) {
                    files.put(entry.getName(), Files.write(beside.resolve(String.valueOf(files.size())), bounded(zip, LARGEST_PICTURE)));
                }
            }
        } catch (ZipException | IllegalArgumentException broken) {
            throw refused("it breaks off or is damaged");
        }
        if (studio == null) {
            throw refused("it holds no " + STUDIO);
        }
        ArchiveForm form = form(studio);
        Map<UUID, Path> pictures = new HashMap<>();
        for (PictureForm picture : form.pictures()) {
            Path file = files.get(picture.file());
            if (file == null) {
                throw refused("the picture “%s” is not in it".formatted(picture.name()));
            }
            pictures.put(picture.id(), file);
        }
        return new ArchiveFile(form, pictures);
    }

    private static byte[] bounded(InputStream in, long most) throws IOException {
        byte[] bytes = in.readNBytes((int) most + 1);
        if (bytes.length > most) {
            throw refused("one of its parts is longer than %d MB".formatted(most / 1_000_000));
        }
        return bytes;
    }

    private static ArchiveForm form(byte[] json) {
        try {
            return Json.guarded(() -> {
                JsonNode node = JSON.readTree(json);
                if (!ArchiveForm.FORMAT.equals(node.path("format").asString(""))) {
                    throw refused("its format is not “%s”".formatted(ArchiveForm.FORMAT));
                }
                int version = node.path("version").asInt(0);
                if (version != ArchiveForm.VERSION) {
                    throw refused(version > ArchiveForm.VERSION ? "it was written by a later program, in version %d; this one reads version %d".formatted(version, ArchiveForm.VERSION)
                            : "its version is %d, and there is none before 1".formatted(version));
                }
                return JSON.treeToValue(node, ArchiveForm.class);
            });
        } catch (Unreadable broken) {
            if (broken.getCause() instanceof UnusableValue refused) {
                throw refused;
            }
            throw refused("its %s cannot be read".formatted(STUDIO));
        }
    }

    static UnusableValue refused(String why) {
        return new UnusableValue("Archive", why, "an archive written by Kind Veil, whole", "Take it anew where it came from; nothing of it was stored.");
    }
}
