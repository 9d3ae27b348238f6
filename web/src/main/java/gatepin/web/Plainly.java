package gatepin.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;

/** Answers of the filters, before there are pages: plain, without a style, nothing in them that anybody typed. */
final class Plainly {
    private static final String PAGE = """
            <!DOCTYPE html>
            <html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
            <title>%s · Gate Pin</title></head><body><h1>%s</h1><p>%s</p>%s</body></html>
            """;

    private Plainly() {}

    /** Says a thing; {@code more} is markup below it. */
    static void say(HttpServletResponse response, int status, String title, String words, String more)
            throws IOException {
        response.setStatus(status);
        response.setContentType("text/html;charset=UTF-8");
        response.setHeader("Content-Security-Policy", "default-src 'none'; form-action 'self'; frame-ancestors 'none'");
        response.setHeader("Cache-Control", "no-store");
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("X-Frame-Options", "DENY");
        response.setHeader("Referrer-Policy", "same-origin");
        response.setHeader("Permissions-Policy", Security.PERMISSIONS);
        response.getWriter().write(PAGE.formatted(title, title, words, more));
    }

    /** Says that there is no room for this request now. */
    static void later(HttpServletResponse response, Duration after, String title, String words) throws IOException {
        response.setHeader("Retry-After", "" + after.toSeconds());
        say(response, HttpServletResponse.SC_SERVICE_UNAVAILABLE, title, words, "");
    }
}
