package gatepin.core.format;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.State;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.MalformedInputException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/** {@code gatepin check FILE}: analyses a wiring file, or writes it as a netlist, without database or pages. */
public final class CheckCommand {
    private static final int MOST_SHOWN = 20;

    private CheckCommand() {}

    public static void main(String[] arguments) {
        System.exit(run(arguments, System.out, System.err));
    }

    /** Gives the exit status: 0 done, 1 the file is wrong, 2 the call is wrong. */
    static int run(String[] arguments, PrintStream out, PrintStream err) {
        Optional<HandlePosition> netlist = Optional.empty();
        String name = "";
        for (int i = 0; i < arguments.length; i++) {
            if (arguments[i].equals("--netlist") && i + 1 < arguments.length) {
                netlist = position(arguments[++i]);
                if (netlist.isEmpty()) {
                    err.println("gatepin check: '" + arguments[i] + "' is no position: forward, off or reverse");
                    return 2;
                }
            } else if (name.isEmpty() && !arguments[i].startsWith("--")) {
                name = arguments[i];
            } else {
                name = "";
                break;
            }
        }
        if (name.isEmpty()) {
            err.println("usage: gatepin check [--netlist forward|off|reverse] FILE");
            return 2;
        }
        return check(name, netlist, out, err);
    }

    private static Optional<HandlePosition> position(String word) {
        for (HandlePosition position : HandlePosition.values()) {
            if (position.word().equals(word)) {
                return Optional.of(position);
            }
        }
        return Optional.empty();
    }

    private static int check(String name, Optional<HandlePosition> netlist, PrintStream out, PrintStream err) {
        String text;
        try {
            Path path = Path.of(name);
            if (Files.size(path) > WiringReader.MOST_BYTES) {
                err.println(name + ": has " + Files.size(path) + " bytes; at most " + WiringReader.MOST_BYTES
                        + " are read");
                return 1;
            }
            text = Files.readString(path);
        } catch (MalformedInputException e) {
            err.println(name + ": is not text in UTF-8");
            return 1;
        } catch (IOException | java.nio.file.InvalidPathException e) {
            err.println(name + ": cannot be read (" + e.getClass().getSimpleName() + ")");
            return 1;
        }
        Reading<WiringFile> read = WiringReader.read(text);
        if (read.value().isEmpty()) {
            read.problems().stream()
                    .limit(MOST_SHOWN)
                    .forEach(p -> err.println(name + ": " + place(p) + ": " + p.message()));
            if (read.problems().size() > MOST_SHOWN) {
                err.println(name + ": and " + (read.problems().size() - MOST_SHOWN) + " more");
            }
            return 1;
        }
        WiringFile file = read.value().orElseThrow();
        out.println(netlist.map(p -> SpiceNetlist.standstill(file.circuit(), State.atRest(p), file.machine())
                        .text())
                .orElseGet(() -> AnalysisWriter.analyse(file)));
        return 0;
    }

    private static String place(Problem problem) {
        return problem.field().isEmpty() ? "/" : problem.field();
    }
}
