package vastarc.web.shop;

import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.web.store.run.MeterKeys;

/** The meters that may read along, and their keys. */
@Controller
class MeterController {

    private final MeterKeys keys;

    MeterController(MeterKeys keys) {
        this.keys = keys;
    }

    @GetMapping("/shop/meters")
    String page(Model model) {
        model.addAttribute("meters", keys.all());
        return "shop/meters";
    }

    /** Makes a key and shows it once: it is not kept. */
    @PostMapping("/shop/meters")
    String make(@RequestParam(defaultValue = "") String name, Model model) {
        var key = keys.make(name);
        model.addAttribute("meters", keys.all());
        model.addAttribute("made", name.strip());
        model.addAttribute("key", key.orElse(""));
        model.addAttribute(
                "wrong",
                key.isPresent()
                        ? ""
                        : "This is no name, or there is a meter of that name. Use letters, figures, blanks, dots and dashes, up to 60; at most "
                                + MeterKeys.MOST + " meters.");
        return "shop/meters";
    }

    @PostMapping("/shop/meters/{id}/away")
    String revoke(@PathVariable UUID id) {
        keys.revoke(id);
        return "redirect:/shop/meters";
    }
}
