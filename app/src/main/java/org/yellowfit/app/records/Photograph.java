package org.yellowfit.app.records;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Iterator;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageOutputStream;
import org.yellowfit.core.measure.InvalidInput;

/**
 * A photograph as it is kept: drawn anew, at most {@value #LONGEST_SIDE} px long, the right way up, with nothing of what the
 * camera wrote beside it (where, when, by whom).
 */
final class Photograph {

    static final int LONGEST_SIDE = 1600;
    static final int LARGEST_FILE = 12 * 1024 * 1024;
    private static final long MOST_PIXELS = 60_000_000L;
    private static final float QUALITY = 0.85f;
    private static final int ORIENTATION_TAG = 0x0112;
    private static final int APP1 = 0xFFE1;
    private static final int START_OF_SCAN = 0xFFDA;

    private Photograph() {}

    /** @throws InvalidInput when it is no picture, or far too large */
    static byte[] cleaned(byte[] file) {
        if (file.length == 0 || file.length > LARGEST_FILE) {
            throw InvalidInput.at("photo", "A photograph has at most 12 MB; choose a smaller one.");
        }
        try {
            BufferedImage read = read(file);
            return jpeg(upright(read, orientation(file)));
        } catch (IOException | RuntimeException e) {
            if (e instanceof InvalidInput told) {
                throw told;
            }
            throw InvalidInput.at("photo", "This could not be read as a photograph; a JPEG or PNG is needed.");
        }
    }

    /** The size is looked at before anything is unpacked. */
    private static BufferedImage read(byte[] file) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw InvalidInput.at("photo", "This could not be read as a photograph; a JPEG or PNG is needed.");
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS) {
                    throw InvalidInput.at("photo", "This picture has too many pixels; choose a smaller one.");
                }
                return reader.read(0);
            } finally {
                reader.dispose();
            }
        }
    }

    private static BufferedImage upright(BufferedImage read, int orientation) {
        boolean turned = orientation >= 5;
        int wide = turned ? read.getHeight() : read.getWidth();
        int high = turned ? read.getWidth() : read.getHeight();
        double scale = Math.min(1, (double) LONGEST_SIDE / Math.max(wide, high));
        BufferedImage out = new BufferedImage(
                (int) Math.max(1, Math.round(wide * scale)),
                (int) Math.max(1, Math.round(high * scale)),
                BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = out.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        AffineTransform place = AffineTransform.getScaleInstance(scale, scale);
        place.concatenate(turn(orientation, read.getWidth(), read.getHeight()));
        pen.drawImage(read, place, null);
        pen.dispose();
        return out;
    }

    /** The eight ways a camera is held, as TIFF 6.0 numbers them. */
    private static AffineTransform turn(int orientation, int wide, int high) {
        return switch (orientation) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, wide, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, wide, high);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, high);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, high, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, high, wide);
            case 8 -> new AffineTransform(0, -1, 1, 0, 0, wide);
            default -> new AffineTransform();
        };
    }

    /** As the camera noted it (Exif in APP1); 1 where it did not. */
    static int orientation(byte[] file) {
        ByteBuffer in = ByteBuffer.wrap(file);
        if (in.remaining() < 4 || (in.getShort() & 0xFFFF) != 0xFFD8) {
            return 1;
        }
        while (in.remaining() > 4) {
            int marker = in.getShort() & 0xFFFF;
            int length = in.getShort() & 0xFFFF;
            if (marker == START_OF_SCAN || length < 2 || in.remaining() < length - 2) {
                return 1;
            }
            if (marker == APP1 && length > 16) {
                return exif(in.slice(in.position(), length - 2));
            }
            in.position(in.position() + length - 2);
        }
        return 1;
    }

    private static int exif(ByteBuffer segment) {
        if (segment.remaining() < 16 || segment.getInt(0) != 0x45786966) {
            return 1;
        }
        ByteBuffer tiff = segment.slice(6, segment.remaining() - 6);
        tiff.order(tiff.getShort(0) == 0x4949 ? ByteOrder.LITTLE_ENDIAN : ByteOrder.BIG_ENDIAN);
        int directory = tiff.getInt(4);
        if (directory < 8 || directory + 2 > tiff.limit()) {
            return 1;
        }
        int entries = tiff.getShort(directory) & 0xFFFF;
        for (int i = 0; i < entries && directory + 14 + i * 12 <= tiff.limit(); i++) {
            int at = directory + 2 + i * 12;
            if ((tiff.getShort(at) & 0xFFFF) == ORIENTATION_TAG) {
                int value = tiff.getShort(at + 8) & 0xFFFF;
                return value >= 1 && value <= 8 ? value : 1;
            }
        }
        return 1;
    }

    private static byte[] jpeg(BufferedImage image) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (MemoryCacheImageOutputStream to = new MemoryCacheImageOutputStream(out)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(QUALITY);
            writer.setOutput(to);
            writer.write(null, new IIOImage(image, null, null), how);
        } finally {
            writer.dispose();
        }
        return out.toByteArray();
    }
}
