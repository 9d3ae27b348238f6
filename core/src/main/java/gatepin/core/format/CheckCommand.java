package gatepin.core.format;

import com.fasterxml.jackson.core.JsonProcessingException;
import gatepin.core.Reading;
import gatepin.core.check.CheckRequest;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.State;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code gatepin check FILE}: analyses a wiring file, or writes it as a netlist; judges a whole job. */
@Command(
        name = "check",
        mixinStandardHelpOptions = true,
        description =
                "Analyses a wiring file in every setting: currents, direction, what is hot, what burns; or judges a whole job.")
final class CheckCommand implements Callable<Integer> {
    @Spec
    @SuppressWarnings("NullAway.Init") // picocli sets it
    private CommandSpec spec;

    @Parameters(
            paramLabel = "FILE",
            description = "A wiring as JSON, or a job as zip (docs/formats); - for a wiring from standard input.")
    private String file = "";

    @Option(
            names = "--netlist",
            paramLabel = "SETTING",
            description =
                    "Write it at standstill in a setting (forward, off, reverse, \"K1 in\") as a netlist for SPICE.")
    private Optional<String> netlist = Optional.empty();

    @Option(
            names = "--cold",
            description = "What to read with the plug pulled before it gets power, and what to expect.")
    private boolean cold;

    @Override
    public Integer call() throws JsonProcessingException {
        if (InputFile.isZip(file)) {
            return job();
        }
        Reading<WiringFile> read = InputFile.text(file)
                .value()
                .map(WiringReader::read)
                .orElseGet(() -> Reading.failed(InputFile.text(file).problems()));
        if (read.value().isEmpty()) {
            return InputFile.refuse(file, read.problems(), spec.commandLine().getErr());
        }
        WiringFile wiring = read.value().orElseThrow();
        if (cold) {
            CheckRequest request = wiring.toCheck();
            spec.commandLine().getOut().println(new ChecksWriter(wiring.machine(), request).cold());
            return 0;
        }
        spec.commandLine()
                .getOut()
                .println(netlist.map(name -> SpiceNetlist.standstill(
                                        wiring.circuit(), State.atRest(setting(wiring, name)), wiring.machine())
                                .text())
                        .orElseGet(() -> AnalysisWriter.analyse(wiring)));
        return 0;
    }

    /** A whole job, judged as its pages do. */
    private Integer job() {
        Reading<JobArchive> read = InputFile.job(file);
        if (read.value().isEmpty()) {
            return InputFile.refuse(file, read.problems(), spec.commandLine().getErr());
        }
        JobArchive job = read.value().orElseThrow();
        spec.commandLine()
                .getOut()
                .println(new JobSummary(job.machine(), job.facts()).json().toPrettyString());
        return 0;
    }

    private Setting setting(WiringFile wiring, String name) {
        return wiring.circuit().settings().stream()
                .filter(s -> s.word().equalsIgnoreCase(name))
                .findFirst()
                .orElseThrow(() -> new ParameterException(
                        spec.commandLine(),
                        "'" + name + "' is no setting here: "
                                + wiring.circuit().settings().stream()
                                        .map(Setting::word)
                                        .collect(Collectors.joining(", "))));
    }
}
