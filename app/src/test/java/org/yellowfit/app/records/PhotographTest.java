package org.yellowfit.app.records;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.measure.InvalidInput;

/** Photographs: the right way up, small, and with nothing of the camera's in them. */
class PhotographTest {

    /** Red on the left, blue on the right. */
    private static byte[] picture(int wide, int high, String format) throws Exception {
        BufferedImage image = new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(Color.RED);
        pen.fillRect(0, 0, wide / 2, high);
        pen.setColor(Color.BLUE);
        pen.fillRect(wide / 2, 0, wide - wide / 2, high);
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    /** The same with an Exif segment: how it was held, and words that must not stay. */
    private static byte[] withExif(byte[] jpeg, int orientation) throws Exception {
        ByteArrayOutputStream exif = new ByteArrayOutputStream();
        exif.write("Exif\0\0".getBytes(StandardCharsets.US_ASCII));
        exif.write(
                new byte[] {'M', 'M', 0, 42, 0, 0, 0, 8, 0, 1, 1, 18, 0, 3, 0, 0, 0, 1, 0, (byte) orientation, 0, 0});
        exif.write("GPS 45.6 N 61.4 W".getBytes(StandardCharsets.US_ASCII));
        int length = exif.size() + 2;
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(jpeg, 0, 2);
        out.write(new byte[] {(byte) 0xFF, (byte) 0xE1, (byte) (length >> 8), (byte) length});
        out.write(exif.toByteArray());
        out.write(jpeg, 2, jpeg.length - 2);
        return out.toByteArray();
    }

    @ParameterizedTest(name = "held as {0}: red {1}")
    @CsvSource({"1, left, 80, 40", "3, right, 80, 40", "6, top, 40, 80", "8, bottom, 40, 80"})
    void itIsTurnedUpright(int orientation, String red, int wide, int high) throws Exception {
        byte[] kept = Photograph.cleaned(withExif(picture(80, 40, "jpeg"), orientation));
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(kept));
        assertThat(image.getWidth()).isEqualTo(wide);
        assertThat(image.getHeight()).isEqualTo(high);
        int x = red.equals("left") ? 4 : red.equals("right") ? wide - 5 : wide / 2;
        int y = red.equals("top") ? 4 : red.equals("bottom") ? high - 5 : high / 2;
        Color there = new Color(image.getRGB(x, y));
        assertThat(there.getRed()).isGreaterThan(200);
        assertThat(there.getBlue()).isLessThan(80);
    }

    @Test
    void whereItWasTakenIsGone() throws Exception {
        byte[] kept = Photograph.cleaned(withExif(picture(80, 40, "jpeg"), 1));
        assertThat(new String(kept, StandardCharsets.ISO_8859_1))
                .doesNotContain("Exif")
                .doesNotContain("GPS 45.6");
    }

    @Test
    void itIsMadeSmaller() throws Exception {
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(Photograph.cleaned(picture(4000, 1000, "png"))));
        assertThat(image.getWidth()).isEqualTo(Photograph.LONGEST_SIDE);
        assertThat(image.getHeight()).isEqualTo(400);
    }

    @Test
    void whatIsNoPictureIsRefusedInWords() {
        for (byte[] file : new byte[][] {
            new byte[0], "<svg onload='x'/>".getBytes(StandardCharsets.UTF_8), new byte[Photograph.LARGEST_FILE + 1]
        }) {
            assertThatThrownBy(() -> Photograph.cleaned(file)).isInstanceOf(InvalidInput.class);
        }
    }
}
