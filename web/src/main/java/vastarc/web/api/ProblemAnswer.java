package vastarc.web.api;

import java.util.List;

/** Shape of a refusal, for the API description: RFC 9457 with every bad field. */
record ProblemAnswer(String type, String title, int status, String detail, String instance, List<Error> errors) {

    /** One bad field: what is wrong with it, and what would work. */
    record Error(String field, String wrong, String works) {}
}
