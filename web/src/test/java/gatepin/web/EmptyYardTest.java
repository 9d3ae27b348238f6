package gatepin.web;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.web.pages.Visit;
import org.junit.jupiter.api.Test;

/** Without the demo the yard is empty, and teaches. */
class EmptyYardTest {
    @Test
    void itTeachesAndTakesTheFirstMachine() {
        try (var context = RunningGatePin.on(RunningDatabase.startNew("empty"), "gatepin.demo=false")) {
            Visit visit = new Visit(RunningGatePin.address(context));
            assertThat(visit.go("/").path() + " " + visit.text("head title"))
                    .as("before there is a yard there are wires")
                    .isEqualTo("/ Straight to the wires · Gate Pin");
            assertThat(visit.text("main")).contains("Make it a job.", "Go through the gates.", "Take the paper");
            visit.go("/jobs/new");
            assertThat(visit.text("main")).contains("There is no shop yet");
            visit.go("/")
                    .press(visit.one("a[href='/shops/new']"))
                    .type("#name", "My shop")
                    .press("Open the shop");
            visit.type("#machine", "First press").press("Open the job");
            assertThat(visit.path()).endsWith("/safe");
            visit.go("/");
            assertThat(visit.text(".stall")).contains("First press", "Safe: Say how the machine is disconnected.");
            visit.go("/jobs/1/switch");
            assertThat(visit.status()).isEqualTo(200);
        }
    }
}
