package gatepin.core.straight;

import gatepin.core.Sentence;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Wire;
import gatepin.core.diagram.Column;
import gatepin.core.diagram.ConnectionReader;
import gatepin.core.diagram.Diagram;
import gatepin.core.diagram.DiagramPattern;
import gatepin.core.job.Kept;
import gatepin.core.job.Lane;
import gatepin.core.job.Taken;
import gatepin.core.lane.Facts;
import gatepin.core.lane.Facts.BenchFacts;
import gatepin.core.lane.Facts.GearFacts;
import gatepin.core.lane.Facts.SupplyFacts;
import gatepin.core.lane.Facts.WirePlan;
import gatepin.core.machine.Leads;
import gatepin.core.plate.MotorFamily;
import gatepin.core.plate.Plate;
import gatepin.core.plate.VoltageRange;
import gatepin.core.rotation.DriveTrain;
import gatepin.core.rotation.RotationPlan;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.rotation.StatedRotation.Direction;
import gatepin.core.rotation.StatedRotation.End;
import gatepin.core.rotation.Tool;
import gatepin.core.rotation.ToolMotion;
import gatepin.core.supply.Region;
import gatepin.core.winding.WindingRecord;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Four choices as the facts of a job: what was not chosen is taken as usual, and said to be so. */
public final class OnTheBench {
    /** A motor of the size that most such machines have; its wires are the same for any other. */
    private static final double WATTS = 0.5 * Plate.WATTS_PER_HP;

    /** The running speed of four poles, by the mains' frequency (common practice). */
    private static final Map<Integer, Integer> RPM = Map.of(60, 1725, 50, 1425);

    private final Choices choices;
    private final Stamped stamped;
    private final Lid lid;
    private final boolean ofLid;
    private final Leads leads;
    private final Column column;

    /** What was chosen from pictures. */
    public OnTheBench(Choices choices) {
        this(choices, "", "");
    }

    /**
     * What was chosen, and what was typed of the motor itself.
     *
     * @param plate what stands on its plate; blank where nothing was typed
     * @param lid what stands under its lid; where that cannot be taken whole, the pattern that was chosen stands for it
     */
    public OnTheBench(Choices choices, String plate, String lid) {
        this.choices = choices;
        this.stamped = Stamped.read(plate);
        int volts = choices.mains().supply().volts();
        this.lid = Lid.read(
                lid,
                stamped.plate()
                        .map(p -> p.ratings().stream().map(Plate.Rating::volts).toList())
                        .orElse(List.of()),
                volts);
        Optional<Column> read = this.lid.at(volts);
        this.ofLid = read.isPresent();
        this.leads = ofLid
                ? this.lid.leads()
                : Leads.read(choices.motor().leads()).value().orElseThrow();
        Column usual = read.orElseGet(() -> new Column(
                ConnectionReader.read(choices.motor().column(volts, ofThePattern()), leads)
                        .value()
                        .orElseThrow(),
                turns()));
        boolean isWrong = !choices.turns().bothWays()
                && !usual.connection().swap().isNone()
                && rotation().worksAsWritten(usual.rotation()).equals(Optional.of(false));
        this.column = isWrong
                ? new Column(usual.connection().reversed(), usual.rotation().reversed())
                : usual;
    }

    /** Whether the leads and their connection were read off a lid, and not taken as usual. */
    public boolean isOfLid() {
        return ofLid;
    }

    /** What stands on the plate; empty where nothing was typed, or not all of it is certain. */
    public Optional<Plate> stamped() {
        return stamped.plate();
    }

    /** Every column that was read off a lid, the one for the chosen supply last; that alone where none was. */
    public List<Column> columns() {
        List<Column> all = new ArrayList<>();
        if (ofLid) {
            lid.columns().stream()
                    .filter(c -> !lid.at(choices.mains().supply().volts()).equals(Optional.of(c)))
                    .forEach(all::add);
        }
        all.add(column);
        return all;
    }

    /** What keeps something that was typed from being taken. */
    public List<Sentence> questions() {
        List<Sentence> questions = new ArrayList<>(stamped.questions());
        questions.addAll(lid.questions());
        if (lid.isRead() && !ofLid) {
            questions.add(Sentence.of("lid.otherVolts", choices.mains().words()));
        }
        return questions;
    }

    public Choices choices() {
        return choices;
    }

    /** The motor's leads. */
    public Leads leads() {
        return leads;
    }

    /** How they are usually joined for the chosen supply; already interchanged where it must turn the other way only. */
    public Column column() {
        return column;
    }

    /** What of the plate speaks against the chosen supply. */
    public List<Sentence> objections() {
        Supply supply = choices.mains().supply();
        List<Sentence> objections = new ArrayList<>();
        stamped.plate().ifPresent(p -> {
            if (p.ratings().stream().noneMatch(r -> VoltageRange.same(r.volts(), supply.volts()))) {
                objections.add(
                        Sentence.of("straight.plate.volts", choices.mains().words()));
            }
            if (p.hertz() != supply.hertz()) {
                objections.add(Sentence.of("straight.plate.hertz", p.hertz(), supply.hertz()));
            }
        });
        return objections;
    }

