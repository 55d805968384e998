package kindveil.studio.intake;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.util.Map;

/** A text as a QR code (ISO/IEC 18004). @param modules of its sides */
public record QrCode(BitMatrix dark, int modules) {
    public static QrCode of(String text) {
        try {
            BitMatrix dark = new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, 0, EncodeHintType.CHARACTER_SET, "UTF-8"));
            return new QrCode(dark, dark.getWidth());
        } catch (WriterException tooLong) {
            throw new IllegalArgumentException("A QR code holds no text of %d signs.".formatted(text.length()), tooLong);
        }
    }

    public boolean dark(int x, int y) {
        return dark.get(x, y);
    }

    /** Of its dark modules, each of side 1. */
    public String path() {
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < modules; y++) {
            for (int x = 0; x < modules; x++) {
                if (dark(x, y)) {
                    path.append("M%d %dh1v1h-1z".formatted(x, y));
                }
            }
        }
        return path.toString();
    }
}
