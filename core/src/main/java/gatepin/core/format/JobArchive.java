package gatepin.core.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.Schema;
import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.lane.Facts;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.attribute.FileTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/**
 * A whole job in one file: a zip with {@code job.json} (docs/formats/job-1.schema.json), its photos, and a summary to be read by people.
 * What comes in is read with bounds on everything, and nothing of it is written anywhere.
 *
 * @param job what {@code job.json} holds
 * @param facts the facts in it
 * @param photos the photos by their names
 */
public record JobArchive(JsonNode job, Facts facts, Map<String, byte[]> photos) {
    /** More than this is no job, bytes unpacked. */
    public static final long MOST_BYTES = 60_000_000;

    /** {@code job.json} alone. */
    private static final int MOST_JSON = 12_000_000;

    private static final int MOST_ENTRIES = 300;
    private static final String JOB = "job.json";
    private static final String SUMMARY = "summary.txt";
    private static final Pattern PHOTO = Pattern.compile("photos/[a-z0-9_-]{1,60}\\.jpg");
    private static final Schema SCHEMA = JsonText.schema("job-1");

    public JobArchive {
        photos = Map.copyOf(photos);
    }

    /** The machine's name. */
    public String machine() {
        return job.path("machine").asText();
    }

    /**
     * Writes a job.
     *
     * @param job what {@code job.json} is to hold; the photos are named in it
     * @param summary for people
     */
    public static void write(OutputStream out, ObjectNode job, Map<String, byte[]> photos, String summary)
            throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            entry(zip, JOB, job.toPrettyString().getBytes(StandardCharsets.UTF_8));
            entry(zip, SUMMARY, summary.getBytes(StandardCharsets.UTF_8));
            for (Map.Entry<String, byte[]> photo : photos.entrySet()) {
                entry(zip, photo.getKey(), photo.getValue());
            }
        }
    }

    private static void entry(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        // the same job gives the same file
        entry.setLastModifiedTime(FileTime.fromMillis(0));
        zip.putNextEntry(entry);
        zip.write(bytes);
        zip.closeEntry();
    }

    /** Reads a job; what is wrong with the file is one sentence. */
    public static Reading<JobArchive> read(InputStream in) {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        long left = MOST_BYTES;
        try (ZipInputStream zip = new ZipInputStream(in)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                String name = entry.getName();
                boolean isPhoto = PHOTO.matcher(name).matches();
                if (!isPhoto && !name.equals(JOB) && !name.equals(SUMMARY)) {
                    return failed("It holds something that belongs to no job: " + shown(name) + ".");
                }
                byte[] bytes = bytes(zip, Math.min(left, isPhoto ? left : MOST_JSON));
                left -= bytes.length;
                if (entries.put(name, bytes) != null || entries.size() > MOST_ENTRIES) {
                    return failed("It holds " + shown(name) + " twice, or more things than a job has.");
                }
            }
        } catch (TooMuch e) {
            return failed("Unpacked it is larger than any job: more than " + MOST_BYTES / 1_000_000 + " MB.");
        } catch (ZipException | IllegalArgumentException e) {
            return failed("It is no zip file, or a damaged one.");
        } catch (IOException e) {
            return failed("It is no whole zip file: it ends too early, or is damaged.");
        }
        byte[] json = entries.remove(JOB);
        if (json == null) {
            return failed("It is no job: a job is a zip file with job.json in it.");
        }
        entries.remove(SUMMARY);
        return read(json, entries);
    }

    private static Reading<JobArchive> read(byte[] json, Map<String, byte[]> photos) {
        String text;
        try {
            text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(json))
                    .toString();
        } catch (CharacterCodingException e) {
            return failed("Its job.json is not text in UTF-8.");
        }
        Reading<JsonNode> root = JsonText.read(text, JobArchive::schemaOf);
        if (root.value().isEmpty()) {
            Problem first = root.problems().get(0);
            return failed("Its job.json is not as it should be"
                    + (first.field().isEmpty() ? ": " : " at " + shown(first.field()) + ": ") + first.message());
        }
        JsonNode job = root.value().orElseThrow();
        try {
            return Reading.of(new JobArchive(
                    job, FactsJson.read(job.path("facts"), job.path("record").path("tables")), photos));
        } catch (RuntimeException e) {
            return failed("Its facts are none that a job can have: " + shown(String.valueOf(e.getMessage())) + ".");
        }
    }

    private static Reading<Schema> schemaOf(JsonNode root) {
        if (!root.path("format").asText().equals("gatepin-job")) {
            return Reading.failed(List.of(new Problem("", "", "it is no job: its format is not gatepin-job.")));
        }
        return root.path("version").asInt() == 1
                ? Reading.of(SCHEMA)
                : Reading.failed(List.of(
                        new Problem("", "", "it is of another version of this format; version 1 is read here.")));
    }

    /** Thrown where an entry unpacks to more than may be. */
    private static final class TooMuch extends IOException {
        private static final long serialVersionUID = 1;
    }

    private static byte[] bytes(InputStream in, long most) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        byte[] piece = new byte[8192];
        for (int read = in.read(piece); read > 0; read = in.read(piece)) {
            if (bytes.size() + read > most) {
                throw new TooMuch();
            }
            bytes.write(piece, 0, read);
        }
        return bytes.toByteArray();
    }

    private static String shown(String text) {
        String plain = text.replaceAll("[\\p{Cntrl}]", " ").strip();
        return plain.length() > 80 ? plain.substring(0, 77) + "…" : plain;
    }

    private static Reading<JobArchive> failed(String message) {
        return Reading.failed(List.of(new Problem("file", "", message)));
    }
}
