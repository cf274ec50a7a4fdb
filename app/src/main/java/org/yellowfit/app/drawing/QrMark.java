package org.yellowfit.app.drawing;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;
import org.yellowfit.app.words.Sentences;

/** A QR code as one SVG path. */
public final class QrMark {

    private QrMark() {}

    public static String svg(String text) {
        BitMatrix bits = bits(text);
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < bits.getHeight(); y++) {
            for (int x = 0; x < bits.getWidth(); x++) {
                if (bits.get(x, y)) {
                    path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                }
            }
        }
        return "<svg class=\"qr\" viewBox=\"0 0 " + bits.getWidth() + " " + bits.getHeight()
                + "\" shape-rendering=\"crispEdges\" role=\"img\" aria-label=\""
                + PlantDrawing.escaped(Sentences.say("picture.code", text))
                + "\"><path fill=\"#fff\" d=\"M0 0h" + bits.getWidth() + "v" + bits.getHeight()
                + "H0z\"/><path fill=\"#000\" d=\"" + path + "\"/></svg>";
    }

    private static BitMatrix bits(String text) {
        try {
            return new QRCodeWriter()
                    .encode(
                            text,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.M, EncodeHintType.MARGIN, 2));
        } catch (WriterException e) {
            throw new IllegalArgumentException("This text is too long for a QR code.", e);
        }
    }
}
