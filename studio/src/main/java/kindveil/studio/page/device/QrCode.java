package kindveil.studio.page.device;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.util.Map;

/** A text as a QR code (ISO/IEC 18004). @param path of its dark modules, each of side 1 @param modules of its sides */
record QrCode(String path, int modules) {
    static QrCode of(String text) {
        try {
            BitMatrix dark = new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, 0));
            StringBuilder path = new StringBuilder();
            for (int y = 0; y < dark.getHeight(); y++) {
                for (int x = 0; x < dark.getWidth(); x++) {
                    if (dark.get(x, y)) {
                        path.append("M%d %dh1v1h-1z".formatted(x, y));
                    }
                }
            }
            return new QrCode(path.toString(), dark.getWidth());
        } catch (WriterException tooLong) {
            throw new IllegalArgumentException("A QR code holds no text of %d signs.".formatted(text.length()), tooLong);
        }
    }
}
