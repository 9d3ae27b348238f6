package gatepin.web.lane;

import gatepin.core.circuit.Supply;
import gatepin.core.supply.Region;
import java.util.Optional;

/**
 * A job with the names around it.
 *
 * @param region whose words and rules hold in its shop
 * @param volts the voltage the motor is to run on; empty until it is chosen
 * @param supplyKind whether the second line is hot
 * @param switchId the switch on the shop's shelf; empty until it is chosen
 * @param switchRating what is stamped on it
 * @param planId the chosen plan; empty until there is one
 * @param revision how often anything of the job was changed
 */
public record Job(
        long id,
        long shopId,
        String machine,
        String note,
        String shop,
        Region region,
        long motorId,
        Optional<Integer> volts,
        Supply.Kind supplyKind,
        Optional<Long> switchId,
        String switchRating,
        Optional<Long> planId,
        int revision) {}
