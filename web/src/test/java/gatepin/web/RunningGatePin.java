package gatepin.web;

import java.util.Map;
import java.util.TreeMap;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** The real application on a port of its own, with the demo shops, started once for all tests of a JVM. */
public final class RunningGatePin {
    private static final RunningGatePin INSTANCE = new RunningGatePin();

    private final ConfigurableApplicationContext context;

    private RunningGatePin() {
        this.context = on(RunningDatabase.startNew("app"));
    }

    /** Another application, on a database of its own and with settings of its own such as {@code gatepin.demo=false}. */
    public static ConfigurableApplicationContext on(RunningDatabase database, String... settings) {
        Map<String, String> all = new TreeMap<>(database.environment());
        all.put("server.port", "0");
        all.put("gatepin.var", database.folder().toString());
        for (String setting : settings) {
            int equals = setting.indexOf('=');
            all.put(setting.substring(0, equals), setting.substring(equals + 1));
        }
        return new SpringApplication(GatePin.class)
                .run(all.entrySet().stream()
                        .map(e -> "--" + e.getKey() + "=" + e.getValue())
                        .toArray(String[]::new));
    }

    public static RunningGatePin get() {
        return INSTANCE;
    }

    /** The address, without a slash at its end. */
    public String address() {
        return address(context);
    }

    /** The address of an application, without a slash at its end. */
    public static String address(ConfigurableApplicationContext context) {
        return "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
    }

    /** A bean by its name, where there are several of a type. */
    public <T> T bean(String name, Class<T> type) {
        return context.getBean(name, type);
    }

    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }
}
