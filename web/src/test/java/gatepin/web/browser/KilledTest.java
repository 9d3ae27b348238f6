package gatepin.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.web.GatePin;
import gatepin.web.RunningDatabase;
import java.io.IOException;
import java.net.HttpURLConnection;
import java.net.ServerSocket;
import java.net.URI;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Application and database are killed while wires are being ticked: every tick that the page confirmed is there. */
@Tag("alone")
class KilledTest {
    @Test
    void everyConfirmedTickIsThereAfterBothAreKilled() throws Exception {
        RunningDatabase database = RunningDatabase.startNew("killed");
        int port = freePort();
        Process application = start(database, port);
        String job;
        int confirmed = 0;
        try (Browser browser = new Browser("http://127.0.0.1:" + port)) {
            Shop shop = new Shop(browser);
            job = shop.wireListOfASixLeadMotor("Killed machine");
            int wires = browser.all(".step").size();
            for (int i = 1; i <= 4; i++) {
                browser.press("Made. Next wire");
                browser.untilText("[x-ref=said]", i + " of " + wires);
                confirmed = i;
            }
            // the fifth is under way when the lights go out
            browser.script("document.querySelector('[x-ref=tick]').click()");
            application.destroyForcibly().waitFor();
            database.process().destroyForcibly();
            browser.script("document.querySelector('[x-ref=tick]').click()");
            browser.untilText("[x-ref=said]", "no answer");

            database.start();
            application = start(database, port);
            browser.go(job + "/wire");
            // a page that finds the database still on its way says so, and looks again by itself
            browser.untilText("main", "All wires");
            assertThat(browser.all(".step.is-made")).hasSizeBetween(confirmed, confirmed + 1);
            assertThat(browser.all(".step").subList(0, confirmed))
                    .as("the very ones that were confirmed")
                    .allMatch(s -> s.getAttribute("class").contains("is-made"));
        } finally {
            application.destroy();
            application.waitFor(20, TimeUnit.SECONDS);
            application.destroyForcibly();
        }
    }

    private static Process start(RunningDatabase database, int port) throws IOException, InterruptedException {
        Path log = database.folder().resolve("app.log");
        ProcessBuilder builder = new ProcessBuilder(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Dgatepin.test=" + database.folder(),
                "-cp",
                System.getProperty("java.class.path"),
                GatePin.class.getName(),
                "--server.port=" + port));
        builder.environment().putAll(database.environment());
        Process process =
                builder.redirectErrorStream(true).redirectOutput(log.toFile()).start();
        for (int i = 0; i < 600 && process.isAlive(); i++) {
            if (answers(port)) {
                return process;
            }
            Thread.sleep(100);
        }
        throw new AssertionError("the application did not start; see " + log);
    }

    private static boolean answers(int port) {
        try {
            HttpURLConnection connection =
                    (HttpURLConnection) URI.create("http://127.0.0.1:" + port + "/actuator/health")
                            .toURL()
                            .openConnection();
            return connection.getResponseCode() == 200;
        } catch (IOException e) {
            return false;
        }
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }
}
