package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.web.RunningGatePin;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
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
import java.util.Objects;
import java.util.stream.Collectors;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.FormElement;

/** A visit to the pages without a browser: links and forms as they are written, no scripts. */
public final class Visit {
    private static final List<Integer> ANSWERS = List.of(200, 409, 422);

    private final HttpClient client = HttpClient.newBuilder()
            .cookieHandler(new CookieManager())
            .followRedirects(HttpClient.Redirect.NEVER)
            .build();
    private final String address;
    private Document page = new Document("");
    private String path = "";
    private int status;
    private Cost cost = new Cost(0, 0, 0);

    /**
     * What a visit cost a person so far.
     *
     * @param loads pages loaded; what is sent without leaving the page is none
     * @param taps links and buttons pressed, boxes ticked, options chosen
     * @param typed fields typed into
     */
    public record Cost(int loads, int taps, int typed) {
        public Cost less(Cost before) {
            return new Cost(loads - before.loads, taps - before.taps, typed - before.typed);
        }

        Cost loaded() {
            return new Cost(loads + 1, taps, typed);
        }

        Cost tapped() {
            return new Cost(loads, taps + 1, typed);
        }

        Cost typedInto() {
            return new Cost(loads, taps, typed + 1);
        }
    }

    public Cost cost() {
        return cost;
    }

    public Visit() {
        this(RunningGatePin.get().address());
    }

    public Visit(String address) {
        this.address = address;
    }

    /** Opens a page. */
    public Visit go(String to) {
        show(send(HttpRequest.newBuilder(URI.create(address + to)).build()));
        cost = cost.loaded();
        return this;
    }

    /** What a page answers, whatever it is. */
    public int statusOf(String to) {
        return send(HttpRequest.newBuilder(URI.create(address + to)).build(), BodyHandlers.discarding())
                .statusCode();
    }

    /** The bytes behind an address. */
    public byte[] bytes(String to) {
        return send(HttpRequest.newBuilder(URI.create(address + to)).build(), BodyHandlers.ofByteArray())
                .body();
    }

    /** The text behind an address. */
    public String body(String to) {
        return send(HttpRequest.newBuilder(URI.create(address + to)).build()).body();
    }

    private HttpResponse<String> send(HttpRequest request) {
        return send(request, BodyHandlers.ofString());
    }

