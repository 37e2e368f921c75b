package vastarc.web.api;

import java.util.List;
import java.util.Map;
import vastarc.core.advice.sheet.Alternative;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.web.format.CoreJson;

/** Shape of a refusal, for the API description: RFC 9457 with every bad field. */
record ProblemAnswer(
        String type, String title, int status, String detail, String instance, List<Error> errors, List<WayOut> ways) {

    /** One bad field: what is wrong with it, and what would work. */
    record Error(String field, String wrong, String works) {}

    /** The nearest weld that has a sheet: fields to change, and the current of its first pass. */
    record WayOut(String says, Map<String, Object> change, double currentA, int passes) {

        static WayOut of(Alternative alternative) {
            return new WayOut(
                    Phrasebook.say(alternative.says(), UnitSystem.METRIC),
                    alternative.change(),
                    CoreJson.rounded(alternative.currentA()),
                    alternative.passes());
        }
    }
}
