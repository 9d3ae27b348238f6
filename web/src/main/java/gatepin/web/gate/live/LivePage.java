package gatepin.web.gate.live;

import static gatepin.core.check.Symptom.*;

import gatepin.core.check.CheckRequest;
import gatepin.core.check.ColdCheck;
import gatepin.core.check.LiveCheck;
import gatepin.core.check.LivePlan.Expected;
import gatepin.core.check.LiveStep.Answer;
import gatepin.core.check.LiveStep.What;
import gatepin.core.check.Symptom;
import gatepin.core.check.Taken;
import gatepin.core.circuit.Terminal;
import gatepin.core.control.Ladder;
import gatepin.core.gear.SwitchKind;
import gatepin.core.trouble.Past;
import gatepin.core.trouble.Suspicion;
import gatepin.core.trouble.Trouble;
import gatepin.core.trouble.Trouble.Machine;
import gatepin.web.check.CheckLines;
import gatepin.web.check.CheckWords;
import gatepin.web.lane.JobFile;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The Live check gate as it is shown. */
final class LivePage {
    private static final int SHOWN = 5;
    /** Less likely than this it only keeps a person from what is likelier. */
    private static final double WORTH_TELLING = 0.01;

    private final JobFile file;
    private final CheckLines lines;
    private final LiveCheck check;
    private final Optional<Expected> asked;

    /** What is looked at now. */
    public record Now(
            String key, String title, String how, String answer, String expected, String within, String unit) {}

    /**
     * One thing to mend that may be the cause.
     *
     * @param first its test comes first: it tells most for the least trouble
     */
    public record Suspect(String title, List<String> places, String test, String share, boolean first) {}

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
        String part = step.step().part();
        boolean plug = !file.workup().standsAhead().isFixed();
        // who has no outlet measures where the line ends that feeds the machine
        String off = plug ? "Plug out." : "Machine switched off, disconnect open.";
        return switch (step.step().what()) {
            case OUTLET_VOLTS ->
                off
                        + (plug
                                ? " Probes in the outlet, line to line."
                                : " Probes on the line side of the disconnect, line to line.")
                        + " The meter was tried on a known source first.";
            case FIRST_TO_GROUND ->
                off + " One probe on the " + file.job().region().hot() + ", one on the " + file.ground() + ".";
            case SECOND_TO_GROUND -> off + " One probe on the other line, one on the " + file.ground() + ".";
            case STOPS -> "Start it, then press " + part + ". It falls out at once and coasts. Once each way.";
            case STAYS_OFF -> "Turn or pull " + part + " out again, no other hand on anything. Nothing may start.";
            case BOTH_BUTTONS ->
                "From a full stop press both buttons at the same moment. It may go one way, or none; it may not trip.";
            case LIMIT_STOPS ->
                "Let it run towards " + part + " with nothing on the machine, and press " + part
                        + " with a stick. That way stops; the other way still starts.";
            case POWER_BACK ->
                "While it runs take its power away at the " + (plug ? "plug" : "disconnect")
                        + ", and give it back. Nothing may start before a button is pressed.";
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
    List<Suspect> suspicions() {
        return suspicions(
                file, file.workup().checks().request().orElseThrow(), check.symptoms(), Past.JUST_WIRED, true);
    }

    /**
     * What may be wrong by what is complained of.
     *
     * @param readHolds what was read cold still holds, and is ruled out; a machine that has run since may have changed
     */
    static List<Suspect> suspicions(
            JobFile file, CheckRequest request, Set<Symptom> seen, Past past, boolean readHolds) {
        if (seen.isEmpty()) {
            return List.of();
        }
        List<Taken> read = file.workup()
                .checks()
                .cold()
                .filter(c -> readHolds && file.workup().checks().request().equals(Optional.of(request)))
                .map(ColdCheck::counting)
                .orElse(List.of());
        Optional<Ladder> ladder = file.workup().checks().ladder();
        Trouble trouble = file.workup()
                .once(
                        List.of("complaint", seen, past, read),
                        () -> Trouble.of(new Machine(request, ladder, past, read), seen));
        Optional<Suspicion> first = trouble.first();
        return trouble.suspicions().stream()
                .filter(s -> s.share() >= WORTH_TELLING)
                .limit(SHOWN)
                .map(s -> new Suspect(
                        file.say(s.title()),
                        s.places().stream().map(file::say).toList(),
                        file.say(s.test()),
                        Math.max(1, Math.round(100 * s.share())) + " in 100",
                        Optional.of(s).equals(first)))
                .toList();
    }

    /** Complaints that go together. */
    public record Group(String title, Map<String, String> said) {}

    /** All there is to complain of, as it is asked; what only contactors do only where there are any. */
    static List<Group> complaints(JobFile file) {
        boolean coils = file.facts().gear().kind().filter(SwitchKind::hasCoils).isPresent();
        List<Group> groups = new ArrayList<>(List.of(
                group("It does not start", DEAD, HUMS, BY_HAND_ONLY, STUCK, SOMETIMES, STOPS),
                group(
                        "It trips, or bites",
                        TRIPS_AT_ONCE,
                        TRIPS_SOON,
                        TRIPS_LATER,
                        TRIPS_ONE_WAY,
                        GROUND_FAULT_TRIPS,
                        SHOCK),
                group("It runs badly", SLOW, WEAKER, HOT, SMELLS, NOISY, NO_CLICK),
                group("It runs otherwise", SAME_WAY, ONE_WAY_ONLY, WRONG_WAY, RUNS_IN_OFF, SPARKS)));
        if (coils) {
            groups.add(group("Its contactors", BUZZES, WHILE_HELD, WILL_NOT_STOP, BY_ITSELF));
        }
        return groups;
    }

    private static Group group(String title, Symptom... symptoms) {
        Map<String, String> said = new LinkedHashMap<>();
        Arrays.stream(symptoms).forEach(s -> said.put(s.word(), said(s)));
        return new Group(title, said);
    }

    /** What is complained of, as a person says it. */
    private static String said(Symptom symptom) {
        return switch (symptom) {
            case DEAD -> "Nothing happens";
            case HUMS -> "It hums and does not turn";
            case BY_HAND_ONLY -> "It starts only when spun by hand";
            case STUCK -> "The shaft cannot be turned by hand";
            case SOMETIMES -> "It starts one time and not the next";
            case STOPS -> "It stops at work, and goes again later";
            case TRIPS_AT_ONCE -> "The breaker is out at once";
            case TRIPS_SOON -> "It starts, then the breaker is out in seconds";
            case TRIPS_LATER -> "It trips after minutes";
            case TRIPS_ONE_WAY -> "It trips in one position only";
            case GROUND_FAULT_TRIPS -> "The breaker that guards against shock is out";
            case SHOCK -> "A shock from the frame";
            case NO_CLICK -> "No click";
            case SLOW -> "Slow, or does not come up under load";
            case WEAKER -> "It got weaker over the years";
            case HOT -> "It gets hot";
            case SMELLS -> "It smells or smokes";
            case NOISY -> "It is loud";
            case SAME_WAY -> "The same way in both positions";
            case ONE_WAY_ONLY -> "It runs in one position only";
            case WRONG_WAY -> "The wrong way in both positions";
            case RUNS_IN_OFF -> "It hums or runs in OFF";
            case SPARKS -> "Sparks in the switch";
            case BUZZES -> "The contactor buzzes or chatters";
            case WHILE_HELD -> "It runs only while the button is held";
            case WILL_NOT_STOP -> "The stop does not stop it";
            case BY_ITSELF -> "It starts by itself";
        };
    }
}
