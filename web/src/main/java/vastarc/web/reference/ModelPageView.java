package vastarc.web.reference;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.commonmark.Extension;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.node.Heading;
import org.commonmark.node.Link;
import org.commonmark.node.Node;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.html.AttributeProvider;
import org.commonmark.renderer.html.HtmlRenderer;
import org.springframework.util.StringUtils;
import vastarc.core.reference.ModelPages;
import vastarc.core.reference.ModelPages.ModelPage;
import vastarc.web.layout.ModelAddress;

/**
 * A page of the model, finished for display.
 *
 * @param name  of the page
 * @param html  its text
 * @param pages the others, in order
 */
public record ModelPageView(String name, String html, List<ModelLink> pages) {

    private static final List<Extension> EXTENSIONS = List.of(TablesExtension.create());
    private static final Parser PARSER = Parser.builder().extensions(EXTENSIONS).build();
    private static final HtmlRenderer RENDERER = HtmlRenderer.builder()
            .extensions(EXTENSIONS)
            .escapeHtml(true)
            .attributeProviderFactory(context -> new Anchors())
            .build();
    private static final Pattern PAGE = Pattern.compile("([A-Za-z]+)\\.md(#eq-\\d+)?+");
    private static final Pattern NUMBER = Pattern.compile("^\\((\\d+)\\).*");

    /** A link to a page; the one that is shown is current. */
    public record ModelLink(String href, String text, boolean current) {}

    static ModelPageView of(ModelPage page) {
        return new ModelPageView(
                page.name(),
                RENDERER.render(PARSER.parse(page.text())),
                ModelPages.all().stream()
                        .map(other -> new ModelLink(ModelAddress.of(other.name()), title(other), other.equals(page)))
                        .toList());
    }

    private static String title(ModelPage page) {
        return page.name().equals(ModelPages.INDEX) ? "Model" : StringUtils.capitalize(page.name());
    }

    /** Gives each numbered heading its place, and each link to another page its address here. */
    private static final class Anchors implements AttributeProvider {

        @Override
        public void setAttributes(Node node, String tag, Map<String, String> attributes) {
            if (node instanceof Heading heading) {
                number(heading).ifPresent(number -> attributes.put("id", ModelAddress.anchor(number)));
            }
            if (node instanceof Link link) {
                Matcher page = PAGE.matcher(link.getDestination());
                if (page.matches()) {
                    attributes.put(
                            "href", ModelAddress.of(page.group(1)) + Objects.requireNonNullElse(page.group(2), ""));
                }
            }
        }

        private static Optional<String> number(Heading heading) {
            if (heading.getFirstChild() instanceof Text text) {
                Matcher matcher = NUMBER.matcher(text.getLiteral());
                return matcher.matches() ? Optional.of(matcher.group(1)) : Optional.empty();
            }
            return Optional.empty();
        }
    }
}
