package vastarc.web.format;

import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.advice.parameters.Range;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.record.procedure.ProcedureSheet;
import vastarc.core.record.procedure.ProcedureSheet.LineValue;
import vastarc.core.record.procedure.ProcedureSheet.MeasureValue;
import vastarc.core.record.procedure.ProcedureSheet.NamedValue;
import vastarc.core.record.procedure.ProcedureSheet.ProcedureLine;
import vastarc.core.record.procedure.ProcedureSheet.ProcedurePass;
import vastarc.core.record.procedure.ProcedureSheet.ProcedureSection;

/** A preliminary procedure as a document, as {@code procedure-sheet.schema.json} publishes it. */
public final class ProcedureSheetJson {

    private static final JsonMapper JSON = CoreJson.kept();

    private ProcedureSheetJson() {}

    /**
     * {@return the document}
     *
     * @param sheet the procedure sheet
     * @param job   what it is for
     * @param day   on which it was written, ISO 8601
     */
    public static ObjectNode of(ProcedureSheet sheet, String job, String day) {
        ObjectNode document = JSON.createObjectNode()
                .put("status", "PRELIMINARY")
                .put("job", job)
                .put("written", day);
        sheet.sections().forEach(section -> document.set(section.heading().apiName(), section(section)));
        var passes = document.putArray("passes");
        sheet.passes().forEach(pass -> passes.add(pass(pass)));
        var cautions = document.putArray("cautions");
        sheet.cautions().forEach(caution -> cautions.add(Phrasebook.say(caution.text(), UnitSystem.METRIC)));
        return document;
    }

    private static ObjectNode section(ProcedureSection section) {
        ObjectNode node = JSON.createObjectNode();
        section.lines().forEach(line -> put(node, line));
        return node;
    }

    private static void put(ObjectNode node, ProcedureLine line) {
        LineValue value = line.value();
        if (value instanceof NamedValue named) {
            node.put(line.field(), named.apiName());
        } else if (value instanceof MeasureValue measure) {
            measure.range()
                    .ifPresentOrElse(
                            range -> node.set(line.field(), range(range)),
                            () -> node.put(line.field(), CoreJson.rounded(measure.value())));
        }
    }

    private static ObjectNode range(Range range) {
        return JSON.createObjectNode()
                .put("value", CoreJson.rounded(range.value()))
                .put("low", CoreJson.rounded(range.low()))
                .put("high", CoreJson.rounded(range.high()));
    }

    private static ObjectNode pass(ProcedurePass pass) {
        ObjectNode node = JSON.createObjectNode()
                .put("number", pass.number())
                .put("kind", pass.kind().name());
        node.set("currentA", range(pass.currentRange()));
        pass.voltageV().ifPresent(volts -> node.put("voltageV", CoreJson.rounded(volts)));
        node.put("travelMmPerMin", CoreJson.rounded(pass.travelMmPerMin()));
        if (pass.wireMm() > 0) {
            node.put("fillerMm", pass.wireMm());
        }
        return node.put("heatInputKjPerMm", CoreJson.rounded(pass.heatInputKjPerMm()));
    }
}
