package gatepin.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jakarta.servlet.ServletOutputStream;
import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

class HeavyWorkTest {
    private final HeavyWork heavy = new HeavyWork(2, 3, Duration.ofSeconds(20));
    private final AtomicInteger inside = new AtomicInteger();
    private final AtomicInteger most = new AtomicInteger();
    private final CountDownLatch goOn = new CountDownLatch(1);

    private int ask(String method, String path) {
        MockHttpServletResponse response = new MockHttpServletResponse();
        try {
            heavy.doFilter(new MockHttpServletRequest(method, path), response, (q, a) -> {
                most.accumulateAndGet(inside.incrementAndGet(), Math::max);
                try {
                    assertThat(goOn.await(20, TimeUnit.SECONDS)).isTrue();
                } catch (InterruptedException e) {
                    throw new IllegalStateException(e);
                } finally {
                    inside.decrementAndGet();
                }
            });
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
        return response.getStatus();
    }

    @Test
    void fewAtOnceTheOthersInLineAndWhoIsTooManyIsToldSo() throws Exception {
        List<CompletableFuture<Integer>> asked = new ArrayList<>();
        for (int i = 0; i < 9; i++) {
            String path = "/jobs/" + i + "/papers/cover.pdf";
            asked.add(CompletableFuture.supplyAsync(() -> ask("GET", path), r -> new Thread(r).start()));
        }
        while (asked.stream().filter(CompletableFuture::isDone).count() < 4 || most.get() < 2) {
            TimeUnit.MILLISECONDS.sleep(5);
        }
        // two are at it, three stand in line
        assertThat(asked.stream().filter(CompletableFuture::isDone)).hasSize(4).allMatch(a -> a.join() == 503);
        assertThat(most).hasValue(2);
        goOn.countDown();
        for (CompletableFuture<Integer> one : asked) {
            assertThat(one.get(20, TimeUnit.SECONDS)).isIn(200, 503);
        }
        assertThat(asked.stream().filter(a -> a.join() == 200)).hasSize(5);
        assertThat(most).hasValue(2);
        assertThat(ask("GET", "/jobs/1/job.zip")).as("there is room again").isEqualTo(200);
    }

    @Test
    void whoLooksAtPagesSeesHisPlaceAndKeepsIt() throws Exception {
        HeavyWork full = new HeavyWork(0, 0, Duration.ofMillis(1));
        MockHttpServletResponse first = browse(full, "/jobs/1/job.zip");
        MockHttpServletResponse second = browse(full, "/jobs/2/papers/cover.pdf");

        assertThat(first.getStatus()).isEqualTo(503);
        assertThat(first.getContentAsString()).contains("You are next.");
        assertThat(second.getContentAsString()).contains("One is before you.");
        assertThat(second.getHeader("Refresh")).isEqualTo("2;url=/jobs/2/papers/cover.pdf?inLine=2");
        // comes back by that address, and stands where he stood
        assertThat(browse(full, "/jobs/2/papers/cover.pdf?inLine=2").getContentAsString())
                .contains("One is before you.");
        goOn.countDown();
        assertThat(browse(new HeavyWork(1, 0, Duration.ofMillis(1)), "/jobs/2/papers/cover.pdf?inLine=2")
                        .getStatus())
                .as("nobody is there any more")
                .isEqualTo(200);
    }

    @Test
    @DisplayName("who reads his answer slowly holds no place meanwhile, and gets all of it")
    void aSlowReader() throws Exception {
        HeavyWork one = new HeavyWork(1, 1, Duration.ofMillis(1));
        byte[] paper = new byte[200_000];
        new java.util.Random(1).nextBytes(paper);
        CountDownLatch reading = new CountDownLatch(1);
        MockHttpServletResponse slow = new MockHttpServletResponse() {
            @Override
            public ServletOutputStream getOutputStream() {
                reading.countDown();
                try {
                    assertThat(goOn.await(20, TimeUnit.SECONDS)).isTrue();
                } catch (InterruptedException e) {
                    throw new IllegalStateException(e);
                }
                return super.getOutputStream();
            }
        };
        CompletableFuture<Void> his = CompletableFuture.runAsync(
                () -> {
                    try {
                        one.doFilter(new MockHttpServletRequest("GET", "/jobs/1/job.zip"), slow, (q, a) -> {
                            a.setContentType("application/zip");
                            a.getOutputStream().write(paper);
                            a.flushBuffer();
                        });
                    } catch (Exception e) {
                        throw new IllegalStateException(e);
                    }
                },
                r -> new Thread(r).start());
        assertThat(reading.await(20, TimeUnit.SECONDS)).isTrue();

        MockHttpServletResponse next = new MockHttpServletResponse();
        one.doFilter(
                new MockHttpServletRequest("GET", "/jobs/2/papers/sheet.pdf"),
                next,
                (q, a) -> a.getWriter().write("§"));
        assertThat(next.getStatus()).isEqualTo(200);
        assertThat(next.getContentAsByteArray()).hasSize(next.getContentLength());

        goOn.countDown();
        his.get(20, TimeUnit.SECONDS);
        assertThat(slow.getContentAsByteArray()).isEqualTo(paper);
        assertThat(slow.getContentLength()).isEqualTo(paper.length);
    }

    @Test
    @DisplayName("a paper that could not be made gives its place back")
    void aFailure() {
        HeavyWork one = new HeavyWork(1, 0, Duration.ofMillis(1));
        for (int i = 0; i < 3; i++) {
            assertThatThrownBy(() -> one.doFilter(
                            new MockHttpServletRequest("GET", "/jobs/1/job.zip"),
                            new MockHttpServletResponse(),
                            (q, a) -> {
                                throw new IOException("no room");
                            }))
                    .hasMessage("no room");
        }
    }

    private static MockHttpServletResponse browse(HeavyWork heavy, String address) throws Exception {
        String[] parts = address.split("\\?inLine=");
        MockHttpServletRequest request = new MockHttpServletRequest("GET", parts[0]);
        request.addHeader("Accept", "text/html,application/xhtml+xml");
        if (parts.length > 1) {
            request.setParameter("inLine", parts[1]);
        }
        MockHttpServletResponse response = new MockHttpServletResponse();
        heavy.doFilter(request, response, (q, a) -> {});
        return response;
    }

    @Test
    void pagesDoNotStandInThatLine() {
        goOn.countDown();
        HeavyWork shut = new HeavyWork(0, 0, Duration.ofMillis(1));
        for (String light :
                new String[] {"GET /", "GET /jobs/1/papers", "GET /jobs/1/plate/photos/3", "POST /jobs/1/plate"}) {
            assertThat(shut.shouldNotFilter(new MockHttpServletRequest(light.split(" ")[0], light.split(" ")[1])))
                    .as(light)
                    .isTrue();
        }
        for (String work : new String[] {
            "POST /jobs/1/windings/trials", "POST /jobs/12/found/photos", "POST /jobs/1/plate/photos/3/read"
        }) {
            assertThat(shut.shouldNotFilter(new MockHttpServletRequest(work.split(" ")[0], work.split(" ")[1])))
                    .as(work)
                    .isFalse();
        }
    }
}
