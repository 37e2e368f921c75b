package vastarc.web.purge;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.physics.purge.LeakFit.OxygenReading;
import vastarc.core.physics.purge.PurgePart;
import vastarc.core.physics.purge.PurgePlan;
import vastarc.web.request.PurgeReader;
import vastarc.web.request.PurgeReader.ParsedPurge;
import vastarc.web.service.OxygenLog;
import vastarc.web.store.job.Job;
import vastarc.web.store.register.PaperUses.ChosenPaper;

/** A purge as a record to keep, by {@code purge.schema.json}: what was filled, how, what was read, when it was reached and who said so. */
final class PurgeRecord {

    private PurgeRecord() {}

    static Map<String, Object> of(Job job, SetupSheet sheet, List<ChosenPaper> meters) {
        ParsedPurge read = PurgeReader.read(job.content().purge(), sheet);
        Map<String, Object> record = new LinkedHashMap<>();
        record.put("format", "vast-arc-purge");
        record.put("version", 2);
        record.put("job", job.name());
        record.put("told", new TreeMap<>(job.content().purge().texts()));
        record.put("parts", read.parts().stream().map(PurgeRecord::part).toList());
        OxygenLog log = OxygenLog.of(job.content().purge());
        record.put(
                "readings",
                log.readings().stream().map(reading -> reading(log, reading)).toList());
        record.put("meters", meters.stream().map(PurgeRecord::meter).toList());
        read.plan().ifPresent(plan -> figures(plan, record));
        return record;
    }

    /** A part as the call for a purge takes it. */
    private static Map<String, Object> part(PurgePart part) {
        Map<String, Object> fields = new LinkedHashMap<>();
        fields.put("kind", part.kind());
        fields.putAll(part.figures());
        return fields;
    }

    private static Map<String, Object> reading(OxygenLog log, OxygenReading reading) {
        Map<String, Object> fields = new LinkedHashMap<>();
        log.at(reading).ifPresent(at -> fields.put("at", at.toString()));
        fields.put("s", reading.s());
        fields.put("ppm", reading.ppm());
        return fields;
    }

    private static Map<String, Object> meter(ChosenPaper meter) {
        return Map.of("number", meter.number(), "what", meter.what());
    }

    private static void figures(PurgePlan plan, Map<String, Object> record) {
        record.put("volumeL", plan.purge().volumeL());
        record.put("flowLPerMin", plan.ask().flow());
        record.put("targetPpm", plan.ask().targetPpm());
        plan.purge().mixedS().ifPresent(s -> record.put("mixedS", s));
        plan.waitS().ifPresent(s -> record.put("readyS", s));
        record.put("holdFlowLPerMin", plan.hold().value());
    }
}
