package kindveil.studio.archive;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.UUID;
import java.util.function.Function;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import kindveil.measure.UnusableValue;
import kindveil.studio.archive.ArchiveForm.PictureForm;
import kindveil.studio.intake.PictureMetadata;
import kindveil.studio.store.form.Json;
import kindveil.studio.store.form.Unreadable;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * The ZIP of an archive. What it may ask of this machine is bounded before anything of it is taken: how long and how deep its text is and
 * of how many parts, how much its pictures unpack to, each and together, and no more is unpacked than the text names.
 *
 * @param form what stands in it
 * @param zip it lies in, open until it is closed
 */
record ArchiveFile(ArchiveForm form, ZipFile zip) implements AutoCloseable {
    private static final String STUDIO = "studio.json";
    /** A studio of 500 pieces and 2,000 results takes a quarter of these. */
    private static final long LONGEST_JSON = 160_000_000;
    private static final long MOST_TOKENS = 12_000_000;
    private static final int DEEPEST = 60;
    private static final int LONGEST_TEXT = 1_000_000;
    private static final int LONGEST_NAME = 200;
    private static final int LONGEST_FIGURE = 60;
    private static final long LARGEST_PICTURE = 64L * 1024 * 1024;
    private static final long LARGEST_PICTURES = 4L * 1024 * 1024 * 1024;
    private static final int MOST_FILES = 20_000;
    /** Text of ours packs to a twentieth, a picture hardly at all: what unpacks to more than this many times its size was made to. */
    private static final long UNPACKS_TO = 100;
    private static final long SMALL = 1_000_000;
    private static final JsonMapper JSON = JsonMapper.builder(JsonFactory.builder().streamReadConstraints(StreamReadConstraints.builder().maxDocumentLength(LONGEST_JSON).maxTokenCount(MOST_TOKENS).maxNestingDepth(DEEPEST)
            .maxStringLength(LONGEST_TEXT).maxNameLength(LONGEST_NAME).maxNumberLength(LONGEST_FIGURE).build()).build()).changeDefaultNullHandling(nulls -> JsonSetter.Value.forContentNulls(Nulls.FAIL)).enable(SerializationFeature.INDENT_OUTPUT).build();

    /** Pictures go out without the place, time and camera their files may tell of. */
    static void write(ArchiveForm form, Function<UUID, byte[]> original, OutputStream to) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(to)) {
            zip.putNextEntry(new ZipEntry(STUDIO));
            zip.write(JSON.writeValueAsBytes(form));
            zip.closeEntry();
            // pictures are packed already
            zip.setLevel(Deflater.NO_COMPRESSION);
            for (PictureForm picture : form.pictures()) {
                zip.putNextEntry(new ZipEntry(picture.file()));
                zip.write(PictureMetadata.stripped(original.apply(picture.id())));
                zip.closeEntry();
            }
        }
    }

    /** Reads one; its pictures stay packed until each is asked for. Refused in words where it cannot be. */
    static ArchiveFile read(Path file) throws IOException {
        ZipFile zip = opened(file);
        try {
            return new ArchiveFile(form(zip), zip).checked();
        } catch (IOException | RuntimeException refused) {
            zip.close();
            throw refused;
        }
    }

    private static ZipFile opened(Path file) throws IOException {
        try {
            return new ZipFile(file.toFile());
        } catch (ZipException | IllegalArgumentException broken) {
            throw refused("it breaks off or is damaged");
        }
    }

    private static ArchiveForm form(ZipFile zip) throws IOException {
        if (zip.size() > MOST_FILES) {
            throw refused("it holds %d files, and at most %d are read".formatted(zip.size(), MOST_FILES));
        }
        ZipEntry studio = zip.getEntry(STUDIO);
        if (studio == null) {
            throw refused("it holds no " + STUDIO);
        }
        bounded(studio, LONGEST_JSON);
        try {
            return Json.guarded(() -> {
                try {
                    said(zip, studio);
                    return Json.whole(JSON.readValue(zip.getInputStream(studio), ArchiveForm.class));
                } catch (IOException broken) {
                    throw refused("it breaks off or is damaged");
                }
            });
        } catch (Unreadable broken) {
            if (broken.getCause() instanceof UnusableValue refused) {
                throw refused;
            }
            throw refused("its %s cannot be read".formatted(STUDIO));
        }
    }

    /** What it says of itself, before any of it is built. */
    private static void said(ZipFile zip, ZipEntry studio) throws IOException {
        String format = "";
        int version = 0;
        try (JsonParser parser = JSON.createParser(zip.getInputStream(studio))) {
            boolean object = parser.nextToken() == JsonToken.START_OBJECT;
            int left = 2;
            while (object && left > 0 && parser.nextToken() == JsonToken.PROPERTY_NAME) {
                String name = parser.currentName();
                JsonToken value = parser.nextToken();
                if (name.equals("format")) {
                    format = value == JsonToken.VALUE_STRING ? parser.getString() : "";
                    left--;
                } else if (name.equals("version")) {
                    version = value == JsonToken.VALUE_NUMBER_INT ? parser.getIntValue() : 0;
                    left--;
                } else {
                    parser.skipChildren();
                }
            }
        }
        if (!ArchiveForm.FORMAT.equals(format)) {
            throw refused("its format is not “%s”".formatted(ArchiveForm.FORMAT));
        }
        if (version != ArchiveForm.VERSION) {
            throw refused(version > ArchiveForm.VERSION ? "it was written by a later program, in version %d; this one reads version %d".formatted(version, ArchiveForm.VERSION)
                    : "its version is %d, and there is none before 1".formatted(version));
        }
    }

    /** Every picture that is named is there, and all of them together are not too much. */
    private ArchiveFile checked() {
        long all = 0;
        for (PictureForm picture : form.pictures()) {
            ZipEntry entry = zip.getEntry(picture.file());
            if (entry == null) {
                throw refused("the picture “%s” is not in it".formatted(picture.name()));
            }
            bounded(entry, LARGEST_PICTURE);
            all += entry.getSize();
        }
        if (all > LARGEST_PICTURES) {
            throw refused("its pictures are %d MB together, and at most %d are taken in at once".formatted(all / 1_000_000, LARGEST_PICTURES / 1_000_000));
        }
        return this;
    }

    /** How much its pictures are, unpacked. */
    long pictured() {
        return form.pictures().stream().mapToLong(picture -> zip.getEntry(picture.file()).getSize()).sum();
    }

    byte[] picture(PictureForm picture) throws IOException {
        try (InputStream in = zip.getInputStream(zip.getEntry(picture.file()))) {
            byte[] bytes = in.readNBytes((int) LARGEST_PICTURE + 1);
            if (bytes.length > LARGEST_PICTURE) {
                throw refused(tooLong(LARGEST_PICTURE));
            }
            return bytes;
        } catch (ZipException damaged) {
            throw refused("the picture “%s” is damaged".formatted(picture.name()));
        }
    }

    private static void bounded(ZipEntry entry, long most) {
        if (entry.getSize() > most) {
            throw refused(tooLong(most));
        }
        if (entry.getSize() > SMALL && entry.getSize() > UNPACKS_TO * Math.max(1, entry.getCompressedSize())) {
            throw refused("one of its parts unpacks to %d times its size".formatted(entry.getSize() / Math.max(1, entry.getCompressedSize())));
        }
    }

    private static String tooLong(long most) {
        return "one of its parts is longer than %d MB".formatted(most / 1_000_000);
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }

    static UnusableValue refused(String why) {
        return new UnusableValue("Archive", why, "an archive written by Kind Veil, whole", "Take it anew where it came from; nothing of it was stored.");
    }
}
