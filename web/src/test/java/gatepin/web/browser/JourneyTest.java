package gatepin.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** From a machine's name to a fully ticked wire list, as a person does it. */
class JourneyTest {
    private Browser browser;
    private Shop shop;

    @BeforeEach
    void openBrowser() {
        browser = new Browser();
        shop = new Shop(browser);
    }

    @AfterEach
    void closeBrowser() {
        browser.close();
    }

    @ParameterizedTest(name = "{0} × {1}")
    @CsvSource({"1280, 800", "390, 844"})
    void fromAPlateToAWiredDrumSwitch(int width, int height) {
        browser.screen(width, height);
        String job = shop.bringIn("Journey machine " + width);
        shop.typePlate("3/4", "115", "13.8", "230", "6.9", "1725");
        assertThat(browser.text(".ticket")).contains("4 poles", "1800 rpm");
        shop.pullPin();

        shop.typeLeads("T1", "T2", "T3", "T4", "T5", "T8")
                .typeColumn("230", "TWO_HOT", "T1", "T4 T8", "T2 T3 T5", "T5 T8");
        assertThat(browser.text(".ticket")).contains("T2 + T3 + T5");
        shop.pullPin();

        assertThat(browser.text(".ticket")).contains("Recommended: 230 V, two hots");
        assertThat(browser.text(".sheet")).contains("14 AWG copper", "NEC 430.22", "NEMA 6-15");
        shop.passSupply("40");

        shop.chooseSwitch("Cross-corner drum");
        assertThat(browser.text(".ticket h1")).isEqualTo("Five conductors, no jumpers");
        assertThat(shownContacts()).containsExactlyInAnyOrder("1–3", "2–4", "5–6");
        assertThat(browser.text(".sheet")).contains("L1 → T1 (run 1) T2 → T3 (run 2) T4 → L2");
        browser.press("REVERSE");
        assertThat(shownContacts()).containsExactlyInAnyOrder("1–2", "3–4", "5–6");
        browser.press("OFF");
        assertThat(shownContacts()).isEmpty();
        assertThat(browser.text(".sheet")).contains("Stays hot", "T1 T2 T3 T4");
        assertThat(hotDots()).as("dots along the wires that stay hot").isPositive();

        assertThat(flags()).as("flags beside the leads that stay hot").isEqualTo(5);
        assertThat(browser.text(".ticket")).contains("FORWARD and REVERSE turn opposite ways", "T1, T2, T3, T4 sit at");

        browser.press("Use plan A, pull the pin");
        int wires = browser.all(".step").size();
        assertThat(wires).isEqualTo(11);
        for (int made = 1; made <= 3; made++) {
            browser.press("Made. Next wire");
            browser.untilText("[x-ref=said]", made + " of " + wires);
        }
        browser.reload();
        assertThat(browser.all(".step.is-made")).as("ticks outlive a reload").hasSize(3);
        for (int made = 4; made < wires; made++) {
            browser.press("Made. Next wire");
            browser.untilText("[x-ref=said]", made + " of " + wires);
        }
        browser.press("Made. Next wire");
        browser.untilText("[x-ref=said]", "Every wire is made");
        browser.press("Pull the pin");
        browser.untilText("h2", "Five conductors");
        assertThat(browser.path()).startsWith(job + "/paper");
        assertThat(browser.text("main")).contains("DANGER. T1 T2 T3 T4 stay hot");
        assertThat(browser.script("return [...document.querySelectorAll('svg.bench')].map(s => s.dataset.at).join()"))
                .as("each drawing on the paper stands at the position its words speak of")
                .isEqualTo("forward,reverse");
        browser.go(job + "/log");
        assertThat(browser.text("table")).contains("Wire: pin pulled.", "Plan chosen: Five conductors, no jumpers.");
        assertThat(browser.complaints()).isEmpty();
    }

