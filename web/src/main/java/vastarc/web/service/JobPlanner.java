package vastarc.web.service;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.springframework.stereotype.Component;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.shop.ShopStore;

/** Plans jobs in this shop; the plans of the jobs last looked at are stored for when they are looked at again. */
@Component
public class JobPlanner {

    /** As many as one look goes through, and some more. */
    private static final int MAX_PLANS = 400;

    private final Cache<PlanKey, JobPlan> plans =
            Caffeine.newBuilder().maximumSize(MAX_PLANS).build();
    private final ShopStore shop;
    private final ProvenRuns proven;

    JobPlanner(ShopStore shop, ProvenRuns proven) {
        this.shop = shop;
        this.proven = proven;
    }

    /** {@return the shop's defaults, with the calibration of the machine where the job has one} */
    public ShopDefaults shopDefaults() {
        return shop.defaults();
    }

    /**
     * {@return the plan of a job in this shop}
     *
     * @param job the job
     */
    public JobPlan plan(Job job) {
        return plan(job.content());
    }

    /**
     * {@return the plan of a job in this shop}
     *
     * @param content the content of the job
     */
    public JobPlan plan(JobContent content) {
        ShopDefaults ways = shop.defaults();
        PlanKey asked = new PlanKey(
                content, content.machine().map(proven::at).map(ways::at).orElse(ways));
        return plans.get(asked, made -> JobPlan.of(made.content(), made.shop()));
    }

    /** All that a plan depends on. */
    private record PlanKey(JobContent content, ShopDefaults shop) {}
}
