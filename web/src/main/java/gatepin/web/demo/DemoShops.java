package gatepin.web.demo;

import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.control.ControlWishes;
import gatepin.core.diagram.Board;
import gatepin.core.diagram.Column;
import gatepin.core.diagram.ConnectionReader;
import gatepin.core.diagram.Diagram;
import gatepin.core.diagram.StudBoard;
import gatepin.core.diagram.StudBoardReader;
import gatepin.core.found.FoundRecord;
import gatepin.core.found.FoundWire;
import gatepin.core.found.FoundWireReader;
import gatepin.core.gear.FaceReader;
import gatepin.core.gear.SwitchKind;
import gatepin.core.gear.SwitchMap;
import gatepin.core.job.Gate;
import gatepin.core.lane.Parts;
import gatepin.core.machine.Leads;
import gatepin.core.machine.StandardMarks;
import gatepin.core.machine.Traces;
import gatepin.core.plate.PlateReader;
import gatepin.core.plate.PlateText;
import gatepin.core.plate.TypedPlate;
import gatepin.core.rotation.DriveStage;
import gatepin.core.rotation.DriveTrain;
import gatepin.core.rotation.RotationPlan;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.rotation.Tool;
import gatepin.core.rotation.ToolMotion;
import gatepin.core.rotation.Ways;
import gatepin.core.safe.CapacitorCheck;
import gatepin.core.safe.SafeRecord;
import gatepin.core.safe.SafeRecord.Disconnect;
import gatepin.core.supply.Outlets;
import gatepin.core.supply.PanelRun;
import gatepin.core.supply.Region;
import gatepin.core.winding.HiddenMotor.Way;
import gatepin.core.winding.MeterReading;
import gatepin.web.gate.gear.SwitchStore;
import gatepin.web.gate.windings.WindingStore.PadLead;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobFiles;
import gatepin.web.lane.Pins;
import gatepin.web.lane.Seen;
import gatepin.web.shop.Shops;
import gatepin.web.yard.Machines;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Loads two invented shops into an empty database, through the same desk that a person works at. */
@Component
@ConditionalOnProperty("gatepin.demo")
public class DemoShops implements ApplicationRunner {
    private static final List<String> ORCHARD_OUTLETS = List.of("NEMA 5-15", "NEMA 5-20", "NEMA 6-15");

    private final Shops shops;
    private final SwitchStore switches;
    private final Machines machines;
    private final JobFiles files;
    private final Pins pins;
    private final Desks desks;

    DemoShops(Shops shops, SwitchStore switches, Machines machines, JobFiles files, Pins pins, Desks desks) {
        this.shops = shops;
        this.switches = switches;
        this.machines = machines;
        this.files = files;
        this.pins = pins;
        this.desks = desks;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        if (!shops.all().isEmpty()) {
            return;
        }
        long orchard = shop("Saltmarsh Orchard", Region.NORTH_AMERICA);
        long scratter = job(
                orchard,
                "Apple scratter",
                "Capacitor start, six leads. Reverses to clear jams.",
                "3/4 hp 115 13.8 230 6.9 60 1725 capacitor-start K 300 _");
        diagram(
                scratter,
                Supply.Kind.TWO_HOT,
                "T1 T2 T3 T4 T5 T8",
                new ConnectionReader.Typed("230", "T1", "T4 T8", "T2 T3 T5", "T5 T8"),
                StatedRotation.Direction.COUNTER_CLOCKWISE);
        measured(
                scratter,
                "T1 T2 T3 T4 T5 T8",
                "T1-T2 2.2, T3-T4 2.3, T5-T8 3.4, T1-T3 OL, T1-T5 OL, T3-T5 OL, T1-frame OL, T3-frame OL, T5-frame OL");
        pins.pull(scratter, Gate.WINDINGS, "");
        desks.supply()
                .save(
                        scratter,
                        Seen.ANY,
                        230,
                        Supply.Kind.TWO_HOT,
                        new PanelRun(new BigDecimal("18.288"), "NEMA 6-15"),
                        ORCHARD_OUTLETS);
        pins.pull(scratter, Gate.SUPPLY, "");
        desks.rotation()
                .save(
                        scratter,
                        Seen.ANY,
                        new RotationPlan(
                                new RotationPlan.Machine(Tool.CRUSHER, Ways.USUAL),
                                ToolMotion.SEEN,
                                StatedRotation.Direction.CLOCKWISE,
                                new DriveTrain(List.of(new DriveStage(DriveStage.Kind.BELT, 63, 200, false)), true),
                                true,
                                List.of(),
                                false,
                                Optional.of(4.0),
                                false));
        pins.pull(scratter, Gate.ROTATION, "");
        extractor(job(
                orchard,
                "Honey extractor",
                "Gearmotor with one oil-filled capacitor, no click. Four wires in two colour pairs.",
                "1/8 hp 115 2.1 _ _ 60 1650 permanent-split-capacitor _ _ 10"));
        auger(job(
                orchard,
                "Seed auger",
                "Two humps, two contactors and a push-button box. 200 ft from the panel.",
                "2 hp 115 24 230 12 60 1740 capacitor-start-capacitor-run _ 560 40"));
        drill(job(
                orchard,
                "Tapping drill",
                "Split phase, cam switch without a chart.",
                "1/2 hp 115 8.8 _ _ 60 1725 split-phase _ _ _"));
        blower(job(orchard, "Sorting-belt blower", "Five wires, no marks left, plate unreadable.", ""));
        winch(job(
                orchard,
                "Hay-loft winch",
                "Drum that springs back to the middle. Its protector comes out on P1 and P2.",
                "1 hp 115 14.8 230 7.4 60 1725 capacitor-start _ _ _"));
        long grinder = job(orchard, "Tool grinder", "Nine leads, PH 3 on the plate. Not a single-phase motor.", "");
        plateAsItReads(grinder, "1 HP PH 3 V 230/460 A 3.4/1.7 RPM 1725 HZ 60 FR 56 CONT");
        DemoShelf.fill(desks.exchange(), orchard, grinder);
        long pottery = shop("Tern Quay Pottery", Region.IEC);
        long wheel = job(
                pottery,
                "Potter's wheel",
                "IEC marks on a stud board, links landed by somebody else.",
                "0.37 kW 115 5.8 230 2.9 50 1420 capacitor-start _ _ _");
        diagram(
                wheel,
                Supply.Kind.HOT_AND_NEUTRAL,
                "U1 U2 V1 V2 Z1 Z2",
                new ConnectionReader.Typed("230", "U1", "V2 Z2", "U2 V1 Z1", "Z1 Z2"),
                StatedRotation.Direction.CLOCKWISE);
        board(wheel);
        desks.windings().say(wheel, Seen.ANY, true, Optional.empty(), Optional.empty());
        pins.pull(wheel, Gate.WINDINGS, "");
        // touched last, it stands first in the yard
        desks.gear().choose(scratter, Seen.ANY, switches.devices(orchard).get(0).id(), "1 HP 120 V, 2 HP 240 V");
    }

