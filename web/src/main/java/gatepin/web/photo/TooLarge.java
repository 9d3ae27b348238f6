package gatepin.web.photo;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * A photo, or a job in one file, beyond the limit is refused by the length it announces, before anything reads it; the page it was sent from says so
 * by its field.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 5)
public class TooLarge extends OncePerRequestFilter {
    private static final Pattern PHOTO = Pattern.compile("(/jobs/\\d+/(?:plate|found|windings))/(?:photos|trials)");
    /** Where whole jobs are sent to, and what of them is read at all, bytes. */
    private static final String JOB = "/jobs/in";

    private static final long MOST_OF_A_JOB = 40_100_000;
    /** What a form adds to the file it carries, bytes. */
    private static final int FORM_BYTES = 100_000;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Matcher photo = PHOTO.matcher(request.getRequestURI());
        if (photo.matches() && request.getContentLengthLong() > PhotoReader.MOST_BYTES + FORM_BYTES) {
            response.sendRedirect(photo.group(1) + "?tooLarge");
        } else if (request.getRequestURI().equals(JOB) && request.getContentLengthLong() > MOST_OF_A_JOB) {
            response.sendRedirect(JOB + "?tooLarge");
        } else {
            chain.doFilter(request, response);
        }
    }

    /** The message by the photo's field, where a page was asked to say it. */
    public static void say(boolean tooLarge, Model model) {
        if (tooLarge) {
            model.addAttribute(
                    "wrong",
                    Map.of(
                            "photo",
                            "The file is too large: at most " + PhotoReader.MOST_BYTES / 1_000_000 + " MB are taken."));
        }
    }
}
