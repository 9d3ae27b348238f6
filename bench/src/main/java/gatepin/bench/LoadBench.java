package gatepin.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How quick the pages of a running application are: one person's warm requests, a yard with 200 machines, and 64 people at once. It
 * brings machines into a shop of its own, which it sets aside again at the end; run it against a database that may be thrown away.
 */
public final class LoadBench {
    private static final int WARM = 60;
    private static final int TIMED = 101;
    private static final int MACHINES = 200;
    private static final int PEOPLE = 64;
    private static final int SECONDS = 8;
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\"[^>]*value=\"([^\"]+)\"");

    private final String address;
    private final HttpClient client =
            HttpClient.newBuilder().cookieHandler(new CookieManager()).build();

    LoadBench(String address) {
        this.address = address;
    }

    /** Measures; the one argument is the address, without a slash at its end. */
    public static void main(String[] arguments) throws Exception {
        LoadBench bench = new LoadBench(arguments.length > 0 ? arguments[0] : "http://127.0.0.1:7788");
        String job = "/jobs/1/";
        List<String> pages = new ArrayList<>();
        for (String page : List.of(
                "safe",
                "found",
                "plate",
                "diagram",
                "windings",
                "supply",
                "rotation",
                "switch",
                "wire",
                "paper",
                "log",
                "run-up")) {
            pages.add(job + page);
        }
        System.out.println("One person, warm requests, ms");
        pages.forEach(bench::alone);
        String shop = bench.fill();
        System.out.println("The yard with " + MACHINES + " machines more, ms");
        bench.alone("/");
        bench.alone("/?q=auger");
        System.out.println(PEOPLE + " people at once for " + SECONDS + " s");
        double empty = bench.together("/shops/new", 0);
        for (String page :
                List.of(job + "rotation", job + "plate", job + "wire", job + "switch", job + "run-up", "/")) {
            bench.together(page, empty);
        }
        bench.post("/shops/" + shop + "/aside", "aside", "true");
        System.exit(0);
    }

    HttpResponse<String> get(String path) throws IOException, InterruptedException {
        return client.send(HttpRequest.newBuilder(URI.create(address + path)).build(), BodyHandlers.ofString());
    }

    private void alone(String path) {
        try {
            List<Double> times = new ArrayList<>();
            for (int i = 0; i < WARM + TIMED; i++) {
                long start = System.nanoTime();
                int status = get(path).statusCode();
                if (status != 200) {
                    throw new IllegalStateException(path + " answers " + status);
                }
                if (i >= WARM) {
                    times.add((System.nanoTime() - start) / 1e6);
                }
            }
            times.sort(null);
            System.out.printf(
                    Locale.ROOT,
                    "  %-18s median %6.1f   nine of ten within %6.1f%n",
                    path,
                    times.get(times.size() / 2),
                    times.get(times.size() * 9 / 10));
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A shop with many machines; gives its id. */
    private String fill() throws IOException, InterruptedException {
        String shop = "";
        String there = post("/shops", "name", "Load " + System.nanoTime(), "region", "NORTH_AMERICA");
        Matcher id = Pattern.compile("shop=(\\d+)").matcher(there);
        if (id.find()) {
            shop = id.group(1);
        }
        for (int i = 0; i < MACHINES; i++) {
            post("/jobs", "machine", "Machine " + i, "note", i % 7 == 0 ? "auger" : "press", "shop", shop);
        }
        return shop;
    }

    /** What a page's forms carry along. */
    record Token(String value) {}

    Token token() throws IOException, InterruptedException {
        Matcher token = TOKEN.matcher(get("/shops/new").body());
        if (!token.find()) {
            throw new IllegalStateException("the page has no token");
        }
        return new Token(token.group(1));
    }

    /** Posts as a script does; gives what came back. */
    String ask(String path, Token token, String... fields) throws IOException, InterruptedException {
        return client.send(
                        form(path, token, fields)
                                .header("Accept", "application/json")
                                .build(),
                        BodyHandlers.ofString())
                .body();
    }

    private HttpRequest.Builder form(String path, Token token, String... fields) {
        StringBuilder data = new StringBuilder("_csrf=" + encoded(token.value()));
        for (int i = 0; i < fields.length; i += 2) {
            data.append('&').append(fields[i]).append('=').append(encoded(fields[i + 1]));
        }
        return HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(BodyPublishers.ofString(data.toString()));
    }

    /** Posts a form as its page does; gives where it leads. */
    String post(String path, String... fields) throws IOException, InterruptedException {
        return client.send(form(path, token(), fields).build(), BodyHandlers.discarding())
                .headers()
                .firstValue("Location")
                .orElse("");
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    private double together(String path, double empty) throws InterruptedException, ExecutionException {
        AtomicInteger answered = new AtomicInteger();
        AtomicInteger failed = new AtomicInteger();
        long end = System.nanoTime() + SECONDS * 1_000_000_000L;
        ExecutorService people = Executors.newFixedThreadPool(PEOPLE);
        List<Future<?>> all = new ArrayList<>();
        for (int i = 0; i < PEOPLE; i++) {
            all.add(people.submit(() -> {
                while (System.nanoTime() < end) {
                    try {
                        (get(path).statusCode() == 200 ? answered : failed).incrementAndGet();
                    } catch (IOException | InterruptedException e) {
                        failed.incrementAndGet();
                    }
                }
            }));
        }
        for (Future<?> person : all) {
            person.get();
        }
        people.shutdown();
        double rate = answered.get() / (double) SECONDS;
        System.out.printf(
                Locale.ROOT,
                "  %-18s %6.0f requests/s   %s   %d failed%n",
                path,
                rate,
                empty > 0
                        ? String.format(Locale.ROOT, "%3.0f %% of the empty page's", 100 * rate / empty)
                        : "the empty page",
                failed.get());
        return rate;
    }
}
