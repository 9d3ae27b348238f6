package gatepin.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * What is sent is taken in before anything else is done with it, so many at a time: somebody who sends slowly keeps a place here and none
 * where pages are made. Who sends nothing for {@code server.tomcat.connection-timeout} is hung up on.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 7)
class Bodies extends OncePerRequestFilter {
    private static final Duration PATIENCE = Duration.ofSeconds(1);

    private final Places forms = new Places(32, PATIENCE);
    private final Places files = new Places(8, PATIENCE);

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getMethod().equals("POST");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String type = request.getContentType();
        boolean file = type != null && type.startsWith("multipart/");
        Places places = file ? files : forms;
        if (!places.take()) {
            Plainly.later(
                    response,
                    Duration.ofSeconds(5),
                    "Too much is being sent at once",
                    "Nothing was saved by this request. Go back and send it again in a moment.");
            return;
        }
        boolean text;
        try {
            text = takeIn(request, file);
        } finally {
            places.leave();
        }
        if (text) {
            chain.doFilter(request, response);
        } else {
            WellFormed.refuse(response);
        }
    }

    /** Whether its words are text. Whatever else is wrong with it is told where it is used, and not here. */
    private static boolean takeIn(HttpServletRequest request, boolean file) {
        try {
            if (file) {
                request.getParts();
            } else {
                request.getParameterMap();
            }
        } catch (InvalidParameterException e) {
            return e.getErrorCode() != HttpServletResponse.SC_BAD_REQUEST;
        } catch (IOException | ServletException | RuntimeException e) {
            // too large, cut off or of no known form
        }
        return true;
    }
}
