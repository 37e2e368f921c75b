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

    JobPlanner(ShopStore shop) {
        this.shop = shop;
    }

    public ShopWays ways() {
        return shop.ways();
    }

    public JobPlan plan(Job job) {
        return plan(job.content());
    }

    public JobPlan plan(JobContent content) {
        return JobPlan.of(content, shop.ways());
    }
}
