package vastarc.web.store.machine;

import jakarta.persistence.Converter;
import vastarc.web.store.document.DocumentConverter;

/** Answers in one column. */
@Converter
class CheckAnswersConverter extends DocumentConverter<CheckAnswers> {

    CheckAnswersConverter() {
        super(CheckAnswers.FORMAT);
    }
}
