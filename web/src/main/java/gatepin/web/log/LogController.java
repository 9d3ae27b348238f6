package gatepin.web.log;

import gatepin.core.lane.Gate;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import gatepin.web.lane.LogStore;
import gatepin.web.lane.Post;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The log of a job. */
@Controller
class LogController {
    private final JobPages pages;
    private final LogStore log;

    LogController(JobPages pages, LogStore log) {
        this.pages = pages;
        this.log = log;
    }

    @GetMapping("/jobs/{id}/log")
    String log(@PathVariable long id, Model model) {
        JobFile file = pages.file(id);
        pages.fill(model, file, file.lane().next().orElse(Gate.WIRE));
        model.addAttribute("fence", Post.fence(file.lane(), Optional.empty()));
        model.addAttribute("entries", log.entries(id));
        return "log/log";
    }
}
