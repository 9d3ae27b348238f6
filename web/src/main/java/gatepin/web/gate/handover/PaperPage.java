package gatepin.web.gate.handover;

import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Marks;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.control.ControlNet;
import gatepin.core.control.ControlRecord;
import gatepin.core.gear.SwitchKind;
import gatepin.core.job.Gate;
import gatepin.core.job.Lane.Pin;
import gatepin.core.machine.Lead;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.supply.Region;
import gatepin.core.wire.Done;
import gatepin.core.wire.Making;
import gatepin.web.ahead.AheadPage;
import gatepin.web.check.CheckLines;
import gatepin.web.check.DeadLine;
import gatepin.web.control.ControlPage;
import gatepin.web.drawing.Drawing;
import gatepin.web.drawing.LadderPicture;
import gatepin.web.drawing.WiringPicture;
import gatepin.web.lane.HandleWords;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.WiringWords;
import gatepin.web.paper.Code;
import gatepin.web.plan.MakingWords;
import gatepin.web.plan.PlanStore.ChosenPlan;
import gatepin.web.wire.WireLine;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What stands on the papers of a job. */
final class PaperPage {
    private final JobFile file;
    private final Optional<Circuit> circuit;
    private final Optional<ChosenPlan> plan;
    private final Optional<Making> making;
    private final CheckLines lines;

    /** What the handle does in one position. */
    public record AtSetting(String word, String title, String turns, WiringWords wiring) {}

    /**
     * A label for one end of a wire.
     *
     * @param mark where this end lands
     * @param upside the mark reads as another one upside down
     * @param here the same in words
     * @param far where the other end lands
     */
    public record EndLabel(String mark, boolean upside, String here, String far, String facts) {}

    /** A gate that was passed without its evidence, and why. */
    public record Override(String gate, String reason) {}

    /** A lead of the motor: where it lands. */
    public record LeadLine(String mark, boolean upside, String colour, String lands) {}

    PaperPage(JobFile file) {
        this.file = file;
        this.plan = file.plannedCircuit().isPresent() ? file.kept(ChosenPlan.class) : Optional.empty();
        this.circuit = file.workup().checks().circuit();
        this.making = plan.map(p -> MakingWords.of(file, file.plannedCircuit().orElseThrow(), wires()));
        this.lines = new CheckLines(file);
    }

    private List<Wire> wires() {
        return plan.map(ChosenPlan::wires).or(() -> circuit.map(Circuit::wires)).orElse(List.of());
    }

    /** There is a wiring: one that was planned, or the one that was found. */
    public boolean isWired() {
        return circuit.isPresent();
    }

    /** What the wiring is called. */
    public String planned() {
        return plan.map(p -> file.say(p.cost().name())
                        + file.gear().map(g -> ", " + g.name()).orElse(""))
                .orElse("the wiring as it was found");
    }

    public String supply() {
        return file.supply().map(s -> s.volts() + " V, " + s.hertz() + " Hz").orElse("");
    }

    /** The wide drawing; none where there is no wiring, or no clear way to draw it. */
    public List<Drawing> drawings() {
        return circuit
                .map(c -> new WiringPicture(file.wiredLeads(), file.gear(), c, wires()).draw())
                .orElse(List.of())
                .stream()
                .filter(d -> d.shape().equals("wide"))
                .toList();
    }

    /** What the handle does, position by position. */
    public List<AtSetting> settings() {
        if (circuit.isEmpty()) {
            return List.of();
        }
        boolean hasOff = file.gear().map(SwitchKind::hasOff).orElse(true);
        List<AtSetting> settings = new ArrayList<>();
        for (WiringWords words : WiringWords.of(circuit.orElseThrow())) {
            if (words.position() == HandlePosition.OFF && !hasOff) {
                continue;
            }
            settings.add(
                    switch (words.position()) {
                        case FORWARD ->
                            new AtSetting("forward", file.ways().work(), turns(HandlePosition.FORWARD), words);
                        case OFF -> new AtSetting("off", "OFF", "", words);
                        case REVERSE ->
                            new AtSetting("reverse", file.ways().back(), turns(HandlePosition.REVERSE), words);
                    });
        }
        return settings;
    }

    /** As the wires that the paper shows turn it. */
    private String turns(HandlePosition position) {
        StatedRotation way = file.workup().turning().turns(position);
        return way.isStated() ? way.direction().words() + ", " + way.seenFrom().words() : "";
    }

    /** The motor's leads that stay hot with the handle at OFF; blank where none does. */
    public String hotInOff() {
        return settings().stream()
                .filter(s -> s.word().equals("off"))
                .map(s -> s.wiring().hot())
                .findFirst()
                .orElse("");
    }

    /** What must be said of a position that must never be live; blank where there is none. */
    public String oneWay() {
        return circuit.flatMap(file.workup()::analysis)
                .flatMap(a -> HandleWords.oneWay(file, a))
                .map(f -> f.title() + ". " + f.words())
                .orElse("");
    }

    /** The handle has no OFF. */
    public boolean isWithoutOff() {
        return file.gear().filter(g -> !g.hasOff()).isPresent();
    }

    public List<WireLine> wireLines() {
        return plan.flatMap(p -> making.map(m -> WireLine.all(file, p, m))).orElse(List.of());
    }

