package gatepin.web;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.web.pages.Visit;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.boot.SpringApplication;

/** Without the demo the yard is empty, and teaches. */
class EmptyYardTest {
    @Test
    void itTeachesAndTakesTheFirstMachine() {
        Map<String, Object> properties =
                new HashMap<>(RunningDatabase.startNew("empty").environment());
        properties.put("server.port", "0");
        properties.put("gatepin.demo", "false");
        String[] arguments = properties.entrySet().stream()
                .map(e -> "--" + e.getKey() + "=" + e.getValue())
                .toArray(String[]::new);
        try (var context = new SpringApplication(GatePin.class).run(arguments)) {
            Visit visit =
                    new Visit("http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port"));
            assertThat(visit.go("/").text("main"))
                    .contains("An empty yard", "Open a shop.", "Bring in a machine.", "Take the paper");
            visit.go("/jobs/new");
            assertThat(visit.text("main")).contains("There is no shop yet");
            visit.go("/").press("Open the first shop").type("#name", "My shop").press("Open the shop");
            visit.type("#machine", "First press").press("Open the job");
            assertThat(visit.path()).endsWith("/safe");
            visit.go("/");
            assertThat(visit.text(".stall")).contains("First press", "Safe: Say how the machine is disconnected.");
            visit.go("/jobs/1/switch");
            assertThat(visit.status()).isEqualTo(200);
        }
    }
}
