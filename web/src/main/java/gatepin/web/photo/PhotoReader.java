package gatepin.web.photo;

import com.drew.imaging.ImageProcessingException;
import com.drew.imaging.jpeg.JpegMetadataReader;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifReader;
import gatepin.core.Problem;
import gatepin.core.Reading;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.ImageOutputStream;

/**
 * Reads a photo somebody sends: JPEG, PNG or WebP, told by its first bytes and not by its name. It is decoded, turned
 * upright, made smaller where it is large, and written anew as JPEG, so that nothing else it carried survives.
 */
public final class PhotoReader {
    /** Larger files are refused, bytes. */
    public static final int MOST_BYTES = 12_000_000;
    /** Larger pictures are refused before they are decoded, pixels. */
    static final long MOST_PIXELS = 60_000_000;
    /** The longer side of what is kept, pixels: enough to read a plate. */
    static final int LONGEST = 2400;

    /** WebP is unpacked whole before it is made smaller, so less of it is taken, pixels. */
    static final long MOST_WEBP_PIXELS = 24_000_000;

    /** One picture at a time: a large one takes a good part of the memory there is. */
    private static final Semaphore TURN = new Semaphore(1, true);

    /** A picture that is sent in more goes is made to keep a decoder busy; a camera's has some ten. */
    static final int MOST_SCANS = 60;

    private static final int PATIENCE_SECONDS = 20;
    private static final int END_OF_IMAGE = 0xd9;
    private static final int START_OF_SCAN = 0xda;
    /** The head of the file, frames, tables. */
    private static final String PICTURE_SEGMENTS = "\u00e0\u00c0\u00c1\u00c2\u00c4\u00db\u00dd";

    private static final String BROKEN = "The picture is broken or cut off and cannot be read. Send it again.";
    private static final float QUALITY = 0.85f;

    private PhotoReader() {}

    /** A photo as it is kept. */
    public record Photo(byte[] jpeg, int width, int height) {}

    /** Reads a photo; problems carry the field {@code photo}. */
    public static Reading<Photo> read(byte[] bytes) {
        return read(bytes, PhotoReader::photo);
    }

    private static Photo photo(BufferedImage picture) throws IOException {
        return new Photo(jpeg(picture), picture.getWidth(), picture.getHeight());
    }

    /** What is made of a picture, while it is its turn. */
    private interface Made<T> {
        T of(BufferedImage picture) throws IOException;
    }

    private static <T> Reading<T> read(byte[] bytes, Made<T> made) {
        if (bytes.length == 0) {
            return failed("Choose a photo first.");
        }
        if (bytes.length > MOST_BYTES) {
            return failed("The file has " + bytes.length / 1_000_000 + " MB; at most 12 MB are taken.");
        }
        Optional<String> format = format(bytes);
        if (format.isEmpty()) {
            return failed("This is no JPEG, PNG or WebP picture. Take a photo, or choose another file.");
        }
        if (format.orElseThrow().equals("jpeg") && scans(bytes) > MOST_SCANS) {
            return failed("The picture is built up in more than " + MOST_SCANS + " scans. Save it anew and send that.");
        }
        if (!hasTurn()) {
            return failed("Other pictures are being read just now. Send it again in a moment.");
        }
        try {
            Reading<BufferedImage> picture = decode(bytes, format.orElseThrow());
            return picture.value().isPresent()
                    ? Reading.of(made.of(picture.value().orElseThrow()))
                    : Reading.failed(picture.problems());
        } catch (IOException | RuntimeException e) {
            // decoders throw all sorts of things at broken files
            return failed(BROKEN);
        } finally {
            TURN.release();
        }
    }

    /**
     * A photo that was kept here or in another installation before: as it is where it carries nothing but the picture, and written anew
     * where it does; empty where it is no picture.
     */
    public static Optional<byte[]> kept(byte[] bytes) {
        return isPictureOnly(bytes)
                ? read(bytes, picture -> bytes).value()
                : read(bytes).value().map(Photo::jpeg);
    }

    /** A JPEG of nothing but tables and the picture itself, from its first byte to its last (ITU-T T.81, annex B, from memory). */
    private static boolean isPictureOnly(byte[] bytes) {
        int last = bytes.length - 2;
        if (last < 2 || (bytes[last] & 0xff) != 0xff || (bytes[last + 1] & 0xff) != END_OF_IMAGE) {
            return false;
        }
        int at = 2;
        while (at + 4 <= last && (bytes[at] & 0xff) == 0xff) {
            int marker = bytes[at + 1] & 0xff;
            if (marker == START_OF_SCAN) {
                return true;
            }
            if (PICTURE_SEGMENTS.indexOf(marker) < 0) {
                return false;
            }
            at += 2 + ((bytes[at + 2] & 0xff) << 8 | bytes[at + 3] & 0xff);
        }
        return false;
    }

