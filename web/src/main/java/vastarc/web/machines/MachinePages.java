package vastarc.web.machines;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import vastarc.core.advice.parameters.Drift;
import vastarc.core.base.units.UnitSystem;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.TrendChart;
import vastarc.web.error.NotFound;
import vastarc.web.service.ShopLearning;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.machine.Machine;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.machine.MemorySlot;

/** Puts a machine of the shop on its page. */
@Component
class MachinePages {

    private final MachineStore store;
    private final JobStore jobs;
    private final ShopLearning learning;

    MachinePages(MachineStore store, JobStore jobs, ShopLearning learning) {
        this.store = store;
        this.jobs = jobs;
        this.learning = learning;
    }

    Machine machine(UUID id) {
        return store.machine(id).orElseThrow(() -> new NotFound("machine"));
    }

    void show(Machine machine, UnitSystem units, Model model) {
        Map<Integer, String> slots = store.slots(machine.id()).stream()
                .collect(Collectors.toMap(
                        MemorySlot::slot,
                        slot -> jobs.find(slot.jobId()).map(Job::name).orElse("a job off the bench"),
                        (text, two) -> text,
                        TreeMap::new));
        Optional<ShopLearning.MachineDrift> drift = learning.drift(machine.name());
        model.addAttribute(
                "driftSaid", drift.map(ShopLearning.MachineDrift::said).orElse(""));
        model.addAttribute("driftChart", drift.map(MachinePages::chart));
        model.addAttribute("page", MachinePage.of(machine, store.readings(machine.id()), slots, units));
    }

    /** Every run a dot, the mean drawn through before and since a change, and how far it may go by chance. */
    private static Drawing chart(ShopLearning.MachineDrift read) {
        double from = 100 * read.drift().from();
        double limit = from * read.drift().limit();
        int last = read.ratios().size() - 1;
        return TrendChart.of(new TrendChart.Trend(
                "current measured, % of calculated",
                dots(read.ratios()),
                dots(means(read.drift(), last + 1)),
                last,
                "first run",
                "run " + (last + 1),
                from,
                false,
                List.of(from - limit, from + limit)));
    }

    private static List<Double> means(Drift drift, int runs) {
        return IntStream.range(0, runs)
                .mapToObj(run -> run < drift.since() ? drift.from() : drift.now())
                .toList();
    }

    private static List<TrendChart.Dot> dots(List<Double> ratios) {
        return IntStream.range(0, ratios.size())
                .mapToObj(i -> new TrendChart.Dot(i, 100 * ratios.get(i)))
                .toList();
    }
}
