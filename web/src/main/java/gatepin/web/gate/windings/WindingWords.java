package gatepin.web.gate.windings;

import gatepin.core.winding.Arrangement;
import gatepin.core.winding.Found;
import gatepin.core.winding.MeterReading;
import gatepin.core.winding.MeterReading.StartSwitch;
import gatepin.core.winding.Part;
import gatepin.core.winding.WindingFinder;
import gatepin.core.winding.WindingRecord;
import gatepin.core.words.Wording;
import gatepin.web.gate.windings.WindingStore.Taken;
import gatepin.web.lane.Finding;
import gatepin.web.lane.Findings;
import gatepin.web.lane.JobFile;
import gatepin.web.runup.RunUpWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** What the winding finder says, in words. */
final class WindingWords {
    private WindingWords() {}

    /** A reading as one line of the record. */
    record Line(String points, String shown, String also) {}

    /** A named part: its leads, what it is, and what shows it. */
    record Named(String leads, String words, String look, String why) {}

    static String plain(double number) {
        return String.format(Locale.ROOT, number == Math.rint(number) ? "%.0f" : "%.2f", number);
    }

    static Line line(Taken taken) {
        MeterReading reading = taken.reading();
        List<String> also = new ArrayList<>();
        if (!reading.isOpen() && reading.zeroOhms() > 0) {
            also.add("zero " + plain(reading.zeroOhms()) + " Ω");
        }
        if (reading.celsius() != 20) {
            also.add(plain(reading.celsius()) + " °C");
        }
        if (reading.startSwitch() == StartSwitch.HELD_OPEN) {
            also.add("start switch held open");
        }
        if (taken.simulated()) {
            also.add("simulated");
        }
        return new Line(
                reading.a() + " – " + reading.b(), WindingFinder.ohms(reading.shownOhms()), String.join(", ", also));
    }

    static Named part(Part part, WindingRecord record) {
        String look = switch (part.role()) {
            case RUN, RUN_HALF -> "run";
            case START, START_HALF -> "start";
            default -> "other";
        };
        String ohms = record.readings().stream()
                .filter(r -> part.leads().size() == 2
                        && r.isBetween(part.leads().get(0), part.leads().get(1))
                        && !r.isOpen())
                .reduce((one, two) -> two)
                .map(r -> WindingFinder.ohms(r.ohms()) + ": ")
                .orElse("");
        return new Named(
                String.join(" – ", part.leads()),
                part.role().words(),
                look,
                ohms + part.role().sign());
    }

    /** Leads on which two windings meet. */
    private static String common(Arrangement arrangement) {
        List<Part> windings = arrangement.inOrder().stream()
                .filter(p -> p.leads().size() == 2)
                .toList();
        List<String> common = windings.stream()
                .flatMap(p -> p.leads().stream())
                .distinct()
                .filter(l ->
                        windings.stream().filter(p -> p.leads().contains(l)).count() > 1)
                .toList();
        return common.isEmpty() ? "" : " The common lead is " + String.join(", ", common) + ".";
    }

    /** The arrangements that still fit, where there are several. */
    static List<String> open(Found found) {
        if (found.state() != Found.State.OPEN) {
            return List.of();
        }
        return found.fits().stream().limit(6).map(WindingWords::words).toList();
    }

    private static String words(Arrangement arrangement) {
        return arrangement.kind().words() + ": "
                + arrangement.inOrder().stream()
                        .filter(p -> p.leads().size() > 1)
                        .map(p -> String.join("–", p.leads()) + " " + p.role().words())
                        .collect(Collectors.joining(", "));
    }

    /** Plate and readings that cannot belong to one motor. */
    static Optional<Finding> misfit(JobFile file) {
        return file.workup()
                .misfit()
                .map(r -> Finding.warn(
                        "Plate and readings do not go together",
                        r.worst()
                                        .map(w -> String.format(
                                                Locale.ROOT,
                                                "With these ohms a motor of this plate would have %s of about %s, not %s.",
                                                w.what(),
                                                RunUpWords.number(w.got()),
                                                RunUpWords.number(w.wanted())))
                                        .orElse("No motor of this plate can have these ohms.")
                                + " Measure again, look at the plate again; or the motor has been rewound."));
    }

    static List<Finding> findings(WindingRecord record, Found found, Wording wording) {
        List<Finding> findings = new ArrayList<>();
        found.remarks().forEach(r -> findings.add(Findings.of(r.severity(), r.title(), r.words(), wording)));
        found.settled()
                .ifPresent(a -> findings.add(Finding.good(
                        "Settled: " + a.kind().words(),
                        "No other arrangement known here fits these readings within 1 % and 0.1 Ω." + common(a))));
        if (record.marksTrusted()) {
            findings.add(Finding.warn(
                    "The marks are relied on",
                    "Nobody measured. One probe to the frame costs ten seconds and may save a life."));
        }
        if (found.state() == Found.State.OPEN) {
            findings.add(
                    Finding.warn(
                            "No reading of this meter tells the rest apart",
                            "Look at the wire: the run winding is thick, the start winding thin. Hold the start switch open and"
                                    + " read again: the pair that changes is the start winding. The plate tells one voltage from two."));
        }
        return findings;
    }
}
