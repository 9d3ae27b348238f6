package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.web.Figures;
import gatepin.web.RunningGatePin;
import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Hundreds who begin to send and then send nothing: pages go on being made, and the slow ones are hung up on. */
@Tag("alone")
class SlowSendersTest {
    private static final int SLOW = 300;

    @ParameterizedTest
    @ValueSource(strings = {"application/x-www-form-urlencoded", "multipart/form-data; boundary=x"})
    void theyBlockNobody(String type) throws Exception {
        URI address = URI.create(RunningGatePin.get().address());
        List<Socket> slow = new ArrayList<>();
        try {
            for (int i = 0; i < SLOW; i++) {
                Socket socket = new Socket(address.getHost(), address.getPort());
                slow.add(socket);
                socket.setSoTimeout(20_000);
                socket.getOutputStream()
                        .write(("POST /jobs HTTP/1.1\r\nHost: " + address.getAuthority() + "\r\nContent-Type: " + type
                                        + "\r\nContent-Length: 5000\r\n\r\nmachine=")
                                .getBytes(StandardCharsets.US_ASCII));
            }
            Visit visit = new Visit();
            Duration slowest = Duration.ZERO;
            for (String page : List.of("/", "/jobs/1/plate", "/jobs/1/switch")) {
                long start = System.nanoTime();
                assertThat(visit.statusOf(page)).isEqualTo(200);
                Duration took = Duration.ofNanos(System.nanoTime() - start);
                assertThat(took).as("%s while %d send nothing", page, SLOW).isLessThan(Duration.ofSeconds(5));
                slowest = took.compareTo(slowest) > 0 ? took : slowest;
            }
            Figures.say("%d who send nothing (%s): pages in %.2f s at most", SLOW, type, slowest.toMillis() / 1000.0);
            for (Socket socket : slow) {
                assertThat(answer(socket))
                        .as("told so, or hung up on")
                        .isIn("", "HTTP/1.1 503", "HTTP/1.1 408", "HTTP/1.1 403", "HTTP/1.1 400");
            }
        } finally {
            for (Socket socket : slow) {
                socket.close();
            }
        }
        Visit after = new Visit().go("/jobs/new");
        assertThat(after.status()).isEqualTo(200);
    }

    private static String answer(Socket socket) {
        try {
            byte[] first = socket.getInputStream().readNBytes("HTTP/1.1 503".length());
            return new String(first, StandardCharsets.US_ASCII);
        } catch (IOException e) {
            return e instanceof java.net.SocketTimeoutException ? "still waiting" : "";
        }
    }
}
