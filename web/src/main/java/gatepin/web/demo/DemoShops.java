package gatepin.web.demo;

import gatepin.core.circuit.Supply;
import gatepin.core.diagram.ConnectionReader;
import gatepin.core.diagram.StudBoard;
import gatepin.core.diagram.StudBoardReader;
import gatepin.core.gear.SwitchKind;
import gatepin.core.job.Gate;
import gatepin.core.machine.Leads;
import gatepin.core.machine.StandardMarks;
import gatepin.core.plate.PlateReader;
import gatepin.core.plate.PlateText;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.supply.Region;
import gatepin.web.desk.JobDesk;
import gatepin.web.desk.JobFile;
import gatepin.web.desk.MotorDesk;
import gatepin.web.store.BoardStore.Board;
import gatepin.web.store.JobStore.Run;
import gatepin.web.store.MotorStore.Column;
import gatepin.web.store.ShopStore;
import gatepin.web.store.SwitchStore;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Loads two invented shops into an empty database, through the same desk that a person works at. */
@Component
@ConditionalOnProperty("gatepin.demo")
public class DemoShops implements ApplicationRunner {
    private final ShopStore shops;
    private final SwitchStore switches;
    private final JobDesk desk;
    private final MotorDesk motorDesk;

    DemoShops(ShopStore shops, SwitchStore switches, JobDesk desk, MotorDesk motorDesk) {
        this.shops = shops;
        this.switches = switches;
        this.desk = desk;
        this.motorDesk = motorDesk;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        if (!shops.shops().isEmpty()) {
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
        desk.saveSupply(
                scratter,
                desk.open(scratter).orElseThrow().job().version(),
                230,
                Supply.Kind.TWO_HOT,
                new Run(new BigDecimal("18.3"), "NEMA 6-15"));
        motorDesk.saveOutlets(scratter, List.of("NEMA 5-15", "NEMA 5-20", "NEMA 6-15"));
        desk.pull(scratter, Gate.SUPPLY, "");
        JobFile file = desk.open(scratter).orElseThrow();
        desk.chooseSwitch(
                scratter, file.job().version(), switches.devices(orchard).get(0).id());
        job(
                orchard,
                "Honey extractor",
                "Gearmotor with one oil-filled capacitor, no click. Four wires in two colour pairs.",
                "1/8 hp 115 2.1 _ _ 60 1650 permanent-split-capacitor _ _ 10");
        job(
                orchard,
                "Seed auger",
                "Two humps, two contactors and a push-button box. 60 m from the panel.",
                "2 hp 115 24 230 12 60 1740 capacitor-start-capacitor-run _ 560 40");
        job(
                orchard,
                "Tapping drill",
                "Split phase, cam switch without a chart.",
                "1/2 hp 115 8.8 _ _ 60 1725 split-phase _ _ _");
        job(orchard, "Sorting-belt blower", "Five wires, no marks left, plate unreadable.", "");
        job(
                orchard,
                "Hay-loft winch",
                "Drum that springs back to the middle.",
                "1 hp 115 14.8 230 7.4 60 1725 capacitor-start _ _ _");
        long grinder = job(orchard, "Tool grinder", "Nine leads, PH 3 on the plate. Not a single-phase motor.", "");
        plateAsItReads(grinder, "1 HP PH 3 V 230/460 A 3.4/1.7 RPM 1725 HZ 60 FR 56 CONT");
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
    }

    private long shop(String name, Region region) {
        long id = shops.addShop(name, region);
        shops.addPerson(id, "Owner");
        SwitchKind.ALL.forEach(kind -> switches.add(id, kind));
        return id;
    }

    /**
     * Opens a job; a plate is written as output, unit, volts, amps, volts, amps, hertz, rpm, family, code letter, start
     * and run capacitor, with _ for nothing.
     */
    private long job(long shop, String machine, String note, String plate) {
        long id = desk.newJob(shop, machine, note).value().orElseThrow();
        if (!plate.isEmpty()) {
            String[] f = plate.replace("_", "").split(" ", -1);
            PlateReader.Typed typed =
                    new PlateReader.Typed(f[0], f[1], f[2], f[3], f[4], f[5], f[6], f[7], f[8], f[9], f[10], f[11], "");
            desk.savePlate(id, 0, typed, PlateReader.read(typed).value().orElseThrow());
            desk.pull(id, Gate.PLATE, "");
        }
        return id;
    }

    /** Linked for 115 V by somebody else, with Z1 and the second line on the far studs of their links. */
    private void board(long wheel) {
        JobFile file = desk.open(wheel).orElseThrow();
        StudBoard studs = StudBoardReader.board("U1 V1 / U2 V2").value().orElseThrow();
        motorDesk.saveBoard(
                wheel,
                file.motor().version(),
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
        PlateReader.Typed typed = PlateText.read(text).fields();
        desk.savePlate(job, 0, typed, PlateReader.read(typed).value().orElseThrow());
    }

    private void diagram(
            long job,
            Supply.Kind supply,
            String marks,
            ConnectionReader.Typed typed,
            StatedRotation.Direction direction) {
        List<Leads.Typed> rows = Arrays.stream(marks.split(" "))
                .map(m -> new Leads.Typed(m, StandardMarks.usualColour(m).orElse(""), ""))
                .toList();
        Leads leads = Leads.read(rows).value().orElseThrow();
        JobFile file = desk.open(job).orElseThrow();
        desk.saveDiagram(
                job,
                file.motor().version(),
                file.job().version(),
                leads,
                new Column(
                        ConnectionReader.read(typed, leads).value().orElseThrow(),
                        new StatedRotation(
                                direction,
                                file.job().region() == Region.IEC
                                        ? StatedRotation.End.SHAFT_END
                                        : StatedRotation.End.OPPOSITE_END)),
                supply);
        desk.pull(job, Gate.DIAGRAM, "");
    }
}
