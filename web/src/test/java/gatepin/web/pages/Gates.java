package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import org.jsoup.nodes.Element;

/** The acts of a person at the pages, gate by gate: page objects for the tests. */
public final class Gates {
    private final Visit visit;

    public Gates(Visit visit) {
        this.visit = visit;
    }

    /** Opens a job for a machine and stands at its Safe gate; gives the job's address. */
    public String open(String machine) {
        visit.go("/jobs/new").type("#machine", machine).press("Open the job");
        visit.one("#note");
        return visit.path().replace("/safe", "");
    }

    /** Opens a job for a loose motor and passes the gates up to its plate; gives the job's address. */
    public String bringIn(String machine) {
        String job = open(machine);
        passUpToThePlate();
        return job;
    }

    /** Straight to the wires: takes a picture of the question that lies unfolded. */
    Gates tapTile(String name) {
        visit.press(visit.all("details[open] .tile").stream()
                .filter(t -> t.selectFirst("strong").text().startsWith(name))
                .findFirst()
                .orElseThrow());
        return this;
    }

    /** The same in a shop that nobody else works in. */
    String bringIntoAShopOfItsOwn(String machine) {
        visit.go("/shops/new")
                .type("#name", "Shop of " + machine)
                .press("Open the shop")
                .type("#machine", machine)
                .press("Open the job");
        String job = visit.path().replace("/safe", "");
        passUpToThePlate();
        return job;
    }

    void passUpToThePlateOf(String job) {
        visit.go(job + "/safe");
        passUpToThePlate();
    }

    void passUpToThePlate() {
        visit.tick("input[name='disconnect'][value='LOOSE']")
                .tick("input[name='noCapacitor']")
                .press("Save the lock-out");
        pullPin();
        visit.tick("input[name='nothingConnected']").press("Save the wires");
        pullPin();
        visit.one("#output");
    }

    public Gates typePlate(String output, String volts, String amps, String highVolts, String highAmps, String rpm) {
        visit.type("#output", output)
                .type("#lowVolts", volts)
                .type("#lowAmps", amps)
                .type("#highVolts", highVolts)
                .type("#highAmps", highAmps)
                .type("#hertz", "60")
                .type("#rpm", rpm)
                .press("Save the plate");
        return this;
    }

    public Gates typeLeads(String... marks) {
        IntStream.range(0, marks.length).forEach(i -> visit.type("[name='leads[" + i + "].mark']", marks[i]));
        return this;
    }

    public Gates typeColumn(String volts, String kind, String line1, String line2, String joined, String swap) {
        visit.type("#volts", volts)
                .choose("#supplyKind", kind)
                .type("#line1", line1)
                .type("#line2", line2)
                .type("#joined", joined)
                .type("#swap", swap)
                .press("Save the diagram");
        return this;
    }

    public Gates pullPin() {
        visit.press("Pull the pin");
        return this;
    }

    /** At the Windings gate, right after the Diagram gate: relies on the marks; pulls its pin. */
    public Gates relyOnTheMarks() {
        visit.press("rely on them");
        return pullPin();
    }

    /** At the Supply gate, right after the Windings gate: so far from the panel, the voltage as chosen; pulls its pin. */
    public Gates passSupply(String distance) {
        visit.type("#distance", distance).press("Save the supply");
        return pullPin();
    }

    /** At the Rotation gate, right after the Supply gate: a drill on a belt, both ways; pulls its pin. */
    public Gates passRotation() {
        visit.press("drill press")
                .press("+ belt")
                .type("#work", "forward")
                .type("#back", "reverse")
                .press("Save the rotation");
        return pullPin();
    }

    public Gates chooseSwitch(String name) {
        visit.one("input[name='device']");
        var label = visit.all("label.plan-choice").stream()
                .filter(l -> l.text().contains(name))
                .findFirst()
                .orElseThrow();
        visit.all("input[name='device']").forEach(d -> d.removeAttr("checked"));
        label.selectFirst("input").attr("checked", "checked");
        visit.press("Use this switch");
        return this;
    }

    /** At the Switch gate: takes the plan that joins the leads as the plate shows; pulls its pin. */
    public Gates takePlanOfThePlate() {
        lookAtThePlanOfThePlate();
        visit.press("Use plan");
        return this;
    }

    /** At the Switch gate: puts the plan on the screen that joins the leads as the plate shows. */
    public Gates lookAtThePlanOfThePlate() {
        var choice = visit.all("a.plan-choice").stream()
                .filter(c -> c.text().contains("as the plate shows"))
                .findFirst()
                .orElseThrow();
        visit.press(choice);
        return this;
    }