    private long shop(String name, Region region) {
        return shops.open(name, region.name(), "UTC", List.of()).value().orElseThrow();
    }

    /**
     * Opens a job; a plate is written as output, unit, volts, amps, volts, amps, hertz, rpm, family, code letter, start
     * and run capacitor, with _ for nothing.
     */
    private long job(long shop, String machine, String note, String plate) {
        long id = machines.bringIn(shop, machine, note).value().orElseThrow();
        madeSafe(id, machine.equals("Apple scratter"));
        // the simulated instruments find nothing wrong, but for one start switch that sticks
        desks.check().hide(id, machine.equals("Hay-loft winch") ? "inner-closed-start switch" : "");
        if (!plate.isEmpty()) {
            String[] f = plate.replace("_", "").split(" ", -1);
            TypedPlate typed =
                    TypedPlate.of(f[0], f[1], f[2], f[3], f[4], f[5], f[6], f[7], f[8], f[9], f[10], f[11], "");
            desks.plate().save(id, Seen.ANY, PlateReader.read(typed).value().orElseThrow());
            pins.pull(id, Gate.PLATE, "");
        }
        return id;
    }

    /** Disconnected and proved dead, its capacitor measured, its wires written down; a loose motor where it has none. */
    private void madeSafe(long id, boolean wired) {
        if (wired) {
            desks.safe()
                    .add(id, new CapacitorCheck("start capacitor", 300, 165, Optional.of(15_000.0), Optional.empty()));
            desks.safe().measured(id, "start capacitor", 0.4, "a bleeding resistor");
        }
        desks.safe()
                .save(
                        id,
                        Seen.ANY,
                        new SafeRecord(
                                wired ? Disconnect.PLUG : Disconnect.LOOSE,
                                wired ? "Plug in my pocket" : "",
                                wired,
                                wired,
                                wired,
                                !wired,
                                desks.safe().capacitors(id)));
        pins.pull(id, Gate.SAFE, "");
        List<FoundWire> wires = !wired
                ? List.of()
                : FoundWireReader.read(
                                List.of(
                                        wire("T1", "blue", "T1", "switch 5", ""),
                                        wire("", "black", "switch 6", "L1", ""),
                                        wire("T5", "black", "T5", "switch 1", ""),
                                        wire("T8", "red", "T8", "switch 4", ""),
                                        wire("T2", "white", "T2", "nut a", ""),
                                        wire("T3", "orange", "T3", "nut a", ""),
                                        wire("", "white", "nut a", "switch 3", ""),
                                        wire("T4", "yellow", "T4", "switch 2", ""),
                                        wire("", "red", "switch 2", "L2", ""),
                                        wire("", "green", "frame", "ground", ""),
                                        wire("", "grey", "lamp", "switch 2", "work lamp over the hopper")),
                                Stream.of("T1", "T2", "T3", "T4", "T5", "T8")
                                        .map(Terminal::motor)
                                        .toList())
                        .value()
                        .orElseThrow();
        desks.found().save(id, Seen.ANY, new FoundRecord(!wired, wires));
        pins.pull(id, Gate.FOUND, "");
    }

