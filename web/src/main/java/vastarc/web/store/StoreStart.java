package vastarc.web.store;

import java.util.concurrent.Callable;
import java.util.concurrent.Future;
import org.flywaydb.core.Flyway;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.context.SmartLifecycle;
import org.springframework.core.task.AsyncTaskExecutor;
import org.springframework.orm.jpa.AbstractEntityManagerFactoryBean;
import org.springframework.stereotype.Component;

/**
 * The database is brought up to date and opened on a thread of its own while the pages are set up; the door opens only when that is done. See
 * docs/decisions/046-start.md.
 */
@Component
final class StoreStart implements BeanPostProcessor, FlywayMigrationStrategy, SmartLifecycle {

    private @Nullable Flyway updates;
    private @Nullable AbstractEntityManagerFactoryBean store;
    private boolean running;

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

    /** Waits for the database; one that cannot be opened ends the start. */
    @Override
    public void start() {
        if (store != null) {
            store.getNativeEntityManagerFactory();
        }
        running = true;
    }

    @Override
    public void stop() {
        running = false;
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    /** Before the web server, whose phase is one of the last: nobody works on a shop that is being brought up to date. */
    @Override
    public int getPhase() {
        return 0;
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
