package gatepin.web;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gatepin.web.lane.MeasuredOn;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.support.RequestDataValueProcessor;

/**
 * A form that is sent twice counts once. Every form carries a mark of its own; the same form with the same words in it, sent again by an
 * impatient finger, is answered as the first one was. The same form with other words is another one.
 */
@Component
class Once extends OncePerRequestFilter {
    private static final String MARK = "once";
    private static final Duration REMEMBERED = Duration.ofMinutes(10);
    private static final long PATIENCE_SECONDS = 15;

    /** What each form said last, and where that led; blank where it led nowhere and may be sent again. */
    private final Cache<String, Last> sent =
            Caffeine.newBuilder().maximumSize(5000).expireAfterWrite(REMEMBERED).build();

    private record Last(String words, CompletableFuture<String> led) {}

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getMethod().equals("POST") || mark(request) == null;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String mark = request.getRequestURI() + " " + mark(request);
        Last mine = new Last(words(request), new CompletableFuture<>());
        Last before = sent.asMap().put(mark, mine);
        // the same again is an impatient finger; other words in between were an act of their own
        if (before != null && before.words().equals(mine.words())) {
            sent.asMap().replace(mark, mine, before);
            String there = there(before.led());
            if (!there.isEmpty()) {
                response.sendRedirect(there);
                return;
            }
            sent.put(mark, mine);
        }
        try {
            chain.doFilter(request, response);
        } finally {
            String location = response.getHeader("Location");
            boolean done = response.getStatus() / 100 == 3 && location != null;
            if (!done) {
                sent.asMap().remove(mark, mine);
            }
            mine.led().complete(done ? location : "");
        }
    }

    /** The form's mark; one with a file in it carries it in its address, for its parts are read later. */
    private static @Nullable String mark(HttpServletRequest request) {
        if (isForm(request)) {
            return request.getParameter(MARK);
        }
        String query = request.getQueryString();
        return query != null && query.matches(MARK + "=[0-9a-f-]{36}") ? query : null;
    }

    private static boolean isForm(HttpServletRequest request) {
        String type = request.getContentType();
        return type != null && type.startsWith("application/x-www-form-urlencoded");
    }

    private static String there(CompletableFuture<String> first) {
        try {
            return first.get(PATIENCE_SECONDS, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return "";
        } catch (ExecutionException | TimeoutException e) {
            return "";
        }
    }

    private static String words(HttpServletRequest request) {
        if (!isForm(request)) {
            return "" + request.getContentLengthLong();
        }
        Map<String, String> words = new TreeMap<>();
        request.getParameterMap().forEach((name, values) -> words.put(name, Arrays.toString(values)));
        return HexFormat.of().formatHex(digest(words.toString()));
    }

    /** What is remembered of a form is as short for a long one. */
    private static byte[] digest(String words) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(words.getBytes(StandardCharsets.UTF_8));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Puts the mark into every form, beside the token against forgery. */
    private record Marks(RequestDataValueProcessor token) implements RequestDataValueProcessor {
        @Override
        public String processAction(HttpServletRequest request, String action, String method) {
            return token.processAction(request, action, method);
        }

        @Override
        public String processFormFieldValue(
                HttpServletRequest request, @Nullable String name, String value, String type) {
            return token.processFormFieldValue(request, name, value, type);
        }

        @Override
        public Map<String, String> getExtraHiddenFields(HttpServletRequest request) {
            Map<String, String> fields = new TreeMap<>();
            Map<String, String> before = token.getExtraHiddenFields(request);
            if (before != null) {
                fields.putAll(before);
            }
            if (!fields.isEmpty()) {
                fields.put(MARK, UUID.randomUUID().toString());
                String measuredOn = MeasuredOn.onPage(request);
                if (!measuredOn.isEmpty()) {
                    fields.put(MeasuredOn.FIELD, measuredOn);
                }
            }
            return fields;
        }

        @Override
        public String processUrl(HttpServletRequest request, String url) {
            return token.processUrl(request, url);
        }
    }

    /** Forms with a file in them carry their mark in the address. */
    @ControllerAdvice
    static class OnPages {
        @ModelAttribute(MARK)
        String mark() {
            return UUID.randomUUID().toString();
        }
    }

    /** The token's own processor is there already: the marks are put around it. */
    @Component
    static class Marking implements BeanPostProcessor {
        @Override
        public Object postProcessAfterInitialization(Object bean, String name) {
            return bean instanceof RequestDataValueProcessor token ? new Marks(token) : bean;
        }
    }
}
