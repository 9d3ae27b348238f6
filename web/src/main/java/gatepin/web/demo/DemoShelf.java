package gatepin.web.demo;

import gatepin.core.exchange.Mount;
import gatepin.core.plate.PlateReader;
import gatepin.core.plate.PlateText;
import gatepin.core.plate.TypedPlate;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.rotation.StatedRotation.Direction;
import gatepin.core.rotation.StatedRotation.End;
import gatepin.web.exchange.ExchangeDesk;
import gatepin.web.exchange.Kept;
import gatepin.web.exchange.OldMotor;
import gatepin.web.lane.Seen;
import java.util.Optional;

/** What lies on the orchard's motor shelf, and what was measured on the grinder whose motor must go. All invented. */
final class DemoShelf {
    private DemoShelf() {}

    static void fill(ExchangeDesk desk, long shop, long grinder) {
        put(
                desk,
                shop,
                new Kept(
                        0,
                        "Cider pump motor, grey",
                        "the old cider pump",
                        "Pump seized, motor sound. Shaft threaded M10 at its end.",
                        true,
                        Optional.of(true),
                        new Mount.Typed("", "", "5/8", "3/16", "3 1/2", "", "FEET")),
                "1 HP 115/230 V 16/8 A 60 HZ 1725 RPM FR 56 CONT");
        put(
                desk,
                shop,
                new Kept(
                        0,
                        "Green blower motor",
                        "a barn fan",
                        "Leads cut short, thermal contacts cut off.",
                        false,
                        Optional.empty(),
                        new Mount.Typed("", "", "1/2", "", "", "", "FACE")),
                "1/2 HP 115 V 8.4 A 60 HZ 1140 RPM");
        put(
                desk,
                shop,
                new Kept(
                        0,
                        "Motor from the hedge",
                        "",
                        "Plate painted over. Smells of nothing.",
                        false,
                        Optional.empty(),
                        new Mount.Typed("", "", "16 mm", "", "90 mm", "", "FEET")),
                "");
        desk.measured(
                grinder,
                Seen.ANY,
                new OldMotor(
                        1,
                        1725,
                        true,
                        Optional.of(3.4),
                        true,
                        new StatedRotation(Direction.CLOCKWISE, End.SHAFT_END),
                        new Mount.Typed("2 1/2", "1 5/8", "5/8", "3/16", "3 1/2", "13", "FEET"),
                        "A-section belt, half an inch of play. Conduit from the left."));
    }

    private static void put(ExchangeDesk desk, long shop, Kept motor, String plate) {
        Optional<TypedPlate> typed = Optional.of(plate)
                .filter(p -> !p.isEmpty())
                .map(p -> PlateText.read(p).fields());
        desk.put(shop, motor, typed.flatMap(t -> PlateReader.read(t).value()));
    }
}
