package gatepin.web.lane;

import gatepin.core.Sentence;
import gatepin.core.circuit.Supply;
import gatepin.core.job.Fact;
import gatepin.core.job.Lane.Change;
import java.util.Optional;

/** A change of the voltage a motor is to run on, which two gates can make. */
public final class SupplyChange {
    private SupplyChange() {}

    /** The change from what a job has to this; empty where it is the same. */
    public static Optional<Change> of(Job before, int volts, Supply.Kind kind) {
        boolean same = before.volts().equals(Optional.of(volts)) && before.supplyKind() == kind;
        return same
                ? Optional.empty()
                : Optional.of(new Change(
                        Fact.VOLTAGE,
                        before.volts()
                                .map(old -> Sentence.of(
                                        "change.volts", words(old, before.supplyKind()), words(volts, kind)))
                                .orElse(Sentence.of("change.volts.chosen", words(volts, kind)))));
    }

    /** A supply in a sentence. */
    public static Sentence words(int volts, Supply.Kind kind) {
        return Sentence.of(kind == Supply.Kind.TWO_HOT ? "supply.twoHots" : "supply", volts);
    }
}
