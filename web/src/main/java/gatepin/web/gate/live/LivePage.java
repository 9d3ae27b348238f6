package gatepin.web.gate.live;

import gatepin.core.check.CheckRequest;
import gatepin.core.check.ColdCheck;
import gatepin.core.check.Complaint;
import gatepin.core.check.Fault;
import gatepin.core.check.LiveCheck;
import gatepin.core.check.LivePlan.Expected;
import gatepin.core.check.LiveStep.Answer;
import gatepin.core.check.LiveStep.What;
import gatepin.core.check.Suspects.Suspect;
import gatepin.core.check.Symptom;
import gatepin.core.check.Taken;
import gatepin.core.circuit.Terminal;
import gatepin.web.check.CheckLines;
import gatepin.web.check.CheckWords;
import gatepin.web.lane.JobFile;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** The Live check gate as it is shown. */
final class LivePage {
    private static final int SHOWN = 5;

    private final JobFile file;
    private final CheckLines lines;
    private final LiveCheck check;
    private final Optional<Expected> asked;

    /** What is looked at now. */
    public record Now(
            String key, String title, String how, String answer, String expected, String within, String unit) {}

    /** One explanation. */
    public record Suspicion(List<String> words, String share) {}

    /** Which two ends to exchange. */
    public record Exchange(String words, String first, String second) {}

    LivePage(JobFile file, LiveCheck check, Optional<String> wanted) {
        this.file = file;
        this.lines = new CheckLines(file);
        this.check = check;
        this.asked = wanted.flatMap(check.plan()::step).or(check::next);
    }

    private String how(Expected step) {
        String at = step.step().setting().map(s -> CheckWords.setting(file, s)).orElse("");
        return switch (step.step().what()) {
            case OUTLET_VOLTS ->
                "Plug out. Probes in the outlet, line to line. The meter was tried on a known source first.";
            case FIRST_TO_GROUND -> "Plug out. One probe on the hot, one on the " + file.ground() + ".";
            case SECOND_TO_GROUND -> "Plug out. One probe on the other line, one on the " + file.ground() + ".";
            case TURNS ->
                "Plug in, stand clear, handle to " + at + " for half a second, then OFF. Look at the shaft while it"
                        + " coasts. Hums and stands: off within "
                        + CheckWords.number(check.plan().stopSeconds()) + " s.";
            case CLICK_UP ->
                "Handle to " + at + ", let it come up. The start switch opens with a click within a second or two."
                        + " None by three seconds: off.";
            case IDLE_AMPS ->
                "Clamp around ONE line, belt off. A single-phase motor idles at more than half of what its plate"
                        + " names.";
            case VOLTS -> "At the switch, line to line, while it runs.";
            case SPEED -> "Tachometer, or chalk and a count over fifteen seconds times four.";
            case LOAD_AMPS -> "Belt on and working. Not above what the plate names for long.";
            case CLICK_DOWN -> "Handle to OFF, let it coast. No second click: it will not start next time.";
            case COAST -> "From OFF to a full stop. Only then the other way.";
            case CELSIUS -> "After two starts each way, spread. The back of the hand stays on it up to some 60 °C.";
        };
    }

    private static String within(Expected step) {
        boolean measured = step.step().what().answer() == Answer.NUMBER
                && step.step().what() != What.COAST
                && step.step().what() != What.CELSIUS;
        return measured
                ? CheckWords.number(step.band().least()) + " to "
                        + CheckWords.number(step.band().most()) + CheckWords.unit(step)
                : "";
    }

    Optional<Now> now() {
        return asked.map(s -> new Now(
                s.step().key(),
                lines.title(s.step().what()),
                how(s),
                s.step().what().answer().name().toLowerCase(Locale.ROOT),
                CheckLines.expected(s),
                within(s),
                CheckWords.unit(s).strip()));
    }

    List<CheckLines.Live> lines() {
        return lines.of(check);
    }

    /** Which two ends to exchange where all it does wrong is the way it turns. */
    Optional<Exchange> exchange() {
        return check.symptoms().equals(EnumSet.of(Symptom.WRONG_WAY)) ? exchange(file) : Optional.empty();
    }

    static Optional<Exchange> exchange(JobFile file) {
        return LiveDesk.mend(file).map(m -> {
            List<Terminal> ends =
                    m.places(file.workup().checks().request().orElseThrow().circuit());
            return new Exchange(
                    file.say(m.words(
                            file.workup().checks().request().orElseThrow().circuit())),
                    ends.get(0).mark(),
                    ends.get(1).mark());
        });
    }

    /** What may be wrong by what was seen. */
    List<Suspicion> suspicions() {
        return suspicions(file, file.workup().checks().request().orElseThrow(), check.symptoms());
    }

    static List<Suspicion> suspicions(JobFile file, CheckRequest request, Set<Symptom> seen) {
        return suspicions(file, request, seen, true);
    }

    /**
     * What may be wrong by what is complained of.
     *
     * @param readHolds what was read cold still holds, and is ruled out; a machine that has run since may have changed
     */
    static List<Suspicion> suspicions(JobFile file, CheckRequest request, Set<Symptom> seen, boolean readHolds) {
        if (seen.isEmpty()) {
            return List.of();
        }
        // what was read cold is ruled out
        List<Taken> read = file.workup()
                .checks()
                .cold()
                .filter(c -> readHolds && file.workup().checks().request().equals(Optional.of(request)))
                .map(ColdCheck::counting)
                .orElse(List.of());
        List<Suspect> likely =
                file.workup().once(List.of("complaint", seen, read.size()), () -> Complaint.rank(request, seen, read));
        return likely.stream()
                .limit(SHOWN)
                .map(s -> new Suspicion(
                        s.faults().stream()
                                .map((Fault f) -> file.say(f.words(request.circuit())))
                                .toList(),
                        Math.max(1, Math.round(100 * s.share())) + " in 100"))
                .toList();
    }

    /** What is complained of, as a person says it. */
    static String said(Symptom symptom) {
        return switch (symptom) {
            case DEAD -> "Nothing happens";
            case HUMS -> "It hums and does not turn";
            case BY_HAND_ONLY -> "It starts only when spun by hand";
            case TRIPS_AT_ONCE -> "The breaker is out at once";
            case GROUND_FAULT_TRIPS -> "The GFCI or RCD is out";
            case TRIPS_LATER -> "It trips after a while";
            case NO_CLICK -> "No click";
            case SLOW -> "It runs slow";
            case HOT -> "It gets hot";
            case NOISY -> "It is loud";
            case SAME_WAY -> "The same way in both positions";
            case ONE_WAY_ONLY -> "It runs in one position only";
            case WRONG_WAY -> "The wrong way in both positions";
            case SHOCK -> "A shock from the frame";
            case RUNS_IN_OFF -> "It hums or runs in OFF";
        };
    }
}
