package gatepin.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Only so many pages are made at once; who comes then waits a moment, and who would have to wait longer is told so on a plain page. A
 * crowd makes answers late, never wrong.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class Shedding extends OncePerRequestFilter {
    private static final int AT_ONCE = 100;
    private static final Duration PATIENCE = Duration.ofSeconds(4);
    private final Places room;

    Shedding() {
        this(AT_ONCE, PATIENCE);
    }

    Shedding(int atOnce, Duration patience) {
        this.room = new Places(atOnce, patience);
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        String path = request.getRequestURI();
        return path.startsWith("/assets/") || path.startsWith("/actuator/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!room.take()) {
            Plainly.later(
                    response,
                    Duration.ofSeconds(5),
                    "Too many are asking at once",
                    "Nothing is lost, and nothing was saved by this request. Go back and try again in a moment.");
            return;
        }
        try {
            chain.doFilter(request, response);
        } finally {
            room.leave();
        }
    }
}
