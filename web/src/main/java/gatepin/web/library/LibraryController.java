package gatepin.web.library;

import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What people look up at the bench: the same for everybody, made once. */
@Controller
class LibraryController {
    private static final int LONGEST = 80;
    private final LibraryPage page = LibraryPage.make();

    /** @param q words to look for; every row that has them all is shown */
    @GetMapping("/library")
    String show(@RequestParam(defaultValue = "") String q, Model model) {
        model.addAttribute("library", page);
        model.addAttribute("q", q.length() > LONGEST ? q.substring(0, LONGEST) : q);
        model.addAttribute("wrong", Map.of());
        return "library/library";
    }
}
