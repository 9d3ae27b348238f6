package gatepin.web.check;

import gatepin.core.check.Band;
import gatepin.core.check.CheckRequest;
import gatepin.core.check.ColdCheck;
import gatepin.core.check.LiveCheck;
import gatepin.core.check.LivePlan.Expected;
import gatepin.core.check.LiveStep.What;
import gatepin.core.check.Read;
import gatepin.core.check.Taken;
import gatepin.core.check.Taken.Standing;
import gatepin.core.circuit.Terminal;
import gatepin.web.lane.JobFile;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What is read and seen of a wiring, line by line, on the screen and on paper. */
public final class CheckLines {
    private final JobFile file;

    /**
     * A reading.
     *
     * @param number its place in the plan; 0 where it is none of its
     * @param look "agrees", "between", "disagrees", or "open" where it is still to be read
     */
    public record Cold(int number, String key, String points, String how, String expected, String shown, String look) {}

    /** A step under power. */
    public record Live(String key, String what, String at, String expected, String seen, String look, boolean needed) {}

    public CheckLines(JobFile file) {
        this.file = file;
    }

    /** The readings of the plan in its order, then what was read besides. */
    public List<Cold> of(CheckRequest request, ColdCheck check) {
        List<Cold> lines = new ArrayList<>();
        int number = 0;
        for (ColdCheck.Line line : check.lines()) {
            lines.add(cold(++number, request, line));
        }
        check.besides().forEach(l -> lines.add(cold(0, request, l)));
        return lines;
    }

    private Cold cold(int number, CheckRequest request, ColdCheck.Line line) {
        Read read = line.step().read();
        double zero = line.taken().map(Taken::zeroOhms).orElse(request.meter().zeroOhms());
        return new Cold(
                number,
                read.key(),
                read instanceof Read.Ohms o
                        ? point(o.a()) + " – " + point(o.b())
                        : ((Read.OfCapacitor) read).capacitor(),
                read instanceof Read.Ohms o
                        ? CheckWords.setting(file, o.setting()) + (o.heldOpen() ? ", start switch held open" : "")
                        : "one tag off",
                CheckWords.expected(read, line.step().expected(), zero),
                line.taken().map(CheckWords::shown).orElse(""),
                look(line.standing()));
    }

    private static String look(Optional<Standing> standing) {
        return standing.map(s -> s.name().toLowerCase(Locale.ROOT)).orElse("open");
    }

    /** A point that a probe is held on. */
    public String point(Terminal terminal) {
        if (terminal.isFrame()) {
            return switch (terminal.device().type()) {
                case MOTOR -> "motor frame";
                case SWITCH -> "switch box";
                default -> "box " + terminal.device().name();
            };
        }
        return file.supply()
                .filter(s -> terminal.isLine())
                .map(s -> s.nameOf(terminal))
                .orElse(terminal.label());
    }

    /** The steps under power in the order of work. */
    public List<Live> of(LiveCheck check) {
        List<Live> lines = new ArrayList<>();
        for (LiveCheck.Line line : check.lines()) {
            Expected step = line.expected();
            lines.add(new Live(
                    step.step().key(),
                    title(step.step().what()),
                    step.step()
                            .setting()
                            .map(s -> CheckWords.setting(file, s))
                            .orElse(step.step().part()),
                    expected(step),
                    line.seen().map(s -> CheckWords.seen(step, s)).orElse(""),
                    look(line.standing()),
                    line.needed()));
        }
        return lines;
    }

    /** What is looked at in a step. */
    public String title(What what) {
        return switch (what) {
            case OUTLET_VOLTS -> "Volts at the outlet";
            case FIRST_TO_GROUND -> "First line to " + file.ground();
            case SECOND_TO_GROUND -> "Second line to " + file.ground();
            case TURNS -> "Bump: which way?";
            case CLICK_UP -> "A click on the way up?";
            case IDLE_AMPS -> "Amps, idling";
            case VOLTS -> "Volts while it runs";
            case SPEED -> "Speed";
            case LOAD_AMPS -> "Amps under load";
            case CLICK_DOWN -> "A click in coasting down?";
            case COAST -> "Seconds to a full stop";
            case CELSIUS -> "How warm is the frame?";
            case STOPS -> "Does the stop stop it?";
            case STAYS_OFF -> "Let go: does it stay off?";
            case BOTH_BUTTONS -> "Both buttons: one way or none?";
            case LIMIT_STOPS -> "Does the limit stop it?";
            case POWER_BACK -> "Power gone and back: does it stay off?";
        };
    }

    /** What is expected of a step. */
    public static String expected(Expected step) {
        Band band = step.band();
        return switch (step.step().what().answer()) {
            case DIRECTION -> step.turn().map(CheckWords::turn).orElse("the way the work needs");
            case YES_OR_NO -> "yes";
            case NUMBER ->
                step.step().what() == What.COAST || step.step().what() == What.CELSIUS
                        ? "up to " + CheckWords.number(band.most()) + CheckWords.unit(step)
                        : CheckWords.number(band.likely()) + CheckWords.unit(step);
        };
    }
}
