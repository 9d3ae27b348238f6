package gatepin.web.pages;

import gatepin.web.RunningGatePin;
import java.util.List;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** The pages there are, by the routes of the application: a new one is among them by itself. */
final class Routes {
    private Routes() {}

    /** The pages of a job that are found by nothing but its number, such as {@code /plate}. */
    static List<String> ofAJob() {
        return RunningGatePin.get()
                .bean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
                .getHandlerMethods()
                .keySet()
                .stream()
                .filter(r -> r.getMethodsCondition().getMethods().contains(RequestMethod.GET)
                        && r.getProducesCondition().isEmpty())
                .flatMap(r -> r.getPatternValues().stream())
                .filter(p -> p.matches("/jobs/\\{id}/[a-z/-]+"))
                .map(p -> p.replace("/jobs/{id}", ""))
                .sorted()
                .toList();
    }
}
