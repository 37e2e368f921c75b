package vastarc.web.machines;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Problem;
import vastarc.core.equipment.MachineProfile;
import vastarc.web.drawing.PanelDrawing;
import vastarc.web.error.NotFound;
import vastarc.web.layout.Choice;
import vastarc.web.layout.Pages;
import vastarc.web.layout.Preferences;
import vastarc.web.store.ListPage;
import vastarc.web.store.machine.Machine;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.machine.ProfileReader;
import vastarc.web.store.machine.StartingProfiles;
import vastarc.web.store.machine.Torch;

/** Shows the shop's machines and torches. */
@Controller
class MachineController {

    private static final int ON_A_PAGE = 20;

    private final MachineStore store;
    private final MachinePages shown;

    MachineController(MachineStore store, MachinePages shown) {
        this.store = store;
        this.shown = shown;
    }

    /** A machine of the list. */
    public record MachineCard(String id, String name, String range, PanelDrawing front) {}

    /** A machine that can no longer be used as it is stored. */
    public record BrokenMachine(String id, String name, String fault) {}

    @GetMapping("/machines")
    String machines(
            @RequestParam("deleted") Optional<UUID> deleted,
            @RequestParam(name = "page", defaultValue = "1") String page,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        List<Machine> all = store.all();
        List<Machine> usable =
                all.stream().filter(machine -> machine.fault().isEmpty()).toList();
        ListPage<Machine> listed = ListPage.of(usable, Pages.number(page), ON_A_PAGE);
        model.addAttribute("pages", Pages.of(listed, "/machines", ""));
        model.addAttribute(
                "machines",
                listed.map(machine -> new MachineCard(
                        machine.id().toString(),
                        machine.name(),
                        ProfileEdit.plain(machine.profile().minA()) + " to "
                                + ProfileEdit.plain(machine.profile().maxA()) + " A",
                        PanelDrawing.of(machine.profile(), preferences.units()))));
        model.addAttribute("broken", broken(all));
        model.addAttribute(
                "torches", store.torches().stream().map(Torch::profile).toList());
        model.addAttribute(
                "patterns",
                StartingProfiles.NAMES.stream()
                        .map(name -> Choice.labelled(
                                name, Phrasebook.say(Phrase.of("pattern." + name), preferences.units()), false))
                        .toList());
        model.addAttribute("deleted", deleted.map(UUID::toString).orElse(""));
        return "machines/list";
    }

    @PostMapping("/machines")
    String create(@RequestParam String pattern, RedirectAttributes back) {
        MachineProfile profile = StartingProfiles.of(pattern).orElseThrow(() -> new NotFound("pattern"));
        return store.create(profile)
                .map(machine -> "redirect:" + MachinePage.address(machine.id()))
                .orElseGet(() -> full(back));
    }

    private static String full(RedirectAttributes back) {
        Problem full = Problem.badValue("machines", "tooManyMachines", MachineStore.MOST);
        back.addFlashAttribute("machineProblem", full.message(UnitSystem.METRIC));
        return "redirect:/machines";
    }

    @PostMapping("/machines/{id}/delete")
    String delete(@PathVariable UUID id) {
        store.delete(id).orElseThrow(() -> new NotFound("machine"));
        return "redirect:/machines?deleted=" + id;
    }

    @PostMapping("/machines/{id}/restore")
    String restore(@PathVariable UUID id, RedirectAttributes back) {
        if (store.isFull()) {
            return full(back);
        }
        store.restore(id).orElseThrow(() -> new NotFound("machine"));
        return "redirect:/machines";
    }

    @GetMapping("/machines/{id}")
    String machine(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        shown.show(shown.machine(id), preferences.units(), model);
        return "machines/page";
    }

    /** The document of the published format. */
    @GetMapping(path = "/machines/{id}.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> export(@PathVariable UUID id) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"machine.json\"")
                .body(ProfileReader.text(shown.machine(id).profile()));
    }

    private static List<BrokenMachine> broken(List<Machine> all) {
        return all.stream()
                .flatMap(
                        machine -> machine
                                .fault()
                                .map(fault -> new BrokenMachine(machine.id().toString(), machine.name(), fault))
                                .stream())
                .toList();
    }
}
