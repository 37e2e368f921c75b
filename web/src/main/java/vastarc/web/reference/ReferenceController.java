package vastarc.web.reference;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import vastarc.core.advice.sheet.WallChart;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.material.Material;
import vastarc.core.reference.ModelPages;
import vastarc.core.simulation.verification.SolverVerification;
import vastarc.core.simulation.verification.SolverVerification.VerificationLine;
import vastarc.web.error.NotFound;
import vastarc.web.layout.Choice;
import vastarc.web.layout.Preferences;
import vastarc.web.service.ProvenRuns;
import vastarc.web.store.machine.Machine;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.shop.ShopStore;
import vastarc.web.work.Work;
import vastarc.web.work.WorkRoom;
import vastarc.web.work.WorkRoom.WorkStatus;

/** Shows what the welder looks up, finds it, and draws the wall chart. */
@Controller
class ReferenceController {

    private final MachineStore machines;
    private final ShopStore shop;
    private final ProvenRuns proven;
    private final WorkRoom works;

    ReferenceController(MachineStore machines, ShopStore shop, ProvenRuns proven, WorkRoom works) {
        this.machines = machines;
        this.shop = shop;
        this.proven = proven;
        this.works = works;
    }

    @GetMapping("/reference")
    String reference(@ModelAttribute("preferences") Preferences preferences, Model model) {
        return part(ReferencePart.POSITIONS.path(), preferences, model);
    }

    @GetMapping("/reference/{part}")
    String part(@PathVariable String part, @ModelAttribute("preferences") Preferences preferences, Model model) {
        model.addAttribute("part", ReferencePart.named(part).orElseThrow(() -> new NotFound("part of the reference")));
        model.addAttribute("parts", ReferencePart.values());
        model.addAttribute("page", ReferencePage.of(preferences.units()));
        return "reference/page";
    }

    @GetMapping("/reference/model")
    String model(Model model) {
        return model(ModelPages.INDEX, model);
    }

    @GetMapping("/reference/model/{name}")
    String model(@PathVariable String name, Model model) {
        model.addAttribute(
                "page",
                ModelPages.named(name).map(ModelPageView::of).orElseThrow(() -> new NotFound("page of the model")));
        return "reference/model";
    }

    /** A figure by both ways, finished for display. */
    public record ProofLine(String name, String solved, String closed, String error) {}

    /** Starts to hold the plate solver against closed solutions. */
    @PostMapping("/reference/proof")
    @ResponseBody
    ResponseEntity<WorkStatus> prove() {
        return works.start("proof", SolverVerification::run)
                .value()
                .flatMap(work -> works.look(work.id()))
                .map(ResponseEntity::ok)
                .orElseGet(() ->
                        ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS).build());
    }

    @GetMapping("/reference/proof/{id}")
    String proved(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        List<?> lines = works.find(id)
                .flatMap(Work::result)
                .filter(List.class::isInstance)
                .map(List.class::cast)
                .orElseThrow(() -> new NotFound("proof"));
        model.addAttribute(
                "lines",
                lines.stream()
                        .filter(VerificationLine.class::isInstance)
                        .map(VerificationLine.class::cast)
                        .map(line -> shown(line, preferences.units()))
                        .toList());
        return "reference/proof :: proof";
    }

    private static ProofLine shown(VerificationLine line, UnitSystem units) {
        return new ProofLine(
                Phrasebook.say(Phrase.of("rehearsal.proof." + line.name()), units),
                units.show(line.solved()).line(),
                units.show(line.closed()).line(),
                String.format(Locale.ROOT, "%+.1f %%", line.errorPercent()).replace('-', '−'));
    }

    @GetMapping("/chart")
    String chart(
            @RequestParam(defaultValue = "") String metal,
            @RequestParam(defaultValue = "") String machine,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Material material = material(metal);
        Optional<Machine> chosen = machine(machine);
        List<Choice> choices = new ArrayList<>();
        choices.add(Choice.labelled("", "any machine", chosen.isEmpty()));
        machines.machines()
                .forEach(one -> choices.add(new Choice(
                        one.id().toString(),
                        one.name(),
                        chosen.filter(own -> own.id().equals(one.id())).isPresent())));
        model.addAttribute(
                "page",
                ChartPage.of(
                        chart(material, chosen),
                        chosen.map(Machine::name),
                        chosen.map(own -> own.id().toString()).orElse(""),
                        Choice.of(Material.values(), "material", material.name()),
                        choices,
                        preferences.units()));
        return "reference/chart";
    }

    @GetMapping("/chart.csv")
    ResponseEntity<String> table(
            @RequestParam(defaultValue = "") String metal, @RequestParam(defaultValue = "") String machine) {
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"wall-chart.csv\"")
                .body(ChartCsv.of(chart(material(metal), machine(machine))));
    }

    private WallChart chart(Material material, Optional<Machine> machine) {
        return WallChart.of(
                material,
                machine.map(own -> shop.defaults().at(proven.at(own.name()))).orElseGet(shop::defaults),
                machine.map(own -> own.profile().minA()).orElse(0.0),
                machine.map(own -> own.profile().maxA()).orElse(Double.MAX_VALUE));
    }

    private static Material material(String name) {
        return Arrays.stream(Material.values())
                .filter(material -> material.name().equals(name))
                .findFirst()
                .orElse(Material.CARBON_STEEL);
    }

    private Optional<Machine> machine(String id) {
        try {
            return id.isEmpty() ? Optional.empty() : machines.machine(UUID.fromString(id));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }
}