    private static FoundWireReader.Typed wire(String mark, String colour, String one, String other, String aside) {
        return new FoundWireReader.Typed(mark, colour, "", one, other, aside);
    }

    /** Two colour pairs: the run winding black, the other blue. */
    private void extractor(long id) {
        List<Leads.Typed> rows = List.of(
                new Leads.Typed("black", "black", "run 1"),
                new Leads.Typed("black/yellow", "black with yellow", "run 1"),
                new Leads.Typed("blue", "blue", "start 1"),
                new Leads.Typed("blue/yellow", "blue with yellow", "start 1"));
        diagram(
                id,
                Supply.Kind.HOT_AND_NEUTRAL,
                rows,
                new ConnectionReader.Typed("115", "black blue", "black/yellow blue/yellow", "", "blue blue/yellow"),
                StatedRotation.Direction.CLOCKWISE);
        ready(id, "6.096", "NEMA 5-15", ToolMotion.SEEN, DriveStage.Kind.GEAR_PAIR, false);
    }

    /** A cam switch whose twelve terminals stand in two rows of six; what is inside, only the simulated meter knows. */
    private void drill(long id) {
        diagram(
                id,
                Supply.Kind.HOT_AND_NEUTRAL,
                "T1 T4 T5 T8",
                new ConnectionReader.Typed("115", "T1 T5", "T4 T8", "", "T5 T8"),
                StatedRotation.Direction.COUNTER_CLOCKWISE);
        ready(id, "9.144", "NEMA 5-15", ToolMotion.DRILL, DriveStage.Kind.BELT, false);
        desks.map()
                .face(
                        id,
                        Seen.ANY,
                        "Cam switch, drill",
                        false,
                        Set.of(),
                        new SwitchMap(
                                FaceReader.face("face", "1 2 3 4 5 6 / 7 8 9 10 11 12")
                                        .value()
                                        .orElseThrow(),
                                true,
                                true,
                                List.of()));
        desks.map().hide(id, HandlePosition.FORWARD, "1-7 3-9 5-11 6-12", "");
        desks.map().hide(id, HandlePosition.REVERSE, "2-8 4-10 5-11 6-12", "");
    }

    /** Two contactors that push-buttons work; the screw must stand before it is driven back. */
    private void auger(long id) {
        diagram(
                id,
                Supply.Kind.TWO_HOT,
                "T1 T2 T3 T4 T5 T8",
                new ConnectionReader.Typed("230", "T1", "T4 T8", "T2 T3 T5", "T5 T8"),
                StatedRotation.Direction.COUNTER_CLOCKWISE);
        ready(id, "60.96", Outlets.FIXED, ToolMotion.SEEN, DriveStage.Kind.BELT, false);
        long contactors = switches.devices(files.file(id).job().shopId()).stream()
                .filter(d -> d.kind().equals(SwitchKind.CONTACTORS_3.key()))
                .findFirst()
                .orElseThrow()
                .id();
        desks.gear().choose(id, Seen.ANY, contactors, "3 HP 230 V");
        ControlWishes usual = ControlWishes.USUAL;
        desks.control()
                .build(
                        id,
                        Seen.ANY,
                        new ControlWishes(usual.supply(), usual.start(), ControlWishes.Before.TIMER, 5, usual.with()));
    }

    private void winch(long id) {
        diagram(
                id,
                Supply.Kind.TWO_HOT,
                "P1 P2 T1 T2 T3 T4 T5 T8",
                new ConnectionReader.Typed("230", "P1", "T4 T8", "P2 T1; T2 T3 T5", "T5 T8"),
                StatedRotation.Direction.COUNTER_CLOCKWISE);
        ready(id, "21.336", Outlets.FIXED, ToolMotion.SEEN, DriveStage.Kind.CHAIN, true);
    }

