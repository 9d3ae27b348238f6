package gatepin.web.straight;

import gatepin.core.check.Band;
import gatepin.core.check.ColdCheck;
import gatepin.core.check.ColdPlan;
import gatepin.core.check.Read;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.diagram.DiagramPattern;
import gatepin.core.gear.SwitchKind;
import gatepin.core.lane.Checks;
import gatepin.core.lane.Memory;
import gatepin.core.lane.Workup;
import gatepin.core.lane.Workup.InCircuit;
import gatepin.core.plan.Plan;
import gatepin.core.plan.PlanResult;
import gatepin.core.plan.WorkingOrder;
import gatepin.core.straight.Choices;
import gatepin.core.straight.Mains;
import gatepin.core.straight.OnTheBench;
import gatepin.core.straight.Turns;
import gatepin.core.wire.Making;
import gatepin.web.check.CheckLines;
import gatepin.web.drawing.Drawing;
import gatepin.web.drawing.FacePicture;
import gatepin.web.drawing.PatternPicture;
import gatepin.web.drawing.WiringPicture;
import gatepin.web.lane.Finding;
import gatepin.web.lane.Finding.Level;
import gatepin.web.lane.Findings;
import gatepin.web.lane.Job;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.Turn;
import gatepin.web.lane.WiringWords;
import gatepin.web.plan.MakingWords;
import gatepin.web.plan.PlanStore.ChosenPlan;
import gatepin.web.plan.PlanWords;
import gatepin.web.wire.WireLine;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/** What lies on the bench, and how it is wired: the page that answers at once. */
public final class StraightPage {
    private final Address address;
    private final OnTheBench bench;
    private final Memory memory;
    private final JobFile asked;

    /** A choice among several: a picture, and the address that chooses it. */
    public record Tile(String name, String hint, String href, boolean chosen, List<Object> pictures) {}

    /** One of the four questions. */
    public record Question(String key, String title, String ask, String answer, boolean open, List<Tile> tiles) {}

    /** A reading, and what to expect of it. */
    public record ColdRead(String points, String how, String expected) {}

    /** A plan to choose from. */
    public record Offer(String letter, String name, String price, String href, boolean shown) {}

    StraightPage(Address address, Memory memory) {
        this.address = address;
        this.bench = new OnTheBench(address.choices(), address.at(Address.PLATE), address.at(Address.LID));
        this.memory = memory;
        this.asked = file(Optional.empty());
    }

    /** A job that nobody keeps: its number is below nothing, another one for other choices. */
    private JobFile file(Optional<Plan> plan) {
        Mains mains = address.choices().mains();
        Optional<List<Wire>> wires = plan.map(WorkingOrder::of);
        Job job = new Job(
                -1 - (address.asked().hashCode() & Integer.MAX_VALUE),
                0,
                "",
                "",
                "",
                mains.region(),
                0,
                Optional.of(mains.supply().volts()),
                mains.supply().kind(),
                Optional.empty(),
                "",
                Optional.empty(),
                0);
        Map<Class<?>, Object> rooms = plan.<Map<Class<?>, Object>>map(
                        p -> Map.of(ChosenPlan.class, new ChosenPlan(0, p.cost(), wires.orElseThrow())))
                .orElse(Map.of());
        return new JobFile(job, Workup.of(bench.facts(wires), memory), Map.of(), rooms);
    }

    /** What was chosen, before any plan of it is. */
    JobFile asked() {
        return asked;
    }

    OnTheBench bench() {
        return bench;
    }

    /** The four questions, the first that is not answered unfolded. */
    public List<Question> questions() {
        Choices now = address.choices();
        List<Question> questions = new ArrayList<>();
        questions.add(question(
                Address.MOTOR,
                "Motor",
                "Which leads come out of your motor?",
                bench.isOfLid()
                        ? "By your lid: " + String.join(" ", bench.leads().marks())
                        : now.motor().name(),
                DiagramPattern.ALL.stream()
                        .map(m -> new Tile(
                                m.name(),
                                "",
                                address.with(Address.MOTOR, m.key()),
                                !bench.isOfLid() && m.equals(now.motor()),
                                List.of(picture(now.with(m)))))
                        .toList()));
        questions.add(question(
                Address.MAINS,
                "Supply",
                "What comes to your machine?",
                now.mains().words(),
                Arrays.stream(Mains.values())
                        .map(m -> new Tile(
                                m.words(),
                                m.region().words(),
                                address.with(Address.MAINS, m.key()),
                                m == now.mains(),
                                List.of()))
                        .toList()));
        questions.add(question(
                Address.GEAR,
                "Switch",
                "Which switch? Its two pictures join what the chart in its cover joins, one way and the other.",
                now.gear().name(),
                Choices.GEAR.stream()
                        .map(k -> new Tile(
                                k.name(),
                                k.hint(),
                                address.with(Address.GEAR, k.key()),
                                k.equals(now.gear()),
                                faces(k)))
                        .toList()));
        questions.add(question(
                Address.TURNS,
                "Turns",
                "Which way must it turn?",
                now.turns().words(),
                Arrays.stream(Turns.values())
                        .map(t -> new Tile(
                                t.words(),
                                t.bothWays() ? "forward and reverse" : "seen facing the end of its shaft",
                                address.with(Address.TURNS, t.key()),
                                t == now.turns(),
                                List.of()))
                        .toList()));
        return questions;
    }

    private Question question(String key, String title, String ask, String answer, List<Tile> tiles) {
        // what was not taken is mended before anything more is asked
        boolean open = bench.questions().isEmpty() ? address.asks(key) : key.equals(Address.MOTOR);
        return new Question(key, title, ask, answer, open, tiles);
    }

