package gatepin.web.form;

import gatepin.core.plate.PlateField;
import gatepin.core.plate.TypedPlate;
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
    public static List<Conflict> plate(TypedPlate yours, TypedPlate theirs) {
        List<Conflict> conflicts = new ArrayList<>();
        for (PlateField field : PlateField.values()) {
            // the unit is said with its output
            if (field != PlateField.OUTPUT_UNIT) {
                compare(conflicts, field.title(), yours.said(field), theirs.said(field));
            }
        }
        return conflicts;
    }

    public static void compare(List<Conflict> conflicts, String field, String yours, String theirs) {
        if (!yours.strip().equals(theirs.strip())) {
            conflicts.add(
                    new Conflict(field, theirs.isBlank() ? "nothing" : theirs, yours.isBlank() ? "nothing" : yours));
        }
    }
}