    private List<String> shownContacts() {
        return browser.all("svg.bench .contact").stream()
                .filter(c -> !"none".equals(c.getCssValue("stroke")) && c.isDisplayed())
                .map(c -> (String) browser.script("return arguments[0].querySelector('title').textContent", c))
                .toList();
    }

    private long flags() {
        return browser.all("svg.bench .flag").stream()
                .filter(f -> !"none".equals(f.getCssValue("display")) && f.isDisplayed())
                .count();
    }

    private long hotDots() {
        return browser.all("svg.bench .dots").stream()
                .filter(d -> !"none".equals(d.getCssValue("stroke")))
                .count();
    }

    @Test
    void theKeyboardIsEnough() {
        browser.go("/").one(".yard");
        browser.keys(Keys.ENTER);
        browser.tabTo("#machine").keys("Keyboard machine").keys(Keys.ENTER);
        browser.tabTo("#output").keys("1/2");
        browser.tabTo("#lowVolts").keys("115");
        browser.tabTo("#lowAmps").keys("9.8");
        browser.tabTo("#hertz").keys("60");
        browser.tabTo("#rpm").keys("1725").keys(Keys.ENTER);
        browser.one(".finding");
        browser.keys(Keys.ENTER);

        browser.tabTo("[name='leads[0].mark']").keys("T1");
        browser.tabTo("[name='leads[1].mark']").keys("T4");
        browser.tabTo("[name='leads[2].mark']").keys("T5");
        browser.tabTo("[name='leads[3].mark']").keys("T8");
        browser.tabTo("#line1").keys("T1+T5");
        browser.tabTo("#line2").keys("T4 and T8");
        browser.tabTo("#swap").keys("T5, T8").keys(Keys.ENTER);
        browser.untilText(".ticket", "T1 + T5");
        browser.keys(Keys.ENTER);

        browser.tabTo("#distance").keys("25").keys(Keys.ENTER);
        browser.untilText(".sheet", "Saved.");
        browser.keys(Keys.ENTER);

        browser.tabTo("input[name='device']").keys(Keys.SPACE, Keys.ENTER);
        browser.one("svg.bench");
        browser.keys("r");
        assertThat(browser.one(".handle button[value='reverse']").getAttribute("aria-pressed"))
                .isEqualTo("true");
        browser.keys(Keys.ENTER);

        browser.one(".big-wire");
        int wires = browser.all(".step").size();
        browser.keys("t");
        browser.untilText("[x-ref=said]", "1 of " + wires);
        browser.keys(Keys.ARROW_DOWN, "t");
        browser.untilText("[x-ref=said]", "2 of " + wires);
        assertThat(browser.all(".step.is-made")).hasSize(2);
        browser.keys("?");
        assertThat(browser.one("dialog").isDisplayed()).isTrue();
    }

    @Test
    void aTickIsNotShownBeforeItIsSaved() {
        shop.wireListOfASixLeadMotor("Lost answer machine");
        browser.script("window.fetch = () => Promise.reject(new Error('no answer'))");

        browser.press("Made. Next wire");

        browser.untilText("[x-ref=said]", "Not saved");
        assertThat(browser.all(".step.is-made")).isEmpty();
    }

    @Test
    void changingTheVoltageDropsThePinsThatReliedOnItAndSaysWhy() {
        String job = shop.wireListOfASixLeadMotor("Voltage machine");
        browser.go(job + "/diagram?volts=115");
        shop.typeColumn("115", "HOT_AND_NEUTRAL", "T1 T3 T5", "T2 T4 T8", "", "T5 T8");

        assertThat(browser.text(".sheet"))
                .contains("Saved. Pins further on dropped", "changed from 230 V (two hots) to 115 V");
        assertThat(shop.post("Plate")).isEqualTo("passed");
        assertThat(shop.post("Switch")).isEqualTo("pin dropped");
        browser.go(job + "/switch");
        assertThat(browser.text(".ticket h1"))
                .as("another voltage, another plan")
                .contains("Four conductors, one jumper");
    }