    /** The address of a demo machine's job. */
    public String demo(String machine) {
        visit.press(visit.go("/").all(".stall, a.row").stream()
                .filter(e -> e.text().contains(machine))
                .findFirst()
                .orElseThrow());
        return visit.path().replaceAll("(/jobs/\\d+).*", "$1");
    }

    /** A job of a six-lead motor on 230 V, up to its wire list; gives the job's address. */
    public String wireListOfASixLeadMotor(String machine) {
        String job = bringIn(machine);
        sixLeadsToTheWireList();
        return job;
    }

    /** At the Plate gate: a six-lead motor on 230 V, on to its wire list. */
    void sixLeadsToTheWireList() {
        typePlate("3/4", "115", "13.8", "230", "6.9", "1725").pullPin();
        typeLeads("T1", "T2", "T3", "T4", "T5", "T8")
                .typeColumn("230", "TWO_HOT", "T1", "T4 T8", "T2 T3 T5", "T5 T8")
                .pullPin()
                .relyOnTheMarks()
                .passSupply("40")
                .passRotation();
        chooseSwitch("Cross-corner drum");
        visit.press("Use plan A, pull the pin");
        visit.one(".big-wire");
    }

    /** The address of the demo's stud board. */
    public String boardOfThePottersWheel() {
        return demo("Potter's wheel") + "/board";
    }

    /** How many flags the wide drawing shows with the handle as it is. */
    public long flags() {
        return visit.all("svg.bench.wide-only .flag.is-shown").size();
    }

    /** The field messages on the screen. */
    public List<String> complaints() {
        return visit.complaints();
    }

    /** Ticks every wire of the list, one after another, pulls the pin, and reads dead what has no winding in it. */
    public Gates tickEveryWire() {
        makeEveryWire();
        pullPin();
        assertThat(visit.path()).as(visit.text()).contains("/cold");
        return readDead();
    }

    /** On the wire list: ticks a wire, or takes the tick back. */
    HttpResponse<String> tick(Element wire, boolean made) {
        return visit.post(
                visit.one("[data-href]").attr("data-href"),
                "section",
                wire.attr("data-section"),
                "wire",
                wire.attr("data-wire"),
                "made",
                "" + made,
                "measuredOn",
                visit.one("[data-href]").attr("data-measured-on"));
    }

    /** Ticks every wire of the list, one after another. */
    Gates makeEveryWire() {
        List<Element> wires = visit.all(".step");
        for (int made = 1; made <= wires.size(); made++) {
            String said = tick(wires.get(made - 1), true).body();
            assertThat(said)
                    .contains(made == wires.size() ? "Every wire is made" : made + " of " + wires.size() + " made");
        }
        visit.go(visit.path());
        assertThat(visit.all(".step.is-made")).hasSize(wires.size());
        return this;
    }

    /** At Cold check: reads what has no winding in it as it has to be. */
    Gates readDead() {
        int reads = visit.all("#dead form").size();
        for (int i = 0; i < reads; i++) {
            var row = visit.all("#dead tr:has(form)").get(i);
            String shows = row.select("td").get(1).text();
            String key = shows.equals("OL") || shows.equals("0") ? shows : "ohms";
            visit.press(row.select("button").stream()
                    .filter(b -> b.text().equals(key))
                    .findFirst()
                    .orElseThrow());
        }
        assertThat(visit.all("#dead tr.made")).hasSize(reads);
        return this;
    }

    /** At Cold or Live check: types what the page expects until it asks for nothing more; gives how many readings that were. */
    public int readAsExpected() {
        int readings = 0;
        for (int i = 0; i < 60 && !visit.page().select(".pad-cold").isEmpty(); i++) {
            readings++;
            String should = visit.one(".expects strong").text();
            if (should.equals("swings")) {
                visit.press("It swings and climbs");
            } else if (!visit.page().select(".pad-cold #ohms").isEmpty()) {
                visit.type("#ohms", should.equals("OL") ? should : should.replaceAll("^[^0-9]*([0-9.]+).*$", "$1"))
                        .press("Write it down");
            } else {
                String answer = should.toLowerCase(Locale.ROOT);
                visit.press(visit.all(".pad-cold .turns button").stream()
                        .filter(b -> b.text().toLowerCase(Locale.ROOT).startsWith(answer)
                                || answer.startsWith(b.text().toLowerCase(Locale.ROOT)))
                        .findFirst()
                        .orElseGet(() -> visit.all(".pad-cold .turns button").get(0)));
            }
            assertThat(visit.complaints()).as(should).allMatch(String::isEmpty);
        }
        return readings;
    }

    /** The looks of the posts in the fence, by gate. */
    public String post(String gate) {
        return visit.all(".post").stream()
                .filter(p -> p.text().startsWith(gate))
                .findFirst()
                .orElseThrow()
                .text()
                .replace(gate, "")
                .strip();
    }
}
