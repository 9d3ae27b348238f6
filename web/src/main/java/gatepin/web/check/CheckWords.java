package gatepin.web.check;

import gatepin.core.Sentence;
import gatepin.core.check.Band;
import gatepin.core.check.LiveSeen;
import gatepin.core.check.LiveStep.Turn;
import gatepin.core.check.Read;
import gatepin.core.check.Taken;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Setting;
import gatepin.core.gear.SwitchKind;
import gatepin.core.job.Gate;
import gatepin.web.lane.Act;
import gatepin.web.lane.JobFile;
import java.util.Locale;

/** Readings and what is seen, in words. */
public final class CheckWords {
    private CheckWords() {}

    static void log(Act act, Sentence by, Taken taken) {
        Circuit circuit = act.before().workup().checks().circuit().orElseThrow();
        if (taken.read() instanceof Read.Ohms ohms) {
            act.saved(
                    "log.cold",
                    by,
                    Read.named(ohms.a(), circuit),
                    Read.named(ohms.b(), circuit),
                    ohms.setting().title(),
                    ohms.heldOpen() ? Sentence.of("log.cold.heldOpen") : Sentence.none(),
                    shown(taken));
        } else {
            act.saved("log.cold.capacitor", by, ((Read.OfCapacitor) taken.read()).capacitor(), shown(taken));
        }
    }

    static void log(Act act, Sentence by, LiveSeen seen) {
        act.before()
                .workup()
                .checks()
                .live()
                .flatMap(c -> c.plan().step(seen.step()))
                .ifPresent(e -> act.at(Gate.LIVE)
                        .saved(
                                "log.live",
                                by,
                                Sentence.of(
                                        "live." + e.step().what().name(),
                                        e.step()
                                                .setting()
                                                .map(Setting::title)
                                                .orElse(e.step().part())),
                                seen(e, seen)));
    }

    /** A reading as the meter showed it. */
    public static String shown(Taken taken) {
        if (taken.kind() == Taken.Kind.SWINGS) {
            return "swings";
        }
        return Double.isInfinite(taken.shown())
                ? "OL"
                : number(taken.shown()) + (taken.kind() == Taken.Kind.MICROFARADS ? " µF" : " Ω");
    }

    /** What is expected of a reading. */
    public static String expected(Read read, Band band, double zeroOhms) {
        if (band.isOpen()) {
            return "OL";
        }
        if (read instanceof Read.OfCapacitor) {
            return band.likely() > 1e8 ? "swings" : number(band.likely()) + " µF";
        }
        return number(band.likely() + zeroOhms) + " Ω";
    }

    /** From where to where a reading may lie; blank where there is nothing to say. */
    public static String within(Read read, Band band, double zeroOhms) {
        if (band.isOpen() || band.likely() > 1e8) {
            return "";
        }
        String unit = read instanceof Read.OfCapacitor ? " µF" : " Ω";
        return number(band.least() + zeroOhms) + " to " + number(band.most() + zeroOhms) + unit;
    }

    /** What was seen of a step. */
    public static String seen(gatepin.core.check.LivePlan.Expected step, LiveSeen seen) {
        return switch (step.step().what().answer()) {
            case DIRECTION -> seen.turn().map(CheckWords::turn).orElse("");
            case YES_OR_NO -> seen.number() > 0.5 ? "yes" : "no";
            case NUMBER -> number(seen.number()) + unit(step);
        };
    }

    /** What a turning shaft looks like. */
    public static String turn(Turn turn) {
        return switch (turn) {
            case CLOCKWISE -> "clockwise";
            case COUNTER_CLOCKWISE -> "counter-clockwise";
            case HUMS -> "hums and stands";
            case NOTHING -> "nothing happens";
            case TRIPS -> "the breaker is out";
        };
    }

    /** The unit of a step that is measured. */
    public static String unit(gatepin.core.check.LivePlan.Expected step) {
        return switch (step.step().what()) {
            case OUTLET_VOLTS, FIRST_TO_GROUND, SECOND_TO_GROUND, VOLTS -> " V";
            case IDLE_AMPS, LOAD_AMPS -> " A";
            case SPEED -> " rpm";
            case COAST -> " s";
            case CELSIUS -> " °C";
            default -> "";
        };
    }

    /** Three figures, without zeros that say nothing. */
    public static String number(double number) {
        if (Math.abs(number) >= 100) {
            return String.valueOf(Math.round(number));
        }
        String text = String.format(Locale.ROOT, Math.abs(number) >= 10 ? "%.1f" : "%.2f", number);
        return text.contains(".") ? text.replaceAll("0+$", "").replaceAll("\\.$", "") : text;
    }

    /** What hands do to bring a setting about on a dead machine: the handle, or the armatures of contactors. */
    public static String stands(JobFile file, Setting setting) {
        boolean coils = file.facts().gear().kind().filter(SwitchKind::hasCoils).isPresent();
        if (!coils) {
            return "handle at " + setting(file, setting);
        }
        return switch (setting.purpose()) {
            case FORWARD -> "the armature of K1 pushed in";
            case REVERSE -> "the armature of K2 pushed in";
            case OFF -> "both armatures out";
            case NEVER -> "both armatures pushed in, if they can be";
        };
    }

    /** A setting as it is called on the machine. */
    public static String setting(JobFile file, Setting setting) {
        return switch (setting.purpose()) {
            case FORWARD -> file.ways().work();
            case REVERSE -> file.ways().back();
            default -> setting.title();
        };
    }
}
