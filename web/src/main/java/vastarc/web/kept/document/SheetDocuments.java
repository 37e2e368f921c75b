package vastarc.web.kept.document;

import jakarta.persistence.Converter;
import java.util.List;
import vastarc.core.plan.SheetDocument;
import vastarc.web.format.CoreJson;

/** How a sheet is kept wherever it is kept alone; published as {@code sheet.schema.json}. */
public final class SheetDocuments {

    public static final DocumentFormat<SheetDocument> FORMAT =
            DocumentFormat.of("sheet", CoreJson.kept(), SheetDocument.class, List.of());

    private SheetDocuments() {}

    /** A sheet in one column. */
    @Converter
    public static class InColumn extends DocumentConverter<SheetDocument> {

        public InColumn() {
            super(FORMAT);
        }
    }
}
