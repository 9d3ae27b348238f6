package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.web.RunningGatePin;
import gatepin.web.check.CheckDesk;
import java.util.ArrayList;
import java.util.List;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** The cold check and the live check over HTTP: by hand and with simulated instruments, right and wrong. */
class CheckGatesTest {
    private final Visit visit = new Visit();
    private final Gates gates = new Gates(visit);

    private String wired(String machine) {
        String job = gates.wireListOfASixLeadMotor(machine);
        gates.tickEveryWire();
        return job;
    }

    private static void hide(String job, String fault) {
        RunningGatePin.get().bean(CheckDesk.class).hide(Long.parseLong(job.replaceAll("\\D", "")), fault);
    }

    private String expected() {
        return visit.one(".expects strong").text();
    }

    /** Types what is expected of every reading until none is asked for any more. */
    private int readAsExpected() {
        int readings = 0;
        while (!visit.page().select(".pad-cold").isEmpty() && readings < 40) {
            String should = expected();
            if (should.equals("swings")) {
                visit.press("It swings and climbs");
            } else {
                visit.type("#ohms", should.replace(" Ω", "")).press("Write it down");
            }
            assertThat(visit.complaints()).isEmpty();
            readings++;
        }
        return readings;
    }

    private void probeUntilNothingIsAsked() {
        for (int i = 0; i < 40 && !visit.page().select(".pad-cold").isEmpty(); i++) {
            visit.press("Hold the simulated meter on");
        }
    }

    private void lookUntilNothingIsAsked(String job) {
        visit.go(job + "/live");
        for (int i = 0; i < 40 && !visit.page().select(".pad-cold").isEmpty(); i++) {
            visit.press("Look with the simulated instruments");
        }
    }

    private void makeReady() {
        for (String box : List.of("cover", "strapped", "belt", "clear", "watcher")) {
            visit.tick("input[name='" + box + "']");
        }
        visit.tick("input[name='standsAt'][value='SHAFT_END']").press("Ready for power");
    }

    @Test
    @DisplayName(
            "what is expected agrees and passes; every reading shows the points, the handle and the probes in the drawing")
    void agreesAndPasses() {
        String job = wired("Cold machine");
        assertThat(visit.all("svg.bench.wide-only .flag.probe.is-shown")).hasSize(2);
        assertThat(visit.one("svg.bench").attr("data-at")).isEqualTo("off");

        int readings = readAsExpected();

        assertThat(readings)
                .isBetween(8, 16)
                .isEqualTo(visit.all(".checks .agrees").size());
        assertThat(visit.text(".ticket")).contains("All readings agree");
        visit.press("Cold check passed");
        assertThat(visit.path()).contains("/live");
        assertThat(gates.post("Cold check")).isEqualTo("passed");
        visit.go(job + "/log");
        assertThat(visit.text()).contains("Read cold:", "Cold check: pin pulled.");

        // a wire that comes off and goes on again may land elsewhere: nothing read before counts
        visit.go(job + "/wire");
        gates.tick(visit.one(".step"), false);
        gates.tick(visit.one(".step"), true);
        visit.go(job + "/cold");
        assertThat(gates.post("Cold check")).contains("dropped");
        assertThat(visit.all(".checks .open")).hasSize(readings);
    }

    @Test
    @DisplayName("a reading with another unit, of another pair, or of nothing is asked about, and what was typed stays")
    void asksAboutWhatCannotBe() {
        wired("Doubtful machine");
        for (String impossible : List.of("-3", "230 V", "12 µF", "abc")) {
            visit.type("#ohms", impossible).press("Write it down");
            assertThat(visit.status()).as(impossible).isEqualTo(422);
            assertThat(visit.complaints()).as(impossible).isNotEmpty();
            assertThat(visit.value("#ohms")).isEqualTo(impossible);
        }
        assertThat(visit.all(".checks .open")).hasSameSizeAs(visit.all(".checks li"));
        Element ohms = visit.all(".checks li").stream()
                .filter(l -> l.select("span").get(2).text().matches("[1-9][.0-9]* Ω"))
                .findFirst()
                .orElseThrow();
        String right = ohms.select("span").get(2).text().replace(" Ω", "");
        String first = visit.one(".probe-name").text();
        // the first reading should be OL: that number belongs to another pair
        visit.type("#ohms", right).press("Write it down");
        assertThat(visit.complaints()).singleElement().asString().contains("Are the probes where they should be?");
        visit.press(ohms.selectFirst("a"));
        visit.type("#ohms", right + "k").press("Write it down");
        assertThat(visit.complaints()).singleElement().asString().contains("Is the unit right?");
        visit.tick("input[name='sure']").press("Write it down");
        assertThat(visit.all(".checks .disagrees")).hasSize(1);
        assertThat(first).isNotEmpty();
    }

