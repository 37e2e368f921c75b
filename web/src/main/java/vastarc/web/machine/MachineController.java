package vastarc.web.machine;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
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
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.machine.CurrentMeter;
import vastarc.core.machine.DialReading;
import vastarc.core.machine.MachineProfile;
import vastarc.core.machine.PanelElement;
import vastarc.core.machine.PanelSetting;
import vastarc.core.machine.SimulatedSource;
import vastarc.core.machine.TorchProfile;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;
import vastarc.web.drawing.PanelFront;
import vastarc.web.job.Job;
import vastarc.web.job.JobStore;
import vastarc.web.ui.Choice;
import vastarc.web.ui.NotFound;
import vastarc.web.ui.Preferences;

/** Shows the shop's machines and torches, and edits them. */
@Controller
class MachineController {

    private static final double MOST_A = 1000;

    private final MachineStore store;
    private final JobStore jobs;

    MachineController(MachineStore store, JobStore jobs) {
        this.store = store;
        this.jobs = jobs;
    }

    /** A machine of the list. */
    public record Card(String id, String name, String range, PanelFront front) {}

    @GetMapping("/machines")
    String machines(
            @RequestParam("deleted") Optional<UUID> deleted,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        model.addAttribute(
                "machines",
                store.machines().stream()
                        .map(machine -> new Card(
                                machine.id().toString(),
                                machine.name(),
                                ProfileEdit.plain(machine.profile().minA()) + " to "
                                        + ProfileEdit.plain(machine.profile().maxA()) + " A",
                                PanelFront.of(machine.profile(), preferences.units())))
                        .toList());
        model.addAttribute(
                "torches", store.torches().stream().map(Torch::profile).toList());
        model.addAttribute(
                "patterns",
                Patterns.NAMES.stream()
                        .map(name -> new Choice(
                                name, Phrasebook.say(Phrase.of("pattern." + name), preferences.units()), false))
                        .toList());
        model.addAttribute("deleted", deleted.map(UUID::toString).orElse(""));
        return "machine/list";
    }

    @PostMapping("/machines")
    String create(@RequestParam String pattern) {
        MachineProfile profile = Patterns.of(pattern).orElseThrow(() -> new NotFound("pattern"));
        return "redirect:" + MachinePage.address(store.create(profile).id());
    }

    @PostMapping("/machines/{id}/delete")
    String delete(@PathVariable UUID id) {
        store.delete(id).orElseThrow(() -> new NotFound("machine"));
        return "redirect:/machines?deleted=" + id;
    }

    @PostMapping("/machines/{id}/restore")
    String restore(@PathVariable UUID id) {
        store.restore(id).orElseThrow(() -> new NotFound("machine"));
        return "redirect:/machines";
    }

    @GetMapping("/machines/{id}")
    String machine(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        show(machine(id), preferences.units(), model);
        return "machine/page";
    }

    private Machine machine(UUID id) {
        return store.machine(id).orElseThrow(() -> new NotFound("machine"));
    }

    private void show(Machine machine, UnitSystem units, Model model) {
        Map<Integer, String> slots = store.slots(machine.id()).stream()
                .collect(Collectors.toMap(
                        MemorySlot::slot,
                        slot -> jobs.find(slot.jobId()).map(Job::name).orElse("a job off the bench"),
                        (one, two) -> one,
                        TreeMap::new));
        model.addAttribute("page", MachinePage.of(machine, store.readings(machine.id()), slots, units));
    }

