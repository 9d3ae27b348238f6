package gatepin.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;

class SecurityTest {
    private static final HttpClient CLIENT = HttpClient.newHttpClient();

    private static HttpResponse<String> send(HttpRequest.Builder request) throws Exception {
        return CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    private static HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(RunningGatePin.get().address() + path));
    }

    @Test
    void pagesRunOnlyTheirOwnScripts() throws Exception {
        HttpResponse<String> yard = send(request("/"));

        assertThat(yard.headers().firstValue("Content-Security-Policy"))
                .hasValueSatisfying(policy -> assertThat(policy)
                        .contains("default-src 'none'", "script-src 'self'")
                        .doesNotContain("unsafe"));
        assertThat(yard.body()).doesNotContainPattern("<script(?![^>]*src=)").doesNotContain(" onclick=", " style=");
    }

    @Test
    void aChangeWithoutItsTokenIsRefused() throws Exception {
        HttpResponse<String> answer = send(request("/jobs")
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString("machine=Forged&shop=1")));

        assertThat(answer.statusCode()).isEqualTo(403);
        assertThat(send(request("/")).body()).doesNotContain("Forged");
    }

    @Test
    void onlyHealthIsTold() throws Exception {
        assertThat(send(request("/actuator/health")).statusCode()).isEqualTo(200);
        assertThat(send(request("/actuator/env")).statusCode()).isEqualTo(404);
    }

    @Test
    void whatDoesNotExistIsNotFound() throws Exception {
        assertThat(send(request("/jobs/999999/plate")).statusCode()).isEqualTo(404);
        assertThat(send(request("/jobs/words/plate")).statusCode()).isBetween(400, 404);
    }

    @Test
    void theApplicationMayNotChangeTables() {
        JdbcClient jdbc = RunningGatePin.get().bean(JdbcClient.class);

        org.assertj.core.api.Assertions.assertThatThrownBy(
                        () -> jdbc.sql("drop table log_entry").update())
                .isInstanceOf(DataAccessException.class);
        assertThat(jdbc.sql("select count(*) from log_entry").query(Long.class).single())
                .isPositive();
    }
}
