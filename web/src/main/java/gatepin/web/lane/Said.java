package gatepin.web.lane;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/**
 * What the act before this page has to say, carried in the address so that no session is needed.
 *
 * @param saved something was saved
 * @param dropped pins of other gates dropped with it
 * @param passed a pin was pulled
 */
record Said(boolean saved, boolean dropped, boolean passed, boolean held) {
    /** Puts it before every page. */
    @ControllerAdvice
    static class OnEveryPage {
        @ModelAttribute("said")
        Said said(HttpServletRequest request) {
            return new Said(
                    request.getParameter("saved") != null,
                    request.getParameter("dropped") != null,
                    request.getParameter("passed") != null,
                    request.getParameter("held") != null);
        }
    }
}
