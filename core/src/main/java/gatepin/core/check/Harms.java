package gatepin.core.check;

import gatepin.core.Severity;
import gatepin.core.check.MotorFault.CoilBad;
import gatepin.core.check.SupplyFault.OtherSupply;
import gatepin.core.check.SupplyFault.OutletExchanged;
import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.State;
import gatepin.core.machine.Copper;
import gatepin.core.machine.RatedPoint;
import gatepin.core.verdict.Analysis.Way;
import gatepin.core.verdict.Judgement;
import gatepin.core.verdict.Rule;
import gatepin.core.verdict.Verdict;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;

/**
 * Whom each fault of a circuit hurts, as the engine finds it on the faulty circuit: what is worse than on the sound one. Wirings that
 * join the same are judged once. All are judged behind a stiff feeder: what a long cable leaves is no fault of the wiring. Safe for
 * use by several threads at once.
 */
final class Harms {
    private static final Set<Rule> HURT_A_PERSON = EnumSet.of(
            Rule.SHORT,
            Rule.EARTH_FAULT,
            Rule.NEUTRAL_ON_FRAME,
            Rule.FRAME_NOT_BONDED,
            Rule.FRAME_LIVE,
            Rule.RUNS_IN_OFF,
            Rule.NEUTRAL_ALONE_SWITCHED,
            Rule.SAME_WAY);
    /** What is no good, but hurts nobody who takes a machine that does not run for a live one. */
    private static final Set<Rule> ONLY_NO_WORK = EnumSet.of(Rule.NOTHING_HAPPENS, Rule.ALIVE_AT_STANDSTILL);
    /** What is worth a warning on a sound wiring, and a harm where a fault brings it about. */
    private static final Set<Rule> WORSE_IS_A_HARM =
            EnumSet.of(Rule.HOT_IN_OFF, Rule.LINE_NOT_BROKEN, Rule.PROTECTOR_BYPASSED);

    private static final double HALF_AN_HOUR = 1800;
    /** A line current that is this much off shows on a clamp meter beside its error and that of the estimate. */
    private static final double SEEN_ON_A_CLAMP = 0.3;

    private final Circuit sound;
    private final RatedPoint rated;
    private final boolean hasOff;
    private final Judgement.Measure measure;
    private final Judgement before;
    private final Alike<Found> alike;

    /**
     * What came of judging a fault.
     *
     * @param harm whom it hurts
     * @param caught what shows it where no meter does with the plug pulled; worked out when it is asked for
     */
    record Found(Harm harm, Supplier<Caught> caught) {}

    Harms(Circuit sound, RatedPoint rated, boolean hasOff) {
        this.sound = sound;
        this.rated = rated;
        this.hasOff = hasOff;
        this.measure = new Judgement.Measure(sound, rated);
        this.before = measure.of(sound.behind(Feeder.STIFF));
        this.alike = new Alike<>(sound);
    }

    /** Judges a fault. */
    Found of(Fault fault) {
        return alike.of(fault.applyTo(sound), faulty -> judge(fault, faulty));
    }

    private Found judge(Fault fault, Circuit faulty) {
        if (fault instanceof CoilBad bad && bad.how() == CoilBad.How.SHORTED_TURNS) {
            return new Found(burns(faulty, bad.coil()) ? Harm.MOTOR : Harm.NONE, () -> clamp(faulty));
        }
        Judgement after = measure.of(faulty.behind(Feeder.STIFF));
        Harm harm = Harm.NONE;
        boolean leftIn = false;
        for (Verdict verdict : after.verdicts()) {
            if ((verdict.isOfOff() && !hasOff) || !isWorse(verdict)) {
                continue;
            }
            leftIn |= verdict.rule() == Rule.START_LEFT_IN;
            harm = worse(harm, harmOf(verdict));
        }
        boolean otherWay = false;
        boolean hums = false;
        for (Map.Entry<Setting, Way> way : before.ways().entrySet()) {
            Way now = after.ways().getOrDefault(way.getKey(), Way.NONE);
            if (!way.getKey().isMeantToRun() || way.getValue() == Way.NONE || now == way.getValue()) {
                continue;
            }
            otherWay |= now != Way.NONE;
            hums |= now == Way.NONE;
        }
        if (otherWay) {
            harm = worse(harm, Harm.PERSON);
        } else if (hums) {
            harm = worse(harm, Harm.WORK);
        }
        boolean bump = otherWay || hums;
        boolean noClick = leftIn;
        boolean shorts = after.verdicts().stream().anyMatch(v -> v.rule() == Rule.SHORT && isWorse(v));
        return new Found(harm, () -> shorts ? Caught.LAMP : caught(fault, faulty, bump, noClick));
    }

