package gatepin.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * What takes much memory is done by few at once, whoever asks: papers as PDF, photos, jobs packed and unpacked. The others stand in line,
 * and take no place of those who only want a page; where the line is long they are told to come back.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 9)
class HeavyWork extends OncePerRequestFilter {
    /** One core is left to those who only want a page. */
    private static final int AT_ONCE = Math.max(1, Runtime.getRuntime().availableProcessors() - 1);

    private static final int IN_LINE = 40;
    private static final Duration PATIENCE = Duration.ofSeconds(40);
    private static final int COMES_BACK_SECONDS = 2;
    private static final Duration FIRST_IN_LINE = Duration.ofSeconds(2);
    private static final String NUMBER = "inLine";
    private static final Pattern HEAVY = Pattern.compile(
            "GET /jobs/\\d+/papers/[a-z]+\\.pdf|GET /jobs/\\d+/job\\.zip"
                    + "|POST /jobs/\\d+/(plate|found)/photos|POST /jobs/\\d+/plate/photos/\\d+/read|POST /jobs/\\d+/windings/trials");

    private final Places places;
    private final Semaphore line;
    /** Answers that are made or on their way, each a file on the disk for as long as it is read. */
    private final Semaphore sending;

    private final Tickets tickets = new Tickets(Duration.ofSeconds(5L * COMES_BACK_SECONDS));

    HeavyWork() {
        this(AT_ONCE, IN_LINE, PATIENCE);
    }

    HeavyWork(int atOnce, int inLine, Duration patience) {
        this.places = new Places(atOnce, patience);
        this.line = new Semaphore(inLine);
        this.sending = new Semaphore(atOnce + inLine);
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !HEAVY.matcher(request.getMethod() + " " + request.getRequestURI())
                .matches();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (comesBack(request)) {
            inTurn(request, response, chain);
            return;
        }
        if (places.take(Duration.ZERO) || inLine()) {
            make(request, response, chain);
        } else {
            later(response);
        }
    }

    /** Stands in line for a place; false where the line is too long or takes too long. */
    private boolean inLine() {
        if (!line.tryAcquire()) {
            return false;
        }
        try {
            return places.take();
        } finally {
            line.release();
        }
    }

    /** Makes the answer at a place that was taken, and leaves it before any of it is sent: who reads slowly holds none. */
    private void make(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!sending.tryAcquire()) {
            places.leave();
            later(response);
            return;
        }
        boolean left = false;
        try (SetAside answer = SetAside.of(response)) {
            chain.doFilter(request, answer);
            places.leave();
            left = true;
            answer.send();
        } finally {
            if (!left) {
                places.leave();
            }
            sending.release();
        }
    }

    /** Who looks at pages and asks for a file again and again: he sees his place in the line, and keeps it. */
    private static boolean comesBack(HttpServletRequest request) {
        String accepted = request.getHeader(HttpHeaders.ACCEPT);
        return request.getMethod().equals("GET") && accepted != null && accepted.contains(MediaType.TEXT_HTML_VALUE);
    }

    private void inTurn(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long number = tickets.come(number(request));
        int before = tickets.before(number);
        if (before > 0 || !places.take(FIRST_IN_LINE)) {
            response.setHeader(
                    "Refresh", COMES_BACK_SECONDS + ";url=" + request.getRequestURI() + "?" + NUMBER + "=" + number);
            Plainly.later(
                    response,
                    Duration.ofSeconds(COMES_BACK_SECONDS),
                    "In the making",
                    (before == 0 ? "You are next." : before == 1 ? "One is before you." : before + " are before you.")
                            + " This page goes on by itself as soon as it is your turn.");
            return;
        }
        tickets.leave(number);
        make(request, response, chain);
    }

    private static long number(HttpServletRequest request) {
        String number = request.getParameter(NUMBER);
        return number != null && number.matches("\\d{1,18}") ? Long.parseLong(number) : 0;
    }

    private static void later(HttpServletResponse response) throws IOException {
        Plainly.later(
                response,
                Duration.ofSeconds(15),
                "Many papers, photos and jobs are being made just now",
                "Nothing is lost, and nothing was saved by this request. Go back and try again in a moment.");
    }
}
