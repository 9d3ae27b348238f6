package gatepin.web.lane;

import gatepin.core.job.Gate;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * One press for a save and for the pin: where somebody asks for both, the pin of the gate that was saved is pulled as by a press of its own,
 * and he stands at the next gate; where anything is lacking the pin stays, and he is told at the gate what it is.
 */
@Component
class PullOnSave implements HandlerInterceptor, WebMvcConfigurer {
    /** The name of the button that asks for it. */
    private static final String ASKED = "pull";

    private static final Pattern SAVED = Pattern.compile("redirect:/jobs/(\\d+)/([a-z]+)\\?saved.*");

    private final Pins pins;

    PullOnSave(Pins pins) {
        this.pins = pins;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/jobs/**");
    }

    @Override
    public void postHandle(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable ModelAndView answer) {
        if (answer == null
                || answer.getViewName() == null
                || !request.getMethod().equals("POST")
                || !"yes".equals(request.getParameter(ASKED))) {
            return;
        }
        Matcher saved = SAVED.matcher(answer.getViewName());
        if (saved.matches()) {
            long job = Long.parseLong(saved.group(1));
            Gate.of(saved.group(2)).ifPresent(gate -> answer.setViewName(pins.pulled(job, gate, "")));
        }
    }
}
