package gatepin.web.paper;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/**
 * A code that a telephone reads as an address (ISO/IEC 18004), as one SVG path.
 *
 * @param size modules along a side, the quiet zone counted
 * @param path its dark modules
 */
public record Code(int size, String path) {
    private static final int QUIET = 2;

    /**
     * The code of an address.
     *
     * @throws IllegalArgumentException when the address is longer than a code can hold
     */
    public static Code of(String address) {
        try {
            BitMatrix bits = new QRCodeWriter()
                    .encode(
                            address,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(
                                    EncodeHintType.MARGIN,
                                    QUIET,
                                    EncodeHintType.ERROR_CORRECTION,
                                    ErrorCorrectionLevel.M));
            StringBuilder path = new StringBuilder();
            for (int y = 0; y < bits.getHeight(); y++) {
                for (int x = 0; x < bits.getWidth(); x++) {
                    int from = x;
                    while (x < bits.getWidth() && bits.get(x, y)) {
                        x++;
                    }
                    if (x > from) {
                        path.append('M')
                                .append(from)
                                .append(' ')
                                .append(y)
                                .append('h')
                                .append(x - from)
                                .append("v1h-")
                                .append(x - from)
                                .append('z');
                    }
                }
            }
            return new Code(bits.getWidth(), path.toString());
        } catch (WriterException e) {
            throw new IllegalArgumentException("an address of " + address.length() + " letters fits into no code", e);
        }
    }
}
