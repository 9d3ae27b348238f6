package gatepin.web.demo;

import gatepin.web.check.CheckDesk;
import gatepin.web.control.ControlDesk;
import gatepin.web.exchange.ExchangeDesk;
import gatepin.web.gate.diagram.DiagramDesk;
import gatepin.web.gate.found.FoundDesk;
import gatepin.web.gate.gear.MapDesk;
import gatepin.web.gate.gear.SwitchDesk;
import gatepin.web.gate.plate.PlateDesk;
import gatepin.web.gate.rotation.RotationDesk;
import gatepin.web.gate.safe.SafeDesk;
import gatepin.web.gate.supply.SupplyDesk;
import gatepin.web.gate.windings.WindingDesk;
import org.springframework.stereotype.Component;

/** The desks of all gates, as one person sits down at them one after another. */
@Component
record Desks(
        SafeDesk safe,
        FoundDesk found,
        PlateDesk plate,
        DiagramDesk diagram,
        WindingDesk windings,
        SupplyDesk supply,
        RotationDesk rotation,
        SwitchDesk gear,
        MapDesk map,
        CheckDesk check,
        ExchangeDesk exchange,
        ControlDesk control) {}
