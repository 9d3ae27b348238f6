package gatepin.core.verdict;

import gatepin.core.Sentence;
import gatepin.core.Severity;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import java.util.List;
import java.util.Locale;

/**
 * A verdict as sentences: one a person can act on, and what will be seen and what to do.
 *
 * @param title the finding
 * @param words why, what will be seen, heard or smelt, and what to do
 */
public record VerdictWords(Sentence title, Sentence words) {
    /** Says a verdict about a circuit on this supply. */
    public static VerdictWords of(Verdict verdict, Supply supply) {
        return new Speaker(verdict, supply).say();
    }

    /** Less than this to ground trips no breaker, A (common practice: a small branch circuit carries it as load). */
    private static final double TRIPS_A_BREAKER = 15;

    private record Speaker(Verdict verdict, Supply supply) {
        private Object name(Terminal terminal) {
            if (terminal.isFrame()) {
                return frame(terminal);
            }
            return terminal.is(gatepin.core.circuit.Device.Type.SUPPLY) ? supply.nameOf(terminal) : mark(terminal);
        }

        /** Marks of contactors and relays repeat, 1 to 6 on each: they are called with their device. */
        private static String mark(Terminal terminal) {
            return switch (terminal.device().type()) {
                case CONTACTOR, OVERLOAD_RELAY, BUTTONS, DISCONNECT -> terminal.id();
                default -> terminal.label();
            };
        }

        private static Sentence frame(Terminal terminal) {
            return switch (terminal.device().type()) {
                case MOTOR -> Sentence.of("frame.motor");
                case SWITCH -> Sentence.of("frame.switch");
                case BOX -> Sentence.of("frame.contactors");
                default -> Sentence.of("frame.of", terminal.device().name());
            };
        }

        /** Nothing, the one, or the one and the other. */
        private Object frames() {
            List<Sentence> all = verdict.terminals().stream()
                    .filter(Terminal::isFrame)
                    .map(Speaker::frame)
                    .toList();
            return all.stream()
                    .reduce((one, other) -> Sentence.of("and", one, other))
                    .orElse(Sentence.none());
        }

        private Sentence advice() {
            return switch (verdict.advice()) {
                case NONE -> verdict.rule() == Rule.HALVES_OPPOSING ? Sentence.of("advice.off") : Sentence.none();
                case WIRE_FOR_THIS_VOLTAGE ->
                    Sentence.of(verdict.rule() == Rule.START_OVERVOLTAGE ? "advice.land" : "advice.wireForThisVoltage");
                case GIVE_ITS_OWN_VOLTAGE -> Sentence.of("advice.giveItsOwnVoltage");
                case INTERCHANGE_ONE_HALF -> Sentence.of("advice.interchangeOneHalf");
            };
        }

        /** Joints inside the motor have no names: nobody can put a hand or a probe on them. */
        private List<Object> list(List<Terminal> terminals) {
            return terminals.stream()
                    .filter(t -> !t.is(Type.INSIDE))
                    .map(this::name)
                    .distinct()
                    .toList();
        }

        private List<Object> ends() {
            return list(verdict.terminals());
        }

        /** How the current gets there, such as L1 → 1 → T1. */
        private Object way() {
            return verdict.path().stream()
                    .filter(t -> !t.is(Type.INSIDE))
                    .map(this::name)
                    .reduce((from, to) -> Sentence.of("way", from, to))
                    .orElse(Sentence.none());
        }

        private static String number(String pattern, double number) {
            return String.format(Locale.ROOT, pattern, number);
        }

        private static String volts(double volts) {
            return Math.round(volts) + " V";
        }

        private static String amps(double amps) {
            return number(amps >= 10 ? "%.0f A" : "%.1f A", amps);
        }

        private static String percent(double share) {
            return number("%.0f %%", 100 * share);
        }

