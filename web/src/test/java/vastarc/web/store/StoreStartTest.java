package vastarc.web.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.ApplicationContext;
import org.springframework.context.ApplicationListener;
import org.springframework.data.jpa.repository.JpaRepository;
import vastarc.web.SpringTest;
import vastarc.web.VastArcApplication;

/** Repositories are prepared when first asked: what is wrong with a query, or with the database, is found all the same. */
@SpringTest
class StoreStartTest {

    @Autowired
    private ApplicationContext program;

    @Test
    void everyStoreHasItsQueriesRead() {
        // Asked for the first time, a repository reads every one of its queries and fails at one that is wrong.
        assertThat(program.getBeansOfType(JpaRepository.class))
                .isNotEmpty()
                .allSatisfy((name, repository) -> assertThat(repository.count()).isNotNegative());
    }

    @Test
    void aDatabaseThatCannotBeBroughtUpToDateEndsTheStart() {
        SpringApplication start = new SpringApplication(VastArcApplication.class);
        AtomicBoolean opened = new AtomicBoolean();
        start.addListeners((ApplicationListener<WebServerInitializedEvent>) door -> opened.set(true));
        assertThatThrownBy(() -> start.run(
                        "--spring.datasource.url=jdbc:h2:mem:halfway;INIT=create table job(id int)",
                        "--server.port=0",
                        "--logging.level.root=off"))
                .hasStackTraceContaining("non-empty schema");
        assertThat(opened).as("the door, before the database was ready").isFalse();
    }
}
