package gatepin.web;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Stream;

/** A private MariaDB in a folder of its own, started and stopped by the script that ./gatepin uses. */
public final class RunningDatabase {
    private final Path folder;
    private int port;

    private RunningDatabase(Path folder) {
        this.folder = folder;
    }

    /** Starts a database in a new temporary folder. */
    public static RunningDatabase startNew(String name) {
        return startNew(
                name, Path.of(System.getenv().getOrDefault("GATEPIN_TEST_DIR", System.getProperty("java.io.tmpdir"))));
    }

    /** Starts a database in a new folder under another one. */
    public static RunningDatabase startNew(String name, Path under) {
        try {
            RunningDatabase database = new RunningDatabase(Files.createTempDirectory(under, "db-" + name + "-"));
            Runtime.getRuntime().addShutdownHook(new Thread(database::remove));
            database.start();
            return database;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The root of the project, wherever the tests were started. */
    public static Path projectRoot() {
        Path here = Path.of("").toAbsolutePath();
        while (here != null && !Files.exists(here.resolve("scripts/mariadb"))) {
            here = here.getParent();
        }
        if (here == null) {
            throw new IllegalStateException("run the tests from inside the project");
        }
        return here;
    }

    public Path folder() {
        return folder;
    }

    public void start() {
        port = Integer.parseInt(script("start").strip());
    }

    public void stop() {
        script("stop");
    }

    private String script(String command) {
        try {
            Process process = new ProcessBuilder(
                            projectRoot().resolve("scripts/mariadb").toString(), command, folder.toString())
                    .redirectError(ProcessBuilder.Redirect.INHERIT)
                    .start();
            String output = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            if (process.waitFor() != 0) {
                throw new IllegalStateException("scripts/mariadb " + command + " failed: " + output);
            }
            return output;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** The server's process. */
    public ProcessHandle process() {
        try {
            long pid = Long.parseLong(
                    Files.readString(folder.resolve("mariadb.pid")).strip());
            return ProcessHandle.of(pid).orElseThrow();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What the application needs to find it. */
    public Map<String, String> environment() {
        try {
            Map<String, String> environment = new HashMap<>();
            environment.put("GATEPIN_DB_PORT", "" + port);
            for (String line : Files.readAllLines(folder.resolve("secrets"))) {
                environment.put(line.substring(0, line.indexOf('=')), line.substring(line.indexOf('=') + 1));
            }
            return environment;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void remove() {
        stop();
        try (Stream<Path> files = Files.walk(folder)) {
            files.sorted(Comparator.reverseOrder()).forEach(f -> f.toFile().delete());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
