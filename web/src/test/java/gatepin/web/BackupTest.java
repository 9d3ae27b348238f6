package gatepin.web;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.web.pages.Gates;
import gatepin.web.pages.Visit;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** {@code ./gatepin backup} and {@code restore}, while it runs and people work, and while it does not. */
@Tag("alone")
class BackupTest {
    @SuppressWarnings("NullAway.Init")
    private ScriptFolder folder;

    @BeforeEach
    void aFolderOfItsOwn() throws IOException {
        folder = new ScriptFolder();
    }

    @AfterEach
    void nothingIsLeft() throws Exception {
        folder.close();
    }

    private int call(String... words) throws Exception {
        return folder.gatepin(words).waitFor();
    }

    private Path file(String name) {
        return folder.home().resolve(name);
    }

    private void backup(String name) throws Exception {
        assertThat(call("backup", file(name).toString()))
                .as(() -> said("backup"))
                .isZero();
    }

    private String said(String command) {
        try {
            return folder.said(command);
        } catch (IOException e) {
            return e.toString();
        }
    }

    /** All that a backup holds of the database, as statements; the keys of a table are listed by the server in any order. */
    private String statements(String name) throws Exception {
        Process unpack = new ProcessBuilder(
                        "bash",
                        "-c",
                        "tar -xOf \"$1\" gatepin.sql.gz | gunzip -c",
                        "-",
                        file(name).toString())
                .start();
        try (BufferedReader lines =
                new BufferedReader(new InputStreamReader(unpack.getInputStream(), StandardCharsets.UTF_8))) {
            List<String> all = lines.lines()
                    .filter(l -> !l.startsWith("-- Dump completed"))
                    .toList();
            List<String> statements = new ArrayList<>();
            List<String> keys = new ArrayList<>();
            for (String line : all) {
                if (line.matches("\\s+(UNIQUE |PRIMARY )?KEY .*")) {
                    keys.add(line.replaceAll(",$", ""));
                } else {
                    Collections.sort(keys);
                    statements.addAll(keys);
                    keys.clear();
                    statements.add(line);
                }
            }
            return String.join("\n", statements);
        }
    }

    @Test
    @DisplayName(
            "taken while people work, put back over what came later: the same row for row, and what was there is kept")
    void underLoadAndBack() throws Exception {
        folder.start();
        folder.waitUntilItAnswers();
        Visit visit = new Visit(folder.address());
        visit.go("/shops/new")
                .type("#name", "Backed up")
                .tick("input[value='IEC']")
                .press("Open the shop");
        AtomicBoolean enough = new AtomicBoolean();
        CountDownLatch first = new CountDownLatch(1);
        Thread people = new Thread(() -> {
            Visit busy = new Visit(folder.address());
            for (int i = 0; !enough.get(); i++) {
                new Gates(busy).open("Machine " + i);
                first.countDown();
            }
        });
        people.start();
        assertThat(first.await(1, TimeUnit.MINUTES)).isTrue();

        backup("first.backup");

        enough.set(true);
        people.join();
        visit.go("/jobs/new").type("#machine", "Later machine").press("Open the job");
        assertThat(call("restore", file("first.backup").toString()))
                .as(() -> said("restore"))
                .isZero();
        folder.waitUntilItAnswers();
        assertThat(new Visit(folder.address()).go("/").text())
                .contains("Machine 0")
                .doesNotContain("Later machine");
        backup("second.backup");
        assertThat(statements("second.backup")).isEqualTo(statements("first.backup"));
        assertThat(said("restore")).contains("kept in");
        try (var kept = Files.list(file("var/backup"))) {
            Path before = kept.filter(f -> f.toString().endsWith(".backup"))
                    .findFirst()
                    .orElseThrow();
            assertThat(statements("var/backup/" + before.getFileName())).contains("Later machine");
        }
        assertThat(Files.getPosixFilePermissions(file("first.backup")).toString())
                .doesNotContain("OTHERS", "GROUP");
    }

    @Test
    @DisplayName(
            "while nothing runs, too; a broken file, another tar and a file that is there are refused and change nothing")
    void standing() throws Exception {
        folder.start();
        folder.waitUntilItAnswers();
        Visit visit = new Visit(folder.address());
        visit.go("/shops/new")
                .type("#name", "Kept shop")
                .tick("input[value='IEC']")
                .press("Open the shop");
        assertThat(call("stop")).isZero();
        backup("good.backup");
        assertThat(call("backup", file("good.backup").toString())).isEqualTo(1);
        assertThat(said("backup")).contains("is there already");

        byte[] good = Files.readAllBytes(file("good.backup"));
        byte[] broken = good.clone();
        broken[broken.length / 2] ^= 1;
        Files.write(file("broken.backup"), broken);
        Files.write(file("short.backup"), java.util.Arrays.copyOf(good, 5000));
        Files.writeString(file("text.backup"), "no backup");
        new ProcessBuilder(
                        "tar",
                        "-cf",
                        file("other.backup").toString(),
                        "-C",
                        file("scripts").toString(),
                        "mariadb")
                .start()
                .waitFor();
        for (String bad : new String[] {"broken", "short", "text", "other", "missing"}) {
            assertThat(call("restore", file(bad + ".backup").toString()))
                    .as(bad)
                    .isEqualTo(1);
            assertThat(said("restore")).as(bad).contains("gatepin: ").doesNotContain("line ", "restored");
        }
        backup("again.backup");
        assertThat(statements("again.backup")).isEqualTo(statements("good.backup"));
        assertThat(call("restore", file("good.backup").toString()))
                .as(() -> said("restore"))
                .isZero();
        assertThat(folder.ours()).as("nothing runs that did not run before").isEmpty();
    }