    @Test
    void aGateIsNotPassedWithoutItsEvidenceButByAReason() {
        String job = shop.bringIn("Override machine");
        assertThat(browser.text(".ticket")).contains("The plate is not read yet");

        browser.press("Pass without it")
                .type("#reason", "plate painted over, motor known")
                .press("by override");

        browser.go(job + "/plate");
        assertThat(shop.post("Plate")).isEqualTo("passed by override");
        browser.go(job + "/paper");
        assertThat(browser.text("main")).contains("plate painted over, motor known");
    }

    @Test
    void twoPeopleEditingAreToldAndLoseNothing() {
        String job = shop.bringIn("Two tabs machine");
        String first = browser.newTab(job + "/plate");
        shop.typePlate("1/3", "115", "7.2", "", "", "1725");
        browser.switchTo(first);
        shop.typePlate("1/2", "115", "9.8", "", "", "1725");

        assertThat(browser.text(".notice.stop")).contains("Somebody saved this", "1/3 hp", "1/2 hp");
        assertThat(browser.one("#output").getAttribute("value"))
                .as("what was typed stays")
                .isEqualTo("1/2");
        browser.press("Save the plate");
        assertThat(browser.text(".sheet")).contains("Saved.");
    }

    @Test
    void badInputGetsAMessageByTheFieldAndLosesNothing() {
        String job = shop.bringIn("Bad input machine");
        shop.typePlate("lots", "115", "minus", "", "", "1800");
        assertThat(shop.complaints())
                .anyMatch(c -> c.contains("“lots” is no power"))
                .anyMatch(c -> c.contains("“minus”"));
        assertThat(browser.one("#output").getAttribute("value")).isEqualTo("lots");
        shop.typePlate("3/4", "115", "2", "", "", "1725");
        assertThat(shop.complaints()).singleElement().asString().contains("more comes out than goes in");
        shop.typePlate("3/4", "115", "13.8", "230", "6.9", "1725");

        browser.go(job + "/diagram");
        shop.typeLeads("T1", "T2", "T3", "T4", "T5", "T8")
                .typeColumn("230", "TWO_HOT", "T1 T9", "T4 T8", "T2 T3 T5", "T5 T8");
        assertThat(shop.complaints()).anyMatch(c -> c.contains("This motor has no lead T9"));
        assertThat(browser.one("#line1").getAttribute("value")).isEqualTo("T1 T9");
        shop.typeColumn("230", "TWO_HOT", "T1", "T4 T8", "T2 T3 T5 T4", "T4 T8");
        assertThat(shop.complaints()).anyMatch(c -> c.contains("T4 is already on L2"));
        shop.typeColumn("208", "TWO_HOT", "T1", "T4 T8", "T2 T3 T5", "T5 T8");
        assertThat(shop.complaints()).anyMatch(c -> c.contains("no column for 208 V"));
    }

    @Test
    void aSwitchThatCannotDoItIsSaidPlainly() {
        String job = shop.bringIn("Toggle machine");
        shop.typePlate("3/4", "115", "13.8", "230", "6.9", "1725").pullPin();
        shop.typeLeads("T1", "T2", "T3", "T4", "T5", "T8")
                .typeColumn("230", "TWO_HOT", "T1", "T4 T8", "T2 T3 T5", "T5 T8")
                .pullPin()
                .passSupply("10");
        shop.chooseSwitch("DPDT toggle");

        assertThat(browser.text(".sheet")).contains("This switch cannot turn it off", "one more pole");
        shop.chooseSwitch("Centre-swap drum");
        assertThat(browser.path()).startsWith(job + "/switch");
        assertThat(browser.all("svg.bench")).isNotEmpty();
    }

