package kindveil.studio.intake;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;
import kindveil.measure.UnusableValue;
import kindveil.studio.Samples;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ContainersTest {
    private static final byte[] PNG = Samples.cornerPng();

    private static byte[] chunk(String type, byte[] data) {
        byte[] body = ByteBuffer.allocate(4 + data.length).put(type.getBytes(StandardCharsets.ISO_8859_1)).put(data).array();
        CRC32 check = new CRC32();
        check.update(body);
        return ByteBuffer.allocate(12 + data.length).putInt(data.length).put(body).putInt((int) check.getValue()).array();
    }

    /** The sample with one more chunk after its header. */
    private static byte[] with(byte[] chunk) {
        int header = 8 + 25;
        return ByteBuffer.allocate(PNG.length + chunk.length).put(PNG, 0, header).put(chunk).put(PNG, header, PNG.length - header).array();
    }

    /** Words that unpack to so many megabytes. */
    private static byte[] unpacking(int megabytes) throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        packed.writeBytes("Comment\0\0".getBytes(StandardCharsets.ISO_8859_1));
        try (DeflaterOutputStream out = new DeflaterOutputStream(packed, new Deflater(9))) {
            byte[] million = new byte[1_000_000];
            for (int i = 0; i < megabytes; i++) {
                out.write(million);
            }
        }
        return packed.toByteArray();
    }

    @ParameterizedTest
    @ValueSource(strings = {"zTXt", "iTXt", "iCCP"})
    void png_withWordsThatUnpackToAnything_isReadWithoutThem(String type) throws Exception {
        byte[] bomb = with(chunk(type, unpacking(300)));
        assertTrue(bomb.length > PNG.length + 200_000);
        assertArrayEquals(PNG, Containers.withoutWords(bomb));
        assertEquals(600, PictureIntake.read("moth.png", bomb).getWidth());
    }

    @Test
    void png_brokenOffInAChunk_staysBroken() {
        byte[] cut = Arrays.copyOf(PNG, PNG.length / 2);
        assertArrayEquals(cut, Containers.withoutWords(cut));
        assertThrows(UnusableValue.class, () -> PictureIntake.read("moth.png", cut));
        byte[] jpeg = Samples.encoded(Samples.corner(60, 60), "jpeg");
        assertArrayEquals(jpeg, Containers.withoutWords(jpeg));
    }

    @Test
    void tiff_thatSaysMoreThanItHolds_isDamaged() {
        byte[] whole = Samples.encoded(Samples.corner(60, 60), "tiff");
        assertFalse(Containers.overstates(whole));
        ByteBuffer tiff = ByteBuffer.allocate(64).put("MM".getBytes(StandardCharsets.ISO_8859_1)).putShort((short) 42).putInt(8);
        tiff.putShort((short) 1).putShort((short) 0x111).putShort((short) 4).putInt(0x3fffffff).putInt(40).putInt(0);
        assertTrue(Containers.overstates(tiff.array()));
        assertTrue(assertThrows(UnusableValue.class, () -> PictureIntake.read("gauge.tif", tiff.array())).getMessage().contains("breaks off or is damaged"));
        ByteBuffer circle = ByteBuffer.allocate(32).put("MM".getBytes(StandardCharsets.ISO_8859_1)).putShort((short) 42).putInt(8).putShort((short) 0).putInt(8);
        assertTrue(Containers.overstates(circle.array()), "a directory that follows itself");
    }

    @Test
    void sixteenBits_ofManyPixels_areRefusedBeforeDecoding() {
        byte[] header = Samples.pngHeader(7000, 7000);
        header[8 + 4 + 4 + 8] = 16;
        CRC32 check = new CRC32();
        check.update(header, 12, 17);
        ByteBuffer.wrap(header).putInt(29, (int) check.getValue());
        byte[] deep = ByteBuffer.allocate(header.length + 22 + 12).put(header).put(chunk("IDAT", new byte[10])).put(chunk("IEND", new byte[0])).array();
        String refusal = assertThrows(UnusableValue.class, () -> PictureIntake.read("deep.png", deep)).getMessage();
        assertTrue(refusal.contains("49 million pixels of 16 bits a channel") && refusal.contains("at most 30 million"), refusal);
    }
}
