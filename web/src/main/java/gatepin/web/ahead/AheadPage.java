package gatepin.web.ahead;

import gatepin.core.Sentence;
import gatepin.core.ahead.Ahead;
import gatepin.core.ahead.AheadRecord;
import gatepin.core.ahead.AheadRecord.Chosen;
import gatepin.core.ahead.AheadRecord.Stands;
import gatepin.core.ahead.LineUp;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.lane.StandsAhead;
import gatepin.core.supply.BranchCircuit;
import gatepin.core.wire.Done;
import gatepin.core.wire.Section;
import gatepin.web.check.DeadLine;
import gatepin.web.drawing.LineUpPicture;
import gatepin.web.lane.JobFile;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** What stands ahead of a job's gear, in words. */
public final class AheadPage {
    private final JobFile file;
    private final StandsAhead ahead;

    public AheadPage(JobFile file) {
        this.file = file;
        this.ahead = file.workup().standsAhead();
    }

    /** A device to decide on. */
    public record DeviceRow(
            String kind, String name, String title, String why, boolean must, Stands stands, String reason) {}

    /** A wire; its size is blank where the supply is not sized yet. */
    public record WireRow(String from, String to, String words, String size) {}

    /** Nothing is put in here. */
    public boolean isEmpty() {
        return ahead.lineUp().isEmpty();
    }

    /** What was decided of it, or what is usual while nothing was. */
    private Map<Ahead.Kind, Chosen> chosen() {
        return file.facts().ahead().map(AheadRecord::chosen).orElseGet(() -> ahead.usual(ahead.asked()));
    }

    public List<DeviceRow> devices() {
        List<DeviceRow> rows = new ArrayList<>();
        for (Ahead.Kind kind : Ahead.Kind.values()) {
            Optional<Ahead> asked =
                    ahead.asked().stream().filter(a -> a.kind() == kind).findFirst();
            Optional<Chosen> now = Optional.ofNullable(chosen().get(kind));
            // what is not asked for here and nobody put in is not spoken of
            if (asked.isPresent()
                    || now.filter(c -> c.stands() != Stands.LEFT_OUT).isPresent()) {
                rows.add(new DeviceRow(
                        kind.name(),
                        kind.device(),
                        title(kind),
                        asked.map(a -> file.say(a.why())).orElse("Not needed here."),
                        asked.map(Ahead::must).orElse(false),
                        now.map(Chosen::stands).orElse(Stands.LEFT_OUT),
                        now.map(Chosen::reason).orElse("")));
            }
        }
        return rows;
    }

    private String title(Ahead.Kind kind) {
        return switch (kind) {
            case DISCONNECT -> "Disconnect";
            case FUSES -> "Breaker or fuses";
            case RESIDUAL_CURRENT -> file.say(Sentence.of("ahead.title.residual"));
            case NO_VOLT_RELEASE -> "No-volt release";
            case OVERLOAD -> file.workup().hasCoils() ? "Overload relay" : "Motor-protection switch";
        };
    }

    /** The drawing; none where nothing is put in. */
    public List<LineUpPicture> pictures() {
        return isEmpty() || file.supply().isEmpty()
                ? List.of()
                : List.of(LineUpPicture.of(ahead.lineUp(), file.supply().orElseThrow()));
    }

    /** The wires of the line-up by their names. */
    public Map<String, WireRow> wires() {
        String size = ahead.branch().map(b -> b.conductor().name()).orElse("");
        Map<String, WireRow> rows = new LinkedHashMap<>();
        for (Wire wire : ahead.lineUp().wires()) {
            rows.put(
                    wire.key(),
                    new WireRow(
                            point(wire.from()),
                            wire.to().isLine() || wire.to().equals(Terminal.GROUND)
                                    ? "the panel's " + point(wire.to())
                                    : point(wire.to()),
                            words(wire),
                            size));
        }
        return rows;
    }

    private String words(Wire wire) {
        return wire.isGround()
                ? "the " + file.ground()
                : wire.from().device().equals(wire.to().device())
                        ? "loop from pole to pole: without it the overload thinks a phase is lost"
                        : wire.to().isLine() ? "last of all, with the panel off" : "in the box";
    }

