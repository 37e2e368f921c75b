package vastarc.web.reference;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import vastarc.core.material.Material;
import vastarc.core.sheet.WallChart;
import vastarc.web.kept.job.JobStore;
import vastarc.web.kept.machine.Machine;
import vastarc.web.kept.machine.MachineStore;
import vastarc.web.kept.shop.ShopStore;
import vastarc.web.ui.Choice;
import vastarc.web.ui.Preferences;

/** Shows what a hand looks up, finds it, and draws the wall chart. */
@Controller
class ReferenceController {

    private static final int MOST_TYPED = 120;

    private final JobStore jobs;
    private final MachineStore machines;
    private final ShopStore shop;

    ReferenceController(JobStore jobs, MachineStore machines, ShopStore shop) {
        this.jobs = jobs;
        this.machines = machines;
        this.shop = shop;
    }

    @GetMapping("/reference")
    String reference(@ModelAttribute("preferences") Preferences preferences, Model model) {
        model.addAttribute("page", ReferencePage.of(preferences.units()));
        return "reference/page";
    }

    /** Everything fixed that can be found; the browser filters it while a hand types. */
    @GetMapping(path = "/search.json", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    List<SearchEntry> search() {
        return SearchEntry.FIXED;
    }

    /** The jobs on the bench that hold what was typed, newest first, a page of them at most. */
    @GetMapping(path = "/search/jobs.json", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    List<SearchEntry> searchJobs(@RequestParam(defaultValue = "") String find) {
        String words = find.length() > MOST_TYPED ? find.substring(0, MOST_TYPED) : find;
        return jobs.bench(words, 0).map(SearchEntry::of);
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
        choices.add(new Choice("", "any machine", chosen.isEmpty()));
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
                shop.ways(),
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
