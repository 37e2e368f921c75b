package vastarc.web.layout;

import java.util.Set;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.ITemplateContext;
import org.thymeleaf.dialect.AbstractProcessorDialect;
import org.thymeleaf.engine.AttributeName;
import org.thymeleaf.model.IProcessableElementTag;
import org.thymeleaf.processor.IProcessor;
import org.thymeleaf.processor.element.IElementTagStructureHandler;
import org.thymeleaf.standard.StandardDialect;
import org.thymeleaf.standard.processor.AbstractStandardExpressionAttributeTagProcessor;
import org.thymeleaf.templatemode.TemplateMode;
import org.unbescape.html.HtmlEscape;

/**
 * The options of a select from its {@link Choice}s: {@code <select choose:options="${choices}">}. Said once for every list of the pages, and
 * written in one go. See docs/decisions/047-templates.md.
 */
@Component
final class Options extends AbstractProcessorDialect {

    private static final String NAME = "options";

    Options() {
        super("choices", "choose", StandardDialect.PROCESSOR_PRECEDENCE);
    }

    @Override
    public Set<IProcessor> getProcessors(String prefix) {
        return Set.of(new Body(prefix));
    }

    /** What is in a select: an option for each choice, those chosen marked. */
    static String html(Iterable<?> choices) {
        StringBuilder html = new StringBuilder();
        for (Object item : choices) {
            Choice choice = (Choice) item;
            html.append("<option value=\"")
                    .append(escaped(choice.value()))
                    .append(choice.selected() ? "\" selected=\"selected\">" : "\">")
                    .append(escaped(choice.label()))
                    .append("</option>");
        }
        return html.toString();
    }

    private static String escaped(String text) {
        return HtmlEscape.escapeHtml4Xml(text);
    }

    private static final class Body extends AbstractStandardExpressionAttributeTagProcessor {

        Body(String prefix) {
            super(TemplateMode.HTML, prefix, NAME, StandardDialect.PROCESSOR_PRECEDENCE, true);
        }

        @Override
        protected void doProcess(
                ITemplateContext context,
                IProcessableElementTag select,
                AttributeName name,
                String expression,
                Object choices,
                IElementTagStructureHandler structure) {
            structure.setBody(html((Iterable<?>) choices), false);
        }
    }
}
