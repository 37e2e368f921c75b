package vastarc.web.kept.machine;

import jakarta.persistence.Converter;
import vastarc.web.kept.document.DocumentConverter;

/** Answers in one column. */
@Converter
class AnswersConverter extends DocumentConverter<Answers> {

    AnswersConverter() {
        super(Answers.FORMAT);
    }
}
