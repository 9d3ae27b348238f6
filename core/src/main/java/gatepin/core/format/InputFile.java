package gatepin.core.format;

import gatepin.core.Problem;
import gatepin.core.Reading;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;

/** A file named on the command line; "-" is what is piped in. No more of it is read than a file may have. */
final class InputFile {
    private static final int MOST_SHOWN = 20;
    private static final byte[] ZIP = {'P', 'K', 3, 4};

    private InputFile() {}

    /** Its text, or why it cannot be had. */
    static Reading<String> text(String name) {
        try (InputStream in = name.equals("-") ? System.in : Files.newInputStream(Path.of(name))) {
            byte[] bytes = in.readNBytes(WiringReader.MOST_BYTES + 1);
            if (bytes.length > WiringReader.MOST_BYTES) {
                return failed("has more than " + WiringReader.MOST_BYTES + " bytes; at most " + WiringReader.MOST_BYTES
                        + " are read");
            }
            return Reading.of(StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes))
                    .toString());
        } catch (CharacterCodingException e) {
            return failed("is not text in UTF-8");
        } catch (IOException | InvalidPathException e) {
            return failed("cannot be read (" + e.getClass().getSimpleName() + ")");
        }
    }

    /** Whether a file begins as zip files do. */
    static boolean isZip(String name) {
        try (InputStream in = name.equals("-") ? InputStream.nullInputStream() : Files.newInputStream(Path.of(name))) {
            return Arrays.equals(in.readNBytes(ZIP.length), ZIP);
        } catch (IOException | InvalidPathException e) {
            return false;
        }
    }

    /** A job in one file, or why it cannot be had. */
    static Reading<JobArchive> job(String name) {
        try (InputStream in = Files.newInputStream(Path.of(name))) {
            return JobArchive.read(in);
        } catch (IOException e) {
            return Reading.failed(failed("cannot be read (" + e.getClass().getSimpleName() + ")")
                    .problems());
        }
    }

    private static Reading<String> failed(String message) {
        return Reading.failed(List.of(new Problem("", "", message)));
    }

    /** Writes problems, a line each: the file, the path into it, what is wrong. */
    static int refuse(String name, List<Problem> problems, PrintWriter err) {
        problems.stream()
                .limit(MOST_SHOWN)
                .forEach(p -> err.println(name + ": " + (p.field().isEmpty() ? "" : p.field() + ": ") + p.message()));
        if (problems.size() > MOST_SHOWN) {
            err.println(name + ": and " + (problems.size() - MOST_SHOWN) + " more");
        }
        return Commands.WRONG;
    }
}
