package gatepin.web.lane;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Asks the jobs that nobody has asked yet what they wait for: those from before the yard kept it. */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class WaitingRunner implements ApplicationRunner {
    private final JobStore jobs;
    private final JobFiles files;

    WaitingRunner(JobStore jobs, JobFiles files) {
        this.jobs = jobs;
        this.files = files;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        jobs.notAsked().forEach(id -> jobs.waits(id, Waiting.of(files.file(id))));
    }
}
