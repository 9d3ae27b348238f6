package gatepin.web.lane;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gatepin.core.job.Part;
import gatepin.core.lane.Parts;
import gatepin.core.plate.Plate;
import gatepin.web.RunningGatePin;
import gatepin.web.pages.Gates;
import gatepin.web.pages.Visit;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Under the job's lock: what an act finds there decides, also when it is tried again. */
class MeasuredOnTest {
    private static final AtomicInteger COUNT = new AtomicInteger();

    private final MockHttpServletRequest request = new MockHttpServletRequest("POST", "/jobs/1/cold/readings");
    private final JobFile file = RunningGatePin.get()
            .bean(JobFiles.class)
            .find(Long.parseLong(new Gates(new Visit())
                    .open("Measured machine " + COUNT.incrementAndGet())
                    .replaceAll("\\D", "")))
            .orElseThrow();

    @BeforeEach
    void sent() {
        MeasuredOn other = new MeasuredOn(file.job().motorId() + 1000, "plan 1", "", "another motor");
        request.setParameter(MeasuredOn.FIELD, other.written());
        RequestContextHolder.setRequestAttributes(new ServletRequestAttributes(request));
    }

    @AfterEach
    void over() {
        RequestContextHolder.resetRequestAttributes();
    }

    private void act(Part<?> part, int version) {
        MeasuredOn.holdAgainst(file, Map.of(part, version), "this motor");
    }

    @Test
    void whatWritesNoEvidenceNeitherAsksNorAnswersForWhatDoes() {
        MeasuredOn.holdAgainst(file, Map.of(), "this motor");
        act(Parts.PLAN, Seen.ANY);
        act(Plate.PART, 3);
        for (Part<?> part : new Part<?>[] {Parts.CHECKS, Parts.WINDINGS, Plate.PART}) {
            assertThatThrownBy(() -> act(part, Seen.ANY)).as("%s", part).isInstanceOf(MeasuredOn.Another.class);
        }
    }

    @Test
    void anActThatIsTriedAgainIsHeldAgainstWhatIsThereThen() {
        MeasuredOn.settled(true);
        assertThatCode(() -> act(Parts.CHECKS, Seen.ANY)).doesNotThrowAnyException();
        MeasuredOn.settled(false);
        assertThatThrownBy(() -> act(Parts.CHECKS, Seen.ANY)).isInstanceOf(MeasuredOn.Another.class);
    }
}
