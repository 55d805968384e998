package kindveil.studio.work.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import kindveil.measure.UnusableValue;
import kindveil.studio.Samples;
import org.junit.jupiter.api.Test;
import org.mockito.Mockito;

class PictureWorkTest {
    private static final UUID OAR = UUID.fromString("00000000-0000-4000-8000-00000000000a");
    private final Pictures pictures = Mockito.mock(Pictures.class);
    private final PictureWork work = new PictureWork(pictures, Clock.systemUTC());

    private void kept(byte[] original, byte[] workingCopy) {
        Mockito.when(pictures.find(OAR)).thenReturn(Optional.of(new StoredPicture(OAR, "oar.png", 600, 800, Clock.systemUTC().instant())));
        Mockito.when(pictures.original(OAR)).thenReturn(original);
        Mockito.when(pictures.preview(OAR)).thenReturn(Optional.of(workingCopy));
    }

    @Test
    void preview_damaged_isMadeAgainFromItsPicture() {
        kept(Samples.cornerPng(), new byte[] {1, 2, 3});
        assertEquals(600, work.preview(OAR).width());
        Mockito.verify(pictures).keepPreview(Mockito.eq(OAR), Mockito.any());
    }

    @Test
    void preview_ofADamagedPicture_isToldInWords() {
        kept(new byte[] {4, 5, 6}, new byte[] {1, 2, 3});
        assertThrows(UnusableValue.class, () -> work.preview(OAR));
    }
}
