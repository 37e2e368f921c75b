package vastarc.web.kept.job;

import jakarta.persistence.Converter;
import vastarc.web.kept.document.DocumentConverter;

/** A job's content in one column. */
@Converter
class JobConverter extends DocumentConverter<JobContent> {

    JobConverter() {
        super(JobFormat.FORMAT);
    }
}
