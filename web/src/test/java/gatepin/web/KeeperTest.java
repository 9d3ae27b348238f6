package gatepin.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** {@code ./gatepin start} and {@code stop} in a folder of their own with an odd name: what dies comes back, what is stopped stays down. */
@Tag("alone")
class KeeperTest {
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

    @Test
    void whatDiesComesBackAndWhatIsStoppedStaysDown() throws Exception {
        folder.start();
        folder.waitUntilItAnswers();
        assertThat(Files.getPosixFilePermissions(folder.home().resolve("var/log/gatepin.log")))
                .isEqualTo(PosixFilePermissions.fromString("rw-------"));

        folder.the("--datadir=").destroyForcibly();
        TimeUnit.SECONDS.sleep(1);
        folder.waitUntilItAnswers();
        folder.the("-Dgatepin.home=").destroyForcibly();
        TimeUnit.SECONDS.sleep(1);
        folder.waitUntilItAnswers();
        assertThat(Files.readString(folder.home().resolve("var/log/keeper.log")))
                .contains("the database is gone; bringing it back", "the application is gone; bringing it back");

        folder.gatepin("start").waitFor();
        assertThat(folder.said("start")).contains("is running already at " + folder.address());

        // a start while a stop is under way, and passwords that are shell code
        Process stop = folder.gatepin("stop");
        Path ran = folder.home().resolve("ran");
        Files.writeString(folder.home().resolve("var/db/secrets"), "GATEPIN_DB_APP_PASSWORD=$(touch '" + ran + "')\n");
        folder.waitUntilItIsGone("keep");
        folder.start();
        assertThat(folder.said("start")).doesNotContain("is running already");
        assertThat(stop.waitFor()).isZero();
        folder.waitUntilItAnswers();
        assertThat(ran).doesNotExist();
        assertThat(folder.said("start")).doesNotContain("unbound", "No such file");

        // a sound application whose keeper was killed goes on under the next one
        long sound = folder.the("-Dgatepin.home=").pid();
        folder.the("keep").destroyForcibly();
        folder.waitUntilItIsGone("gatepin keep");
        folder.start();
        assertThat(folder.the("-Dgatepin.home=").pid()).isEqualTo(sound);
        folder.waitUntilItAnswers();
        folder.the("-Dgatepin.home=").destroyForcibly();
        TimeUnit.SECONDS.sleep(1);
        folder.waitUntilItAnswers();

        // whatever became of the keeper, the others are found and ended
        folder.the("keep").destroyForcibly();
        assertThat(folder.gatepin("stop").waitFor()).isZero();
        assertThat(folder.said("stop")).contains("stopped");
        assertThat(folder.gatepin("stop").waitFor()).isZero();
        assertThat(folder.said("stop")).contains("nothing of this folder is running");
    }

    @Test
    void aFolderThatCannotBeWrittenIsSaidPlainly() throws Exception {
        Files.writeString(folder.home().resolve("var"), "no folder");

        assertThat(folder.gatepin("start").waitFor()).isEqualTo(1);
        assertThat(folder.said("start")).contains("cannot write into").doesNotContain("line ");
        Files.delete(folder.home().resolve("var"));
    }
}
