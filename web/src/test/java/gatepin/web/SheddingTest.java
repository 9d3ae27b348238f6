package gatepin.web;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.FilterChain;
import java.time.Duration;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

@Tag("alone")
class SheddingTest {
    private final Shedding shedding = new Shedding(1, Duration.ofMillis(50));
    private final CountDownLatch inside = new CountDownLatch(1);
    private final CountDownLatch goOn = new CountDownLatch(1);

    private MockHttpServletResponse ask(String path, FilterChain chain) {
        MockHttpServletResponse response = new MockHttpServletResponse();
        try {
            shedding.doFilter(new MockHttpServletRequest("GET", path), response, chain);
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
        return response;
    }

    @Test
    void whoFindsNoRoomIsToldSoAndTheOthersGoOn() throws Exception {
        CompletableFuture<MockHttpServletResponse> slow = CompletableFuture.supplyAsync(() -> ask("/", (q, a) -> {
            inside.countDown();
            try {
                assertThat(goOn.await(10, TimeUnit.SECONDS)).isTrue();
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
        }));
        assertThat(inside.await(10, TimeUnit.SECONDS)).isTrue();

        MockHttpServletResponse crowded = ask("/jobs/1/switch", (q, a) -> {
            throw new IllegalStateException("there is no room");
        });
        MockHttpServletResponse style = ask("/assets/app.css", (q, a) -> {});

        assertThat(crowded.getStatus()).isEqualTo(503);
        assertThat(crowded.getHeader("Retry-After")).isEqualTo("5");
        assertThat(crowded.getContentAsString()).contains("Too many are asking at once");
        assertThat(style.getStatus()).isEqualTo(200);
        goOn.countDown();
        assertThat(slow.get(10, TimeUnit.SECONDS).getStatus()).isEqualTo(200);
        assertThat(ask("/", (q, a) -> {}).getStatus()).as("there is room again").isEqualTo(200);
    }
}
