package gatepin.web;

import jakarta.servlet.http.HttpServletRequest;
import java.net.URI;
import java.util.List;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.http.server.PathContainer;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.springframework.web.util.UriComponentsBuilder;
import org.springframework.web.util.pattern.PathPattern;

/** The address of an act is no page: who opens it, by the way back or a reload, comes to the page that the act is done on. */
@ControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class ActsOpened {
    private final ObjectProvider<RequestMappingHandlerMapping> routes;

    ActsOpened(@Qualifier("requestMappingHandlerMapping") ObjectProvider<RequestMappingHandlerMapping> routes) {
        this.routes = routes;
    }

    /**
     * The nearest page above it.
     *
     * @throws HttpRequestMethodNotSupportedException where nobody wanted to look at a page
     */
    @ExceptionHandler
    ResponseEntity<Void> opened(HttpRequestMethodNotSupportedException failure, HttpServletRequest request)
            throws HttpRequestMethodNotSupportedException {
        if (!HttpMethod.GET.matches(request.getMethod())) {
            throw failure;
        }
        List<PathPattern> pages = routes.getObject().getHandlerMethods().keySet().stream()
                .filter(r -> r.getMethodsCondition().getMethods().contains(RequestMethod.GET)
                        && r.getProducesCondition().isEmpty())
                .flatMap(r -> java.util.Objects.requireNonNull(r.getPathPatternsCondition()).getPatterns().stream())
                .toList();
        String path = request.getServletPath();
        while (path.lastIndexOf('/') > 0) {
            path = path.substring(0, path.lastIndexOf('/'));
            PathContainer above = PathContainer.parsePath(path);
            if (pages.stream().anyMatch(p -> p.matches(above))) {
                return to(path);
            }
        }
        return to("/");
    }

    private static ResponseEntity<Void> to(String path) {
        // what stands in the address is no pattern, and asks for nothing
        URI page = UriComponentsBuilder.newInstance()
                .pathSegment(path.substring(1).split("/"))
                .encode()
                .build()
                .toUri();
        return ResponseEntity.status(HttpStatus.FOUND).location(page).build();
    }
}
