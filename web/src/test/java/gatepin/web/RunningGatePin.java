package gatepin.web;

import java.util.HashMap;
import java.util.Map;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** The real application on a port of its own, with the demo shops, started once for all tests of a JVM. */
public final class RunningGatePin {
    private static final RunningGatePin INSTANCE = new RunningGatePin();

    private final ConfigurableApplicationContext context;

    private RunningGatePin() {
        Map<String, Object> properties =
                new HashMap<>(RunningDatabase.startNew("app").environment());
        properties.put("server.port", "0");
        SpringApplication application = new SpringApplication(GatePin.class);
        application.setDefaultProperties(Map.of());
        this.context = application.run(properties.entrySet().stream()
                .map(e -> "--" + e.getKey() + "=" + e.getValue())
                .toArray(String[]::new));
    }

    public static RunningGatePin get() {
        return INSTANCE;
    }

    /** The address, without a slash at its end. */
    public String address() {
        return "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
    }

    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }
}
