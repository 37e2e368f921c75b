package vastarc.web.store.job;

import jakarta.persistence.PostUpdate;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/** Tells the program of every job that is changed, whatever changed it. */
@Component
class JobChangePublisher {

    private final ApplicationEventPublisher events;

    JobChangePublisher(ApplicationEventPublisher events) {
        this.events = events;
    }

    @PostUpdate
    void changed(Job job) {
        events.publishEvent(new JobChanged(job.id(), job.version(), !job.isDeleted()));
    }
}