        private static String seconds(double seconds) {
            if (seconds >= 90) {
                return Math.round(seconds / 60) + " min";
            }
            return number(seconds < 2 ? "%.1f s" : "%.0f s", seconds);
        }

        private String is() {
            return volts(verdict.value());
        }

        private String shouldBe() {
            return volts(verdict.expected());
        }

        private String flows() {
            return amps(verdict.value());
        }

        private Sentence where() {
            return verdict.setting()
                    .map(s -> Sentence.of(s instanceof HandlePosition ? "where.handle" : "where.setting", s.title()))
                    .orElse(Sentence.none());
        }

        private String setting() {
            return verdict.setting().map(Setting::title).orElse("");
        }

        /** The part it is about, or what there is instead of a name. */
        private Object part() {
            return verdict.part().isEmpty() ? Sentence.of("something") : verdict.part();
        }

        private String leak() {
            return verdict.value() < 1 ? Math.round(1000 * verdict.value()) + " mA" : flows();
        }

        /** What is told of where the protector comes out on leads, and where it sits inside. */
        private Sentence protector(String key, Object... args) {
            return Sentence.of(
                    "verdict." + verdict.rule().name() + "." + key
                            + (verdict.terminals().isEmpty() ? ".inside" : ""),
                    args);
        }

        private int count() {
            return verdict.terminals().size();
        }

        private Sentence title(Object... args) {
            return Sentence.of("verdict." + verdict.rule().name() + ".title", args);
        }

        private Sentence words(Object... args) {
            return Sentence.of("verdict." + verdict.rule().name() + ".words", args);
        }

        /** The sentences of a rule that is more than one thing, by how bad it is. */
        private VerdictWords byDanger(Sentence danger, Sentence dangerWords, Sentence lesser, Sentence lesserWords) {
            return verdict.severity() == Severity.DANGER
                    ? new VerdictWords(danger, dangerWords)
                    : new VerdictWords(lesser, lesserWords);
        }

        private Sentence lesser(String which, Object... args) {
            return Sentence.of("verdict." + verdict.rule().name() + ".lesser." + which, args);
        }

