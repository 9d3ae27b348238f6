package gatepin.web;

import gatepin.web.lane.MeasuredOn;
import gatepin.web.lane.StaleEdit;
import gatepin.web.sql.DatabaseTrouble;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.SecureRandom;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.InvalidPropertyException;
import org.springframework.beans.TypeMismatchException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.validation.BindException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.view.json.JacksonJsonView;

/**
 * What went wrong, said in words. Whatever is not the fault of what was typed gets a number that the log has too; what was typed is never
 * written into the log.
 */
@ControllerAdvice
@Order(Ordered.LOWEST_PRECEDENCE)
class Failures {
    private static final Logger LOG = LoggerFactory.getLogger(Failures.class);
    private static final int DEEPEST = 12;
    private static final String RETRY_SECONDS = "5";
    private static final int MOST_SHOWN = 500;
    private static final Set<String> NOT_TYPED = Set.of("_csrf", "once", "version", MeasuredOn.FIELD);
    private static final SecureRandom RANDOM = new SecureRandom();

    /** What was sent is no form of these pages: a list without end, a number that is none, half a file. */
    @ExceptionHandler({
        InvalidPropertyException.class,
        TypeMismatchException.class,
        BindException.class,
        MultipartException.class,
        IndexOutOfBoundsException.class
    })
    ModelAndView unreadable(HttpServletRequest request, HttpServletResponse response) {
        return page(
                request,
                response,
                HttpStatus.BAD_REQUEST,
                "That could not be read",
                "What was sent is not what these pages send. Go back, reload the page and try again.");
    }

    /** Somebody else saved, and the page has no words of its own for it. */
    @ExceptionHandler(StaleEdit.class)
    ModelAndView stale(StaleEdit stale, HttpServletRequest request, HttpServletResponse response) {
        return page(
                request,
                response,
                HttpStatus.CONFLICT,
                "Somebody saved " + stale.part().words() + " in the meantime",
                "What you did is not saved. Go back and reload the page to see how it stands now.");
    }

    /** What was measured was measured on something that is not there any more: both are told, and nothing that was typed is lost. */
    @ExceptionHandler(MeasuredOn.Another.class)
    ModelAndView another(MeasuredOn.Another another, HttpServletRequest request, HttpServletResponse response) {
        String typed = request.getParameterMap().entrySet().stream()
                .filter(e -> !NOT_TYPED.contains(e.getKey()))
                .map(e -> e.getKey() + " " + String.join(" ", e.getValue()))
                .collect(Collectors.joining(", "));
        String shown = typed.length() > MOST_SHOWN ? typed.substring(0, MOST_SHOWN) + " …" : typed;
        return page(
                request,
                response,
                HttpStatus.CONFLICT,
                "That was measured on something else",
                "You measured on: " + another.then() + ". There now: " + another.now()
                        + ". It is not kept, for it says nothing of what is there now. Go back, reload the page and"
                        + " measure again."
                        + (typed.isEmpty() ? "" : " What you wrote: " + shown + "."));
    }

    /** Two did the same at once, or a text is longer than there is room for. */
    @ExceptionHandler(DataIntegrityViolationException.class)
    ModelAndView noRoom(Exception failure, HttpServletRequest request, HttpServletResponse response) {
        String number = numbered(failure, request);
        return page(
                request,
                response,
                HttpStatus.UNPROCESSABLE_ENTITY,
                "That could not be kept",
                "It was not saved: something in it is too long, or somebody saved the same at the same moment. Go back and"
                        + " try again. Number " + number + " in the log.");
    }

    @ExceptionHandler(Exception.class)
    ModelAndView anything(Exception failure, HttpServletRequest request, HttpServletResponse response)
            throws Exception {
        if (failure instanceof ErrorResponse) {
            // the framework has its own answer: not found, method not allowed and the like
            throw failure;
        }
        DatabaseTrouble trouble = DatabaseTrouble.of(failure);
        if (trouble != DatabaseTrouble.OTHER) {
            return database(trouble, failure, request, response);
        }
        String number = numbered(failure, request);
        return page(
                request,
                response,
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Something went wrong",
                "What was saved before is safe. Go back and try again. Number " + number + " in the log.");
    }

    private static ModelAndView database(
            DatabaseTrouble trouble, Exception failure, HttpServletRequest request, HttpServletResponse response) {
        String number = numbered(failure, request);
        boolean gone = trouble == DatabaseTrouble.GONE;
        boolean asksPage = request.getMethod().equals("GET");
        response.setHeader(HttpHeaders.RETRY_AFTER, RETRY_SECONDS);
        if (asksPage) {
            response.setHeader("Refresh", RETRY_SECONDS);
        }
        String kept = asksPage
                ? "What was confirmed before is safe. This page tries again by itself."
                : "What was confirmed before is safe; this most likely was not saved. What you typed is kept in this browser:"
                        + " go back in a moment, see how it stands, and save again.";
        String why = gone
                ? "It is brought back as soon as that can be done. "
                : "Nothing can be saved until somebody makes room on it; then it goes on by itself. ";
        return page(
                request,
                response,
                gone ? HttpStatus.SERVICE_UNAVAILABLE : HttpStatus.INSUFFICIENT_STORAGE,
                gone ? "The database does not answer" : "The disk is full",
                why + kept + " Number " + number + " in the log.");
    }

    private static String numbered(Exception failure, HttpServletRequest request) {
        byte[] bytes = new byte[4];
        RANDOM.nextBytes(bytes);
        String number = HexFormat.of().formatHex(bytes);
        LOG.error("{}: {} {}: {}", number, request.getMethod(), request.getRequestURI(), told(failure));
        return number;
    }

    /** The kinds of the failures and where they happened; their messages may hold what somebody typed. */
    private static String told(Throwable failure) {
        StringBuilder told = new StringBuilder();
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            told.append(told.isEmpty() ? "" : ", because of ")
                    .append(cause.getClass().getName());
            Arrays.stream(cause.getStackTrace())
                    .filter(f -> f.getClassName().startsWith("gatepin."))
                    .limit(DEEPEST)
                    .forEach(f -> told.append("\n    at ").append(f));
        }
        return told.toString();
    }

    private static ModelAndView page(
            HttpServletRequest request, HttpServletResponse response, HttpStatus status, String title, String words) {
        response.setStatus(status.value());
        String accepted = request.getHeader(HttpHeaders.ACCEPT);
        if (accepted != null && accepted.startsWith(MediaType.APPLICATION_JSON_VALUE)) {
            return new ModelAndView(new JacksonJsonView(), Map.of("message", title + ". " + words));
        }
        return new ModelAndView("error", Map.of("status", status.value(), "title", title, "words", words), status);
    }
}