    @Test
    void aPlateIsReadFromOneLineOfText() {
        shop.bringIn("One line machine");
        browser.type("#text", "3/4 HP 115/230 V 13.8/6.9 A 60 HZ 1725 RPM CODE K SF 1.25 CW ZORK")
                .press("Read it into the fields");
        assertThat(browser.text(".pieces")).contains("13.8 A or 6.9 A", "service factor 1.25");
        assertThat(browser.all(".piece.doubt")).hasSize(2);
        assertThat(browser.text(".sheet")).contains("does not say from which end", "“ZORK” is not understood");
        assertThat(browser.one("#highAmps").getAttribute("value")).isEqualTo("6.9");
        browser.press("Save the plate");
        assertThat(browser.text(".ticket")).contains("Service factor 1.25", "52 to 59 A at 115 V");

        shop.bringIn("Three-phase machine");
        browser.type("#text", "1 HP 3 PH 230/460 V 3.4/1.7 A 60 HZ 1725 RPM")
                .press("Read it into the fields")
                .press("Save the plate");
        assertThat(browser.text(".ticket"))
                .contains("This is a three-phase motor", "T4 T5 T6 joined", "not for this job");
    }

    @Test
    void aPhotoOfThePlateStaysWithTheMotor(@org.junit.jupiter.api.io.TempDir java.nio.file.Path folder)
            throws Exception {
        String job = shop.bringIn("Photo machine");
        java.nio.file.Path picture = folder.resolve("plate.png");
        javax.imageio.ImageIO.write(
                new java.awt.image.BufferedImage(640, 400, java.awt.image.BufferedImage.TYPE_INT_RGB),
                "png",
                picture.toFile());
        browser.one("#photo").sendKeys(picture.toString());
        browser.press("Add it");
        browser.one(".photo img");
        browser.go(job + "/plate");
        browser.until(d -> Boolean.TRUE.equals(browser.script(
                "const i = document.querySelector('.photo img'); return i.complete && i.naturalWidth === 640")));
        browser.press("Closer");
        assertThat((String) browser.script("return document.querySelector('.photo img').style.width"))
                .isEqualTo("150%");

        java.nio.file.Path text = java.nio.file.Files.writeString(folder.resolve("plate.jpg"), "no picture");
        browser.one("#photo").sendKeys(text.toString());
        browser.press("Add it");
        assertThat(shop.complaints()).singleElement().asString().contains("no JPEG, PNG or WebP");
        assertThat(browser.all(".photo img")).as("the photo before is kept").hasSize(1);
    }

    @Test
    void theSupplyComparesTheVoltagesAndTheWrongPlugMustGo() {
        String job = shop.wireListOfASixLeadMotor("Supply machine");
        browser.go(job + "/supply");
        browser.type("#distance", "90").reload();
        assertThat(browser.text(".sheet")).contains("typed before but not saved");
        assertThat(browser.all("input[name='volts']").stream()
                        .map(e -> e.getAttribute("value"))
                        .toList())
                .as("a restored draft leaves the choices what they are")
                .containsExactly("115", "230");
        browser.type("#distance", "far").press("Save the supply");
        assertThat(shop.complaints()).singleElement().asString().contains("“far” is no number of feet");
        assertThat(browser.one("#distance").getAttribute("value")).isEqualTo("far");

        browser.one("input[name='outlet'][value='NEMA 6-15']").click();
        browser.type("#distance", "250").choose("#plug", "NEMA 5-15").press("Save the supply");
        assertThat(browser.text(".ticket"))
                .contains("The shop has no outlet for it", "the shop has NEMA 5-15, NEMA 5-20");
        browser.one("input[name='outlet'][value='NEMA 6-15']").click();
        assertThat(browser.text(".ticket")).contains("The plug must go", "NEMA 5-15 is on the cord");
        assertThat(browser.text(".sheet")).contains("would carry it, but drops too much", "of the starting torque");
        assertThat(shop.post("Supply")).isEqualTo("pin dropped");

        browser.one("input[name='volts'][value='115']").click();
        browser.press("Save the supply");
        assertThat(browser.text(".sheet")).contains("Pins further on dropped");
        assertThat(shop.post("Switch")).isEqualTo("pin dropped");
        browser.go(job + "/diagram?volts=230");
        assertThat(browser.text(".sheet")).contains("changed from 230 V (two hots) to 115 V");
    }

