package gatepin.web.upgrade;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Copies of the whole database as the server's own client writes them, in {@code var/backup}, readable by their owner only. The last few
 * are kept.
 */
@Component
final class Backups {
    private static final int KEPT = 5;
    private static final int PATIENCE_MINUTES = 10;
    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss");

    private final Path folder;
    private final URI database;
    private final String user;
    private final String password;
    private final Clock clock;

    Backups(
            @Value("${gatepin.var:${java.io.tmpdir}}") Path var,
            @Value("${spring.flyway.url}") String url,
            @Value("${spring.flyway.user}") String user,
            @Value("${spring.flyway.password}") String password,
            Clock clock) {
        this.folder = var.resolve("backup");
        this.database = URI.create(url.substring("jdbc:".length()));
        this.user = user;
        this.password = password;
        this.clock = clock;
    }

    /**
     * Writes a copy, and remembers that what follows may end halfway until {@link #settled()} says that it did not.
     *
     * @throws Refused when it cannot be written: then nothing has been changed
     */
    Path begin() {
        Path file = folder.resolve("before-" + LocalDateTime.now(clock).format(STAMP) + ".sql");
        try {
            Files.createDirectories(folder);
            Files.deleteIfExists(file);
            Files.createFile(file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
            run(client("mariadb-dump", "--single-transaction", "--routines", "--triggers")
                    .redirectOutput(file.toFile()));
            Files.writeString(pending(), file.toString());
            prune();
            return file;
        } catch (IOException e) {
            throw new Refused(
                    "Before the database is changed it is copied, and the copy could not be written: " + e.getMessage(),
                    "Nothing was changed. Make room, or see to it that the folder var/backup can be written, and start again.",
                    e);
        }
    }

    /** What follows the copy has ended well, or has been undone. */
    void settled() {
        try {
            Files.deleteIfExists(pending());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The copy made before a change that nobody saw the end of; empty where every change ended. */
    Optional<Path> unsettled() {
        try {
            return Files.exists(pending())
                    ? Optional.of(Path.of(Files.readString(pending()))).filter(Files::exists)
                    : Optional.empty();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Puts the database back as it was when that copy was made. */
    void restore(Path file) {
        String name = database.getPath().substring(1);
        try {
            run(client("mariadb", "--execute=drop database `" + name + "`; create database `" + name + "`", ""));
            run(client("mariadb").redirectInput(file.toFile()));
        } catch (IOException e) {
            throw new Refused(
                    "The database could not be put back as it was: " + e.getMessage(),
                    "Its copy is " + file + ". Start again: it is tried again first of all.",
                    e);
        }
    }

    private Path pending() {
        return folder.resolve("changing");
    }

    private void prune() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            List<Path> old = files.filter(f -> f.getFileName().toString().matches("before-.*\\.sql"))
                    .sorted(Comparator.reverseOrder())
                    .skip(KEPT)
                    .toList();
            for (Path file : old) {
                Files.delete(file);
            }
        }
    }

    /** The client on our database, or on none where the last word is empty. */
    private ProcessBuilder client(String program, String... words) {
        List<String> command = new ArrayList<>(List.of(
                program,
                "--no-defaults",
                "--protocol=tcp",
                "--host=" + database.getHost(),
                "--port=" + database.getPort(),
                "--user=" + user,
                "--default-character-set=utf8mb4"));
        boolean elsewhere = words.length > 0 && words[words.length - 1].isEmpty();
        command.addAll(Stream.of(words).filter(w -> !w.isEmpty()).toList());
        if (!elsewhere) {
            command.add(database.getPath().substring(1));
        }
        ProcessBuilder builder = new ProcessBuilder(command);
        // not on the command line, where every user of the computer can read it
        builder.environment().put("MYSQL_PWD", password);
        return builder;
    }

    private static void run(ProcessBuilder builder) throws IOException {
        Path said = Files.createTempFile("gatepin-client", ".txt");
        try {
            Process process = builder.redirectError(said.toFile()).start();
            if (!process.waitFor(PATIENCE_MINUTES, TimeUnit.MINUTES)) {
                process.destroyForcibly();
                throw new IOException(builder.command().get(0) + " did not end");
            }
            if (process.exitValue() != 0) {
                throw new IOException(
                        builder.command().get(0) + ": " + Files.readString(said).strip());
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException("interrupted", e);
        } finally {
            Files.deleteIfExists(said);
        }
    }
}