    private String point(Terminal terminal) {
        Supply supply = file.supply().orElseThrow();
        return terminal.isLine()
                ? supply.nameOf(terminal)
                : terminal.equals(Terminal.GROUND) ? file.ground() : terminal.id();
    }

    /** Where the gear finds its lines and its ground; blank where nothing is put in. */
    public String feeds() {
        if (isEmpty()) {
            return "";
        }
        LineUp lineUp = ahead.lineUp();
        Supply supply = file.supply().orElseThrow();
        return "What the wire list calls " + supply.nameOf(Terminal.L1) + " comes from "
                + from(lineUp.feeds(Terminal.L1)) + ", " + supply.nameOf(Terminal.L2) + " from "
                + from(lineUp.feeds(Terminal.L2)) + ", the " + file.ground() + " from "
                + lineUp.frame().id() + ".";
    }

    private static String from(Terminal terminal) {
        return terminal.isLine() ? "the panel itself" : terminal.id();
    }

    /** What to read of it dead, and what was read. */
    public List<DeadLine> reads() {
        Done done = file.facts().gear().done();
        return ahead.dead().reads().stream()
                .map(r -> DeadLine.of(
                        Section.AHEAD,
                        r.key(),
                        point(r.a()) + " – " + point(r.b()),
                        r.open().map(this::opened).orElse("everything closed"),
                        r.joined() ? "0" : "OL",
                        done.shown(Section.AHEAD, r.key()),
                        r::agrees))
                .toList();
    }

    private String opened(Ahead.Kind kind) {
        return switch (kind) {
            case DISCONNECT -> "Q1 open";
            case FUSES -> "F1 out";
            case RESIDUAL_CURRENT -> "F4 off";
            case NO_VOLT_RELEASE -> "K0 let go";
            case OVERLOAD -> "F2 off";
        };
    }

    /** Whether something may be wrong that no reading tells: a pole of a relay that is passed by. */
    public boolean hasUnseen() {
        return !ahead.dead().unseen().isEmpty();
    }

    /** Whether its second line is a neutral. */
    public boolean hasNeutral() {
        return ahead.lineUp().supply() == Supply.Kind.HOT_AND_NEUTRAL;
    }

    /** What has to be bought for it, with its figures. */
    public List<String> toBuy() {
        return ahead.lineUp().stages().stream()
                .map(s -> s.device().name() + ": " + title(s.kind()).toLowerCase(Locale.ROOT) + figures(s.kind()))
                .toList();
    }

    private String figures(Ahead.Kind kind) {
        String amps = ahead.branch()
                .map(b -> switch (kind) {
                    case OVERLOAD -> ", set to " + Math.round(b.overloadAmps() * 10) / 10.0 + " A";
                    case FUSES -> ", " + breaker(b);
                    case RESIDUAL_CURRENT -> ", at least " + b.breakerHigh() + " A, trips at 30 mA or less";
                    case DISCONNECT, NO_VOLT_RELEASE -> "";
                })
                .orElse("");
        return switch (kind) {
            case DISCONNECT -> ", two poles, lockable, rated for the motor";
            case NO_VOLT_RELEASE -> ", two poles, coil for the line's volts";
            default -> amps;
        };
    }

    private static String breaker(BranchCircuit branch) {
        return branch.breakerLow() == branch.breakerHigh()
                ? branch.breakerLow() + " A"
                : branch.breakerLow() + " to " + branch.breakerHigh() + " A";
    }

    /** What a label at the machine has to say of it, besides what isolates. */
    public List<String> onTheLabel() {
        List<String> words = new ArrayList<>();
        ahead.lineUp().stages().forEach(s -> {
            switch (s.kind()) {
                case DISCONNECT ->
                    words.add(
                            "Q1 isolates. The panel's side of Q1 stays live: open and lock the panel's breaker before working in its box.");
                case NO_VOLT_RELEASE ->
                    words.add("After a power failure press start on K0. It never starts by itself.");
                case OVERLOAD ->
                    words.add("F2 tripped: find out why, let the motor cool, set the handle to OFF, then reset.");
                case RESIDUAL_CURRENT -> words.add("Press the test button of F4 once a month, machine off.");
                case FUSES -> words.add("Replace F1 by the same size only.");
            }
        });
        if (file.workup().hasCoils()) {
            words.replaceAll(w -> w.replace(", set the handle to OFF, then reset", ", then reset"));
        }
        return words;
    }
}
