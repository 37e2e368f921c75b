package vastarc.web.request;

import org.springframework.stereotype.Component;
import vastarc.core.sheet.ShopWays;
import vastarc.web.kept.job.Job;
import vastarc.web.kept.job.JobContent;
import vastarc.web.kept.shop.ShopStore;

/** Plans jobs in this shop. */
@Component
public class JobPlanner {

    private final ShopStore shop;
    private final ProvenRuns proven;

    JobPlanner(ShopStore shop, ProvenRuns proven) {
        this.shop = shop;
        this.proven = proven;
    }

    public ShopWays ways() {
        return shop.ways();
    }

    public JobPlan plan(Job job) {
        return plan(job.content());
    }

    public JobPlan plan(JobContent content) {
        return plan(content, shop.ways());
    }

    /** In a shop of other ways; what its machine has proven counts there too. */
    public JobPlan plan(JobContent content, ShopWays ways) {
        return JobPlan.of(
                content, content.machine().map(proven::at).map(ways::at).orElse(ways));
    }
}
