package vastarc.web.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import vastarc.core.advice.sequence.Prices;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.shop.ShopSettings;
import vastarc.web.store.shop.ShopStore;

/** What the shop pays, and what a route costs by it. */
@SpringTest
class PricePagesTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private ShopStore shop;

    @Autowired
    private JobStore jobs;

    @AfterEach
    void theShopAsItWas() {
        shop.change(settings -> ShopSettings.usual());
    }

    private String send(MockHttpServletRequestBuilder request, String... pairs) throws Exception {
        for (int i = 0; i < pairs.length; i += 2) {
            request.param(pairs[i], pairs[i + 1]);
        }
        MockHttpServletResponse response =
                http.perform(request.with(csrf())).andReturn().getResponse();
        assertThat(response.getStatus()).isEqualTo(200);
        return response.getContentAsString();
    }

    private Job job(String name, String piece) throws Exception {
        Job job = jobs.create(
                name, "", Jobs.typed(Map.of("material", "CARBON_STEEL", "joint", "T_FILLET", Jobs.BASE, "3")));
        send(post("/jobs/" + job.id() + "/route"), "work.seamMm", "300", "work.piece", piece);
        return job;
    }

    @Test
    void pricesAreKeptAndEveryRouteCostsByThem() throws Exception {
        String piece = "Rack " + UUID.randomUUID();
        Job job = job("Rack post", piece);
        String address = "/jobs/" + job.id() + "/route";
        assertThat(send(get(address))).contains("id=\"no-prices\"").doesNotContain("id=\"cost\"");

        String stored =
                send(post("/shop/prices"), "money", "€", "argonPerM3", "9,5", "wire.ER70S-2", "14", "hour", "48");
        assertThat(stored).contains("Kept.", "value=\"9.5\"", "value=\"14\"");
        assertThat(shop.habits().prices().wirePerKg()).containsOnly(Map.entry("ER70S-2", 14.0));
        assertThat(shop.habits().prices().argonPerM3()).hasValue(9.5);
        assertThat(send(get(address)))
                .contains("id=\"cost\"", "Together", " €", "Left out, price missing: tungsten.")
                .doesNotContain("id=\"whole-piece\"", "id=\"no-prices\"");

        job("Rack foot", piece);
        assertThat(send(get(address))).contains("id=\"whole-piece\"", piece + ", 2 jobs one after another");
        assertThat(send(get("/"))).contains("class=\"piece-name\"", piece);
    }

    @Test
    void whatCannotBeReadIsMarkedAndNothingOfItIsKept() throws Exception {
        String page = send(post("/shop/prices"), "hour", "dear", "argonPerM3", "-3", "tungsten", "6");
        assertThat(page)
                .contains("Nothing was saved yet", "“dear”", "a price, such as 12", "value=\"dear\"", "value=\"-3\"")
                .contains("value=\"6\"");
        assertThat(shop.habits().prices()).isEqualTo(Prices.none());
        assertThat(send(post("/shop/prices"), "money", "crowns and pennies")).contains("value=\"crowns a\"");
    }

    @Test
    void whatIsShownCanBeKeptAgainAsItStands() throws Exception {
        send(post("/shop/prices"), "tungsten", "0.00004", "hour", "999999,5", "argonPerM3", "10.50");
        String shown = send(get("/shop/prices"));
        assertThat(shown).contains("value=\"0.00004\"", "value=\"999999.5\"", "value=\"10.5\"");
        assertThat(send(post("/shop/prices"), "tungsten", "0.00004", "hour", "999999.5"))
                .contains("Kept.");
        assertThat(shop.habits().prices().tungsten()).hasValue(0.00004);
    }

    @Test
    void twoWindowsKeepWhatEachHasChanged() throws Exception {
        send(post("/shop/prices"), "hour", "40", "tungsten", "5");
        send(post("/shop/prices"), "hour", "44", "was.hour", "40", "tungsten", "5", "was.tungsten", "5");
        send(post("/shop/prices"), "hour", "40", "was.hour", "40", "tungsten", "7", "was.tungsten", "5");
        assertThat(shop.habits().prices().hour()).isEqualTo(OptionalDouble.of(44));
        assertThat(shop.habits().prices().tungsten()).isEqualTo(OptionalDouble.of(7));
        send(post("/shop/prices"), "hour", "", "was.hour", "44", "tungsten", "7", "was.tungsten", "7");
        assertThat(shop.habits().prices().hour()).isEmpty();
    }
}