    /**
     * Which way the machine must turn, as far as that was chosen: the motor's own shaft. Where it turns both ways, FORWARD is as the
     * diagram writes it.
     */
    public RotationPlan rotation() {
        return new RotationPlan(
                RotationPlan.Machine.usual(Tool.OTHER),
                ToolMotion.SEEN,
                choices.turns().bothWays() ? asWritten() : choices.turns().work(),
                new DriveTrain(List.of(), true),
                choices.turns().bothWays(),
                List.of(),
                false,
                Optional.empty(),
                false);
    }

    private Direction asWritten() {
        StatedRotation written = column.rotation();
        if (!written.isStated()) {
            return Direction.CLOCKWISE;
        }
        return written.seenFrom() == End.SHAFT_END
                ? written.direction()
                : written.direction().opposite();
    }

    /** The voltages of such a motor's plate: two where its halves are joined otherwise for the higher one. */
    private List<Integer> ofThePattern() {
        DiagramPattern motor = choices.motor();
        return motor.low().equals(motor.high())
                ? List.of(choices.mains().supply().volts())
                : List.of(115, 230);
    }

    private List<Integer> volts() {
        return ofLid
                ? lid.columns().stream()
                        .map(c -> c.connection().volts())
                        .distinct()
                        .sorted()
                        .toList()
                : ofThePattern();
    }

    /**
     * Which way it turns as the diagram writes it: counter-clockwise facing the end opposite the shaft, where marks are North American
     * (NEMA MG 1 part 2, from memory), which is clockwise facing the shaft; of all others nothing is taken.
     */
    private StatedRotation turns() {
        boolean american = leads.marks().stream().anyMatch(m -> m.startsWith("T"));
        return american ? new StatedRotation(Direction.CLOCKWISE, End.SHAFT_END) : StatedRotation.NOT_STATED;
    }

    /** A capacitor that comes out on leads of its own, or beside two windings of equal rank, is one that stays in. */
    private MotorFamily family() {
        boolean staysIn = !ofLid && choices.motor().key().startsWith("psc")
                || leads.marks().stream().anyMatch(m -> m.startsWith("C"));
        return staysIn ? MotorFamily.PERMANENT_SPLIT_CAPACITOR : MotorFamily.CAPACITOR_START;
    }

    private Plate plate() {
        return stamped.plate().orElseGet(this::usual);
    }

    private Plate usual() {
        int hertz = choices.mains().region().hertz();
        return new Plate(
                WATTS,
                choices.mains().region() == Region.IEC ? "0.37 kW" : "1/2 hp",
                volts().stream().map(v -> new Plate.Rating(v, Optional.empty())).toList(),
                hertz,
                RPM.getOrDefault(hertz, 1725),
                new Plate.Extras(Optional.of(family()), Optional.empty(), Optional.empty(), Optional.empty(), ""));
    }

    /** All of it as the facts of a job. */
    public Facts facts(Optional<List<Wire>> wires) {
        return new Facts(
                choices.mains().region(),
                new BenchFacts(Optional.empty(), WindingRecord.NOTHING),
                new SupplyFacts(
                        Optional.of(choices.mains().supply().volts()),
                        choices.mains().supply().kind()),
                new GearFacts(Optional.of(choices.gear()), "", wires.map(WirePlan::new)),
                Kept.NOTHING
                        .with(Plate.PART, plate())
                        .with(Diagram.PART, new Diagram(leads, Map.of()).with(column))
                        .with(RotationPlan.PART, rotation()),
                new Lane(Map.of()));
    }

    /** What a job that is made of it takes along as usual. */
    public Taken intoAJob() {
        List<Taken.Thing> things = new ArrayList<>();
        if (!ofLid) {
            things.add(new Taken.Thing(
                    Taken.What.COLUMN,
                    List.of(
                            String.join(" ", leads.marks()),
                            "" + choices.mains().supply().volts())));
        }
        if (!choices.turns().bothWays()) {
            things.add(new Taken.Thing(Taken.What.SHAFT, List.of()));
        }
        return new Taken(things);
    }

    /** What was taken though nobody said it. */
    public List<Sentence> taken() {
        List<Sentence> taken = new ArrayList<>();
        if (stamped.plate().isEmpty()) {
            taken.add(Sentence.of("straight.size", plate().outputAsWritten(), family().words()));
        }
        if (!ofLid) {
            taken.add(Sentence.of(
                    "straight.column",
                    String.join(" ", leads.marks()),
                    choices.mains().supply().volts()));
        }
        if (ofLid && !lid.namesVolts()) {
            taken.add(Sentence.of("straight.volts", choices.mains().words()));
        }
        String swap = column.connection().swap().written();
        if (!column.rotation().isStated()) {
            taken.add(
                    swap.isEmpty() ? Sentence.of("straight.turns.bump") : Sentence.of("straight.turns.unknown", swap));
        } else if (!ofLid) {
            taken.add(
                    choices.turns() == Turns.COUNTER_CLOCKWISE
                            ? Sentence.of("straight.turns.interchanged", swap)
                            : Sentence.of("straight.turns"));
        }
        return taken;
    }
}