    private static PatternPicture picture(Choices choices) {
        OnTheBench other = new OnTheBench(choices);
        return PatternPicture.of(
                other.column().connection(),
                other.leads(),
                choices.mains().supply().nameOf(Terminal.L2));
    }

    private static List<Object> faces(SwitchKind kind) {
        return kind.isOneWay()
                ? List.of(FacePicture.of(kind))
                : List.of(FacePicture.of(kind), FacePicture.of(kind, HandlePosition.REVERSE));
    }

    /** What was taken though nobody said it. */
    public List<String> taken() {
        return bench.taken().stream().map(asked::say).toList();
    }

    /** What keeps something that was typed from being taken. */
    public List<String> unsure() {
        return bench.questions().stream().map(asked::say).toList();
    }

    /** What of the plate speaks against the chosen supply. */
    public List<String> objections() {
        return bench.objections().stream().map(asked::say).toList();
    }

    /** In a line, whose motor is drawn. */
    public String whose() {
        return bench.isOfLid() ? "By your lid; nothing is measured yet." : "By the usual motor, not by yours.";
    }

    /** Something was typed of plate or lid. */
    public boolean isTyped() {
        return !(address.at(Address.PLATE) + address.at(Address.LID)).isEmpty();
    }

    /** The longest plate or lid that can be typed. */
    public int longest() {
        return Address.LONGEST;
    }

    /** What the address names that nobody here knows; blank where nothing. */
    public String unknown() {
        return String.join(", ", address.unknown());
    }

    /** The plan of a key; the best one where there is none of it. */
    static Plan plan(PlanResult result, String key) {
        return result.plans().stream()
                .filter(p -> p.key().equals(key))
                .findFirst()
                .orElse(result.plans().get(0));
    }

    /** The plans side by side. */
    List<Offer> offers(PlanResult result, Plan shown) {
        List<Offer> offers = new ArrayList<>();
        for (Plan plan : result.plans()) {
            offers.add(new Offer(
                    "" + (char) ('A' + offers.size()),
                    asked.say(plan.cost().name()),
                    PlanWords.price(plan, asked),
                    address.with(Address.PLAN, plan.key()),
                    plan.equals(shown)));
        }
        return offers;
    }

    Answered answered(Plan plan) {
        return new Answered(file(Optional.of(plan)), plan);
    }

    /** One plan, worked out as a job's would be. */
    public static final class Answered {
        private final JobFile file;
        private final Plan plan;
        private final Circuit circuit;
        private final InCircuit wired;
        private final Findings findings;

        Answered(JobFile file, Plan plan) {
            this.file = file;
            this.plan = plan;
            this.circuit = file.plannedCircuit().orElseThrow();
            this.wired = file.workup().inCircuit(circuit).orElseThrow();
            this.findings = Findings.of(wired.analysis(), gear().hasOff(), file.wording());
        }

        private SwitchKind gear() {
            return file.gear().orElseThrow();
        }

        private ChosenPlan chosen() {
            return file.kept(ChosenPlan.class).orElseThrow();
        }

        private List<Finding> all() {
            List<Finding> all = new ArrayList<>(PlanWords.handle(file, gear()));
            all.addAll(PlanWords.trade(plan, gear(), circuit.supply()));
            all.addAll(findings.findings());
            all.add(PlanWords.effort(plan, file.ground()));
            return all;
        }

        /** What to look at before it is wired so. */
        public List<Finding> cautions() {
            return all().stream().filter(f -> f.level() != Level.GOOD).toList();
        }

        /** What holds on paper for the usual motor: none of it is proved for this one, so none of it is green. */
        public List<String> onPaper() {
            return all().stream()
                    .filter(f -> f.level() == Level.GOOD)
                    .map(Finding::title)
                    .toList();
        }

        public List<Drawing> drawings() {
            return new WiringPicture(file.wiredLeads(), file.gear(), circuit, chosen().wires(), findings.flags())
                    .draw();
        }

        /** What is joined in each position, in words. */
        public List<WiringWords> words() {
            return WiringWords.of(circuit);
        }

        public List<Turn> turns() {
            return Turn.computed(wired);
        }

        private Making making() {
            return MakingWords.of(file, circuit, chosen().wires());
        }

        /** Every wire in working order. */
        public List<WireLine> lines() {
            return WireLine.all(file, chosen(), making());
        }

        /** What is spliced in the motor box. */
        public List<String> splices() {
            return making().splices().stream().map(MakingWords::joined).toList();
        }

        /**
         * What to read with the plug pulled, and what to expect. How many ohms a winding has nobody knows of a motor that was not
         * measured: it is only told from a wire and from nothing.
         */
        public List<ColdRead> cold() {
            Checks checks = file.workup().checks();
            if (checks.cold().isEmpty()) {
                return List.of();
            }
            ColdCheck check = checks.cold().orElseThrow();
            List<CheckLines.Cold> lines =
                    new CheckLines(file).of(checks.request().orElseThrow(), check);
            return IntStream.range(0, lines.size())
                    .mapToObj(i -> new ColdRead(
                            lines.get(i).points(),
                            lines.get(i).how(),
                            expected(check.lines().get(i).step())))
                    .toList();
        }

        private static String expected(ColdPlan.Step step) {
            Band band = step.expected();
            if (band.isOpen()) {
                return "OL";
            }
            if (step.read() instanceof Read.OfCapacitor) {
                return "swings and climbs";
            }
            return band.isOfAWire() ? "0 Ω, as a wire" : "some ohms: a winding";
        }
    }

    /** Why there is no plan. */
    Finding none(PlanResult result, Supplier<String> wouldDo) {
        return PlanWords.none(asked, result, asked.gear().orElseThrow(), wouldDo);
    }
}
