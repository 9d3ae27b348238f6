package gatepin.core.diagram;

import gatepin.core.machine.Leads;
import gatepin.core.machine.StandardMarks;
import gatepin.core.plate.VoltageRange;
import java.util.Arrays;
import java.util.List;

/**
 * A usual pattern to start from (common practice; marks NEMA MG 1 part 2 and IEC 60034-8, from memory). The plate wins: a
 * person makes it agree with his own.
 *
 * @param key a short name for addresses
 * @param name what it is called
 * @param leads the leads it has
 * @param low the column for the lower or only voltage
 * @param high the column for the higher voltage; the same as the lower where there is one voltage only
 */
public record DiagramPattern(
        String key, String name, List<Leads.Typed> leads, ConnectionReader.Typed low, ConnectionReader.Typed high) {
    /** Patterns in the order they are offered. */
    public static final List<DiagramPattern> ALL = List.of(
            new DiagramPattern(
                    "six-lead",
                    "Six leads, two voltages",
                    standard("T1 T2 T3 T4 T5 T8"),
                    column("T1 T3 T5", "T2 T4 T8", "", "T5 T8"),
                    column("T1", "T4 T8", "T2 T3 T5", "T5 T8")),
            new DiagramPattern(
                    "six-lead-protector",
                    "Six leads and a protector, two voltages",
                    standard("P1 P2 T1 T2 T3 T4 T5 T8"),
                    column("P1", "T2 T4 T8", "P2 T1 T3 T5", "T5 T8"),
                    column("P1", "T4 T8", "P2 T1\nT2 T3 T5", "T5 T8")),
            single(
                    "four-lead",
                    "Four leads, one voltage",
                    standard("T1 T4 T5 T8"),
                    column("T1 T5", "T4 T8", "", "T5 T8")),
            new DiagramPattern(
                    "six-lead-three-terminal-protector",
                    "Six leads and a protector with three terminals, two voltages",
                    standard("P1 P2 P3 T1 T2 T3 T4 T5 T8"),
                    column("P1", "T2 T4 T8", "P2 T1 T5\nP3 T3", "T5 T8"),
                    column("P1", "T4 T8", "P2 T1\nT2 T3 T5", "T5 T8")),
            single(
                    "five-lead",
                    "Five leads, one voltage, protector joined to the run winding inside",
                    List.of(
                            new Leads.Typed("P1", "", ""),
                            new Leads.Typed("T1", "blue", "run 1 + protector 1"),
                            new Leads.Typed("T4", "yellow", "run 1"),
                            new Leads.Typed("T5", "black", ""),
                            new Leads.Typed("T8", "red", "")),
                    column("P1", "T4 T8", "T1 T5", "T5 T8")),
            single("iec", "IEC letters U and Z", standard("U1 U2 Z1 Z2"), column("U1 Z1", "U2 Z2", "", "Z1 Z2")),
            new DiagramPattern(
                    "iec-halves",
                    "IEC letters with two main halves U and V",
                    standard("U1 U2 V1 V2 Z1 Z2"),
                    column("U1 V1 Z1", "U2 V2 Z2", "", "Z1 Z2"),
                    column("U1", "V2 Z2", "U2 V1 Z1", "Z1 Z2")),
            single(
                    "iec-capacitor",
                    "IEC letters, capacitor on leads C1 and C2",
                    standard("U1 U2 Z1 Z2 C1 C2"),
                    column("U1 Z1", "U2 C2", "Z2 C1", "U1 U2")),
            single(
                    "run-start",
                    "Letters R and S",
                    List.of(
                            new Leads.Typed("R1", "", "run 1"),
                            new Leads.Typed("R2", "", "run 1"),
                            new Leads.Typed("S1", "", "start 1"),
                            new Leads.Typed("S2", "", "start 1")),
                    column("R1 S1", "R2 S2", "", "S1 S2")),
            single(
                    "run-start-capacitor",
                    "Letters R, S and C for the capacitor",
                    List.of(
                            new Leads.Typed("R1", "", "run 1"),
                            new Leads.Typed("R2", "", "run 1"),
                            new Leads.Typed("S1", "", "start 1"),
                            new Leads.Typed("S2", "", "start 1"),
                            new Leads.Typed("C1", "", ""),
                            new Leads.Typed("C2", "", "")),
                    column("R1 S1", "R2 C2", "S2 C1", "R1 R2")),
            single(
                    "psc-three-wire",
                    "PSC, three leads, two equal windings",
                    List.of(
                            new Leads.Typed("C", "white", "run 1 + start 1"),
                            new Leads.Typed("A", "black", "run 1"),
                            new Leads.Typed("B", "blue", "start 1"),
                            new Leads.Typed("C1", "", ""),
                            new Leads.Typed("C2", "", "")),
                    column("C", "A C1", "B C2", "A B")),
            single(
                    "psc-colours",
                    "PSC, two colour pairs",
                    List.of(
                            new Leads.Typed("K", "black", "run 1"),
                            new Leads.Typed("KY", "black/yellow", "run 1"),
                            new Leads.Typed("B", "blue", "start 1"),
                            new Leads.Typed("BY", "blue/yellow", "start 1")),
                    column("K B", "KY BY", "", "K KY")));

    private static DiagramPattern single(
            String key, String name, List<Leads.Typed> leads, ConnectionReader.Typed column) {
        return new DiagramPattern(key, name, leads, column, column);
    }

    private static List<Leads.Typed> standard(String marks) {
        return Arrays.stream(marks.split(" "))
                .map(m -> new Leads.Typed(m, StandardMarks.usualColour(m).orElse(""), ""))
                .toList();
    }

    private static ConnectionReader.Typed column(String line1, String line2, String joined, String swap) {
        return new ConnectionReader.Typed("", line1, line2, joined, swap);
    }

    /** The column for a voltage of the plate. */
    public ConnectionReader.Typed column(int volts, List<Integer> plateVolts) {
        boolean isHigh = VoltageRange.isHigher(volts, plateVolts);
        ConnectionReader.Typed column = isHigh ? high : low;
        return new ConnectionReader.Typed("" + volts, column.line1(), column.line2(), column.joined(), column.swap());
    }
}