    @Test
    @DisplayName("a planted mistake is found cold, mended, read again where it mattered, and passed")
    void foundMendedAndPassed() {
        String job = wired("Mistaken machine");
        hide(job, "swap-1from-5from");
        visit.go(job + "/cold");
        probeUntilNothingIsAsked();
        assertThat(visit.text(".suspects h1")).isEqualTo("This is wrong");
        assertThat(visit.all("svg.bench.wide-only .flag.danger.is-shown")).isNotEmpty();
        visit.press("Mended. Read again");
        int open = visit.all(".checks .open").size();
        assertThat(open).isPositive().isLessThan(visit.all(".checks li").size());
        probeUntilNothingIsAsked();
        assertThat(visit.text(".ticket")).contains("All readings agree");
        visit.press("Cold check passed");
        assertThat(gates.post("Cold check")).isEqualTo("passed");
    }

    @Test
    @DisplayName(
            "no power before the cold check; what only shows live is found live, and the ends to exchange go into the plan")
    void foundLive() {
        String job = wired("Humming machine");
        visit.go(job + "/live");
        makeReady();
        assertThat(visit.complaints()).contains("The cold check is not passed: no power yet.");
        hide(job, "coil-run 2-turned");
        visit.go(job + "/cold");
        probeUntilNothingIsAsked();
        assertThat(visit.text(".ticket")).as("no meter sees it").contains("All readings agree");
        visit.press("Cold check passed");
        makeReady();
        lookUntilNothingIsAsked(job);
        assertThat(visit.text(".ticket")).contains("Off, and find out why");
        assertThat(visit.text(".suspects")).contains("marked the wrong way round");
        assertThat(visit.page().select("form[action$='/live/pin'] button").text())
                .contains("override");

        hide(job, "");
        visit.go(job + "/cold");
        List<String> first = new ArrayList<>();
        visit.all(".suspects strong").forEach(s -> first.add(s.text()));
        assertThat(first).isEmpty();
    }

    @Test
    @DisplayName("the wrong way round: two ends are named, exchanged in the plan, ticked, read and seen anew")
    void wrongWay() {
        String job = wired("Backward machine");
        hide(job, "");
        visit.go(job + "/cold");
        probeUntilNothingIsAsked();
        visit.press("Cold check passed");
        makeReady();
        lookUntilNothingIsAsked(job);
        if (visit.page().select("form[action$='/live/exchange']").isEmpty()) {
            // the diagram is silent, and it happened to turn the way the work needs: now it does not
            hide(job, "coil-start 1-turned");
            for (String way : List.of("forward", "reverse")) {
                visit.go(job + "/live?step=" + way + "/turns").press("Look with the simulated instruments");
            }
        }
        assertThat(visit.text(".suspects h1")).isEqualTo("It turns the wrong way");
        assertThat(visit.text(".ticket")).contains("Once it ran, a capacitor in it may be charged");
        visit.press("Exchange them in the plan");

        assertThat(visit.path()).contains("/wire");
        assertThat(visit.all(".step.is-made")).hasSize(visit.all(".step").size() - 2);
        assertThat(gates.post("Cold check")).contains("dropped");
        visit.all(".step:not(.is-made)").forEach(s -> gates.tick(s, true));
        visit.go(job + "/wire");
        gates.pullPin();
        probeUntilNothingIsAsked();
        visit.press("Cold check passed");
        makeReady();
        lookUntilNothingIsAsked(job);
        assertThat(visit.text(".ticket")).contains("It runs as it should");
        visit.press("Live check passed");
        assertThat(visit.path()).contains("/handover");
    }

    @Test
    @DisplayName("by what it does, with a plan and without one, and without a plate it says what is needed first")
    void complaints() {
        String job = wired("Complaining machine");
        visit.go(job + "/trouble?seen=no-click&seen=hot");
        assertThat(visit.text(".suspects")).contains("The start switch does not open");
        String bare = gates.bringIn("Unplanned machine");
        visit.go(bare + "/trouble?seen=hums");
        assertThat(visit.text()).contains("The plate and the leads are needed first");
        visit.go(bare + "/plate");
        gates.typePlate("3/4", "115", "13.8", "230", "6.9", "1725").pullPin();
        gates.typeLeads("T1", "T2", "T3", "T4", "T5", "T8")
                .typeColumn("230", "TWO_HOT", "T1", "T4 T8", "T2 T3 T5", "T5 T8");
        visit.go(bare + "/trouble?seen=hums&seen=by-hand-only");
        assertThat(visit.text()).contains("Nobody has planned this wiring");
        assertThat(visit.all(".suspects li")).hasSizeGreaterThan(2);
    }

    @Test
    @DisplayName("a meter of one's own widens the bands, and bad figures are told by the field")
    void ownMeter() {
        wired("Metered machine");
        visit.type("#percent", "50").press("Keep it");
        assertThat(visit.complaints()).containsExactly("A meter's error is between 0 and 20 percent.");
        assertThat(visit.value("#percent")).isEqualTo("50");
        visit.type("#percent", "1").type("#together", "0.3").press("Keep it");
        assertThat(visit.value("#together")).isEqualTo("0.3");
        assertThat(visit.text(".checks")).contains("0.3 Ω");
        visit.type("#together", "0").press("Keep it");
    }
}
