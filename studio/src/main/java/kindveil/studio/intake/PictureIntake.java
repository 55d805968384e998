package kindveil.studio.intake;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.twelvemonkeys.imageio.stream.ByteArrayImageInputStream;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.locks.ReentrantLock;
import javax.imageio.IIOException;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.stream.ImageInputStream;
import kindveil.measure.Figures;
import kindveil.measure.UnusableValue;

/** Reads a picture file that may be anything. */
public final class PictureIntake {
    public static final int LEAST_SIDE = 32;
    public static final int MOST_SIDE = 20_000;
    public static final long MOST_PIXELS = 64_000_000L;
    private static final long MOST_DEEP_PIXELS = 30_000_000L;
    private static final ReentrantLock DECODING = new ReentrantLock(true);
    private static final Set<String> FORMATS = Set.of("png", "jpeg", "jpg", "tiff", "tif", "webp");
    private static final String FORMAT_ADVICE = "Save it as PNG, JPEG, TIFF or WebP and choose it again; nothing else was changed.";

    private PictureIntake() {
    }

    /** The picture upright, opaque, in sRGB. One at a time, however many are sent, so that memory stays bounded. */
    public static BufferedImage read(String name, byte[] file) {
        if (file.length == 0) {
            throw new UnusableValue("Picture", name, "a picture file, and this one is empty (0 bytes)", "Choose the file again; it may not have been saved yet.");
        }
        if (Containers.overstates(file)) {
            throw damaged(name);
        }
        DECODING.lock();
        try {
            return decoded(name, Containers.withoutWords(file));
        } catch (OutOfMemoryError tooMuch) {
            throw new UnusableValue("Picture", name, "one that can be unpacked in the memory there is", "Scale it down first, or save it with 8 bits a channel.");
        } finally {
            DECODING.unlock();
        }
    }

    private static BufferedImage decoded(String name, byte[] bytes) {
        try (ImageInputStream in = new ByteArrayImageInputStream(bytes)) {
            ImageReader reader = reader(in);
            if (reader == null) {
                throw new UnusableValue("Picture", name, "PNG, JPEG, TIFF or WebP by its content, whatever its name says", FORMAT_ADVICE);
            }
            try {
                reader.setInput(in, true, true);
                requireSize(name, reader.getWidth(0), reader.getHeight(0));
                requireDepth(name, reader);
                return upright(flat(decode(name, reader)), orientation(bytes));
            } finally {
                reader.dispose();
            }
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException | NegativeArraySizeException broken) {
            if (broken instanceof UnusableValue refused) {
                throw refused;
            }
            throw damaged(name);
        }
    }

    private static ImageReader reader(ImageInputStream in) throws IOException {
        for (Iterator<ImageReader> readers = ImageIO.getImageReaders(in); readers.hasNext();) {
            ImageReader reader = readers.next();
            if (FORMATS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                return reader;
            }
        }
        return null;
    }

    private static BufferedImage decode(String name, ImageReader reader) throws IOException {
        boolean[] cut = {false};
        reader.addIIOReadWarningListener((source, warning) -> cut[0] |= truncation(warning));
        try {
            BufferedImage image = reader.read(0);
            if (cut[0]) {
                throw damaged(name);
            }
            return image;
        } catch (IIOException | RuntimeException broken) {
            if (broken instanceof UnusableValue refused) {
                throw refused;
            }
            throw damaged(name);
        }
    }

    private static boolean truncation(String warning) {
        String lower = warning.toLowerCase(Locale.ROOT);
        return lower.contains("truncat") || lower.contains("premature") || lower.contains("corrupt") || lower.contains("unexpected end");
    }

    private static UnusableValue damaged(String name) {
        return new UnusableValue("Picture", name, "a whole picture, and this file breaks off or is damaged",
                "Copy it again from where it came from, or export it anew.");
    }

    private static void requireSize(String name, int width, int height) {
        String size = "%s, %d × %d pixels".formatted(name, width, height);
        if (width < LEAST_SIDE || height < LEAST_SIDE) {
            throw new UnusableValue("Picture", size, "at least %d pixels on each side".formatted(LEAST_SIDE), "Find a larger version: this one holds no drawing.");
        }
        if (width > MOST_SIDE || height > MOST_SIDE || (long) width * height > MOST_PIXELS) {
            throw new UnusableValue("Picture", size, "at most %d pixels on a side and %s million in all".formatted(MOST_SIDE, Figures.plain(MOST_PIXELS / 1e6)),
                    "Scale it down first; a sheet at 600 dpi needs 35 million.");
        }
    }

    /** Two bytes a channel take twice the room, and are unpacked pixel by pixel. */
    private static void requireDepth(String name, ImageReader reader) throws IOException {
        ImageTypeSpecifier type = reader.getRawImageType(0);
        if (type == null && reader.getImageTypes(0).hasNext()) {
            type = reader.getImageTypes(0).next();
        }
        long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
        if (type != null && type.getSampleModel().getSampleSize(0) > 8 && pixels > MOST_DEEP_PIXELS) {
            throw new UnusableValue("Picture", "%s, %s million pixels of %d bits a channel".formatted(name, Figures.rounded(pixels / 1e6, 0), type.getSampleModel().getSampleSize(0)),
                    "at most %s million of more than 8 bits".formatted(Figures.plain(MOST_DEEP_PIXELS / 1e6)), "Save it with 8 bits a channel: a print shows no more.");
        }
    }

    private static BufferedImage flat(BufferedImage image) {
        if (image.getType() == BufferedImage.TYPE_3BYTE_BGR || image.getType() == BufferedImage.TYPE_INT_RGB) {
            return image;
        }
        BufferedImage flat = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        Graphics2D g = flat.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, flat.getWidth(), flat.getHeight());
        g.drawImage(image, 0, 0, null);
        g.dispose();
        return flat;
    }

    /** The tag of the EXIF standard, 1 (upright) to 8; 1 when there is none. */
    static int orientation(byte[] bytes) {
        try {
            ExifIFD0Directory exif = ImageMetadataReader.readMetadata(new ByteArrayInputStream(bytes)).getFirstDirectoryOfType(ExifIFD0Directory.class);
            Integer tag = exif == null ? null : exif.getInteger(ExifIFD0Directory.TAG_ORIENTATION);
            return tag == null || tag < 1 || tag > 8 ? 1 : tag;
        } catch (ImageProcessingException | IOException unreadable) {
            return 1;
        }
    }

    private static BufferedImage upright(BufferedImage image, int orientation) {
        int w = image.getWidth();
        int h = image.getHeight();
        AffineTransform turn = switch (orientation) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
            case 8 -> new AffineTransform(0, -1, 1, 0, 0, w);
            default -> null;
        };
        if (turn == null) {
            return image;
        }
        boolean sideways = orientation >= 5;
        BufferedImage upright = new BufferedImage(sideways ? h : w, sideways ? w : h, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = upright.createGraphics();
        g.drawImage(image, turn, null);
        g.dispose();
        return upright;
    }
}
