package gatepin.web.lane;

import gatepin.core.job.Part;
import gatepin.core.lane.Parts;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Evidence of a thing that is not there any more is refused before its page looks for what it means: a page that finds nothing to read
 * would only be shown again, and what was measured would be gone without a word. Under the job's lock {@link Acts} looks once more.
 */
@Component
class SameThing implements HandlerInterceptor, WebMvcConfigurer {
    private static final Pattern OF_A_JOB = Pattern.compile("/jobs/(\\d{1,18})(/.*)");
    private static final Map<Pattern, Part<?>> EVIDENCE = evidence();

    private final JobFiles files;

    SameThing(JobFiles files) {
        this.files = files;
    }

    private static Map<Pattern, Part<?>> evidence() {
        Map<Pattern, Part<?>> evidence = new LinkedHashMap<>();
        evidence.put(Pattern.compile("/windings/.*"), Parts.WINDINGS);
        evidence.put(Pattern.compile("/plate/photos"), Parts.PLATE_PHOTOS);
        evidence.put(Pattern.compile("/found/photos"), Parts.FOUND_PHOTOS);
        evidence.put(Pattern.compile("/(cold|live)(/.*)?"), Parts.CHECKS);
        evidence.put(Pattern.compile("/switch/map/(buzz|chart)"), Parts.MAP);
        return evidence;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/jobs/**");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        Matcher job = OF_A_JOB.matcher(request.getRequestURI());
        if (!request.getMethod().equals("POST") || !job.matches()) {
            return true;
        }
        EVIDENCE.entrySet().stream()
                .filter(e -> e.getKey().matcher(job.group(2)).matches())
                .findFirst()
                .ifPresent(e -> files.find(Long.parseLong(job.group(1)))
                        .ifPresent(file -> MeasuredOn.holdAgainst(
                                request, file, Map.of(e.getValue(), Seen.ANY), JobPages.about(file))));
        return true;
    }
}
