package gatepin.web;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.http.Cookie;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

class AccessKeyTest {
    private static final String KEY = "0123456789abcdef0123456789abcdef";

    private static MockHttpServletResponse ask(AccessKey lock, MockHttpServletRequest request) throws Exception {
        MockHttpServletResponse response = new MockHttpServletResponse();
        lock.doFilter(request, response, new MockFilterChain());
        return response;
    }

    @ParameterizedTest(name = "{0} {1} with the key {2} in the address and {3} in the cookie: {4}")
    @CsvSource(
            nullValues = "-",
            value = {
                "GET,  /jobs/1,          -,    -,    401",
                "GET,  /jobs/1,          nope, -,    401",
                "GET,  /jobs/1,          KEY,  -,    302",
                "GET,  /jobs/1,          -,    KEY,  200",
                "GET,  /jobs/1,          -,    nope, 401",
                "GET,  /assets/app.js,   -,    -,    401",
                "GET,  /actuator/health, -,    -,    200",
                "POST, /jobs,            -,    -,    401",
                "POST, /jobs,            KEY,  -,    401",
                "POST, /jobs,            -,    KEY,  200"
            })
    void onlyWhoKnowsTheKeyGetsIn(String method, String path, String given, String cookie, int status)
            throws Exception {
        MockHttpServletRequest request = new MockHttpServletRequest(method, path);
        if (given != null) {
            request.setParameter("key", given.replace("KEY", KEY));
        }
        if (cookie != null) {
            request.setCookies(new Cookie("gatepin_key", cookie.replace("KEY", KEY)));
        }

        assertThat(ask(new AccessKey(KEY), request).getStatus()).isEqualTo(status);
        assertThat(ask(new AccessKey(""), request).getStatus())
                .as("off as long as nobody turns it on")
                .isEqualTo(200);
    }

    @Test
    void theAddressDoesNotKeepTheKeyAndNoScriptSeesIt() throws Exception {
        MockHttpServletRequest request = new MockHttpServletRequest("GET", "/jobs/1");
        request.setParameter("key", KEY);

        MockHttpServletResponse response = ask(new AccessKey(KEY), request);

        assertThat(response.getRedirectedUrl()).isEqualTo("/jobs/1");
        assertThat(response.getHeader("Set-Cookie")).contains("gatepin_key=" + KEY, "HttpOnly", "SameSite=Strict");
        assertThat(ask(new AccessKey(KEY), new MockHttpServletRequest("GET", "/"))
                        .getContentAsString())
                .contains("This yard is locked", "./gatepin start")
                .doesNotContain(KEY);
    }
}
