package gatepin.web;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.web.pages.Visit;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** {@code ./gatepin} in a folder of its own with an odd name. */
final class ScriptFolder {
    private static final Duration SOON = Duration.ofSeconds(240);

    private final Path home;
    private String address = "";

    /** The scripts as they are, with an application made of the classes under test instead of a build. */
    ScriptFolder() throws IOException {
        Path root = RunningDatabase.projectRoot();
        Path tests = Path.of(System.getenv().getOrDefault("GATEPIN_TEST_DIR", System.getProperty("java.io.tmpdir")));
        home = Files.createTempDirectory(tests, "odd (name) [x]+$ ");
        for (String folder : List.of(
                "scripts", "web/target", "core/src/main", "web/src/main", "web/static-src", "docs/formats", "bin")) {
            Files.createDirectories(home.resolve(folder));
        }
        for (String file : List.of("gatepin", "scripts/mariadb", "scripts/processes", "scripts/backup")) {
            Files.copy(root.resolve(file), home.resolve(file));
        }
        for (String file : List.of("pom.xml", "core/pom.xml", "web/pom.xml", "web/target/gatepin.jar")) {
            Files.writeString(home.resolve(file), "");
        }
        Path java = Path.of(System.getProperty("java.home"), "bin", "java");
        Path standIn = home.resolve("bin/java");
        Files.writeString(standIn, """
                #!/usr/bin/env bash
                words=()
                while [ $# -gt 0 ]; do
                  case $1 in
                    -Djarmode=tools) mkdir -p "${@: -1}"; : >"${@: -1}/gatepin.jar"; exit 0 ;;
                    -jar) shift; words+=(-cp '%s' gatepin.web.GatePin) ;;
                    *) words+=("$1") ;;
                  esac
                  shift
                done
                exec '%s' "${words[@]}"
                """.formatted(System.getProperty("java.class.path"), java));
        Files.setPosixFilePermissions(standIn, PosixFilePermissions.fromString("rwxr-xr-x"));
    }

    /** Stops everything; nothing of it is left. */
    void close() throws Exception {
        gatepin("stop").waitFor();
        assertThat(ours()).as("processes of the folder after a stop").isEmpty();
        try (Stream<Path> files = Files.walk(home)) {
            files.sorted(Comparator.reverseOrder()).forEach(f -> f.toFile().delete());
        }
    }

    Path home() {
        return home;
    }

    String address() {
        return address;
    }

    /** Calls the script. */
    Process gatepin(String... words) {
        return gatepin(Map.of(), words);
    }

    /** Calls it with more in its environment. */
    Process gatepin(Map<String, String> told, String... words) {
        List<String> command =
                new ArrayList<>(List.of("bash", home.resolve("gatepin").toString()));
        command.addAll(List.of(words));
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.environment().put("PATH", home.resolve("bin") + ":" + System.getenv("PATH"));
        builder.environment().put("GATEPIN_DEMO", "false");
        builder.environment().put("TMPDIR", longFolder().toString());
        builder.environment().putAll(told);
        builder.redirectOutput(home.resolve(words[0] + ".said").toFile());
        try {
            return builder.start();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A temporary folder too deep for a socket. */
    private Path longFolder() {
        try {
            return Files.createDirectories(home.resolve("t".repeat(60)).resolve("t".repeat(60)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What a command said last. */
    String said(String command) throws IOException {
        return Files.readString(home.resolve(command + ".said"), StandardCharsets.UTF_8);
    }

    /** Starts in the background, and knows the address from then on. */
    void start() throws Exception {
        start(Map.of());
    }

    /** The same with more in its environment. */
    void start(Map<String, String> told) throws Exception {
        assertThat(gatepin(told, "start", "--background").waitFor(120, TimeUnit.SECONDS))
                .isTrue();
        assertThat(said("start")).contains("ready at http://127.0.0.1:");
        address = Files.readString(home.resolve("var/address")).strip().replaceAll("/$", "");
    }

    List<ProcessHandle> ours() {
        return ProcessHandle.allProcesses()
                .filter(ProcessHandle::isAlive)
                .filter(p -> command(p).contains(home.toString()))
                .toList();
    }

    private static String command(ProcessHandle process) {
        try {
            return Files.readString(Path.of("/proc/" + process.pid() + "/cmdline"), StandardCharsets.ISO_8859_1);
        } catch (IOException e) {
            return "";
        }
    }

    ProcessHandle the(String word) {
        return ours().stream()
                .filter(p -> command(p).contains(word))
                .findFirst()
                .orElseThrow();
    }

    /** Waits for the end of a process of this folder: a stop has the word then, and not whoever asked after it. */
    void waitUntilItIsGone(String word) throws InterruptedException {
        Instant end = Instant.now().plus(SOON);
        while (Instant.now().isBefore(end)
                && ours().stream().anyMatch(p -> command(p).contains(word))) {
            TimeUnit.MILLISECONDS.sleep(20);
        }
        assertThat(ours()).as("a process of " + word).noneMatch(p -> command(p).contains(word));
    }

    /** Waits until it has opened its own pages once. */
    void waitUntilItIsWarm() throws Exception {
        Path log = home.resolve("var/log/gatepin.log");
        Instant end = Instant.now().plus(SOON);
        while (Instant.now().isBefore(end) && !Files.readString(log).contains("warmed up")) {
            TimeUnit.MILLISECONDS.sleep(100);
        }
        assertThat(log)
                .content()
                .as("a page of each kind, to the last one")
                .containsPattern("warmed up by [2-9][0-9] pages in ");
    }

    void waitUntilItAnswers() throws InterruptedException {
        Instant end = Instant.now().plus(SOON);
        Optional<Integer> status = Optional.empty();
        while (Instant.now().isBefore(end) && !status.equals(Optional.of(200))) {
            try {
                status = Optional.of(new Visit(address).statusOf("/shops/new"))
                        .filter(s -> s != 200 || new Visit(address).statusOf("/") == 200);
            } catch (UncheckedIOException e) {
                status = Optional.empty();
            }
            TimeUnit.MILLISECONDS.sleep(300);
        }
        assertThat(status)
                .as(() -> {
                    return log("keeper") + log("start") + log("gatepin");
                })
                .hasValue(200);
    }

    private String log(String name) {
        try {
            return name + ".log: " + Files.readString(home.resolve("var/log/" + name + ".log")) + "\n";
        } catch (IOException e) {
            return "no " + name + ".log: " + e + "\n";
        }
    }
}