    /** Relies on the marks, as far from the panel, through one drive to the tool, both ways: up to the Switch gate. */
    private void ready(
            long id, String metres, String plug, ToolMotion motion, DriveStage.Kind drive, boolean momentary) {
        desks.windings().say(id, Seen.ANY, true, Optional.empty(), Optional.empty());
        pins.pull(id, Gate.WINDINGS, "");
        JobFile file = files.file(id);
        desks.supply()
                .save(
                        id,
                        Seen.ANY,
                        file.job().volts().orElseThrow(),
                        file.job().supplyKind(),
                        new PanelRun(new BigDecimal(metres), plug),
                        ORCHARD_OUTLETS);
        pins.pull(id, Gate.SUPPLY, "");
        desks.rotation()
                .save(
                        id,
                        Seen.ANY,
                        new RotationPlan(
                                RotationPlan.Machine.usual(momentary ? Tool.HOIST : Tool.with(motion)),
                                motion,
                                StatedRotation.Direction.CLOCKWISE,
                                new DriveTrain(List.of(new DriveStage(drive, 1, 2, false)), true),
                                true,
                                List.of(),
                                false,
                                Optional.of(3.0),
                                momentary));
        pins.pull(id, Gate.ROTATION, "");
    }

    /** Five leads without marks: two run halves and a start winding that shares a lead with one of them. */
    private void blower(long id) {
        desks.windings()
                .setPad(
                        id,
                        Seen.ANY,
                        List.of("1", "2", "3", "4", "5").stream()
                                .map(l -> new PadLead(l, ""))
                                .toList());
        Traces.Typed left = new Traces.Typed("120", "1/2", "3", "", "", "16 AWG", "", "", "");
        desks.plate().saveTraces(id, Seen.ANY, left, Traces.read(left).value().orElseThrow());
        desks.windings().hide(id, List.of(new Way("1", "4", 2.9), new Way("2", "5", 2.93), new Way("5", "3", 4.6)));
    }

    /** Readings as "T1-T2 2.2, T1-T3 OL", with 0.2 Ω in the meter's leads. */
    private void measured(long id, String leads, String readings) {
        desks.windings()
                .setPad(
                        id,
                        Seen.ANY,
                        Arrays.stream(leads.split(" "))
                                .map(l -> new PadLead(l, ""))
                                .toList());
        for (String reading : readings.split(", ")) {
            String[] parts = reading.split("[- ]");
            double ohms = parts[2].equals("OL") ? Double.POSITIVE_INFINITY : Double.parseDouble(parts[2]);
            desks.windings()
                    .add(id, new MeterReading(parts[0], parts[1], ohms, 0.2, 20, MeterReading.StartSwitch.AT_REST));
        }
    }

    /** Linked for 115 V by somebody else, with Z1 and the second line on the far studs of their links. */
    private void board(long wheel) {
        JobFile file = files.file(wheel);
        StudBoard studs = StudBoardReader.board("U1 V1 / U2 V2").value().orElseThrow();
        desks.diagram()
                .saveBoard(
                        wheel,
                        Seen.ANY,
                        new Board(
                                studs,
                                115,
                                layout(studs, file, "U1-V1 U2-V2", "L1 on U1, L2 on U2, Z1 on U1, Z2 on V2"),
                                new TreeMap<>(Map.of(
                                        115,
                                        layout(studs, file, "U1-V1 U2-V2", "L1 on U1, L2 on V2, Z1 on V1, Z2 on V2"),
                                        230,
                                        layout(studs, file, "U2-V1", "L1 on U1, L2 on V2, Z1 on V1, Z2 on V2")))));
    }

    private static StudBoard.Layout layout(StudBoard studs, JobFile file, String links, String leads) {
        return StudBoardReader.layout(studs, file.leads(), links, "links", leads, "leads")
                .value()
                .orElseThrow();
    }

    private void plateAsItReads(long job, String text) {
        TypedPlate typed = PlateText.read(text).fields();
        desks.plate().save(job, Seen.ANY, PlateReader.read(typed).value().orElseThrow());
    }

    private void diagram(
            long job,
            Supply.Kind supply,
            String marks,
            ConnectionReader.Typed typed,
            StatedRotation.Direction direction) {
        diagram(
                job,
                supply,
                Arrays.stream(marks.split(" "))
                        .map(m ->
                                new Leads.Typed(m, StandardMarks.usualColour(m).orElse(""), ""))
                        .toList(),
                typed,
                direction);
    }

    private void diagram(
            long job,
            Supply.Kind supply,
            List<Leads.Typed> rows,
            ConnectionReader.Typed typed,
            StatedRotation.Direction direction) {
        Leads leads = Leads.read(rows).value().orElseThrow();
        JobFile file = files.file(job);
        desks.diagram()
                .save(
                        job,
                        Seen.any(Diagram.PART).and(Parts.SUPPLY, Seen.ANY),
                        leads,
                        new Column(
                                ConnectionReader.read(typed, leads).value().orElseThrow(),
                                new StatedRotation(
                                        direction,
                                        file.job().region() == Region.IEC
                                                ? StatedRotation.End.SHAFT_END
                                                : StatedRotation.End.OPPOSITE_END)),
                        supply);
        pins.pull(job, Gate.DIAGRAM, "");
    }
}
