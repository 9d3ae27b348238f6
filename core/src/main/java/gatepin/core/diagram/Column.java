package gatepin.core.diagram;

import gatepin.core.rotation.StatedRotation;

/**
 * A column of the diagram with the rotation it states.
 *
 * @param connection how the leads are joined
 * @param rotation which way it turns as written
 * @param rebuilt it was computed from the other column, and not read
 */
public record Column(Connection connection, StatedRotation rotation, boolean rebuilt) {
    /** A column as read. */
    public Column(Connection connection, StatedRotation rotation) {
        this(connection, rotation, false);
    }
}