    /** A backup that says of itself that it is whole, with other statements in it. */
    private void forge(String name, String statements) throws Exception {
        Path forged = Files.createDirectories(file("forged"));
        int done = new ProcessBuilder(
                        "bash",
                        "-c",
                        """
                        set -e; cd "$1"; printf '%s\\n' "$2" | gzip >gatepin.sql.gz
                        printf 'format=gatepin-backup\\nversion=1\\nschema=1\\nsha256=%s\\n' "$(sha256sum <gatepin.sql.gz | cut -d' ' -f1)" >manifest
                        tar -cf "$3" manifest gatepin.sql.gz
                        """,
                        "-",
                        forged.toString(),
                        statements,
                        file(name).toString())
                .start()
                .waitFor();
        assertThat(done).isZero();
    }

    @Test
    @DisplayName(
            "nothing that a file says is executed before it is judged: no command, no file, no other database, and the yard is as it was")
    void evil() throws Exception {
        folder.start();
        folder.waitUntilItAnswers();
        // who practises is written down at the first look, which the application takes by itself at some moment
        new Visit(folder.address()).go("/practice");
        backup("before.backup");
        Path mark = file("mark");
        for (String evil : new String[] {
            "\\! touch " + mark,
            "system touch " + mark,
            "-- harmless\nsource /etc/passwd",
            "select 'x' into outfile '" + mark + "';",
            "drop database gatepin;",
            "INSERT INTO `shop` VALUES (1); drop database gatepin;",
            "INSERT INTO `shop` VALUES ('\\\\'); drop database gatepin; -- ');",
            "/*!50001 drop database gatepin */;",
            "CREATE TABLE `x` (\n  `id` int\n) ENGINE=CONNECT;",
            "CREATE TABLE `x` (\n  `id` int\n) ENGINE=InnoDB DATA DIRECTORY='/tmp';",
            "INSERT INTO `shop` VALUES (sleep(100000));",
            "INSERT INTO `shop` VALUES (1),\n(benchmark(9999999999, 1));",
            "CREATE TABLE `x` (\n  `id` int DEFAULT (sleep(1000))\n) ENGINE=InnoDB;",
            "create trigger t before insert on shop for each row set @x = 1;",
            "grant all on *.* to 'gatepin_app'@'127.0.0.1';"
        }) {
            forge("evil.backup", evil);
            for (String[] words : new String[][] {{"restore"}, {"restore", "--from-elsewhere"}}) {
                List<String> call = new ArrayList<>(List.of(words));
                call.add(file("evil.backup").toString());
                assertThat(call(call.toArray(String[]::new))).as(evil).isEqualTo(1);
                assertThat(said("restore"))
                        .as(evil)
                        .contains("is no table of a yard")
                        .doesNotContain("restored");
                assertThat(mark).doesNotExist();
            }
        }
        folder.waitUntilItAnswers();
        backup("after.backup");
        assertThat(statements("after.backup")).isEqualTo(statements("before.backup"));
    }

    @Test
    @DisplayName(
            "a copy of another installation is taken only by one who says so; what is asked for with a key stays so")
    void fromElsewhere() throws Exception {
        assertThat(folder.gatepin(Map.of("GATEPIN_KEY", "true"), "start", "--background")
                        .waitFor())
                .isZero();
        assertThat(Files.readString(file("var/address"))).contains("?key=");
        backup("own.backup");
        Files.delete(file("var/db/backup.key"));
        assertThat(call("restore", file("own.backup").toString())).isEqualTo(1);
        assertThat(said("restore")).contains("was not made here").contains("--from-elsewhere");
        assertThat(call("restore", "--from-elsewhere", file("own.backup").toString()))
                .as(() -> said("restore"))
                .isZero();
        String address = Files.readString(file("var/address")).strip();
        assertThat(address).as("locked before, locked after").contains("?key=");
        assertThat(new Visit(address.replaceAll("/\\?key=.*", "")).statusOf("/"))
                .as("without the key")
                .isNotEqualTo(200);
        assertThat(folder.gatepin(Map.of("GATEPIN_KEY", "perhaps"), "start").waitFor())
                .isEqualTo(1);
        assertThat(said("start")).contains("say on or off");
    }
}