    private <T> HttpResponse<T> send(HttpRequest request, HttpResponse.BodyHandler<T> body) {
        try {
            return client.send(request, body);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private static boolean isUnderWay(HttpResponse<String> answer) {
        return answer.request().method().equals("GET") && answer.body().contains("This page looks again every second.");
    }

    private static void sleep() {
        try {
            Thread.sleep(100);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void show(HttpResponse<String> answer) {
        HttpResponse<String> last = answer;
        for (int hop = 0; last.statusCode() / 100 == 3 && hop < 5; hop++) {
            URI there = last.uri().resolve(last.headers().firstValue("Location").orElseThrow());
            last = send(HttpRequest.newBuilder(there).build());
        }
        // what takes more than a second here takes longer on a busy machine: the page looks again, and so does who
        // reads it
        for (int look = 0; isUnderWay(last) && look < 120; look++) {
            sleep();
            last = send(HttpRequest.newBuilder(last.uri()).build());
        }
        assertThat(last.statusCode())
                .as("%s answers %s", last.uri(), last.body())
                .isIn(ANSWERS);
        status = last.statusCode();
        path = last.uri().getPath()
                + (last.uri().getQuery() == null ? "" : "?" + last.uri().getQuery());
        page = Jsoup.parse(last.body(), last.uri().toString());
        assertThat(page.text()).as("%s", last.uri()).doesNotContain("Exception", "null,", "[]");
    }

    public int status() {
        return status;
    }

    /** The path of the page on the screen. */
    public String path() {
        return path;
    }

    public Document page() {
        return page;
    }

    public Element one(String selector) {
        Element element = page.selectFirst(selector);
        assertThat(element)
                .as("%s on %s, which says: %s", selector, path, page.text())
                .isNotNull();
        return Objects.requireNonNull(element);
    }

    public List<Element> all(String selector) {
        return page.select(selector);
    }

    /** The words of every element of that kind. */
    public String text(String selector) {
        return page.select(selector).stream().map(Visit::shown).collect(Collectors.joining(" "));
    }

    private static String shown(Element element) {
        Element copy = element.clone();
        copy.select("[hidden]:not(.contents), dialog").remove();
        return copy.text();
    }

    /** Everything that can be read on the page. */
    public String text() {
        return page.body().text();
    }

    /** What stands in a field. */
    public String value(String selector) {
        return valueOf(one(selector));
    }

    /** What stands in a field; of a list, the option that is chosen. */
    public static String valueOf(Element field) {
        if (!field.tagName().equals("select")) {
            return field.val();
        }
        Element chosen = field.selectFirst("option[selected]");
        Element first = field.selectFirst("option");
        return chosen != null ? chosen.val() : first == null ? "" : first.val();
    }

    /** Types into a field in place of what is there. */
    public Visit type(String selector, String text) {
        Element field = one(selector);
        cost = cost.typedInto();
        if (field.tagName().equals("textarea")) {
            field.text(text);
        } else {
            field.val(text);
        }
        return this;
    }

    /** Chooses an option by its value. */
    public Visit choose(String selector, String value) {
        Element list = one(selector);
        cost = cost.tapped();
        list.select("option").forEach(o -> o.removeAttr("selected"));
        Element option = list.select("option").stream()
                .filter(o -> o.val().equals(value))
                .findFirst()
                .orElseThrow(() -> new AssertionError(selector + " has no option " + value));
        option.attr("selected", "selected");
        return this;
    }

    /** Ticks a box or takes the tick back, or chooses one of several. */
    public Visit tick(String selector) {
        Element box = one(selector);
        cost = cost.tapped();
        if (box.attr("type").equals("radio")) {
            page.select("input[type=radio][name='" + box.attr("name") + "']").forEach(b -> b.removeAttr("checked"));
            box.attr("checked", "checked");
        } else if (box.hasAttr("checked")) {
            box.removeAttr("checked");
        } else {
            box.attr("checked", "checked");
        }
        return this;
    }

    /** Presses the first button, or follows the first link, that says this. */
    public Visit press(String words) {
        Element there = page.select("button, a[href], summary").stream()
                .filter(e -> e.text().contains(words))
                .findFirst()
                .orElseThrow(() -> new AssertionError("nothing on " + path + " says " + words + ": " + page.text()));
        return press(there);
    }

    /** Presses a button or follows a link. */
    public Visit press(Element there) {
        cost = cost.tapped();
        if (there.tagName().equals("a")) {
            return go(there.attr("href"));
        }
        if (there.tagName().equals("summary") || there.attr("type").equals("button")) {
            // what it shows is there all the time
            return this;
        }
        Element form = there.hasAttr("form") ? page.getElementById(there.attr("form")) : there.closest("form");
        return submit(Objects.requireNonNull(form, "a button in no form"), there);
    }

    private Visit submit(Element form, Element button) {
        List<String> fields = new ArrayList<>();
        ((FormElement) form).formData().forEach(f -> fields.add(pair(f.key(), f.value())));
        if (button.hasAttr("name")) {
            fields.add(pair(button.attr("name"), button.val()));
        }
        String action = button.hasAttr("formaction") ? button.attr("formaction") : form.attr("action");
        String data = String.join("&", fields);
        URI to = URI.create(address + path).resolve(action.isEmpty() ? path : action);
        String before = path.replaceAll("\\?.*", "");
        boolean inPlace = form.hasAttr("data-in-place") || button.hasAttr("data-in-place");
        show(
                form.attr("method").equalsIgnoreCase("post")
                        ? send(HttpRequest.newBuilder(to)
                                .header("Content-Type", "application/x-www-form-urlencoded")
                                .POST(BodyPublishers.ofString(data))
                                .build())
                        : send(HttpRequest.newBuilder(URI.create(to.toString().replaceAll("\\?.*", "") + "?" + data))
                                .build()));
        boolean stays =
                path.startsWith(to.getPath()) || path.replaceAll("\\?.*", "").equals(before);
        if (!inPlace || !stays) {
            cost = cost.loaded();
        }
        return this;
    }

    /** What submitting a form answers, whatever it is; the page on the screen stays. */
    public int statusOfSubmitting(Element form, List<String> more) {
        List<String> fields = new ArrayList<>();
        ((FormElement) form).formData().forEach(f -> fields.add(pair(f.key(), f.value())));
        Element button = form.selectFirst("button[name]");
        if (button != null) {
            fields.add(pair(button.attr("name"), button.val()));
        }
        for (int i = 0; i < more.size(); i += 2) {
            fields.add(pair(more.get(i), more.get(i + 1)));
        }
        String data = String.join("&", fields);
        boolean posted = form.attr("method").equalsIgnoreCase("post");
        String action = form.attr("action").isEmpty() ? path : form.attr("action");
        HttpRequest.Builder request = posted
                ? HttpRequest.newBuilder(URI.create(address + action))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(BodyPublishers.ofString(data))
                : HttpRequest.newBuilder(URI.create(address + action.replaceAll("\\?.*", "") + "?"
                        + data.substring(0, Math.min(4000, data.length())).replaceAll("%[0-9A-F]?$", "")));
        return send(request.build()).statusCode();
    }

    private static String pair(String name, String value) {
        return URLEncoder.encode(name, StandardCharsets.UTF_8) + "=" + URLEncoder.encode(value, StandardCharsets.UTF_8);
    }

    /** Names and values in turn, as a form sends them. */
    static String pairs(List<String> fields) {
        List<String> pairs = new ArrayList<>();
        for (int i = 0; i < fields.size(); i += 2) {
            pairs.add(pair(fields.get(i), fields.get(i + 1)));
        }
        return String.join("&", pairs);
    }

    /** Ticks a wire, as the script on the page does it; gives what the server says. */
    public HttpResponse<String> post(String to, String... fields) {
        return send(HttpRequest.newBuilder(URI.create(address + to))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .header(
                        page.select("meta[name=csrf-header]").attr("content"),
                        page.select("meta[name=csrf-token]").attr("content"))
                .POST(BodyPublishers.ofString(pairs(List.of(fields))))
                .build());
    }

    /** Sends a file, with other fields by name and value in turn; gives the status. A page has to be open before. */
    public int upload(String to, String field, String name, byte[] bytes, String... fields) {
        return answerToUpload(to, field, name, bytes, fields).statusCode();
    }

    /** The same with all of the answer. */
    HttpResponse<String> answerToUpload(String to, String field, String name, byte[] bytes, String... fields) {
        String boundary = "a-line-that-no-file-has";
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        for (int i = 0; i < fields.length; i += 2) {
            body.writeBytes(("--" + boundary + "\r\nContent-Disposition: form-data; name=\"" + fields[i] + "\"\r\n\r\n"
                            + fields[i + 1] + "\r\n")
                    .getBytes(StandardCharsets.UTF_8));
        }
        body.writeBytes(("--" + boundary + "\r\nContent-Disposition: form-data; name=\"" + field + "\"; filename=\""
                        + name + "\"\r\nContent-Type: application/octet-stream\r\n\r\n")
                .getBytes(StandardCharsets.UTF_8));
        body.writeBytes(bytes);
        body.writeBytes(("\r\n--" + boundary + "--\r\n").getBytes(StandardCharsets.UTF_8));
        return send(HttpRequest.newBuilder(URI.create(address + to))
                .header("Content-Type", "multipart/form-data; boundary=" + boundary)
                .header(
                        page.select("meta[name=csrf-header]").attr("content"),
                        page.select("meta[name=csrf-token]").attr("content"))
                .POST(BodyPublishers.ofByteArray(body.toByteArray()))
                .build());
    }

    /** The messages by the fields. */
    public List<String> complaints() {
        return page.select(".wrong").stream().map(Element::text).toList();
    }
}
