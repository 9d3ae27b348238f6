package gatepin.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** Each gate for itself: what it computes, what it refuses, what it keeps. */
class GatesTest {
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
        assertThat(shop.flags()).isPositive();

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
        for (String mark : List.of("T1", "T2", "T3", "T4", "T5", "T8")) {
            cross(mark, "nothing");
        }
        assertThat(browser.one("#line1").getAttribute("value")).isEmpty();
        cross("T1", "L1");
        cross("T3", "L2");
        // the keyboard steps along a lead's crossings
        cross("T8", "L1");
        browser.keys(Keys.ARROW_RIGHT);
        for (String mark : List.of("T2", "T4", "T5")) {
            cross(mark, "joined a");
        }
        assertThat(browser.one("#line2").getAttribute("value")).isEqualTo("T3 T8");
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
        assertThat(read.value().orElseThrow().circuit().wires()).hasSize(11);
        assertThat(gatepin.core.format.AnalysisWriter.analyse(read.value().orElseThrow()))
                .contains("\"reverses\"");
    }

    private void cross(String mark, String rail) {
        browser.one(".crossbar input[aria-label='" + mark + " to " + rail + "']")
                .sendKeys(Keys.SPACE);
    }

    @Test
    void aThreeLeadMotorWithEqualWindingsReversesByItsCapacitorAndStaysAsSaved() {
        String job = shop.bringIn("Three-lead machine");
        shop.typePlate("1/8", "115", "2.1", "", "", "1650");
        browser.choose("#family", "permanent-split-capacitor").press("Save the plate");
        shop.pullPin();
        browser.choose("[name='pattern']", "psc-three-wire").press("Fill it in");
        browser.type("#volts", "115").press("Save the diagram");
        browser.go(job + "/diagram");

        assertThat(browser.text(".ticket")).contains("Interchanging really reverses it", "reverse A ⇄ B");
        assertThat(browser.all(".lead-row select").stream()
                        .map(e -> e.getAttribute("value"))
                        .limit(5)
                        .toList())
                .containsExactly("run 1", "start 1", "run 1 + start 1", "", "");
    }

    @Test
    void everyVoltageOfARangeIsOfferedAndOneColumnServesThemAll() {
        String job = shop.bringIn("Range machine");
        shop.typePlate("1-1/2", "115", "18.4", "208-230", "9.6-9.2", "1725").pullPin();
        shop.typeLeads("T1", "T2", "T3", "T4", "T5", "T8")
                .typeColumn("230", "TWO_HOT", "T1", "T4 T8", "T2 T3 T5", "T5 T8");
        browser.go(job + "/diagram?volts=208");
        assertThat(browser.text(".ticket")).contains("At 208 V", "T4 + T8");
        browser.go(job + "/supply");
        assertThat(browser.text(".sheet")).contains("115 V", "208 V", "230 V", "the plate says 9.6 A");
        browser.go(job + "/plate");
        assertThat(browser.one("#highVolts").getAttribute("value")).isEqualTo("208-230");
    }
}
