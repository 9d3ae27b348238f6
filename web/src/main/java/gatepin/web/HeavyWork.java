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
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * What takes much memory is done by few at once, whoever asks: papers as PDF, photos, jobs packed and unpacked. The others stand in line,
 * and take no place of those who only want a page; where the line is long they are told to come back.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 9)
class HeavyWork extends OncePerRequestFilter {
    private static final int AT_ONCE = 2;
    private static final int IN_LINE = 40;
    private static final Duration PATIENCE = Duration.ofSeconds(40);
    private static final Pattern HEAVY = Pattern.compile(
            "GET /jobs/\\d+/papers/[a-z]+\\.pdf|GET /jobs/\\d+/job\\.zip|POST /jobs/in"
                    + "|POST /jobs/\\d+/(plate|found)/photos|POST /jobs/\\d+/plate/photos/\\d+/read|POST /jobs/\\d+/windings/trials");

    private final Places places;
    private final Semaphore line;

    HeavyWork() {
        this(AT_ONCE, IN_LINE, PATIENCE);
    }

    HeavyWork(int atOnce, int inLine, Duration patience) {
        this.places = new Places(atOnce, patience);
        this.line = new Semaphore(atOnce + inLine);
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !HEAVY.matcher(request.getMethod() + " " + request.getRequestURI())
                .matches();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!line.tryAcquire()) {
            later(response);
            return;
        }
        try {
            if (!places.take()) {
                later(response);
                return;
            }
            try {
                chain.doFilter(request, response);
            } finally {
                places.leave();
            }
        } finally {
            line.release();
        }
    }

    private static void later(HttpServletResponse response) throws IOException {
        Plainly.later(
                response,
                Duration.ofSeconds(15),
                "Many papers, photos and jobs are being made just now",
                "Nothing is lost, and nothing was saved by this request. Go back and try again in a moment.");
    }
}
