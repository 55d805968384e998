package kindveil.studio.intake;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.Directory;
import com.drew.metadata.Metadata;
import com.drew.metadata.Tag;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** Files that tell where, when, by whom and with what they were taken, built byte by byte. */
class PictureMetadataTest {
    private static final String SECRET = "Secret landing 52.1";

    private static BufferedImage drawn() {
        BufferedImage image = new BufferedImage(24, 16, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < 16; y++) {
            for (int x = 0; x < 24; x++) {
                image.setRGB(x, y, x * 10 << 16 | y * 12 << 8 | 90);
            }
        }
        return image;
    }

    private static byte[] encoded(String format) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertTrue(ImageIO.write(drawn(), format, out), format);
        return out.toByteArray();
    }

    /** A TIFF of words alone: turned as told, a description, and a place in a directory of its own. */
    private static byte[] exif(int orientation) {
        byte[] words = (SECRET + "\0").getBytes(StandardCharsets.US_ASCII);
        ByteBuffer tiff = ByteBuffer.allocate(200).order(ByteOrder.LITTLE_ENDIAN);
        tiff.put((byte) 'I').put((byte) 'I').putShort((short) 42).putInt(8);
        tiff.putShort((short) 3);
        tiff.putShort((short) 270).putShort((short) 2).putInt(words.length).putInt(100);
        tiff.putShort((short) 274).putShort((short) 3).putInt(1).putInt(orientation);
        tiff.putShort((short) 34853).putShort((short) 4).putInt(1).putInt(60);
        tiff.putInt(0);
        tiff.position(60);
        tiff.putShort((short) 1).putShort((short) 29).putShort((short) 2).putInt(words.length).putInt(140).putInt(0);
        tiff.position(100);
        tiff.put(words);
        tiff.position(140);
        tiff.put(words);
        return tiff.array();
    }

    private static byte[] jpeg(int orientation) throws Exception {
        byte[] plain = encoded("jpeg");
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(plain, 0, 2);
        segment(out, 0xE1, "Exif\0\0", exif(orientation));
        segment(out, 0xE1, "http://ns.adobe.com/xap/1.0/\0", SECRET.getBytes(StandardCharsets.UTF_8));
        segment(out, 0xED, "Photoshop 3.0\0", SECRET.getBytes(StandardCharsets.UTF_8));
        segment(out, 0xFE, "", SECRET.getBytes(StandardCharsets.UTF_8));
        out.write(plain, 2, plain.length - 2);
        // a second picture after the first, as telephones put it
        out.writeBytes(SECRET.getBytes(StandardCharsets.UTF_8));
        return out.toByteArray();
    }

    private static void segment(ByteArrayOutputStream out, int marker, String name, byte[] data) {
        int length = 2 + name.length() + data.length;
        out.write(0xFF);
        out.write(marker);
        out.write(length >> 8);
        out.write(length & 0xff);
        out.writeBytes(name.getBytes(StandardCharsets.ISO_8859_1));
        out.writeBytes(data);
    }

    private static byte[] png() throws Exception {
        byte[] plain = encoded("png");
        int after = 8 + 25;
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(plain, 0, after);
        for (String type : List.of("tEXt", "zTXt", "iTXt", "tIME", "dEVi")) {
            out.writeBytes(chunk(type, SECRET.getBytes(StandardCharsets.UTF_8)));
        }
        out.writeBytes(chunk("eXIf", exif(6)));
        out.write(plain, after, plain.length - after);
        return out.toByteArray();
    }

    private static byte[] chunk(String type, byte[] data) {
        ByteBuffer chunk = ByteBuffer.allocate(12 + data.length).putInt(data.length).put(type.getBytes(StandardCharsets.ISO_8859_1)).put(data);
        CRC32 check = new CRC32();
        check.update(chunk.array(), 4, 4 + data.length);
        return chunk.putInt((int) check.getValue()).array();
    }

    /** The plain TIFF with one more directory's worth of entries put before its own. */
    private static byte[] tiff() throws Exception {
        byte[] plain = encoded("tiff");
        ByteOrder order = plain[0] == 'I' ? ByteOrder.LITTLE_ENDIAN : ByteOrder.BIG_ENDIAN;
        ByteBuffer in = ByteBuffer.wrap(plain).order(order);
        int at = in.getInt(4);
        int entries = in.getShort(at);
        byte[] words = (SECRET + "\0").getBytes(StandardCharsets.US_ASCII);
        int directory = plain.length + plain.length % 2;
        ByteBuffer out = ByteBuffer.allocate(directory + 2 + 12 * (entries + 3) + 4 + 200).order(order);
        out.put(plain);
        out.putInt(4, directory);
        int values = directory + 2 + 12 * (entries + 3) + 4;
        out.position(directory);
        out.putShort((short) (entries + 3));
        boolean put = false;
        for (int i = 0; i < entries; i++) {
            int tag = in.getShort(at + 2 + 12 * i) & 0xffff;
            if (!put && tag > 270) {
                out.putShort((short) 270).putShort((short) 2).putInt(words.length).putInt(values);
                out.putShort((short) 271).putShort((short) 2).putInt(words.length).putInt(values + 40);
                put = true;
            }
            out.put(plain, at + 2 + 12 * i, 12);
        }
        out.putShort((short) 34853).putShort((short) 4).putInt(1).putInt(values + 80).putInt(0);
        out.position(values);
        out.put(words).position(values + 40).put(words);
        out.position(values + 80);
        out.putShort((short) 1).putShort((short) 29).putShort((short) 2).putInt(words.length).putInt(values + 120).putInt(0);
        out.position(values + 120);
        out.put(words);
        return out.array();
    }

    private static void tellsNothing(byte[] file) throws Exception {
        assertFalse(new String(file, StandardCharsets.ISO_8859_1).contains("Secret"));
        Metadata metadata = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file));
        for (Directory directory : metadata.getDirectories()) {
            assertFalse(List.of("GPS", "XMP", "IPTC", "Exif SubIFD", "JpegComment", "PNG-tEXt", "PNG-zTXt", "PNG-iTXt", "PNG-tIME", "Photoshop").contains(directory.getName()), directory.getName());
            for (Tag tag : directory.getTags()) {
                assertFalse(String.valueOf(tag.getDescription()).contains("Secret"), tag.toString());
            }
        }
    }

    private static void samePixels(byte[] one, byte[] other) throws Exception {
        BufferedImage a = ImageIO.read(new ByteArrayInputStream(one));
        BufferedImage b = ImageIO.read(new ByteArrayInputStream(other));
        assertArrayEquals(a.getRGB(0, 0, a.getWidth(), a.getHeight(), null, 0, a.getWidth()), b.getRGB(0, 0, b.getWidth(), b.getHeight(), null, 0, b.getWidth()));
    }

    @Test
    void stripped_everyKind_tellsNothing_andShowsTheSame() throws Exception {
        for (byte[] file : List.of(jpeg(1), jpeg(6), png(), tiff())) {
            assertTrue(new String(file, StandardCharsets.ISO_8859_1).contains("Secret"));
            byte[] stripped = PictureMetadata.stripped(file);
            tellsNothing(stripped);
            samePixels(file, stripped);
            assertEquals(PictureIntake.orientation(file), PictureIntake.orientation(stripped), "which way is up");
        }
        assertEquals(6, PictureIntake.orientation(PictureMetadata.stripped(jpeg(6))));
    }

    @Test
    void stripped_nothingToTell_isTheSameFile() throws Exception {
        byte[] png = encoded("png");
        assertArrayEquals(png, PictureMetadata.stripped(png));
        byte[] jpeg = encoded("jpeg");
        samePixels(jpeg, PictureMetadata.stripped(jpeg));
        assertEquals(jpeg.length, PictureMetadata.stripped(jpeg).length);
    }

    /** Wherever a file is cut, or a byte of it is another, something comes back. */
    @Test
    void stripped_brokenFiles_areHandedBackAsFarAsTheyGo() throws Exception {
        java.util.Random random = new java.util.Random(15);
        for (byte[] file : List.of(jpeg(6), png(), tiff())) {
            for (int i = 0; i < 400; i++) {
                byte[] broken = Arrays.copyOf(file, 1 + random.nextInt(file.length));
                broken[random.nextInt(broken.length)] ^= (byte) (1 << random.nextInt(8));
                PictureMetadata.stripped(broken);
            }
        }
    }
}
