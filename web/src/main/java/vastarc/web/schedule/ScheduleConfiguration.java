package vastarc.web.schedule;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.scheduling.concurrent.ThreadPoolTaskScheduler;

/** Threads for what happens by the clock: live things have their own, so that no copy, however large the shop, makes them wait. */
@Configuration
public class ScheduleConfiguration {

    /** For what is given to open pages, and for simulated meters. */
    public static final String LINES = "lineScheduler";

    /** For copies of the shop and other work that may take minutes. */
    public static final String COPIES = "copyScheduler";

    @Bean
    @Primary
    ThreadPoolTaskScheduler taskScheduler() {
        return scheduler("clock-", 2);
    }

    @Bean(LINES)
    ThreadPoolTaskScheduler lineScheduler() {
        return scheduler("live-", 3);
    }

    @Bean(COPIES)
    ThreadPoolTaskScheduler copyScheduler() {
        return scheduler("copy-", 1);
    }

    private static ThreadPoolTaskScheduler scheduler(String name, int threads) {
        ThreadPoolTaskScheduler scheduler = new ThreadPoolTaskScheduler();
        scheduler.setThreadNamePrefix(name);
        scheduler.setPoolSize(threads);
        scheduler.setDaemon(true);
        return scheduler;
    }
}
