package gatepin.web.photo;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Set;

/** The chunks of a PNG file (PNG specification, third edition, section 5; from memory). */
final class PngChunks {
    private static final int SIGNATURE = 8;
    /** Length, name and check sum of a chunk, bytes. */
    private static final int AROUND = 12;

    private static final Set<String> THE_PICTURE = Set.of("IHDR", "PLTE", "tRNS", "IDAT", "IEND");

    private PngChunks() {}

    /**
     * The same file with nothing in it but the picture: a short text chunk may unpack to more than there is memory.
     *
     * @throws IOException when a chunk or the end is missing
     */
    static byte[] pictureOnly(byte[] png) throws IOException {
        ByteArrayOutputStream kept = new ByteArrayOutputStream(png.length);
        kept.write(png, 0, SIGNATURE);
        int at = SIGNATURE;
        while (at + AROUND <= png.length) {
            int length = ByteBuffer.wrap(png, at, 4).getInt();
            if (length < 0 || length > png.length - at - AROUND) {
                throw new IOException("a chunk is cut off");
            }
            String name = new String(png, at + 4, 4, StandardCharsets.ISO_8859_1);
            if (THE_PICTURE.contains(name)) {
                kept.write(png, at, length + AROUND);
            }
            if (name.equals("IEND")) {
                return kept.toByteArray();
            }
            at += length + AROUND;
        }
        throw new IOException("the end is missing");
    }
}