    /** The document of the published format. */
    @GetMapping(path = "/machines/{id}.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> export(@PathVariable UUID id) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"machine.json\"")
                .body(ProfileReader.text(machine(id).profile()));
    }

    /** Keeps an edited document and answers with the workspace; refuses it with words, and keeps the old one, where it does not fit. */
    private Object edit(UUID id, Preferences preferences, Model model, String place, Predicate<ProfileEdit> change) {
        Machine machine = machine(id);
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
        show(kept, preferences.units(), model);
        return "machine/workspace :: workspace";
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
        String place = ProfileEdit.place(machine(id).profile(), control);
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
        String place = ProfileEdit.place(machine(id).profile(), control);
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

    // --- dials

    /** Keeps what a meter said, typed or read off the simulated one. */
    @PostMapping("/machines/{id}/readings")
    Object read(
            @PathVariable UUID id,
            @RequestParam String element,
            @RequestParam(defaultValue = "0") String band,
            @RequestParam String mark,
            @RequestParam(defaultValue = "") String amps,
            @RequestParam(defaultValue = "false") boolean simulated,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Machine machine = machine(id);
        PanelElement dial = machine.profile().element(element).orElseThrow(() -> new NotFound("dial"));
        int marks = dial.scale()
                .map(scale -> scale.ticks() > 0 ? scale.ticks() : 10)
                .orElse(10);
        double place = number(mark) / marks;
        double current =
                simulated && place >= 0 && place <= 1 ? simulated(machine, (int) number(band), place) : number(amps);
        boolean usable = place >= 0 && place <= 1 && current >= 0.1 && current <= MOST_A && number(band) >= 0;
        if (!usable) {
            Problem problem = Problem.badValue("reading", "reading", mark + " · " + amps, marks);
            return ResponseEntity.unprocessableContent()
                    .contentType(MediaType.TEXT_PLAIN)
                    .body(problem.message(preferences.units()));
        }
        store.read(id, element, (int) number(band), new DialReading(place, current), simulated);
        show(machine, preferences.units(), model);
        return "machine/workspace :: workspace";
    }

    /** The simulated double of this machine, in the band it is switched to. */
    private double simulated(Machine machine, int band, double place) {
        int count = store.readings(machine.id()).size();
        Optional<PanelElement.Stop> stop = machine.profile()
                .control(PanelSetting.RANGE)
                .filter(range -> band < range.stops().size())
                .map(range -> range.stops().get(band));
        SimulatedSource source = stop.map(found -> new SimulatedSource(
                        found.low().orElse(machine.profile().minA()),
                        found.high().orElse(machine.profile().maxA()),
                        machine.id().getMostSignificantBits()))
                .orElseGet(machine::simulated);
        CurrentMeter meter = source.meterAt(place, count);
        return meter.read().amps();
    }

    private static double number(String text) {
        try {
            return Double.parseDouble(text.strip().replace(',', '.').replace("A", ""));
        } catch (NumberFormatException e) {
            return Double.NaN;
        }
    }

    @PostMapping("/machines/{id}/readings/{reading}/forget")
    String forget(
            @PathVariable UUID id,
            @PathVariable long reading,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        store.forget(machine(id).id(), reading);
        show(machine(id), preferences.units(), model);
        return "machine/workspace :: workspace";
    }

    @PostMapping("/machines/{id}/slots/{slot}/clear")
    String clear(
            @PathVariable UUID id,
            @PathVariable int slot,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        store.clear(machine(id).id(), slot);
        show(machine(id), preferences.units(), model);
        return "machine/workspace :: workspace";
    }

    // --- torches

    @PostMapping("/torches")
    String torch(@RequestParam Map<String, String> sent, RedirectAttributes back) {
        Optional<Torch.TorchForm> form = torchForm(sent);
        form.ifPresentOrElse(store::create, () -> {
            back.addFlashAttribute("torchTyped", sent);
            back.addFlashAttribute(
                    "torchProblem",
                    "A torch wants a name, a current from 1 to 1000 A, a duty from 1 to 100 %, a lead from 0.5 to 30 m and a bore from 2 to 12 mm.");
        });
        return "redirect:/machines#torches";
    }

    private static Optional<Torch.TorchForm> torchForm(Map<String, String> sent) {
        String name = sent.getOrDefault("name", "").strip();
        double rated = number(sent.getOrDefault("ratedA", ""));
        double percent = number(sent.getOrDefault("percent", "").replace("%", ""));
        double lead = number(sent.getOrDefault("leadM", "").replace("m", ""));
        double bore = number(sent.getOrDefault("boreMm", "").replace("m", ""));
        TorchProfile.Cooling cooling =
                "WATER".equals(sent.get("cooling")) ? TorchProfile.Cooling.WATER : TorchProfile.Cooling.AIR;
        return Optional.of(new Torch.TorchForm(
                        name, cooling, rated, percent, lead, bore, "true".equals(sent.get("valve"))))
                .filter(Torch.TorchForm::isSound);
    }

    @PostMapping("/torches/{id}/delete")
    String deleteTorch(@PathVariable UUID id) {
        store.deleteTorch(id);
        return "redirect:/machines#torches";
    }
}
