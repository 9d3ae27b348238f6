package gatepin.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.web.photo.PlatePainter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** From a photo, odd marks, columns by rotation and no plate at all to what the job goes on with. */
class ReadingJourneyTest {
    private final Browser browser = new Browser();
    private final Shop shop = new Shop(browser);

    @TempDir
    private Path folder = Path.of("");

    @BeforeEach
    void wide() {
        browser.screen(1280, 800);
    }

    @AfterEach
    void closeBrowser() {
        browser.close();
    }

    @Test
    @DisplayName(
            "a photo is guessed at: nothing goes into a field before it is ticked, a mended guess is ticked by touch, and it is saved")
    void fromAPhotoToTheFields() throws IOException {
        shop.bringIn("Photographed machine");
        Path photo = folder.resolve("plate.jpg");
        Files.write(
                photo,
                PlatePainter.paint(
                        List.of("HP 3/4   V 115/230", "A 10.8/5.4   RPM 1725", "HZ 60   CODE K", "CAP START"),
                        PlatePainter.Look.PRINTED,
                        3));
        browser.one("#photo").sendKeys(photo.toString());
        browser.press("Add it");
        browser.one(".photo-read img");
        browser.press("Let it guess what the photo says");
        browser.one(".guess");
        assertThat(browser.one("#output").getAttribute("value"))
                .as("a guess is in no field")
                .isEmpty();
        assertThat(browser.all(".photo-sheet rect")).hasSameSizeAs(browser.all(".guess"));

        browser.all(".guess:not(.doubt)").forEach(g -> {
            var field = g.findElement(org.openqa.selenium.By.cssSelector(".box"));
            browser.script("arguments[0].scrollIntoView({block: 'center'})", field);
            field.click();
            assertThat(browser.all(".photo-sheet rect.at"))
                    .as("the place it came from lights up")
                    .hasSize(1);
            if (field.getAttribute("value").startsWith("HP")) {
                field.sendKeys(org.openqa.selenium.Keys.END, " ");
                assertThat(g.findElement(org.openqa.selenium.By.cssSelector("[type=checkbox]"))
                                .isSelected())
                        .as("what was touched is ticked")
                        .isTrue();
            } else {
                g.findElement(org.openqa.selenium.By.cssSelector("label")).click();
            }
        });
        browser.press("Put what I ticked into the plate");
        assertThat(browser.one("#output").getAttribute("value")).isEqualTo("3/4");
        assertThat(browser.one("#rpm").getAttribute("value")).isEqualTo("1725");
        shop.typePlate("3/4", "115", "10.8", "230", "5.4", "1725");
        assertThat(browser.text(".ticket")).contains("4 poles");
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    @DisplayName(
            "a column for each rotation, marked by colours: the interchange and the windings are worked out, and it runs")
    void aColumnForEachRotationWithOddMarks() {
        shop.bringIn("Twice written machine");
        shop.typePlate("1/2", "115", "9.8", "", "", "1725").pullPin();
        browser.type("#volts", "115").type("#text", "CCW: L1 BLK RED, L2 WHT YEL.\nCW: L1 BLK YEL, L2 WHT RED.");
        browser.press("Read it into the groups");
        assertThat(browser.one("#swap").getAttribute("value").split(" ")).containsExactlyInAnyOrder("RED", "YEL");
        assertThat(browser.text(".notice.hot[role='status']")).contains("more than one thing", "Read the ohms from");
        browser.press("Take this");
        browser.press("Save the diagram");
        assertThat(browser.text(".ticket")).contains("Interchanging really reverses it");
        assertThat(browser.all("svg.bench .lead, svg.bench text").stream()
                        .filter(e -> e.isDisplayed())
                        .map(e -> e.getText()))
                .contains("BLK", "YEL");
        assertThat((Boolean) browser.script(
                        "return document.querySelector('.ticket .findings').getBoundingClientRect().top < innerHeight"))
                .as("drawing, groups and findings fit one screen")
                .isTrue();
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    @DisplayName(
            "a motor without a plate, on a phone: what is left of it, then its windings, then what supply it takes")
    void aMotorWithoutAPlateToItsSupply() {
        browser.screen(390, 844);
        String job = shop.bringIn("Nameless machine");
        browser.press("The plate is gone");
        browser.type("#cordVolts", "120").type("#shaft", "5/8").press("Save what is left of it");
        assertThat(browser.text(".ticket")).contains("About 1/4 to 2 hp");
        browser.go(job);
        assertThat(browser.path()).startsWith(job + "/windings");
        browser.press("rely on them");
        shop.pullPin();
        assertThat(browser.path()).as("windings first, then the plate").doesNotContain("/windings");
        browser.go(job + "/plate");
        shop.pullPin();
        browser.go(job + "/supply");
        assertThat(browser.text(".sheet")).contains("No plate: an estimate", "sized for 2 hp");
        assertThat((Long) browser.script("return document.documentElement.scrollWidth"))
                .isLessThanOrEqualTo(390);
        assertThat(browser.complaints()).isEmpty();
    }
}
