package gatepin.web.upgrade;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Why the application does not start on the data it was given, in words for whoever started it. */
final class Refused extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final String advice;

    /**
     * Refuses.
     *
     * @param reason what is wrong
     * @param advice what to do
     */
    Refused(String reason, String advice) {
        super(reason);
        this.advice = advice;
    }

    Refused(String reason, String advice, Throwable cause) {
        super(reason, cause);
        this.advice = advice;
    }

    /** Says it plainly instead of with a stack trace. */
    static final class Plainly extends AbstractFailureAnalyzer<Refused> {
        @Override
        protected FailureAnalysis analyze(Throwable root, Refused refused) {
            return new FailureAnalysis(refused.getMessage(), refused.advice, refused);
        }
    }
}
