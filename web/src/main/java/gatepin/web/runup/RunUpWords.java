package gatepin.web.runup;

import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.lane.Workup.InCircuit;
import gatepin.core.machine.FittedMotor.Residual;
import gatepin.core.machine.RunUpTrace;
import gatepin.core.machine.RunUpTrace.Event;
import gatepin.core.machine.RunUpTrace.Happening;
import gatepin.core.supply.Breaker;
import gatepin.core.supply.Breaker.Ride;
import gatepin.web.lane.Finding;
import gatepin.web.runup.RunUpView.Asked;
import gatepin.web.runup.RunUpView.Then;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** A run-up in words: what it means for the person at the machine. */
public final class RunUpWords {
    private final InCircuit wired;
    private final Asked asked;
    private final boolean iec;
    private final RunUpTrace start;
    private final Optional<RunUpTrace> thrown;

    RunUpWords(InCircuit wired, Asked asked, boolean iec, RunUpTrace start, Optional<RunUpTrace> thrown) {
        this.wired = wired;
        this.asked = asked;
        this.iec = iec;
        this.start = start;
        this.thrown = thrown;
    }

    /** Two or three figures: as many as an estimate has. */
    public static String number(double value) {
        double size = Math.abs(value);
        return String.format(Locale.ROOT, size >= 20 ? "%.0f" : size >= 2 ? "%.1f" : "%.2f", value);
    }

    static String happening(Event event) {
        return switch (event.what()) {
            case THROWN -> event.position() == HandlePosition.OFF ? "handle to OFF" : "handle thrown over";
            case START_SWITCH_OPENED -> "start switch opens";
            case START_SWITCH_CLOSED -> "start switch closes";
            case STOPPED -> "stands still";
        };
    }

    /** The course of a run for those who listen. */
    static String course(RunUpTrace trace) {
        return trace.events().stream()
                        .map(e -> "After " + number(e.seconds()) + " seconds: " + happening(e) + " at "
                                + Math.round(Math.abs(e.rpm())) + " rpm. ")
                        .collect(Collectors.joining())
                + "At the end " + Math.round(Math.abs(trace.last().rpm())) + " rpm.";
    }

    static String currents(RunUpTrace trace) {
        return "The line draws " + number(trace.peakAmps()) + " amps at most and "
                + number(trace.last().lineAmps()) + " at the end.";
    }

    List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        if (Math.abs(start.last().rpm()) < 1) {
            findings.add(Finding.bad(
                    "It does not start under this load",
                    "It stands and draws about " + number(start.last().lineAmps())
                            + " A. Take load off, or look at what the engine found at the Switch gate."));
            return findings;
        }
        inrush(findings);
        start.first(Happening.START_SWITCH_OPENED)
                .ifPresentOrElse(
                        at -> findings.add(Finding.good(
                                "Listen for the click after about " + number(at) + " s",
                                "The start switch opens near three quarters of synchronous speed. No click: stop it.")),
                        () -> {
                            if (wired.circuit().motor().has(Kind.START_SWITCH)) {
                                findings.add(Finding.bad(
                                        "It never gets fast enough to open its start switch",
                                        "The start winding stays in and burns within a minute or so. Less load, or more"
                                                + " volts."));
                            }
                        });
        start.secondsToDamage()
                .ifPresent(s -> findings.add(Finding.bad(
                        "A winding is hurt after about " + number(s) + " s", "It passes 180 °C in this run.")));
        thrown.ifPresent(t -> findings.add(throwing(t)));
        return findings;
    }

    private void inrush(List<Finding> findings) {
        double running = start.last().lineAmps();
        double peak = start.peakAmps();
        double seconds = start.inrushSeconds();
        Breaker usual = iec ? Breaker.C : Breaker.INVERSE_TIME;
        int size = usual.smallestThatHolds(running, peak, seconds);
        String title = "Draws about " + number(peak) + " A for " + number(seconds) + " s";
        if (size == 0) {
            findings.add(Finding.warn(
                    title,
                    "No breaker of " + usual.words() + " up to "
                            + usual.sizes().get(usual.sizes().size() - 1) + " A rides through that."));
            return;
        }
        List<String> tooSmall = usual.sizes().stream()
                .filter(s -> s < size && s >= running && usual.ride(s, peak, seconds) != Ride.HOLDS)
                .map(s -> s + " A")
                .toList();
        String words = "A " + size + " A " + usual.words() + " breaker rides through it."
                + (tooSmall.isEmpty() ? "" : " " + String.join(" or ", tooSmall) + " may trip.");
        if (iec && Breaker.B.ride(size, peak, seconds) != Ride.HOLDS) {
            words += " Of type B even " + size + " A may trip.";
        }
        findings.add(Finding.good(title, words));
    }

    private Finding throwing(RunUpTrace t) {
        double before = start.last().rpm();
        double after = t.last().rpm();
        if (asked.then() == Then.STOP_THEN_REVERSE) {
            double off = t.events().stream()
                    .filter(e -> e.what() == Happening.THROWN && e.position() == HandlePosition.OFF)
                    .mapToDouble(Event::seconds)
                    .findFirst()
                    .orElse(0);
            double stopped = t.first(Happening.STOPPED).orElse(off);
            return before * after < 0
                    ? Finding.good(
                            "Stopped first, it turns the other way",
                            "It coasts for about " + number(stopped - off) + " s; wait for that before you reverse.")
                    : Finding.bad("Stopped first, it still does not reverse", "Look at the wiring of the switch.");
        }
        return before * after < 0
                ? Finding.warn(
                        "Thrown straight across it brakes and reverses",
                        "About " + number(peakAfterThrow(t))
                                + " A and a jolt for gears and couplings. Stop fully first.")
                : Finding.warn(
                        "Thrown straight across it goes on turning the old way",
                        "Its start winding is out of circuit at speed. Stop fully, until the click, then reverse.");
    }

    private static double peakAfterThrow(RunUpTrace t) {
        double when = t.events().stream()
                .filter(e -> e.what() == Happening.THROWN && e.position() == HandlePosition.REVERSE)
                .mapToDouble(Event::seconds)
                .findFirst()
                .orElse(0);
        return t.samples().stream()
                .filter(s -> s.seconds() > when)
                .mapToDouble(RunUpTrace.Sample::lineAmps)
                .max()
                .orElse(0);
    }

    /** How well the plate is explained. */
    String fit() {
        Residual worst = wired.fitted().worst();
        return wired.fitted().misfit() < 1.5
                ? String.format(
                        Locale.ROOT,
                        "The motor's inside is estimated from its plate%s; it fits (misfit %.1f, at most about 1.5).",
                        wired.fitted().given().isMeasured() ? " and from what was measured on its windings" : "",
                        wired.fitted().misfit())
                : String.format(
                        Locale.ROOT,
                        "The plate does not quite fit any usual motor (misfit %.1f): %s should be about %s, comes out as"
                                + " %s. Read it again.",
                        wired.fitted().misfit(),
                        worst.what(),
                        number(worst.wanted()),
                        number(worst.got()));
    }
}
