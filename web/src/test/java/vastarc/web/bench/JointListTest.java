package vastarc.web.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.input.WeldFields;
import vastarc.web.SpringTest;
import vastarc.web.service.JointList;
import vastarc.web.service.JointList.ListLine;
import vastarc.web.service.JointList.ListReport;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

/** Lists as shops write them: what can be read comes onto the bench, what cannot is given row by row. */
@SpringTest
class JointListTest {

    @Autowired
    private JointList list;

    @Autowired
    private JobStore jobs;

    @Autowired
    private MockMvc http;

    private Job job(ListLine line) {
        return jobs.find(UUID.fromString(line.job())).orElseThrow();
    }

    private void putAway(ListReport report) {
        report.lines().stream().filter(ListLine::isTaken).forEach(line -> jobs.delete(UUID.fromString(line.job())));
    }

    @Test
    void wordsAndUnitsOfAShopAreRead() {
        ListReport report = list.take("""
                Name;Metal;Thickness;Other thickness;Form;Filler;Position;Colour of hat
                Rail post;mild steel;1/8";;tee;yes;2F;red
                Tank lid;304;16 ga;;corner;none;;
                Pipe;SS;2 mm;;pipe;with;;
                """, UnitSystem.METRIC);
        assertThat(report.wrong()).isEmpty();
        assertThat(report.unknown()).containsExactly("Colour of hat");
        assertThat(report.lines()).extracting(ListLine::row).containsExactly(2, 3, 4);
        Job post = job(report.lines().get(0));
        assertThat(post.name()).isEqualTo("Rail post");
        assertThat(post.content().joint().text(WeldFields.MATERIAL)).contains("CARBON_STEEL");
        assertThat(post.content().joint().text(WeldFields.BASE)).contains("1/8\"");
        assertThat(post.content().joint().text(WeldFields.JOINT)).contains("T_FILLET");
        assertThat(report.lines().get(0).said()).endsWith(" A");
        assertThat(job(report.lines().get(1)).content().joint().text(WeldFields.WIRE))
                .contains("false");
        assertThat(report.lines().get(2).said()).endsWith(" A");
        putAway(report);
    }

    @Test
    void aRowMaySayItsJointInOneLineAndColumnsWin() {
        ListReport report = list.take(
                "text;thickness;name\n3 mm mild steel tee 2F pedal;;\n3 mm 304 lap;1.5 mm;Lid\n3 mm cheese tee;;\n",
                UnitSystem.METRIC);

        assertThat(report.lines()).extracting(ListLine::isTaken).containsExactly(true, true, false);
        Job tee = job(report.lines().get(0));
        assertThat(tee.name()).isEqualTo("Carbon steel T fillet 3 mm");
        assertThat(tee.content().joint().text(WeldFields.CONTROL)).contains("PEDAL");
        Job lid = job(report.lines().get(1));
        assertThat(lid.name()).isEqualTo("Lid");
        assertThat(lid.content().joint().text(WeldFields.BASE)).contains("1.5 mm");
        assertThat(report.lines().get(2).said()).contains("Not understood: cheese", "material is missing");
        putAway(report);
    }

    @Test
    void aRowThatCannotBeReadIsRefusedByItselfWithWhatWouldWork() {
        ListReport report = list.take(
                "metal,thickness,form\ncheese,2,lap\nsteel,thick,lap\nsteel,,lap\nsteel,2,lap\n", UnitSystem.METRIC);
        assertThat(report.taken()).isEqualTo(1);
        assertThat(report.lines()).extracting(ListLine::isTaken).containsExactly(false, false, false, true);
        assertThat(report.lines().get(0).said()).contains("“cheese” is not known", "carbon steel");
        assertThat(report.lines().get(1).said()).contains("thicknessMm[0]", "thick");
        assertThat(report.lines().get(2).said()).contains("thicknessMm[0] is missing");
        putAway(report);
    }

    @Test
    void jsonIsTakenAsWellAndWhatIsNoListIsSaid() {
        ListReport report = list.take(
                "[{\"name\":\"A\",\"material\":\"TITANIUM_GR2\",\"thicknessMm[0]\":1.2,\"joint\":\"LAP\",\"purged\":true}]",
                UnitSystem.METRIC);
        assertThat(report.taken()).isEqualTo(1);
        putAway(report);
        for (String none : List.of("", "[1,2", "metal,thickness,form\n", "[]", "x".repeat(400_001))) {
            assertThat(list.take(none, UnitSystem.METRIC).wrong())
                    .as(none.substring(0, Math.min(9, none.length())))
                    .isNotBlank();
        }
        String many = "metal,thickness,form\n" + "steel,2,lap\n".repeat(JointList.MOST + 1);
        assertThat(list.take(many, UnitSystem.METRIC).wrong()).contains("more than 200");
    }

    @Test
    void aHundredJointsBecomeAHundredJobsByCallAndByPage() throws Exception {
        String metals = "mild steel,304L,316,titanium,4130";
        String rows = IntStream.range(0, 100)
                .mapToObj(i -> "Part " + i + "," + metals.split(",")[i % 5] + "," + (1 + i % 4 * 0.5) + " mm,"
                        + List.of("butt", "lap", "tee", "corner").get(i % 4) + ",yes")
                .collect(Collectors.joining("\n"));
        String answer = http.perform(
                        post("/api/v1/joints").contentType("text/csv").content("name,metal,t,form,wire\n" + rows))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(answer).contains("\"taken\":100", "\"refused\":0");
        String page = http.perform(post("/joints")
                        .param("list", "metal,thickness,form\nsteel,2,lap\ncheese,2,lap")
                        .with(csrf()))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(page).contains("1 of 2 rows became jobs", "is not known");
        assertThat(http.perform(post("/api/v1/joints").contentType("text/csv").content("nonsense"))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(400);
        jobs.newest(101).forEach(job -> {
            if (job.name().startsWith("Part ") || job.name().startsWith("Row ")) {
                jobs.delete(job.id());
            }
        });
    }
}
