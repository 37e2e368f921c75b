package vastarc.web.panel;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.base.validation.Outcome;
import vastarc.core.equipment.DialCurve;
import vastarc.core.equipment.MachineChoice;
import vastarc.core.equipment.PanelPlan;
import vastarc.web.store.machine.JobPanel;
import vastarc.web.store.machine.Machine;
import vastarc.web.store.machine.Torch;

/**
 * A job on a machine: planned once, with the shop's machines loaded once.
 *
 * @param score    the job's score, or why it has none
 * @param machines of the shop
 * @param ranking  the machines by how they suit; empty without a weld cycle
 * @param machine  chosen for the job, or the one that suits best; empty without a weld cycle or machines
 * @param torch    fitted
 * @param curves   what meters said of the machine's dials
 * @param current  how its panel is set for the job
 * @param plan     where every control must be set; empty without a machine
 */
record JobOnPanel(
        Outcome<WeldCycle> score,
        List<Machine> machines,
        List<MachineChoice> ranking,
        Optional<Machine> machine,
        Optional<Torch> torch,
        Map<String, DialCurve> curves,
        Optional<JobPanel> current,
        Optional<PanelPlan> plan) {

    /** The same with the controls standing otherwise. */
    JobOnPanel withSettings(JobPanel panel) {
        JobOnPanel bare =
                new JobOnPanel(score, machines, ranking, machine, torch, curves, Optional.of(panel), Optional.empty());
        return bare.planned();
    }

    /** The same with every control put where the weld cycle wants it. */
    JobOnPanel planned() {
        Optional<PanelPlan> placed = machine.flatMap(own -> score.value()
                .map(played -> PanelPlan.of(
                        played,
                        own.profile(),
                        torch.map(Torch::profile),
                        curves,
                        current.orElseThrow().stands())));
        return new JobOnPanel(score, machines, ranking, machine, torch, curves, current, placed);
    }
}
