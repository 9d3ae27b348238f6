package gatepin.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.web.RunningDatabase;
import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** axe-core (WCAG 2 A and AA among its rules) finds nothing on any screen, light or dark, wide or narrow. */
class AccessibilityTest {
    @Test
    void noScreenHasAViolation() throws IOException, InterruptedException {
        String axe = Files.readString(
                RunningDatabase.projectRoot().resolve("web/static-src/node_modules/axe-core/axe.min.js"));
        List<String> found = new ArrayList<>();
        try (Browser browser = new Browser()) {
            Shop shop = new Shop(browser);
            String job = shop.wireListOfASixLeadMotor("Accessible machine");
            String empty = shop.bringIn("Empty machine");
            String wheel = shop.boardOfThePottersWheel();
            List<String> screens = List.of(
                    wheel,
                    empty + "/board",
                    "/",
                    "/jobs/new",
                    "/shops/new",
                    "/shops/1",
                    "/aside",
                    "/wires",
                    "/wires?motor=iec&supply=230",
                    "/wires?motor=six-lead&supply=240&switch=cross-corner-drum&turns=both",
                    job + "/machine",
                    job + "/safe",
                    "/jobs/1/safe",
                    job + "/found",
                    "/jobs/1/found",
                    "/jobs/1/found/labels",
                    "/jobs/1/windings",
                    empty + "/windings",
                    job + "/plate",
                    job + "/diagram",
                    job + "/supply",
                    job + "/rotation",
                    empty + "/rotation",
                    job + "/switch",
                    "/jobs/4/switch/map",
                    "/jobs/3/control",
                    "/jobs/3/ahead",
                    "/jobs/1/bench",
                    job + "/why",
                    "/practice/safe-hard-10",
                    "/practice",
                    "/practice/windings-middling-7",
                    "/practice/cold-easy-5",
                    "/jobs/3/control?how=stops-S0&fault=0",
                    empty + "/control?contact=3",
                    job + "/run-up?then=STOP_THEN_REVERSE",
                    job + "/run-up?load=much",
                    empty + "/run-up",
                    job + "/wire",
                    job + "/cold",
                    job + "/live",
                    job + "/trouble?seen=hums",
                    empty + "/cold",
                    empty + "/live",
                    job + "/handover",
                    job + "/papers/cover",
                    job + "/papers/labels",
                    "/jobs/1/papers/danger",
                    job + "/log",
                    empty + "/plate",
                    empty + "/diagram",
                    empty + "/supply",
                    empty + "/switch",
                    empty + "/wire",
                    "/nothing-here");
            for (boolean dark : new boolean[] {false, true}) {
                for (int width : new int[] {1280, 390}) {
                    browser.dark(dark).screen(width, width == 390 ? 844 : 800);
                    for (int i = 0; i < screens.size(); i++) {
                        // every screen wide and narrow, light and dark, half of them the other way round
                        if ((i % 2 == 0) == (dark == (width == 1280))) {
                            continue;
                        }
                        String screen = screens.get(i);
                        browser.go(screen).one("main");
                        while (!browser.all("main progress").isEmpty()) {
                            // the page looks again by itself, and would take the checker away with it
                            Thread.sleep(500);
                            browser.go(screen).one("main");
                        }
                        for (String violation : violations(browser, axe)) {
                            found.add(screen + " " + width + (dark ? " dark: " : " light: ") + violation);
                        }
                        assertThat((Boolean) browser.script(
                                        "return document.documentElement.scrollWidth <= window.innerWidth"))
                                .as(screen + " runs off the edge at " + width)
                                .isTrue();
                    }
                }
            }
        }
        assertThat(found).isEmpty();
    }

    @SuppressWarnings("unchecked")
    private static List<String> violations(Browser browser, String axe) {
        browser.script(axe);
        Map<String, Object> result = (Map<String, Object>) browser.scriptLater(
                "const done = arguments[arguments.length - 1]; axe.run(document).then(done, e => done({violations:"
                        + " [{id: String(e), nodes: []}]}))");
        List<String> violations = new ArrayList<>();
        for (Map<String, Object> violation : (List<Map<String, Object>>) result.get("violations")) {
            for (Map<String, Object> node : (List<Map<String, Object>>) violation.get("nodes")) {
                violations.add(violation.get("id") + " at " + node.get("target"));
            }
        }
        return violations;
    }
}
