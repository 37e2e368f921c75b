package vastarc.web.machines;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Problem;
import vastarc.core.equipment.PanelElement.ControlKind;
import vastarc.core.equipment.PanelSetting;
import vastarc.web.error.NotFound;
import vastarc.web.layout.Preferences;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.machine.MachineStore.MachineEditResult;
import vastarc.web.store.machine.ProfileReader;

/** Edits a machine: what is on its plate, and its controls. */
@Controller
class MachineEditController {

    private static final String ANY_ELEMENT = "elements\\[\\d+]";

    private final MachineStore store;
    private final MachinePages shown;

    MachineEditController(MachineStore store, MachinePages shown) {
        this.store = store;
        this.shown = shown;
    }

    /** Stores an edited document and answers with the workspace; refuses it with words, and keeps the old one, where it does not fit. */
    private Object edit(UUID id, Preferences preferences, Model model, String place, Predicate<ProfileEdit> change) {
        MachineEditResult edited = store.edit(id, machine -> {
                    ProfileEdit edit = new ProfileEdit(machine.profile());
                    if (!change.test(edit)) {
                        throw new NotFound("control");
                    }
                    return ProfileReader.read(edit.document());
                })
                .orElseThrow(() -> new NotFound("machine"));
        if (!edited.problems().isEmpty()) {
            return refused(messages(edited.problems(), place, preferences.units()));
        }
        shown.show(edited.machine(), preferences.units(), model);
        return "machines/workspace :: workspace";
    }

    private static ResponseEntity<String> refused(String text) {
        return ResponseEntity.unprocessableContent()
                .contentType(new MediaType(MediaType.TEXT_PLAIN, StandardCharsets.UTF_8))
                .body(text);
    }

    /** A change of what another window has changed since it was shown. */
    private static final class EditCollision extends RuntimeException {
        private static final long serialVersionUID = 1L;
    }

    @ExceptionHandler
    ResponseEntity<String> collided(EditCollision fault) {
        return refused(
                "This was changed in another window since it was shown here. What you typed stays; load the page again to "
                        + "see how it is now.");
    }

    private static void seen(Map<String, String> sent, ProfileEdit edit, String part) {
        String now = PartMark.all(edit.document()).getOrDefault(part, "");
        if (!now.equals(sent.getOrDefault(PartMark.SEEN, now))) {
            throw new EditCollision();
        }
    }

    private static String messages(List<Problem> problems, String place, UnitSystem units) {
        return problems.stream()
                .map(problem -> problem.field()
                                .replaceFirst("^" + (place.isEmpty() ? ANY_ELEMENT : Pattern.quote(place)) + "\\.", "")
                                .replace("scale.", "")
                        + ": " + problem.message(units))
                .collect(Collectors.joining("\n"));
    }

    @PostMapping("/machines/{id}/about")
    Object about(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        return edit(id, preferences, model, "", edit -> {
            seen(sent, edit, PartMark.PLATE);
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
        ControlKind how = named(ControlKind.values(), kind);
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
        return edit(id, preferences, model, place, edit -> {
            seen(sent, edit, control);
            return edit.change(control, sent);
        });
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
