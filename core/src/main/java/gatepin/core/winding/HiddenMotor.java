package gatepin.core.winding;

import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Ohmmeter;
import gatepin.core.circuit.Resistor;
import gatepin.core.circuit.Rotor;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.winding.MeterReading.StartSwitch;
import java.util.ArrayList;
import java.util.List;

/**
 * A motor whose inside nobody sees: what an ohmmeter would find between its leads. It stands in for a real motor in the
 * demo shop, in practice, and in tests.
 *
 * @param leads the leads that come out
 * @param ways what conducts between leads, points inside, and the frame
 */
public record HiddenMotor(List<String> leads, List<Way> ways) {
    /** No multimeter shows more than this, Ω (common practice): it reads OL. */
    private static final double MOST_SHOWN = 40e6;

    private static final Rotor ANY_ROTOR = new Rotor(4, 60, 4, 2, 60, 20, 0.004);

    /**
     * Something that conducts.
     *
     * @param a a lead, a point inside, or {@link MeterReading#FRAME}
     * @param b another one
     * @param ohms its resistance, Ω; 0 for a closed contact is written as a few thousandths
     * @param behindStartSwitch whether it goes open when the start switch is held open
     */
    public record Way(String a, String b, double ohms, boolean behindStartSwitch) {
        /** A way that nothing opens. */
        public Way(String a, String b, double ohms) {
            this(a, b, ohms, false);
        }
    }

    public HiddenMotor {
        leads = List.copyOf(leads);
        ways = List.copyOf(ways);
    }

    /** What a perfect meter would read between two leads, or a lead and the frame, Ω; infinite where nothing conducts. */
    public double ohms(String a, String b, StartSwitch startSwitch) {
        List<gatepin.core.circuit.Element> resistors = new ArrayList<>();
        for (Way way : ways) {
            if (startSwitch == StartSwitch.AT_REST || !way.behindStartSwitch()) {
                resistors.add(
                        new Resistor("way " + resistors.size(), terminal(way.a()), terminal(way.b()), way.ohms()));
            }
        }
        Motor motor =
                new Motor(leads.stream().map(Terminal::motor).toList(), List.of(), List.of(), List.of(), ANY_ROTOR);
        Circuit wired = new Circuit(
                motor,
                ContactChart.NONE,
                new Supply(115, 60, Supply.Kind.HOT_AND_NEUTRAL),
                Feeder.STIFF,
                List.of(),
                resistors);
        double ohms = Ohmmeter.on(wired, State.atRest(HandlePosition.OFF)).ohms(terminal(a), terminal(b));
        return ohms > MOST_SHOWN ? Ohmmeter.OPEN : ohms;
    }

    private Terminal terminal(String point) {
        if (point.equals(MeterReading.FRAME)) {
            return Terminal.MOTOR_FRAME;
        }
        return leads.contains(point) ? Terminal.motor(point) : Terminal.inside(point);
    }
}
