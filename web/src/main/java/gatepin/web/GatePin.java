package gatepin.web;

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
}
