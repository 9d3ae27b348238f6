package gatepin.core.plan;

import gatepin.core.circuit.Supply;
import gatepin.core.diagram.Connection;
import gatepin.core.diagram.ConnectionReader;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.Leads;
import java.util.Arrays;
import java.util.List;

/** Motors of our own making, for tests, read the way a person types them. */
public record SampleMotors(String name, Leads leads, Connection connection, Supply supply) {
    private static final Supply HOT_AND_NEUTRAL_115 = new Supply(115, 60, Supply.Kind.HOT_AND_NEUTRAL);
    private static final Supply TWO_HOT_230 = new Supply(230, 60, Supply.Kind.TWO_HOT);

    public static final SampleMotors SIX_LEAD_HIGH =
            of("six leads, high voltage", "T1 T2 T3 T4 T5 T8", TWO_HOT_230, "T1", "T4 T8", "T2 T3 T5", "T5 T8");
    public static final SampleMotors SIX_LEAD_LOW =
            of("six leads, low voltage", "T1 T2 T3 T4 T5 T8", HOT_AND_NEUTRAL_115, "T1 T3 T5", "T2 T4 T8", "", "T5 T8");
    public static final SampleMotors FOUR_LEAD =
            of("four leads, one voltage", "T1 T4 T5 T8", HOT_AND_NEUTRAL_115, "T1 T5", "T4 T8", "", "T5 T8");
    public static final SampleMotors PROTECTED = of(
            "six leads with protector",
            "P1 P2 T1 T2 T3 T4 T5 T8",
            TWO_HOT_230,
            "P1",
            "T4 T5",
            "P2 T1; T2 T3 T8",
            "T5 T8");
    public static final SampleMotors IEC_LETTERS =
            of("IEC letters", "U1 U2 Z1 Z2", HOT_AND_NEUTRAL_115, "U1 Z1", "U2 Z2", "", "Z1 Z2");
    public static final List<SampleMotors> ALL =
            List.of(SIX_LEAD_HIGH, SIX_LEAD_LOW, FOUR_LEAD, PROTECTED, IEC_LETTERS);

    private static SampleMotors of(
            String name, String marks, Supply supply, String line1, String line2, String joined, String swap) {
        Leads leads = Leads.read(Arrays.stream(marks.split(" "))
                        .map(m -> new Leads.Typed(m, "", ""))
                        .toList())
                .value()
                .orElseThrow();
        Connection connection = ConnectionReader.read(
                        new ConnectionReader.Typed("" + supply.volts(), line1, line2, joined, swap), leads)
                .value()
                .orElseThrow();
        return new SampleMotors(name, leads, connection, supply);
    }

    public PlanRequest on(SwitchKind kind) {
        return new PlanRequest(
                leads.terminals(),
                leads.windings(),
                supply,
                kind.chart(),
                connection.groups(),
                connection.reversed().groups());
    }

    @Override
    public String toString() {
        return name;
    }
}
