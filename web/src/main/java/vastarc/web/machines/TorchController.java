package vastarc.web.machines;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.equipment.TorchProfile.TorchCooling;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.machine.Torch;

/** Stores the shop's torches. */
@Controller
class TorchController {

    private final MachineStore store;

    TorchController(MachineStore store) {
        this.store = store;
    }

    @PostMapping("/torches")
    String torch(@RequestParam Map<String, String> sent, RedirectAttributes back) {
        Optional<Torch.TorchForm> form = torchForm(sent);
        if (form.isEmpty()) {
            refused(
                    sent,
                    "A torch wants a name, a current from 1 to 1000 A, a duty from 1 to 100 %, a lead from 0.5 to 30 m and a bore from 2 to 12 mm.",
                    back);
        } else if (store.create(form.get()).isEmpty()) {
            refused(
                    sent,
                    "The shop has " + MachineStore.MOST_TORCHES
                            + " torches, which is all that are kept. Take one off the list first.",
                    back);
        }
        return "redirect:/machines#torches";
    }

    private static void refused(Map<String, String> sent, String why, RedirectAttributes back) {
        back.addFlashAttribute("torchTyped", sent);
        back.addFlashAttribute("torchProblem", why);
    }

    private static Optional<Torch.TorchForm> torchForm(Map<String, String> sent) {
        String name = sent.getOrDefault("name", "").strip();
        double rated = number(sent.getOrDefault("ratedA", ""), "A");
        double percent = number(sent.getOrDefault("percent", ""), "%");
        double lead = number(sent.getOrDefault("leadM", ""), "m");
        double bore = number(sent.getOrDefault("boreMm", ""), "mm");
        TorchCooling cooling = "WATER".equals(sent.get("cooling")) ? TorchCooling.WATER : TorchCooling.AIR;
        return Optional.of(new Torch.TorchForm(
                        name, cooling, rated, percent, lead, bore, "true".equals(sent.get("valve"))))
                .filter(Torch.TorchForm::isSound);
    }

    @PostMapping("/torches/{id}/delete")
    String deleteTorch(@PathVariable UUID id) {
        store.deleteTorch(id);
        return "redirect:/machines#torches";
    }

    private static double number(String text, String unit) {
        return NumberReader.read(text, unit).orElse(Double.NaN);
    }
}
