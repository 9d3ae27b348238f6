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
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** {@code ./gatepin start} and {@code stop} in a folder of their own with an odd name: what dies comes back, what is stopped stays down. */
class KeeperTest {
    private static final Duration SOON = Duration.ofSeconds(240);

    private Path home = Path.of("");
    private String address = "";

    /** The two scripts as they are, with an application made of the classes under test instead of a build. */
    @BeforeEach
    void aFolderOfItsOwn() throws IOException {
        Path root = RunningDatabase.projectRoot();
        Path tests = Path.of(System.getenv().getOrDefault("GATEPIN_TEST_DIR", System.getProperty("java.io.tmpdir")));
        home = Files.createTempDirectory(tests, "odd (name) [x]+$ ");
        for (String folder :
                List.of("scripts", "web/target", "core/src/main", "web/src/main", "web/static-src", "bin")) {
            Files.createDirectories(home.resolve(folder));
        }
        for (String file : List.of("gatepin", "scripts/mariadb", "scripts/processes")) {
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

    @AfterEach
    void nothingIsLeft() throws Exception {
        gatepin("stop").waitFor();
        assertThat(ours()).as("processes of the folder after a stop").isEmpty();
        try (Stream<Path> files = Files.walk(home)) {
            files.sorted(Comparator.reverseOrder()).forEach(f -> f.toFile().delete());
        }
    }

    private Process gatepin(String... words) {
        List<String> command =
                new ArrayList<>(List.of("bash", home.resolve("gatepin").toString()));
        command.addAll(List.of(words));
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.environment().put("PATH", home.resolve("bin") + ":" + System.getenv("PATH"));
        builder.environment().put("GATEPIN_DEMO", "false");
        builder.environment().put("TMPDIR", longFolder().toString());
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

    private String said(String command) throws IOException {
        return Files.readString(home.resolve(command + ".said"), StandardCharsets.UTF_8);
    }

    private void start() throws Exception {
        assertThat(gatepin("start", "--background").waitFor(120, TimeUnit.SECONDS))
                .isTrue();
        assertThat(said("start")).contains("ready at http://127.0.0.1:");
        address = Files.readString(home.resolve("var/address")).strip().replaceAll("/$", "");
    }

    private List<ProcessHandle> ours() {
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

    private ProcessHandle the(String word) {
        return ours().stream()
                .filter(p -> command(p).contains(word))
                .findFirst()
                .orElseThrow();
    }

    private void waitUntilItAnswers() throws InterruptedException {
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

    @Test
    void whatDiesComesBackAndWhatIsStoppedStaysDown() throws Exception {
        start();
        waitUntilItAnswers();
        assertThat(Files.getPosixFilePermissions(home.resolve("var/log/gatepin.log")))
                .isEqualTo(PosixFilePermissions.fromString("rw-------"));

        the("--datadir=").destroyForcibly();
        TimeUnit.SECONDS.sleep(1);
        waitUntilItAnswers();
        the("-Dgatepin.home=").destroyForcibly();
        TimeUnit.SECONDS.sleep(1);
        waitUntilItAnswers();
        assertThat(Files.readString(home.resolve("var/log/keeper.log")))
                .contains("the database is gone; bringing it back", "the application is gone; bringing it back");

        gatepin("start").waitFor();
        assertThat(said("start")).contains("is running already at " + address);

        // a start while a stop is under way, and passwords that are shell code
        Process stop = gatepin("stop");
        Path ran = home.resolve("ran");
        Files.writeString(home.resolve("var/db/secrets"), "GATEPIN_DB_APP_PASSWORD=$(touch '" + ran + "')\n");
        start();
        assertThat(stop.waitFor()).isZero();
        waitUntilItAnswers();
        assertThat(ran).doesNotExist();
        assertThat(said("start")).doesNotContain("unbound", "No such file");

        // whatever became of the keeper, the others are found and ended
        the("keep").destroyForcibly();
        assertThat(gatepin("stop").waitFor()).isZero();
        assertThat(said("stop")).contains("stopped");
        assertThat(gatepin("stop").waitFor()).isZero();
        assertThat(said("stop")).contains("nothing of this folder is running");
    }

    @Test
    void aFolderThatCannotBeWrittenIsSaidPlainly() throws Exception {
        Files.writeString(home.resolve("var"), "no folder");

        assertThat(gatepin("start").waitFor()).isEqualTo(1);
        assertThat(said("start")).contains("cannot write into").doesNotContain("line ");
        Files.delete(home.resolve("var"));
    }
}