    @Test
    void aMisreadDiagramIsJudgedAtOnce() {
        shop.bringIn("Misread machine");
        shop.typePlate("3/4", "115", "13.8", "230", "6.9", "1725").pullPin();
        // 230 V on the joins for 115 V
        shop.typeLeads("T1", "T2", "T3", "T4", "T5", "T8")
                .typeColumn("230", "TWO_HOT", "T1 T3 T5", "T2 T4 T8", "", "T5 T8");
        assertThat(browser.text(".ticket")).contains("run 1 gets 2", "not 115 V", "start winding smokes");
        assertThat(flags()).isPositive();

        // one half turned round
        shop.typeColumn("230", "TWO_HOT", "T1", "T3 T8", "T2 T4 T5", "T5 T8");
        assertThat(browser.text(".ticket")).contains("The run halves work against each other");
        assertThat(browser.text(".sheet")).contains("does not start");
        assertThat(browser.text(".ticket-actions"))
                .as("a connection that burns holds the pin")
                .contains("the motor is in danger: The run halves work against each other", "Pass without it");
    }

    @Test
    void aDiagramIsReadAsThePlateWritesItAndTheScratchedColumnIsRebuilt() {
        String job = shop.bringIn("Plate text machine");
        shop.typePlate("3/4", "115", "13.8", "230", "6.9", "1725").pullPin();
        browser.type("#volts", "115")
                .type("#text", "LOW VOLTS LINE 1: T1 T3 T5, LINE 2: T2 T4 T8. TO REVERSE INTERCHANGE T5 AND T8 WOBBLE")
                .press("Read it into the groups");
        assertThat(browser.text(".notice.done")).contains("Read into the fields", "Not understood: WOBBLE");
        assertThat(browser.one("#line1").getAttribute("value")).isEqualTo("T1 T3 T5");
        browser.press("Save the diagram");
        assertThat(browser.text(".ticket")).contains("Interchanging really reverses it");

        browser.go(job + "/diagram?volts=230").press("Rebuild it");
        assertThat(browser.one("#joined").getAttribute("value")).isEqualTo("T2 T3 T5");
        browser.press("Save the diagram");
        assertThat(browser.text(".ticket")).contains("Rebuilt, not read", "Both columns describe the same motor");
    }

    @Test
    void thePottersWheelsBoardIsATrapAndTheMoveListSaysSo() {
        String board = shop.boardOfThePottersWheel();
        browser.go(board);
        assertThat(browser.text(".ticket"))
                .contains(
                        "What is there equals the diagram for 115 V",
                        "Moving the links alone is a trap",
                        "Z1, L2 sit on the far stud",
                        "run 1 gets 230 V, not 115 V",
                        "it runs on 230 V");
        assertThat(browser.all(".moves li").stream()
                        .map(e -> e.getText().lines().findFirst().orElse(""))
                        .toList())
                .containsExactly(
                        "Link U1–V1 out",
                        "Link U2–V2 out",
                        "Z1: from U1 to V1 trap",
                        "Link U2–V1 in",
                        "L2: from U2 to V2 trap");

        browser.type("#links-230", "U2-X1").press("Save the board");
        assertThat(shop.complaints()).singleElement().asString().contains("no stud X1");
        assertThat(browser.one("#links-230").getAttribute("value")).isEqualTo("U2-X1");
        browser.go(board);
        browser.type("#leads-found", "L1 on U1, L2 on V2, Z1 on V1, Z2 on V2").press("Save the board");
        assertThat(browser.text(".ticket")).contains("Moving the links is enough");
    }

