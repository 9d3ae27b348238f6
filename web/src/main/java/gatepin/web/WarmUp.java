package gatepin.web;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * What is slow the first time is done before somebody waits for it: once the application answers, it opens one page of each kind itself,
 * along the links from the first page. It only reads, and one page after another, so that whoever comes meanwhile has a core to himself.
 */
@Component
@ConditionalOnProperty("gatepin.warm-up")
class WarmUp {
    private static final Logger LOG = LoggerFactory.getLogger(WarmUp.class);
    private static final Pattern LINK = Pattern.compile("\\shref=\"(/[^\"#?]*)");
    private static final int MOST_PAGES = 80;
    private static final Duration PATIENCE = Duration.ofSeconds(30);

    private final HttpClient client = HttpClient.newBuilder()
            .connectTimeout(PATIENCE)
            .followRedirects(HttpClient.Redirect.NORMAL)
            .build();
    private final String key;

    WarmUp(@Value("${GATEPIN_ACCESS_KEY:}") String key) {
        this.key = key.strip();
    }

    @EventListener
    void begin(ApplicationReadyEvent ready) {
        String port = ready.getApplicationContext().getEnvironment().getProperty("local.server.port", "0");
        Thread walk = new Thread(() -> walk(URI.create("http://127.0.0.1:" + port + "/")), "warm-up");
        walk.setDaemon(true);
        walk.start();
    }

    /** Opens pages from this one on, of each kind one. */
    void walk(URI first) {
        long start = System.nanoTime();
        Deque<URI> open = new ArrayDeque<>(Set.of(first));
        Set<String> kinds = new HashSet<>();
        int pages = 0;
        try {
            while (!open.isEmpty() && pages < MOST_PAGES) {
                URI page = open.remove();
                pages++;
                Matcher link = LINK.matcher(read(page));
                while (link.find()) {
                    if (kinds.add(link.group(1).replaceAll("[0-9]+", "0"))) {
                        open.add(first.resolve(link.group(1)));
                    }
                }
            }
            LOG.info("warmed up by {} pages in {} ms", pages, (System.nanoTime() - start) / 1_000_000);
        } catch (IOException | IllegalArgumentException e) {
            LOG.info("warmed up by {} pages, then: {}", pages, e.toString());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private String read(URI page) throws IOException, InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(page).timeout(PATIENCE);
        if (!key.isEmpty()) {
            request.header("Cookie", AccessKey.COOKIE + "=" + key);
        }
        return client.send(request.build(), WarmUp::ofAPage).body();
    }

    /** What is no page, such as a whole job with its photos, is not kept. */
    private static HttpResponse.BodySubscriber<String> ofAPage(HttpResponse.ResponseInfo answer) {
        boolean isPage = answer.headers().firstValue("Content-Type").orElse("").startsWith("text/html");
        return isPage
                ? HttpResponse.BodySubscribers.ofString(StandardCharsets.UTF_8)
                : HttpResponse.BodySubscribers.replacing("");
    }
}
