package gatepin.web.parcel;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.diagram.Column;
import gatepin.core.diagram.Diagram;
import gatepin.core.format.StrangersWiring;
import gatepin.core.found.FoundRecord;
import gatepin.core.lane.Parts;
import gatepin.core.plate.Plate;
import gatepin.web.gate.diagram.DiagramDesk;
import gatepin.web.gate.found.FoundDesk;
import gatepin.web.gate.gear.SwitchDesk;
import gatepin.web.gate.gear.SwitchStore;
import gatepin.web.lane.Acts;
import gatepin.web.lane.FreeName;
import gatepin.web.lane.Job;
import gatepin.web.lane.JobFiles;
import gatepin.web.lane.JobStore;
import gatepin.web.lane.PartStore;
import gatepin.web.lane.Seen;
import gatepin.web.yard.Machines;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes in a stranger's wiring from its file: a job with the wires as found, judged before anything is touched. */
@Service
public class Strangers {
    private final Machines machines;
    private final JobFiles files;
    private final JobStore jobs;
    private final PartStore parts;
    private final SwitchStore switches;
    private final DiagramDesk diagrams;
    private final FoundDesk found;
    private final SwitchDesk gear;
    private final Acts acts;

    Strangers(
            Machines machines,
            JobFiles files,
            JobStore jobs,
            PartStore parts,
            SwitchStore switches,
            DiagramDesk diagrams,
            FoundDesk found,
            SwitchDesk gear,
            Acts acts) {
        this.machines = machines;
        this.files = files;
        this.jobs = jobs;
        this.parts = parts;
        this.switches = switches;
        this.diagrams = diagrams;
        this.found = found;
        this.gear = gear;
        this.acts = acts;
    }

    /** Opens a job for a wiring; gives its id, or what is wrong with the file or its machine's name. */
    @Transactional
    public Reading<Long> takeIn(long shop, String text) {
        Reading<StrangersWiring> read = StrangersWiring.read(text);
        if (read.value().isEmpty()) {
            Problem first = read.problems().get(0);
            return failed((first.field().isEmpty() || first.field().equals("file") ? "" : "At " + first.field() + ": ")
                    + first.message());
        }
        StrangersWiring wiring = read.value().orElseThrow();
        String wished = wiring.machine().isBlank() ? "Stranger's wiring" : wiring.machine();
        Reading<Long> opened = machines.bringIn(
                shop,
                FreeName.of(wished.strip(), Machines.LONGEST_NAME, name -> jobs.machineExists(shop, name)),
                note(wiring));
        if (opened.value().isEmpty()) {
            return failed(opened.problems().get(0).message());
        }
        long id = opened.value().orElseThrow();
        describe(files.file(id).job(), wiring);
        found.save(id, Seen.ANY, new FoundRecord(false, wiring.wires()));
        wiring.gear().ifPresent(k -> gear.choose(id, Seen.ANY, switches.put(shop, k), ""));
        return opened;
    }

    private static String note(StrangersWiring wiring) {
        String note = "A stranger's wiring, from a file."
                + (wiring.unwell().isEmpty() ? "" : " The file says: " + String.join(", ", wiring.unwell()) + ".");
        return note.substring(0, Math.min(note.length(), Machines.LONGEST_NOTE));
    }

    private void describe(Job job, StrangersWiring wiring) {
        acts.on(job.id(), Seen.any(Plate.PART).and(Diagram.PART, Seen.ANY), act -> {
            parts.write(job, Plate.PART, wiring.plate());
            parts.write(job, Diagram.PART, Diagram.NONE.with(wiring.leads()));
            jobs.setSupply(job.id(), wiring.supply().volts(), wiring.supply().kind());
            return List.of();
        });
        Optional<Column> column = wiring.column();
        column.ifPresent(c -> diagrams.save(
                job.id(),
                Seen.any(Diagram.PART).and(Parts.SUPPLY, Seen.ANY),
                wiring.leads(),
                c,
                wiring.supply().kind()));
    }

    private static Reading<Long> failed(String message) {
        return Reading.failed(List.of(new Problem("file", "", message)));
    }
}
