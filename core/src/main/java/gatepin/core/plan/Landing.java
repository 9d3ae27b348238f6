package gatepin.core.plan;

import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.circuit.Wire.Run;
import java.util.ArrayList;
import java.util.List;

/**
 * One way to land bundles on a switch, and the wires that make it.
 *
 * @param points the motor leads, then L1 and L2
 * @param bundleOf the bundle of each point
 * @param bundles how many bundles there are
 * @param netOn the net on each switch terminal: a bundle, a jumper net from {@code bundles} on, or -1
 */
record Landing(List<Terminal> points, int[] bundleOf, int bundles, int[] netOn) {
    private List<Terminal> leadsOf(int bundle) {
        return pointsOf(bundle, false);
    }

    private List<Terminal> linesOf(int bundle) {
        return pointsOf(bundle, true);
    }

    private List<Terminal> pointsOf(int bundle, boolean lines) {
        List<Terminal> found = new ArrayList<>();
        for (int i = 0; i < points.size(); i++) {
            if (bundleOf[i] == bundle && points.get(i).isLine() == lines) {
                found.add(points.get(i));
            }
        }
        return found;
    }

    private List<Integer> terminalsOf(int net) {
        List<Integer> found = new ArrayList<>();
        for (int t = 0; t < netOn.length; t++) {
            if (netOn[t] == net) {
                found.add(t);
            }
        }
        return found;
    }

    private boolean leavesMotorBox(int bundle) {
        return !leadsOf(bundle).isEmpty()
                && !(terminalsOf(bundle).isEmpty() && linesOf(bundle).isEmpty());
    }

    /** The conductor lands on a net's first terminal, the line on its last; jumpers lie between. */
    int mostOnOneTerminal() {
        int most = 0;
        for (int net = 0; net < bundles + netOn.length; net++) {
            List<Integer> on = terminalsOf(net);
            int conductor = net < bundles && leavesMotorBox(net) ? 1 : 0;
            int lines = net < bundles ? linesOf(net).size() : 0;
            most = Math.max(
                    most,
                    on.isEmpty()
                            ? 0
                            : on.size() == 1
                                    ? conductor + lines
                                    : Math.max(on.size() > 2 ? 2 : 1, 1 + Math.max(conductor, lines)));
        }
        return most;
    }

    /**
     * How far a landing is from what a person would draw: leads in the order of their marks on the terminals as
     * they are counted, lines on the last ones. Only tells apart plans of one cost.
     */
    int untidiness() {
        int untidy = 0;
        for (int t = 0; t < netOn.length; t++) {
            int net = netOn[t];
            if (net < 0 || net >= bundles) {
                continue;
            }
            untidy += linesOf(net).isEmpty() ? 0 : 4 * (netOn.length - t);
            for (int u = 0; u < t; u++) {
                boolean bothLeads = netOn[u] >= 0
                        && netOn[u] < bundles
                        && !leadsOf(netOn[u]).isEmpty()
                        && !leadsOf(net).isEmpty();
                if (bothLeads && leadsOf(netOn[u]).get(0).compareTo(leadsOf(net).get(0)) > 0) {
                    untidy++;
                }
            }
        }
        return untidy;
    }

    /** The same nets on other terminals. */
    Landing on(int[] others) {
        return new Landing(points, bundleOf, bundles, others);
    }

    /** The wires that make it, grounds included. */
    List<Wire> wires(PlanRequest request) {
        List<Terminal> face = request.chart().terminals();
        List<Wire> wires = new ArrayList<>();
        int splices = 0;
        for (int net = 0; net < bundles + netOn.length; net++) {
            List<Terminal> on = terminalsOf(net).stream().map(face::get).toList();
            List<Terminal> leads = net < bundles ? leadsOf(net) : List.of();
            List<Terminal> lines = net < bundles ? linesOf(net) : List.of();
            if (leads.size() > 1) {
                Terminal splice = Terminal.splice("X" + ++splices);
                leads.forEach(lead -> wires.add(new Wire(lead, splice, Run.MOTOR_BOX)));
                addConductor(wires, splice, on, lines);
            } else if (leads.size() == 1) {
                addConductor(wires, leads.get(0), on, lines);
            }
            for (int i = 1; i < on.size(); i++) {
                wires.add(new Wire(on.get(i - 1), on.get(i), Run.SWITCH_BOX));
            }
            if (!on.isEmpty()) {
                lines.forEach(line -> wires.add(new Wire(on.get(on.size() - 1), line, Run.SUPPLY_CABLE)));
            }
        }
        Terminal frame = request.chart().frame();
        wires.add(new Wire(Terminal.MOTOR_FRAME, frame, Run.MOTOR_CABLE));
        wires.add(new Wire(frame, Terminal.GROUND, Run.SUPPLY_CABLE));
        return wires;
    }

    private static void addConductor(List<Wire> wires, Terminal from, List<Terminal> on, List<Terminal> lines) {
        if (!on.isEmpty()) {
            wires.add(new Wire(from, on.get(0), Run.MOTOR_CABLE));
        } else if (!lines.isEmpty()) {
            wires.add(new Wire(from, lines.get(0), Run.MOTOR_CABLE));
        }
    }
}
