package vastarc.web.job;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.ModelAndView;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.web.layout.Ids;
import vastarc.web.layout.Preferences;
import vastarc.web.service.JobMachines;
import vastarc.web.service.JobPlanner;
import vastarc.web.service.ShopProcedures;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.machine.Machine;

/** Gives every view of a job its strip, after the request has done what it was sent for, so that the strip shows the job as it is then. */
@Component
class JobStrips implements HandlerInterceptor {

    private final JobStore jobs;
    private final JobPlanner planner;
    private final JobMachines machines;
    private final ShopProcedures procedures;

    JobStrips(JobStore jobs, JobPlanner planner, JobMachines machines, ShopProcedures procedures) {
        this.procedures = procedures;
        this.jobs = jobs;
        this.planner = planner;
        this.machines = machines;
    }

    @Override
    public void postHandle(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable ModelAndView view) {
        if (view == null
                || !view.getModel().containsKey("page")
                || !(view.getModel().get("preferences") instanceof Preferences preferences)) {
            return;
        }
        id(request)
                .flatMap(jobs::onBench)
                .filter(job -> job.document().isReadable())
                .ifPresent(job -> view.addObject("strip", strip(job, preferences)));
    }

    private static Optional<UUID> id(HttpServletRequest request) {
        return request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE) instanceof Map<?, ?> names
                        && names.get("id") instanceof String id
                ? Ids.read(id)
                : Optional.empty();
    }

    /** A job whose joint nobody has chosen yet says no figures of it. */
    private JobStrip strip(Job job, Preferences preferences) {
        boolean asked = job.name().equals(Job.UNTITLED);
        Optional<Machine> chosen = machines.chosen(job.content());
        Optional<SetupSheet> sheet =
                asked ? Optional.empty() : planner.plan(job).sheet().value();
        return JobStrip.of(
                job.name(),
                job.content(),
                sheet,
                chosen.map(Machine::name).orElse(""),
                chosen.isEmpty() && machines.isThereAny(),
                sheet.map(made -> procedures.of(job.id(), made, preferences.units()))
                        .orElse(List.of()),
                preferences.units());
    }
}
