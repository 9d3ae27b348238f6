package gatepin.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.diagram.Connection;
import gatepin.core.diagram.ConnectionReader;
import gatepin.core.diagram.DiagramPattern;
import gatepin.core.diagram.DiagramPrinter;
import gatepin.core.diagram.DiagramText;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Leads;
import gatepin.core.plate.PlatePiece.Kind;
import gatepin.core.plate.PlatePrinter;
import gatepin.core.plate.PlateText;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** How often plates and diagrams are read right, over all texts there are; {@code ./gatepin reading} writes it down. */
class ReadingFiguresTest {
    private static final List<Kind> FIGURES = List.of(Kind.OUTPUT, Kind.VOLTS, Kind.AMPS, Kind.FREQUENCY, Kind.SPEED);
    private static final List<Integer> DUAL = List.of(115, 230);
    private static final int PRINTED = Integer.getInteger("gatepin.plates", 600);
    private static final int SEEDS = Integer.getInteger("gatepin.diagrams", 28);

    /** What came of reading. */
    private static final class Count {
        private int texts;
        private int right;
        private int asked;
        private final List<String> wrong = new ArrayList<>();
        private long slowest;

        double share() {
            return right / (double) (right + asked + wrong.size());
        }

        String row(String what) {
            return String.format(
                    Locale.ROOT,
                    "| %s | %d | %d of %d (%.1f %%) | %d | %d |%n",
                    what,
                    texts,
                    right,
                    right + asked + wrong.size(),
                    Math.floor(1000 * share()) / 10,
                    asked,
                    wrong.size());
        }
    }

