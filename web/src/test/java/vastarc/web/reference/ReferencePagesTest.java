package vastarc.web.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import jakarta.servlet.http.Cookie;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.material.Material;
import vastarc.core.reference.ModelPages;
import vastarc.core.reference.ModelPages.ModelEquation;
import vastarc.core.reference.ModelPages.ModelPage;
import vastarc.web.SpringTest;
import vastarc.web.layout.ModelAddress;
import vastarc.web.store.machine.MachineStore;

@SpringTest
class ReferencePagesTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private MachineStore machines;

    private String send(MockHttpServletRequestBuilder request) throws Exception {
        return http.perform(request).andReturn().getResponse().getContentAsString();
    }

    @Test
    void theReferenceDrawsEveryPositionAndSpeaksTheReadersUnits() throws Exception {
        for (Position position : Position.values()) {
            assertThat(send(get("/reference"))).contains(position.letters() + ": ");
        }
        assertThat(send(get("/reference/terms"))).contains("Three frequencies that are not one");
        assertThat(send(get("/reference/tables").cookie(new Cookie("units", "inch"))))
                .contains("ft³/h", "16 ga")
                .doesNotContainPattern("class=\"fig\">[^<]* mm<");
    }

    @ParameterizedTest
    @EnumSource(ReferencePart.class)
    void everyPartIsAPageThatMarksItsPlace(ReferencePart part) throws Exception {
        assertThat(send(get(part.address())))
                .containsPattern("href=\"" + part.address() + "\"\\s+aria-current=\"page\"")
                .contains("id=\"sift\"", "data-sifted");
    }

    @Test
    void aPartThatIsNotThereIsSaidSo() throws Exception {
        assertThat(http.perform(get("/reference/none"))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(404);
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void theChartHasACellForEveryThicknessAndJoint(Material material) throws Exception {
        String page = send(get("/chart").param("metal", material.name()));

        assertThat(Pattern.compile("<td").matcher(page).results().count()).isEqualTo(120);
        String table = send(get("/chart.csv").param("metal", material.name()));
        assertThat(table.split("\r\n")).hasSize(121);
        assertThat(table)
                .startsWith("material,joint,thickness_mm,working_current_a")
                .contains(material + ",LAP,2.0,");
    }

    @Test
    void aMachinesChartMarksWhatIsBeyondIt() throws Exception {
        String yard = machines.machines().stream()
                .filter(machine -> machine.name().equals("Yard generator set"))
                .findFirst()
                .orElseThrow()
                .id()
                .toString();

        assertThat(send(get("/chart").param("machine", yard))).contains("on Yard generator set", "beyond the machine");
        assertThat(send(get("/chart").param("machine", "nonsense").param("metal", "LEAD")))
                .contains("carbon steel");
    }

    /** From a number's reason on the page to its equation: every link is there, and what it points at. */
    @Test
    void theEquationOfEverySettingIsOneLinkAway() throws Exception {
        String reference = send(get("/reference/settings"));
        Map<String, String> pages = new HashMap<>();
        for (ModelPage page : ModelPages.all()) {
            pages.put(page.name(), send(get("/reference/model/" + page.name())));
        }
        for (ParameterKey key : ParameterKey.values()) {
            ModelEquation equation = ModelPages.of(key).orElseThrow();
            assertThat(reference).contains("href=\"" + ModelAddress.of(equation) + "\"");
            assertThat(pages.get(equation.page()))
                    .as(key.apiName())
                    .contains("id=\"eq-" + equation.number() + "\"", equation.title());
        }
    }

    @Test
    void thePagesOfTheModelLinkToEachOther() throws Exception {
        Map<String, String> pages = new HashMap<>();
        for (ModelPage page : ModelPages.all()) {
            pages.put(page.name(), send(get("/reference/model/" + page.name())));
        }
        for (ModelPage page : ModelPages.all()) {
            String shown = pages.get(page.name());
            Matcher link = Pattern.compile("href=\"/reference/model/([a-z]+)(?:#(eq-\\d+))?\"")
                    .matcher(shown);
            while (link.find()) {
                String there = pages.get(link.group(1));
                assertThat(there).as(page.name() + " to " + link.group()).contains("<h1>");
                if (link.group(2) != null) {
                    assertThat(there).as(page.name() + " to " + link.group()).contains("id=\"" + link.group(2) + "\"");
                }
            }
            assertThat(shown).doesNotContain(".md\"");
        }
        assertThat(http.perform(get("/reference/model/none"))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(404);
    }
}
