package vastarc.web.store.job;

import jakarta.persistence.Converter;
import vastarc.web.store.document.DocumentConverter;

/** A job's content in one column. */
@Converter
class JobConverter extends DocumentConverter<JobContent> {

    JobConverter() {
        super(JobFormat.FORMAT);
    }
}
