package vastarc.web.machines;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.machine.MachineProfile;
import vastarc.core.machine.PanelElement;
import vastarc.core.machine.PanelSetting;
import vastarc.core.quantity.UnitSystem;
import vastarc.web.kept.machine.Machine;
import vastarc.web.kept.machine.MachineStore;
import vastarc.web.kept.machine.ProfileReader;
import vastarc.web.ui.NotFound;
import vastarc.web.ui.Preferences;

/** Edits a machine: what stands on its plate, and its controls. */
@Controller
class MachineEditController {

    private final MachineStore store;
    private final ShownMachine shown;

    MachineEditController(MachineStore store, ShownMachine shown) {
        this.store = store;
        this.shown = shown;
    }

    /** Keeps an edited document and answers with the workspace; refuses it with words, and keeps the old one, where it does not fit. */
    private Object edit(UUID id, Preferences preferences, Model model, String place, Predicate<ProfileEdit> change) {
        Machine machine = shown.machine(id);
        ProfileEdit edit = new ProfileEdit(machine.profile());
        if (!change.test(edit)) {
            throw new NotFound("control");
        }
        Outcome<MachineProfile> outcome = ProfileReader.read(edit.document());
        if (outcome.value().isEmpty()) {
            return ResponseEntity.unprocessableContent()
                    .contentType(MediaType.TEXT_PLAIN)
                    .body(said(outcome.problems(), place, preferences.units()));
        }
        Machine kept = store.replace(id, outcome.value().get()).orElseThrow(() -> new NotFound("machine"));
        shown.show(kept, preferences.units(), model);
        return "machines/workspace :: workspace";
    }

    private static String said(List<Problem> problems, String place, UnitSystem units) {
        return problems.stream()
                .map(problem ->
                        problem.field().replace(place + ".", "").replace("scale.", "") + ": " + problem.message(units))
                .collect(Collectors.joining("\n"));
    }

    @PostMapping("/machines/{id}/about")
    Object about(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        return edit(id, preferences, model, "", edit -> {
            edit.about(sent);
            return true;
        });
    }

    @PostMapping("/machines/{id}/controls")
    Object add(
            @PathVariable UUID id,
            @RequestParam String setting,
            @RequestParam String kind,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        PanelSetting what = named(PanelSetting.values(), setting);
        PanelElement.Kind how = named(PanelElement.Kind.values(), kind);
        return edit(id, preferences, model, "", edit -> {
            edit.add(what, how);
            return true;
        });
    }

    private static <E extends Enum<E>> E named(E[] values, String name) {
        return Arrays.stream(values)
                .filter(value -> value.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new NotFound(name));
    }

    @PostMapping("/machines/{id}/controls/{control}")
    Object change(
            @PathVariable UUID id,
            @PathVariable String control,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        String place = ProfileEdit.place(shown.machine(id).profile(), control);
        return edit(id, preferences, model, place, edit -> edit.change(control, sent));
    }

    @PostMapping("/machines/{id}/controls/{control}/place")
    Object move(
            @PathVariable UUID id,
            @PathVariable String control,
            @RequestParam String x,
            @RequestParam String y,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        String place = ProfileEdit.place(shown.machine(id).profile(), control);
        return edit(id, preferences, model, place, edit -> edit.move(control, x, y));
    }

    @PostMapping("/machines/{id}/controls/{control}/remove")
    Object remove(
            @PathVariable UUID id,
            @PathVariable String control,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        return edit(id, preferences, model, "", edit -> edit.remove(control));
    }
}