    /** In a scan itself no such marker stands: a byte of all ones is followed by a nought there. */
    private static int scans(byte[] jpeg) {
        int scans = 0;
        for (int i = 0; i + 1 < jpeg.length; i++) {
            scans += (jpeg[i] & 0xff) == 0xff && (jpeg[i + 1] & 0xff) == START_OF_SCAN ? 1 : 0;
        }
        return scans;
    }

    private static boolean hasTurn() {
        try {
            return TURN.tryAcquire(PATIENCE_SECONDS, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private static Reading<BufferedImage> decode(byte[] bytes, String format) throws IOException {
        byte[] its = format.equals("png") ? PngChunks.pictureOnly(bytes) : bytes;
        Iterator<ImageReader> readers = ImageIO.getImageReadersByFormatName(format);
        if (!readers.hasNext()) {
            return failed("Pictures of this kind cannot be read here. Use JPEG or PNG.");
        }
        ImageReader reader = readers.next();
        AtomicBoolean cutOff = new AtomicBoolean();
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(its))) {
            reader.setInput(in, true, true);
            // the decoder fills up half a file with grey, and only warns
            reader.addIIOReadWarningListener(
                    (source, warning) -> cutOff.compareAndSet(false, warning.contains("remature end")));
            long most = format.equals("webp") ? MOST_WEBP_PIXELS : MOST_PIXELS;
            Reading<BufferedImage> picture = decode(reader, most, format.equals("jpeg") ? orientation(bytes) : 1);
            return cutOff.get() ? failed(BROKEN) : picture;
        } finally {
            reader.dispose();
        }
    }

    private static Reading<BufferedImage> decode(ImageReader reader, long most, int orientation) throws IOException {
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        if ((long) width * height > most) {
            return failed(String.format(
                    java.util.Locale.ROOT,
                    "The picture has %d × %d pixels; at most %d million are taken.",
                    width,
                    height,
                    most / 1_000_000));
        }
        ImageReadParam param = reader.getDefaultReadParam();
        int every = Math.max(1, (Math.max(width, height) + 2 * LONGEST - 1) / (2 * LONGEST));
        param.setSourceSubsampling(every, every, 0, 0);
        return Reading.of(upright(reader.read(0, param), orientation));
    }

    private static <T> Reading<T> failed(String message) {
        return Reading.failed(List.of(new Problem("photo", "", message)));
    }

    private static Optional<String> format(byte[] b) {
        if (b.length > 12 && (b[0] & 0xff) == 0xff && (b[1] & 0xff) == 0xd8) {
            return Optional.of("jpeg");
        }
        if (b.length > 12 && (b[0] & 0xff) == 0x89 && b[1] == 'P' && b[2] == 'N' && b[3] == 'G') {
            return Optional.of("png");
        }
        boolean webp = b.length > 12 && b[0] == 'R' && b[1] == 'I' && b[2] == 'F' && b[3] == 'F' && b[8] == 'W';
        return webp ? Optional.of("webp") : Optional.empty();
    }

    /** How the camera was held (EXIF 1 to 8); 1 where nothing says so. */
    private static int orientation(byte[] bytes) {
        try {
            ExifIFD0Directory exif = JpegMetadataReader.readMetadata(
                            new ByteArrayInputStream(bytes), List.of(new ExifReader()))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            return exif != null && exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? exif.getInt(ExifIFD0Directory.TAG_ORIENTATION)
                    : 1;
        } catch (ImageProcessingException | IOException | MetadataException e) {
            return 1;
        }
    }

    private static BufferedImage upright(BufferedImage raw, int orientation) {
        double scale = Math.min(1, (double) LONGEST / Math.max(raw.getWidth(), raw.getHeight()));
        int w = Math.max(1, (int) Math.round(raw.getWidth() * scale));
        int h = Math.max(1, (int) Math.round(raw.getHeight() * scale));
        boolean sideways = orientation >= 5;
        BufferedImage picture = new BufferedImage(sideways ? h : w, sideways ? w : h, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = picture.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, picture.getWidth(), picture.getHeight());
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        AffineTransform turn = switch (orientation) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
            case 8 -> new AffineTransform(0, -1, 1, 0, 0, w);
            default -> new AffineTransform();
        };
        turn.scale((double) w / raw.getWidth(), (double) h / raw.getHeight());
        g.drawImage(raw, turn, null);
        g.dispose();
        return picture;
    }

    private static byte[] jpeg(BufferedImage picture) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(out);
            ImageWriteParam param = writer.getDefaultWriteParam();
            param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            param.setCompressionQuality(QUALITY);
            writer.write(null, new IIOImage(picture, null, null), param);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }
}
