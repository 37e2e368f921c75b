package vastarc.web.store.archive;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.UUID;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.EngineVersion;
import vastarc.core.advice.plan.WeldPlan.PlanRequest;
import vastarc.core.advice.sequence.Prices;
import vastarc.core.base.text.Phrase;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.equipment.DialReading;
import vastarc.core.equipment.TorchProfile.TorchCooling;
import vastarc.core.simulation.SimulationSetup;
import vastarc.core.simulation.SimulationVerdict;
import vastarc.core.simulation.WeldSimulation;
import vastarc.core.simulation.mesh.MeshDetail;
import vastarc.core.simulation.request.SimulationRequest;
import vastarc.core.simulation.result.SimulationResult;
import vastarc.core.simulation.source.TorchOperator;
import vastarc.web.Jobs;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.machine.Machine;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.machine.Torch;
import vastarc.web.store.shop.ShopStore;
import vastarc.web.store.simulation.SimulationRecord;
import vastarc.web.store.simulation.SimulationRecord.SimulationChoices;
import vastarc.web.store.simulation.SimulationStore;

/** Fills a shop with all that can be kept, by a seed. */
final class GeneratedShop {

    private final JobStore jobs;
    private final MachineStore machines;
    private final ShopStore shop;
    private final SimulationStore rehearsals;
    private final MockMvc http;

    private static final SimulationRecord REHEARSED = rehearsed();

    /** A short weld, really simulated. */
    private static SimulationRecord rehearsed() {
        Weld weld = new Weld(Joint.of(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 2), WeldingConditions.usual());
        SimulationRequest request = SimulationSetup.of(PlanRequest.of(weld, ShopDefaults.usual()), MeshDetail.LIVE)
                .own(CycleKey.SEAM_LENGTH, 16)
                .ask()
                .value()
                .orElseThrow();
        SimulationResult made = WeldSimulation.of(request);
        return new SimulationRecord(
                EngineVersion.version(),
                weld,
                70.5,
                16,
                Phrase.of("rehearsal.as.sheet"),
                TorchOperator.steady(),
                MeshDetail.LIVE,
                40,
                made,
                SimulationVerdict.of(request, made),
                SimulationChoices.nothing(),
                List.of());
    }

    GeneratedShop(JobStore jobs, MachineStore machines, ShopStore shop, SimulationStore rehearsals, MockMvc http) {
        this.jobs = jobs;
        this.machines = machines;
        this.shop = shop;
        this.rehearsals = rehearsals;
        this.http = http;
    }

    void fill(Random random) throws Exception {
        shop.change(settings -> settings.with(random.nextBoolean() ? Method.PRE_FLOW_SHORT : Method.PRE_FLOW_LONG)
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
                    "Torch " + i, TorchCooling.AIR, 100 + random.nextInt(100), 60, 4, 4, random.nextBoolean()));
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
