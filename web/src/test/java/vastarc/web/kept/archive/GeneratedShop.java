package vastarc.web.kept.archive;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.UUID;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Practice;
import vastarc.core.joint.Weld;
import vastarc.core.machine.DialReading;
import vastarc.core.machine.TorchProfile;
import vastarc.core.material.Material;
import vastarc.core.plan.Engine;
import vastarc.core.plan.WeldPlan;
import vastarc.core.rehearsal.Hand;
import vastarc.core.rehearsal.Quality;
import vastarc.core.rehearsal.Rehearsal;
import vastarc.core.rehearsal.RehearsalAsk;
import vastarc.core.rehearsal.RehearsalRun;
import vastarc.core.rehearsal.Setup;
import vastarc.core.rehearsal.Verdict;
import vastarc.core.route.Prices;
import vastarc.core.score.ScoreKey;
import vastarc.core.sheet.School;
import vastarc.core.sheet.ShopWays;
import vastarc.core.wording.Phrase;
import vastarc.web.Jobs;
import vastarc.web.kept.job.Job;
import vastarc.web.kept.job.JobStore;
import vastarc.web.kept.machine.Machine;
import vastarc.web.kept.machine.MachineStore;
import vastarc.web.kept.machine.Torch;
import vastarc.web.kept.rehearsal.RehearsalRecord;
import vastarc.web.kept.rehearsal.RehearsalStore;
import vastarc.web.kept.shop.ShopStore;

/** Fills a shop with all that can be kept, by a seed. */
final class GeneratedShop {

    private final JobStore jobs;
    private final MachineStore machines;
    private final ShopStore shop;
    private final RehearsalStore rehearsals;
    private final MockMvc http;

    private static final RehearsalRecord REHEARSED = rehearsed();

    /** A short weld, really rehearsed. */
    private static RehearsalRecord rehearsed() {
        Weld weld = new Weld(Joint.of(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 2), Practice.usual());
        RehearsalAsk ask = Setup.of(WeldPlan.Ask.of(weld, ShopWays.usual()), Quality.LIVE)
                .own(ScoreKey.SEAM_LENGTH, 16)
                .ask()
                .value()
                .orElseThrow();
        Rehearsal made = RehearsalRun.of(ask);
        return new RehearsalRecord(
                Engine.version(),
                weld,
                70.5,
                16,
                Phrase.of("rehearsal.as.sheet"),
                Hand.steady(),
                Quality.LIVE,
                40,
                made,
                Verdict.of(ask, made),
                RehearsalRecord.Asked.nothing(),
                List.of());
    }

    GeneratedShop(JobStore jobs, MachineStore machines, ShopStore shop, RehearsalStore rehearsals, MockMvc http) {
        this.jobs = jobs;
        this.machines = machines;
        this.shop = shop;
        this.rehearsals = rehearsals;
        this.http = http;
    }

    void fill(Random random) throws Exception {
        shop.change(habits -> habits.with(random.nextBoolean() ? School.PRE_FLOW_SHORT : School.PRE_FLOW_LONG)
                .stocked(random.nextBoolean() ? List.of(1.6, 2.4) : List.of(), List.of(8), List.of(1.2))
                .paying(
                        random.nextBoolean() ? "€" : "",
                        new Prices(
                                random.nextBoolean() ? OptionalDouble.of(9.5) : OptionalDouble.empty(),
                                random.nextBoolean() ? Map.of("ER70S-2", 14.25, "ERTi-2", 180.0) : Map.of(),
                                OptionalDouble.empty(),
                                OptionalDouble.of(random.nextInt(80)))));
        for (int i = 0; i < 1 + random.nextInt(3); i++) {
            machines.create(new Torch.TorchForm(
                    "Torch " + i, TorchProfile.Cooling.AIR, 100 + random.nextInt(100), 60, 4, 4, random.nextBoolean()));
        }
        List<Machine> all = machines.machines();
        Machine machine = all.get(random.nextInt(all.size()));
        for (int i = 0; i < random.nextInt(5); i++) {
            machines.read(machine.id(), "amps", 0, new DialReading(random.nextDouble(), 50 + i), random.nextBoolean());
        }
        for (int i = 0; i < 2 + random.nextInt(6); i++) {
            Job job = jobs.create("Jöb “" + i + "” \u0001", "notes\n" + i, Jobs.lapUnderTheTrigger());
            post("/jobs/" + job.id() + "/panel", Map.of("machine", machine.id().toString(), "version", "0"));
            post("/jobs/" + job.id() + "/panel/done", Map.of());
            post("/jobs/" + job.id() + "/panel/check", Map.of("item", "gas", "answer", "YES"));
            post("/jobs/" + job.id() + "/panel/slot", Map.of("slot", String.valueOf(1 + random.nextInt(3))));
            if (random.nextBoolean()) {
                post("/jobs/" + job.id() + "/sheet/proven", Map.of());
            }
            for (int of = 0; of < random.nextInt(3); of++) {
                rehearsals.keep(new UUID(random.nextLong(), random.nextLong()), job.id(), REHEARSED);
            }
            if (random.nextInt(3) == 0) {
                jobs.delete(job.id());
            }
        }
        if (all.size() > 3 && random.nextBoolean()) {
            machines.delete(all.get(0).id());
        }
    }

    private void post(String address, Map<String, String> fields) throws Exception {
        MockHttpServletRequestBuilder request =
                MockMvcRequestBuilders.post(address).with(csrf());
        fields.forEach(request::param);
        http.perform(request);
    }
}