    private static Stream<String> lines(String file) {
        try (InputStream in = ReadingFiguresTest.class.getResourceAsStream("/gatepin/core/" + file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines().filter(l -> !l.startsWith("#") && !l.isBlank()).toList().stream();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static Count platesByHand() {
        Count count = new Count();
        Stream.of("plate/plates.txt", "plate/plates-2.txt", "plate/plates-3.txt", "plate/plates-4.txt")
                .flatMap(ReadingFiguresTest::lines)
                .forEach(line -> {
                    String[] sides =
                            line.replaceFirst("^\\? ", "").replace("\\n", "\n").split("=>");
                    String[] wanted = sides[1].split("\\|", -1);
                    PlateText read = PlateText.read(sides[0].strip());
                    count.texts++;
                    for (int i = 0; i < FIGURES.size(); i++) {
                        String want = wanted[i].strip().replace("1 1/2", "1-1/2");
                        figure(count, want, read.value(FIGURES.get(i)).orElse(""), line);
                    }
                });
        return count;
    }

    private static void figure(Count count, String want, String got, String about) {
        if (want.equals(got)) {
            count.right += want.isEmpty() ? 0 : 1;
        } else if (got.isEmpty()) {
            count.asked++;
        } else {
            count.wrong.add(about + ": " + got);
        }
    }

    private static Count platesPrinted() {
        Count count = new Count();
        for (long seed = 0; seed < PRINTED; seed++) {
            PlatePrinter.Printed plate = PlatePrinter.print(seed);
            PlateText read = PlateText.read(plate.text());
            count.texts++;
            List<String> wanted = List.of(plate.output(), plate.volts(), plate.amps(), plate.hertz(), plate.rpm());
            for (int i = 0; i < FIGURES.size(); i++) {
                figure(count, wanted.get(i), read.value(FIGURES.get(i)).orElse(""), plate.text());
            }
        }
        return count;
    }

    private static Count diagramsByHand() {
        Count count = new Count();
        Stream.of("diagram/diagrams.txt", "diagram/diagrams-2.txt", "diagram/diagrams-3.txt")
                .flatMap(ReadingFiguresTest::lines)
                .forEach(line -> {
                    String[] sides = line.replaceFirst("^\\? ", "").split(" => ");
                    DiagramText read = DiagramText.read(sides[0].strip().replace("\\n", "\n"), List.of());
                    String got = read.columns().stream()
                            .map(ReadingFiguresTest::words)
                            .collect(Collectors.joining(" ## "));
                    count.texts++;
                    judge(count, got.equals(sides[1].replaceAll("\\s+", " ").strip()), read, line);
                });
        return count;
    }

    private static String words(DiagramText.Column column) {
        return String.join(
                        " | ",
                        column.heading().isBlank() ? "-" : column.heading(),
                        String.join(" ", column.line1()),
                        String.join(" ", column.line2()),
                        column.joined().stream().map(g -> String.join(" ", g)).collect(Collectors.joining("/")),
                        column.swap().map(s -> s.first() + " " + s.second()).orElse(""))
                .replaceAll("\\s+", " ")
                .strip();
    }

    private static void judge(Count count, boolean same, DiagramText read, String about) {
        if (same) {
            count.right++;
        } else if (read.questions().isEmpty() && read.doubts().isEmpty()) {
            count.wrong.add(about);
        } else {
            count.asked++;
        }
    }

    private static Count diagramsPrinted() {
        Count count = new Count();
        for (DiagramPattern pattern : DiagramPattern.ALL) {
            Leads leads = Leads.read(pattern.leads()).value().orElseThrow();
            List<String> marks = leads.all().stream().map(Lead::mark).toList();
            for (int volts : DUAL) {
                Connection connection = ConnectionReader.read(pattern.column(volts, DUAL), leads)
                        .value()
                        .orElseThrow();
                for (long seed = 0; seed < SEEDS; seed++) {
                    DiagramPrinter.Printed printed = DiagramPrinter.print(connection, seed);
                    DiagramText read = DiagramText.read(printed.text(), marks);
                    count.texts++;
                    judge(
                            count,
                            read.columns().size() == 1
                                    && isRead(connection, read.columns().get(0)),
                            read,
                            printed.text());
                }
            }
        }
        return count;
    }

    private static boolean isRead(Connection connection, DiagramText.Column column) {
        return connection.line1().equals(column.line1())
                && connection.line2().equals(column.line2())
                && Set.copyOf(connection.joined()).equals(Set.copyOf(column.joined()));
    }

    /** Texts without end and without sense: none may throw, and the slowest is told. */
    private static long slowest(boolean plate) {
        String[] words = plate
                ? new String[] {
                    "HP", "V", "A", "115/230", "3/4", "HZ", "60", "-", ":", "RPM", "1725", "CODE", "K", "\n", ".", "µF"
                }
                : new String[] {
                    "T1", "T2", "L1", "L2", "TO", ",", "-", "&", "JOIN", ";", ":", "LINE", "INS", "BLK", "/", "SWAP",
                    "\n"
                };
        long slowest = 0;
        for (int round = 0; round < 2; round++) {
            slowest = 0;
            for (long seed = 0; seed < 300; seed++) {
                Random random = new Random(seed);
                StringBuilder text = new StringBuilder();
                while (text.length() < (plate ? 600 : 3000)) {
                    text.append(words[random.nextInt(words.length)]).append(random.nextBoolean() ? " " : "");
                }
                long start = System.nanoTime();
                if (plate) {
                    PlateText.read(text.substring(0, 600)).fields();
                } else {
                    DiagramText.read(text.substring(0, 3000), List.of()).columns();
                }
                slowest = Math.max(slowest, System.nanoTime() - start);
            }
        }
        return slowest / 1_000_000;
    }

    @Test
    @DisplayName(
            "at least 97 % of what was written by hand and 99 % of what was printed is read right, and nothing silently wrong")
    void figures() throws IOException {
        Count plates = platesByHand();
        Count printedPlates = platesPrinted();
        Count diagrams = diagramsByHand();
        Count printedDiagrams = diagramsPrinted();
        String report = System.getProperty("gatepin.report", "");
        if (!report.isEmpty()) {
            String rows = plates.row("plates, written by hand (figures)")
                    + printedPlates.row(
                            "plates, printed in " + PlatePrinter.Style.values().length + " styles (figures)")
                    + diagrams.row("diagrams, written by hand (whole diagrams)")
                    + printedDiagrams.row("diagrams, printed in " + DiagramPrinter.Style.values().length
                            + " styles (whole diagrams)");
            Files.writeString(
                    Path.of(report),
                    "| | texts | right | asked | silently wrong |\n|---|---|---|---|---|\n" + rows
                            + "\nThe slowest of 300 senseless texts of full length each, second time over: plates "
                            + slowest(true) + " ms, diagrams " + slowest(false) + " ms.\n");
        }
        for (Count count : List.of(plates, printedPlates, diagrams, printedDiagrams)) {
            assertThat(count.wrong).as("silently wrong").isEmpty();
        }
        assertThat(plates.texts).isGreaterThanOrEqualTo(150);
        assertThat(diagrams.texts).isGreaterThanOrEqualTo(120);
        assertThat(plates.share()).as("plates by hand").isGreaterThanOrEqualTo(0.97);
        assertThat(diagrams.share()).as("diagrams by hand").isGreaterThanOrEqualTo(0.97);
        assertThat(printedPlates.share()).as("plates printed").isGreaterThanOrEqualTo(0.99);
        assertThat(printedDiagrams.share()).as("diagrams printed").isGreaterThanOrEqualTo(0.99);
    }
}
