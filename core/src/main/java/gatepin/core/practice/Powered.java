package gatepin.core.practice;

import gatepin.core.Sentence;
import gatepin.core.bench.PowerOn;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.practice.Sensed.Effect;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.Analysis.Way;
import gatepin.core.verdict.Rule;
import java.util.Optional;

/** What a person sees, hears and smells of a made-up machine that gets power, and what that did to it or to him. */
final class Powered {
    /** So quick is nobody's hand at the switch, s (common practice: smoke comes in seconds). */
    private static final double HAND_SECONDS = 8;

    private static final double LEAST_BREAKER = 15;
    private static final double BREAKER_TIMES = 1.75;

    private Powered() {}

    /** So many are kept: a page asks for the same again and again. */
    private static final int KEPT = 400;

    private record Case(MadeUp motor, Circuit circuit, HandlePosition at) {}

    private static final Lately<Case, Sensed> LATELY = new Lately<>(KEPT);

    /** Gives it power in a position. */
    static Sensed on(MadeUp motor, Circuit circuit, HandlePosition at) {
        return LATELY.of(new Case(motor, circuit, at), c -> given(c.motor(), c.circuit(), c.at()));
    }

    private static Sensed given(MadeUp motor, Circuit circuit, HandlePosition at) {
        Analysis analysis = Analysis.of(circuit, motor.rated());
        double breaker =
                Math.max(LEAST_BREAKER, BREAKER_TIMES * motor.given().amps().orElse(LEAST_BREAKER));
        PowerOn power = PowerOn.of(motor.fitted(), analysis, at, Optional.of(breaker));
        Object where = Sentence.of("practice.at." + at.name());
        if (power.isShort()) {
            return new Sensed(Sentence.of("practice.power.short", where), Effect.TRIPPED);
        }
        boolean alive = analysis.verdicts().stream()
                .filter(v -> v.rule() == Rule.FRAME_LIVE)
                .anyMatch(v -> v.setting().map(s -> s.equals(at)).orElse(true));
        if (alive) {
            return new Sensed(Sentence.of("practice.power.frame", where), Effect.HURT);
        }
        if (power.trips() >= 0) {
            return new Sensed(Sentence.of("practice.power.trips", where, Math.round(power.peakAmps())), Effect.TRIPPED);
        }
        if (power.smoke() >= 0 && power.smoke() <= HAND_SECONDS) {
            return new Sensed(
                    Sentence.of(
                            "practice.power.burnt",
                            where,
                            Math.max(1, Math.round(power.smoke())),
                            power.burnt().get(0)),
                    Effect.BURNT);
        }
        if (power.isNothing()) {
            return Sensed.of("practice.power.nothing", where);
        }
        Way way = analysis.in(at).way();
        if (power.toSpeed().isEmpty() || way == Way.NONE) {
            return Sensed.of("practice.power.hums", where, Math.round(power.peakAmps()));
        }
        return Sensed.of(
                power.opens().isPresent() ? "practice.power.clicks" : "practice.power.runs",
                where,
                turns(way),
                Math.round(Math.abs(power.rpm())),
                Math.round(power.amps() * 10) / 10.0);
    }

    /** Which way the shaft is seen to turn: the made-up motors call plus clockwise, seen facing the shaft. */
    static Sentence turns(Way way) {
        return Sentence.of("practice.turns." + way.name());
    }
}
