package gatepin.core.verdict;

import gatepin.core.Severity;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * A verdict in words: a sentence a person can act on, and what will be seen and what to do.
 *
 * @param title the finding
 * @param words why, what will be seen, heard or smelt, and what to do
 */
public record VerdictWords(String title, String words) {
    /** Says a verdict in the words of the supply's land. */
    public static VerdictWords of(Verdict verdict, Supply supply) {
        return new Speaker(verdict, supply).say();
    }

    /** How a motor's direction is called where the plate says nothing of it. */
    private record Speaker(Verdict verdict, Supply supply) {
        private String format(String pattern, Object... values) {
            return String.format(Locale.ROOT, pattern, values);
        }

        private String name(Terminal terminal) {
            if (terminal.isFrame()) {
                return frame(terminal);
            }
            if (terminal.is(Type.SUPPLY)) {
                return supply.nameOf(terminal);
            }
            // marks of contactors and relays repeat: 1 to 6 on each
            return switch (terminal.device().type()) {
                case CONTACTOR, OVERLOAD_RELAY, BUTTONS, DISCONNECT -> terminal.id();
                default -> terminal.mark();
            };
        }

        private String frame(Terminal terminal) {
            return switch (terminal.device().type()) {
                case MOTOR -> "the motor's frame";
                case SWITCH -> "the switch's box";
                case BOX -> "the contactors' box";
                default -> "the box of " + terminal.device().name();
            };
        }

        private String frames() {
            String all = verdict.terminals().stream()
                    .filter(Terminal::isFrame)
                    .map(this::frame)
                    .collect(Collectors.joining(" and "));
            return Character.toUpperCase(all.charAt(0)) + all.substring(1);
        }

        private String advice(String otherwise) {
            return switch (verdict.advice()) {
                case NONE -> otherwise;
                case WIRE_FOR_THIS_VOLTAGE -> " Wire the connection for this voltage.";
                case GIVE_ITS_OWN_VOLTAGE ->
                    " The motor has no connection for this voltage: give it the one on its plate.";
                case INTERCHANGE_ONE_HALF -> " One half is reversed: interchange the ends of one of them.";
            };
        }

        private String list(List<Terminal> terminals) {
            return terminals.stream().map(this::name).distinct().collect(Collectors.joining(", "));
        }

        private String way() {
            return verdict.path().stream().map(this::name).collect(Collectors.joining(" → "));
        }

        private String volts(double volts) {
            return Math.round(volts) + " V";
        }

        private String amps(double amps) {
            return amps >= 10 ? Math.round(amps) + " A" : format("%.1f A", amps);
        }

        private String seconds(double seconds) {
            if (seconds < 90) {
                return seconds < 2 ? format("%.1f s", seconds) : Math.round(seconds) + " s";
            }
            return Math.round(seconds / 60) + " min";
        }

        private String where() {
            return verdict.setting()
                    .map(s -> (s instanceof HandlePosition ? "in " : "with ") + s.title())
                    .orElse("");
        }

        private String ends() {
            return list(verdict.terminals());
        }

        private VerdictWords words(String title, String words) {
            return new VerdictWords(inItsLand(tidy(title)), inItsLand(tidy(words)));
        }

        /** On 50 Hz people say earth and line where others say ground and the hot. */
        private String inItsLand(String sentence) {
            return supply.hertz() == 50
                    ? sentence.replaceAll("\\bground\\b", "earth").replaceAll("\\bthe hot\\b", "the line")
                    : sentence;
        }

        /** Without a position some sentences lose a word in their middle. */
        private static String tidy(String sentence) {
            return sentence.replaceAll("\\s+([.:,;])", "$1")
                    .replaceAll(" {2,}", " ")
                    .strip();
        }