        VerdictWords say() {
            return switch (verdict.rule()) {
                case SHORT -> new VerdictWords(title(where()), words(way()));
                case EARTH_FAULT ->
                    verdict.value() < TRIPS_A_BREAKER && verdict.path().isEmpty()
                            ? new VerdictWords(
                                    lesser("title", part(), where()),
                                    lesser("words", leak(), ends().isEmpty() ? List.of(part()) : ends()))
                            : new VerdictWords(
                                    title(where()),
                                    words(verdict.path().isEmpty() ? Sentence.of("through", ends()) : way()));
                case NEUTRAL_ON_FRAME ->
                    byDanger(title(frames()), words(way()), lesser("title"), lesser("words", way()));
                case FRAME_NOT_BONDED -> new VerdictWords(title(frames(), count()), words());
                case FRAME_LIVE -> new VerdictWords(title(frames(), where()), words(is()));
                case NOTHING_HAPPENS,
                        SAME_WAY,
                        START_INSIDE,
                        DEAD_IN_OFF,
                        NEUTRAL_ALONE_SWITCHED,
                        NEUTRAL_SWITCHED_TOO,
                        PROTECTED -> new VerdictWords(title(where()), words());
                case REVERSES ->
                    new VerdictWords(title(HandlePosition.FORWARD.title(), HandlePosition.REVERSE.title()), words());
                case ALIVE_AT_STANDSTILL, START_LEFT_IN -> alive();
                case RUNS_IN_OFF, HUMS -> new VerdictWords(title(where()), words(flows()));
                case RUN_OVERVOLTAGE, START_OVERVOLTAGE ->
                    new VerdictWords(title(verdict.part(), is(), shouldBe()), words(ends(), where(), advice()));
                case RUN_UNDERVOLTAGE ->
                    new VerdictWords(
                            title(verdict.part(), is(), shouldBe()),
                            words(
                                    ends(),
                                    where(),
                                    percent(Math.pow(verdict.value() / verdict.expected(), 2)),
                                    advice()));
                case START_UNDERVOLTAGE ->
                    new VerdictWords(
                            title(verdict.part(), is(), shouldBe()),
                            words(ends(), where(), percent(verdict.value() / verdict.expected())));
                case RUN_HALF_IDLE, START_NOT_ENERGISED ->
                    new VerdictWords(title(verdict.part(), where()), words(ends()));
                case HALVES_OPPOSING -> new VerdictWords(title(where()), words(flows(), advice()));
                case START_HALVES_OPPOSING -> new VerdictWords(title(where()), words(flows(), ends()));
                case START_CAPACITOR_OUT -> new VerdictWords(title(where()), words(ends(), percent(verdict.value())));
                case START_CAPACITOR_WRONG, START_OVERLOADED, RUN_CAPACITOR_OUT ->
                    new VerdictWords(title(verdict.part(), where()), words(flows(), amps(verdict.expected()), ends()));
                case STARTS_WEAKLY ->
                    new VerdictWords(
                            title(where()), words(number("%.1f", verdict.value()), number("%.1f", verdict.expected())));
                case DRAWS_TOO_MUCH ->
                    new VerdictWords(title(flows(), where()), words(flows(), amps(verdict.expected())));
                case CORRECTION_CAPACITOR, CAPACITOR_ACROSS_LINES ->
                    new VerdictWords(title(verdict.part(), where()), words(flows()));
                case CAPACITOR_PASSED_BY ->
                    new VerdictWords(title(verdict.part(), where()), words(flows(), amps(verdict.expected()), ends()));
                case TURNS ->
                    new VerdictWords(
                            title(where()), words(number("%.1f", Math.abs(verdict.value()) / verdict.expected())));
                case FEEDER_WEAKENS ->
                    new VerdictWords(
                            title(percent(verdict.value()), where()),
                            verdict.severity() == Severity.GOOD ? lesser("words", shouldBe()) : words(shouldBe()));
                case NEEDS_INTERLOCK -> new VerdictWords(title(setting()), words(way()));
                case BURNS -> new VerdictWords(title(verdict.part(), seconds(verdict.value())), words(where()));
                case HOT_IN_OFF ->
                    new VerdictWords(
                            title(),
                            words(
                                    ends(),
                                    is(),
                                    verdict.path().isEmpty() ? Sentence.of("aWinding") : list(verdict.path())));
                case LINE_NOT_BROKEN -> new VerdictWords(title(ends(), count()), words(count()));
                case PROTECTOR_BYPASSED ->
                    byDanger(
                            title(where()),
                            protector("words", flows(), amps(verdict.expected()), ends()),
                            lesser("title", where()),
                            protector("lesser.words", flows(), ends()));
                case PROTECTOR_IN_NEUTRAL -> new VerdictWords(title(), words(is()));
                case WAYS_DIFFER -> new VerdictWords(title(verdict.part(), setting()), words());
                case OVERLOAD_PASSED -> new VerdictWords(title(verdict.part()), words());
                case OVERLOAD_BESIDE ->
                    byDanger(
                            title(verdict.part(), where()),
                            words(flows(), amps(verdict.expected())),
                            lesser("title", verdict.part(), where()),
                            lesser("words", flows()));
                case OVERLOAD_POLE_IDLE -> new VerdictWords(title(verdict.part(), where()), words(ends()));
                case WRONG_FREQUENCY ->
                    new VerdictWords(
                            title(number("%.0f Hz", verdict.value()), number("%.0f Hz", verdict.expected())),
                            verdict.value() < verdict.expected() ? words() : lesser("words"));
            };
        }

        private VerdictWords alive() {
            return new VerdictWords(
                    title(where()),
                    verdict.rule() == Rule.START_LEFT_IN ? words(flows(), ends()) : words(ends(), is()));
        }
    }
}
