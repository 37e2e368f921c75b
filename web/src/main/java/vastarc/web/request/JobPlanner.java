package vastarc.web.request;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.springframework.stereotype.Component;
import vastarc.core.sheet.ShopWays;
import vastarc.web.kept.job.Job;
import vastarc.web.kept.job.JobContent;
import vastarc.web.kept.shop.ShopStore;

/** Plans jobs in this shop; the plans of the jobs last looked at are kept for when they are looked at again. */
@Component
public class JobPlanner {

    /** As many as one look goes through, and some more. */
    private static final int KEPT = 400;

    private final Cache<Asked, JobPlan> plans =
            Caffeine.newBuilder().maximumSize(KEPT).build();
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
        ShopWays ways = shop.ways();
        Asked asked = new Asked(
                content, content.machine().map(proven::at).map(ways::at).orElse(ways));
        return plans.get(asked, made -> JobPlan.of(made.content(), made.ways()));
    }

    /** All that a plan depends on. */
    private record Asked(JobContent content, ShopWays ways) {}
}