    public List<String> splices() {
        return making.map(m -> m.splices().stream().map(MakingWords::splice).toList())
                .orElse(List.of());
    }

    public List<String> toBuy() {
        List<String> all = new ArrayList<>(making.map(Making::toBuy).orElse(List.of()));
        standsAhead().ifPresent(a -> all.addAll(a.toBuy()));
        return all;
    }

    /** What stands ahead of a planned wiring. */
    private Optional<AheadPage> standsAhead() {
        return plan.map(p -> new AheadPage(file));
    }

    /** What stands ahead of a planned wiring; null where nothing is planned, as templates take it. */
    public @Nullable AheadPage ahead() {
        return standsAhead().orElse(null);
    }

    /** What the label has to say of what stands ahead. */
    public List<String> onTheLabel() {
        return standsAhead().map(AheadPage::onTheLabel).orElse(List.of());
    }

    private Optional<ControlRecord> control() {
        return plan.isPresent() ? file.workup().control() : Optional.empty();
    }

    /** The ladder of contactors. */
    public List<LadderPicture> ladders() {
        return control()
                .map(c -> LadderPicture.of(ControlNet.of(c.ladder()), file.job().region() == Region.IEC))
                .stream()
                .toList();
    }

    /** What was read, dead, of the wirings that have no winding in them. */
    public List<DeadLine> deadLines() {
        Done done = file.facts().gear().done();
        return Stream.concat(
                        control().stream().flatMap(c -> ControlPage.dead(c.ladder(), done).stream()),
                        standsAhead().stream().flatMap(a -> a.reads().stream()))
                .toList();
    }

    /** The motor's leads, and where each lands. */
    public List<LeadLine> leads() {
        return file.wiredLeads().all().stream()
                .map(l -> new LeadLine(l.mark(), Marks.readsUpsideDown(l.mark()), l.colour(), lands(l)))
                .toList();
    }

    private String lands(Lead lead) {
        return wires().stream()
                .filter(w -> w.lands(lead.terminal()))
                .map(w -> w.from().equals(lead.terminal()) ? w.to() : w.from())
                .map(this::place)
                .distinct()
                .reduce((a, b) -> a + ", " + b)
                .orElse("nowhere: insulated");
    }

    private String place(Terminal terminal) {
        if (terminal.isGround() || terminal.isLine()) {
            return lines.point(terminal);
        }
        return switch (terminal.device().type()) {
            case MOTOR -> "motor " + terminal.mark();
            case SPLICE -> "splice " + terminal.mark();
            case CAPACITOR -> "capacitor " + terminal.mark();
            default -> terminal.device().name() + " terminal " + terminal.mark();
        };
    }

    /** A label for each end of each wire, both of a wire beside each other. */
    public List<EndLabel> labels() {
        List<WireLine> read = wireLines();
        List<EndLabel> labels = new ArrayList<>();
        List<Wire> all = wires();
        for (int i = 0; i < all.size(); i++) {
            Wire wire = all.get(i);
            if (wire.isGround()) {
                continue;
            }
            String facts = i < read.size() ? read.get(i).facts() : "";
            labels.add(label(wire.from(), wire.to(), facts));
            labels.add(label(wire.to(), wire.from(), facts));
        }
        return labels;
    }

    private EndLabel label(Terminal here, Terminal far, String facts) {
        String mark = here.isLine() ? lines.point(here) : here.label();
        return new EndLabel(mark, Marks.readsUpsideDown(mark), place(here), place(far), facts);
    }

    /** The labels in the rows of a sheet, sheet by sheet. */
    public List<List<List<EndLabel>>> labelSheets(int columns, int rows) {
        List<List<List<EndLabel>>> sheets = new ArrayList<>();
        List<EndLabel> all = labels();
        for (int from = 0; from < all.size(); from += columns * rows) {
            List<List<EndLabel>> sheet = new ArrayList<>();
            for (int row = from; row < Math.min(all.size(), from + columns * rows); row += columns) {
                sheet.add(all.subList(row, Math.min(all.size(), row + columns)));
            }
            sheets.add(sheet);
        }
        return sheets;
    }

    public List<CheckLines.Cold> cold() {
        return file.workup()
                .checks()
                .request()
                .flatMap(r -> file.workup().checks().cold().map(c -> lines.of(r, c)))
                .orElse(List.of());
    }

    public List<CheckLines.Live> live() {
        return file.workup().checks().live().map(lines::of).orElse(List.of());
    }

    public List<Override> overrides() {
        return Arrays.stream(Gate.values())
                .filter(g -> file.lane().pin(g).state() == Pin.State.OVERRIDDEN)
                .map(g -> new Override(g.title(), file.say(file.lane().pin(g).reason())))
                .toList();
    }

    /** The gates whose pins are not pulled. */
    public List<String> open() {
        return Arrays.stream(Gate.values())
                .filter(g -> g != Gate.HANDOVER && !file.lane().pin(g).isOpen())
                .map(Gate::title)
                .toList();
    }

    /** What isolates the machine; a blank to be filled in by hand while nobody said it. */
    public String isolator() {
        String said = file.facts().papers().isolator();
        return said.isBlank() ? "______________________" : said;
    }

    static Code code(String address) {
        return Code.of(address);
    }
}
