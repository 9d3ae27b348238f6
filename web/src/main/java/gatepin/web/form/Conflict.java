package gatepin.web.form;

import gatepin.core.plate.PlateReader;
import java.util.ArrayList;
import java.util.List;

/**
 * Where somebody else's save and what was typed here part.
 *
 * @param field what the field is called
 * @param theirs what is saved now
 * @param yours what was typed here
 */
public record Conflict(String field, String theirs, String yours) {
    public static List<Conflict> plate(PlateReader.Typed yours, PlateReader.Typed theirs) {
        List<Conflict> conflicts = new ArrayList<>();
        compare(
                conflicts,
                "Output",
                yours.output() + " " + yours.outputUnit(),
                theirs.output() + " " + theirs.outputUnit());
        compare(conflicts, "Volts", yours.lowVolts(), theirs.lowVolts());
        compare(conflicts, "Amps", yours.lowAmps(), theirs.lowAmps());
        compare(conflicts, "Higher volts", yours.highVolts(), theirs.highVolts());
        compare(conflicts, "Amps at the higher volts", yours.highAmps(), theirs.highAmps());
        compare(conflicts, "Hertz", yours.hertz(), theirs.hertz());
        compare(conflicts, "Rpm", yours.rpm(), theirs.rpm());
        compare(conflicts, "Family", yours.family(), theirs.family());
        compare(conflicts, "Code letter", yours.code(), theirs.code());
        compare(conflicts, "Start capacitor", yours.startMicrofarads(), theirs.startMicrofarads());
        compare(conflicts, "Run capacitor", yours.runMicrofarads(), theirs.runMicrofarads());
        compare(conflicts, "As it reads", yours.text(), theirs.text());
        return conflicts;
    }

    public static void compare(List<Conflict> conflicts, String field, String yours, String theirs) {
        if (!yours.strip().equals(theirs.strip())) {
            conflicts.add(
                    new Conflict(field, theirs.isBlank() ? "nothing" : theirs, yours.isBlank() ? "nothing" : yours));
        }
    }
}
