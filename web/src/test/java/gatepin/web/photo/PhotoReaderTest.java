package gatepin.web.photo;

import static org.assertj.core.api.Assertions.assertThat;

import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.exif.ExifIFD0Directory;
import gatepin.core.Problem;
import gatepin.web.photo.PhotoReader.Photo;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PhotoReaderTest {
    /** A WebP of one pixel. */
    private static final String WEBP = "UklGRiQAAABXRUJQVlA4IBgAAAAwAQCdASoBAAEAAwA0JaQAA3AA/vuUAAA=";

    /** Red at the upper left, so that one can tell how it is turned. */
    private static byte[] picture(String format, int width, int height) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < width / 2; x++) {
            for (int y = 0; y < height / 2; y++) {
                image.setRGB(x, y, Color.RED.getRGB());
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    /** Puts an EXIF block with an orientation and a maker behind the first marker of a JPEG. */
    private static byte[] held(byte[] jpeg, int orientation) throws IOException {
        byte[] exif = {
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            0x01,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            (byte) orientation,
            0,
            0,
            0,
            0,
            0,
            0
        };
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(jpeg, 0, 2);
        out.write(new byte[] {(byte) 0xff, (byte) 0xe1, 0, (byte) (exif.length + 2)});
        out.write(exif);
        out.write(jpeg, 2, jpeg.length - 2);
        return out.toByteArray();
    }

    @ParameterizedTest
    @ValueSource(strings = {"jpeg", "png"})
    void aPictureIsWrittenAnewAsJpeg(String format) throws IOException {
        Photo photo = PhotoReader.read(picture(format, 120, 80)).value().orElseThrow();

        assertThat(photo.width()).isEqualTo(120);
        assertThat(photo.jpeg()).startsWith(0xff, 0xd8, 0xff);
    }

    @Test
    void webpIsReadToo() {
        assertThat(PhotoReader.read(Base64.getDecoder().decode(WEBP)).value()).isPresent();
    }

    @Test
    void itIsTurnedUprightAndWhatItCarriedIsDropped() throws Exception {
        byte[] sideways = held(picture("jpeg", 120, 80), 6);

        Photo photo = PhotoReader.read(sideways).value().orElseThrow();

        assertThat(photo.width()).isEqualTo(80);
        assertThat(photo.height()).isEqualTo(120);
        BufferedImage upright = ImageIO.read(new ByteArrayInputStream(photo.jpeg()));
        assertThat(new Color(upright.getRGB(70, 10)).getRed())
                .as("what was at the upper left is at the upper right")
                .isGreaterThan(200);
        assertThat(new Color(upright.getRGB(10, 110)).getRed()).isLessThan(60);
        assertThat(ImageMetadataReader.readMetadata(new ByteArrayInputStream(photo.jpeg()))
                        .containsDirectoryOfType(ExifIFD0Directory.class))
                .isFalse();
    }

    @Test
    void aLargePictureIsMadeSmallerAndAHugeOneRefused() throws IOException {
        assertThat(PhotoReader.read(picture("png", 6000, 3000))
                        .value()
                        .orElseThrow()
                        .width())
                .isLessThanOrEqualTo(PhotoReader.LONGEST);
        byte[] huge = picture("png", 10, 10);
        // the header alone says how large it is
        huge[16] = 0;
        huge[17] = 1;
        huge[20] = 0;
        huge[21] = 1;
        assertThat(PhotoReader.read(huge).problems())
                .singleElement()
                .extracting(Problem::message)
                .asString()
                .contains("pixels; at most 60 million");
    }

    @Test
    void whatIsNoPictureIsRefused() throws IOException {
        assertThat(PhotoReader.read(new byte[0]).problems()).isNotEmpty();
        assertThat(PhotoReader.read("<svg onload='alert(1)'/>".getBytes(StandardCharsets.UTF_8))
                        .problems())
                .extracting(Problem::message)
                .allMatch(m -> m.contains("no JPEG, PNG or WebP"));
        assertThat(PhotoReader.read(new byte[PhotoReader.MOST_BYTES + 1]).problems())
                .extracting(Problem::message)
                .allMatch(m -> m.contains("at most 12 MB"));
        byte[] cut = Arrays.copyOf(picture("png", 300, 300), 120);
        assertThat(PhotoReader.read(cut).value()).isEmpty();
    }

    @Test
    void aPictureOfAThousandScansIsNotDecoded() throws IOException {
        byte[] jpeg = picture("jpeg", 300, 200);
        ByteArrayOutputStream many = new ByteArrayOutputStream();
        many.write(jpeg, 0, jpeg.length - 2);
        for (int i = 0; i < 1000; i++) {
            many.writeBytes(new byte[] {(byte) 0xff, (byte) 0xda, 0, 8, 1, 1, 0, 0, 63, 0});
        }
        many.write(jpeg, jpeg.length - 2, 2);
        assertThat(PhotoReader.read(many.toByteArray()).problems())
                .singleElement()
                .extracting(Problem::message)
                .asString()
                .contains("more than 60 scans");
        assertThat(PhotoReader.read(jpeg).value()).isPresent();
    }

    @Test
    void halfAFileIsNoPicture() throws IOException {
        byte[] jpeg = picture("jpeg", 900, 700);
        for (byte[] whole : List.of(jpeg, held(jpeg, 6), picture("png", 900, 700))) {
            for (int percent : List.of(30, 60, 90, 98)) {
                byte[] half = Arrays.copyOf(whole, whole.length * percent / 100);
                assertThat(PhotoReader.read(half).value())
                        .as("%d %% of a file", percent)
                        .isEmpty();
            }
            assertThat(PhotoReader.read(whole).value()).isPresent();
        }
    }

    @Test
    void aTextThatUnpacksToMoreThanThereIsMemoryIsNotUnpacked() throws IOException {
        byte[] png = picture("png", 60, 40);
        ByteArrayOutputStream bomb = new ByteArrayOutputStream();
        // signature and IHDR, then a compressed text of a gigabyte, then the rest
        bomb.write(png, 0, 33);
        ByteArrayOutputStream text = new ByteArrayOutputStream();
        text.write("zTXtComment\0\0".getBytes(StandardCharsets.ISO_8859_1));
        try (DeflaterOutputStream deflater = new DeflaterOutputStream(text)) {
            byte[] zeros = new byte[1_000_000];
            for (int i = 0; i < 1000; i++) {
                deflater.write(zeros);
            }
        }
        byte[] chunk = text.toByteArray();
        CRC32 sum = new CRC32();
        sum.update(chunk);
        bomb.write(ByteBuffer.allocate(4).putInt(chunk.length - 4).array());
        bomb.write(chunk);
        bomb.write(ByteBuffer.allocate(4).putInt((int) sum.getValue()).array());
        bomb.write(png, 33, png.length - 33);

        long before = allocated();
        assertThat(PhotoReader.read(bomb.toByteArray()).value()).isPresent();
        assertThat(allocated() - before)
                .as("bytes taken for a file of %d", bomb.size())
                .isLessThan(100_000_000);
    }

    private static long allocated() {
        return ((com.sun.management.ThreadMXBean) ManagementFactory.getThreadMXBean())
                .getThreadAllocatedBytes(Thread.currentThread().getId());
    }

    @Test
    void severalLargePicturesAtOnceAreAllRead() throws Exception {
        byte[] large = picture("jpeg", 7000, 6000);
        ExecutorService people = Executors.newFixedThreadPool(4);
        try {
            List<Future<Optional<Photo>>> sent = new ArrayList<>();
            for (int i = 0; i < 4; i++) {
                sent.add(people.submit(() -> PhotoReader.read(large).value()));
            }
            for (Future<Optional<Photo>> one : sent) {
                assertThat(one.get()).isPresent();
            }
        } finally {
            people.shutdownNow();
        }
    }

    @Test
    void brokenFilesNeverMakeItFail() throws IOException {
        byte[] sound = picture("jpeg", 60, 60);
        for (long seed = 0; seed < 200; seed++) {
            Random random = new Random(seed);
            byte[] broken = sound.clone();
            for (int i = 0; i < 8; i++) {
                broken[2 + random.nextInt(broken.length - 2)] = (byte) random.nextInt();
            }
            assertThat(PhotoReader.read(broken)).as("seed %d", seed).isNotNull();
        }
    }
}
