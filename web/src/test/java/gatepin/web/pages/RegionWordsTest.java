package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.paper.Paper;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A shop is spoken to in its own words and sizes, on every page and paper of a job: those of the other lands stand nowhere. */
class RegionWordsTest {
    /** What a North American shop says and an IEC one does not. Hot to the hand is hot everywhere. */
    private static final Pattern AMERICAN = Pattern.compile(
            "\\bground(s|ed|ing)?\\b|(?<!(get|gets|got|runs|run|too|smells|weak, and|rough and|draws more and runs|warm or) )\\bhots?\\b"
                    + "(?! (winding|to the touch|under load|air|glue))|\\bAWG\\b|\\binch(es)?\\b|°F|\\d (feet|ft)\\b|\\bNEMA\\b|\\bNEC\\b|\\bGFCI\\b",
            Pattern.CASE_INSENSITIVE);
    /** What an IEC shop says and a North American one does not. */
    private static final Pattern IEC = Pattern.compile(
            "\\bearth(s|ed|ing)?\\b|\\bmm²|\\bRCD\\b|\\blive (conductor|lead|line)s?\\b|\\bprotective conductor\\b",
            Pattern.CASE_INSENSITIVE);
    /** A mark, a file's name and what a person wrote are no words of ours. */
    private static final Pattern EITHER_LAND = Pattern.compile("Such as 16 AWG or 1.5 mm²|NEMA MG 1|16 AWG");

    /** Classes of a drawing, and the language that control circuits are written in. */
    private static final Pattern OF_A_MACHINE = Pattern.compile("^[a-z-]+$|\\bis-|^supply .*\\R");

    private final Visit visit = new Visit();
    private final Gates gates = new Gates(visit);

    private Set<String> foreign(String job, Pattern words) {
        List<String> pages = new ArrayList<>();
        Routes.ofAJob().forEach(r -> pages.add(job + r));
        for (Paper paper : Paper.values()) {
            pages.add(job + "/papers/" + paper.word());
        }
        Set<String> found = new TreeSet<>();
        for (String page : pages) {
            if (visit.statusOf(page) != 200) {
                continue;
            }
            visit.go(page);
            List<String> said = new ArrayList<>();
            visit.all("body *").forEach(e -> {
                said.add(e.ownText());
                e.attributes().forEach(a -> {
                    if (a.getKey().startsWith("data-")
                            || Set.of("title", "alt", "aria-label", "placeholder")
                                    .contains(a.getKey())) {
                        said.add(a.getValue());
                    }
                });
            });
            for (String text : said) {
                String ours = EITHER_LAND.matcher(text).replaceAll("");
                Matcher word = words.matcher(ours);
                if (word.find() && !OF_A_MACHINE.matcher(text).find()) {
                    found.add(page.replace(job, "") + ": " + ours);
                }
            }
        }
        return found;
    }

    private String iec(String machine) {
        visit.go("/shops/new").type("#name", "Shop of " + machine).tick("input[name='region'][value='IEC']");
        visit.all("input[name='region'][value='NORTH_AMERICA']").forEach(r -> r.removeAttr("checked"));
        visit.press("Open the shop").type("#machine", machine).press("Open the job");
        String job = visit.path().replace("/safe", "");
        gates.passUpToThePlate();
        visit.type("#output", "0.75")
                .choose("#outputUnit", "kW")
                .type("#lowVolts", "230")
                .type("#lowAmps", "5.4")
                .type("#hertz", "50")
                .type("#rpm", "1420")
                .press("Save the plate");
        gates.pullPin();
        gates.typeLeads("U1", "U2", "Z1", "Z2")
                .typeColumn("230", "HOT_AND_NEUTRAL", "U1 Z1", "U2 Z2", "", "Z1 Z2")
                .pullPin()
                .relyOnTheMarks()
                .passSupply("12")
                .passRotation();
        return job;
    }

    @Test
    void anIecShopReadsNothingAmerican() {
        String job = iec("Wheel of Tern Quay");
        gates.chooseSwitch("Cross-corner drum");
        visit.press("Use plan A, pull the pin");
        gates.tickEveryWire();
        visit.go(job + "/cold").type("#ohms", "OL").press("Write it down");
        Set<String> found = new TreeSet<>(foreign(job, AMERICAN));
        String second = iec("Wheel on contactors");
        gates.chooseSwitch("Two contactors");
        visit.press("Use plan A");
        found.addAll(foreign(second, AMERICAN));
        found.addAll(foreign(gates.boardOfThePottersWheel().replace("/board", ""), AMERICAN));

        assertThat(found).isEmpty();
    }

    @Test
    void aNorthAmericanShopReadsNothingOfTheIec() {
        String job = gates.wireListOfASixLeadMotor("Words machine");
        gates.tickEveryWire();
        visit.go(job + "/cold").type("#ohms", "OL").press("Write it down");

        assertThat(foreign(job, IEC)).isEmpty();
    }
}
