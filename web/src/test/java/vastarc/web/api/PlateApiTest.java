package vastarc.web.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.web.SpringTest;

@SpringTest
class PlateApiTest {

    private static final String PLATE = """
            {"material":{"k_w_mk":30,"rho_kg_m3":7800,"c_j_kgk":700,"solidus_c":1450,"liquidus_c":1500,"latent_kj_kg":200},
             "plate":{"length_mm":50,"width_mm":40,"thickness_mm":2},"initial_c":20,"ambient_c":20,"face_loss_w_m2k":50,
             "source":{"net_power_w":600,"radius_e2_mm":2.5,"start_x_mm":5,"end_x_mm":45,"travel_mm_s":3,"edge":"LOST",
             "pulse":{"rate_hz":2,"on_fraction":0.5,"peak_w":800,"background_w":300},"stop":{"begin_s":10,"ramp_s":1,"motion":"CONTINUE"}},
             "isotherms_c":[1450,1500],"at_s":[8],"at_arc_x_mm":[25],"stations_x_mm":[20],"probes":[{"x_mm":25,"y_mm":5,"z_mm":0}],
             "thresholds_c":[800,500.5],"end_s":20,"quality":"LIVE"}""";

    @Autowired
    private MockMvc http;

    private final JsonMapper json = JsonMapper.builder().build();

    private JsonNode post(String body, int status) throws Exception {
        MockHttpServletResponse response = http.perform(MockMvcRequestBuilders.post("/api/v1/rehearsal/plate")
                        .contentType("application/json")
                        .content(body))
                .andReturn()
                .getResponse();
        assertThat(response.getStatus()).as(response.getContentAsString()).isEqualTo(status);
        return json.readTree(response.getContentAsByteArray());
    }

    @Test
    void aPlateAnswersWhatItWasAsked() throws Exception {
        JsonNode plate = post(PLATE, 200);

        assertThat(plate.at("/instants/0/t_s").asDouble()).isCloseTo(20 / 3.0, withinPercentage(0.01));
        assertThat(plate.at("/instants/1/t_s").asDouble()).isEqualTo(8);
        assertThat(plate.at("/instants/1/arc_x_mm").asDouble()).isEqualTo(29);
        JsonNode pool = plate.at("/instants/1/isotherms/0");
        assertThat(pool.get("c").asDouble()).isEqualTo(1450);
        assertThat(pool.get("length_top_mm").asDouble())
                .isCloseTo(pool.get("front_mm").asDouble() + pool.get("tail_mm").asDouble(), withinPercentage(0.1));
        double bead = plate.at("/stations/0/isotherms/0/bead_top_mm").asDouble();
        assertThat(2 * bead).isBetween(3.0, 8.0);
        assertThat(plate.at("/stations/0/centre_top/passed_s").asDouble()).isEqualTo(5);
        assertThat(plate.at("/stations/0/centre_top/below_s/800").asDouble()).isPositive();
        assertThat(plate.at("/cycle/width_top_max_mm").asDouble())
                .isGreaterThan(plate.at("/cycle/width_top_min_mm").asDouble());
        assertThat(plate.at("/last_liquid/1/s").asDouble())
                .isPositive()
                .isLessThan(plate.at("/last_liquid/0/s").asDouble());
        assertThat(plate.at("/first_melt/top_s").asDouble())
                .isLessThan(plate.at("/first_melt/bottom_s").asDouble());
        double absorbed = plate.at("/energy/absorbed_j").asDouble();
        assertThat(plate.at("/energy/stored_j").asDouble()
                        + plate.at("/energy/lost_j").asDouble())
                .isCloseTo(absorbed, withinPercentage(0.5));
        assertThat(plate.at("/numerics/cell_updates_per_s").asDouble()).isPositive();
    }

    @Test
    void listsAndPulseAndStopMayBeLeftOut() throws Exception {
        JsonNode plate = post("""
                {"material":{"k_w_mk":30,"rho_kg_m3":7800,"c_j_kgk":700,"solidus_c":1450,"liquidus_c":1500},
                 "plate":{"length_mm":30,"width_mm":30,"thickness_mm":2},
                 "source":{"net_power_w":10,"radius_e2_mm":2.5,"start_x_mm":5,"end_x_mm":25,"travel_mm_s":3},"end_s":8,"quality":"LIVE"}""", 200);

        assertThat(plate.get("instants")).isEmpty();
        assertThat(plate.get("cycle").isNull()).isTrue();
        assertThat(plate.at("/first_melt/top_s").isNull()).isTrue();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            "thickness_mm":2          | "thickness_mm":0             | plate.thickness_mm
            "solidus_c":1450          | "solidus_c":1500             | material.liquidus_c
            "end_x_mm":45             | "end_x_mm":55                | source.end_x_mm
            "end_x_mm":45             | "end_x_mm":5                 | source.end_x_mm
            "stations_x_mm":[20]      | "stations_x_mm":[60]         | stations_x_mm
            "stations_x_mm":[20]      | "stations_x_mm":20           | stations_x_mm
            "at_s":[8]                | "at_s":[8,"x"]               | at_s[1]
            "y_mm":5                  | "y_mm":25                    | probes
            "probes":[{               | "probes":[3,{                | probes[0]
            "quality":"LIVE"          | "quality":"GOOD"             | quality
            "motion":"CONTINUE"       | "motion":"BACK"              | source.stop.motion
            "rate_hz":2               | "rate_hz":1e9                | source.pulse.rate_hz
            "net_power_w":600         | "net_power_w":NaN            | source.net_power_w
            "end_s":20                | "end_s":20,"extra":1         | extra
            """)
    void whatCannotBeUsedIsNamed(String good, String bad, String field) throws Exception {
        JsonNode refusal = post(PLATE.replace(good, bad), 400);

        assertThat(refusal.at("/errors/0/field").asString()).isEqualTo(field);
        assertThat(refusal.at("/errors/0/works").asString()).isNotBlank();
    }

    @Test
    void whatWouldTakeTooLongIsRefusedBeforeItBegins() throws Exception {
        JsonNode refusal = post(
                PLATE.replace("\"thickness_mm\":2", "\"thickness_mm\":0.4")
                        .replace("LIVE", "PROOF")
                        .replace("\"end_s\":20", "\"end_s\":2000"),
                400);

        assertThat(refusal.at("/errors/0/works").asString()).contains("coarser quality");
    }
}
