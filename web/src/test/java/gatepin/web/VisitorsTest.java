package gatepin.web;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

class VisitorsTest {
    private final Visitors visitors = new Visitors(List.of("shop.local"));

    @ParameterizedTest(name = "{0} {1} from {2}, {3}: {4}")
    @CsvSource(
            nullValues = "-",
            value = {
                "GET,  127.0.0.1:7788,   -,                      -,           200",
                "GET,  localhost:7788,   -,                      -,           200",
                "GET,  LOCALHOST,        -,                      -,           200",
                "GET,  [::1]:7788,       -,                      -,           200",
                "GET,  shop.local:7788,  -,                      -,           200",
                "GET,  evil.example,     -,                      -,           403",
                "GET,  127.0.0.1.evil.example:7788, -,           -,           403",
                "GET,  -,                -,                      -,           403",
                "GET,  127.0.0.1:7788,   http://evil.example,    cross-site,  200",
                "POST, 127.0.0.1:7788,   http://127.0.0.1:7788,  same-origin, 200",
                "POST, 127.0.0.1:7788,   -,                      -,           200",
                "POST, 127.0.0.1:7788,   -,                      none,        200",
                "POST, 127.0.0.1:7788,   http://evil.example,    -,           403",
                "POST, 127.0.0.1:7788,   http://127.0.0.1:9999,  -,           403",
                "POST, 127.0.0.1:7788,   null,                   -,           403",
                "POST, 127.0.0.1:7788,   ':/no origin',          -,           403",
                "POST, 127.0.0.1:7788,   -,                      cross-site,  403",
                "POST, 127.0.0.1:7788,   -,                      same-site,   403",
                "POST, evil.example:7788, http://evil.example:7788, same-origin, 403"
            })
    void onlyWhoKnowsTheNameMayAsk(String method, String host, String origin, String site, int status)
            throws ServletException, IOException {
        MockHttpServletRequest request = new MockHttpServletRequest(method, "/");
        if (host != null) {
            request.addHeader("Host", host);
        }
        if (origin != null) {
            request.addHeader("Origin", origin);
        }
        if (site != null) {
            request.addHeader("Sec-Fetch-Site", site);
        }
        MockHttpServletResponse response = new MockHttpServletResponse();

        visitors.doFilter(request, response, new MockFilterChain());

        assertThat(response.getStatus()).isEqualTo(status);
    }
}
