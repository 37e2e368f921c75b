package vastarc.web.store.run;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import vastarc.core.advice.plan.SheetDocument;
import vastarc.core.record.weldlog.Channel;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.core.record.weldlog.Recording;
import vastarc.core.record.weldlog.RunEvent;
import vastarc.web.store.document.Document;
import vastarc.web.store.document.SheetDocuments;
import vastarc.web.store.run.RunRecordRepository.RunRecordText;

/** What belongs to a run and grows with it: events, readings, its sheet and record; for transactions of the store's. */
@Component
class WeldRunData {

    private static final int MOST_IN_A_ROW = 100_000;

    private final RunEventRepository events;
    private final RunReadingsRepository readings;
    private final RunRecordRepository records;
    private final RunSheetRepository sheets;

    WeldRunData(
            RunEventRepository events,
            RunReadingsRepository readings,
            RunRecordRepository records,
            RunSheetRepository sheets) {
        this.events = events;
        this.readings = readings;
        this.records = records;
        this.sheets = sheets;
    }

    List<RunEvent> events(UUID run) {
        return events.ofRun(run).stream().map(RunEventRow::event).toList();
    }

    void add(UUID run, RunEvent event, Optional<UUID> key) {
        events.save(new RunEventRow(run, events.last(run) + 1, event, key));
    }

    /** Whether an event of this name has been kept, of whatever run. */
    boolean isKept(UUID key) {
        return events.existsByKey(key);
    }

    /** All events of a run that has none yet. */
    void addAll(UUID run, List<RunEvent> happened) {
        for (int i = 0; i < happened.size(); i++) {
            events.save(new RunEventRow(run, i + 1, happened.get(i), Optional.empty()));
        }
    }

    void add(UUID run, MeasuredQuantity kind, Channel channel) {
        add(run, kind, channel, readings.last(run, kind));
    }

    /** All readings of a run that has none yet. */
    void addAll(UUID run, Map<MeasuredQuantity, Channel> channels) {
        channels.forEach((kind, channel) -> add(run, kind, channel, 0));
    }

    /** Many readings come in several rows. */
    private void add(UUID run, MeasuredQuantity kind, Channel channel, int last) {
        int seq = last;
        for (int from = 0; from < channel.size(); from += MOST_IN_A_ROW) {
            Channel part = channel.part(from, Math.min(channel.size(), from + MOST_IN_A_ROW) - 1);
            readings.save(new RunReadings(run, ++seq, kind, part));
        }
    }

    /** How many readings are stored of a quantity. */
    long count(UUID run, MeasuredQuantity kind) {
        return readings.bytes(run, kind) / RunReadings.BYTES;
    }

    Recording trace(UUID run) {
        Map<MeasuredQuantity, List<byte[]>> parts = new EnumMap<>(MeasuredQuantity.class);
        readings.ofRun(run)
                .forEach(row -> parts.computeIfAbsent(row.getId().kind(), kind -> new ArrayList<>())
                        .add(row.packed()));
        Map<MeasuredQuantity, Channel> channels = new EnumMap<>(MeasuredQuantity.class);
        parts.forEach((kind, packed) -> channels.put(kind, RunReadings.unpacked(packed)));
        return new Recording(channels);
    }

    Optional<Document<RunRecord>> record(UUID run) {
        return records.findById(run).map(RunRecordRow::record);
    }

    /** What some runs were welded with and how it went, as stored, by run. */
    Map<UUID, String> recordTexts(Collection<UUID> runs) {
        return records.findByRunIdIn(runs).stream()
                .collect(Collectors.toMap(RunRecordText::runId, RunRecordText::record));
    }

    /** What happened in some runs, in order, by run. */
    Map<UUID, List<RunEvent>> events(Collection<UUID> runs) {
        return events.ofRuns(runs).stream()
                .collect(Collectors.groupingBy(
                        row -> row.getId().runId(), Collectors.mapping(RunEventRow::event, Collectors.toList())));
    }

    /** Which of some runs have readings. */
    Set<UUID> withReadings(Collection<UUID> runs) {
        return readings.withReadings(runs);
    }

    void put(UUID run, Document<RunRecord> record) {
        records.save(new RunRecordRow(run, record));
    }

    /** Stores a sheet, once for all runs that were welded by the same. */
    UUID put(SheetDocument sheet) {
        String text = SheetDocuments.FORMAT.write(sheet);
        UUID id = RunSheet.idOf(text);
        put(id, text);
        return id;
    }

    void put(UUID id, String sheet) {
        if (sheets.hold(id).isEmpty()) {
            sheets.saveAndFlush(new RunSheet(id, sheet));
        }
    }

    Optional<Document<SheetDocument>> sheet(UUID id) {
        return sheets.findById(id).map(RunSheet::text).map(SheetDocuments.FORMAT::read);
    }

    /** Every sheet that runs were welded by; within a transaction of the caller's. */
    void sheets(BiConsumer<UUID, String> taker) {
        try (Stream<RunSheet> all = sheets.streamAllByOrderById()) {
            all.forEach(sheet -> taker.accept(sheet.getId(), sheet.text()));
        }
    }

    void forgetReadings(UUID run) {
        readings.deleteOfRun(run);
    }

    /** The sheet that a run was welded by, as far as its record tells. */
    Optional<UUID> sheetOf(UUID run) {
        return records.findById(run).map(RunRecordRow::sheet);
    }

    /** A sheet goes with the last run welded by it. It is held first: a run that is being kept at this moment is waited for, and then counts. */
    void forgetUnused(UUID sheet) {
        sheets.hold(sheet);
        sheets.deleteUnused(sheet);
    }
}
