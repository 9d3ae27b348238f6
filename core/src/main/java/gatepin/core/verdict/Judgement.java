package gatepin.core.verdict;

import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Supply;
import gatepin.core.machine.Normal;
import gatepin.core.machine.RatedPoint;
import gatepin.core.verdict.Analysis.Way;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * What is to be said of a circuit with something wrong in it, measured by what the sound one is.
 *
 * @param verdicts the worst first
 * @param ways which way it starts in each setting
 */
public record Judgement(List<Verdict> verdicts, Map<Setting, Way> ways) {
    public Judgement {
        verdicts = List.copyOf(verdicts);
        ways = Map.copyOf(ways);
    }

    /** Judges circuits that are one sound circuit, each with something else wrong in it. Safe for use by several threads at once. */
    public static final class Measure {
        private final Circuit sound;
        private final RatedPoint rated;
        private final Map<Supply, Normal> usual = new ConcurrentHashMap<>();

        /**
         * Measures by a circuit.
         *
         * @param sound the circuit as it should be
         * @param rated where its motor works as its plate says
         */
        public Measure(Circuit sound, RatedPoint rated) {
            this.sound = sound.behind(Feeder.STIFF);
            this.rated = rated;
        }

        /** Judges a circuit. */
        public Judgement of(Circuit circuit) {
            Judge judge = new Judge(
                    circuit, rated, usual.computeIfAbsent(circuit.supply(), s -> Normal.of(sound.on(s), rated)));
            return new Judgement(judge.verdicts(), judge.ways());
        }
    }
}
