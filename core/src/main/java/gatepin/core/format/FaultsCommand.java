package gatepin.core.format;

import com.fasterxml.jackson.core.JsonProcessingException;
import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.check.CheckRequest;
import gatepin.core.check.FaultFinder;
import gatepin.core.check.Read;
import gatepin.core.check.Symptom;
import gatepin.core.check.Taken;
import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Terminal;
import gatepin.core.format.ControlReader.Control;
import gatepin.core.machine.Copper;
import gatepin.core.trouble.Past;
import gatepin.core.trouble.Trouble;
import gatepin.core.trouble.Trouble.Machine;
import gatepin.core.winding.OhmsReader;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code gatepin faults FILE}: every single fault of a wiring; or what may be wrong by readings or by a complaint. */
@Command(
        name = "faults",
        mixinStandardHelpOptions = true,
        description = {
            "Lists every single fault of a wiring with whom it hurts.",
            "With readings, or with what it does, ranks what may be wrong instead."
        })
final class FaultsCommand implements Callable<Integer> {
    @Spec
    @SuppressWarnings("NullAway.Init") // picocli sets it
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "A wiring as JSON (docs/formats); - for standard input.")
    private String file = "";

    @Option(
            names = "--read",
            paramLabel = "FROM,TO,SETTING=OHMS",
            description =
                    "A reading with the plug pulled, such as supply.L1,motor.T5,forward=0.2 or …=OL; with the start switch held off"
                            + " supply.L1,motor.T5,forward,held=OL; of a capacitor in µF 'start capacitor=53'; several times.")
    private List<String> reads = new ArrayList<>();

    @Option(
            names = "--seen",
            paramLabel = "WORD",
            split = ",",
            description = "What it does, such as hums or no-click; several with commas.")
    private List<String> seen = new ArrayList<>();

    @Option(
            names = "--just-wired",
            description = "With --seen: somebody has just wired it, or changed its wires; else it used to run.")
    private boolean justWired;

    @Override
    public Integer call() throws JsonProcessingException {
        Reading<String> text = InputFile.text(file);
        Reading<WiringFile> wiring =
                text.value().map(WiringReader::read).orElseGet(() -> Reading.failed(text.problems()));
        if (wiring.value().isEmpty()) {
            return InputFile.refuse(file, wiring.problems(), spec.commandLine().getErr());
        }
        WiringFile read = wiring.value().orElseThrow();
        CheckRequest request = read.toCheck();
        ChecksWriter writer = new ChecksWriter(read.machine(), request);
        List<Problem> problems = new ArrayList<>();
        List<Taken> taken = new ArrayList<>();
        reads.forEach(r -> reading(r, read.circuit(), problems).ifPresent(taken::add));
        Set<Symptom> symptoms = symptoms(problems);
        if (!problems.isEmpty()) {
            return InputFile.refuse("--", problems, spec.commandLine().getErr());
        }
        // what is complained of is explained within what was read
        String out = !symptoms.isEmpty()
                ? writer.trouble(Trouble.of(
                        new Machine(
                                request,
                                ControlReader.in(text.value().orElseThrow()).map(Control::ladder),
                                justWired ? Past.JUST_WIRED : Past.USED_TO_RUN,
                                taken),
                        symptoms))
                : !taken.isEmpty() ? writer.suspects(FaultFinder.rank(request, taken)) : writer.faults();
        spec.commandLine().getOut().println(out);
        return 0;
    }

    private Set<Symptom> symptoms(List<Problem> problems) {
        Set<Symptom> symptoms = EnumSet.noneOf(Symptom.class);
        for (String word : seen) {
            Arrays.stream(Symptom.values())
                    .filter(s -> s.word().equals(word.strip()))
                    .findFirst()
                    .ifPresentOrElse(
                            symptoms::add,
                            () -> problems.add(new Problem(
                                    "--seen",
                                    word,
                                    "say one of "
                                            + String.join(
                                                    ", ",
                                                    Arrays.stream(Symptom.values())
                                                            .map(Symptom::word)
                                                            .toList()))));
        }
        return symptoms;
    }

    private static Optional<Taken> reading(String text, Circuit circuit, List<Problem> problems) {
        String[] sides = text.split("=", 2);
        String shown = sides.length > 1 ? sides[1] : "";
        Optional<String> capacitor = circuit.capacitors().stream()
                .map(Capacitor::name)
                .filter(n -> n.equalsIgnoreCase(sides[0].strip()))
                .findFirst();
        if (capacitor.isPresent()) {
            Reading<Double> microfarads = OhmsReader.microfarads("--read", shown);
            problems.addAll(microfarads.problems());
            return microfarads
                    .value()
                    .map(m -> new Taken(
                            new Read.OfCapacitor(capacitor.orElseThrow()),
                            m,
                            Taken.Kind.MICROFARADS,
                            0,
                            Copper.COLD_CELSIUS));
        }
        String[] places = sides[0].split(",");
        Reading<Double> ohms = OhmsReader.read("--read", shown);
        Optional<Terminal> from = terminal(places, 0, circuit);
        Optional<Terminal> to = terminal(places, 1, circuit);
        Optional<Setting> setting = circuit.settings().stream()
                .filter(s -> places.length > 2 && s.word().equalsIgnoreCase(places[2].strip()))
                .findFirst();
        boolean held = places.length == 4 && places[3].strip().equals("held");
        problems.addAll(ohms.problems());
        if (from.isEmpty() || to.isEmpty() || from.equals(to) || setting.isEmpty() || places.length > 3 && !held) {
            problems.add(new Problem(
                    "--read",
                    text,
                    "name two terminals of the wiring and a setting, such as supply.L1,motor.T5,forward=OL, or a"
                            + " capacitor of it"));
            return Optional.empty();
        }
        return ohms.value()
                .map(o ->
                        Taken.of(new Read.Ohms(from.orElseThrow(), to.orElseThrow(), setting.orElseThrow(), held), o));
    }

    private static Optional<Terminal> terminal(String[] places, int at, Circuit circuit) {
        return circuit.terminals().stream()
                .filter(t -> places.length > at && t.id().equals(places[at].strip()))
                .findFirst();
    }
}
