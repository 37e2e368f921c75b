package vastarc.web.kept;

import java.util.concurrent.Callable;
import java.util.concurrent.Future;
import org.flywaydb.core.Flyway;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.context.event.ContextRefreshedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.task.AsyncTaskExecutor;
import org.springframework.orm.jpa.AbstractEntityManagerFactoryBean;
import org.springframework.stereotype.Component;

/**
 * The database is brought up to date and opened on a thread of its own while the pages are set up; the start waits for it at its end. See
 * docs/decisions/046-start.md.
 */
@Component
final class StoreStart implements BeanPostProcessor, FlywayMigrationStrategy {

    private @Nullable Flyway updates;
    private @Nullable AbstractEntityManagerFactoryBean store;

    /** Put off until the store is opened, which is later in the start and on the other thread. */
    @Override
    public void migrate(Flyway flyway) {
        updates = flyway;
    }

    @Override
    public Object postProcessBeforeInitialization(Object bean, String name) {
        if (bean instanceof AbstractEntityManagerFactoryBean opening) {
            store = opening;
            opening.setBootstrapExecutor(new OwnThread());
        }
        return bean;
    }

    /** A database that cannot be opened ends the start. */
    @EventListener(ContextRefreshedEvent.class)
    void await() {
        if (store != null) {
            store.getNativeEntityManagerFactory();
        }
    }

    private final class OwnThread implements AsyncTaskExecutor {

        @Override
        public void execute(Runnable task) {
            new Thread(task, "store").start();
        }

        @Override
        public <T> Future<T> submit(Callable<T> opening) {
            return AsyncTaskExecutor.super.submit(() -> {
                if (updates != null) {
                    updates.migrate();
                }
                return opening.call();
            });
        }
    }
}
