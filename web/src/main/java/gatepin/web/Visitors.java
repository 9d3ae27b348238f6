package gatepin.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Who may ask: only those who call the application by a name it knows itself by. A page elsewhere that has made a name of its own point
 * to this computer is turned away, and so is a form that another page sends here.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class Visitors extends OncePerRequestFilter {
    private static final List<String> SAFE = List.of("GET", "HEAD");

    private final Set<String> hosts;

    Visitors(@Value("${gatepin.hosts:}") List<String> more) {
        this.hosts = Stream.concat(Stream.of("127.0.0.1", "localhost", "[::1]"), more.stream())
                .map(h -> h.strip().toLowerCase(Locale.ROOT))
                .filter(h -> !h.isEmpty())
                .collect(Collectors.toUnmodifiableSet());
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!isKnown(request.getHeader("Host"))) {
            refuse(response, "This application does not answer to that name. Open it at http://127.0.0.1.");
        } else if (!SAFE.contains(request.getMethod()) && comesFromElsewhere(request)) {
            refuse(response, "That was sent by a page of somebody else. Nothing was saved.");
        } else {
            chain.doFilter(request, response);
        }
    }

    private boolean isKnown(@org.jspecify.annotations.Nullable String host) {
        return host != null && hosts.contains(withoutPort(host.strip().toLowerCase(Locale.ROOT)));
    }

    private static String withoutPort(String host) {
        int colon = host.lastIndexOf(':');
        return colon > host.lastIndexOf(']') ? host.substring(0, colon) : host;
    }

    /** Browsers say where a form was sent from; what says nothing is no browser, and needs the token like everybody. */
    private boolean comesFromElsewhere(HttpServletRequest request) {
        String site = request.getHeader("Sec-Fetch-Site");
        if (site != null && !site.equals("same-origin") && !site.equals("none")) {
            return true;
        }
        String origin = request.getHeader("Origin");
        if (origin == null) {
            return false;
        }
        try {
            URI from = URI.create(origin);
            String host = request.getHeader("Host");
            return from.getAuthority() == null
                    || !from.getAuthority().equalsIgnoreCase(host == null ? "" : host.strip());
        } catch (IllegalArgumentException e) {
            return true;
        }
    }

    private static void refuse(HttpServletResponse response, String words) throws IOException {
        response.setStatus(HttpServletResponse.SC_FORBIDDEN);
        response.setContentType("text/plain;charset=UTF-8");
        response.getWriter().write(words);
    }
}
