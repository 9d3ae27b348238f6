package gatepin.web.browser;

import gatepin.web.pages.Gates;
import gatepin.web.pages.Visit;
import java.util.List;
import java.util.stream.IntStream;

/** The acts of a person at the screens, gate by gate: page objects for the tests. */
final class Shop {
    private final Browser browser;

    Shop(Browser browser) {
        this.browser = browser;
    }

    /** Opens a job for a machine and stands at its Safe gate; gives the job's address. */
    String open(String machine) {
        browser.go("/jobs/new").type("#machine", machine).press("Open the job");
        browser.one("#note");
        return browser.path().replace("/safe", "");
    }

    /** Opens a job for a loose motor and passes the gates up to its plate; gives the job's address. */
    String bringIn(String machine) {
        String job = open(machine);
        browser.tick("input[name='disconnect'][value='LOOSE']")
                .tick("input[name='noCapacitor']")
                .press("Save the lock-out");
        pullPin();
        browser.tick("input[name='nothingConnected']").press("Save the wires");
        pullPin();
        browser.one("#output");
        return job;
    }

    Shop typePlate(String output, String volts, String amps, String highVolts, String highAmps, String rpm) {
        browser.type("#output", output)
                .type("#lowVolts", volts)
                .type("#lowAmps", amps)
                .type("#highVolts", highVolts)
                .type("#highAmps", highAmps)
                .type("#hertz", "60")
                .type("#rpm", rpm)
                .press("Save the plate");
        return this;
    }

    Shop typeLeads(String... marks) {
        IntStream.range(0, marks.length).forEach(i -> {
            String row = "[name='leads[" + i + "].mark']";
            if (!browser.one(row).isDisplayed()) {
                browser.press("One more lead");
            }
            browser.type(row, marks[i]);
        });
        return this;
    }

    Shop typeColumn(String volts, String kind, String line1, String line2, String joined, String swap) {
        browser.type("#volts", volts)
                .choose("#supplyKind", kind)
                .type("#line1", line1)
                .type("#line2", line2)
                .type("#joined", joined)
                .type("#swap", swap)
                .press("Save the diagram");
        return this;
    }

    Shop pullPin() {
        browser.press("Pull the pin");
        return this;
    }

    /** At the Windings gate, right after the Diagram gate: relies on the marks; pulls its pin. */
    Shop relyOnTheMarks() {
        browser.press("rely on them");
        return pullPin();
    }

    /** At the Supply gate, right after the Windings gate: so far from the panel, the voltage as chosen; pulls its pin. */
    Shop passSupply(String distance) {
        browser.type("#distance", distance).press("Save the supply");
        return pullPin();
    }

    /** At the Rotation gate, right after the Supply gate: a drill on a belt, both ways; pulls its pin. */
    Shop passRotation() {
        browser.press("drill press");
        browser.untilText(".notice[role='status']", "Drawn as it stands here");
        browser.press("+ belt");
        browser.untilText(".train", "belt");
        browser.type("#work", "forward").type("#back", "reverse").press("Save the rotation");
        return pullPin();
    }

    Shop chooseSwitch(String name) {
        browser.one("input[name='device']");
        var label = browser.all("label.plan-choice").stream()
                .filter(l -> l.getText().contains(name))
                .findFirst()
                .orElseThrow();
        browser.script("arguments[0].scrollIntoView({block: 'center'})", label);
        label.click();
        browser.press("Use this switch");
        return this;
    }

    /** At the Switch gate: takes the plan that joins the leads as the plate shows; pulls its pin. */
    Shop takePlanOfThePlate() {
        lookAtThePlanOfThePlate();
        browser.press("Use plan");
        return this;
    }

    /** At the Switch gate: puts the plan on the screen that joins the leads as the plate shows. */
    Shop lookAtThePlanOfThePlate() {
        var choice = browser.all("a.plan-choice").stream()
                .filter(c -> c.getText().contains("as the plate shows"))
                .findFirst()
                .orElseThrow();
        browser.script("arguments[0].scrollIntoView({block: 'center'})", choice);
        choice.click();
        browser.untilText("a.plan-choice[aria-current='true']", "as the plate shows");
        return this;
    }

    /** The address of a demo machine's job. */
    String demo(String machine) {
        return new Gates(new Visit(browser.address())).demo(machine);
    }

    /** A job of a six-lead motor on 230 V, up to its wire list, where the browser then stands; gives the job's address. */
    String wireListOfASixLeadMotor(String machine) {
        String job = new Gates(new Visit(browser.address())).wireListOfASixLeadMotor(machine);
        browser.go(job + "/wire").one(".big-wire");
        return job;
    }

    /** The address of the demo's stud board. */
    String boardOfThePottersWheel() {
        return demo("Potter's wheel") + "/board";
    }

    /** How many flags stand in the drawing now. */
    long flags() {
        return browser.all("svg.bench .flag").stream()
                .filter(f -> !"none".equals(f.getCssValue("display")) && f.isDisplayed())
                .count();
    }

    /** The field messages on the screen. */
    List<String> complaints() {
        return browser.all(".wrong").stream().map(e -> e.getText()).toList();
    }

    /** The looks of the posts in the fence, by gate. */
    String post(String gate) {
        return browser.all(".post").stream()
                .filter(p -> p.getText().startsWith(gate))
                .findFirst()
                .orElseThrow()
                .getText()
                .replace(gate, "")
                .strip();
    }
}
