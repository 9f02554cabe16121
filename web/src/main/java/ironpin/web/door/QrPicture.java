package ironpin.web.door;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.util.Map;

/** An address as squares that a camera reads. */
final class QrPicture {
    private static final int QUIET = 4;

    private QrPicture() {}

    private static BitMatrix squares(String address) {
        try {
            return new QRCodeWriter()
                    .encode(address, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, QUIET));
        } catch (WriterException tooLong) {
            throw new IllegalArgumentException("this address does not fit: " + address, tooLong);
        }
    }

    /** Dark on light in any light, or no camera reads it. */
    static String svg(String address) {
        BitMatrix squares = squares(address);
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < squares.getHeight(); y++) {
            for (int x = 0; x < squares.getWidth(); x++) {
                if (squares.get(x, y)) {
                    path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                }
            }
        }
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"qr w-110 max-w-full\" role=\"img\" aria-label=\""
                + address
                + " as a QR code\" viewBox=\"0 0 " + squares.getWidth() + " " + squares.getHeight()
                + "\" shape-rendering=\"crispEdges\"><path fill=\"#ffffff\" d=\"M0 0h" + squares.getWidth() + "v"
                + squares.getHeight()
                + "H0z\"/><path fill=\"#000000\" d=\"" + path + "\"/></svg>";
    }

    /** The same for a terminal, two rows of squares to a line. */
    static String text(String address) {
        BitMatrix squares = squares(address);
        StringBuilder text = new StringBuilder();
        for (int y = 0; y < squares.getHeight(); y += 2) {
            for (int x = 0; x < squares.getWidth(); x++) {
                boolean upper = squares.get(x, y);
                boolean lower = y + 1 < squares.getHeight() && squares.get(x, y + 1);
                text.append(upper ? lower ? ' ' : '▄' : lower ? '▀' : '█');
            }
            text.append('\n');
        }
        return text.toString();
    }
}
