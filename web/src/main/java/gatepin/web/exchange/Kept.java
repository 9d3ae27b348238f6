package gatepin.web.exchange;

import gatepin.core.exchange.Mount;
import java.util.Optional;

/**
 * What is kept of a spare motor beside the motor itself.
 *
 * @param cameFrom the machine it was in; blank where nobody knows
 * @param note what was set aside and why, what was cut off, thread and shaft
 * @param startEndsOut both ends of the start winding come out; empty where nobody looked
 * @param mount shaft, key, height and fixing, as typed
 */
public record Kept(
        long motorId,
        String name,
        String cameFrom,
        String note,
        boolean tested,
        Optional<Boolean> startEndsOut,
        Mount.Typed mount) {}
