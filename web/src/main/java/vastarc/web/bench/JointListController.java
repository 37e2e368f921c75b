package vastarc.web.bench;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.web.layout.Preferences;
import vastarc.web.service.JointList;
import vastarc.web.service.JointList.ListReport;

/** A list of joints brought onto the bench at once. */
@Controller
class JointListController {

    private static final String SAMPLE = """
            name,metal,thickness,form,wire,position
            Rail post,mild steel,3 mm,tee,yes,2F
            Tank lid,304L,1.5,corner,no,
            """;

    private final JointList list;

    JointListController(JointList list) {
        this.list = list;
    }

    @GetMapping("/joints")
    String page(Model model) {
        model.addAttribute("sample", SAMPLE);
        return "bench/joints";
    }

    @PostMapping("/joints")
    String take(
            @RequestParam(defaultValue = "") String list,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        ListReport report = this.list.take(list, preferences.units());
        model.addAttribute("sample", SAMPLE);
        model.addAttribute("report", report);
        model.addAttribute("typed", report.taken() == 0 ? list : "");
        return "bench/joints";
    }
}
