package gatepin.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.time.Duration;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * With {@code GATEPIN_KEY=on}, only who knows the key gets in: it stands in the address that {@code ./gatepin start} prints, and is kept
 * in a cookie from then on. It keeps out other users of the same computer; it does not tell people apart.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 5)
class AccessKey extends OncePerRequestFilter {
    private static final String NAME = "key";
    static final String COOKIE = "gatepin_key";
    private static final Duration KEPT = Duration.ofDays(400);
    private static final String ASK =
            "<form method=\"get\"><label>Key <input name=\"key\" type=\"password\" autocomplete=\"off\" required></label>"
                    + " <button>Open</button></form>";

    private final byte[] key;

    AccessKey(@Value("${GATEPIN_ACCESS_KEY:}") String key) {
        this.key = key.strip().getBytes(StandardCharsets.UTF_8);
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return key.length == 0 || request.getRequestURI().startsWith("/actuator/health");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean asksPage = request.getMethod().equals("GET");
        // only of an address: what is sent in a body is not read before it is known who sends it
        String given = asksPage ? request.getParameter(NAME) : null;
        if (given != null && isKey(given.strip())) {
            response.addHeader(
                    HttpHeaders.SET_COOKIE,
                    ResponseCookie.from(COOKIE, given.strip())
                            .httpOnly(true)
                            .sameSite("Strict")
                            .path("/")
                            .maxAge(KEPT)
                            .build()
                            .toString());
            response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
            // without the key, so that it is not copied along with the address
            response.sendRedirect(request.getRequestURI());
        } else if (hasCookie(request)) {
            chain.doFilter(request, response);
        } else {
            Plainly.say(
                    response,
                    HttpServletResponse.SC_UNAUTHORIZED,
                    given == null ? "This yard is locked" : "That is not the key",
                    "The key stands in the address that <code>./gatepin start</code> prints, behind <code>key=</code>."
                            + (asksPage ? "" : " Nothing was saved."),
                    asksPage ? ASK : "");
        }
    }

    private boolean hasCookie(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies();
        if (cookies != null) {
            for (Cookie cookie : cookies) {
                if (cookie.getName().equals(COOKIE) && isKey(cookie.getValue())) {
                    return true;
                }
            }
        }
        return false;
    }

    private boolean isKey(String given) {
        return MessageDigest.isEqual(key, given.getBytes(StandardCharsets.UTF_8));
    }
}
