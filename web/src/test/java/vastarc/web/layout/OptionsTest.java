package vastarc.web.layout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.templateresolver.StringTemplateResolver;

class OptionsTest {

    private static final List<Choice> CHOICES =
            List.of(new Choice("", "no torch", false), new Choice("T \"1\"", "<b>Bench</b> & booth", true));

    @Test
    void aSelectGetsAnOptionForEveryChoiceAndKeepsItsOwnAttributes() {
        assertThat(
                        written(
                                "<select class=\"input\" th:name=\"${name}\" choose:options=\"${choices}\"><option>as drawn</option></select>"))
                .isEqualTo(
                        "<select class=\"input\" name=\"torch\"><option value=\"\">no torch</option>"
                                + "<option value=\"T &quot;1&quot;\" selected=\"selected\">&lt;b&gt;Bench&lt;/b&gt; &amp; booth</option></select>");
    }

    @Test
    void noChoiceNoOption() {
        assertThat(written("<select choose:options=\"${none}\"></select>")).isEqualTo("<select></select>");
    }

    /** The library's own way of writing the same list, attribute by attribute. */
    @Test
    void itIsWrittenAsTheTemplatesOwnAttributesWouldWriteIt() {
        String each =
                "<select><option th:each=\"choice : ${choices}\" th:value=\"${choice.value}\" th:selected=\"${choice.selected}\""
                        + " th:text=\"${choice.label}\"></option></select>";
        assertThat(written("<select choose:options=\"${choices}\"></select>")).isEqualTo(written(each));
    }

    private static String written(String template) {
        SpringTemplateEngine engine = new SpringTemplateEngine();
        engine.setTemplateResolver(new StringTemplateResolver());
        engine.addDialect(new Options());
        return engine.process(
                template, new Context(null, Map.of("name", "torch", "choices", CHOICES, "none", List.of())));
    }
}
