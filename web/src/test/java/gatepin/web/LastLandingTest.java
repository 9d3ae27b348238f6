package gatepin.web;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.Wire;
import gatepin.core.lane.Gate;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobFiles;
import gatepin.web.plan.PlanStore.ChosenPlan;
import gatepin.web.plan.PlanStore.PlannedWire;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** A filled database of the landing before this one is carried over without loss, and every page of it opens. */
class LastLandingTest {
    private static ConfigurableApplicationContext context;

    @BeforeAll
    static void start() throws Exception {
        RunningDatabase database = RunningDatabase.startNew("last");
        Map<String, String> environment = database.environment();
        Process load = new ProcessBuilder(
                        "mariadb",
                        "--no-defaults",
                        "--host=127.0.0.1",
                        "--port=" + environment.get("GATEPIN_DB_PORT"),
                        "--user=gatepin_owner",
                        "--password=" + environment.get("GATEPIN_DB_OWNER_PASSWORD"),
                        "gatepin")
                .redirectInput(RunningDatabase.projectRoot()
                        .resolve("web/src/test/resources/last-landing/filled.sql")
                        .toFile())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        assertThat(load.waitFor()).isZero();
        Map<String, Object> properties = new HashMap<>(environment);
        properties.put("server.port", "0");
        context = new SpringApplication(GatePin.class)
                .run(properties.entrySet().stream()
                        .map(e -> "--" + e.getKey() + "=" + e.getValue())
                        .toArray(String[]::new));
    }

    @AfterAll
    static void stop() {
        context.close();
    }

    private static JobFile job(long id) {
        return context.getBean(JobFiles.class).file(id);
    }

    private static List<Wire> wires(long id) {
        return job(id).kept(ChosenPlan.class).orElseThrow().wires().stream()
                .map(PlannedWire::wire)
                .toList();
    }

    @Test
    void ticksPinsAndWiresAreAsTheyWere() {
        assertThat(job(1).kept(ChosenPlan.class).orElseThrow().made()).isEqualTo(11);
        assertThat(job(2).kept(ChosenPlan.class).orElseThrow().made()).isEqualTo(3);
        assertThat(job(6).kept(ChosenPlan.class).orElseThrow().made()).isEqualTo(5);
        assertThat(job(9).kept(ChosenPlan.class).orElseThrow().made()).isEqualTo(2);
        for (long id : List.of(1L, 2L, 6L)) {
            assertThat(job(id).lane().pin(Gate.SWITCH).isOpen()).as("job " + id).isTrue();
        }
        assertThat(wires(1)).extracting(Wire::toString).contains("motor.T1 → S1.2", "motor.T2 → splice.X1");
        assertThat(job(1).found().wires()).hasSize(11);
        assertThat(job(1).found().wires().get(0).otherEnd().id()).isEqualTo("S1.5");
    }

    @Test
    void theLeadsOfACapacitorAreItsTags() {
        assertThat(wires(9)).extracting(Wire::toString).contains("capacitor.C1 → splice.X1", "capacitor.C2 → S1.1");
    }

    @Test
    void aPlanMadeBeforeCapacitorsWereDrawnIsJudgedAsItWas() {
        assertThat(wires(2)).noneMatch(w -> w.from().is(Type.CAPACITOR));
        assertThat(job(2).evidence().lack(Gate.SWITCH)).isEmpty();
    }

    @Test
    void everyPageOpens() throws Exception {
        HttpClient client = HttpClient.newHttpClient();
        String address = "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
        for (long id = 1; id <= 9; id++) {
            for (String page : List.of(
                    "safe",
                    "found",
                    "plate",
                    "diagram",
                    "windings",
                    "supply",
                    "rotation",
                    "switch",
                    "wire",
                    "cold",
                    "live",
                    "trouble?seen=hums",
                    "paper",
                    "log",
                    "run-up",
                    "board",
                    "switch/map")) {
                var answer = client.send(
                        HttpRequest.newBuilder(URI.create(address + "/jobs/" + id + "/" + page))
                                .build(),
                        BodyHandlers.ofString());
                assertThat(answer.statusCode()).as("job %d, %s", id, page).isEqualTo(200);
            }
        }
    }
}
