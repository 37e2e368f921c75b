package vastarc.web.sheet;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.apache.poi.xwpf.usermodel.XWPFRun;
import org.apache.poi.xwpf.usermodel.XWPFTable;
import org.apache.poi.xwpf.usermodel.XWPFTableRow;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;
import vastarc.web.layout.ParameterView.FigureLine;
import vastarc.web.sheet.ProcedureSheetPage.PassRow;
import vastarc.web.sheet.ProcedureSheetPage.SectionView;

/** A preliminary procedure as a text document, to be gone on with in the shop's own letterhead. */
@Component
class ProcedureDocx {

    /** Its media type. */
    static final String TYPE = "application/vnd.openxmlformats-officedocument.wordprocessingml.document";

    private static final int TITLE_PT = 18;
    private static final int HEADING_PT = 12;
    private static final List<String> COLUMNS = List.of(
            "procedure.pass",
            "procedure.current",
            "procedure.range",
            "procedure.voltage",
            "procedure.travel",
            "procedure.filler",
            "procedure.heat");

    private final MessageSource messages;

    ProcedureDocx(MessageSource messages) {
        this.messages = messages;
    }

    byte[] of(ProcedureSheetPage page) {
        try (XWPFDocument document = new XWPFDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            paragraph(document, message("procedure.preliminary"), TITLE_PT);
            paragraph(document, page.job() + ", " + page.written(), HEADING_PT);
            text(document, message("procedure.status"));
            page.sections().forEach(section -> section(document, section));
            paragraph(document, message("procedure.passes"), HEADING_PT);
            passes(document, page.passes());
            paragraph(document, message("procedure.cautions"), HEADING_PT);
            page.cautions().forEach(caution -> text(document, caution));
            text(document, message("procedure.signed"));
            document.write(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private String message(String key) {
        return messages.getMessage(key, null, java.util.Locale.ENGLISH);
    }

    private static void paragraph(XWPFDocument document, String words, int pt) {
        XWPFParagraph paragraph = document.createParagraph();
        XWPFRun run = paragraph.createRun();
        run.setBold(true);
        run.setFontSize(pt);
        run.setText(words);
    }

    private static void text(XWPFDocument document, String words) {
        document.createParagraph().createRun().setText(words);
    }

    private static void section(XWPFDocument document, SectionView section) {
        paragraph(document, section.name(), HEADING_PT);
        XWPFTable table = document.createTable(section.lines().size(), 2);
        table.setWidth("100%");
        for (int row = 0; row < section.lines().size(); row++) {
            FigureLine line = section.lines().get(row);
            cells(table.getRow(row), List.of(line.name(), line.value()));
        }
    }

    private void passes(XWPFDocument document, List<PassRow> passes) {
        XWPFTable table = document.createTable(passes.size() + 1, COLUMNS.size());
        table.setWidth("100%");
        cells(table.getRow(0), COLUMNS.stream().map(this::message).toList());
        for (int row = 0; row < passes.size(); row++) {
            PassRow pass = passes.get(row);
            cells(
                    table.getRow(row + 1),
                    List.of(
                            pass.number() + " " + pass.kind(),
                            pass.current(),
                            pass.range(),
                            pass.voltage(),
                            pass.travel(),
                            pass.filler(),
                            pass.heat()));
        }
    }

    private static void cells(XWPFTableRow row, List<String> texts) {
        for (int cell = 0; cell < texts.size(); cell++) {
            row.getCell(cell).setText(texts.get(cell));
        }
    }
}