        VerdictWords say() {
            return switch (verdict.rule()) {
                case SHORT ->
                    words(
                            "Short circuit " + where(),
                            way()
                                    + " joins both lines. A bang, then the breaker is out. Take one wire of this path off.");
                case EARTH_FAULT ->
                    words(
                            "A line reaches the ground " + where(),
                            (verdict.path().isEmpty() ? "Through the winding to " + ends() + "." : way() + ".")
                                    + " The frame may be alive until the breaker trips. Take that wire off.");
                case NEUTRAL_ON_FRAME ->
                    verdict.severity() == Severity.DANGER
                            ? words(
                                    frames() + " is on the neutral and has no ground",
                                    way()
                                            + ". One broken neutral and it is alive. Take it off; run a ground of its own to the"
                                            + " supply.")
                            : words(
                                    "Neutral and ground are joined at the machine",
                                    way()
                                            + ". Load current then runs over the frame. They meet at the panel and nowhere else.");
                case FRAME_NOT_BONDED ->
                    words(
                            frames() + (verdict.terminals().size() == 1 ? " has" : " have") + " no ground",
                            "One failed winding or one loose wire and it is alive. Run the ground from every frame to the supply"
                                    + " first.");
                case FRAME_LIVE ->
                    words(
                            frames() + " is alive " + where(),
                            volts(verdict.value())
                                    + " to ground. Nobody may touch it. Lock out, take the wire off the frame.");
                case NOTHING_HAPPENS ->
                    words(
                            "Nothing happens " + where(),
                            "No winding lies between the lines. Look for a wire that is missing or on the wrong terminal.");
                case ALIVE_AT_STANDSTILL ->
                    words(
                            "It stands still and is alive " + where(),
                            ends() + " sit at up to " + volts(verdict.value())
                                    + " to ground while nothing turns. A line or the neutral is missing; do not look for it with"
                                    + " the power on.");
                case RUNS_IN_OFF ->
                    words(
                            "It is not off in OFF",
                            amps(verdict.value())
                                    + " flow with the handle at OFF. The switch does not break the line.");
                case RUN_OVERVOLTAGE ->
                    words(
                            format(
                                    "%s gets %s, not %s",
                                    verdict.part(), volts(verdict.value()), volts(verdict.expected())),
                            "Between " + ends() + " " + where() + ": it growls, draws far too much and smells hot."
                                    + advice(""));
                case RUN_UNDERVOLTAGE ->
                    words(
                            format(
                                    "%s gets %s, not %s",
                                    verdict.part(), volts(verdict.value()), volts(verdict.expected())),
                            format(
                                    "Between %s %s: weak, slow to start, hot under load (torque about %.0f %%).%s",
                                    ends(),
                                    where(),
                                    100 * Math.pow(verdict.value() / verdict.expected(), 2),
                                    advice("")));
                case RUN_HALF_IDLE ->
                    words(
                            verdict.part() + " is left out " + where(),
                            ends() + " carry nothing. The rest does all the work and gets hot. Join it in.");
                case HALVES_OPPOSING ->
                    words(
                            "The run halves work against each other " + where(),
                            "It hums loudly, does not turn and draws " + amps(verdict.value()) + "."
                                    + advice(" Off at once; read the diagram again before you try."));
                case START_HALVES_OPPOSING ->
                    words(
                            "The start halves work against each other " + where(),
                            "They take " + amps(verdict.value())
                                    + " each and make no field: it hums and does not start, and they smoke within seconds."
                                    + " Interchange the ends of one of them: " + ends() + ".");
                case START_NOT_ENERGISED ->
                    words(
                            verdict.part() + " gets nothing at standstill " + where(),
                            "It hums and does not start; spun by hand it runs either way. Look at " + ends()
                                    + ", the start switch and the capacitor.");
                case START_OVERVOLTAGE ->
                    words(
                            format(
                                    "%s gets about %s, not %s",
                                    verdict.part(), volts(verdict.value()), volts(verdict.expected())),
                            "At standstill, at " + ends() + " " + where()
                                    + ": it starts with a jerk and the start winding smokes within seconds."
                                    + (verdict.advice() == Advice.WIRE_FOR_THIS_VOLTAGE
                                            ? " Land it as the diagram shows for this voltage."
                                            : advice("")));
                case START_UNDERVOLTAGE ->
                    words(
                            format(
                                    "%s gets about %s, not %s",
                                    verdict.part(), volts(verdict.value()), volts(verdict.expected())),
                            format(
                                    "At %s %s: it starts with about %.0f %% of the start winding's pull, and may hang on a stiff load.",
                                    ends(), where(), 100 * verdict.value() / verdict.expected()));
                case START_CAPACITOR_OUT ->
                    words(
                            "The start capacitor is out of circuit " + where(),
                            format(
                                    "The run capacitor alone feeds the start winding at %s: about %.0f %% of its current, so it"
                                            + " starts weakly or hangs. Look at the start capacitor and the start switch: no click"
                                            + " means it is stuck open.",
                                    ends(), 100 * verdict.value()));
                case CAPACITOR_ACROSS_LINES ->
                    words(
                            "The " + verdict.part() + " lies straight across the lines " + where(),
                            "It takes " + amps(verdict.value())
                                    + " and does nothing for the motor. It belongs in series with the start winding.");
                case CAPACITOR_PASSED_BY ->
                    words(
                            verdict.part() + " is fed past its capacitor " + where(),
                            "It takes " + amps(verdict.value()) + ", not " + amps(verdict.expected())
                                    + ": wrong torque and a hot winding. Put the capacitor in series with it, at "
                                    + ends()
                                    + ".");
                case START_LEFT_IN ->
                    words(
                            "The start winding stays in " + where(),
                            "No click on run-up; " + amps(verdict.value()) + " keep flowing through " + ends()
                                    + ". Stop it. The start switch is stuck or bypassed.");
                case HUMS ->
                    words(
                            "It hums and does not start " + where(),
                            "It stands and draws " + amps(verdict.value()) + ". Off within seconds, or it burns.");
                case TURNS ->
                    words(
                            "It starts " + where(),
                            format(
                                    "About %.1f times rated torque at standstill.",
                                    Math.abs(verdict.value()) / verdict.expected()));
                case FEEDER_WEAKENS ->
                    words(
                            format(
                                    "The cable leaves %.0f %% of the starting torque %s",
                                    100 * verdict.value(), where()),
                            format(
                                    "At standstill %s arrive at the machine. %s",
                                    volts(verdict.expected()),
                                    verdict.severity() == Severity.GOOD
                                            ? "It starts, a little slower."
                                            : "Thicker or shorter cable, or the higher voltage, before the motor is blamed."));
                case NEEDS_INTERLOCK ->
                    words(
                            Character.toUpperCase(verdict.setting()
                                            .map(Setting::title)
                                            .orElse("this setting")
                                            .charAt(0))
                                    + verdict.setting()
                                            .map(Setting::title)
                                            .orElse("this setting")
                                            .substring(1)
                                    + " would short the lines",
                            way()
                                    + ". It must never be: interlock both contactors electrically, better mechanically too.");
                case REVERSES -> words("FORWARD and REVERSE turn opposite ways", "Stop fully in between.");
                case SAME_WAY ->
                    words(
                            "It turns the same way in both positions",
                            "Either both windings are interchanged or none. Only one of the two may change its ends.");
                case BURNS ->
                    words(
                            format("%s is hurt after about %s", verdict.part(), seconds(verdict.value())),
                            "Left on " + where()
                                    + " it passes 180 °C from cold: varnish smells, then smoke. An estimate.");
                case HOT_IN_OFF ->
                    words(
                            "Motor stays hot in OFF",
                            ends() + " sit at up to " + volts(verdict.value()) + " to ground through "
                                    + (verdict.path().isEmpty() ? "a winding" : list(verdict.path()))
                                    + ". Lock the disconnect open before any cover comes off.");
                case DEAD_IN_OFF ->
                    words(
                            "No motor lead is hot in OFF",
                            "It still does not isolate: lock the disconnect open before any cover comes off.");
                case LINE_NOT_BROKEN ->
                    words(
                            list(verdict.terminals()) + (verdict.terminals().size() == 1 ? " stays" : " stay")
                                    + " on in OFF",
                            "The switch does not break "
                                    + (verdict.terminals().size() == 1 ? "this line." : "these lines."));
                case NEUTRAL_ALONE_SWITCHED ->
                    words(
                            "The switch breaks the neutral and leaves the hot on",
                            "The motor stands still and is alive. Let the switch break the hot.");
                case NEUTRAL_SWITCHED_TOO ->
                    words(
                            "The neutral is switched, too",
                            "Allowed only together with the hot; most would leave the neutral unbroken.");
                case PROTECTED ->
                    words("All current passes the protector", "Once it opens nothing flows, whichever way it runs.");
                case PROTECTOR_BYPASSED ->
                    verdict.severity() == Severity.DANGER
                            ? words(
                                    "The protector does not stop the motor " + where(),
                                    "With it open " + amps(verdict.value()) + " of " + amps(verdict.expected())
                                            + " still flow through the run winding. Take the line to " + ends()
                                            + " so that every path passes it.")
                            : words(
                                    "Start current goes past the protector " + where(),
                                    "With it open " + amps(verdict.value())
                                            + " still flow through the start winding. Fit an external overload relay, or a plan"
                                            + " that takes all current through " + ends() + ".");
                case WRONG_FREQUENCY ->
                    words(
                            format("%.0f Hz on a %.0f Hz motor", verdict.value(), verdict.expected()),
                            verdict.value() < verdict.expected()
                                    ? "It turns a sixth slower and its iron saturates: more current and heat than shown here."
                                    : "It turns a fifth faster with less torque. Look at what it drives before you try.");
            };
        }
    }
}