    @Test
    void leadsAreTappedIntoGroupsAndAMisreadOneIsMended() {
        shop.bringIn("Tapped machine");
        shop.typePlate("3/4", "115", "13.8", "230", "6.9", "1725").pullPin();
        browser.choose("[name='pattern']", "six-lead").press("Fill it in");
        browser.type("#volts", "230").choose("#supplyKind", "TWO_HOT");
        browser.one(".taps button[value='none']").click();
        for (String mark : List.of("T1", "T2", "T3", "T4", "T5", "T8")) {
            browser.one(".chip[data-mark='" + mark + "']").click();
        }
        tap("line1", "T1");
        tap("line2", "T3", "T8");
        tap("0", "T2", "T4", "T5");
        browser.press("Save the diagram");
        assertThat(browser.text(".ticket")).contains("Likely misread", "T3 and T4 are mistaken for each other");

        WebElement mend = browser.all(".ticket form").stream()
                .filter(f -> f.getText().contains("T3 and T4"))
                .findFirst()
                .orElseThrow()
                .findElement(org.openqa.selenium.By.tagName("button"));
        browser.script("arguments[0].scrollIntoView({block: 'center'})", mend);
        mend.click();
        browser.untilText(".notice.done", "Compare it with the plate");
        browser.press("Save the diagram");
        assertThat(browser.text(".ticket"))
                .contains("Interchanging really reverses it")
                .doesNotContain("misread");
    }

    private void tap(String group, String... marks) {
        browser.one(".taps button[value='" + group + "']").click();
        for (String mark : marks) {
            browser.one(".chip[data-mark='" + mark + "']").click();
        }
    }

    @Test
    void theMotorIsRunUpOnPaper() {
        String job = shop.wireListOfASixLeadMotor("Run-up machine");
        browser.go(job + "/switch").one("svg.bench");
        browser.keys("u");
        browser.one(".figures");
        assertThat(browser.text(".figures")).contains("Starting current", "Running current", "rpm");
        assertThat(browser.text(".ticket")).contains("Draws about", "breaker rides through it", "Listen for the click");
        assertThat(browser.text(".ticket"))
                .as("the plate typed here is silent about the family")
                .contains("capacitor start is assumed");

        browser.choose("#then", "STRAIGHT_ACROSS").press("Run it");
        assertThat(browser.text(".ticket")).contains("goes on turning the old way");
        browser.choose("#then", "STOP_THEN_REVERSE").press("Run it");
        assertThat(browser.text(".ticket")).contains("Stopped first, it turns the other way");
        browser.type("#load", "400").type("#breakaway", "1000").press("Run it");
        assertThat(browser.text(".ticket")).contains("It does not start under this load");
        browser.type("#load", "much").press("Run it");
        assertThat(shop.complaints()).singleElement().asString().contains("“much” is no number");
        assertThat(browser.one("#load").getAttribute("value")).isEqualTo("much");
    }

    @Test
    void aJobsWiringCanBeTakenAlongAsAFile() {
        String job = shop.wireListOfASixLeadMotor("File machine");
        String file =
                (String) browser.scriptLater("const done = arguments[arguments.length - 1]; fetch(location.origin + '"
                        + job + "/wiring.json').then(r => r.text()).then(done)");

        var read = gatepin.core.format.WiringReader.read(file);

        assertThat(read.problems()).isEmpty();
        assertThat(read.value().orElseThrow().wired().wires()).hasSize(11);
        assertThat(gatepin.core.format.AnalysisWriter.analyse(read.value().orElseThrow()))
                .contains("\"reverses\"");
    }

    @Test
    void whatIsTypedButNotSavedOutlivesAReload() {
        shop.bringIn("Draft machine");
        browser.type("#output", "1-1/2").reload();

        WebElement output = browser.one("#output");
        browser.until(d -> output.isDisplayed());
        assertThat(browser.one("#output").getAttribute("value")).isEqualTo("1-1/2");
        assertThat(browser.text(".sheet")).contains("typed before but not saved");
    }
}