    private static Harm worse(Harm one, Harm other) {
        return one.compareTo(other) >= 0 ? one : other;
    }

    private static Harm harmOf(Verdict verdict) {
        if (ONLY_NO_WORK.contains(verdict.rule())) {
            return Harm.WORK;
        }
        if (verdict.severity() == Severity.DANGER) {
            return HURT_A_PERSON.contains(verdict.rule()) ? Harm.PERSON : Harm.MOTOR;
        }
        if (WORSE_IS_A_HARM.contains(verdict.rule())) {
            return verdict.rule() == Rule.PROTECTOR_BYPASSED ? Harm.MOTOR : Harm.PERSON;
        }
        return Harm.WORK;
    }

    /** Something bad that the sound wiring does not have, or has less of. */
    private boolean isWorse(Verdict verdict) {
        if (verdict.severity() == Severity.GOOD) {
            return false;
        }
        return before.verdicts().stream()
                .filter(v -> v.rule() == verdict.rule()
                        && v.setting().equals(verdict.setting())
                        && v.part().equals(verdict.part()))
                .noneMatch(v -> v.severity().compareTo(verdict.severity()) >= 0
                        && (!WORSE_IS_A_HARM.contains(verdict.rule())
                                || v.terminals().size() >= verdict.terminals().size()));
    }

    private boolean burns(Circuit faulty, String coil) {
        Coil burnt = Named.coil(faulty, coil + MotorFault.BURNT);
        return faulty.settings().stream()
                .filter(Setting::isMeantToRun)
                .anyMatch(s -> Copper.secondsToDamage(
                                burnt,
                                AcNetwork.of(faulty, State.atSpeed(s))
                                        .at(rated.slip())
                                        .current(burnt)
                                        .norm(),
                                Copper.COLD_CELSIUS)
                        < HALF_AN_HOUR);
    }

    private Caught caught(Fault fault, Circuit faulty, boolean bump, boolean leftIn) {
        if (fault instanceof OtherSupply || fault instanceof OutletExchanged) {
            return Caught.OUTLET_VOLTS;
        }
        if (fault instanceof CoilBad bad && bad.how() == CoilBad.How.TURNED && halves(bad.coil()) > 1) {
            return Caught.SENSE_TEST;
        }
        if (leftIn) {
            return Caught.CLICK;
        }
        return bump ? Caught.BUMP : clamp(faulty);
    }

    private long halves(String coil) {
        return sound.motor().coils(Named.coil(sound, coil).role()).size();
    }

    private Caught clamp(Circuit faulty) {
        for (Setting setting : sound.settings()) {
            for (State state : List.of(State.atRest(setting), State.atSpeed(setting))) {
                double slip = state.startSwitchClosed() ? 1 : rated.slip();
                double was = AcNetwork.of(sound, state).at(slip).lineAmps();
                double is = AcNetwork.of(faulty, state).at(slip).lineAmps();
                if (setting.isMeantToRun() && Math.abs(is - was) > SEEN_ON_A_CLAMP * was) {
                    return Caught.CLAMP;
                }
            }
        }
        return Caught.LOOK;
    }
}
