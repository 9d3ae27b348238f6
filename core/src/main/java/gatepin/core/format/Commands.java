package gatepin.core.format;

import java.io.PrintWriter;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** The command line: what the core answers without database or pages. */
@Command(
        name = "gatepin",
        mixinStandardHelpOptions = true,
        version = "Gate Pin 0.1.0",
        description = "What the engine says of files and texts, as JSON.",
        exitCodeListHeading = "%nExit codes:%n",
        exitCodeList = {
            "0:done",
            "1:what was given is wrong; each line says where and what to mend",
            "2:the call is wrong"
        },
        subcommands = {
            CheckCommand.class,
            FaultsCommand.class,
            PlanCommand.class,
            ProveCommand.class,
            ReadCommand.class,
            WindingsCommand.class
        })
public final class Commands implements Runnable {
    /** What was given is wrong. */
    static final int WRONG = 1;

    @Spec
    @SuppressWarnings("NullAway.Init") // picocli sets it
    private CommandSpec spec;

    public static void main(String[] arguments) {
        System.exit(line(new PrintWriter(System.out, true), new PrintWriter(System.err, true))
                .execute(arguments));
    }

    /** The command line, writing to these. */
    static CommandLine line(PrintWriter out, PrintWriter err) {
        return new CommandLine(new Commands())
                .setOut(out)
                .setErr(err)
                .setExpandAtFiles(false)
                .setCaseInsensitiveEnumValuesAllowed(true)
                .setExecutionExceptionHandler((e, line, parsed) -> {
                    line.getErr().println("gatepin: this could not be worked out (" + e.getMessage() + ")");
                    return WRONG;
                });
    }

    @Override
    public void run() {
        throw new ParameterException(
                spec.commandLine(), "say what to do: check, faults, plan, prove, read or windings");
    }
}
