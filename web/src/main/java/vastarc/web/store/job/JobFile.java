package vastarc.web.store.job;

import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.advice.plan.SheetDocument;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.web.format.CoreJson;
import vastarc.web.format.Format;
import vastarc.web.store.document.SheetDocuments;

/** A job as one file, by {@code job.schema.json}: what was typed, and the sheet that came of it that day. */
public final class JobFile {

    private static final String KIND = "vast-arc-job";
    private static final int VERSION = 1;
    private static final String FORMAT = "format";
    private static final String CONTENT = "content";

    private JobFile() {}

    /** A job that came as a file. */
    public record ImportedJob(String name, String notes, JobContent content) {}

    /**
     * Of a job that can be read.
     *
     * @param job the job
     * @param sheet the sheet; empty if there is none
     * @return the figure
     */
    public static ObjectNode of(Job job, Optional<SheetDocument> sheet) {
        ObjectNode file = CoreJson.kept().createObjectNode();
        file.put(FORMAT, KIND);
        file.put("version", VERSION);
        file.put("name", job.name());
        file.put("notes", job.notes());
        file.set(CONTENT, JobFormat.FORMAT.content(job.content()));
        sheet.ifPresentOrElse(
                sheetDocument -> file.set("sheet", SheetDocuments.FORMAT.content(sheetDocument)),
                () -> file.putNull("sheet"));
        return file;
    }

    /**
     * {@return whether a text says of itself that it is one}
     *
     * @param text the text
     */
    public static boolean isOne(String text) {
        return text.stripLeading().startsWith("{") && text.contains(KIND);
    }

    /**
     * {@return the job of a file, or what is wrong with it}
     *
     * @param text the text
     */
    public static Outcome<ImportedJob> read(String text) {
        try {
            JsonNode file = CoreJson.kept().readTree(text);
            List<Problem> faults = Format.JOB.faults(file);
            if (!faults.isEmpty()) {
                return Outcome.failed(faults);
            }
            JobContent content = JobFormat.FORMAT.read(file.get(CONTENT), JobFormat.FORMAT.today());
            return content.joint().isSound() && content.purge().isSound()
                    ? Outcome.of(new ImportedJob(
                            file.get("name").asString(), file.get("notes").asString(), content))
                    : Outcome.failed(Problem.badValue(CONTENT, "schema", "it types what no joint has"));
        } catch (RuntimeException e) {
            // Whatever it stumbles over, it is the file that is wrong: nothing else is looked at here.
            return Outcome.failed(Problem.badValue(CONTENT, "schema", "it is not whole, or does not fit"));
        }
    }
}
