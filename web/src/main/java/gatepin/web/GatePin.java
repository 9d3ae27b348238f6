package gatepin.web;

import gatepin.core.lane.Memory;
import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;

/** Starts the application. */
@SpringBootApplication
public class GatePin {
    public static void main(String[] arguments) {
        SpringApplication.run(GatePin.class, arguments);
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }

    /** What was worked out lately, for all jobs. */
    @Bean
    Memory memory() {
        return new Memory();
    }
}
